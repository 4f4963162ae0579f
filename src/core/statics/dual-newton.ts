import type { BalanceColumns } from './columns';

/** `min Σ price x² + Σ w r²` with `A x + r = b`, `low ≤ x ≤ high`; all prices and w above 0. */
export interface BoxProgram {
  columns: BalanceColumns;
  /** One number an equation. */
  b: Float64Array;
  /** Weight of what is left of each equation. */
  w: number;
}

export interface NewtonSolution {
  x: Float64Array;
  /** Prices of the equations; a good start for a similar program. */
  prices: Float64Array;
  /** Largest |b − A x| of all equations. */
  residual: number;
  rounds: number;
  converged: boolean;
}

const MOST_ROUNDS = 120;
/**
 * How near to the top of the dual along a step the search goes, share of its first slope. Newton's steps make up for
 * the rest.
 */
const ALONG = 0.01;

/** Room for what a solution needs on its way, used again as long as it is large enough. */
class Workspace {
  pull = new Float64Array(0);
  along = new Float64Array(0);
  free = new Uint8Array(0);
  gradient = new Float64Array(0);
  step = new Float64Array(0);
  matrix = new Float64Array(0);
  last = new Int32Array(0);

  fit(equations: number, unknowns: number): void {
    if (this.pull.length < unknowns) {
      this.pull = new Float64Array(unknowns);
      this.along = new Float64Array(unknowns);
      this.free = new Uint8Array(unknowns);
    }
    if (this.gradient.length !== equations) {
      this.gradient = new Float64Array(equations);
      this.step = new Float64Array(equations);
      this.matrix = new Float64Array(equations * equations);
      this.last = new Int32Array(equations);
    }
  }
}
const room = new Workspace();

/**
 * Semismooth Newton method on the dual of a box-constrained least-squares program: at prices λ every variable is
 * `clamp(Aᵀλ / 2d)`, what is left is λ / 2w, and Newton's matrix sums only the columns that touch no bound. The step
 * goes near to the top of the concave, piecewise quadratic dual (Qi and Sun 1993; Hager 2000 for the box). The dual
 * grows with every step, so it ends. Milliseconds where general solvers take tens.
 */
export function dualNewton(p: BoxProgram, start?: Float64Array): NewtonSolution {
  const { columns: c, b } = p;
  const m = b.length,
    n = c.count;
  room.fit(m, n);
  const { pull, along, free, gradient, step, matrix, last } = room;
  const prices = start ? Float64Array.from(start) : new Float64Array(m);
  const x = new Float64Array(n);
  const soft = 1 / (2 * p.w);
  let scale = 1e-12;
  for (let i = 0; i < m; i++) scale = Math.max(scale, Math.abs(b[i]));
  let round = 0,
    converged = false;
  times(c, prices, pull);
  for (; round < MOST_ROUNDS; round++) {
    for (let j = 0; j < n; j++) {
      const wish = pull[j] / (2 * c.price[j]);
      x[j] = wish > c.high[j] ? c.high[j] : wish < c.low[j] ? c.low[j] : wish;
      // The very first step treats every variable as free.
      free[j] = (round === 0 && !start) || (wish > c.low[j] && wish < c.high[j]) ? 1 : 0;
    }
    remainder(b, c, x, gradient);
    let worst = 0;
    for (let i = 0; i < m; i++) {
      gradient[i] -= soft * prices[i];
      worst = Math.max(worst, Math.abs(gradient[i]));
    }
    if (worst <= 1e-10 * scale + 1e-11) {
      converged = true;
      break;
    }
    newtonMatrix(c, free, soft, { m, matrix, last });
    step.set(gradient);
    solveInPlace(matrix, step, m, last);
    times(c, step, along);
    const t = stepLength(p, prices, soft);
    if (t === 0) break;
    for (let i = 0; i < m; i++) prices[i] += t * step[i];
    for (let j = 0; j < n; j++) pull[j] += t * along[j];
  }
  remainder(b, c, x, gradient);
  let residual = 0;
  for (let i = 0; i < m; i++) residual = Math.max(residual, Math.abs(gradient[i]));
  return { x, prices, residual, rounds: round, converged };
}

/** out = Aᵀ v. */
function times({ count, from, row, value }: BalanceColumns, v: Float64Array, out: Float64Array): void {
  for (let j = 0, k = 0; j < count; j++) {
    const end = from[j + 1];
    let s = 0;
    for (; k < end; k++) s += value[k] * v[row[k]];
    out[j] = s;
  }
}

