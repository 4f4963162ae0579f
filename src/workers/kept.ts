import { digest } from '@/core/digest';

/**
 * Where results are kept beyond the life of a page. Whoever has a database gives one; without it everything is worked
 * out anew.
 */
export interface Keeper {
  get(kind: string, name: string): Promise<unknown>;
  put(kind: string, name: string, value: unknown): Promise<void>;
}
let keeper: Keeper | null = null;
/** Says where results are kept from now on. */
export const keepIn = (where: Keeper): void => void (keeper = where);

/**
 * Fingerprint of the code and data that compute, set when the application is built: what an older one computed is not
 * looked at. Empty in development, where nothing is kept.
 */
const MODEL = process.env.KOLPOS_MODEL ?? '';

/** A result with the whole question it answers: two questions may share a digest. */
interface Kept {
  question: string;
  value: unknown;
}
const nameOf = (question: string): string => `${MODEL}/${digest(question)}`;

/** The answer that is kept to a question; null where there is none, or it cannot be read. */
export async function kept<T>(kind: string, question: string): Promise<T | null> {
  if (!keeper || !MODEL) return null;
  const found = (await keeper.get(kind, nameOf(question)).catch(() => undefined)) as Kept | undefined;
  return found?.question === question ? (found.value as T) : null;
}

/**
 * The answer that is kept to a question, or a new one, which is kept. Null where the new one was given up for something
 * newer.
 */
export async function keptOr<T>(kind: string, question: string, ask: () => Promise<T | null>): Promise<T | null> {
  const before = await kept<T>(kind, question);
  if (before !== null) return before;
  const value = await ask();
  if (value !== null) keep(kind, question, value);
  return value;
}

/** Keeps the answer to a question. One that cannot be kept, on a full disk, is worked out again next time. */
export function keep(kind: string, question: string, value: unknown): void {
  if (keeper && MODEL)
    void keeper.put(kind, nameOf(question), { question, value } satisfies Kept).catch(() => undefined);
}
