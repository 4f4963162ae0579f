import { defineTest } from '../definition';
import { limits, note, ruleOfThumb, stop } from './parts';

export const standingPelvicTilt = defineTest({
  id: 'standing-pelvic-tilt',
  name: 'Tilt of the pelvis, standing',
  clinical: 'Standing pelvic tilt (ASIS–PSIS angle)',
  kind: 'alignment',
  purpose: 'Background for every angle of the hip: hamstrings over a pelvis that tips forward are already lengthened.',
  position: 'standing',
  sided: true,
  start: 'Standing at ease, feet hip-wide, weight even, looking ahead.',
  hold: 'Nobody corrects anything; let a few breaths pass first.',
  move: 'Lay the inclinometer from the dimple at the back of the pelvis to the front hip bone.',
  end: 'Read the line from back dimple to front hip bone against level.',
  spoils: ['landmark under a fat pad', 'standing to attention', 'weight on one leg'],
  care: 'Ask before you touch. A tilt is a shape, not a fault.',
  limiters: limits({ 'lumbar-spine': 1 }),
  readouts: [
    {
      id: 'tilt',
      name: 'Pelvis from level',
      unit: 'deg',
      instruments: ['inclinometer'],
      zero: 'back dimple and front hip bone level; + front lower',
      min: -25,
      max: 45,
      better: 'mid',
      detectable: 5,
      detectableSource: 'rule of thumb: landmarks vary',
      norms: [
        ruleOfThumb(
          8,
          5,
          'adults',
          'display range 3–13°, rule of thumb; Herrington 2011 found most people tipped forward',
        ),
      ],
    },
  ],
  sensations: [...note('nowhere', 'low-back'), ...stop('leg-line')],
  drawn: {
    angles: (value) => ({
      pelvis_tilt: value - 8,
      lumbar_flexion: -(value - 8) * 0.8,
      hip_flexion_both: value - 8,
      shoulder_adduction_both: -14,
    }),
    view: { yaw: 10, pitch: 6 },
  },
});
