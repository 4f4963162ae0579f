import type { Side } from '@/core/body';
import { rungOf, shapeById, type Shape } from '@/core/poses';
import type { PracticeRequest } from '@/core/practice/request';
import { closedSide, inTheWay } from '@/core/practice/units';
import type { RankedPose } from '@/core/ranking/rank';
import type { Member } from './member';

/** A rung of a shape in a student, each side fitted that is open to her. */
export interface OwnRung {
  rung: number;
  sides: RankedPose[];
  /** The side that is open to her, where the other is closed. */
  only?: Side;
}

/** Rankings by shape, worked out once for each. */
const byShape = new WeakMap<readonly RankedPose[], Map<string, RankedPose[]>>();
function fitsIn(member: Pick<Member, 'ranked'>, pose: string): RankedPose[] {
  let shapes = byShape.get(member.ranked);
  if (!shapes) {
    shapes = new Map();
    for (const r of member.ranked) shapes.set(r.pose, [...(shapes.get(r.pose) ?? []), r]);
    byShape.set(member.ranked, shapes);
  }
  return shapes.get(pose) ?? [];
}

const isOpen = (r: RankedPose): boolean => r.cautions.length === 0 && !r.beyondEntry;

/**
 * Rungs of a shape that are open to a student and within the wishes, as its ladder goes: those open on all their sides,
 * and those of which a caution or pain closes one. The side that cannot get in is no reason to do the other alone.
 */
function rungsOpen(member: Pick<Member, 'ranked'>, shape: Shape, request: PracticeRequest): OwnRung[] {
  const fits = fitsIn(member, shape.id);
  return shape.rungs.flatMap((rung, i) => {
    if (inTheWay(shape, rung, request) !== null) return [];
    const sides = fits.filter((r) => r.rung === i + 1);
    const open = sides.filter(isOpen);
    if (open.length === 0) return [];
    if (open.length === sides.length) return [{ rung: i + 1, sides }];
    const [{ side }] = open;
    return side === 'both' || !closedSide(sides, open[0]) ? [] : [{ rung: i + 1, sides: open, only: side }];
  });
}

/** Rungs of a shape that are open to a student on all their sides and within the wishes, as its ladder goes. */
export const openRungs = (member: Pick<Member, 'ranked'>, shape: Shape, request: PracticeRequest): OwnRung[] =>
  rungsOpen(member, shape, request).filter((o) => o.only === undefined);

const scoreOf = ({ sides }: OwnRung): number => sides.reduce((s, r) => s + r.score, 0) / sides.length;

/**
 * A student's own rung where the class is in a shape: of those open on both sides the best for her aims, of equals the
 * mildest; where there is none, of those open on one. Null where none is open.
 * @param rest the rung that the class rests in; absent where it works
 */
export function ownRung(
  member: Pick<Member, 'ranked'>,
  shape: Shape,
  request: PracticeRequest,
  rest?: number,
): OwnRung | null {
  const open = rungsOpen(member, shape, request);
  if (rest !== undefined) return open.find((o) => o.rung === rest) ?? null;
  // Where the class works, resting is something else.
  const working = open.filter((o) => shape.rungs[o.rung - 1].kind !== 'rest');
  // Nor is it what the shape's own warning tells not to do, where something cleaner of it is open; both sides before
  // one.
  const behind = (o: OwnRung): number => (shape.rungs[o.rung - 1].loose ? 2 : 0) + (o.only ? 1 : 0);
  const least = Math.min(...working.map(behind));
  return working
    .filter((o) => behind(o) === least)
    .reduce<OwnRung | null>((best, o) => (!best || scoreOf(o) > scoreOf(best) + 1e-9 ? o : best), null);
}

/**
 * Share of the worth of the best from which another shape may stand in, so that the same one is not done again and
 * again. Ours.
 */
const NEARLY = 0.5;

