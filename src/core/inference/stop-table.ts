import { DEG, ELEMENT_IDS, HALF, KAPPA, newHalf, type StrandModel } from '@/core/body';
import type { Context, Hanging, ModelledReadout, Norm } from '@/core/assessment/definition';
import { gainOf } from './gains';
import { COUNT, LATENT, tolerancesFrom } from './prior';
import { Random } from './random';
import { ANOTHER_WAY } from './context';

/** Grid of the movement, degrees of the joint; other units follow from a read-out's degrees a unit. */
const STEP_DEG = 2;
/**
 * Degrees that an end may move for one SD of tolerance. Where nothing grows stiffer along a movement its end would be
 * anywhere, and a sampler would find cliffs; every element resists at least this much more with each step.
 */
const GAIN_MOST = 20;
/** Where most people have stopped, SD beyond the mean end: five in six of them (ours). */
const PIVOT_SD = 1;
/**
 * What balances a hanging limb in typical people, against the pull at their mean end; and the greatest ratio of two
 * arms (ours).
 */
const BALANCE = 1.2;
const MOST_ARM = 2.5;
/** Effects smaller than this everywhere never reach a threshold, however short the element. */
const NEVER = 1e-5;
const CALIBRATION_DRAWS = 96;

/** Virtual work of a strand that stands at z and lengthens by `slope` a step: `slope · exp(κ z)`. */
export const pullOf = (slope: number, z: number, kappa: number = KAPPA): number => slope * Math.exp(kappa * z);

/** Where typical people end in a read-out, in its unit; `sex` tells which gain belongs to it. */
interface TypicalEnd {
  mean: number;
  sd: number;
  sex?: Norm['sex'];
}
interface StopOptions {
  /** Resistance at which it stops; fitted to the norm where absent. */
  threshold?: number;
  /** How sharply the least tolerant decides; a simulated world may differ from ours. */
  kappa?: number;
  /** Instead of the calibrated one. */
  gain?: number;
}

/** Where a movement ends, and what resists there. */
export interface Crossing {
  /**
   * End of the movement, in the unit of the reading, and what an SD of tolerance of one that stops it alone adds to it.
   */
  end: number;
  gain: number;
  /** What each active element resists with, and how much more of it a unit further, by place in `active`. */
  readonly pulls: Float64Array;
  readonly growths: Float64Array;
  /** Sum of the pulls. */
  sum: number;
}

/**
 * Where one movement stops for given tolerances.
 *
 * `Σ_g E_g(θ) exp(−κ x_g) = C` with `E_g = Σ_strands exp(κ z) · SD · dz/dθ` where the strand lengthens along the
 * movement: virtual work, so that tissue which is tight but does not resist *this* movement stops nothing. C is fitted
 * so that the mean end over the prior is the norm: each test's own zero. It is fitted with the pelvis as it usually
 * moves and usual bones, and holds however they are, so that a pelvis that curled more tells of shorter muscles. The
 * grid runs from the least range to the greatest and is made to rise from where most people have stopped, both ways.
 */
export class StopTable {
  readonly size: number;
  /** Elements that can matter in this movement, by place in `ELEMENTS`. */
  readonly active: Int32Array;
  private readonly from: number;
  private readonly step: number;
  /**
   * Element whose pull is what hangs on it, whatever its length; −1 where none. Its end says nothing of its tolerance.
   */
  readonly fixed: number;
  /** effect[i × active.length + k] at grid point i. */
  private readonly effect: Float64Array;
  /** Resistance at which the movement stops; fitted to the norm, or that of the same read-out with the usual pelvis. */
  threshold = 1;

  private readonly kappa: number;

