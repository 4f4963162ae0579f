import { defineTest } from '../definition';
import { limits, note, ruleOfThumb, stop } from './parts';

export const deepSquat = defineTest({
  id: 'deep-squat',
  name: 'Deep squat',
  clinical: 'Deep squat test',
  kind: 'function',
  purpose:
    'Ankles, hips, adductors, strength and trust in one shape; a wedge under the heels shows what the ankles cost.',
  position: 'standing',
  sided: false,
  start: 'Feet shoulder-wide, toes turned out no more than 15°, arms forward.',
  hold: 'Nothing is held; a wall or chair stands within reach.',
  move: 'Squat as low as is comfortable. If the heels lift, once more with 2–3 cm under them.',
  end: 'Grade the lowest place, and note what gave way first.',
  spoils: ['heels lifting', 'arches sinking', 'knees falling in', 'trunk tipping forward', 'hips shifting to one side'],
  care: 'Not after a joint replacement. Pain in knee, hip or groin is a nought and ends the test.',
  limiters: limits({ 'ankle-joint': 3, soleus: 2, 'hip-bone': 2, 'adductor-magnus': 1, 'knee-joint': 1 }),
  readouts: [
    {
      id: 'grade',
      name: 'How deep and how',
      unit: 'grade',
      zero: 'pain',
      min: 0,
      max: 3,
      better: 'higher',
      detectable: 1,
      detectableSource: 'one step',
      grades: [
        'pain',
        'not low even with a wedge',
        'low with a wedge under the heels',
        'heels down, hips below the knees, trunk as steep as the shins',
      ],
      norms: [ruleOfThumb(2.2, 0.7, 'adults', 'two is the most common; rule of thumb')],
    },
  ],
  sensations: [
    ...note('calf-low', 'ankle-front', 'inner-thigh-high', 'front-thigh'),
    ...stop('groin-pinch', 'knee'),
    ...note('nowhere'),
  ],
  variants: [
    {
      id: 'on-the-back',
      name: 'the same shape lying down',
      how: 'On the back, draw both knees in with the feet as in the squat: what is easy here and not in standing is not length.',
    },
  ],
  drawn: {
    angles: (value) => {
      const depth = [0.35, 0.55, 0.82, 1][Math.max(0, Math.min(3, Math.round(value)))];
      const ankle = 36 * depth,
        knee = 135 * depth,
        hip = 112 * depth;
      return {
        pelvis_tilt: ankle - knee + hip,
        lumbar_flexion: 14 * depth,
        hip_flexion_both: hip,
        hip_adduction_both: -16,
        hip_rotation_both: -10,
        knee_flexion_both: knee,
        ankle_dorsiflexion_both: ankle,
        shoulder_flexion_both: 85 + 10 * depth,
      };
    },
    view: { yaw: 24, pitch: 8 },
  },
});
