/**
 * A short word for a long text (FNV-1a, twice 32 bits): equal texts have equal ones. For telling that something
 * changed, not for secrets.
 */
export function digest(text: string): string {
  let a = 0x811c9dc5,
    b = 0x01000193;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    a = Math.imul(a ^ c, 0x01000193);
    b = Math.imul(b ^ c, 0x85ebca6b);
  }
  return `${(a >>> 0).toString(36)}-${(b >>> 0).toString(36)}`;
}
