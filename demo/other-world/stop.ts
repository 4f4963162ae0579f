import { newHalf } from '@/core/body/half-body';
import { MuscleModel } from '@/core/body/muscle-model';
import { GROUPS, type GroupId } from '@/core/body/structures';
import type { Context, ModelledReadout } from '@/core/assessment/definition';
import { ownLines } from './ends';
import { JOINTS } from './joints';

const muscles = new MuscleModel();
/** What can end a movement: lines of muscle, then what is none. */
export const PARTS = [...ownLines(muscles), ...JOINTS];
const COUNT = PARTS.length;
const GROUP = PARTS.map((p) => GROUPS.indexOf(p.group));

const STEPS = 60;
/** Of how many degrees of the movement the rate at which a part nears its end is told. */
const PER_DEG = 10;

/**
 * A joint path with what every part does along it, from the easy side to beyond the end: how far it stands from the end
 * of typical people (SD), and how fast the movement brings it there (SD in ten degrees; none for what it slackens).
 */
export class Path {
  readonly values = new Float64Array(STEPS + 1);
  /** [step × parts + part] */
  private readonly z = new Float64Array((STEPS + 1) * COUNT);
  private readonly rate = new Float64Array((STEPS + 1) * COUNT);

  /** @param earlier SD by which each part of this body ends earlier than is usual */
  constructor(readout: ModelledReadout, context: Context, earlier: Float64Array) {
    const low = readout.modelMin ?? readout.min,
      up = readout.better === 'higher';
    const half = newHalf(),
      lengths = new Float64Array(muscles.lineCount);
    for (let i = 0; i <= STEPS; i++) {
      const t = up ? i / STEPS : 1 - i / STEPS;
      this.values[i] = low + (readout.max - low) * t;
      half.fill(0);
      readout.posture(this.values[i], context, half);
      muscles.lengths(half, lengths);
      PARTS.forEach((p, k) => {
        const z = 'index' in p ? (lengths[p.index] - p.end_m) / p.sd_m : (p.of(half) - p.end_deg) / p.sd_deg;
        this.z[i * COUNT + k] = z + earlier[k];
      });
    }
    const step = Math.abs(this.values[1] - this.values[0]) * (readout.degreesPerUnit ?? 1);
    for (let i = 0; i <= STEPS; i++)
      for (let k = 0; k < COUNT; k++) {
        const a = Math.max(0, i - 1),
          b = Math.min(STEPS, i + 1);
        const gained = this.z[b * COUNT + k] - this.z[a * COUNT + k];
        this.rate[i * COUNT + k] = Math.max(0, (PER_DEG * gained) / ((b - a) * step));
      }
  }

  /** What a part adds at a step to what is felt. @param tolerance SD by which each part lets her go further */
  private felt(i: number, k: number, tolerance: Float64Array, kappa: number): number {
    const at = i * COUNT + k;
    return this.rate[at] * Math.exp(kappa * (this.z[at] - tolerance[k]));
  }

  private all(i: number, tolerance: Float64Array, kappa: number): number {
    let sum = 1e-12;
    for (let k = 0; k < COUNT; k++) sum += this.felt(i, k, tolerance, kappa);
    return sum;
  }

  /** Logarithm of all that is felt together at every step, for somebody. */
  profile(tolerance: Float64Array, kappa: number): Float64Array {
    return Float64Array.from(this.values, (_, i) => Math.log(this.all(i, tolerance, kappa)));
  }

  /** Where a profile reaches `enough`, in the unit of the read-out: the first place from the easy side. */
  end(profile: Float64Array, enough: number): number {
    const wanted = Math.log(enough);
    const i = profile.findIndex((v) => v >= wanted);
    if (i < 0) return this.values[STEPS];
    if (i === 0) return this.values[0];
    const t = (wanted - profile[i - 1]) / Math.max(1e-9, profile[i] - profile[i - 1]);
    return this.values[i - 1] + t * (this.values[i] - this.values[i - 1]);
  }

  /** What share of what is felt at a value each part has; written into `out`. */
  shares(value: number, tolerance: Float64Array, kappa: number, out: Float64Array): Float64Array {
    const t = ((value - this.values[0]) / (this.values[STEPS] - this.values[0])) * STEPS;
    const i = Math.min(STEPS, Math.max(0, Math.round(t)));
    const all = this.all(i, tolerance, kappa);
    for (let k = 0; k < COUNT; k++) out[k] = this.felt(i, k, tolerance, kappa) / all;
    return out;
  }
}

/** The group with the greatest share. */
export function mostOf(shares: Float64Array): GroupId {
  const sums = new Float64Array(GROUPS.length);
  shares.forEach((s, k) => {
    sums[GROUP[k]] += s;
  });
  return GROUPS[sums.indexOf(Math.max(...sums))];
}
