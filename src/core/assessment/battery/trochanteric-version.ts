import { defineTest } from '../definition';
import { ANGLE, drawnLeg, limits, note, ON_FRONT, ruleOfThumb, stop, UP } from './parts';

export const trochantericVersion = defineTest({
  id: 'trochanteric-version',
  name: 'Twist of the thigh bone, by feel',
  clinical: 'Craig’s test (femoral anteversion)',
  kind: 'alignment',
  purpose: 'How the thigh bone is twisted by nature, so that stretching is not asked to change bone.',
  position: 'on the front',
  sided: true,
  start: 'On the front, knee bent to a right angle.',
  hold: 'One hand feels the outer knob of the thigh bone at the hip.',
  move: 'Turn the shin slowly out and in with the other hand.',
  end: 'Stop where the knob stands out most to the side. Read the shin against upright.',
  spoils: ['knob hard to feel', 'knee giving sideways'],
  care: 'A hint, not a finding: fingers and pictures of the bone agree only roughly. Ask before you touch.',
  limiters: limits({ 'hip-version': 3 }),
  readouts: [
    {
      id: 'version',
      name: 'Shin where the knob stands out',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'shin upright; + foot outwards',
      min: -20,
      max: 50,
      better: 'mid',
      detectable: 7,
      detectableSource: 'computed from Souza & Powers 2009 (same tester .88) with a spread of 7°, which is ours',
      norms: [ruleOfThumb(14, 6, 'adults', '8–20° is usual; rule of thumb')],
    },
  ],
  sensations: [...note('nowhere', 'deep-buttock'), ...stop('knee')],
  drawn: {
    angles: (value) => ({
      ...ON_FRONT,
      ...drawnLeg({ kneeFlexion: 90, hipRotation: value }),
      ankle_dorsiflexion_worked: 0,
    }),
    view: { yaw: -70, pitch: 20 },
    angle: () => ({ vertex: 'shin_worked', toward: 'ankle_worked', zero: UP }),
  },
});
