import { rungOf, shapeById, type Shape } from '@/core/poses';
import type { PracticeRequest } from '@/core/practice/request';
import { inTheWay } from '@/core/practice/units';
import type { RankedPose } from '@/core/ranking/rank';
import type { Member } from './member';

/** A rung of a shape in a student, each side fitted. */
export interface OwnRung {
  rung: number;
  sides: RankedPose[];
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

/** Rungs of a shape that are open to a student on all their sides and within the wishes, as its ladder goes. */
export function openRungs(member: Pick<Member, 'ranked'>, shape: Shape, request: PracticeRequest): OwnRung[] {
  const fits = fitsIn(member, shape.id);
  return shape.rungs.flatMap((rung, i) => {
    if (inTheWay(shape, rung, request) !== null) return [];
    const sides = fits.filter((r) => r.rung === i + 1);
    return sides.length > 0 && sides.every(isOpen) ? [{ rung: i + 1, sides }] : [];
  });
}

const scoreOf = ({ sides }: OwnRung): number => sides.reduce((s, r) => s + r.score, 0) / sides.length;

/**
 * A student's own rung where the class is in a shape: of the open ones the best for her aims, of equals the mildest. Null where none is open.
 * @param rest the rung that the class rests in; absent where it works
 */
export function ownRung(
  member: Pick<Member, 'ranked'>,
  shape: Shape,
  request: PracticeRequest,
  rest?: number,
): OwnRung | null {
  const open = openRungs(member, shape, request);
  if (rest !== undefined) return open.find((o) => o.rung === rest) ?? null;
  // Where the class works, resting is something else.
  const working = open.filter((o) => shape.rungs[o.rung - 1].kind !== 'rest');
  return working.reduce<OwnRung | null>((best, o) => (!best || scoreOf(o) > scoreOf(best) + 1e-9 ? o : best), null);
}

/** What a student does where a shape is closed to her: the best for her in the same position, else a rest. Null where nothing is open. */
export function insteadOf(member: Pick<Member, 'ranked'>, pose: string, request: PracticeRequest): OwnRung | null {
  const shape = shapeById(pose);
  const seen = new Set<string>();
  let rest: OwnRung | null = null;
  // The ranking is in order of worth: the first that fits is the best.
  for (const r of member.ranked) {
    if (!isOpen(r) || seen.has(`${r.pose}/${r.rung}`) || r.pose === pose) continue;
    seen.add(`${r.pose}/${r.rung}`);
    const found = rungOf(r.pose, r.rung);
    if (!found) continue;
    const whole = openRungs(member, found.shape, request).find((o) => o.rung === r.rung);
    if (!whole) continue;
    if (found.rung.kind === 'rest') rest ??= whole;
    else if (found.shape.position === shape?.position && r.score > 0) return whole;
  }
  return rest;
}
