import { groupOf } from '@/core/body';
import { rungOf } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import { FELT, mostFor, stretchFor, WORKS, type CostId, type RankedPose } from './rank';

/**
 * By what a pose falls behind: what closes it, why it gives nothing, or where its score is less than the first one's.
 */

/** Why a pose gives nothing, or hardly anything, to an aim. */
export type Nothing =
  | { aim: Aim; why: 'rest' }
  /**
   * It asks less of the muscle than is felt, or than strengthens: 0–1 of tolerance or capacity, and from where it
   * counts.
   */
  | { aim: Aim; why: 'little'; kind: 'stretch' | 'load'; value: number; from: number }
  /** It is not a rung for strength, however much it asks for. */
  | { aim: Aim; why: 'not-strength' };

/**
 * A part of the score in which this pose has less than the first: of what it gives, or what it costs more. Parts of a
 * score of 1.
 */
export type Less =
  | { of: 'aim'; aim: Aim; less: number; own: number; first: number; kind: 'stretch' | 'load' }
  | { of: 'cost'; cost: CostId; less: number };

export interface Behind {
  /** Names of the cautions that close it. */
  closed: string[];
  /** From 1, among the best rung of every shape that is open; null for what is closed. */
  place: number | null;
  of: number;
  /** Whether it gives enough to be among the ranked. */
  ranked: boolean;
  /** Aims that poses are ranked for. */
  aims: number;
  /** What stands first; null where this does, or nothing is open. */
  first: RankedPose | null;
  /** Another rung of the same shape and side that stands above it; null where none. */
  rung: RankedPose | null;
  /** Where its score is less, the most first; together they are the whole difference, but for what is better here. */
  less: Less[];
  /** Aims to which it gives nothing, and why. */
  nothing: Nothing[];
}

/** Below this a pose gives nothing worth the time; it is still found by name, with the reason. Ours. */
const WORTHWHILE = 0.02;
/** True where it serves the aims and no caution closes it. */
export const isUseful = (p: Pick<RankedPose, 'score' | 'cautions'>): boolean =>
  p.score > WORTHWHILE && p.cautions.length === 0;
/** Parts below this share of a score are not told. */
const TOLD = 0.005;

/**
 * @param ranked the whole library for one student, worked out in full, in any order
 * @param of one of them
 * @param aims those that were ranked for
 */
export function behind(ranked: readonly RankedPose[], of: RankedPose, aims: readonly Aim[]): Behind {
  const open = ranked.filter((p) => p.cautions.length === 0).sort((a, b) => b.score - a.score);
  const shapes = new Map<string, RankedPose>();
  for (const p of open) if (!shapes.has(p.pose)) shapes.set(p.pose, p);
  const order = [...shapes.values()];
  const above = order.filter((p) => p.pose !== of.pose && p.score > of.score);
  const own = open.find((p) => p.pose === of.pose && p.side === of.side);
  const [first] = order;
  const closed = of.cautions.length > 0;
  return {
    closed: of.cautions,
    place: closed ? null : above.length + 1,
    of: order.length,
    ranked: !closed && of.score > WORTHWHILE,
    aims: aims.filter((a) => a.kind !== 'leave').length,
    first: first && above.length > 0 ? first : null,
    rung: own && own.score > of.score && own.rung !== of.rung ? own : null,
    less: first && above.length > 0 ? lessThan(of, first, aims) : [],
    nothing: aims.filter((a) => a.kind !== 'leave').flatMap((a) => nothingFor(of, a)),
  };
}

const sameAim = (a: Aim, b: Aim): boolean => a.kind === b.kind && a.group === b.group && a.side === b.side;

/** The value that an aim looks at in a fitted pose. */
function valueFor(p: RankedPose, aim: Aim): { kind: 'stretch' | 'load'; value: number } | null {
  const group = groupOf(aim.group);
  if (!group) return null;
  return aim.kind === 'strengthen'
    ? { kind: 'load', value: p.load[aim.side][group] ?? 0 }
    : { kind: 'stretch', value: stretchFor(p, aim.side, group) };
}

function lessThan(of: RankedPose, first: RankedPose, aims: readonly Aim[]): Less[] {
  const total = aims.filter((a) => a.kind !== 'leave').reduce((s, a) => s + a.weight, 0) || 1;
  const gain = (p: RankedPose, aim: Aim): number =>
    ((p.gives.find((g) => sameAim(g.aim, aim))?.worth ?? 0) * aim.weight) / total;
  const out: Less[] = aims.flatMap((aim): Less[] => {
    const less = gain(first, aim) - gain(of, aim);
    const own = valueFor(of, aim),
      best = valueFor(first, aim);
    return less > TOLD && own && best
      ? [{ of: 'aim', aim, less, own: own.value, first: best.value, kind: own.kind }]
      : [];
  });
  for (const cost of Object.keys(of.costs) as CostId[]) {
    const less = of.costs[cost] - first.costs[cost];
    if (less > TOLD) out.push({ of: 'cost', cost, less });
  }
  return out.sort((a, b) => b.less - a.less);
}

function nothingFor(of: RankedPose, aim: Aim): Nothing[] {
  if (of.gives.some((g) => sameAim(g.aim, aim))) return [];
  if (rungOf(of.pose, of.rung)?.rung.kind === 'rest') return [{ aim, why: 'rest' }];
  const found = valueFor(of, aim);
  if (!found) return [];
  const from = found.kind === 'load' ? WORKS : FELT;
  if (found.value > from && mostFor(of.pose, of.rung, aim) === 0) return [{ aim, why: 'not-strength' }];
  return [{ aim, why: 'little', ...found, from }];
}
