import type { Complaint, Place } from './student';

/** How a complaint is now against last time. */
export type Course = 'gone' | 'better' | 'same' | 'worse';
/** Steps on the scale of ten that a word stands for (our default). */
const STEP: Readonly<Record<Course, number>> = { gone: -10, better: -2, same: 0, worse: 2 };
/** Taken where a complaint was never given a strength. */
const MIDDLE = 5;

/** Complaints after a tap on a place of a side: a new one, or without the one that was there. */
export function toggleComplaint(complaints: readonly Complaint[], place: Place, side: 'left' | 'right'): Complaint[] {
  const other = side === 'left' ? 'right' : 'left';
  const own = complaints.find((c) => c.place === place && (c.side === side || c.side === 'both'));
  if (own)
    return own.side === 'both'
      ? complaints.map((c) => (c === own ? { ...c, side: other } : c))
      : complaints.filter((c) => c !== own);
  // The other side is told already: it is one complaint of both.
  const across = complaints.find((c) => c.place === place && c.side === other);
  return across ? complaints.map((c) => (c === across ? { ...c, side: 'both' } : c)) : [...complaints, { place, side }];
}

/** A complaint as it is said to be today (`YYYY-MM-DD`); `asked` is the day on which it was last asked about. */
export function complaintNow(complaint: Complaint, course: Course, day: string, asked: string): Complaint {
  const earlier = complaint.course?.filter((x) => x.on !== day) ?? [];
  const before = earlier.at(-1)?.strength ?? complaint.strength ?? MIDDLE;
  const strength = Math.max(0, Math.min(10, before + STEP[course]));
  const past = earlier.length > 0 ? earlier : [{ on: asked, strength: before }];
  return { ...complaint, strength, course: [...past, { on: day, strength }].slice(-60) };
}

/** What was said today, or null where nothing was. */
export function courseOf(complaint: Complaint, day: string): Course | null {
  const now = complaint.course?.find((x) => x.on === day)?.strength;
  const before = complaint.course?.filter((x) => x.on !== day).at(-1)?.strength;
  if (now === undefined || before === undefined) return null;
  if (now === before) return 'same';
  if (now > before) return 'worse';
  return now === 0 && before > 2 ? 'gone' : 'better';
}
