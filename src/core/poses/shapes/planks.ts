import type { Intent } from '../format';
import { defineShapes } from './define';
import { keep } from '../sketch-parts';
import { works } from './intents';
import { HANDS_DOWN } from './starts';

/**
 * Which leg carries a side plank is the teacher's cue: the lower one, not the upper that could press down beside it
 * (ours).
 */
const WAIST_UP: readonly Intent[] = [
  works('lift', 'Lift the lower waist and hip away from the floor.', 'gluteus-medius', 'worked', 0.85),
];

/** Planks, and the rest after them. */
export const PLANKS = defineShapes([
  {
    id: 'plank',
    name: 'Plank',
    also: ['plank pose', 'high plank'],
    sanskrit: 'Phalakasana',
    position: 'all-fours',
    sided: false,
    kind: 'strength',
    works: ['deep-hip-flexor', 'vasti'],
    base: {
      trunk: { pelvis_tilt: 74, neck_flexion: -12 },
      both: { hip_flexion: 0, knee_flexion: 2, ankle_dorsiflexion: 0, toe_extension: 60 },
    },
    cues: [
      'Hands under shoulders, legs long behind you.',
      'One line from crown to heel.',
      'Press the floor away, thighs awake.',
      'Knees down, rest.',
    ],
    cheat: 'The hips sag or point to the ceiling.',
    instead: 'desk-plank',
    rungs: [
      {
        name: 'knees down',
        entry: { trunk: { pelvis_tilt: 66 }, both: { hip_flexion: 10, knee_flexion: 70, ankle_dorsiflexion: -50 } },
        full: { trunk: { pelvis_tilt: 66 }, both: { hip_flexion: 0, knee_flexion: 60 } },
        on: ['knee_both'],
        hands: HANDS_DOWN,
        hold: [8, 30],
        props: ['blanket'],
      },
      {
        name: 'legs long',
        entry: { both: { knee_flexion: 30, hip_flexion: 20 } },
        full: { trunk: { pelvis_tilt: 72 }, both: { hip_flexion: keep(0), knee_flexion: 2, ankle_dorsiflexion: 4 } },
        on: ['ball_both', 'toe_both'],
        hands: HANDS_DOWN,
        hold: [8, 40],
      },
      {
        name: 'on the forearms',
        entry: { trunk: { pelvis_tilt: 80 }, both: { knee_flexion: 24, hip_flexion: 14 } },
        full: { trunk: { pelvis_tilt: 82 }, both: { hip_flexion: keep(0), knee_flexion: 2, ankle_dorsiflexion: 4 } },
        on: ['ball_both', 'toe_both'],
        hands: { both: { grip: 'forearm', to: 'shoulder_same' } },
        hold: [8, 60],
        level: 2,
      },
    ],
  },
  {
    id: 'side-plank',
    name: 'Side plank',
    also: ['side plank pose'],
    sanskrit: 'Vasisthasana',
    position: 'on the side',
    kind: 'strength',
    yaw: -82,
    works: ['lateral-hip'],
    base: {
      trunk: { pelvis_list: 58 },
      both: { hip_adduction: 0 },
      worked: { shoulder_adduction: -86 },
      other: { shoulder_adduction: -80 },
    },
    cues: [
      'On the side, forearm or hand under the shoulder.',
      'Hips forward, body in one line.',
      'Lift the lower waist away from the floor.',
      'Lower the hip, rest on the side.',
    ],
    cheat: 'The hips fall back and the chest turns down.',
    instead: 'wall-side-press',
    rungs: [
      {
        name: 'lower knee down',
        entry: {
          trunk: { pelvis_list: 84, lumbar_bend: 8 },
          worked: { knee_flexion: 90, hip_flexion: 2, ankle_dorsiflexion: -20, hip_adduction: 6 },
          other: { hip_adduction: -2 },
        },
        full: {
          trunk: { pelvis_list: 74 },
          worked: { knee_flexion: 90, hip_flexion: 0, ankle_dorsiflexion: -20 },
          other: { hip_adduction: -8 },
        },
        on: ['knee_worked', 'ball_other'],
        hands: { worked: { grip: 'forearm', to: 'shoulder_worked', by_cm: [2, 0, 6] } },
        hold: [5, 25],
        balance: false,
      },
      {
        name: 'legs long',
        entry: { trunk: { pelvis_list: 62 }, both: { knee_flexion: 4 } },
        full: {
          trunk: { pelvis_list: 60 },
          worked: { hip_adduction: 4 },
          other: { hip_adduction: -2, hip_flexion: 10, knee_flexion: 2 },
        },
        on: ['ankle_worked', 'ball_other'],
        hands: { worked: { grip: 'forearm', to: 'shoulder_worked', by_cm: [2, 0, 6] } },
        hold: [5, 30],
        balance: false,
        level: 2,
        intents: WAIST_UP,
      },
      {
        name: 'upper leg lifted',
        entry: { trunk: { pelvis_list: 60 }, both: { knee_flexion: 4 }, other: { hip_adduction: -6 } },
        full: {
          trunk: { pelvis_list: 60 },
          worked: { hip_adduction: 4 },
          other: { hip_adduction: -34, knee_flexion: 2 },
        },
        on: ['ankle_worked'],
        hands: { worked: { grip: 'forearm', to: 'shoulder_worked', by_cm: [2, 0, 6] } },
        hold: [5, 20],
        balance: false,
        level: 3,
      },
    ],
  },
  {
    id: 'childs',
    name: 'Child’s pose',
    plain: 'Folded rest on the shins',
    also: ['childs pose'],
    sanskrit: 'Balasana',
    position: 'kneeling',
    sided: false,
    kind: 'rest',
    base: {
      trunk: { pelvis_tilt: 50, lumbar_flexion: 24, thorax_flexion: 20, neck_flexion: 10 },
      both: { hip_flexion: 110, knee_flexion: 142, ankle_dorsiflexion: -46 },
    },
    cues: [
      'Knees down, hips towards the heels.',
      'Forehead held, arms wherever they rest.',
      'Let the back of the ribs widen.',
      'Hands under the shoulders, rise slowly.',
    ],
    cheat: 'The weight hangs on the neck because the hips are high.',
    instead: 'chair-fold',
    rungs: [
      {
        name: 'seat raised, knees apart',
        entry: {
          trunk: { pelvis_tilt: 40, lumbar_flexion: 20 },
          both: { hip_flexion: 100, knee_flexion: 118, hip_adduction: -10 },
        },
        full: {
          trunk: { pelvis_tilt: 60, lumbar_flexion: 28, thorax_flexion: 22 },
          both: { hip_flexion: 122, knee_flexion: 128, hip_adduction: -12 },
        },
        on: [
          'knee_both',
          'toe_both',
          { point: 'buttock_both', prop: 'bolster', height_cm: 20 },
          { point: 'head', prop: 'block', height_cm: 23 },
        ],
        hands: { both: { grip: 'flat', to: 'shoulder_same', by_cm: [16, 0, 4] } },
        props: ['blanket'],
        level: 1,
      },
      {
        name: 'knees apart',
        entry: {
          trunk: { pelvis_tilt: 40, lumbar_flexion: 20 },
          both: { hip_flexion: 100, knee_flexion: 116, hip_adduction: -10 },
        },
        full: {
          trunk: { pelvis_tilt: 66, lumbar_flexion: 30, thorax_flexion: 24, neck_flexion: 8 },
          both: { hip_flexion: 128, knee_flexion: 148, hip_adduction: -12 },
        },
        on: ['knee_both', 'toe_both', { point: 'head', prop: 'block', height_cm: 12 }],
        hands: { both: { grip: 'flat', to: 'shoulder_same', by_cm: [18, 0, 4] } },
        level: 1,
      },
      {
        name: 'knees together',
        entry: {
          trunk: { pelvis_tilt: 38, lumbar_flexion: 22 },
          both: { hip_flexion: 98, knee_flexion: 116, hip_adduction: 0 },
        },
        full: {
          trunk: { pelvis_tilt: 62, lumbar_flexion: 40, thorax_flexion: 32, neck_flexion: 20 },
          both: { hip_flexion: 130, knee_flexion: 150, hip_adduction: 0 },
        },
        on: ['knee_both', 'toe_both'],
        hands: { both: { grip: 'flat', to: 'shoulder_same', by_cm: [18, 0, 4] } },
        level: 2,
      },
    ],
  },
]);
