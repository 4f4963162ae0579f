import type { Intent } from '../format';
import { defineShapes } from './define';
import { pushes, works } from './intents';

const HEELS_IN: readonly Intent[] = [
  pushes('draw', 'Draw the heels towards you as they slide.', 'heel_both', [0.05, 0, 0]),
];
const HEEL_DOWN: readonly Intent[] = [
  pushes('draw', 'Press straight down through the standing heel.', 'heel_worked', [0.005, 0, 0]),
];
const SIDE_OF_HIP: readonly Intent[] = [
  works('lift', 'Lift from the side of the hip.', 'gluteus-medius', 'worked', 0.25),
];

/** Drills for one muscle. */
export const DRILLS = defineShapes([
  {
    id: 'clam',
    name: 'Clam',
    plain: 'Top knee opening, lying on the side',
    also: ['clamshell', 'clam shell'],
    position: 'on the side',
    kind: 'strength',
    yaw: 102,
    pitch: 18,
    works: ['lateral-hip', 'deep-buttock'],
    base: {
      trunk: { pelvis_list: -90 },
      worked: { hip_flexion: 44, knee_flexion: 84, hip_adduction: 2 },
      other: { hip_flexion: 44, knee_flexion: 84, hip_adduction: 0 },
    },
    cues: [
      'On the side, knees bent, heels in line with the seat.',
      'Hip bones stay stacked.',
      'Open the top knee from the back of the hip.',
      'Close it slowly.',
    ],
    cheat: 'The pelvis rolls back and the waist sinks.',
    instead: 'standing-leg-aside',
    rungs: [
      {
        name: 'feet together',
        entry: [],
        full: { worked: { hip_adduction: -22, hip_rotation: -26 } },
        on: ['hip_other', 'knee_other', 'shoulder_other'],
        hold: [3, 10],
        repeats: [6, 15],
        balance: false,
        intents: SIDE_OF_HIP,
      },
      {
        name: 'top foot lifted too',
        entry: { worked: { hip_adduction: -4 } },
        full: { worked: { hip_adduction: -26, hip_rotation: -10 } },
        on: ['hip_other', 'knee_other', 'shoulder_other'],
        hold: [3, 10],
        repeats: [6, 12],
        balance: false,
        intents: SIDE_OF_HIP,
      },
      {
        name: 'reversed: foot up, knee low',
        entry: { worked: { hip_adduction: -4, hip_rotation: 2 } },
        full: { worked: { hip_adduction: -10, hip_rotation: 30 } },
        on: ['hip_other', 'knee_other', 'shoulder_other'],
        hold: [3, 10],
        repeats: [6, 12],
        balance: false,
        level: 2,
        intents: SIDE_OF_HIP,
      },
    ],
  },
  {
    id: 'bridge-march',
    name: 'Bridge march',
    plain: 'Lifting the feet in turn, hips high',
    also: ['marching bridge'],
    position: 'on the back',
    kind: 'strength',
    works: ['gluteus-maximus', 'hamstrings'],
    base: {
      trunk: { pelvis_tilt: -112, thorax_flexion: 20, neck_flexion: 16 },
      both: { shoulder_flexion: -16, shoulder_adduction: -14 },
      worked: { knee_flexion: 108, ankle_dorsiflexion: 0 },
    },
    cues: [
      'Lift into a bridge, feet under the knees.',
      'Hip bones level like a tray.',
      'Lift one foot a little, set it down, lift the other.',
      'Lower slowly.',
    ],
    cheat: 'The free side of the pelvis drops with each step.',
    instead: 'single-leg-squat',
    rungs: [
      {
        name: 'heel lifted, toes down',
        entry: {
          trunk: { pelvis_tilt: -100, thorax_flexion: 8, neck_flexion: 8 },
          worked: { hip_flexion: 44, knee_flexion: 104 },
          other: { hip_flexion: 44, knee_flexion: 104 },
        },
        full: {
          trunk: { pelvis_tilt: -116, thorax_flexion: 24, neck_flexion: 14 },
          worked: { hip_flexion: 6, knee_flexion: 108 },
          other: { hip_flexion: 10, knee_flexion: 113, ankle_dorsiflexion: -30 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_worked', 'ball_worked', 'toe_other'],
        hold: [3, 6],
        repeats: [6, 12],
        balance: false,
        intents: HEEL_DOWN,
      },
      {
        name: 'foot lifted, knee bent',
        entry: {
          trunk: { pelvis_tilt: -104, thorax_flexion: 12, neck_flexion: 10 },
          worked: { hip_flexion: 40, knee_flexion: 104 },
          other: { hip_flexion: 50, knee_flexion: 108, ankle_dorsiflexion: 0 },
        },
        full: {
          trunk: { pelvis_tilt: -116, thorax_flexion: 24, neck_flexion: 16 },
          worked: { hip_flexion: 6, knee_flexion: 108 },
          other: { hip_flexion: 88, knee_flexion: 108, ankle_dorsiflexion: 0 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_worked', 'ball_worked'],
        hold: [3, 8],
        repeats: [6, 12],
        balance: false,
        intents: HEEL_DOWN,
      },
    ],
  },
  {
    id: 'slider-curl',
    name: 'Hamstring slide',
    plain: 'Heels sliding out and in, hips lifted',
    also: ['slider curl', 'hamstring curl', 'heel slides'],
    position: 'on the back',
    kind: 'strength',
    sided: false,
    works: ['hamstrings', 'gluteus-maximus'],
    base: {
      trunk: { pelvis_tilt: -104, thorax_flexion: 12, neck_flexion: 10 },
      both: { shoulder_flexion: -8, shoulder_adduction: -16, ankle_dorsiflexion: 6 },
    },
    cues: [
      'Heels on a folded blanket on a smooth floor, hips lifted.',
      'Ribs quiet, pelvis level.',
      'Slide the heels away slowly, then draw them in.',
      'Lower when the hips begin to sink.',
    ],
    cheat: 'The hips drop as the heels go away.',
    rungs: [
      {
        name: 'half-way',
        entry: {
          trunk: { pelvis_tilt: -116, thorax_flexion: 24, neck_flexion: 18 },
          both: { hip_flexion: 5, knee_flexion: 104 },
        },
        full: {
          trunk: { pelvis_tilt: -108, thorax_flexion: 16, neck_flexion: 10 },
          both: { hip_flexion: 6, knee_flexion: 72 },
        },
        on: ['back-high', 'head', 'wrist_both', { point: 'heel_both', prop: 'blanket', height_cm: 2 }],
        hold: [3, 6],
        repeats: [4, 8],
        balance: false,
        level: 2,
        intents: HEELS_IN,
      },
      {
        name: 'all the way',
        entry: {
          trunk: { pelvis_tilt: -114, thorax_flexion: 22, neck_flexion: 16 },
          both: { hip_flexion: 5, knee_flexion: 96 },
        },
        full: {
          trunk: { pelvis_tilt: -101, thorax_flexion: 10, neck_flexion: 6 },
          both: { hip_flexion: 5, knee_flexion: 42 },
        },
        on: ['back-high', 'head', 'wrist_both', { point: 'heel_both', prop: 'blanket', height_cm: 2 }],
        hold: [3, 6],
        repeats: [3, 6],
        balance: false,
        level: 3,
        intents: HEELS_IN,
      },
    ],
  },
  {
    id: 'inner-thigh-plank',
    name: 'Inner-thigh side plank',
    plain: 'Side plank hanging on the upper leg',
    also: ['adductor side plank', 'Copenhagen plank'],
    position: 'on the side',
    kind: 'strength',
    yaw: 98,
    works: ['adductors'],
    base: {
      trunk: { pelvis_list: -74 },
      worked: { hip_adduction: 0, hip_flexion: 0, shoulder_adduction: -60 },
      other: { hip_adduction: 0, hip_flexion: 20, knee_flexion: 40, ankle_dorsiflexion: 0, shoulder_adduction: -86 },
    },
    cues: [
      'On the side, hand under the shoulder, upper leg on a chair seat.',
      'Body in one line, hips forward.',
      'Press the upper leg into the seat and lift the hips.',
      'Lower the hip first, then the leg.',
    ],
    cheat: 'The hips fold back and the trunk rolls.',
    instead: 'chair-squeeze',
    rungs: [
      {
        name: 'knee on the seat',
        entry: {
          trunk: { pelvis_list: -72, lumbar_bend: -4 },
          worked: { hip_flexion: 30, knee_flexion: 90, hip_adduction: -6 },
          other: { hip_flexion: 20, knee_flexion: 60 },
        },
        full: {
          trunk: { pelvis_list: -80 },
          worked: { hip_flexion: 14, knee_flexion: 88, hip_adduction: 4 },
          other: { hip_flexion: 20, knee_flexion: 60, hip_adduction: 6 },
        },
        on: [{ point: 'knee_worked', prop: 'chair', height_cm: 42 }],
        hands: { other: { grip: 'bears', to: 'shoulder_other', by_cm: [2, -50, 4] } },
        hold: [5, 20],
        balance: false,
        level: 2,
      },
      {
        name: 'ankle on the seat',
        entry: {
          trunk: { pelvis_list: -74, lumbar_bend: -4 },
          worked: { hip_flexion: 0, knee_flexion: 4, hip_adduction: -8 },
          other: { hip_flexion: 20, knee_flexion: 50 },
        },
        full: {
          trunk: { pelvis_list: -82 },
          worked: { hip_flexion: 0, knee_flexion: 2, hip_adduction: 4 },
          other: { hip_flexion: 20, knee_flexion: 50, hip_adduction: 8 },
        },
        on: [{ point: 'ankle_worked', prop: 'chair', height_cm: 42 }],
        hands: { other: { grip: 'bears', to: 'shoulder_other', by_cm: [2, -50, 4] } },
        hold: [5, 15],
        balance: false,
        level: 3,
      },
    ],
  },
]);
