import { sameSide } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import { sidesOfRung } from './edit';
import { itemOf } from './item';
import type { PracticeItem } from './practice';
import type { PracticeRequest } from './request';
import { freeNumber } from './rounds';
import { SALUTATIONS, type Salutation, type SalutationStep } from './salutations';
import { stationRank, type Station } from './stations';
import { MOST_SETS } from './taught-order';
import { styleOf } from './styles';

/**
 * Salutations as one student does them: in the forms that she may and can do, and as a part of a practice that is
 * built.
 */

/** What may be taken of a ranking; everything where nothing is said. */
export type MayTake = (r: RankedPose) => boolean;
const ANY: MayTake = () => true;

/** A step of a salutation for a student: its likeliest form that she may and can do; null where none is. */
function stepFor(step: SalutationStep, ranked: readonly RankedPose[], allowed: MayTake): number | null {
  const open = (rung: number): boolean => {
    const fits = sidesOfRung(ranked, step.pose, rung).filter((r) => !step.side || sameSide(r.side, step.side));
    return fits.length > 0 && fits.every((r) => r.cautions.length === 0 && !r.beyondEntry && allowed(r));
  };
  return step.rungs.find(open) ?? null;
}

/** Steps of a salutation that this student leaves out, each shape once. */
export const leftOutOf = ({ steps }: Salutation, ranked: readonly RankedPose[]): SalutationStep[] =>
  steps.filter((s, k) => stepFor(s, ranked, ANY) === null && steps.findIndex((x) => x.pose === s.pose) === k);

/** Of a salutation at least this share of its steps has to be open for it to be one still. Ours. */
const STILL_ONE = 0.6;

/** Steps of a salutation as this student does it; none where too little of it is left. */
export function stepsFor(
  { steps }: Salutation,
  ranked: readonly RankedPose[],
  allowed: MayTake = ANY,
): { step: SalutationStep; rung: number }[] {
  const open = steps.flatMap((step) => {
    const rung = stepFor(step, ranked, allowed);
    return rung === null ? [] : [{ step, rung }];
  });
  return open.length < STILL_ONE * steps.length ? [] : open;
}

/** How many poses of a salutation this student does: 0 where it is left out whole. */
export const posesLeftOf = (salutation: Salutation, ranked: readonly RankedPose[]): number =>
  stepsFor(salutation, ranked).length;

/**
 * Minutes from which a flow begins with a salutation where nothing else is asked, and minutes for each time through.
 * Ours.
 */
const FLOWS_FROM = 15;
const EACH_TIME = 12;
/** What a flow begins with, the first that is open. */
const USUAL = ['sun-a', 'half-sun'] as const;

/** Salutations that a request wants, the first that is open to be taken; none where it wants none. */
function wantedBy({ salutation, style, place, minutes, peak }: PracticeRequest): readonly Salutation['id'][] {
  if (salutation === 'none') return [];
  if (salutation !== null) return [salutation];
  return styleOf(style).flows && place === 'anywhere' && minutes >= FLOWS_FROM && peak === null ? USUAL : [];
}

/**
 * Items of the salutation that a practice begins its standing part with, one after the other, a breath each but for
 * where one stays, gone through once for every twelve minutes; none where none is wanted or open.
 */
export function salute(request: PracticeRequest, ranked: readonly RankedPose[], allowed: MayTake): PracticeItem[] {
  const breath = request.breathSeconds;
  const times = Math.max(1, Math.min(MOST_SETS, Math.round(request.minutes / EACH_TIME)));
  for (const id of wantedBy(request)) {
    const known = SALUTATIONS.find((s) => s.id === id);
    const steps = known ? stepsFor(known, ranked, allowed) : [];
    const items = steps.flatMap(({ step, rung }, k): PracticeItem[] => {
      const own = sidesOfRung(ranked, step.pose, rung).find((r) => !step.side || sameSide(r.side, step.side));
      if (!own) return [];
      // Whole breaths, no more of them than a caution lets it be held.
      const most = Math.max(1, Math.floor((own.verdict.hold_s ?? Infinity) / breath));
      const item = itemOf(own, 'warm', {
        seconds: Math.min(step.breaths ?? 1, most) * breath,
        breath_s: breath,
        index: k,
      });
      return [{ ...item, id: `${id}-${k + 1}`, salutation: id, ...(times > 1 && { sets: times }) }];
    });
    if (items.length > 0) return items;
  }
  return [];
}

/** Ground from which on a practice stands. */
const STANDS = stationRank('standing');

/**
 * Items of a practice with a salutation among them: before what is done standing, after what wakes the joints; in no
 * other round.
 * @param stationOf station of an item; null for what settles or rests
 */
export function withSalute(
  items: readonly PracticeItem[],
  saluted: readonly PracticeItem[],
  stationOf: (item: PracticeItem) => Station | null,
): PracticeItem[] {
  if (saluted.length === 0) return [...items];
  const rises = (i: PracticeItem): boolean => {
    const station = stationOf(i);
    return station !== null && stationRank(station) >= STANDS;
  };
  const first = items.findIndex(rises);
  let at = first < 0 ? items.length : first;
  while (at > 0 && at < items.length && items[at].round !== undefined && items[at - 1].round === items[at].round) at--;
  const before = items.at(at - 1)?.phase;
  const phase = at === 0 || before === undefined || before === 'settle' ? 'warm' : before;
  const round = freeNumber(items);
  return [...items.slice(0, at), ...saluted.map((i) => ({ ...i, round, phase })), ...items.slice(at)];
}
