import { defineTest } from '../definition';
import { drawnLeg, limits, note, ruleOfThumb, stop, writeLeg, type LegAngles } from './parts';

const at = (between: number): LegAngles => ({ hipFlexion: 70, hipAdduction: -between / 2 });

export const straddle = defineTest({
  id: 'straddle',
  name: 'Wide straddle, sitting',
  clinical: 'Seated hip abduction, both sides',
  kind: 'length',
  purpose:
    'Adductors, gracilis and inner hamstrings of both legs together; a hard stop speaks for the shape of the hips.',
  position: 'sitting',
  sided: false,
  start: 'Sitting tall on a support, legs apart, kneecaps up.',
  hold: 'The pelvis stays upright.',
  move: 'Let the legs open, hands behind for balance.',
  end: 'Stop when the pelvis rolls back or the knees turn in. Read the angle between the thighs.',
  spoils: ['pelvis rolling back', 'knees rolling in'],
  care: 'A pull at the inner knee: bend the knees a little. Not with pubic pain in pregnancy.',
  limiters: limits({ 'adductors-short': 2, 'adductor-magnus': 2, gracilis: 2, hamstrings: 2, 'hip-bone': 2 }),
  readouts: [
    {
      id: 'angle-between-thighs',
      name: 'Angle between the thighs',
      unit: 'deg',
      instruments: ['photo'],
      zero: 'legs together',
      min: 10,
      max: 185,
      better: 'higher',
      movement: 'hip-abduction',
      manner: 'pushed',
      pelvisShares: false,
      degreesPerUnit: 0.5,
      detectable: 10,
      detectableSource: 'rule of thumb for this test',
      norms: [ruleOfThumb(100, 20, 'adults, pelvis upright')],
      posture: (value, _context, out) => writeLeg(at(value), out),
    },
  ],
  sensations: [
    ...note('inner-thigh-high', 'inner-thigh-long', 'back-thigh', 'outer-hip'),
    ...stop('groin-pinch', 'knee'),
    ...note('nowhere'),
  ],
  variants: [
    {
      id: 'legs-up-wall',
      name: 'legs up a wall',
      how: 'On the back, legs up a wall, let them open by their own weight.',
      opens: ['low-back-ache', 'osteoporosis'],
      sameMeasure: true,
    },
  ],
  drawn: {
    angles: (value) => ({
      pelvis_tilt: -20,
      lumbar_flexion: 8,
      ...drawnLeg(at(value), 'both'),
      shoulder_flexion_both: -30,
      shoulder_adduction_both: -18,
    }),
    view: { yaw: -90, pitch: 52 },
  },
});
