import type { Intent } from '../format';
import type { ShapeSketch } from '../sketch';

const FRONT = 't pt90 nf-10; b d-50 sf5 sa-14';
const DOWN = 'pubis chest thigh_b';
const FOURS = 't pt84 nf-15; b f84 k92 d-46';
const HANDS = 'b floor shoulder_s 3 0 0';
/** A leg's own weight asks little of the buttock, as the hamstrings would carry it: the cue asks for the rest (ours). */
const BUTTOCK: readonly Intent[] = [
  {
    cue: 'squeeze',
    words: 'Squeeze the buttock of the lifted leg.',
    structure: { id: 'gluteus-maximus', side: 'worked', least: 0.35 },
  },
];
const LIFTED_LEG: readonly Intent[] = [
  {
    cue: 'squeeze',
    words: 'Squeeze the buttock as the leg lengthens.',
    structure: { id: 'gluteus-maximus', side: 'worked', least: 0.3 },
  },
];
const LIFTED_LEGS: readonly Intent[] = [
  {
    cue: 'squeeze',
    words: 'Squeeze the buttocks as the legs lengthen.',
    structure: { id: 'gluteus-maximus', side: 'both', least: 0.3 },
  },
];
const SIDE_OF_HIP: readonly Intent[] = [
  {
    cue: 'lift',
    words: 'Lift from the side of the hip.',
    structure: { id: 'gluteus-medius', side: 'worked', least: 0.3 },
  },
];

/** Which leg carries a side plank is the teacher's cue: the lower one, not the upper that could press down beside it (ours). */
const WAIST_UP: readonly Intent[] = [
  {
    cue: 'lift',
    words: 'Lift the lower waist and hip away from the floor.',
    structure: { id: 'gluteus-medius', side: 'worked', least: 0.85 },
  },
];

