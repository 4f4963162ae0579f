import { cautionById } from '@/core/cautions/catalogue';
import type { Student } from '@/core/people/student';
import type { Practice } from '@/core/practice/practice';
import type { LogEntry } from '@/core/teaching/log';
import { testById } from '@/core/tests/battery';
import type { Reading } from '@/core/tests/reading';

/** Everything that happened with a student, by day, newest first. */
export interface TimelineDay {
  day: string;
  /** What happened, a line each. */
  lines: string[];
}

const dayOf = (moment: string): string => moment.slice(0, 10);
const named = (names: readonly string[]): string => {
  const list = [...new Set(names)];
  return list.length > 3 ? `${list.slice(0, 3).join(', ')} and ${list.length - 3} more` : list.join(', ');
};

/** Questions asked, tests, practices built and taught, notes and cautions, as lines of their days. */
export function timelineOf(
  student: Student,
  readings: readonly Reading[],
  practices: readonly Practice[],
  logs: readonly LogEntry[],
): TimelineDay[] {
  const days = new Map<string, string[]>();
  const say = (day: string, line: string) => days.set(day, [...(days.get(day) ?? []), line]);
  say(dayOf(student.createdAt), 'Came to the studio.');
  if (student.askedOn) say(student.askedOn, `Asked${student.aim ? `: “${student.aim}”` : '.'}`);
  for (const c of student.cautions) {
    const name = cautionById(c.caution)?.name ?? c.caution;
    // “Since” may be told in words: then it has no day of its own.
    if (c.since && /^\d{4}-\d{2}-\d{2}$/.test(c.since)) say(c.since, `Caution since then: ${name}.`);
    if (c.cleared) say(c.cleared.on, `Caution lifted by ${c.cleared.by}: ${name}.`);
  }
  const byDay = new Map<string, Reading[]>();
  for (const r of readings) byDay.set(dayOf(r.takenAt), [...(byDay.get(dayOf(r.takenAt)) ?? []), r]);
  for (const [day, list] of byDay) {
    const hurt = list.filter((r) => r.pain).length;
    say(
      day,
      `Measured ${list.length} ${list.length === 1 ? 'reading' : 'readings'}: ${named(list.map((r) => testById(r.test)?.name ?? r.test))}${hurt > 0 ? `; ${hurt} ended in pain` : ''}.`,
    );
  }
  for (const p of practices) say(dayOf(p.createdAt), `Practice built: “${p.title}”, ${p.minutes} minutes.`);
  for (const l of logs) {
    const done = l.items.filter((i) => !i.skipped).length,
      stopped = l.items.some((i) => i.stopped);
    say(
      dayOf(l.startedAt),
      `Taught “${l.title}”, ${done} of ${l.items.length} items${stopped ? '; stopped for pain' : ''}.${l.note ? ` ${l.note}` : ''}`,
    );
  }
  return [...days].map(([day, lines]) => ({ day, lines })).sort((a, b) => (a.day < b.day ? 1 : -1));
}
