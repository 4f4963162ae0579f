import { defineShapes } from './define';
import { keep } from '../sketch-parts';
import { SEAT_AND_FEET, SITTING_ON_CHAIR } from './starts';

/** Sitting on a chair: rest and the hips. */
export const CHAIR_HIPS = defineShapes([
  {
    id: 'chair-rest',
    name: 'Rest on a chair',
    position: 'seated',
    sided: false,
    kind: 'rest',
    base: SITTING_ON_CHAIR,
    cues: [
      'Sit well back, both feet on the floor.',
      'Hands in the lap, jaw soft.',
      'Let the breath out be a little longer.',
      'Open the eyes before you move.',
    ],
    cheat: 'The back is held straight by effort.',
    rungs: [
      {
        name: 'upright',
        entry: [],
        on: SEAT_AND_FEET,
        hands: { both: { grip: 'hold', to: 'thigh_same', by_cm: [6, 8, 0], elbow: [-0.4, -0.4, 1] } },
      },
      {
        name: 'leaning on the thighs',
        entry: {
          trunk: { pelvis_tilt: 12, lumbar_flexion: 34, thorax_flexion: 18, neck_flexion: 12 },
          both: { hip_flexion: 100 },
        },
        on: SEAT_AND_FEET,
        hands: { both: { grip: 'hold', to: 'knee_same', by_cm: [-8, 7, 0], elbow: [-0.4, -0.2, 1] } },
      },
    ],
  },
  {
    id: 'chair-knee-hug',
    name: 'Knee hug on a chair',
    position: 'seated',
    reaches: ['gluteus-maximus'],
    base: SITTING_ON_CHAIR,
    cues: [
      'Sit tall at the front of the seat.',
      'The standing foot presses down.',
      'Draw one knee in without sinking back.',
      'Set the foot down slowly.',
    ],
    cheat: 'The back rounds to bring the knee nearer.',
    rungs: [
      {
        name: 'thigh a little lifted',
        entry: { worked: { hip_flexion: 96, knee_flexion: 100 } },
        full: { trunk: { pelvis_tilt: -4 }, worked: { hip_flexion: 110, knee_flexion: 116 } },
        on: [{ point: 'buttock_both', prop: 'chair', height_cm: 45 }, 'heel_other', 'ball_other'],
        hands: { both: { grip: 'hold', to: 'knee_worked', by_cm: [2, -3, 5], elbow: [-0.3, -0.4, 1] } },
        hold: [15, 45],
        phases: ['warm', 'counter'],
      },
      {
        name: 'knee to the ribs',
        entry: { worked: { hip_flexion: 104, knee_flexion: 112 } },
        full: { trunk: { pelvis_tilt: -2 }, worked: { hip_flexion: 124, knee_flexion: 132 } },
        on: [{ point: 'buttock_both', prop: 'chair', height_cm: 45 }, 'heel_other', 'ball_other'],
        hands: { both: { grip: 'hold', to: 'knee_worked', by_cm: [2, -3, 5], elbow: [-0.3, -0.4, 1] } },
        hold: [15, 45],
      },
    ],
  },
  {
    id: 'chair-knee-across',
    name: 'Knee across on a chair',
    position: 'seated',
    yaw: -50,
    reaches: ['deep-buttock', 'gluteus-maximus'],
    base: SITTING_ON_CHAIR,
    cues: [
      'Cross one thigh over the other.',
      'Both sitting bones heavy.',
      'Draw the upper knee across, then turn to it.',
      'Uncross, both feet down.',
    ],
    cheat: 'The hip of the upper leg lifts off the seat.',
    rungs: [
      {
        name: 'drawn across',
        entry: { worked: { hip_flexion: 108, hip_adduction: 6, knee_flexion: 92 } },
        full: { worked: { hip_flexion: 114, hip_adduction: 20, knee_flexion: 96 } },
        on: [{ point: 'buttock_both', prop: 'chair', height_cm: 45 }, 'heel_other', 'ball_other'],
        hands: { other: { grip: 'hold', to: 'knee_worked', by_cm: [2, 0, 2], elbow: [-0.3, -0.4, 1] } },
        hold: [20, 60],
      },
      {
        name: 'with a turn',
        entry: { trunk: { thorax_rotation: -8 }, worked: { hip_flexion: 110, hip_adduction: 12, knee_flexion: 94 } },
        full: {
          trunk: { pelvis_tilt: 2, lumbar_rotation: -6, thorax_rotation: -30 },
          worked: { hip_flexion: 116, hip_adduction: 24, knee_flexion: 98 },
        },
        on: [{ point: 'buttock_both', prop: 'chair', height_cm: 45 }, 'heel_other', 'ball_other'],
        hands: { other: { grip: 'hold', to: 'knee_worked', by_cm: [2, 0, 2], elbow: [-0.2, -0.4, 1] } },
        hold: [20, 60],
      },
    ],
  },
  {
    id: 'chair-figure-four',
    name: 'Figure-four on a chair',
    also: ['chair pigeon'],
    position: 'seated',
    yaw: -34,
    reaches: ['deep-buttock'],
    base: [
      SITTING_ON_CHAIR,
      { worked: { hip_flexion: 92, hip_adduction: -34, hip_rotation: -40, knee_flexion: 100, ankle_dorsiflexion: 12 } },
    ],
    cues: [
      'Ankle above the other knee, foot active.',
      'Sit tall on both sitting bones.',
      'Tip forward from the hips, breastbone first.',
      'Rise, lift the shin with both hands.',
    ],
    cheat: 'The back rounds and the head leads.',
    rungs: [
      {
        name: 'leaning back',
        entry: {
          trunk: { pelvis_tilt: -34 },
          worked: { hip_flexion: 86, knee_flexion: 124, ankle_dorsiflexion: 4, hip_adduction: -20, hip_rotation: -27 },
          other: { hip_flexion: 45, knee_flexion: 86, ankle_dorsiflexion: 7 },
        },
        full: {
          trunk: { pelvis_tilt: -13 },
          worked: { hip_flexion: 96, knee_flexion: 109, ankle_dorsiflexion: 16, hip_adduction: -34, hip_rotation: -49 },
          other: { hip_flexion: 68, knee_flexion: 90, ankle_dorsiflexion: 9 },
        },
        on: [
          { point: 'buttock_both', prop: 'chair', height_cm: 45 },
          'heel_other',
          'ball_other',
          { point: 'ankle_worked', limb: 'thigh_other' },
        ],
        hands: {
          worked: { grip: 'hold', to: 'knee_worked', by_cm: [-4, 6, 0], elbow: [-0.4, -0.3, 1] },
          other: { grip: 'flat', to: 'shoulder_other', by_cm: [-6, 0, 8], height_cm: 45 },
        },
        hold: [30, 90],
      },
      {
        name: 'tipped forward',
        level: 3,
        entry: { trunk: { pelvis_tilt: 4 }, worked: { hip_flexion: 98 }, other: { hip_flexion: 92 } },
        full: {
          trunk: { pelvis_tilt: 28, lumbar_flexion: 12 },
          worked: { hip_flexion: 122, hip_adduction: -34, hip_rotation: -54 },
          other: { hip_flexion: 116 },
        },
        on: [
          { point: 'buttock_both', prop: 'chair', height_cm: 45 },
          'heel_other',
          'ball_other',
          { point: 'ankle_worked', limb: 'thigh_other' },
        ],
        hands: {
          worked: { grip: 'hold', to: 'knee_worked', by_cm: [-4, 6, 0], elbow: [-0.4, -0.1, 1] },
          other: { grip: 'hold', to: 'ankle_worked', by_cm: [-4, 6, 2], elbow: [-0.4, -0.1, 1] },
        },
        hold: [30, 90],
      },
    ],
  },
  {
    id: 'chair-leg-fold',
    name: 'Hamstring stretch on a chair',
    plain: 'Straight-leg fold on a chair',
    also: ['seated hamstring stretch'],
    position: 'seated',
    reaches: ['hamstrings'],
    base: [SITTING_ON_CHAIR, { worked: { hip_flexion: 74, knee_flexion: 20, ankle_dorsiflexion: 0 } }],
    give: ['knee-bends', 'pelvis-rolls'],
    cues: [
      'Sit at the front of the seat, one heel far out.',
      'Knee straight but not locked, toes up.',
      'Tip from the hips, long back.',
      'Rise, bend the knee.',
    ],
    cheat: 'The back rounds and the head reaches for the knee.',
    rungs: [
      {
        name: 'upright',
        entry: { trunk: { pelvis_tilt: -16, lumbar_flexion: 8 }, worked: { hip_flexion: 48, knee_flexion: 14 } },
        full: { trunk: { pelvis_tilt: 6 }, worked: { hip_flexion: 70, knee_flexion: 2, ankle_dorsiflexion: 8 } },
        on: [{ point: 'buttock_both', prop: 'chair', height_cm: 45 }, 'heel_worked', 'heel_other', 'ball_other'],
        hands: { both: { grip: 'hold', to: 'thigh_same', by_cm: [8, 8, 0], elbow: [-0.4, -0.3, 1] } },
        hold: [20, 60],
      },
      {
        name: 'tipping forward',
        entry: {
          trunk: { pelvis_tilt: -5, lumbar_flexion: 2 },
          worked: { hip_flexion: 71, knee_flexion: 45, ankle_dorsiflexion: -2 },
          other: { hip_flexion: 77, knee_flexion: 86, ankle_dorsiflexion: 4 },
        },
        full: {
          trunk: { pelvis_tilt: 10, lumbar_flexion: 16 },
          worked: { hip_flexion: 76, knee_flexion: keep(16), ankle_dorsiflexion: 4 },
          other: { hip_flexion: 92 },
        },
        on: [{ point: 'buttock_both', prop: 'chair', height_cm: 45 }, 'heel_worked', 'heel_other', 'ball_other'],
        hands: { both: { grip: 'hold', to: 'knee_same', by_cm: [2, 7, 0], elbow: [-0.4, -0.1, 1] } },
        hold: [20, 90],
      },
    ],
  },
]);
