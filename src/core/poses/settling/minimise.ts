import { solveLinear } from './solve-linear';

/** One number that the search may change. */
export interface Unknown {
  /** What it should be, and how far from there costs one. */
  start: number;
  scale: number;
  min: number;
  max: number;
}

/** Step of the differences, in the unit of the unknowns. */
const STEP = 0.02;
/** Longest step of a round, in the unit of the unknowns. */
const LONGEST = 10;

const sumOfSquares = (r: Float64Array): number => r.reduce((s, v) => s + v * v, 0);

/**
 * Least sum of squares within bounds by damped Gauss–Newton (Levenberg 1944). The damping is measured in each unknown's
 * own scale and not in the stiffness of what it must meet: so a stiff contact does not stop the weak directions, and
 * the end depends little on the way. An unknown that leans on a bound is left out of a round (active set). Changes
 * `values`.
 * @param evaluate residuals at the values; a Float64Array of always the same length
 */
export function minimise(
  evaluate: (values: Float64Array) => Float64Array,
  values: Float64Array,
  unknowns: readonly Unknown[],
  rounds = 60,
): void {
  const n = values.length;
  unknowns.forEach((u, i) => {
    values[i] = Math.min(u.max, Math.max(u.min, values[i]));
  });
  let r = evaluate(values),
    cost = sumOfSquares(r),
    damping = 1,
    small = 0;
  for (let round = 0; round < rounds && n > 0; round++) {
    const jacobian = Array.from({ length: n }, (_, j) => {
      const before = values[j];
      values[j] = before + STEP;
      const ahead = evaluate(values);
      values[j] = before;
      return ahead.map((v, i) => (v - r[i]) / STEP);
    });
    const slope = jacobian.map((a) => a.reduce((s, v, i) => s + v * r[i], 0));
    const free = unknowns.flatMap((u, i) => {
      const leans = (values[i] <= u.min + 1e-9 && slope[i] > 0) || (values[i] >= u.max - 1e-9 && slope[i] < 0);
      return leans ? [] : [i];
    });
    if (free.length === 0) return;
    const normal = free.map((i) => free.map((j) => jacobian[i].reduce((s, v, k) => s + v * jacobian[j][k], 0)));
    let better = false;
    for (let attempt = 0; attempt < 10 && !better; attempt++) {
      const step = solveLinear(
        normal.map((row, a) => row.map((v, b) => (a === b ? v + damping / unknowns[free[a]].scale ** 2 : v))),
        free.map((i) => -slope[i]),
      );
      // Shortened as a whole: cut one by one it would leave the contacts.
      const short = Math.min(1, LONGEST / Math.max(1e-9, ...step.map(Math.abs)));
      const tried = values.slice();
      free.forEach((i, a) => {
        tried[i] = Math.min(unknowns[i].max, Math.max(unknowns[i].min, values[i] + short * step[a]));
      });
      const next = evaluate(tried),
        nextCost = sumOfSquares(next);
      if (nextCost >= cost) {
        damping *= 6;
        continue;
      }
      better = true;
      small = (cost - nextCost) / Math.max(1e-9, cost) < 1e-5 ? small + 1 : 0;
      values.set(tried);
      r = next;
      cost = nextCost;
      damping = Math.max(1e-3, damping / 5);
      if (small >= 3 || cost < 1e-6) return;
    }
    if (!better) return;
  }
}
