import { defineTest } from '../definition';
import { ANGLE, drawnLeg, limits, note, ON_CHAIR, ruleOfThumb, SITTING, stop, writeLeg, type LegAngles } from './parts';

/** Where the shin is level in typical people; the turning of the thigh follows the shin one for one (our default). */
const USUAL = 4;
const at = (shin: number): LegAngles => ({
  hipFlexion: 90,
  hipAdduction: -39,
  hipRotation: -49 + (shin - USUAL),
  kneeFlexion: 124,
});

/**
 * Hip bend, opening and turning that lay the ankle on the other thigh at a shin of 0°, 20° and 40°: solved on the
 * skeleton.
 */
const SEATED: readonly (readonly [number, number, number])[] = [
  [106, -41, -80],
  [132, -36, -64],
  [155, -20, -41],
];
function seated(shin: number): LegAngles {
  const at = Math.min(1.999, Math.max(0, shin / 20));
  const i = Math.floor(at),
    t = at - i;
  const mix = (k: number) => SEATED[i][k] + (SEATED[i + 1][k] - SEATED[i][k]) * t;
  return { hipFlexion: mix(0), hipAdduction: mix(1), hipRotation: mix(2), kneeFlexion: 132, ankleDorsiflexion: 0 };
}

export const figureFour = defineTest({
  id: 'figure-four',
  name: 'Figure-four, sitting',
  clinical: 'Seated figure-four (piriformis length) test',
  kind: 'length',
  purpose: 'Back and outside of the hip, bent and turned out.',
  position: 'sitting',
  sided: true,
  start: 'Sitting upright, ankle over the other thigh just above the knee.',
  hold: 'Both sit bones stay even and heavy, the back long.',
  move: 'Let the knee settle and read the shin. Then hinge forward from the hips with a long back.',
  end: 'Stop at the first stretch in the buttock, when the crossed knee rises or the pelvis tucks.',
  spoils: ['back rounding', 'pelvis tucking', 'ankle sickling', 'knee twisting'],
  care: 'Pain at the inner or outer knee, or tingling down the leg, ends the test.',
  limiters: limits({
    'gluteus-maximus': 2,
    piriformis: 2,
    'gluteus-medius-back': 2,
    'hip-version': 2,
    'hip-capsule-back': 1,
  }),
  readouts: [
    {
      id: 'shin-angle',
      name: 'Crossed shin from level',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin level; + knee above the ankle',
      min: -35,
      max: 75,
      better: 'lower',
      movement: 'external-rotation-flexed',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 10,
      detectableSource: 'rule of thumb for this test',
      norms: [
        ruleOfThumb(USUAL, 18, 'adults', 'set so that 20° is usual and beyond 40° clearly limited; rule of thumb'),
      ],
      posture: (value, _context, out) => writeLeg(at(value), out),
    },
    {
      id: 'trunk-lean',
      name: 'Lean of the trunk at the first stretch',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'trunk upright',
      min: -20,
      max: 90,
      better: 'higher',
      detectable: 10,
      detectableSource: 'rule of thumb for this test',
      norms: [ruleOfThumb(35, 15, 'adults', 'a default of ours')],
    },
  ],
  sensations: [
    ...note('deep-buttock', 'whole-buttock', 'outer-hip', 'inner-thigh-high'),
    ...stop('knee', 'groin-pinch', 'leg-line'),
    ...note('nowhere'),
  ],
  variants: [
    {
      id: 'supine',
      name: 'lying on the back',
      how: 'On the back, ankle over the other thigh, pelvis flat: draw the legs in and read the shin against level.',
      opens: ['pregnancy-early', 'low-back-ache'],
      readouts: ['shin-angle'],
      sameMeasure: true,
    },
  ],
  drawn: {
    angles: (value, { readout: { id: readout } }) => {
      const lean = readout === 'trunk-lean' ? value : 0;
      const leg = seated(readout === 'shin-angle' ? value : 18);
      return {
        ...SITTING,
        ...drawnLeg({ ...leg, hipFlexion: (leg.hipFlexion ?? 0) + lean * 0.7 }),
        pelvis_tilt: -3 + lean * 0.7,
        lumbar_flexion: lean * 0.3,
        hip_flexion_other: 87 + lean * 0.7,
      };
    },
    view: { yaw: -52, pitch: 14 },
    // Level runs across the body: towards the other side.
    angle: (readout) =>
      readout === 'shin-angle' ? { vertex: 'ankle_worked', toward: 'shin_worked', zero: [0, 0, 1] } : null,
    props: ON_CHAIR,
  },
});
