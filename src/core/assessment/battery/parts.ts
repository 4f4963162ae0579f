import { DEG, HALF, type Half, type Vec3 } from '@/core/body';
import type { PoseAngles } from '@/core/poses/format';
import type { Place } from '@/core/students/student';
import type { InstrumentId, ModelledReadout, Norm, Sensation, Weighted } from '../definition';

/** Places felt with what they mean for the test: noted, eased off from, or its end. */
const felt =
  (action: Sensation['action']) =>
  (...places: Place[]): Sensation[] =>
    places.map((place) => ({ place, action }));
export const note = felt('note');
export const ease = felt('ease');
export const stop = felt('stop');

/** A published norm for everybody that the model is set by; in the unit of the reading. */
export const published = (mean: number, sd: number, group: string, source: string): Norm => ({
  sex: 'all',
  mean,
  sd,
  group,
  source,
  confidence: 'published',
  primary: true,
});

/** A norm that teachers go by, without a study behind it. */
export const ruleOfThumb = (mean: number, sd: number, group: string, source = 'rule of thumb'): Norm => ({
  ...published(mean, sd, group, source),
  confidence: 'teaching-default',
});

/** The same norm for one sex, or for some ages. */
export const forSex = (sex: Norm['sex'], norm: Norm): Norm => ({ ...norm, sex });
export const forAges = (ageMin: number, ageMax: number, norm: Norm): Norm => ({ ...norm, ageMin, ageMax });

/** Structures with their weights, greatest first. */
export const limits = (weights: Readonly<Record<string, Weighted['weight']>>): Weighted[] =>
  Object.entries(weights).map(([structure, weight]) => ({ structure, weight }));

/** Instruments of angles, of holds, of counts and of pushes. */
export const ANGLE: readonly InstrumentId[] = ['inclinometer', 'photo'];
export const HOLD: readonly InstrumentId[] = ['stopwatch'];
export const BY_COUNTER: readonly InstrumentId[] = ['counter'];
export const PUSH: readonly InstrumentId[] = ['force-gauge'];

/** Error of holds and pushes (rule of thumb). */
export const HOLD_ERROR = {
  detectable: 5,
  detectableShare: 0.25,
  detectableSource: 'rule of thumb for holds',
} as const;
export const PUSH_ERROR = {
  detectable: 0.1,
  detectableShare: 0.15,
  detectableSource: 'rule of thumb, same tester; Thorborg 2010 found 3–12 % between sessions',
} as const;

/** Angles of the worked leg (and the trunk with it), degrees. */
export type LegAngles = Partial<
  Record<
    | 'hipFlexion'
    | 'hipAdduction'
    | 'hipRotation'
    | 'kneeFlexion'
    | 'ankleDorsiflexion'
    | 'instepDorsiflexion'
    | 'toeExtension'
    | 'lumbarFlexion'
    | 'thoraxFlexion',
    number
  >
>;

/** Writes named angles (degrees) into a half body (radians); what is not named is 0. */
export function writeLeg(angles: LegAngles, out: Half): void {
  out.fill(0);
  for (const [name, value] of Object.entries(angles)) out[HALF[name as keyof LegAngles]] = value * DEG;
}

/** The same angles by the names that a drawing uses, for the worked leg, the other one or both. */
export const drawnLeg = (angles: LegAngles, which: 'worked' | 'other' | 'both' = 'worked'): PoseAngles =>
  Object.fromEntries(
    Object.entries(angles).map(([name, value]) => {
      const snake = name.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);
      return [/^(lumbar|thorax)/.test(snake) ? snake : `${snake}_${which}`, value];
    }),
  );

/** Arms beside the body, a little apart. */
export const ARMS: PoseAngles = { shoulder_flexion_both: 8, shoulder_adduction_both: -16 };
/** How a body lies, sits or stands before the tested leg is added, degrees. */
export const ON_BACK: PoseAngles = { pelvis_tilt: -90, ankle_dorsiflexion_both: -20, ...ARMS };
export const ON_FRONT: PoseAngles = { pelvis_tilt: 90, ankle_dorsiflexion_both: -55, ...ARMS };
export const ON_SIDE: PoseAngles = {
  pelvis_list: -90,
  hip_flexion_other: 50,
  knee_flexion_other: 70,
  shoulder_flexion_other: 100,
  shoulder_flexion_worked: 45,
  elbow_flexion_worked: 60,
};
export const SITTING: PoseAngles = { pelvis_tilt: -5, hip_flexion_both: 85, knee_flexion_both: 90, ...ARMS };
export const ON_CHAIR = [
  { kind: 'bolster', at: 'buttock_left' },
  { kind: 'bolster', at: 'buttock_right' },
] as const;

/** Directions in the world that angles are counted from. */
export const TOWARDS_FEET: Vec3 = [1, 0, 0];
export const UP: Vec3 = [0, 1, 0];
export const DOWN: Vec3 = [0, -1, 0];

/** Degrees of falling out behind a centimetre of knee height, for a thigh of 42 cm near the usual height (geometry). */
const FALL_PER_CM = 1.45;

/**
 * A read-out of a knee that falls outwards, centimetres above the table: the thigh opens and turns out together.
 * @param usual height of typical people, cm, at which `at` holds
 */
export function fallingKnee(
  usual: number,
  at: Required<Pick<LegAngles, 'hipFlexion' | 'hipAdduction' | 'hipRotation' | 'kneeFlexion'>>,
  error: { detectable: number; detectableSource: string },
): { leg: (cm: number) => LegAngles; readout: ModelledReadout } {
  const leg = (cm: number): LegAngles => ({
    ...at,
    hipAdduction: at.hipAdduction - 0.7 * FALL_PER_CM * (usual - cm),
    hipRotation: at.hipRotation - 0.7 * FALL_PER_CM * (usual - cm),
  });
  return {
    leg,
    readout: {
      id: 'knee-height',
      name: 'Knee above the table',
      unit: 'cm',
      zero: 'knee on the table',
      min: 0,
      max: 45,
      modelMin: -8,
      better: 'lower',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      degreesPerUnit: FALL_PER_CM,
      ...error,
      norms: [ruleOfThumb(usual, 5, 'adults')],
      posture: (value, _context, out) => writeLeg(leg(value), out),
    },
  };
}