  /** @param norm typical people's mean end and spread, in the unit of the reading */
  constructor(
    readonly readout: ModelledReadout,
    context: Context,
    readonly norm: TypicalEnd,
    model: StrandModel,
    options: StopOptions = {},
  ) {
    this.kappa = options.kappa ?? KAPPA;
    const gain = options.gain ?? gainOf(readout, norm.sex);
    const upward = readout.better === 'higher';
    const least = readout.modelMin ?? readout.min;
    this.from = upward ? least : readout.max;
    const stride = STEP_DEG / (readout.degreesPerUnit ?? 1);
    this.step = upward ? stride : -stride;
    this.size = Math.floor((readout.max - least) / stride + 1e-9) + 1;
    const all = this.effects(context, norm, gain, model);
    const { hangs } = readout;
    // A limb that is held by hand, as in another way of doing it, hangs on nothing.
    const bound = hangs !== undefined && context[hangs.readBy] !== undefined && context[ANOTHER_WAY] === undefined;
    this.fixed = bound ? ELEMENT_IDS.indexOf(hangs.element) : -1;
    if (bound) this.bind(all, hangs, context, norm, model);
    this.rising(all, norm);
    this.active = Int32Array.from(
      Array.from({ length: COUNT }, (_, g) => g).filter((g) => {
        for (let i = 0; i < this.size; i++) if (all[i * COUNT + g] > NEVER) return true;
        return false;
      }),
    );
    const n = this.active.length;
    this.effect = new Float64Array(this.size * n);
    for (let i = 0; i < this.size; i++)
      for (let k = 0; k < n; k++) this.effect[i * n + k] = all[i * COUNT + this.active[k]];
    if (options.threshold === undefined) this.fitThreshold(norm.mean);
    else this.threshold = options.threshold;
  }

  /** E of every element at every grid point. */
  private effects(context: Context, norm: TypicalEnd, gain: number, model: StrandModel): Float64Array {
    const strands = model.elementOfStrand.length;
    const posed = this.readout.hangs?.resting?.(context) ?? context;
    const z = new Float64Array(this.size * strands);
    const half = newHalf();
    for (let i = 0; i < this.size; i++) {
      // Each test's own gain: a degree read is so much more or less than a degree of the model (`gains.ts`).
      this.readout.posture(norm.mean + (this.from + this.step * i - norm.mean) / gain, posed, half);
      half[HALF.femoralVersion] = (context.femoralVersion ?? 0) * DEG;
      model.strandStanding(half, this.readout.manner, z.subarray(i * strands, (i + 1) * strands));
    }
    const out = new Float64Array(this.size * COUNT);
    for (let i = 0; i < this.size; i++) {
      const before = Math.max(0, i - 1),
        after = Math.min(this.size - 1, i + 1);
      for (let s = 0; s < strands; s++) {
        const slope =
          ((z[after * strands + s] - z[before * strands + s]) / ((after - before) * Math.abs(this.step))) * norm.sd;
        if (slope > 0) out[i * COUNT + model.elementOfStrand[s]] += pullOf(slope, z[i * strands + s], this.kappa);
      }
    }
    return out;
  }

  /**
   * Replaces the effect of what is bound by what hangs on it. In typical people it stands in balance with the usual
   * limb; its pull on this joint is that of the limb as it hangs, times the ratio of its arms at the two joints.
   */
  private bind(out: Float64Array, hangs: Hanging, context: Context, norm: TypicalEnd, model: StrandModel): void {
    const half = newHalf(),
      z = new Float64Array(model.elementOfStrand.length);
    const strand = model.elementOfStrand.indexOf(this.fixed);
    const at = (own: number, hanging: number): number => {
      this.readout.posture(own, { ...context, [hangs.readBy]: hanging }, half);
      model.strandStanding(half, this.readout.manner, z);
      return z[strand];
    };
    const { mean, sd } = norm,
      { usual } = hangs;
    // Both along the way that the test moves: a read-out may fall as it goes on.
    const outer = (at(mean, usual + 1) - at(mean, usual - 1)) / 2,
      inner = (Math.sign(this.step) * (at(mean + 1, usual) - at(mean - 1, usual))) / 2;
    const usualPull = BALANCE * Math.exp(this.kappa * at(mean, usual)) * outer;
    const arm = Math.min(MOST_ARM, Math.max(0, inner / Math.max(1e-3, outer)));
    for (let i = 0; i < this.size; i++) {
      const value = this.from + this.step * i;
      out[i * COUNT + this.fixed] = sd * usualPull * arm * hangs.weight(value, context[hangs.readBy] ?? usual);
    }
  }

