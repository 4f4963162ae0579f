import type { PracticeItem } from '@/core/practice/practice';
import type { PracticeRequest } from '@/core/practice/request';
import type { LogEntry, LogItem } from '@/core/teaching/log';
import { attending, herParts } from './table';
import type { Member } from './member';

/** The practice as it was planned: what stands in for a shape hangs on all of it, however far the class came. */
interface Planned {
  items: readonly Pick<PracticeItem, 'pose' | 'rung'>[];
  request: PracticeRequest;
}

/** A student's own log of a practice that was taught to the class: her rungs, for as long as the class was in them. */
export function logOf(member: Member, taught: LogEntry, practice: Planned, id: string): LogEntry {
  const student = attending(member, practice.items, practice.request);
  const items = taught.items.flatMap((i): LogItem[] =>
    herParts(student, i).map(({ pose, rung, side, share }) => ({
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
