import { halfOf, newHalf, SIDES, type Side, type StrandModel } from '@/core/body';
import type { Place } from '@/core/students/student';
import { postureAt, shapeById } from '@/core/poses';
import { placeGiven } from './evidence';
import { COUNT } from './prior';
import { pullOf } from './stop-table';

/** Where a stretch was felt while a pose was held: noted in teaching. */
export interface FeltInPose {
  /** Log it comes from. */
  log: string;
  pose: string;
  rung: number;
  side: Side | 'both';
  place: Place;
}

/** The same as the likelihood uses it: what pulls in that pose, and how often each would be felt there. */
export interface PoseFelt {
  offset: number;
  /** Pull of every element at the held depth before a student's own tolerances. */
  effect: Float64Array;
  chance: Float64Array;
}

/** Share of the path at which a pose is held where nothing better is known (our default). */
const HELD_AT = 0.75;
const STEP = 0.05;

/**
 * Evidence from places felt in taught poses: one a side worked. Poses that are not in the library any more, places that
 * tell nothing and repeats of the same pose, side and place are left out: five lunges are not five witnesses.
 */
export function feltTerms(felt: readonly FeltInPose[], model: StrandModel): PoseFelt[] {
  const seen = new Set<string>();
  return [...felt]
    .sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1))
    .flatMap((f) => {
      const rung = shapeById(f.pose)?.rungs[f.rung - 1];
      const key = `${f.pose}/${f.side}/${f.place}`;
      if (!rung || seen.has(key)) return [];
      seen.add(key);
      const chance = placeGiven(f.place);
      return (f.side === 'both' ? SIDES : [f.side]).flatMap((side) => {
        const effect = pullAt(f, side, model);
        return effect.some((v) => v > 0) ? [{ offset: side === 'left' ? 0 : COUNT, effect, chance }] : [];
      });
    });
}

const keyOf = (f: FeltInPose): string => `${f.pose}/${f.rung}/${f.side}/${f.place}/${f.log}`;

/** Pull of the elements of a side where a rung is held: what lengthens there, by how much it stands near its end. */
export function pullAt(
  f: Omit<FeltInPose, 'log' | 'place'>,
  side: Side,
  model: StrandModel,
  kappa?: number,
): Float64Array {
  const rung = shapeById(f.pose)?.rungs[f.rung - 1];
  const out = new Float64Array(COUNT);
  if (!rung) return out;
  const strands = model.elementOfStrand.length;
  const half = newHalf();
  const standing = (depth: number) =>
    model.strandStanding(
      halfOf(postureAt(rung, f.side === 'both' ? 'right' : f.side, depth), side, half),
      'pushed',
      new Float64Array(strands),
    );
  const before = standing(HELD_AT - STEP),
    at = standing(HELD_AT),
    after = standing(HELD_AT + STEP);
  for (let k = 0; k < strands; k++) {
    const slope = (after[k] - before[k]) / (2 * STEP);
    if (slope > 0) out[model.elementOfStrand[k]] += pullOf(slope, at[k], kappa);
  }
  return out;
}
