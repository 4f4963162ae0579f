import data from './data/knee-functions.json';
import { DEG } from './vec3';

/**
 * Change of a line's length with knee flexion, from a published moment-arm curve integrated once.
 *
 * Natural cubic spline through the arms at the knots; `lengthChange` is its exact integral from 0. Below the first
 * and beyond the last knot the arm stays what it is there. Via-points behind the knee changed the sign of a muscle's
 * action beyond 100° of bending; prescribed arms do not.
 */
export class KneeFunction {
  private readonly x: Float64Array;
  private readonly a: Float64Array;
  private readonly m: Float64Array;
  private readonly area: Float64Array;

  /** @param knots flexion, radians, rising @param arms dL/dflexion at the knots, metres per radian */
  constructor(knots: readonly number[], arms: readonly number[]) {
    const n = knots.length;
    this.x = Float64Array.from(knots);
    this.a = Float64Array.from(arms);
    this.m = secondDerivatives(this.x, this.a);
    this.area = new Float64Array(n);
    for (let i = 1; i < n; i++) this.area[i] = this.area[i - 1] + this.integral(i - 1, this.x[i] - this.x[i - 1]);
  }

  /** Length in metres gained from a straight knee to `flexion` radians. */
  lengthChange(flexion: number): number {
    const { x, a } = this;
    const last = x.length - 1;
    if (flexion <= x[0]) return a[0] * (flexion - x[0]);
    if (flexion >= x[last]) return this.area[last] + a[last] * (flexion - x[last]);
    let i = 0;
    while (flexion > x[i + 1]) i++;
    return this.area[i] + this.integral(i, flexion - x[i]);
  }

  /** Integral of spline piece i from its left knot over t radians. */
  private integral(i: number, t: number): number {
    const { x, a, m } = this;
    const h = x[i + 1] - x[i];
    const slope = (a[i + 1] - a[i]) / h - (h * (2 * m[i] + m[i + 1])) / 6;
    return t * (a[i] + t * (slope / 2 + t * (m[i] / 6 + (t * (m[i + 1] - m[i])) / (24 * h))));
  }
}

/** Second derivatives of the natural cubic spline (Thomas algorithm). */
function secondDerivatives(x: Float64Array, y: Float64Array): Float64Array {
  const n = x.length;
  const m = new Float64Array(n),
    c = new Float64Array(n),
    d = new Float64Array(n);
  for (let i = 1; i < n - 1; i++) {
    const h0 = x[i] - x[i - 1],
      h1 = x[i + 1] - x[i];
    const right = 6 * ((y[i + 1] - y[i]) / h1 - (y[i] - y[i - 1]) / h0);
    const pivot = 2 * (h0 + h1) - h0 * c[i - 1];
    c[i] = h1 / pivot;
    d[i] = (right - h0 * d[i - 1]) / pivot;
  }
  for (let i = n - 2; i > 0; i--) m[i] = d[i] - c[i] * m[i + 1];
  return m;
}

const knots = data.knots_deg.map((v) => v * DEG);
/** The curves by name, as the lines refer to them. */
export const KNEE_FUNCTIONS: ReadonlyMap<string, KneeFunction> = new Map(
  Object.entries(data.arms_m).map(([name, arms]) => [name, new KneeFunction(knots, arms)]),
);
