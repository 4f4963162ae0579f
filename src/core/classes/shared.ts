import type { Aim } from '@/core/students/student';
import { aimKey } from '@/core/practice/aim-key';
import { activeAims } from '@/core/practice/doses';
import { presentOf, type Member } from './member';
import { themedAims, type WeekTheme } from './themes';

/** An aim of a class: how much it weighs for all, and whose it is. */
export interface SharedAim {
  /** Weight: the mean over all students, nothing for those who do not have it. */
  aim: Aim;
  /** Ids of the students whose aim it is, and of those for whom it is to be left alone. */
  who: string[];
  against: string[];
}

/** What of a student counts here. */
type Wanting = Pick<Member, 'id' | 'aims' | 'stopped'>;

/** Aims of a class that a practice is built for; more would leave too little for each. Ours. */
const MOST_AIMS = 8;

/** What students share, the most wanted first. */
export function sharedAims(members: readonly Wanting[]): SharedAim[] {
  const present = presentOf(members);
  const byKey = new Map<string, SharedAim>();
  for (const m of present)
    for (const a of activeAims(m.aims)) {
      const key = aimKey(a);
      const known = byKey.get(key) ?? { aim: { ...a, weight: 0 }, who: [], against: [] };
      known.aim.weight += a.weight / present.length;
      known.who.push(m.id);
      byKey.set(key, known);
    }
  for (const s of byKey.values())
    s.against = present
      .filter((m) => m.aims.some((a) => a.kind === 'leave' && a.group === s.aim.group && a.side === s.aim.side))
      .map((m) => m.id);
  return [...byKey.values()].sort((a, b) => b.aim.weight - a.aim.weight || (aimKey(a.aim) < aimKey(b.aim) ? -1 : 1));
}

/** The aims that a practice of the class works for, as they weigh under its theme. */
export function classAims(members: readonly Wanting[], theme: WeekTheme = 'all'): Aim[] {
  const aims = themedAims(
    sharedAims(members).map((s) => s.aim),
    theme,
  );
  // The sort keeps the order of equals.
  return aims.sort((a, b) => b.weight - a.weight).slice(0, MOST_AIMS);
}
