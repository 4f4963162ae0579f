import { actionWords, armsAt, forceMean, linesOfStructure, SLACK, SLIGHT_M } from './actions';
import { COORDINATES, coordinateIndex } from './coordinates';
import { halfCoordinate, HALF_COUNT, type Half } from './half-body';
import { LINES } from './lines';
import type { MuscleModel } from './muscle-model';
import { DEG } from './vec3';

/** A muscle's arms and length while one joint angle goes from end to end and the others stay. */
export interface Curve {
  structure: string;
  /** Place in a half body of the angle that moves. */
  over: number;
  at_deg: readonly number[];
  /** One for each action: mean arm over the lines, metres. */
  arms: readonly { about: number; arm_m: readonly number[] }[];
  /** Mean elongation over the lines, optimal fibre lengths beyond anatomical. */
  elongation: readonly number[];
  reversals: readonly Reversal[];
  /** Angles between which the muscle is slack, as pairs of degrees. */
  slack: readonly (readonly [from: number, to: number])[];
}

/** Where an action of a muscle, or of one of its lines, turns into its opposite. */
export interface Reversal {
  about: number;
  /** Null for the muscle as a whole. */
  line: string | null;
  at_deg: number;
  /** What it does below and above that angle. */
  below: string;
  above: string;
}

const STEP_DEG = 2;

/** @param half posture of one side; its angle `over` is swept between the coordinate's limits */
export function curveOf(model: MuscleModel, half: Half, structure: string, over: number): Curve {
  const { min_deg, max_deg } = COORDINATES[coordinateIndex(halfCoordinate(over, 'right'))];
  const steps = Math.round((max_deg - min_deg) / STEP_DEG);
  const at_deg = Array.from({ length: steps + 1 }, (_, i) => min_deg + ((max_deg - min_deg) * i) / steps);
  const lines = linesOfStructure(structure);
  const probe = Float64Array.from(half);
  const stretched = new Float64Array(model.lineCount);
  const elongation: number[] = [];
  const byLine = lines.map(() => Array.from({ length: HALF_COUNT }, (): number[] => []));
  const mean = Array.from({ length: HALF_COUNT }, (): number[] => []);
  for (const angle of at_deg) {
    probe[over] = angle * DEG;
    const arms = armsAt(model, probe);
    lines.forEach((i, k) => byLine[k].forEach((list, c) => list.push(arms[i * HALF_COUNT + c])));
    mean.forEach((list, c) => list.push(forceMean(structure, (i) => arms[i * HALF_COUNT + c])));
    model.elongations(probe, stretched);
    elongation.push(forceMean(structure, (i) => stretched[i]));
  }
  const crossed = mean.flatMap((_, c) => (byLine.some((l) => l[c].some((v) => Math.abs(v) > SLIGHT_M)) ? [c] : []));
  const whole = crossed.flatMap((c) => reversalsOf(at_deg, mean[c], c, null));
  const single =
    lines.length > 1
      ? crossed.flatMap((c) => lines.flatMap((i, k) => reversalsOf(at_deg, byLine[k][c], c, LINES[i].line)))
      : [];
  const slack = slackRanges(at_deg, elongation);
  return {
    structure,
    over,
    at_deg,
    arms: crossed.map((about) => ({ about, arm_m: mean[about] })),
    elongation,
    reversals: [...whole, ...single].filter((r) => !isSlackAt(slack, r.at_deg)),
    slack,
  };
}

const isSlackAt = (slack: Curve['slack'], at: number): boolean => slack.some(([a, b]) => at >= a && at <= b);

function slackRanges(at: readonly number[], elongation: readonly number[]): [number, number][] {
  const ranges: [number, number][] = [];
  at.forEach((angle, i) => {
    if (elongation[i] >= SLACK) return;
    const last = ranges.at(-1);
    if (last && i > 0 && elongation[i - 1] < SLACK) last[1] = angle;
    else ranges.push([angle, angle]);
  });
  return ranges;
}

/** Crossings of zero after which the arm is more than slight on both sides: a wobble round nothing is no reversal. */
function reversalsOf(at: readonly number[], arm: readonly number[], about: number, line: string | null): Reversal[] {
  const found: Reversal[] = [];
  let last = 0; // place of the last arm that was more than slight
  let started = false;
  for (let i = 0; i < arm.length; i++) {
    if (Math.abs(arm[i]) < SLIGHT_M) continue;
    if (started && Math.sign(arm[i]) !== Math.sign(arm[last])) {
      let k = last;
      while (Math.sign(arm[k + 1]) === Math.sign(arm[last])) k++;
      const t = arm[k] / (arm[k] - arm[k + 1]);
      found.push({
        about,
        line,
        at_deg: at[k] + t * (at[k + 1] - at[k]),
        below: actionWords(about, arm[last]) ?? '',
        above: actionWords(about, arm[i]) ?? '',
      });
    }
    started = true;
    last = i;
  }
  return found;
}