  /**
   * Makes every element's effect rise along the grid, so that the movement has one end whatever the tolerances: true at
   * the pivot, before it no more than later, beyond it no less than before. The pivot lies where most people have
   * stopped: what is slack there has stopped nobody, and postures that nobody reaches say nothing of those that people
   * end in.
   */
  private rising(out: Float64Array, norm: TypicalEnd): void {
    const fall = Math.exp((-this.kappa * STEP_DEG) / GAIN_MOST);
    const beyond = Math.sign(this.step) * PIVOT_SD * norm.sd;
    const pivot = Math.min(this.size - 1, Math.max(1, Math.round((norm.mean + beyond - this.from) / this.step)));
    for (let g = 0; g < COUNT; g++) {
      for (let i = pivot - 1; i >= 0; i--)
        out[i * COUNT + g] = Math.min(out[i * COUNT + g], fall * out[(i + 1) * COUNT + g]);
      for (let i = pivot + 1; i < this.size; i++)
        out[i * COUNT + g] = Math.max(out[i * COUNT + g], out[(i - 1) * COUNT + g] / fall);
    }
  }

  /** End of the movement, degrees of the reading, for weights `exp(−κ x)` of one side starting at `offset`. */
  end(weights: Float64Array, offset: number): number {
    return this.from + this.step * this.position(weights, offset);
  }

  /**
   * End of the movement (degrees), its gain dEnd/dx = gain × share, and the elements' shares in the stop (summing to
   * 1). Only `shares[active]` are written. The object returned is reused by the next call.
   */
  stop(weights: Float64Array, offset: number, shares: Float64Array): { end: number; gain: number } {
    const { pulls, sum } = this.crossing(weights, offset);
    for (let k = 0; k < this.active.length; k++) shares[this.active[k]] = pulls[k] / sum;
    return this.result;
  }

  /**
   * The same in the order of `active`, with how fast each element's pull grows there. The object returned is reused by
   * the next call.
   */
  crossing(weights: Float64Array, offset: number): Crossing {
    const position = this.position(weights, offset);
    const { effect, result } = this;
    const n = this.active.length,
      w = this.compact,
      { pulls, growths } = result;
    const i = Math.min(this.size - 2, Math.floor(position));
    const t = position - i,
      row = i * n,
      perUnit = 1 / this.step;
    let sum = 0;
    for (let k = 0; k < n; k++) {
      const here = effect[row + k] * w[k];
      const growth = effect[row + n + k] * w[k] - here;
      growths[k] = growth * perUnit;
      sum += pulls[k] = here + growth * t;
    }
    result.sum = sum;
    result.end = this.from + this.step * position;
    // d ln S / dθ by the grid, d ln S / dx_g = −κ share_g: implicit differentiation.
    const inside = position > 0 && position < this.size - 1;
    result.gain = inside ? (this.kappa * this.step) / Math.max(1e-6, this.rise) : 0;
    return result;
  }
  private readonly result: Crossing = {
    end: 0,
    gain: 0,
    sum: 1,
    pulls: new Float64Array(COUNT),
    growths: new Float64Array(COUNT),
  };

