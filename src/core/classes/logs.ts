import type { PracticeRequest } from '@/core/practice/request';
import type { LogEntry, LogItem } from '@/core/teaching/log';
import { herParts } from './table';
import type { Member } from './member';

/** A student's own log of a practice that was taught to the class: her rungs, for as long as the class was in them. */
export function logOf(member: Member, taught: LogEntry, request: PracticeRequest, id: string): LogEntry {
  const items = taught.items.flatMap((i): LogItem[] =>
    herParts(member, i, request).map(({ pose, rung, side, share }) => ({
      pose,
      rung,
      side,
      plannedSeconds: i.plannedSeconds * share,
      doneSeconds: i.doneSeconds * share,
      skipped: i.skipped,
    })),
  );
  return { ...taught, id, student: member.id, items };
}
