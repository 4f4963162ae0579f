import type { Intent } from '../format';
import { defineShapes } from './define';
import { keep } from '../sketch-parts';
import { pushes, works } from './intents';

/**
 * What a lifted pelvis is carried by: a foot that pushes away would make an arch of the body and spare the back of the
 * hip (ours).
 */
const HEEL_DOWN: readonly Intent[] = [
  pushes('draw', 'Press straight down through the heel, not away from you.', 'heel_worked', [0.005, 0, 0]),
];
const HIP_OPENS: readonly Intent[] = [
  ...HEEL_DOWN,
  works('squeeze', 'Squeeze the buttocks as the hips open.', 'gluteus-maximus', 'worked', 0.38),
];
const HEELS_IN: readonly Intent[] = [
  pushes('draw', 'Draw the heels towards you without moving them.', 'heel_both', [0.05, 0, 0]),
];

/** Bridges, from supported to one leg. */
export const BRIDGES = defineShapes([
  {
    id: 'supported-bridge',
    name: 'Supported bridge',
    plain: 'Bridge resting on a block',
    also: ['supported bridge pose'],
    sanskrit: 'Setu Bandhasana, supported',
    position: 'on the back',
    sided: false,
    reaches: ['rectus-femoris'],
    base: {
      trunk: { pelvis_tilt: -100, thorax_flexion: 14, neck_flexion: 16 },
      both: { shoulder_flexion: -6, shoulder_adduction: -18 },
    },
    cues: [
      'Feet under the knees, block under the sacrum.',
      'Let the block carry you.',
      'Lengthen the thighs away from the belly.',
      'Lift off, take the block away, lower slowly.',
    ],
    cheat: 'The block sits under the low back and pushes it up.',
    rungs: [
      {
        name: 'block flat',
        entry: { both: { hip_flexion: 40, knee_flexion: 98 } },
        full: { both: { hip_flexion: 22, knee_flexion: 104 } },
        on: [{ point: 'sacrum', prop: 'block', height_cm: 8 }, 'back', 'head', 'wrist_both', 'heel_both', 'ball_both'],
        hold: [30, 300],
        phases: ['warm', 'approach', 'counter'],
      },
      {
        name: 'block on its side',
        entry: { trunk: { pelvis_tilt: -108 }, both: { hip_flexion: 26, knee_flexion: 102 } },
        full: { both: { hip_flexion: 8, knee_flexion: 104 } },
        on: [{ point: 'sacrum', prop: 'block', height_cm: 15 }, 'back', 'head', 'wrist_both', 'heel_both', 'ball_both'],
        hold: [30, 300],
        phases: ['approach', 'counter'],
      },
    ],
  },
  {
    id: 'bridge',
    name: 'Bridge',
    also: ['bridge pose', 'glute bridge'],
    sanskrit: 'Setu Bandhasana',
    position: 'on the back',
    sided: false,
    kind: 'strength',
    reaches: ['rectus-femoris'],
    works: ['gluteus-maximus', 'hamstrings'],
    base: {
      trunk: { pelvis_tilt: -110, thorax_flexion: 16, neck_flexion: 14 },
      both: { shoulder_flexion: -14, shoulder_adduction: -14 },
    },
    cues: [
      'Feet under the knees, arms long.',
      'Knees in line with the hips, ribs quiet.',
      'Press the feet and lengthen the front of the hips.',
      'Lower slowly, then let the knees rest together.',
    ],
    cheat: 'The low back arches instead of the hips opening.',
    instead: 'standing-hip-press',
    rungs: [
      {
        name: 'small lift',
        entry: {
          trunk: { pelvis_tilt: -90, thorax_flexion: 0, neck_flexion: 0 },
          both: { hip_flexion: 50, knee_flexion: 100, shoulder_flexion: 4 },
        },
        full: {
          trunk: { pelvis_tilt: -99, thorax_flexion: 6, neck_flexion: 14 },
          both: { hip_flexion: keep(31), knee_flexion: 112, shoulder_flexion: -8 },
        },
        on: ['back', 'head', 'wrist_both', 'heel_both', 'ball_both'],
        hold: [15, 45],
        phases: ['warm', 'counter'],
        balance: false,
        intents: [pushes('draw', 'Draw the heels towards the seat without moving them.', 'heel_both', [0.01, 0, 0])],
      },
      {
        name: 'full lift',
        entry: {
          trunk: { pelvis_tilt: -104, thorax_flexion: 12, neck_flexion: 10 },
          both: { hip_flexion: 26, knee_flexion: 108 },
        },
        full: {
          trunk: { pelvis_tilt: -126, thorax_flexion: 20, neck_flexion: 20 },
          both: { hip_flexion: keep(-12), knee_flexion: 105, shoulder_flexion: -30 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_both', 'ball_both'],
        hold: [15, 60],
        phases: ['approach', 'deepest', 'counter'],
        balance: false,
        intents: [
          pushes(
            'draw',
            'Press down through the heels and draw them lightly towards the seat.',
            'heel_both',
            [0.028, 0, 0],
          ),
          works('squeeze', 'Squeeze the buttocks as the hips open.', 'gluteus-maximus', 'both', 0.3),
        ],
      },
    ],
  },
  {
    id: 'bridge-block',
    name: 'Bridge with a block squeeze',
    plain: 'Bridge with a block held',
    also: ['adductor bridge'],
    position: 'on the back',
    sided: false,
    kind: 'strength',
    works: ['gluteus-maximus', 'adductors'],
    base: {
      trunk: { pelvis_tilt: -110, thorax_flexion: 16, neck_flexion: 14 },
      both: { shoulder_flexion: -14, shoulder_adduction: -14 },
    },
    cues: [
      'Block between the thighs or the feet.',
      'Thighs stay parallel.',
      'Squeeze the block as the hips rise.',
      'Keep the squeeze on the way down.',
    ],
    cheat: 'The thighs turn out and the block does nothing.',
    rungs: [
      {
        name: 'block between the thighs',
        entry: {
          trunk: { pelvis_tilt: -92, thorax_flexion: 2, neck_flexion: 2 },
          both: { hip_flexion: 48, knee_flexion: 100, hip_adduction: 0, shoulder_flexion: 4 },
        },
        full: {
          trunk: { pelvis_tilt: -118, thorax_flexion: 26, neck_flexion: 22 },
          both: { hip_flexion: 2, knee_flexion: 108, hip_adduction: 0, shoulder_flexion: -22 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_both', 'ball_both'],
        props: ['block'],
        balance: false,
        hold: [10, 45],
        level: 2,
        intents: [works('squeeze', 'Squeeze the block with the thighs.', 'adductor-magnus', 'both', 0.3)],
      },
      {
        name: 'block between the feet',
        entry: {
          trunk: { pelvis_tilt: -92, thorax_flexion: 2, neck_flexion: 2 },
          both: { hip_flexion: 48, knee_flexion: 100, hip_adduction: 0, shoulder_flexion: 4 },
        },
        full: {
          trunk: { pelvis_tilt: -118, thorax_flexion: 26, neck_flexion: 22 },
          both: { hip_flexion: 2, knee_flexion: 108, hip_adduction: 0, shoulder_flexion: -22 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_both', 'ball_both'],
        props: ['block'],
        balance: false,
        hold: [10, 45],
        level: 2,
        intents: [pushes('press', 'Press the feet together against the block.', 'ball_both', [0, 0, 0.12])],
      },
    ],
  },
  {
    id: 'single-leg-bridge',
    name: 'One-leg bridge',
    plain: 'Bridge on one leg',
    also: ['single-leg bridge', 'one-legged bridge', 'Eka Pada Setu Bandhasana'],
    position: 'on the back',
    kind: 'strength',
    works: ['gluteus-maximus', 'hamstrings'],
    base: {
      trunk: { pelvis_tilt: -108, thorax_flexion: 16, neck_flexion: 14 },
      both: { shoulder_flexion: -14, shoulder_adduction: -14 },
      worked: { knee_flexion: 104, ankle_dorsiflexion: 0 },
    },
    cues: [
      'Lift into a bridge, then one foot off.',
      'Hip bones level.',
      'Press down through the standing heel.',
      'Foot down first, then the hips.',
    ],
    cheat: 'The free side of the pelvis drops.',
    instead: 'single-leg-squat',
    rungs: [
      {
        name: 'other knee held over the hip',
        entry: {
          trunk: { pelvis_tilt: -100, thorax_flexion: 8, neck_flexion: 4 },
          worked: { hip_flexion: 34, knee_flexion: 104 },
          other: { hip_flexion: 94, knee_flexion: 110, ankle_dorsiflexion: 0 },
        },
        full: {
          trunk: { pelvis_tilt: -116, thorax_flexion: 24, neck_flexion: 16 },
          worked: { hip_flexion: 5, knee_flexion: 108 },
          other: { hip_flexion: 100 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_worked', 'ball_worked'],
        balance: false,
        hold: [8, 30],
        level: 2,
        intents: HIP_OPENS,
      },
      {
        name: 'other leg long in line',
        entry: {
          trunk: { pelvis_tilt: -98, thorax_flexion: 6, neck_flexion: 6 },
          worked: { hip_flexion: 38, knee_flexion: 102 },
          other: { hip_flexion: 30, knee_flexion: 40, ankle_dorsiflexion: 0 },
        },
        full: {
          trunk: { pelvis_tilt: -118, thorax_flexion: 26, neck_flexion: 22 },
          worked: { hip_flexion: 2, knee_flexion: 108 },
          other: { hip_flexion: 14, knee_flexion: 4 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_worked', 'ball_worked'],
        balance: false,
        hold: [8, 30],
        level: 3,
        intents: HIP_OPENS,
      },
    ],
  },
  {
    id: 'long-bridge',
    name: 'Hamstring bridge',
    plain: 'Long bridge on the heels',
    also: ['long-lever bridge'],
    position: 'on the back',
    sided: false,
    kind: 'strength',
    works: ['hamstrings', 'gluteus-maximus'],
    base: {
      trunk: { pelvis_tilt: -98, thorax_flexion: 6, neck_flexion: 6 },
      both: { shoulder_flexion: -6, shoulder_adduction: -16, ankle_dorsiflexion: 12 },
    },
    cues: [
      'Heels further away than the knees, toes up.',
      'Ribs quiet, pelvis level.',
      'Draw the heels towards you without moving them.',
      'Lower and draw the knees in.',
    ],
    cheat: 'The toes push and the calves take over.',
    rungs: [
      {
        name: 'heels a little away',
        entry: { trunk: { pelvis_tilt: -92 }, both: { hip_flexion: 36, knee_flexion: 72, hip_adduction: 0 } },
        full: {
          trunk: { pelvis_tilt: -111, thorax_flexion: 19, neck_flexion: 14 },
          both: { hip_flexion: 5, knee_flexion: 78 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_both'],
        balance: false,
        hold: [8, 30],
        level: 2,
        intents: HEELS_IN,
      },
      {
        name: 'heels far away',
        entry: { trunk: { pelvis_tilt: -91 }, both: { hip_flexion: 22, knee_flexion: 44, hip_adduction: 0 } },
        full: {
          trunk: { pelvis_tilt: -103, thorax_flexion: 11, neck_flexion: 9 },
          both: { hip_flexion: 4, knee_flexion: 44 },
        },
        on: ['back-high', 'head', 'wrist_both', 'heel_both'],
        balance: false,
        hold: [8, 30],
        level: 3,
        intents: HEELS_IN,
      },
    ],
  },
]);
