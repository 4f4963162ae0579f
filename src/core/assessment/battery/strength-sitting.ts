import { defineTest } from '../definition';
import { drawnLeg, limits, note, ON_CHAIR, SITTING, stop } from './parts';
import { gradeFor, holdFor, torqueFor } from './strength-parts';

export const seatedHipFlexionHold = defineTest({
  id: 'seated-hip-flexion-hold',
  name: 'Knee lifted, sitting',
  clinical: 'Seated hip flexion strength',
  kind: 'strength',
  purpose: 'Psoas and iliacus where they are short. Usual length and a weak hold here ask for strength, not stretch.',
  position: 'sitting',
  sided: true,
  effort: 'short',
  start: 'Sitting tall, hands lightly on the table, pelvis upright.',
  hold: 'The pelvis stays upright; the trunk does not lean back.',
  move: 'Help the knee up 5–8 cm, let go, and let the student hold it there.',
  end: 'Stop when the thigh sinks to level, the trunk leans back or the thigh turns or drifts.',
  spoils: ['trunk leaning back', 'thigh drifting out and turning in', 'thigh turning out'],
  care: 'A pinch in the groin or a click that hurts ends the test.',
  limiters: limits({ psoas: 3, iliacus: 3, 'rectus-femoris': 1, 'tensor-fasciae-latae': 1, sartorius: 1 }),
  readouts: [
    holdFor('Hold above level', 60, 25, 10, '15 s is usual and under 5 s limited'),
    gradeFor('Push on the thigh'),
    torqueFor('Push of the thigh upwards', 1.4, 0.4),
  ],
  sensations: [
    ...note('front-hip-crease', 'front-thigh', 'outer-hip'),
    ...stop('groin-pinch', 'low-back'),
    ...note('nowhere'),
  ],
  drawn: {
    angles: () => ({ ...SITTING, ...drawnLeg({ hipFlexion: 106, kneeFlexion: 95 }) }),
    view: { yaw: 10, pitch: 8 },
    props: ON_CHAIR,
  },
});

export const seatedRotationStrength = defineTest({
  id: 'seated-rotation-strength',
  name: 'Turning the thigh against a push, sitting',
  clinical: 'Seated hip rotation strength',
  kind: 'strength',
  purpose: 'Muscles that turn the thigh in and out with the hip bent; beside the range it shows which end is weak.',
  position: 'sitting',
  sided: true,
  effort: 'short',
  start: 'Sitting, hip and knee at a right angle, a roll under the thigh. Pad just above the ankle.',
  hold: 'The thigh stays on the table, the trunk upright.',
  move: 'Turning in: push the foot outwards against the pad. Turning out: push it inwards. Build up in 2 s, hold 3 s.',
  end: 'The push that is held. Stop when the thigh lifts or the trunk leans.',
  spoils: ['thigh lifting', 'trunk leaning'],
  care: 'A pinch in the groin ends it. After hip surgery from behind nobody pushes inward.',
  limiters: limits({
    'deep-external-rotators': 3,
    'tensor-fasciae-latae': 2,
    'gluteus-medius': 2,
    'gluteus-minimus': 2,
    'gluteus-maximus': 1,
  }),
  readouts: [
    torqueFor('Turning in, push', 0.7, 0.2, { id: 'internal-torque', insteadOf: undefined }),
    torqueFor('Turning out, push', 0.6, 0.2, { id: 'external-torque', insteadOf: undefined }),
    { ...gradeFor('Turning in, hand test', 'internal-torque'), id: 'internal-grade' },
    { ...gradeFor('Turning out, hand test', 'external-torque'), id: 'external-grade' },
  ],
  sensations: [...note('deep-buttock', 'outer-hip'), ...stop('groin-pinch', 'knee'), ...note('nowhere')],
  drawn: {
    angles: (_value, { readout: { id: readout } }) => ({
      ...SITTING,
      ...drawnLeg({ hipRotation: readout.startsWith('internal') ? 12 : -12 }),
    }),
    view: { yaw: -70, pitch: 18 },
    props: ON_CHAIR,
  },
});

export const seatedKneeExtension = defineTest({
  id: 'seated-knee-extension',
  name: 'Straightening the knee against a push, sitting',
  clinical: 'Seated knee extension strength',
  kind: 'strength',
  purpose: 'Quadriceps; beside the hamstrings’ push it gives their ratio.',
  position: 'sitting',
  sided: true,
  effort: 'short',
  start: 'Sitting, hip and knee at a right angle, hands beside. Pad in front of the shin, just above the ankle.',
  hold: 'The thigh stays down, the trunk upright; strap the pad where the student is stronger than you.',
  move: 'Push the shin forward. Build up in 2 s, hold 3 s.',
  end: 'The push that is held.',
  spoils: ['trunk leaning back', 'pad slipping'],
  care: 'Pain at the kneecap ends the test. Never a full push on a sore knee.',
  limiters: limits({ vasti: 3, 'rectus-femoris': 2 }),
  readouts: [torqueFor('Push of the shin forward', 2.4, 0.6, { insteadOf: undefined })],
  sensations: [...note('front-thigh'), ...stop('knee'), ...note('nowhere')],
  drawn: {
    angles: () => ({ ...SITTING, ...drawnLeg({ kneeFlexion: 88 }) }),
    view: { yaw: 10, pitch: 8 },
    props: ON_CHAIR,
  },
});
