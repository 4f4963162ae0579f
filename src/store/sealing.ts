import { NOT_OPENED, readSealed, SEALED_VERSION, type Sealed } from '@/core/formats/sealed';
import type { Failed } from '@/core/formats/json';
import { now } from './studio';

/** Locks and opens a file's text with a passphrase, by the browser's own cryptography. The passphrase is kept nowhere. */

/** Rounds of the key (OWASP's advice of 2023 for PBKDF2 with SHA-256). */
const ITERATIONS = 600_000;

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

/** False where the browser gives no cryptography: at an address that is neither this machine nor https. */
export const canSeal = (): boolean => Boolean(globalThis.crypto?.subtle);

/** A text as a `kolpos/sealed` file. */
export async function seal(text: string, passphrase: string, iterations = ITERATIONS): Promise<string> {
  const salt = crypto.getRandomValues(new Uint8Array(16)),
    iv = crypto.getRandomValues(new Uint8Array(12));
  const key = await keyOf(passphrase, salt, iterations);
  const data = await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(text));
  const file: Sealed = {
    format: 'kolpos/sealed',
    version: SEALED_VERSION,
    sealedAt: now(),
    kdf: { name: 'PBKDF2-SHA-256', iterations, salt: toBase64(salt) },
    cipher: { name: 'AES-256-GCM', iv: toBase64(iv) },
    data: toBase64(new Uint8Array(data)),
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** The text inside a sealed file; what is wrong is told as with any file. */
export async function unseal(file: string, passphrase: string): Promise<{ ok: true; text: string } | Failed> {
  const read = readSealed(file);
  if (!read.ok) return read;
  const { kdf, cipher, data } = read.sealed;
  try {
    const key = await keyOf(passphrase, fromBase64(kdf.salt), kdf.iterations);
    const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: fromBase64(cipher.iv) }, key, fromBase64(data));
    return { ok: true, text: new TextDecoder().decode(plain) };
  } catch {
    return NOT_OPENED;
  }
}