/** A rung of the library in a student, whole; null where one of its sides is closed or not within the wishes. */
function wholeRung(member: Pick<Member, 'ranked'>, r: RankedPose, request: PracticeRequest): OwnRung | null {
  const shape = shapeById(r.pose);
  return (shape && openRungs(member, shape, request).find((o) => o.rung === r.rung)) ?? null;
}

/**
 * How a student rests where a rest of the class is closed to her: another rung of it, else in the same position, else
 * anyhow, and rather where she is than at a wall or on a chair that has to be fetched. Null where none is open.
 */
export function restInstead(member: Pick<Member, 'ranked'>, pose: string, request: PracticeRequest): OwnRung | null {
  const position = shapeById(pose)?.position;
  const rests = member.ranked.filter((r) => isOpen(r) && rungOf(r.pose, r.rung)?.rung.kind === 'rest');
  const near = (r: RankedPose): number => {
    if (r.pose === pose) return 0;
    if (shapeById(r.pose)?.position === position) return 1;
    const rung = rungOf(r.pose, r.rung)?.rung;
    return rung?.wall !== undefined || rung?.props.some((p) => p === 'chair' || p === 'wall') ? 3 : 2;
  };
  for (const r of rests.sort((x, y) => near(x) - near(y) || x.rung - y.rung)) {
    const whole = wholeRung(member, r, request);
    if (whole) return whole;
  }
  return null;
}

/**
 * What a student does where a shape in which the class works is closed to her: of what is worth nearly as much to her
 * as the best in the same position, what she has done least often in this practice; else a rest. Null where nothing is
 * open.
 * @param done how often she does each shape in it already
 */
export function insteadOf(
  member: Pick<Member, 'ranked'>,
  pose: string,
  request: PracticeRequest,
  done: ReadonlyMap<string, number> = new Map(),
): OwnRung | null {
  const position = shapeById(pose)?.position;
  const seen = new Set<string>();
  let best: OwnRung | null = null,
    least: OwnRung | null = null;
  const times = (o: OwnRung): number => done.get(o.sides[0].pose) ?? 0;
  // The ranking is in order of worth: the first that fits is the best.
  for (const r of member.ranked) {
    if (!isOpen(r) || seen.has(`${r.pose}/${r.rung}`) || r.pose === pose || r.score <= 0) continue;
    seen.add(`${r.pose}/${r.rung}`);
    const found = rungOf(r.pose, r.rung);
    if (found?.shape.position !== position || found?.rung.kind === 'rest' || found?.rung.loose) continue;
    const whole = wholeRung(member, r, request);
    if (!whole) continue;
    best ??= whole;
    if (scoreOf(whole) < NEARLY * scoreOf(best)) continue;
    if (!least || times(whole) < times(least)) least = whole;
    if (times(least) === 0) break;
  }
  return least ?? restInstead(member, pose, request);
}

/**
 * What stands in for each shape of a practice that is closed to a student, on both sides or on one, by the class's
 * shape and rung; shapes that are open to her are not in it.
 */
export function insteadsIn(
  member: Pick<Member, 'ranked'>,
  items: readonly { pose: string; rung: number }[],
  request: PracticeRequest,
): ReadonlyMap<string, OwnRung | null> {
  const done = new Map<string, number>();
  const closed: { key: string; pose: string; rests: boolean }[] = [];
  for (const { pose, rung } of items) {
    const found = rungOf(pose, rung);
    const key = `${pose}/${rung}`;
    const rest = found?.rung.kind === 'rest' ? rung : undefined;
    const own = found && ownRung(member, found.shape, request, rest);
    if (own) done.set(pose, 1);
    if (own && own.only === undefined) continue;
    if (!closed.some((c) => c.key === key)) closed.push({ key, pose, rests: rest !== undefined });
  }
  return new Map(
    closed.map(({ key, pose, rests }) => {
      const instead = rests ? restInstead(member, pose, request) : insteadOf(member, pose, request, done);
      if (instead) done.set(instead.sides[0].pose, (done.get(instead.sides[0].pose) ?? 0) + 1);
      return [key, instead] as const;
    }),
  );
}
