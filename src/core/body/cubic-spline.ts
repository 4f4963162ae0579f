/**
 * Natural cubic spline through given knots; beyond the first and last knot it stays at their values. Second derivatives
 * by the Thomas algorithm. Units are the caller's.
 */
export class CubicSpline {
  private readonly x: Float64Array;
  private readonly y: Float64Array;
  private readonly m: Float64Array;
  private readonly area: Float64Array;

  /** @param knots rising places @param values the curve there */
  constructor(knots: readonly number[], values: readonly number[]) {
    if (knots.length !== values.length || knots.length < 2) throw new Error('a spline needs as many values as knots');
    this.x = Float64Array.from(knots);
    this.y = Float64Array.from(values);
    this.m = secondDerivatives(this.x, this.y);
    this.area = new Float64Array(knots.length);
    for (let i = 1; i < knots.length; i++)
      this.area[i] = this.area[i - 1] + this.piece(i - 1, this.x[i] - this.x[i - 1]);
  }

  /** The curve at `at`. */
  value(at: number): number {
    const { x, y, m } = this;
    const last = x.length - 1;
    if (at <= x[0]) return y[0];
    if (at >= x[last]) return y[last];
    const i = this.pieceAt(at);
    const h = x[i + 1] - x[i],
      t = at - x[i];
    const slope = (y[i + 1] - y[i]) / h - (h * (2 * m[i] + m[i + 1])) / 6;
    return y[i] + t * (slope + t * (m[i] / 2 + (t * (m[i + 1] - m[i])) / (6 * h)));
  }

  /** Its exact integral from the first knot to `at`; negative before it. */
  integral(at: number): number {
    const { x, y, area } = this;
    const last = x.length - 1;
    if (at <= x[0]) return y[0] * (at - x[0]);
    if (at >= x[last]) return area[last] + y[last] * (at - x[last]);
    const i = this.pieceAt(at);
    return area[i] + this.piece(i, at - x[i]);
  }

  private pieceAt(at: number): number {
    let i = 0;
    while (at > this.x[i + 1]) i++;
    return i;
  }

  /** Integral of piece i from its left knot over a length t. */
  private piece(i: number, t: number): number {
    const { x, y, m } = this;
    const h = x[i + 1] - x[i];
    const slope = (y[i + 1] - y[i]) / h - (h * (2 * m[i] + m[i + 1])) / 6;
    return t * (y[i] + t * (slope / 2 + t * (m[i] / 6 + (t * (m[i + 1] - m[i])) / (24 * h))));
  }
}

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
