/** Seeded source of random numbers (mulberry32): same seed, same numbers, on every machine. */
export class Random {
  private state: number;
  private spare = Number.NaN;

  constructor(seed: number) {
    this.state = seed >>> 0;
  }

  /** Uniform in [0, 1). */
  uniform(): number {
    this.state = (this.state + 0x6d2b79f5) >>> 0;
    let t = this.state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  }

  /** Standard normal (Marsaglia's polar method). */
  normal(): number {
    if (!Number.isNaN(this.spare)) {
      const value = this.spare;
      this.spare = Number.NaN;
      return value;
    }
    for (;;) {
      const u = 2 * this.uniform() - 1,
        v = 2 * this.uniform() - 1;
      const s = u * u + v * v;
      if (s > 0 && s < 1) {
        const f = Math.sqrt((-2 * Math.log(s)) / s);
        this.spare = v * f;
        return u * f;
      }
    }
  }

  /** Student's t with `degrees` of freedom. */
  studentT(degrees: number): number {
    let chi = 0;
    for (let i = 0; i < degrees; i++) chi += this.normal() ** 2;
    return this.normal() / Math.sqrt(chi / degrees);
  }

  /** Index drawn with the given weights (not negative, sum above 0). */
  pick(weights: ArrayLike<number>): number {
    let total = 0;
    for (let i = 0; i < weights.length; i++) total += weights[i];
    let left = this.uniform() * total;
    for (let i = 0; i < weights.length; i++) {
      left -= weights[i];
      if (left < 0) return i;
    }
    return weights.length - 1;
  }
}
