import { defineTest } from '../definition';
import { ANGLE, drawnLeg, ease, limits, note, ON_SIDE, published, stop, writeLeg, type LegAngles } from './parts';

/** The thigh is held a little behind the trunk while it sinks; our default for how it is usually done. */
const at = (value: number): LegAngles => ({ hipFlexion: -8, hipAdduction: value, kneeFlexion: 90 });

export const ober = defineTest({
  id: 'ober',
  name: 'Bent leg sinking, lying on the side',
  clinical: 'Ober test',
  kind: 'length',
  purpose: 'Outer hip and thigh with the knee bent; beside the straight-knee reading it shows what crosses the knee.',
  position: 'on the side',
  sided: true,
  start:
    'On the other side, under knee bent. The upper knee is bent to a right angle, the thigh a little behind the trunk.',
  hold: 'One hand presses the pelvis down and forward, so that the waist stays open and the hips stay stacked.',
  move: 'Let the upper thigh sink towards the table; your other hand carries the shin.',
  end: 'Stop when the pelvis begins to tilt or the thigh rests. Read the thigh against level.',
  spoils: ['pelvis rolling back', 'pelvis dropping', 'hip bending', 'thigh turning in'],
  care: 'Soreness on the outer hip bone stops the test; do not repeat it. With a sore knee take the straight-knee way.',
  limiters: limits({
    'gluteus-medius': 2,
    'gluteus-minimus': 2,
    'tensor-fasciae-latae': 2,
    'hip-capsule-front': 2,
    'rectus-femoris': 1,
  }),
  readouts: [
    {
      id: 'hip-adduction',
      name: 'Thigh below level, knee bent',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'thigh level; + below, − above',
      min: -25,
      max: 55,
      better: 'higher',
      movement: 'hip-adduction',
      manner: 'pushed',
      pelvisShares: false,
      detectable: 6.7,
      detectableSource: 'computed from Reese & Bandy 2003 (reliability .90)',
      norms: [
        published(18.9, 7.6, 'healthy adults', 'Reese & Bandy 2003'),
        { ...published(24.59, 7.27, 'recreational athletes', 'Ferber 2010'), primary: false },
      ],
      posture: (value, _context, out) => writeLeg(at(value), out),
    },
  ],
  sensations: [
    ...note('outer-thigh', 'front-thigh'),
    ...stop('outer-hip', 'knee'),
    ...ease('low-back'),
    ...note('nowhere'),
  ],
  drawn: {
    angles: (value) => ({ ...ON_SIDE, ...drawnLeg(at(value)) }),
    view: { yaw: -78, pitch: 12 },
    angle: () => ({ vertex: 'hip_worked', toward: 'knee_worked', zero: { along: 'pelvis' } }),
  },
});
