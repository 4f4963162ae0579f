import { ELEMENTS, SIDES, type GroupId, type Side } from '@/core/body';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { placeGiven } from '@/core/inference/evidence';
import { PLACES, type Place } from '@/core/students/places';
import { PLACE_WORDS } from '@/core/students/words';
import type { RankedPose } from '@/core/ranking/rank';

/** Where a shape should be felt, in everyday words: no muscle is named to the student. */

/** Share of her tolerance from which a stretch is felt clearly. Ours, as in what the teacher is told to say. */
const CLEAR = 0.55;
/** Places that nobody is told to look for. */
const NEVER: ReadonlySet<Place> = new Set(['groin-pinch', 'leg-line', 'knee', 'sit-bone', 'nowhere', 'low-back']);

const likeliest = new Map<GroupId, Place | null>();
/**
 * The place at which a group is felt most often when it is what stops a movement; null where that is no place to look
 * for.
 */
export function placeOf(group: GroupId): Place | null {
  const known = likeliest.get(group);
  if (known !== undefined) return known;
  let best: Place | null = null,
    most = 0;
  for (const place of PLACES) {
    const given = placeGiven(place);
    const sum = ELEMENTS.reduce((s, e, i) => (e.group === group && e.muscle ? s + given[i] : s), 0);
    if (sum > most) {
      most = sum;
      best = place;
    }
  }
  const told = best && !NEVER.has(best) ? best : null;
  likeliest.set(group, told);
  return told;
}

/** "front of the thigh, right", or "" where nothing is stretched enough to be looked for. */
export function feelOf(fit: Pick<RankedPose, 'stretch'>, sided: boolean, say: Say = spoken): string {
  let found: { place: Place; side: Side; both: boolean } | null = null,
    most = CLEAR;
  for (const side of SIDES)
    for (const [group, share] of Object.entries(fit.stretch[side]) as [GroupId, number][]) {
      const place = share > most ? placeOf(group) : null;
      if (!place) continue;
      most = share;
      const other = fit.stretch[side === 'left' ? 'right' : 'left'][group];
      found = { place, side, both: !sided || other > CLEAR };
    }
  if (!found) return '';
  const place = say(PLACE_WORDS[found.place]);
  return found.both ? place : say('{{place}}, {{side}}', { place, side: say(found.side) });
}
