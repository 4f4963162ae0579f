import { closeCipher, openCipher } from '@/core/formats/cipher';
import { NOT_OPENED, readSealed, SEALED_VERSION, type Sealed } from '@/core/formats/sealed';
import type { Failed } from '@/core/formats/json';
import { now } from './studio';

/**
 * Locks and opens a file's text with a passphrase, by the browser's own cryptography. The passphrase is kept nowhere.
 */

/** Rounds of the key (OWASP's advice of 2023 for PBKDF2 with SHA-256). */
const ITERATIONS = 600_000;

/** False where the browser gives no cryptography: at an address that is neither this machine nor https. */
export const canSeal = (): boolean => Boolean(globalThis.crypto?.subtle);

/** A text as a `kolpos/sealed` file. */
export async function seal(text: string, passphrase: string, iterations = ITERATIONS): Promise<string> {
  const { salt, iv, data } = await closeCipher(text, passphrase, iterations);
  const file: Sealed = {
    format: 'kolpos/sealed',
    version: SEALED_VERSION,
    sealedAt: now(),
    kdf: { name: 'PBKDF2-SHA-256', iterations, salt },
    cipher: { name: 'AES-256-GCM', iv },
    data,
  };
  return `${JSON.stringify(file, null, 2)}\n`;
}

/** The text inside a sealed file; what is wrong is told as with any file. */
export async function unseal(file: string, passphrase: string): Promise<{ ok: true; text: string } | Failed> {
  const read = readSealed(file);
  if (!read.ok) return read;
  const { kdf, cipher, data } = read.sealed;
  try {
    return { ok: true, text: await openCipher({ ...kdf, iv: cipher.iv, data }, passphrase) };
  } catch {
    return NOT_OPENED;
  }
}
