import { defineTest } from '../definition';
import {
  ANGLE,
  drawnLeg,
  forSex,
  HOLD,
  HOLD_ERROR,
  limits,
  note,
  ON_BACK,
  ON_FRONT,
  published,
  ruleOfThumb,
  stop,
  TOWARDS_FEET,
} from './parts';
import { holdFor } from './strength-parts';

export const doubleLegLowering = defineTest({
  id: 'double-leg-lowering',
  name: 'Both legs lowered',
  clinical: 'Double-leg lowering test',
  kind: 'strength',
  purpose: 'Lower abdominals against the pull of the hip flexors. Short hip flexors make the loss look greater.',
  position: 'on the back',
  sided: false,
  effort: 'short',
  start: 'On the back, both legs upright, low back flat on your hand.',
  hold: 'Your hand under the low back feels when it lifts.',
  move: 'Lower both legs slowly, about ten seconds for the whole way.',
  end: 'Read the legs against level where the low back leaves your hand. The knees may bend a little.',
  spoils: ['breath held', 'head lifting', 'dropping fast'],
  care: 'A pinch in the low back ends the test. Not in pregnancy, nor within twelve weeks after a birth.',
  limiters: limits({ 'rectus-abdominis': 3, obliques: 2, psoas: 1 }),
  readouts: [
    {
      id: 'loss-angle',
      name: 'Legs above level where the back lifts',
      unit: 'deg',
      instruments: ANGLE,
      zero: 'legs level',
      min: 0,
      max: 90,
      better: 'lower',
      detectable: 8,
      detectableSource: 'rule of thumb for a hand goniometer',
      norms: [
        ruleOfThumb(
          50,
          18,
          'healthy adults',
          'most adults lose the back at 45–60° above level, as recalled; rule of thumb',
        ),
      ],
    },
  ],
  sensations: [...note('front-hip-crease', 'front-thigh'), ...stop('low-back', 'groin-pinch'), ...note('nowhere')],
  variants: [
    {
      id: 'bent-knees',
      name: 'knees bent',
      how: 'With the knees bent to a right angle: the milder way, first for beginners.',
    },
  ],
  drawn: {
    angles: (value) => ({ ...ON_BACK, ...drawnLeg({ hipFlexion: value, ankleDorsiflexion: 0 }, 'both') }),
    view: { yaw: 10, pitch: 8 },
    angle: () => ({ vertex: 'hip_worked', toward: 'knee_worked', zero: TOWARDS_FEET }),
  },
});

export const frontPlank = defineTest({
  id: 'front-plank',
  name: 'Plank on the forearms',
  clinical: 'Prone bridge (forearm plank) hold',
  kind: 'strength',
  purpose: 'Front of the trunk.',
  position: 'on the front',
  sided: false,
  effort: 'tiring',
  start: 'On forearms and toes, elbows under the shoulders, body in one line.',
  hold: 'Breathing goes on.',
  move: 'Hold the line.',
  end: 'Stop when the hips sag or rise for the second time.',
  spoils: ['hips sagging', 'hips rising', 'breath held'],
  care: 'An ache in the low back ends the test. With high blood pressure, sore wrists or in pregnancy use the milder way.',
  limiters: limits({ 'rectus-abdominis': 3, obliques: 2, 'transversus-abdominis': 2, 'rectus-femoris': 1 }),
  readouts: [holdFor('Hold in one line', 600, 90, 30, '60 s is usual and under 30 s limited')],
  sensations: [...note('front-thigh', 'front-hip-crease'), ...stop('low-back'), ...note('nowhere')],
  variants: [
    {
      id: 'knees-down',
      name: 'knees down',
      how: 'On forearms and knees, line from knees to head.',
      opens: ['pregnancy-early', 'blood-pressure'],
    },
  ],
  drawn: {
    angles: () => ({
      pelvis_tilt: 80,
      ankle_dorsiflexion_both: -2,
      toe_extension_both: 72,
      shoulder_flexion_both: 82,
      elbow_flexion_both: 92,
      shoulder_adduction_both: -4,
    }),
    view: { yaw: 12, pitch: 8 },
  },
});

