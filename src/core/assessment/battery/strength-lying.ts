import { defineTest } from '../definition';
import { drawnLeg, ease, limits, note, ON_BACK, ON_FRONT, ON_SIDE, stop } from './parts';
import { gradeFor, holdFor, torqueFor } from './strength-parts';

export const proneHipExtension = defineTest({
  id: 'prone-hip-extension',
  name: 'Thigh lifted, lying on the front',
  clinical: 'Prone hip extension strength',
  kind: 'strength',
  purpose: 'Gluteus maximus; the bent knee slackens the hamstrings. Look at hip length first.',
  position: 'on the front',
  sided: true,
  effort: 'short',
  start: 'On the front, knee bent to a right angle.',
  hold: 'One hand keeps the pelvis down.',
  move: 'Lift the thigh just off the table and hold it.',
  end: 'Stop when the low back arches, the knee straightens or the pelvis rolls.',
  spoils: ['low back arching', 'knee straightening', 'pelvis rolling'],
  care: 'Low back pain or one sore point at the sit bone ends the test.',
  limiters: limits({ 'gluteus-maximus': 3, 'adductor-magnus': 1, hamstrings: 1 }),
  readouts: [
    holdFor('Hold off the table', 60, 30, 10, '20 s is usual'),
    gradeFor('Push on the thigh'),
    torqueFor('Push of the thigh upwards', 1.8, 0.6),
  ],
  sensations: [...note('whole-buttock', 'back-thigh'), ...stop('low-back', 'sit-bone'), ...note('nowhere')],
  drawn: {
    angles: () => ({ ...ON_FRONT, ...drawnLeg({ hipFlexion: -12, kneeFlexion: 90, ankleDorsiflexion: 0 }) }),
    view: { yaw: 10, pitch: 10 },
  },
});

export const proneKneeFlexion = defineTest({
  id: 'prone-knee-flexion',
  name: 'Heel pulled in against a push, lying on the front',
  clinical: 'Prone knee flexion strength',
  kind: 'strength',
  purpose: 'Hamstrings; a foot turned out loads the outer ones, turned in the inner ones.',
  position: 'on the front',
  sided: true,
  effort: 'short',
  start: 'On the front, knee bent 45–60°. Pad behind the heel, just above the ankle.',
  hold: 'One hand keeps the pelvis down.',
  move: 'Pull the heel towards the buttock. Build up in 2 s, hold 3 s.',
  end: 'The push that is held. Stop at cramp or when the hip rises.',
  spoils: ['hip rising', 'cramp'],
  care: 'Not within six weeks of a hamstring strain. One sore point at the sit bone or in the muscle ends the test.',
  limiters: limits({ hamstrings: 3, 'biceps-femoris-short-head': 2, gastrocnemius: 1, gracilis: 1 }),
  readouts: [
    torqueFor('Pull of the heel', 1.25, 0.35, { insteadOf: undefined }),
    gradeFor('Pull of the heel, hand test', 'torque'),
  ],
  sensations: [...note('back-thigh', 'calf-high'), ...stop('sit-bone', 'knee'), ...note('nowhere')],
  drawn: {
    angles: () => ({ ...ON_FRONT, ...drawnLeg({ kneeFlexion: 52, ankleDorsiflexion: 0 }) }),
    view: { yaw: 10, pitch: 10 },
  },
});

export const sideLyingAbduction = defineTest({
  id: 'side-lying-abduction',
  name: 'Upper leg lifted, lying on the side',
  clinical: 'Side-lying hip abduction strength',
  kind: 'strength',
  purpose: 'Gluteus medius and minimus. Strong here but dropping on one leg is a matter of control.',
  position: 'on the side',
  sided: true,
  effort: 'short',
  start: 'On the other side, upper leg in line with the trunk or a little behind, toes forward.',
  hold: 'The pelvis stays stacked, the waist long.',
  move: 'Lift the leg about 30° and hold.',
  end: 'Stop when the leg drifts forward, the toes turn up or the waist shortens.',
  spoils: ['leg drifting forward', 'toes turning up', 'waist shortening'],
  care: 'Soreness on the outer hip bone: hold in mid-range with little force, or leave it.',
  limiters: limits({ 'gluteus-medius': 3, 'gluteus-minimus': 2, 'tensor-fasciae-latae': 1, 'quadratus-lumborum': 1 }),
  readouts: [
    holdFor('Hold at 30°', 120, 70, 25, '45 s is usual and under 20 s limited'),
    torqueFor('Push of the leg upwards', 1.4, 0.4),
    gradeFor('Push on the leg'),
  ],
  sensations: [...note('outer-thigh', 'deep-buttock'), ...stop('outer-hip', 'low-back'), ...note('nowhere')],
  drawn: {
    angles: () => ({ ...ON_SIDE, ...drawnLeg({ hipFlexion: -4, hipAdduction: -30 }) }),
    view: { yaw: -78, pitch: 12 },
  },
});

