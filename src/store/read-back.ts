import { readRecord } from '@/core/formats/read-record';
import type { SetAside } from '@/core/formats/set-aside';

/** What of a file could not be brought in again: a backup is called safe only when nothing is. */
export function notReadBack(text: string): readonly SetAside[] {
  const result = readRecord(text);
  return result.ok ? result.setAside : [{ where: result.problem.field, why: result.problem.message }];
}
