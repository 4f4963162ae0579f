import { GROUPS, groupOf, SIDES } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import type { Strain } from '@/core/statics/strains';
import type { Aim } from '@/core/students/student';
import { allShapes, sameSide, type Shape } from '@/core/poses';
import type { PracticeRequest } from '@/core/practice/request';
import { loadOfWorth, mostFor, scorePose, stretchOfWorth, worthFor, type RankedPose } from '@/core/ranking/rank';
import { presentOf, type Member } from './member';
import { ownRung, type OwnRung } from './own-rung';

/** Share of the students to whom a shape must be open before a class does it. Ours. */
const MOST_CAN = 0.5;

/** A student with her own rung of a shape. */
interface Doing {
  member: Member;
  own: OwnRung | null;
}

/**
 * The library ranked for a class: of each shape the rung that most students have for their own, worth to each aim what
 * it is worth on the mean to those whose aim it is, each in her own rung (nothing where it is closed to her); strains
 * as of the student who has most. Stretch and load of the aims are told as what a single student would need to have for
 * that worth, so that the same solver chooses.
 */
export function classRanking(members: readonly Member[], aims: readonly Aim[], request: PracticeRequest): RankedPose[] {
  const present = presentOf(members);
  const all = allShapes().flatMap((shape) => {
    const rests = shape.rungs.flatMap((r, i) => (r.kind === 'rest' ? [i + 1] : []));
    const works = rests.length < shape.rungs.length ? [undefined] : [];
    return [...rests, ...works].flatMap((lead) => inShape(present, shape, aims, request, lead));
  });
  return all.sort(
    (a, b) => b.score - a.score || (`${a.pose}${a.rung}${a.side}` < `${b.pose}${b.rung}${b.side}` ? -1 : 1),
  );
}

/**
 * A shape in a class, a side each; empty where it is closed to too many.
 * @param rest rung that all rest in; none: each her own work
 */
function inShape(
  present: readonly Member[],
  shape: Shape,
  aims: readonly Aim[],
  request: PracticeRequest,
  rest?: number,
): RankedPose[] {
  const doing = present.map((member): Doing => ({ member, own: ownRung(member, shape, request, rest) }));
  const can = doing.filter((d) => d.own !== null);
  if (can.length === 0 || can.length < MOST_CAN * present.length) return [];
  // Whoever does one side of it has something else on the other; the class does both.
  const whole = can.filter((d) => d.own?.only === undefined);
  if (whole.length === 0) return [];
  const lead = leadOf(whole);
  const first = whole.find((d) => d.own?.rung === lead)?.own;
  return (first?.sides ?? []).map((model) => merged(model, doing, aims));
}

/** The rung that most have for their own, of equals the milder. */
function leadOf(can: readonly Doing[]): number {
  const count = new Map<number, number>();
  for (const { own } of can) if (own) count.set(own.rung, (count.get(own.rung) ?? 0) + 1);
  return [...count].sort(([a, n], [b, m]) => m - n || a - b)[0][0];
}

/** One side of a shape in all of them. */
function merged(model: RankedPose, doing: readonly Doing[], aims: readonly Aim[]): RankedPose {
  const fits = doing.flatMap(({ own }) => own?.sides.find((s) => sameSide(s.side, model.side)) ?? []);
  const stretch = { left: { ...model.stretch.left }, right: { ...model.stretch.right } };
  const load = { left: { ...model.load.left }, right: { ...model.load.right } };
  for (const side of SIDES)
    for (const group of GROUPS) {
      stretch[side][group] = Math.max(...fits.map((f) => f.stretch[side][group]));
      load[side][group] = Math.max(...fits.map((f) => f.load[side][group] ?? 0));
    }
  for (const aim of aims) {
    const group = groupOf(aim.group);
    if (!group) continue;
    const most = mostFor(model.pose, model.rung, aim);
    const worth = most > 0 ? meanWorth(aim, doing, model.side) / most : 0;
    if (aim.kind === 'lengthen') stretch[aim.side][group] = stretchOfWorth(worth);
    else if (aim.kind === 'strengthen') load[aim.side][group] = loadOfWorth(worth);
  }
  const fit = {
    ...model,
    depth: fits.reduce((s, f) => s + f.depth, 0) / fits.length,
    stretch,
    // What is short is each one's own, and is in the worth already.
    ofShortest: undefined,
    load,
    strains: worstStrains(fits),
  };
  return scorePose(fit, aims, NOTHING_AGAINST);
}
/** Cautions are each student's own: they chose her rung. */
const NOTHING_AGAINST = screen([], '');

/** Worth of a shape for an aim, by weight over those whose aim it is. */
function meanWorth(aim: Aim, doing: readonly Doing[], side: RankedPose['side']): number {
  let worth = 0,
    weight = 0;
  for (const { member, own } of doing) {
    const hers = member.aims.find((a) => a.kind === aim.kind && a.group === aim.group && a.side === aim.side);
    if (!hers || hers.weight <= 0) continue;
    weight += hers.weight;
    const fit = own?.sides.find((s) => sameSide(s.side, side));
    if (fit) worth += hers.weight * worthFor(fit, hers).worth;
  }
  return weight > 0 ? worth / weight : 0;
}

/** Each strain as of the student who has most of it. */
function worstStrains(fits: readonly RankedPose[]): Strain[] {
  const byId = new Map<string, Strain>();
  for (const f of fits)
    for (const s of f.strains) {
      const known = byId.get(s.id);
      if (!known || s.share > known.share) byId.set(s.id, s);
    }
  return [...byId.values()];
}
