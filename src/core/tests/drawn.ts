import {
  DEG,
  HALF,
  HALF_NAMES,
  coordinateIndex,
  newHalf,
  otherSide,
  TRUNK_COUNT,
  postureFrom,
  type FrameName,
  type Half,
  type Posture,
  type Side,
  type Vec3,
} from '@/core/body';
import type { Context, Readout, TestDefinition } from './definition';

/** Whole-body posture (radians) of a test at a reading, for the figure: lying as the test lies, other leg as it is held. */
export function testPosture(
  test: TestDefinition,
  readout: Readout,
  side: Side,
  value: number,
  context: Context,
): Posture {
  const half = newHalf();
  readout.posture(value, context, half);
  const posture = postureFrom(lyingAs(test, readout, side, value, context, half));
  for (const [i, name] of HALF_NAMES.entries())
    if (i >= TRUNK_COUNT && !name.startsWith('ankle')) posture[coordinateIndex(`${name}_${side}`)] = half[i];
  return posture;
}

const ARMS = {
  shoulder_flexion_left: 8,
  shoulder_flexion_right: 8,
  shoulder_adduction_left: -16,
  shoulder_adduction_right: -16,
};

/** Trunk, arms and other leg in the position of a test, degrees. */
function lyingAs(
  test: TestDefinition,
  readout: Readout,
  side: Side,
  value: number,
  context: Context,
  half: Half,
): Record<string, number> {
  const other = otherSide(side);
  const hip = half[HALF.hipFlexion] / DEG,
    knee = half[HALF.kneeFlexion] / DEG;
  switch (test.position) {
    case 'on the front':
      return { pelvis_tilt: 90, ankle_dorsiflexion_left: -55, ankle_dorsiflexion_right: -55, ...ARMS };
    case 'table edge': {
      const roll = -hip - (readout.id === 'hip-extension' ? value : (context['hip-extension'] ?? 5));
      return {
        pelvis_tilt: -90 - roll,
        lumbar_flexion: roll,
        [`hip_flexion_${other}`]: 118,
        [`knee_flexion_${other}`]: 125,
        ...ARMS,
      };
    }
    case 'on the side':
      // Lying on the other side; its leg bent for a broad base.
      return {
        pelvis_list: side === 'right' ? -90 : 90,
        [`hip_flexion_${other}`]: 50,
        [`knee_flexion_${other}`]: 70,
        [`shoulder_flexion_${other}`]: 100,
        [`shoulder_flexion_${side}`]: 45,
        [`elbow_flexion_${side}`]: 60,
      };
    case 'sitting':
      return { [`hip_flexion_${other}`]: 85, [`knee_flexion_${other}`]: 90, pelvis_tilt: -5, ...ARMS };
    case 'standing':
      // The foot is flat: the shin leans by the reading, the pelvis follows from knee and hip.
      return {
        pelvis_tilt: value - knee + hip,
        [`ankle_dorsiflexion_${side}`]: value,
        ...(knee > 0
          ? // In front of the other leg, which stands back on its toes.
            {
              [`hip_flexion_${other}`]: value - knee + hip - 20,
              [`knee_flexion_${other}`]: 30,
              [`ankle_dorsiflexion_${other}`]: 10,
              [`toe_extension_${other}`]: 40,
            }
          : // Behind it.
            { [`hip_flexion_${other}`]: value - knee + hip + 30, [`knee_flexion_${other}`]: 34 }),
        shoulder_flexion_left: 60,
        shoulder_flexion_right: 60,
      };
    default: {
      // What the leg travelled beyond the hip joint is the pelvis curling; the other leg stays on the floor.
      const lifted = readout.id === 'hip-flexion' ? value : readout.id === 'missing-extension' ? 90 : hip;
      const curl = lifted - hip;
      return {
        pelvis_tilt: -90 - curl,
        lumbar_flexion: curl,
        [`hip_flexion_${other}`]: -curl,
        [`ankle_dorsiflexion_${other}`]: -20,
        [`ankle_dorsiflexion_${side}`]: -10,
        ...ARMS,
      };
    }
  }
}

/** The angle that a read-out is about, between named points of the body and a zero line. */
export interface DrawnAngle {
  vertex: string;
  toward: string;
  /** World direction of zero, or the segment whose own length continues straight on. */
  zero: Vec3 | { along: FrameName };
}

const TOWARDS_FEET: Vec3 = [1, 0, 0];
const UP: Vec3 = [0, 1, 0];
const DOWN: Vec3 = [0, -1, 0];

/** Where the angle of a read-out is drawn on a body in that test. */
export function testAngle(test: TestDefinition, readout: Readout, side: Side): DrawnAngle {
  const hip = `hip_${side}`,
    knee = `knee_${side}`,
    shin = `shin_${side}`,
    ankle = `ankle_${side}`;
  if (test.position === 'standing') return { vertex: ankle, toward: shin, zero: UP };
  if (test.position === 'sitting') return { vertex: shin, toward: ankle, zero: DOWN };
  if (test.position === 'on the side') return { vertex: hip, toward: knee, zero: { along: 'pelvis' } };
  if (readout.movement === 'cross-body') return { vertex: hip, toward: knee, zero: UP };
  if (readout.id.endsWith('rotation')) return { vertex: shin, toward: ankle, zero: UP };
  if (readout.id === 'knee-flexion' || readout.id === 'missing-extension')
    return { vertex: shin, toward: ankle, zero: { along: `thigh_${side}` } };
  return { vertex: hip, toward: knee, zero: test.position === 'on the front' ? UP : TOWARDS_FEET };
}
