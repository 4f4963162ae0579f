import {
  activeShare,
  HALF,
  HALF_COUNT,
  halfFromDegrees,
  LINE_STRUCTURES,
  linesOfStructure,
  MuscleModel,
  type HalfAngles,
} from '@/core/body';
import { readoutOf } from '@/core/assessment/battery';
import { detectableAt } from '@/core/assessment/definition';
import { latest, meanOf, type Reading, type ReadingSide } from '@/core/assessment/reading';

/** Torque that a push showed, shared out among the muscles that can make it in the position of the test. */
export interface Capacity {
  test: string;
  readout: string;
  side: ReadingSide;
  reading: string;
  /** Newton metres, and the smallest difference that is more than the error of measuring. */
  torque_Nm: number;
  error_Nm: number;
  /** Greatest first, shares summing to 1; each with its part of the torque. */
  shares: { structure: string; share: number; torque_Nm: number }[];
}

/** Where a push is made, degrees, and which way: +1 along the coordinate, −1 against it. */
const PUSHES: Readonly<Record<string, { at: HalfAngles; coordinate: number; way: 1 | -1 }>> = {
  'seated-hip-flexion-hold/torque': { at: { hipFlexion: 90, kneeFlexion: 90 }, coordinate: HALF.hipFlexion, way: 1 },
  'seated-rotation-strength/internal-torque': {
    at: { hipFlexion: 85, kneeFlexion: 90 },
    coordinate: HALF.hipRotation,
    way: 1,
  },
  'seated-rotation-strength/external-torque': {
    at: { hipFlexion: 85, kneeFlexion: 90 },
    coordinate: HALF.hipRotation,
    way: -1,
  },
  'seated-knee-extension/torque': { at: { hipFlexion: 85, kneeFlexion: 60 }, coordinate: HALF.kneeFlexion, way: -1 },
  'prone-hip-extension/torque': { at: { kneeFlexion: 90 }, coordinate: HALF.hipFlexion, way: -1 },
  'prone-knee-flexion/torque': { at: { kneeFlexion: 45 }, coordinate: HALF.kneeFlexion, way: 1 },
  'side-lying-abduction/torque': { at: { hipAdduction: -10 }, coordinate: HALF.hipAdduction, way: -1 },
  'side-lying-adduction/torque': { at: {}, coordinate: HALF.hipAdduction, way: 1 },
  'adductor-squeeze/torque': { at: { hipFlexion: 45, kneeFlexion: 90 }, coordinate: HALF.hipAdduction, way: 1 },
};

/** Shares below this are not told. */
const LEAST = 0.03;
let model: MuscleModel | null = null;

/**
 * Torque capacity of each push among the newest readings. A muscle's share is its greatest force at that length
 * (Gaussian force–length curve, Thelen 2003) times its lever arm there: who *can* help, not who did.
 * @param mass_kg body mass, where a push does not carry its own
 */
export function capacities(readings: readonly Reading[], mass_kg: number): Capacity[] {
  return latest(readings)
    .filter((r) => r.unit === 'Nm_kg' && !r.variant && !r.pain)
    .flatMap((r): Capacity[] => {
      const push = PUSHES[`${r.test}/${r.readout}`];
      const readout = readoutOf(r.test, r.readout);
      if (!push || !readout) return [];
      const mass = r.push?.mass_kg ?? mass_kg;
      const perKilogram = meanOf(r.trials);
      return [
        {
          test: r.test,
          readout: r.readout,
          side: r.side,
          reading: r.id,
          torque_Nm: perKilogram * mass,
          error_Nm: detectableAt(readout, perKilogram) * mass,
          shares: sharesOf(push).map((s) => ({ ...s, torque_Nm: s.share * perKilogram * mass })),
        },
      ];
    });
}

/** Who can make a push where it is made, greatest first. */
function sharesOf({ at, coordinate, way }: (typeof PUSHES)[string]): { structure: string; share: number }[] {
  const muscles = (model ??= new MuscleModel());
  const half = halfFromDegrees(at);
  const arms = muscles.momentArms(half, new Float64Array(muscles.lineCount * HALF_COUNT));
  const elongation = muscles.elongations(half, new Float64Array(muscles.lineCount));
  const able = LINE_STRUCTURES.map((structure) => {
    let torque = 0;
    for (const line of linesOfStructure(structure)) {
      const lever = way * arms[line * HALF_COUNT + coordinate];
      if (lever > 0) torque += lever * muscles.maximumForce(line) * activeShare(line, elongation[line]);
    }
    return { structure, torque };
  });
  const all = able.reduce((s, a) => s + a.torque, 0);
  const told = able.filter((a) => a.torque >= LEAST * all);
  const kept = told.reduce((s, a) => s + a.torque, 0);
  return told.map(({ structure, torque }) => ({ structure, share: torque / kept })).sort((a, b) => b.share - a.share);
}