export const sideLyingAdduction = defineTest({
  id: 'side-lying-adduction',
  name: 'Lower leg lifted, lying on the side',
  clinical: 'Side-lying hip adduction strength',
  kind: 'strength',
  purpose: 'Adductors; beside the abductors’ push it gives their ratio.',
  position: 'on the side',
  sided: true,
  effort: 'short',
  start: 'On the tested side, upper leg bent forward on a support, lower leg straight.',
  hold: 'The pelvis does not roll.',
  move: 'Lift the lower leg and hold.',
  end: 'Stop when the leg sinks or the pelvis rolls.',
  spoils: ['pelvis rolling', 'knee bending'],
  care: 'Not after a recent groin strain. Pain at the pubic bone or high on the inner thigh ends the test.',
  limiters: limits({ 'adductors-short': 3, 'adductor-magnus': 2, gracilis: 2 }),
  readouts: [
    holdFor('Hold off the floor', 120, 45, 15, '30 s is usual'),
    torqueFor('Push of the leg upwards', 1.4, 0.4),
  ],
  sensations: [
    ...note('inner-thigh-long'),
    ...ease('inner-thigh-high'),
    ...stop('groin-pinch', 'knee'),
    ...note('nowhere'),
  ],
  drawn: {
    // The tested leg is the lower one: the body lies on it.
    angles: () => ({
      pelvis_list: 90,
      hip_adduction_worked: 14,
      hip_flexion_other: 75,
      hip_adduction_other: 10,
      knee_flexion_other: 85,
      shoulder_flexion_worked: 110,
      shoulder_flexion_other: 45,
      elbow_flexion_other: 60,
    }),
    view: { yaw: -100, pitch: 12 },
  },
});

export const singleLegBridge = defineTest({
  id: 'single-leg-bridge',
  name: 'Bridge on one leg',
  clinical: 'Single-leg bridge hold',
  kind: 'strength',
  purpose:
    'Gluteus maximus and hamstrings together, and whether the pelvis keeps level. Foot close: buttock; foot far: hamstrings.',
  position: 'on the back',
  sided: true,
  effort: 'tiring',
  start: 'On the back, one foot down with the knee at a right angle, the other thigh beside it, knee straight.',
  hold: 'The pelvis stays level.',
  move: 'Lift the pelvis and hold.',
  end: 'Stop when the pelvis drops or turns by more than two fingers, or at cramp.',
  spoils: ['pelvis turning', 'pelvis dropping', 'cramp at the back of the thigh'],
  care: 'Not late in pregnancy nor with a fresh strain of hamstring or calf. One sore point at the sit bone ends the test.',
  limiters: limits({ 'gluteus-maximus': 3, hamstrings: 2, obliques: 1 }),
  readouts: [holdFor('Hold with a level pelvis', 180, 45, 15, '30 s is usual and under 15 s limited')],
  sensations: [...note('whole-buttock', 'back-thigh'), ...stop('sit-bone', 'low-back', 'knee'), ...note('nowhere')],
  variants: [
    {
      id: 'foot-far',
      name: 'foot further away',
      how: 'The foot stands a hand further away, knee less bent: more for the hamstrings.',
    },
  ],
  drawn: {
    angles: () => ({
      pelvis_tilt: -118,
      lumbar_flexion: 4,
      neck_flexion: 24,
      ...drawnLeg({ hipFlexion: -4, kneeFlexion: 110, ankleDorsiflexion: 4 }),
      ...drawnLeg({ hipFlexion: -4, kneeFlexion: 4 }, 'other'),
      shoulder_flexion_both: -28,
      shoulder_adduction_both: -14,
    }),
    view: { yaw: 10, pitch: 8 },
  },
});

export const adductorSqueeze = defineTest({
  id: 'adductor-squeeze',
  name: 'Squeeze between the knees',
  clinical: 'Adductor squeeze test',
  kind: 'strength',
  purpose: 'Adductors of both legs against each other.',
  position: 'on the back',
  sided: false,
  effort: 'short',
  start: 'On the back, hips bent about 45°, feet down, pad or cuff between the knees.',
  hold: 'Nothing else moves; the student goes on breathing.',
  move: 'Squeeze, build up in 2 s, hold 5 s.',
  end: 'The squeeze that is held.',
  spoils: ['pelvis lifting', 'breath held'],
  care: 'Pain at the pubic bone or in the groin ends the test.',
  limiters: limits({ 'adductors-short': 3, 'adductor-magnus': 2, gracilis: 1 }),
  readouts: [torqueFor('Squeeze', 1.4, 0.4, { insteadOf: undefined })],
  sensations: [...note('inner-thigh-high', 'inner-thigh-long'), ...stop('groin-pinch', 'knee'), ...note('nowhere')],
  drawn: {
    angles: () => ({ ...ON_BACK, ...drawnLeg({ hipFlexion: 45, kneeFlexion: 90, ankleDorsiflexion: 0 }, 'both') }),
    view: { yaw: -40, pitch: 20 },
  },
});
