import { rungOf } from '@/core/poses';
import { takenFor, type RankedPose } from './rank';

/**
 * What an earlier pose of the same kind costs a later one in the order, 0–1 of a score. Only near equals change places.
 * Ours.
 */
const LIKENESS = 0.02;
/** What a pose loses in the order, 0–1 of a score, where its shape is taken for something else first. Ours. */
const OTHERWISE = 0.015;
/** Earlier ones of its kind that count. */
const MOST = 3;
/** Poses at the top whose order is looked at. */
const TOP = 24;

/** Kind of a pose for variety: its position and the aim and side it serves most. */
function kindOf(p: RankedPose): string {
  const best = p.gives.reduce<RankedPose['gives'][number] | null>(
    (a, g) => (!a || g.worth * g.aim.weight > a.worth * a.aim.weight ? g : a),
    null,
  );
  const aim = best ? `${best.aim.kind} ${best.aim.group} ${best.aim.side}` : '';
  return `${rungOf(p.pose, p.rung)?.shape.position ?? ''} ${aim}`;
}

/**
 * A ranked list with near equals mixed, so that the first are not all of one kind (greedy maximal marginal relevance,
 * Carbonell and Goldstein 1998). Scores stay what they are; poses that a caution forbids and those below the top keep
 * their places.
 */
export function varied<T extends RankedPose>(ranked: readonly T[]): T[] {
  const rest = ranked.slice(0, TOP).filter((p) => p.cautions.length === 0);
  const behind = ranked.filter((p) => !rest.includes(p));
  const kinds = new Map(rest.map((p) => [p, kindOf(p)]));
  const seen = new Map<string, number>();
  const out: T[] = [];
  while (rest.length > 0) {
    let best = 0;
    const worth = (p: T) =>
      p.score - OTHERWISE * (1 - takenFor(p)) - LIKENESS * Math.min(MOST, seen.get(kinds.get(p) ?? '') ?? 0);
    rest.forEach((p, i) => {
      if (worth(p) > worth(rest[best]) + 1e-12) best = i;
    });
    const [taken] = rest.splice(best, 1);
    const kind = kinds.get(taken) ?? '';
    seen.set(kind, (seen.get(kind) ?? 0) + 1);
    out.push(taken);
  }
  return [...out, ...behind];
}
