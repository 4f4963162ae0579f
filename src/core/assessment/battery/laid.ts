import { DEG, HALF, HALF_NAMES, newHalf, TRUNK_COUNT } from '@/core/body';
import type { PoseAngles } from '@/core/poses/format';
import { isModelled, type Context, type DrawnTest, type Readout, type ToldAngle } from '../definition';
import { ARMS, drawnLeg, ON_BACK, ON_FRONT, ON_SIDE, SITTING, UP } from './parts';

/** A test at a reading, with the angles of the leg that is read, degrees. */
interface Drawn {
  readout: Readout;
  value: number;
  context: Context;
  hip: number;
  knee: number;
  ankle: number;
}
type Laid = (drawn: Drawn) => PoseAngles;

/**
 * A test whose leg is drawn where the model has it at a reading, with the rest of the body laid round it. What the leg
 * does is said once, by the read-outs.
 */
export const byModel = (laid: Laid, more: Omit<DrawnTest, 'angles' | 'byModel'>): DrawnTest => ({
  ...more,
  byModel: true,
  angles(value, { readout, context }) {
    const half = newHalf();
    if (!isModelled(readout)) throw new Error(`a test is not drawn at "${readout.id}"`);
    readout.posture(value, context, half);
    const body = laid({
      readout,
      value,
      context,
      hip: half[HALF.hipFlexion] / DEG,
      knee: half[HALF.kneeFlexion] / DEG,
      ankle: half[HALF.ankleDorsiflexion] / DEG,
    });
    // A foot is loose, and lies as the position lets it, but where it is drawn up.
    const leg = HALF_NAMES.flatMap((name, i) =>
      i >= TRUNK_COUNT && (!name.startsWith('ankle') || context.ankleUp !== undefined)
        ? [[`${name}_worked`, half[i] / DEG] as const]
        : [],
    );
    return { ...body, ...Object.fromEntries(leg) };
  },
});

export const onTheFront: Laid = () => ON_FRONT;
/** Lying on the other side; its leg bent for a broad base. */
export const onTheSide: Laid = () => ON_SIDE;
export const sitting: Laid = () => SITTING;
/** The other knee drawn to the chest until the low back lies: the pelvis rolls by what the thigh does not give. */
export const tableEdge: Laid = ({ readout, value, context, hip }) => {
  const roll = -hip - (readout.id === 'hip-extension' ? value : (context['hip-extension'] ?? 5));
  return {
    pelvis_tilt: -90 - roll,
    lumbar_flexion: roll,
    ...drawnLeg({ hipFlexion: 118, kneeFlexion: 125 }, 'other'),
    ...ARMS,
  };
};
/** What the leg travelled beyond the hip joint is the pelvis curling; the other leg stays on the floor. */
export const onTheBack: Laid = ({ readout, value, hip }) => {
  const lifted = readout.id === 'hip-flexion' ? value : readout.id === 'missing-extension' ? 90 : hip;
  const curl = lifted - hip;
  return {
    ...ON_BACK,
    pelvis_tilt: -90 - curl,
    lumbar_flexion: curl,
    ankle_dorsiflexion_other: -20,
    ankle_dorsiflexion_worked: -10,
    hip_flexion_other: -curl,
  };
};
/**
 * The foot is flat: the shin leans by the reading, the pelvis follows from knee and hip.
 * @param flat degrees by which the shin leans with the ankle at rest, where the reading is a distance
 */
export const standing =
  (flat = 0): Laid =>
  ({ readout, value, hip, knee, ankle }) => {
    const shin = readout.id === 'toe-distance' ? ankle + flat : value;
    const tilt = shin - knee + hip;
    return {
      pelvis_tilt: tilt,
      ankle_dorsiflexion_worked: shin,
      ...(knee > 0
        ? // In front of the other leg, which stands back on its toes.
          drawnLeg({ hipFlexion: tilt - 20, kneeFlexion: 30, ankleDorsiflexion: 10, toeExtension: 40 }, 'other')
        : // Behind it.
          drawnLeg({ hipFlexion: tilt + 30, kneeFlexion: 34 }, 'other')),
      shoulder_flexion_both: 60,
    };
  };

/** Directions from which tests by the model are seen: from beside, from above between the legs, along the thigh. */
export const FROM_BESIDE = { yaw: 10, pitch: 8 };
export const FROM_ABOVE = { yaw: -35, pitch: 60 };
export const ALONG_THE_THIGH = { yaw: -70, pitch: 20 };

/** Where a thigh stands from a direction; where a shin does, or from the line of its thigh. */
export const thighFrom = (zero: ToldAngle['zero']): ToldAngle => ({
  vertex: 'hip_worked',
  toward: 'knee_worked',
  zero,
});
export const shinFrom = (zero: ToldAngle['zero']): ToldAngle => ({
  vertex: 'shin_worked',
  toward: 'ankle_worked',
  zero,
});
export const bendOfKnee = (): ToldAngle => shinFrom({ along: 'thigh_worked' });
/** Where the shin stands over a foot that is flat. */
export const shinOverFoot = (): ToldAngle => ({ vertex: 'ankle_worked', toward: 'shin_worked', zero: UP });