const mcGill = 'McGill 1999';

export const sidePlank = defineTest({
  id: 'side-plank',
  name: 'Side plank',
  clinical: 'Side bridge hold',
  kind: 'strength',
  purpose: 'Side of the trunk and the hip abductors of the lower side.',
  position: 'on the side',
  sided: true,
  effort: 'tiring',
  start: 'On the tested side, elbow under the shoulder, feet stacked or one before the other.',
  hold: 'The hips stay in line with shoulders and feet.',
  move: 'Lift the hips and hold.',
  end: 'Stop when the hips sink.',
  spoils: ['rolling forward or back', 'shoulder sinking'],
  care: 'A sore shoulder or outer hip: from the knees, or leave it. Not late in pregnancy.',
  limiters: limits({ obliques: 3, 'quadratus-lumborum': 2, 'gluteus-medius': 2 }),
  readouts: [
    {
      ...holdFor('Hold in line', 600, 80, 30, ''),
      norms: [
        forSex('male', published(95, 35, 'young men, both sides together', mcGill)),
        forSex('female', published(75, 33, 'young women, both sides together', mcGill)),
      ],
    },
  ],
  sensations: [...note('outer-hip', 'nowhere'), ...stop('low-back')],
  variants: [
    { id: 'knees-down', name: 'from the knees', how: 'Knees bent, line from knees to head.', opens: ['outer-hip'] },
  ],
  drawn: {
    angles: () => ({
      pelvis_list: 72,
      hip_adduction_worked: 4,
      hip_adduction_other: -2,
      shoulder_adduction_worked: -72,
      shoulder_flexion_worked: 8,
      elbow_flexion_worked: 90,
      shoulder_adduction_other: -8,
    }),
    view: { yaw: -84, pitch: 8 },
  },
});

export const trunkExtensionHold = defineTest({
  id: 'trunk-extension-hold',
  name: 'Trunk held level over the edge',
  clinical: 'Biering-Sørensen test',
  kind: 'strength',
  purpose: 'Back of the trunk and of the hips.',
  position: 'on the front',
  sided: false,
  effort: 'tiring',
  start: 'On the front, front hip bones at the table’s edge, legs strapped or held, arms crossed.',
  hold: 'The legs are held down; the student goes on breathing.',
  move: 'Hold the trunk level.',
  end: 'Stop when the trunk sinks by more than 10°. The first trials stopped at 240 s.',
  spoils: ['hip bones sliding', 'breath held'],
  care: 'Tiredness in the back is usual, pain is not and ends the test. Not with brittle bones, in pregnancy or with high blood pressure.',
  limiters: limits({ 'erector-spinae': 3, 'gluteus-maximus': 2, hamstrings: 2 }),
  readouts: [
    {
      id: 'hold',
      name: 'Hold level',
      unit: 's',
      instruments: HOLD,
      zero: 'the start of the hold',
      min: 0,
      max: 600,
      better: 'higher',
      ...HOLD_ERROR,
      norms: [
        forSex('male', published(146, 51, 'young men', mcGill)),
        forSex('female', published(189, 60, 'young women', mcGill)),
      ],
    },
  ],
  sensations: [...note('back-thigh', 'whole-buttock'), ...stop('low-back', 'leg-line'), ...note('nowhere')],
  drawn: {
    angles: () => ({
      ...ON_FRONT,
      shoulder_flexion_both: 40,
      shoulder_adduction_both: 20,
      elbow_flexion_both: 125,
      neck_flexion: -10,
    }),
    view: { yaw: 12, pitch: 8 },
    props: [{ kind: 'table', at: 'thigh_right' }],
  },
});
