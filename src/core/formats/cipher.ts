/**
 * Locking a text with a passphrase, by the platform's own cryptography: PBKDF2 with SHA-256 for the key, AES-256 in
 * Galois counter mode. Light, so that a page that plays at home needs nothing else to open what is locked.
 */

export interface Cipher {
  iterations: number;
  /** Base 64. */
  salt: string;
  iv: string;
  data: string;
}

const toBase64 = (bytes: Uint8Array): string => {
  let text = '';
  // In pieces: a whole file as arguments of one call would be too many.
  for (let i = 0; i < bytes.length; i += 0x8000) text += String.fromCharCode(...bytes.subarray(i, i + 0x8000));
  return btoa(text);
};
const fromBase64 = (text: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(text), (c) => c.charCodeAt(0));

async function keyOf(passphrase: string, salt: Uint8Array<ArrayBuffer>, iterations: number): Promise<CryptoKey> {
  const secret = await crypto.subtle.importKey(
    'raw',
    // The same words from another keyboard must be the same bytes.
    new TextEncoder().encode(passphrase.normalize('NFKC')),
    'PBKDF2',
    false,
    ['deriveKey'],
  );
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations },
    secret,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  );
}

/** A text locked, with a salt and a start of its own. */
export async function closeCipher(text: string, passphrase: string, iterations: number): Promise<Cipher> {
  const salt = crypto.getRandomValues(new Uint8Array(16)),
    iv = crypto.getRandomValues(new Uint8Array(12));
  const key = await keyOf(passphrase, salt, iterations);
  const data = await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(text));
  return { iterations, salt: toBase64(salt), iv: toBase64(iv), data: toBase64(new Uint8Array(data)) };
}

/** The text inside. Rejects where the passphrase is another one, or anything was changed. */
export async function openCipher({ iterations, salt, iv, data }: Cipher, passphrase: string): Promise<string> {
  const key = await keyOf(passphrase, fromBase64(salt), iterations);
  const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: fromBase64(iv) }, key, fromBase64(data));
  return new TextDecoder().decode(plain);
}
