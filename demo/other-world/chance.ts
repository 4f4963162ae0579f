/** Seeded chance of this world: Mulberry32 for what is even, Box and Muller 1958 for what is normal. */
export class Chance {
  constructor(private state: number) {}

  /** Evenly from 0 to below 1. */
  uniform(): number {
    this.state = (this.state + 0x6d2b79f5) | 0;
    let t = Math.imul(this.state ^ (this.state >>> 15), 1 | this.state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }

  /** Mean 0, SD 1. */
  normal(): number {
    return Math.sqrt(-2 * Math.log(1 - this.uniform())) * Math.cos(2 * Math.PI * this.uniform());
  }

  /** An index, as often as its weight says. */
  pick(weights: ArrayLike<number>): number {
    let all = 0;
    for (let i = 0; i < weights.length; i++) all += weights[i];
    let left = this.uniform() * all;
    for (let i = 0; i < weights.length; i++) if ((left -= weights[i]) < 0) return i;
    return weights.length - 1;
  }
}
