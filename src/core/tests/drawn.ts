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
  const other = otherSide(side);
  const arms = {
    shoulder_flexion_left: 8,
    shoulder_flexion_right: 8,
    shoulder_adduction_left: -16,
    shoulder_adduction_right: -16,
  };
  const hip = half[HALF.hipFlexion] / DEG;
  let base: Record<string, number>;
  if (test.position === 'on the front')
    base = { pelvis_tilt: 90, ankle_dorsiflexion_left: -55, ankle_dorsiflexion_right: -55, ...arms };
  else if (test.position === 'table edge') {
    const roll = -hip - (readout.id === 'hip-extension' ? value : (context['hip-extension'] ?? 5));
    base = {
      pelvis_tilt: -90 - roll,
      lumbar_flexion: roll,
      [`hip_flexion_${other}`]: 118,
      [`knee_flexion_${other}`]: 125,
      ...arms,
    };
  } else {
    // What the leg travelled beyond the hip joint is the pelvis curling; the other leg stays on the floor.
    const curl = readout.id === 'hip-flexion' ? value - hip : 90 - hip;
    base = {
      pelvis_tilt: -90 - curl,
      lumbar_flexion: curl,
      [`hip_flexion_${other}`]: -curl,
      [`ankle_dorsiflexion_${other}`]: -20,
      [`ankle_dorsiflexion_${side}`]: -10,
      ...arms,
    };
  }
  const posture = postureFrom(base);
  for (const [i, name] of HALF_NAMES.entries())
    if (i >= TRUNK_COUNT && !name.startsWith('ankle')) posture[coordinateIndex(`${name}_${side}`)] = half[i];
  return posture;
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

/** Where the angle of a read-out is drawn on a body in that test. */
export function testAngle(test: TestDefinition, readout: Readout, side: Side): DrawnAngle {
  const hip = `hip_${side}`,
    knee = `knee_${side}`,
    shin = `shin_${side}`,
    ankle = `ankle_${side}`;
  if (readout.id.endsWith('rotation')) return { vertex: shin, toward: ankle, zero: UP };
  if (readout.id === 'knee-flexion' || readout.id === 'missing-extension')
    return { vertex: shin, toward: ankle, zero: { along: `thigh_${side}` } };
  return { vertex: hip, toward: knee, zero: test.position === 'on the front' ? UP : TOWARDS_FEET };
}
