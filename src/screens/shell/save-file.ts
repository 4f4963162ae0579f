/** Hands a file to the browser's own way of saving. Browser only. */
export function saveFile(name: string, content: string | Blob, type = 'application/json'): void {
  const url = URL.createObjectURL(content instanceof Blob ? content : new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // Some browsers fetch the address only after the click has been handled.
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