  /**
   * Place on the grid where the sum crosses the threshold, linear in the logarithm between grid points. The sum only
   * grows along the grid, so the search may begin where the last one ended; a sampler moves little between calls.
   */
  private position(weights: Float64Array, offset: number): number {
    const { active, compact: w, threshold } = this;
    for (let k = 0; k < active.length; k++) w[k] = active[k] === this.fixed ? 1 : weights[offset + active[k]];
    const last = this.size - 1;
    let low = this.hint,
      high = low + 1,
      below = this.sumAt(low),
      above = below,
      stride = 1;
    if (below < threshold) {
      for (;;) {
        above = this.sumAt(high);
        if (above >= threshold) break;
        if (high === last) return last;
        low = high;
        below = above;
        high = Math.min(last, high + (stride *= 2));
      }
    } else {
      high = low;
      for (;;) {
        if (high === 0) return 0;
        low = Math.max(0, high - stride);
        below = this.sumAt(low);
        if (below < threshold) break;
        high = low;
        above = below;
        stride *= 2;
      }
    }
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      const sum = this.sumAt(middle);
      if (sum < threshold) {
        low = middle;
        below = sum;
      } else {
        high = middle;
        above = sum;
      }
    }
    this.hint = low;
    this.rise = Math.log(above / below);
    return low + Math.log(threshold / below) / this.rise;
  }
  private hint = 0;

  private sumAt(i: number): number {
    const { effect, compact: w } = this;
    const n = this.active.length;
    let sum = 1e-300;
    for (let k = 0, at = i * n; k < n; k++, at++) sum += effect[at] * w[k];
    return sum;
  }
  /** Logarithm of how much the sum grows over the grid step where it crosses the threshold. */
  private rise = 1;
  private readonly compact = new Float64Array(COUNT);

  private fitThreshold(norm: number): void {
    const random = new Random(20211);
    const weights = new Float64Array(CALIBRATION_DRAWS * COUNT);
    const latent = new Float64Array(LATENT),
      x = new Float64Array(2 * COUNT);
    for (let d = 0; d < CALIBRATION_DRAWS; d += 2) {
      for (let i = 0; i < LATENT; i++) latent[i] = random.normal();
      // Antithetic pairs: the mean over draws is exact to first order.
      for (const sign of [1, -1]) {
        tolerancesFrom(latent, x);
        const at = (d + (sign < 0 ? 1 : 0)) * COUNT;
        for (let g = 0; g < COUNT; g++) weights[at + g] = Math.exp(-this.kappa * sign * x[g]);
      }
    }
    let low = -16,
      high = 12;
    for (let i = 0; i < 24; i++) {
      const middle = (low + high) / 2;
      this.threshold = Math.exp(middle);
      let mean = 0;
      for (let d = 0; d < CALIBRATION_DRAWS; d++) mean += this.end(weights, d * COUNT) / CALIBRATION_DRAWS;
      if ((mean - norm) * this.step < 0) low = middle;
      else high = middle;
    }
  }
}

const KEPT = 48;
const kept = new WeakMap<ModelledReadout, Map<string, StopTable>>();

/** The stop table of a read-out, made once for the same context and norm: fitting its threshold is the dear part. */
export function stopTableFor(
  readout: ModelledReadout,
  context: Context,
  norm: TypicalEnd,
  model: StrandModel,
): StopTable {
  let own = kept.get(readout);
  if (!own) kept.set(readout, (own = new Map()));
  const key = `${norm.sex ?? ''}/${norm.mean}/${norm.sd}/${JSON.stringify(Object.entries(context).sort(([a], [b]) => (a < b ? -1 : 1)))}`;
  let table = own.get(key);
  if (!table) {
    if (own.size >= KEPT) own.clear();
    const { pelvicTilt, femoralVersion, ...others } = context;
    const special = pelvicTilt !== undefined || femoralVersion !== undefined || context[ANOTHER_WAY] !== undefined;
    // Another way of doing it is set by the usual way's threshold: what differs then is told by the body alone. So is a
    // limb that hangs otherwise than usual: whoever's knee hangs straight does not on that account end where everybody
    // does.
    const hung = readout.hangs !== undefined && context[readout.hangs.readBy] !== undefined;
    const plain = special && context[ANOTHER_WAY] === undefined ? others : {};
    const usual = special || hung ? stopTableFor(readout, plain, norm, model) : null;
    own.set(key, (table = new StopTable(readout, context, norm, model, { threshold: usual?.threshold })));
  }
  return table;
}
