import {
  DEG,
  HALF,
  HALF_NAMES,
  coordinateIndex,
  newHalf,
  otherSide,
  TRUNK_COUNT,
  postureFrom,
  type Posture,
  type Side,
  type Vec3,
} from '@/core/body';
import { anglesFor } from '@/core/poses/format';
import { FOOT } from './battery/knee-to-wall';
import { isModelled, type Context, type DrawnAngle, type Readout, type TestDefinition } from './definition';

/**
 * Whole-body posture (radians) of a test at a reading, for the figure: lying as the test lies, other leg as it is held.
 */
export function testPosture(
  test: TestDefinition,
  readout: Readout,
  side: Side,
  value: number,
  context: Context,
): Posture {
  if (test.drawn) return postureFrom(anglesFor(test.drawn.angles(value, readout.id), side));
  const half = newHalf();
  if (!isModelled(readout)) throw new Error(`test "${test.id}" is not drawn at "${readout.id}"`);
  readout.posture(value, context, half);
  const laid = LAID[test.position] ?? onTheBack;
  const posture = postureFrom(
    laid({
      readout,
      side,
      other: otherSide(side),
      value,
      context,
      hip: half[HALF.hipFlexion] / DEG,
      knee: half[HALF.kneeFlexion] / DEG,
      ankle: half[HALF.ankleDorsiflexion] / DEG,
    }),
  );
  for (const [i, name] of HALF_NAMES.entries())
    // A foot is loose, and lies as the position lets it, but where it is drawn up.
    if (i >= TRUNK_COUNT && (!name.startsWith('ankle') || context.ankleUp !== undefined))
      posture[coordinateIndex(`${name}_${side}`)] = half[i];
  return posture;
}

const ARMS = {
  shoulder_flexion_left: 8,
  shoulder_flexion_right: 8,
  shoulder_adduction_left: -16,
  shoulder_adduction_right: -16,
};

/** A test at a reading, with the angles of the leg that is read, degrees. */
interface Drawn {
  readout: Readout;
  side: Side;
  other: Side;
  value: number;
  context: Context;
  hip: number;
  knee: number;
  ankle: number;
}
type Laid = (d: Drawn) => Record<string, number>;

const onTheFront: Laid = () => ({
  pelvis_tilt: 90,
  ankle_dorsiflexion_left: -55,
  ankle_dorsiflexion_right: -55,
  ...ARMS,
});
const tableEdge: Laid = ({ readout, other, value, context, hip }) => {
  const roll = -hip - (readout.id === 'hip-extension' ? value : (context['hip-extension'] ?? 5));
  return {
    pelvis_tilt: -90 - roll,
    lumbar_flexion: roll,
    [`hip_flexion_${other}`]: 118,
    [`knee_flexion_${other}`]: 125,
    ...ARMS,
  };
};
/** Lying on the other side; its leg bent for a broad base. */
const onTheSide: Laid = ({ side, other }) => ({
  pelvis_list: side === 'right' ? -90 : 90,
  [`hip_flexion_${other}`]: 50,
  [`knee_flexion_${other}`]: 70,
  [`shoulder_flexion_${other}`]: 100,
  [`shoulder_flexion_${side}`]: 45,
  [`elbow_flexion_${side}`]: 60,
});
const sitting: Laid = ({ other }) => ({
  [`hip_flexion_${other}`]: 85,
  [`knee_flexion_${other}`]: 90,
  pelvis_tilt: -5,
  ...ARMS,
});
/** The foot is flat: the shin leans by the reading, the pelvis follows from knee and hip. */
const standing: Laid = ({ readout, side, other, value, hip, knee, ankle }) => {
  const shin = readout.id === 'toe-distance' ? ankle + FOOT : value;
  const tilt = shin - knee + hip;
  return {
    pelvis_tilt: tilt,
    [`ankle_dorsiflexion_${side}`]: shin,
    ...(knee > 0
      ? // In front of the other leg, which stands back on its toes.
        {
          [`hip_flexion_${other}`]: tilt - 20,
          [`knee_flexion_${other}`]: 30,
          [`ankle_dorsiflexion_${other}`]: 10,
          [`toe_extension_${other}`]: 40,
        }
      : // Behind it.
        { [`hip_flexion_${other}`]: tilt + 30, [`knee_flexion_${other}`]: 34 }),
    shoulder_flexion_left: 60,
    shoulder_flexion_right: 60,
  };
};
/** What the leg travelled beyond the hip joint is the pelvis curling; the other leg stays on the floor. */
const onTheBack: Laid = ({ readout, side, other, value, hip }) => {
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
};

/** Trunk, arms and other leg in the position of a test, degrees. */
const LAID: Readonly<Partial<Record<TestDefinition['position'], Laid>>> = {
  'on the front': onTheFront,
  'table edge': tableEdge,
  'on the side': onTheSide,
  sitting,
  standing,
};

const TOWARDS_FEET: Vec3 = [1, 0, 0];
const UP: Vec3 = [0, 1, 0];
const DOWN: Vec3 = [0, -1, 0];

/** Where the angle of a read-out is drawn on a body in that test; null where the reading is no angle. */
export function testAngle(test: TestDefinition, readout: Readout, side: Side): DrawnAngle | null {
  if (readout.unit !== 'deg') return null;
  if (test.drawn) {
    const angle = test.drawn.angle?.(readout.id);
    if (!angle) return null;
    const named = (s: string) => s.replace('_worked', `_${side}`).replace('_other', `_${otherSide(side)}`);
    const { zero } = angle;
    // A direction across the body is told for the right side and mirrored for the left.
    const own: DrawnAngle['zero'] =
      'along' in zero ? zero : side === 'left' ? ([zero[0], zero[1], -zero[2]] as const) : zero;
    return { vertex: named(angle.vertex), toward: named(angle.toward), zero: own };
  }
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