/** Lying on the front and on all fours. */
export const ON_THE_FRONT: readonly ShapeSketch[] = [
  {
    id: 'half-frog',
    name: 'Half frog',
    sanskrit: 'Ardha Bhekasana',
    position: 'on the front',
    reaches: ['rectus-femoris'],
    base: FRONT,
    cues: ['Face down, one heel towards the buttock.', 'Front hip bones press the floor; tail long.', 'Draw the heel in as you breathe out.', 'Let the foot down slowly.'],
    cheat: 'The hip lifts or the thigh slides out.',
    instead: 'standing-bow',
    rungs: [
      { name: 'strap round the foot', entry: 'w k60 d0', full: 'w k138', on: `${DOWN} knee_b toe_o`, hands: 'w ankle_w 30 2 4', props: 'strap', phases: ['warm', 'approach', 'deepest'], hold: [20, 60] },
      { name: 'hand on the foot', entry: 't tf-6; w k92 d-10', full: 'w k138 f-4', on: 'chest pubis thigh_b knee_b toe_o', balance: false, hands: 'w elbow:-1,-0.2,0.6 ankle_w 2 4 3', phases: ['deepest'], hold: [20, 60] },
      { name: 'both heels, chest lifted', balance: false, entry: 't lf-10 tf-12; b k94 d-10', full: 't lf-16 tf-18; b k128 f-8', on: 'pubis thigh_b', hands: 'b elbow:-1,-0.2,0.6 ankle_s 2 4 3', phases: ['deepest'], hold: [10, 40], level: 3 },
    ],
  },
  {
    id: 'locust',
    name: 'Locust',
    sanskrit: 'Salabhasana',
    position: 'on the front',
    sided: false,
    kind: 'strength',
    works: ['gluteus-maximus', 'hamstrings'],
    cues: ['Face down, legs long and together.', 'Neck long, breath going.', 'Lengthen the legs back, then lift them.', 'Lower, rest one cheek on the hands.'],
    cheat: 'The knees bend and the low back pinches.',
    instead: 'standing-hip-press',
    rungs: [
      { name: 'legs only', entry: 't pt90 nf-10; b k10 d-50 sf5 sa-14; b f4', full: 'b f-10! k4 d-45', on: 'pubis chest wrist_b', hold: [8, 30], phases: ['warm', 'approach', 'counter'], balance: false, intents: LIFTED_LEGS },
      { name: 'chest and legs', entry: 't pt90 nf-10; b k10 d-50 sf5 sa-14; b f2', full: 't pt92 lf-14! tf-14! nf-12; b f-12! k4 sf-14 d-45', on: 'pubis thigh_b', hold: [8, 30], phases: ['approach', 'deepest', 'counter'], balance: false, intents: LIFTED_LEGS },
      { name: 'arms forward', entry: `${FRONT}; b f0 sf150 sa-10`, full: 't pt93 lf-14! tf-18! nf-14; b f-12! k2 sf168 d-40', on: 'pubis', hold: [8, 30], phases: ['approach', 'deepest'], balance: false, level: 3, intents: LIFTED_LEGS },
    ],
  },
  {
    id: 'locust-single',
    name: 'One-leg locust',
    position: 'on the front',
    kind: 'strength',
    works: ['gluteus-maximus'],
    base: FRONT,
    cues: ['Face down, forehead on the hands.', 'Both front hip bones stay down.', 'Reach one thigh back, then lift it a little.', 'Lower it without a sound.'],
    cheat: 'The hip rolls open so that the leg looks higher.',
    instead: 'standing-hip-press',
    rungs: [
      { name: 'leg long', entry: '', full: 'w f-12! k2 d-40', on: 'pubis chest thigh_o toe_o wrist_b', hold: [8, 30], phases: ['warm', 'approach', 'counter'], balance: false, intents: LIFTED_LEG },
      { name: 'knee bent', entry: 'w k90 d0', full: 'w f-10! k92', on: 'pubis chest thigh_o toe_o wrist_b', hold: [8, 30], phases: ['approach', 'counter'], balance: false, intents: LIFTED_LEG },
    ],
  },
  {
    id: 'heel-squeeze',
    name: 'Heels pressed together, face down',
    position: 'on the front',
    sided: false,
    kind: 'strength',
    yaw: -20,
    pitch: 24,
    works: ['deep-buttock', 'gluteus-maximus'],
    base: 't pt90 nf-10; b sf5 sa-14 d10',
    cues: ['Face down, knees apart and bent, heels together.', 'Front hip bones down.', 'Press the heels into each other.', 'Let go slowly, straighten the legs.'],
    cheat: 'The low back arches and the heels only touch.',
    rungs: [
      { name: 'thighs down', entry: 'b a-18 r-18 k92', full: 'b a-22 r-26 k96', on: `${DOWN} knee_b heel_w~heel_o`, hold: [5, 20], intents: [{ cue: 'press', words: 'Press the heels into each other.', at: { point: 'heel_both', force: [0, 0, 0.12] } }] },
      { name: 'thighs lifted', entry: 'b a-20 r-20 k92', full: 'b a-22 r-26 k96 f-10!', on: 'pubis chest heel_w~heel_o', hold: [5, 20], level: 3, balance: false, intents: [{ cue: 'press', words: 'Press the heels into each other.', at: { point: 'heel_both', force: [0, 0, 0.12] } }] },
    ],
  },
  {
    id: 'cobra',
    name: 'Cobra',
    sanskrit: 'Bhujangasana',
    position: 'on the front',
    sided: false,
    reaches: ['deep-hip-flexor'],
    cues: ['Face down, legs long behind you.', 'Pubic bone heavy, shoulders low.', 'Lengthen the breastbone forward, then up.', 'Lower the belly first, then the chest.'],
    cheat: 'The arms push and the low back folds in one place.',
    instead: 'chair-backbend',
    rungs: [
      { name: 'on the forearms', entry: 't pt90 nf-10; b k10 d-50 sf5 sa-14; t lf-8 tf-8; b f6', full: 't lf-22 tf-16 nf-8; b f-4', on: 'pubis knee_b', hands: 'b forearm shoulder_s 2 0 2', carries: true, phases: ['warm', 'approach', 'counter'], hold: [20, 90] },
      { name: 'low, held', entry: 't pt90 nf-10; b k10 d-50 sf5 sa-14; t lf-8 tf-8; b f6', full: 't lf-24 tf-18 nf-14; b f-6', on: 'pubis knee_b', hands: 'b floor shoulder_s 0 0 6', carries: true, phases: ['warm', 'approach', 'counter'], hold: [10, 40] },
      { name: 'pulsed with the breath', entry: 't pt90 nf-10; b k10 d-50 sf5 sa-14; t lf-8 tf-8; b f6', full: 't pt92 lf-28 tf-20 nf-18; b f-8', on: 'pubis knee_b', hands: 'b floor shoulder_s -4 0 4', carries: true, kind: 'mobility', repeats: [4, 10], hold: [3, 6], phases: ['warm', 'approach'], level: 2 },
    ],
  },
  {
    id: 'cat-cow',
    name: 'Round and hollow on all fours',
    sanskrit: 'Marjaryasana',
    position: 'all-fours',
    sided: false,
    kind: 'mobility',
    base: FOURS,
    cues: ['Hands under shoulders, knees under hips.', 'Arms long, weight even.', 'Let the tail begin and the head come last.', 'Come to the middle and rest.'],
    cheat: 'The elbows bend and the trunk sways forward.',
    instead: 'chair-round-hollow',
    rungs: [
      { name: 'rounding', entry: '', full: 't pt62 lf30 tf24 nf20; b f60', on: 'knee_b toe_b', hands: HANDS, repeats: [5, 10], props: 'blanket' },
      { name: 'hollowing', entry: '', full: 't pt98 lf-24 tf-14 nf-34; b f98', on: 'knee_b toe_b', hands: HANDS, repeats: [5, 10], props: 'blanket', level: 1 },
    ],
  },
  {
    id: 'calf-reach',
    name: 'Calf reach on all fours',
    position: 'all-fours',
    reaches: ['calf'],
    base: FOURS,
    cues: ['From all fours, one leg back with the toes tucked.', 'Pelvis level, belly lightly held.', 'Press the heel back, then rock a little.', 'Bring the knee in again.'],
    cheat: 'The heel turns in and the arch falls.',
    instead: 'wall-calf-stretch',
    rungs: [
      { name: 'knee soft', entry: 'w f40 k36 d0 e30', full: 'w f32 k14 d16 e40', on: 'knee_o toe_o ball_w toe_w', hands: HANDS, props: 'blanket', hold: [15, 45] },
      { name: 'knee straight, heel far back', entry: 'w f34 k14 d8 e40', full: 'w f30 k0! d26 e50', on: 'knee_o toe_o ball_w toe_w', hands: HANDS, props: 'blanket', hold: [15, 60] },
    ],
  },
  {
    id: 'leg-lift-fours',
    name: 'Leg lift on all fours',
    position: 'all-fours',
    kind: 'strength',
    works: ['gluteus-maximus', 'hamstrings'],
    base: FOURS,
    cues: ['Hands under shoulders, knees under hips.', 'Hip bones look at the floor, low back quiet.', 'Lift one thigh in line with the trunk, no higher.', 'Set the knee down without a sound.'],
    cheat: 'The low back arches to lift the leg.',
    instead: 'standing-hip-press',
    rungs: [
      { name: 'knee bent', entry: 'w f70', full: 'w f0 k92 d10', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [8, 30], phases: ['warm', 'approach'], intents: BUTTOCK },
      { name: 'leg long', entry: 'w f40 k20 d-10', full: 'w f-6 k0 d0', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [8, 30], intents: BUTTOCK },
      { name: 'leg long, pulsed', entry: 'w f12 k2 d0', full: 'w f-10 k0 d0', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [3, 6], repeats: [8, 16], level: 2, intents: BUTTOCK },
    ],
  },
  {
    id: 'side-lift-fours',
    name: 'Side lift on all fours',
    position: 'all-fours',
    kind: 'strength',
    yaw: -66,
    works: ['lateral-hip', 'deep-buttock'],
    base: FOURS,
    cues: ['On all fours, weight even.', 'The pelvis stays level like a tray.', 'Lift the thigh out to the side.', 'Bring it back under the hip.'],
    cheat: 'The trunk leans away and does the lifting.',
    instead: 'standing-leg-aside',
    rungs: [
      { name: 'knee bent, turned out', entry: 'w a-4', full: 'w a-38 r-4', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [5, 20], repeats: [4, 10], intents: SIDE_OF_HIP },
      { name: 'knee bent, foot higher: turned in', entry: 'w a-4', full: 'w a-34 r24', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [5, 20], repeats: [4, 10], level: 2, intents: SIDE_OF_HIP },
      { name: 'leg straight to the side', entry: 'w f60 a-12 k40', full: 'w f58 a-40 k6 d0', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [5, 20], repeats: [4, 10], level: 3, intents: SIDE_OF_HIP },
    ],
  },
  {
    id: 'leg-circles-fours',
    name: 'Leg circles on all fours',
    position: 'all-fours',
    kind: 'mobility',
    yaw: -40,
    works: ['gluteus-maximus', 'lateral-hip'],
    base: FOURS,
    cues: ['On all fours, one knee just off the floor.', 'Hips level, ribs quiet.', 'Draw slow circles with the knee: forward, out, back.', 'Change the way round, then the side.'],
    cheat: 'The trunk circles instead of the thigh.',
    instead: 'leg-swing',
    rungs: [
      { name: 'small circles', entry: 'w f92 a-2 d-10', full: 'w f52 a-24', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', repeats: [5, 10] },
      { name: 'large circles', entry: 'w f100 a-8 d-10', full: 'w f14 a-34 r-10', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', repeats: [5, 10] },
    ],
  },
  {
    id: 'bird-dog',
    name: 'Opposite arm and leg on all fours',
    position: 'all-fours',
    kind: 'strength',
    works: ['gluteus-maximus'],
    base: FOURS,
    cues: ['On all fours, belly lightly held.', 'Pelvis and shoulders level.', 'Reach one leg back and the other arm forward.', 'Come back together, change.'],
    cheat: 'The hip opens and the low back sags.',
    instead: 'airplane',
    rungs: [
      { name: 'leg only', entry: 'w f50 k40 d-10', full: 'w f-2 k2 d0', on: 'knee_o toe_o', hands: HANDS, props: 'blanket', hold: [5, 20], intents: BUTTOCK },
      { name: 'arm and leg', entry: 'w f50 k40 d-10; o sf120', full: 'w f-2 k2 d0; o sf168', on: 'knee_o toe_o', hands: 'w floor shoulder_w 3 0 0', props: 'blanket', hold: [5, 20], balance: false, intents: BUTTOCK },
      { name: 'elbow to knee and out again', entry: 'w f-2 k2 d0; o sf168', full: 't lf24 tf22 nf20; w f112 k110; o sf30 el95', on: 'knee_o toe_o', hands: 'w floor shoulder_w 3 0 0', props: 'blanket', kind: 'strength', hold: [3, 6], repeats: [5, 10], balance: false, level: 2 },
    ],
  },
  {
    id: 'hand-to-foot-fours',
    name: 'Hand to opposite foot on all fours',
    position: 'all-fours',
    reaches: ['rectus-femoris'],
    base: FOURS,
    cues: ['On all fours, one leg back, knee bent.', 'The standing hand presses the floor away.', 'Take the foot with the other hand and let it draw back.', 'Let go, knee down.'],
    cheat: 'The pelvis opens and the low back folds.',
    instead: 'standing-bow',
    rungs: [
      { name: 'strap from hand to foot', entry: 'w f30 k80 d-10', full: 't lf-8; w f-6 k92', on: 'knee_o toe_o', hands: 'w floor shoulder_w 3 0 -6; o elbow:-1,0,0.6 ankle_w 22 6 2', props: 'strap blanket', hold: [8, 30], balance: false, level: 2 },
      { name: 'hand on the foot', entry: 't lf-8 tf-8; w f14 k104 d-14', full: 't lf-18 tf-16; w f-8 k104', on: 'knee_o toe_o', hands: 'w floor shoulder_w 3 0 -6; o elbow:-1,0,0.6 ankle_w 4 6 3', props: 'blanket', hold: [8, 30], balance: false, level: 3 },
    ],
  },
  {
    id: 'frog',
    name: 'Wide-knee rest on all fours',
    sanskrit: 'Mandukasana',
    position: 'all-fours',
    sided: false,
    yaw: -62,
    pitch: 20,
    reaches: ['adductors'],
    cues: ['Forearms down, knees wide, padded.', 'Shins parallel, low back long.', 'Let the hips drift back between the heels.', 'Hands forward, bring the knees in one by one.'],
    cheat: 'The low back hollows and the feet turn.',
    instead: 'wide-squat',
    rungs: [
      { name: 'knees a little wide', entry: 't pt84 nf-10; b f84 a-22 k94 d-50', full: 't pt86; b f90 a-36 k92 d-50', on: 'knee_b ankle_b@blanket:5', hands: 'b forearm shoulder_s 4 0 0', hold: [30, 120] },
      { name: 'knees wide', entry: 't pt84 nf-10; b f86 a-32 k94 d-52', full: 't pt86; b f92 a-52 k92 d-54', on: 'knee_b ankle_b@blanket:5', hands: 'b forearm shoulder_s 4 0 0', hold: [30, 120], level: 3 },
    ],
  },
  {
    id: 'plank',
    name: 'Plank',
    sanskrit: 'Phalakasana',
    position: 'all-fours',
    sided: false,
    kind: 'strength',
    works: ['deep-hip-flexor', 'vasti'],
    base: 't pt74 nf-12; b f0 k2 d0 e60',
    cues: ['Hands under shoulders, legs long behind you.', 'One line from crown to heel.', 'Press the floor away, thighs awake.', 'Knees down, rest.'],
    cheat: 'The hips sag or point to the ceiling.',
    instead: 'desk-plank',
    rungs: [
      { name: 'knees down', entry: 't pt66; b f10 k70 d-50', full: 't pt66; b f0 k60', on: 'knee_b', hands: HANDS, hold: [8, 30], props: 'blanket' },
      { name: 'legs long', entry: 'b k30 f20', full: 't pt72; b f0! k2 d4', on: 'ball_b toe_b', hands: HANDS, hold: [8, 40] },
      { name: 'on the forearms', entry: 't pt80; b k24 f14', full: 't pt82; b f0! k2 d4', on: 'ball_b toe_b', hands: 'b forearm shoulder_s 0 0 0', hold: [8, 60], level: 2 },
    ],
  },
  {
    id: 'side-plank',
    name: 'Side plank',
    sanskrit: 'Vasisthasana',
    position: 'on the side',
    kind: 'strength',
    yaw: -82,
    works: ['lateral-hip'],
    base: 't pl58; b a0; w sa-86; o sa-80',
    cues: ['On the side, forearm or hand under the shoulder.', 'Hips forward, body in one line.', 'Lift the lower waist away from the floor.', 'Lower the hip, rest on the side.'],
    cheat: 'The hips fall back and the chest turns down.',
    instead: 'wall-side-press',
    rungs: [
      { name: 'lower knee down', entry: 't pl84 lb8; w k90 f2 d-20 a6; o a-2', full: 't pl74; w k90 f0 d-20; o a-8', on: 'knee_w ball_o', hands: 'w forearm shoulder_w 2 0 6', hold: [5, 25], balance: false },
      { name: 'legs long', entry: 't pl62; b k4', full: 't pl60; w a4; o a-2 f10 k2', on: 'ankle_w ball_o', hands: 'w forearm shoulder_w 2 0 6', hold: [5, 30], balance: false, level: 2, intents: WAIST_UP },
      { name: 'upper leg lifted', entry: 't pl60; b k4; o a-6', full: 't pl60; w a4; o a-34 k2', on: 'ankle_w', hands: 'w forearm shoulder_w 2 0 6', hold: [5, 20], balance: false, level: 3 },
    ],
  },
  {
    id: 'childs',
    name: 'Folded rest on the shins',
    sanskrit: 'Balasana',
    position: 'kneeling',
    sided: false,
    kind: 'rest',
    base: 't pt50 lf24 tf20 nf10; b f110 k142 d-46',
    cues: ['Knees down, hips towards the heels.', 'Forehead held, arms wherever they rest.', 'Let the back of the ribs widen.', 'Hands under the shoulders, rise slowly.'],
    cheat: 'The weight hangs on the neck because the hips are high.',
    instead: 'chair-fold',
    rungs: [
      { name: 'seat raised, knees apart', entry: 't pt40 lf20; b f100 k120 a-16', full: 't pt60 lf28 tf22; b f122 k128 a-18', on: 'knee_b toe_b buttock_b@bolster:20', hands: 'b floor shoulder_s 16 0 4', props: 'blanket', level: 1 },
      { name: 'knees apart', entry: 't pt40 lf20; b f100 k116 a-16', full: 't pt66 lf30 tf24 nf8; b f128 k148 a-20', on: 'knee_b toe_b', hands: 'b floor shoulder_s 18 0 4', level: 1 },
      { name: 'knees together', entry: 't pt38 lf22; b f98 k116 a0', full: 't pt62 lf40 tf32 nf20; b f130 k150 a0', on: 'knee_b toe_b', hands: 'b floor shoulder_s 18 0 4', level: 2 },
    ],
  },
];
