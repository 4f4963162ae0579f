import { groupOf, type GroupId } from '@/core/body';
import type { Aim } from '@/core/students/student';
import { worthFor } from '@/core/ranking/rank';
import { worthOfDose } from './doses';
import type { Goal } from './asked';
import type { PracticeRequest } from './request';
import type { Ground } from './stations';
import type { PracticeUnit } from './units';
import { styleOf } from './styles';

/**
 * What a choice is worth: the aims' doses with falling returns, less what items, journeys, props, demanding shapes and
 * strain cost, and a little for time in shapes that everybody knows and for some time in every further group that is
 * reached. All prices are shares of everything that the aims could give, and ours.
 */
export const PRICES = {
  item: 0.004,
  /** A ground that is visited. */
  ground: 0.012,
  /** A shape beyond those that a ground usually has. */
  crowd: 0.006,
  strain: 0.25,
  /** A further group that is reached, for `FRESH_MINUTES`. */
  fresh: 0.008,
  /** All that is wanted for the aims, in shapes that are meant for them and not only do it by the way. */
  meant: 0.2,
  /** The whole working time in shapes that are known by name. */
  known: 0.16,
  /** The whole working time in shapes that the teacher has starred, and one of them by itself. */
  liked: 0.12,
  star: 0.012,
  /** The whole working time beyond a third in drills. */
  drills: 0.6,
  /** The whole time given back: worse than any hour of plain yoga. */
  given: 0.5,
  /** A shape of the third level; one that she may only just begin. */
  demanding: 0.015,
  barely: 0.03,
  chair: 0.03,
  wall: 0.004,
  prop: 0.002,
} as const;

/** Minutes, both sides together, after which a group has had its share of a practice: less of it counts for less. */
export const FRESH_MINUTES = 2;
/** Share of the working time that drills may take before it costs. */
export const MOST_DRILLS = 1 / 3;
/** Shapes that are usually done on one ground before it is left. Ours. */
export const CROWD: Readonly<Record<Ground, number>> = {
  lying: 6,
  front: 3,
  kneeling: 4,
  seated: 4,
  chair: 6,
  standing: 8,
};
/** Depth below which somebody has only just begun a shape that asks for something. */
const BARELY = 0.12;

export interface Chosen {
  unit: PracticeUnit;
  /** Minutes on each side, and more on the tighter one. */
  minutes: number;
  extra: number;
  /** Minutes on each side at most, as it was asked. */
  most: number;
}

/** How much dearer a prop is in a flow. */
const FETCHED_IN_FLOW = 4;
type Wishes = Pick<PracticeRequest, 'place' | 'style'>;

/** What it costs to have a unit in, whatever its minutes. */
export function priceOf(unit: PracticeUnit, request: Wishes): number {
  if (unit.peak) return PRICES.item;
  const props = new Set(unit.props);
  const chair = props.has('chair') && request.place === 'anywhere';
  // Whoever flows does not stop to fetch.
  const fetch = styleOf(request.style).flows ? FETCHED_IN_FLOW : 1;
  const shallow = unit.rung.level >= 2 && Math.min(...unit.sides.map((s) => s.depth)) < BARELY;
  return (
    PRICES.item -
    (unit.liked ? PRICES.star : 0) +
    (chair ? PRICES.chair : 0) +
    (props.has('wall') || props.has('post') ? PRICES.wall * fetch : 0) +
    PRICES.prop * fetch * [...props].filter((p) => p !== 'wall' && p !== 'post' && p !== 'chair').length +
    (unit.rung.level === 3 ? PRICES.demanding : 0) +
    (shallow ? PRICES.barely : 0)
  );
}

/** What a minute of a unit adds or takes away beside its doses, on each side. */
export const perMinute = (unit: PracticeUnit, work: number): number =>
  ((unit.known ? PRICES.known : 0) + (unit.liked ? PRICES.liked : 0) - PRICES.strain * unit.strain) / work;

/** True for a shape that names what an aim is about: whoever knows the field would take it for that. */
export function isMeant({ shape }: Pick<PracticeUnit, 'shape'>, aim: Aim): boolean {
  const group = groupOf(aim.group);
  return group !== null && (aim.kind === 'lengthen' ? shape.reaches : shape.works).includes(group);
}

const held = (c: Chosen): number => c.unit.sides.length * c.minutes + c.extra;

/** Minutes in drills beyond their share. */
export function drilled(chosen: readonly Chosen[]): number {
  const all = chosen.reduce((s, c) => s + held(c), 0);
  const drills = chosen.reduce((s, c) => s + (c.unit.known ? 0 : held(c)), 0);
  return Math.max(0, drills - MOST_DRILLS * all);
}

/** Rungs beyond the first of their shape, but on the way to a peak. */
function again(chosen: readonly Chosen[]): number {
  const shapes = chosen.filter((c) => !c.unit.peak).map((c) => c.unit.shape.id);
  return shapes.length - new Set(shapes).size;
}

/** What a choice is worth by this measure, its doses at these minutes. @param given minutes that are given back */
export function valueOf(
  chosen: readonly Chosen[],
  { aims, wanted, already, work, request }: Goal,
  given: number,
): number {
  const total = aims.reduce((s, a) => s + a.weight, 0) || 1;
  let value = 0;
  aims.forEach((aim, a) => {
    const doseOf = (c: Chosen): number =>
      c.unit.sides.reduce(
        (d, r, i) => d + worthFor(r, aim).worth * (c.minutes + (i === c.unit.tighter ? c.extra : 0)),
        0,
      );
    const dose = chosen.reduce((s, c) => s + doseOf(c), already[a]);
    const meant = chosen.reduce((s, c) => s + (isMeant(c.unit, aim) ? doseOf(c) : 0), 0);
    value += (aim.weight * (worthOfDose(dose, wanted[a]) + PRICES.meant * Math.min(1, meant / wanted[a]))) / total;
  });
  for (const c of chosen) value += perMinute(c.unit, work) * held(c) - priceOf(c.unit, request);
  const grounds = new Map<Ground, number>();
  for (const { unit } of chosen) grounds.set(unit.ground, (grounds.get(unit.ground) ?? 0) + 1);
  for (const [ground, n] of grounds) value -= PRICES.ground + PRICES.crowd * Math.max(0, n - CROWD[ground]);
  value -= styleOf(request.style).secondRung * again(chosen);
  const reached = new Map<GroupId, number>();
  for (const c of chosen) for (const g of c.unit.reaches) reached.set(g, (reached.get(g) ?? 0) + held(c));
  for (const minutes of reached.values()) value += PRICES.fresh * Math.min(1, minutes / FRESH_MINUTES);
  value -= (PRICES.drills * drilled(chosen)) / work;
  return value - (PRICES.given * Math.max(0, given)) / work;
}
