import { defineTest } from '../definition';
import { drawnLeg, ease, limits, note, ruleOfThumb, stop, writeLeg, type LegAngles } from './parts';

/** Degrees of knee bend behind a centimetre between buttock and heel, for thigh and shin of 42 cm (geometry). */
const KNEE_PER_CM = 1.45;
/** Degrees of pointing behind a centimetre under the ankle, for 12 cm from ankle to the ball of the foot (geometry). */
const FOOT_PER_CM = 5;
const USUAL_HEEL = 1;
const USUAL_INSTEP = 1;

const sit = (heel: number, instep: number): LegAngles => ({
  hipFlexion: 90,
  kneeFlexion: 142 - KNEE_PER_CM * (heel - USUAL_HEEL),
  ankleDorsiflexion: -56 + FOOT_PER_CM * (instep - USUAL_INSTEP),
  instepDorsiflexion: -6,
  toeExtension: -10,
});

export const kneelingSit = defineTest({
  id: 'kneeling-sit',
  name: 'Sitting back on the heels',
  clinical: 'Heel-sit test',
  kind: 'length',
  purpose: 'Front of the thigh over a bent hip, knee joint, front of the ankle and top of the foot.',
  position: 'kneeling',
  sided: true,
  start: 'Kneeling, tops of the feet down, heels straight back, hands in front taking weight.',
  hold: 'The feet stay straight; they do not splay.',
  move: 'Sit back towards the heels.',
  end: 'Stop at pain, cramp, splaying or contact. Measure from buttock to heel, then from the floor to the top of the foot.',
  spoils: ['feet splaying', 'weight staying in the hands'],
  care: 'Pressure or pain inside or behind the knee ends the test. Cramp in the foot: put a roll under the ankle.',
  limiters: limits({ 'knee-joint': 3, instep: 3, vasti: 2, 'ankle-dorsiflexors': 2, 'ankle-joint': 2 }),
  readouts: [
    {
      id: 'heel-gap',
      name: 'Buttock to heel',
      unit: 'cm',
      zero: 'buttock on the heel',
      min: 0,
      max: 45,
      modelMin: -12,
      better: 'lower',
      movement: 'kneeling',
      manner: 'pushed',
      pelvisShares: false,
      degreesPerUnit: KNEE_PER_CM,
      detectable: 2,
      detectableSource: 'rule of thumb for a tape',
      norms: [ruleOfThumb(USUAL_HEEL, 4.5, 'adults', 'set so that beyond 10 cm is clearly limited; rule of thumb')],
      posture: (value, context, out) => writeLeg(sit(value, context['instep-gap'] ?? USUAL_INSTEP), out),
    },
    {
      id: 'instep-gap',
      name: 'Top of the foot to the floor',
      unit: 'cm',
      zero: 'front of the ankle on the floor',
      min: 0,
      max: 12,
      modelMin: -4,
      better: 'lower',
      movement: 'kneeling',
      manner: 'pushed',
      pelvisShares: false,
      degreesPerUnit: FOOT_PER_CM,
      detectable: 1,
      detectableSource: 'rule of thumb, half a tape’s usual error because the way is short',
      norms: [
        ruleOfThumb(
          USUAL_INSTEP,
          1.2,
          'adults',
          'a default of ours; pointing of 56 ± 6° (Boone & Azen 1979) lies behind it',
        ),
      ],
      posture: (value, context, out) => writeLeg(sit(context['heel-gap'] ?? USUAL_HEEL, value), out),
    },
  ],
  sensations: [
    ...note('front-thigh'),
    ...ease('instep', 'ankle-front'),
    ...stop('knee', 'behind-knee'),
    ...note('nowhere'),
  ],
  drawn: {
    angles: (value, { readout: { id: readout } }) => {
      const leg = readout === 'heel-gap' ? sit(value, USUAL_INSTEP) : sit(USUAL_HEEL, value);
      const knee = leg.kneeFlexion ?? 142;
      return {
        ...drawnLeg({ ...leg, hipFlexion: knee - 62 }, 'both'),
        pelvis_tilt: 28,
        shoulder_flexion_both: 30,
        shoulder_adduction_both: -10,
      };
    },
    view: { yaw: 12, pitch: 8 },
  },
});
