import { say } from '@/core/languages/spoken';
import { z } from 'zod';
import { fail, firstIssue, readJson, type Failed } from './json';

/** A record that only its passphrase opens: what is needed to work out the key, and the encrypted text. */

export const SEALED_VERSION = 1;
const base64 = z.string().regex(/^[A-Za-z0-9+/]+={0,2}$/, 'This is not base64.');

export const sealedSchema = z.object({
  format: z.literal('kolpos/sealed'),
  version: z.literal(SEALED_VERSION),
  sealedAt: z.iso.datetime(),
  /** Key from the passphrase: PBKDF2 with SHA-256. */
  kdf: z.object({
    name: z.literal('PBKDF2-SHA-256'),
    iterations: z.number().int().min(100_000).max(10_000_000),
    salt: base64.max(64),
  }),
  /** AES-256 in Galois counter mode; a change of a single bit is found. */
  cipher: z.object({ name: z.literal('AES-256-GCM'), iv: base64.max(32) }),
  data: base64,
});
export type Sealed = z.infer<typeof sealedSchema>;

/** True where a text says of itself that it is sealed; whether it can be read is another question. */
export function saysSealed(text: string): boolean {
  try {
    const data: unknown = JSON.parse(text);
    return typeof data === 'object' && data !== null && 'format' in data && data.format === 'kolpos/sealed';
  } catch {
    return false;
  }
}

/** Reads a sealed file's outside. Never throws; the first thing wrong is named with its place. */
export function readSealed(text: string): { ok: true; sealed: Sealed } | Failed {
  const json = readJson(text, 'kolpos/sealed', say('a locked Kolpos file'), SEALED_VERSION);
  if (!json.ok) return json;
  const parsed = sealedSchema.safeParse(json.data);
  return parsed.success ? { ok: true, sealed: parsed.data } : firstIssue(parsed.error);
}

/** What is said where a passphrase does not open a file: a wrong one and a damaged file cannot be told apart. */
export const NOT_OPENED: Failed = fail(
  'the passphrase',
  'It does not open this file. Look at capitals and blanks; if it is surely right, the file is damaged.',
);

/** Shortest passphrase that is taken. Ours. */
export const LEAST_PASSPHRASE = 10;
/** What is wrong with a passphrase, or null. */
export const passphraseProblem = (text: string): string | null =>
  text.length < LEAST_PASSPHRASE
    ? say('Take at least {{count}} letters, for example four words.', { count: LEAST_PASSPHRASE })
    : null;