/** out = b − A x. */
function remainder(
  b: Float64Array,
  { count, from, row, value }: BalanceColumns,
  x: Float64Array,
  out: Float64Array,
): void {
  out.set(b);
  for (let j = 0; j < count; j++) {
    const v = x[j];
    if (v === 0) continue;
    for (let k = from[j], end = from[j + 1]; k < end; k++) out[row[k]] -= value[k] * v;
  }
}

/** A symmetric matrix of which each row ends at its last column that is not nought. */
interface Envelope {
  m: number;
  matrix: Float64Array;
  last: Int32Array;
}

/**
 * diag(1/2w) + Σ over free columns of A_j A_jᵀ / 2d_j + a little: the half right of the diagonal, and of each row its
 * last column that is not nought. Limbs are coupled with the trunk and the whole body, which come first, and hardly
 * with each other.
 */
function newtonMatrix(
  { count, from, row, value, price }: BalanceColumns,
  free: Uint8Array,
  soft: number,
  { m, matrix: out, last }: Envelope,
): void {
  out.fill(0);
  for (let r = 0; r < m; r++) last[r] = r;
  for (let j = 0; j < count; j++) {
    const first = from[j],
      end = from[j + 1];
    if (!free[j] || first === end) continue;
    const f = 1 / (2 * price[j]),
      furthest = row[end - 1];
    for (let r = first; r < end; r++) {
      const v = value[r] * f,
        i = row[r],
        o = i * m;
      for (let k = r; k < end; k++) out[o + row[k]] += v * value[k];
      if (furthest > last[i]) last[i] = furthest;
    }
  }
  for (let r = 0; r < m; r++) out[r * m + r] += soft + 1e-10 * (1 + out[r * m + r]);
}

/**
 * Cholesky solve from the last equation to the first, so that what is eliminated early, the limbs, fills nothing in:
 * only what lies within each row's last column is touched (an envelope method, Jennings 1966). The matrix is
 * overwritten. A pivot that vanishes is lifted: the search still bounds the step.
 */
function solveInPlace(a: Float64Array, b: Float64Array, m: number, last: Int32Array): void {
  for (let i = m - 1; i >= 0; i--) {
    const io = i * m,
      li = last[i];
    for (let j = li; j >= i; j--) {
      const jo = j * m,
        most = li < last[j] ? li : last[j];
      let s = a[io + j];
      for (let k = j + 1; k <= most; k++) s -= a[io + k] * a[jo + k];
      a[io + j] = i === j ? Math.sqrt(Math.max(s, 1e-14)) : s / a[jo + j];
    }
    let s = b[i];
    for (let k = i + 1; k <= li; k++) s -= a[io + k] * b[k];
    b[i] = s / a[io + i];
  }
  for (let i = 0; i < m; i++) {
    const io = i * m,
      v = (b[i] /= a[io + i]);
    for (let k = i + 1; k <= last[i]; k++) b[k] -= a[io + k] * v;
  }
}

/** Slope of the dual after the share `t` of the step in the workspace. */
function slopeAt({ columns: c }: BoxProgram, t: number, constant: number, linear: number): number {
  const { pull, along } = room;
  let s = constant - t * linear;
  for (let j = 0; j < c.count; j++) {
    const a = along[j];
    if (a === 0) continue;
    const v = (pull[j] + t * a) / (2 * c.price[j]);
    s -= a * (v > c.high[j] ? c.high[j] : v < c.low[j] ? c.low[j] : v);
  }
  return s;
}

/**
 * How far along the step the dual is near its top: near the zero of its falling, piecewise linear slope. 0 when it
 * cannot grow.
 */
function stepLength(p: BoxProgram, prices: Float64Array, soft: number): number {
  const { step } = room;
  let constant = 0,
    linear = 0;
  for (let i = 0; i < p.b.length; i++) {
    constant += step[i] * (p.b[i] - soft * prices[i]);
    linear += soft * step[i] * step[i];
  }
  const first = slopeAt(p, 0, constant, linear);
  if (first <= 0) return 0;
  const near = ALONG * first;
  let low = 0,
    high = 1,
    sLow = first,
    sHigh = slopeAt(p, 1, constant, linear);
  while (sHigh > near && high < 1e6) {
    low = high;
    sLow = sHigh;
    high *= 4;
    sHigh = slopeAt(p, high, constant, linear);
  }
  if (Math.abs(sHigh) <= near) return high;
  for (let k = 0; k < 60; k++) {
    // Regula falsi, halved now and then so that both ends move (Illinois).
    const t = k % 3 === 2 ? (low + high) / 2 : low + ((high - low) * sLow) / (sLow - sHigh);
    const s = slopeAt(p, t, constant, linear);
    if (Math.abs(s) <= near) return t;
    if (s > 0) {
      low = t;
      sLow = s;
    } else {
      high = t;
      sHigh = s;
    }
  }
  return low;
}
