import { defineTest } from '../definition';
import { ease, limits, note, ON_FRONT, ruleOfThumb, stop } from './parts';

export const pronePressUp = defineTest({
  id: 'prone-press-up',
  name: 'Press-up from the front, hips down',
  clinical: 'Prone press-up test',
  kind: 'function',
  purpose: 'Bending the spine back with the front of the body, and what the hip flexors let through.',
  position: 'on the front',
  sided: false,
  start: 'Lying on the front, hands under the shoulders, buttocks soft.',
  hold: 'Watch the front hip bones, or lay a belt over the pelvis: they stay on the floor.',
  move: 'Straighten the elbows slowly.',
  end: 'Stop when the front hip bones leave the floor. Measure from the notch above the breastbone to the floor.',
  spoils: ['pelvis lifting', 'buttocks gripping', 'shoulders shrugging'],
  care: 'Anything that travels down a leg ends the test and is looked at by a clinician. Not in pregnancy.',
  limiters: limits({ 'lumbar-spine': 3, 'rectus-abdominis': 2, psoas: 1 }),
  readouts: [
    {
      id: 'height',
      name: 'Breastbone above the floor',
      unit: 'cm',
      zero: 'breastbone on the floor',
      min: 0,
      max: 75,
      better: 'higher',
      detectable: 2,
      detectableSource: 'rule of thumb for a tape',
      norms: [],
    },
    {
      id: 'grade',
      name: 'How far with the pelvis down',
      unit: 'grade',
      zero: 'pain',
      min: 0,
      max: 3,
      better: 'higher',
      detectable: 1,
      detectableSource: 'one step',
      grades: ['pain', 'pelvis lifts more than 5 cm', 'pelvis lifts up to 5 cm', 'elbows straight, pelvis down'],
      norms: [ruleOfThumb(2.5, 0.75, 'adults', 'two or three is usual; rule of thumb')],
    },
  ],
  sensations: [...note('front-hip-crease', 'nowhere'), ...ease('low-back'), ...stop('leg-line')],
  drawn: {
    angles: (value, { readout: { id: readout } }) => {
      const lift = readout === 'height' ? Math.min(1, value / 45) : Math.min(1, (value + 0.4) / 3);
      return {
        ...ON_FRONT,
        pelvis_tilt: 90 - 14 * lift,
        hip_flexion_both: -14 * lift,
        lumbar_flexion: -36 * lift,
        thorax_flexion: -26 * lift,
        neck_flexion: -20 * lift,
        shoulder_flexion_both: 30 + 20 * lift,
        shoulder_adduction_both: -20,
        elbow_flexion_both: 120 - 105 * lift,
      };
    },
    view: { yaw: 12, pitch: 8 },
  },
});
