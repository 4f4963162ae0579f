import { armsAt, LINE_STRUCTURES, linesOfStructure } from './actions';
import { HALF_COUNT, type Half } from './half-body';
import { LINES } from './lines';
import type { MuscleModel } from './muscle-model';
import { typicalEnd } from './strands';

/** Steepness of the passive force–length curve (shape of Thelen 2003). */
const STEEP = 4;
/**
 * Passive force at the typical end as a share of greatest force: how hard people let themselves be pulled. Our default.
 */
const AT_END = 0.2;
/** End of lines that no test brings to their end, fibre lengths. Our default. */
export const UNKNOWN_END = 0.6;
/** Moments below this are not told, N·m. */
const LEAST_NM = 0.05;
const ends = LINES.map((l) => Math.max(0.05, typicalEnd(l.line, 'pushed')?.end ?? UNKNOWN_END));
const ONE = Math.expm1(STEEP);

/**
 * Passive force of every line in newtons at a posture of one side, written into `out`: nothing at anatomical length and
 * below, then exponential so that the typical end takes a fifth of the greatest force.
 */
export function passiveForces(model: MuscleModel, half: Half, out: Float64Array): Float64Array {
  model.elongations(half, out);
  for (let i = 0; i < out.length; i++) out[i] = model.maximumForce(i) * passiveAt(out[i] / ends[i]);
  return out;
}

/** Passive force at a share of the way to the end, as a share of the greatest force: a fifth at the end itself. */
export const passiveAt = (stretch: number): number => (stretch <= 0 ? 0 : AT_END * (Math.expm1(STEEP * stretch) / ONE));

export interface PassiveShare {
  /** Place in a half body. */
  coordinate: number;
  /** Passive moment of the muscle, N·m; its sign is the direction it pulls the coordinate. */
  moment_Nm: number;
  /** Its share of what all muscles together pull in that direction, 0–1. */
  share: number;
}

/** What a muscle's stretch pulls on at a posture: the joints about which it holds, the greatest share first. */
export function passiveShares(model: MuscleModel, half: Half, structure: string): PassiveShare[] {
  const forces = passiveForces(model, half, new Float64Array(model.lineCount));
  const arms = armsAt(model, half);
  const moment = (of: string, c: number): number =>
    linesOfStructure(of).reduce((sum, i) => sum + forces[i] * arms[i * HALF_COUNT + c], 0);
  const shares: PassiveShare[] = [];
  for (let c = 0; c < HALF_COUNT; c++) {
    const mine = moment(structure, c);
    if (Math.abs(mine) < LEAST_NM) continue;
    let all = 0;
    for (const other of LINE_STRUCTURES) {
      const its = moment(other, c);
      if (Math.sign(its) === Math.sign(mine)) all += its;
    }
    shares.push({ coordinate: c, moment_Nm: mine, share: mine / all });
  }
  return shares.sort((a, b) => b.share - a.share);
}
