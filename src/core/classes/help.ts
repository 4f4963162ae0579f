import type { Aim } from '@/core/students/student';
import { aimKey, BESIDE } from '@/core/practice/aim-key';
import { activeAims, type Dose } from '@/core/practice/doses';
import { nudgesFor, type Nudge } from '@/core/practice/nudges';
import type { PracticeItem } from '@/core/practice/practice';
import type { PracticeRequest } from '@/core/practice/request';
import { presentOf, type Member } from './member';
import { sharedAims } from './shared';
import { dosesFor } from './table';
import { themeOf, type WeekTheme } from './themes';
import { classRanking } from './together';

/** Share of what an aim wants below which a student gets little of it. Ours. */
const LITTLE = 0.5;

/** Changes of which the one is taken that gives her most. */
const OFFERED = 6;

/** A change of one block of a class's practice, ready to be taken. */
export interface Helping extends Pick<Nudge, 'kind' | 'pose' | 'rung' | 'to' | 'items'> {
  /** Useful minutes that she has of her aim then. */
  minutes: number;
}

/**
 * A student who gets little of an aim, and the one change that would help her most; null where none would that harms
 * nobody more.
 */
export interface Little {
  member: string;
  aim: Aim;
  minutes: number;
  wanted: number;
  change: Helping | null;
}

/** What a practice of the class is for. */
interface Purpose {
  request: PracticeRequest;
  theme?: WeekTheme;
}

/**
 * Who gets little from a practice, whoever gets least first: of each the aim that is furthest from what it wants. Under
 * a theme less is wanted of all else.
 */
export function littleFor(
  members: readonly Member[],
  items: readonly PracticeItem[],
  { request, theme = 'all' }: Purpose,
  newId: () => string,
): Little[] {
  const present = presentOf(members);
  const shared = sharedAims(members).map((s) => s.aim);
  const short = present.flatMap((member): { member: Member; dose: Dose }[] => {
    const doses = dosesFor(member, items, request).map((d) =>
      theme === 'all' || themeOf(d.aim) === theme ? d : { ...d, wanted: BESIDE * d.wanted },
    );
    const [least] = doses.filter((d) => d.minutes < LITTLE * d.wanted).sort((a, b) => shareOf(a) - shareOf(b));
    return least ? [{ member, dose: least }] : [];
  });
  if (short.length === 0) return [];
  const ranked = classRanking(members, shared, request);
  return short
    .sort((a, b) => shareOf(a.dose) - shareOf(b.dose))
    .map(({ member, dose: { aim, minutes, wanted } }): Little => {
      const changes = nudgesFor({ items, ranked, aims: besides(aim, shared), request }, newId, OFFERED)
        .flatMap((nudge) => helping(nudge, { member, aim, minutes }, request) ?? [])
        .sort((x, y) => y.minutes - x.minutes);
      return { member: member.id, aim, minutes, wanted, change: changes.at(0) ?? null };
    });
}

/** A change as it helps her; null where it does not. */
function helping(
  nudge: Nudge,
  { member, aim, minutes: had }: { member: Member; aim: Aim; minutes: number },
  request: PracticeRequest,
): Helping | null {
  const { kind, pose, rung, to, items } = nudge;
  const minutes = minutesOf(aim, dosesFor(member, items, request));
  return minutes > had ? { kind, pose, rung, ...(to && { to }), items, minutes } : null;
}

const shareOf = (d: Dose): number => d.minutes / d.wanted;
const minutesOf = (aim: Aim, doses: readonly Dose[]): number =>
  doses.find((d) => aimKey(d.aim) === aimKey(aim))?.minutes ?? 0;

/** One aim first, and all that the class shares beside it: what helps one is not to take from many. */
const besides = (aim: Aim, shared: readonly Aim[]): Aim[] => {
  const others = activeAims(shared).filter((a) => aimKey(a) !== aimKey(aim));
  const total = others.reduce((s, a) => s + a.weight, 0) || 1;
  return [{ ...aim, weight: 1 }, ...others.map((a) => ({ ...a, weight: a.weight / total }))];
};
