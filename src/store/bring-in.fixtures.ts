import { bringIn, compare, type BringInResult } from './bring-in';
import type { StudioDatabase } from './studio';

/** Reads a file's text and brings in all of it at once, as a teacher does who says yes to what she is shown. */
export async function bringText(
  db: StudioDatabase,
  text: string,
): Promise<({ ok: true } & BringInResult) | Extract<Awaited<ReturnType<typeof compare>>, { ok: false }>> {
  const read = await compare(db, text);
  return read.ok ? { ok: true, ...(await bringIn(db, read.incoming.record)) } : read;
}
