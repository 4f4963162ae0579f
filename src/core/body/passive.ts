import { armsAt, linesOfStructure } from './actions';
import { HALF_COUNT, type Half } from './half-body';
import { LINES } from './lines';
import type { MuscleModel } from './muscle-model';
import { typicalEnd } from './strands';

/** Steepness of the passive force–length curve (shape of Thelen 2003). */
const STEEP = 4;
/** Passive force at the typical end as a share of greatest force: how hard people let themselves be pulled. Our default. */
const AT_END = 0.2;
/** End of lines that no test brings to their end, fibre lengths. Our default. */
const UNKNOWN_END = 0.6;
const ends = LINES.map((l) => Math.max(0.05, typicalEnd(l.line, 'pushed')?.end ?? UNKNOWN_END));
const ONE = Math.expm1(STEEP);

/**
 * Passive force of every line in newtons at a posture of one side, written into `out`: nothing at anatomical length and
 * below, then exponential so that the typical end takes a fifth of the greatest force.
 */
export function passiveForces(model: MuscleModel, half: Half, out: Float64Array): Float64Array {
  model.elongations(half, out);
  for (let i = 0; i < out.length; i++)
    out[i] = out[i] <= 0 ? 0 : model.maximumForce(i) * AT_END * (Math.expm1((STEEP * out[i]) / ends[i]) / ONE);
  return out;
}

export interface PassiveShare {
  /** Place in a half body. */
  coordinate: number;
  /** Passive moment of the muscle, N·m; its sign is the direction it pulls the coordinate. */
  moment_Nm: number;
  /** Its share of all passive moment in that direction, 0–1. */
  share: number;
}

/** What a muscle's slackless length pulls on at a posture: joints about which it holds, the greatest share first. */
export function passiveShares(model: MuscleModel, half: Half, structure: string): PassiveShare[] {
  const forces = passiveForces(model, half, new Float64Array(model.lineCount));
  const arms = armsAt(model, half);
  const own = new Set(linesOfStructure(structure));
  const shares: PassiveShare[] = [];
  for (let c = 0; c < HALF_COUNT; c++) {
    let mine = 0;
    for (const i of own) mine += forces[i] * arms[i * HALF_COUNT + c];
    if (Math.abs(mine) < 0.05) continue;
    let all = 0;
    for (let i = 0; i < forces.length; i++) {
      const moment = forces[i] * arms[i * HALF_COUNT + c];
      if (Math.sign(moment) === Math.sign(mine)) all += moment;
    }
    shares.push({ coordinate: c, moment_Nm: mine, share: Math.min(1, mine / all) });
  }
  return shares.sort((a, b) => b.share - a.share);
}
