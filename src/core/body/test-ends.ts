import type { HALF } from './half-body';

/** Angles of one side in degrees, by the names of a half body. */
export type HalfAngles = Partial<Record<keyof typeof HALF, number>>;

/** Where typical people come to in a test of length. */
export interface TestEnd {
  name: string;
  /** Groups that the field's texts name as what stops it, likeliest first; empty where the model has none. */
  named: readonly string[];
  at: HalfAngles;
  /** Direction of the movement, degrees per degree of the reading. */
  along: HalfAngles;
  /** Spread of the reading among people, degrees. */
  sd: number;
  source: string;
}

/**
 * Mean ends of the length tests that a hand or the body's weight brings to their end, as joint angles. Shares of the
 * pelvis are taken out. They calibrate the strands' typical ends and are what the model is checked against.
 */
export const PUSHED_ENDS: Readonly<Record<string, TestEnd>> = {
  'hip-extension': {
    name: 'prone hip extension',
    named: ['deep-hip-flexor'],
    at: { hipFlexion: -20 },
    along: { hipFlexion: -1 },
    sd: 8,
    source: 'passive hip extension, Soucie 2011 (18) and Roach & Miles 1991 (19 ± 8), rounded',
  },
  'prone-knee-bend': {
    name: 'prone knee bend',
    named: ['rectus-femoris'],
    at: { kneeFlexion: 130 },
    along: { kneeFlexion: 1 },
    sd: 12,
    source: 'rule of thumb 130 ± 12',
  },
  'kneeling-sit': {
    name: 'kneeling sit, heel gap',
    named: ['vasti', 'knee-joint'],
    at: { hipFlexion: 90, kneeFlexion: 150 },
    along: { kneeFlexion: 1 },
    sd: 8,
    source: 'rule of thumb: most adults can sit between or on their heels, about 150 ± 8',
  },
  'straight-leg-raise': {
    name: 'straight leg raise',
    named: ['hamstrings'],
    at: { hipFlexion: 55 },
    along: { hipFlexion: 0.76 },
    sd: 9,
    source: 'Youdas 2005, women and men pooled, pelvic share 24 % removed',
  },
  'knee-extension-90-90': {
    name: '90/90 knee extension',
    named: ['hamstrings'],
    at: { hipFlexion: 77, kneeFlexion: 33 },
    along: { kneeFlexion: -1 },
    sd: 10,
    source: 'Youdas 2005, pooled',
  },
  ober: {
    name: 'Ober, knee bent',
    named: ['lateral-hip', 'joint-or-capsule'],
    at: { hipFlexion: -8, hipAdduction: 19, kneeFlexion: 90 },
    along: { hipAdduction: 1 },
    sd: 7.6,
    source: 'Reese & Bandy 2003',
  },
  'modified-ober': {
    name: 'Ober, knee straight',
    named: ['lateral-hip', 'joint-or-capsule'],
    at: { hipFlexion: -8, hipAdduction: 23, kneeFlexion: 5 },
    along: { hipAdduction: 1 },
    sd: 6.9,
    source: 'Reese & Bandy 2003',
  },
  'inward-prone': {
    name: 'prone inward rotation',
    named: ['deep-buttock', 'joint-or-capsule'],
    at: { hipRotation: 40, kneeFlexion: 90 },
    along: { hipRotation: 1 },
    sd: 9,
    source: 'Simoneau 1998, active 36 ± 9, 4 added for passive',
  },
  'outward-prone': {
    name: 'prone outward rotation',
    named: ['lateral-hip', 'joint-or-capsule'],
    at: { hipRotation: -48, kneeFlexion: 90 },
    along: { hipRotation: -1 },
    sd: 10,
    source: 'Simoneau 1998, active 45 ± 10, 3 added for passive',
  },
  'inward-seated': {
    name: 'seated inward rotation',
    named: ['joint-or-capsule', 'deep-buttock'],
    at: { hipFlexion: 85, hipRotation: 36, kneeFlexion: 90 },
    along: { hipRotation: 1 },
    sd: 8,
    source: 'Simoneau 1998, rounded',
  },
  'outward-seated': {
    name: 'seated outward rotation',
    named: ['lateral-hip', 'deep-buttock'],
    at: { hipFlexion: 85, hipRotation: -42, kneeFlexion: 90 },
    along: { hipRotation: -1 },
    sd: 9,
    source: 'Simoneau 1998 and Boone & Azen 1979, rounded',
  },
  'knee-across': {
    name: 'knee to opposite shoulder',
    named: ['deep-buttock', 'gluteus-maximus'],
    at: { hipFlexion: 85, hipAdduction: 26, kneeFlexion: 110 },
    along: { hipAdduction: 1 },
    sd: 8,
    source: 'rule of thumb 20 ± 8 past the midline, pelvis share added',
  },
  'figure-four': {
    name: 'figure-four',
    named: ['deep-buttock', 'gluteus-maximus'],
    at: { hipFlexion: 90, hipAdduction: -39, hipRotation: -49, kneeFlexion: 124 },
    along: { hipRotation: -1 },
    sd: 10,
    source: 'rule of thumb; joint angles solved so that the ankle lies on the other thigh',
  },
  'knee-to-chest': {
    name: 'knee to chest',
    named: ['joint-or-capsule', 'gluteus-maximus'],
    at: { hipFlexion: 112, kneeFlexion: 130 },
    along: { hipFlexion: 1 },
    sd: 10,
    source: 'Soucie 2011 passive (about 130), pelvic share of 18 removed, spread ours',
  },
  'abduction-straight': {
    name: 'abduction, knee straight',
    named: ['adductors', 'joint-or-capsule'],
    at: { hipAdduction: -42 },
    along: { hipAdduction: -1 },
    sd: 9,
    source: 'Roach & Miles 1991 (42 ± 11)',
  },
  'abduction-bent': {
    name: 'abduction, knee bent',
    named: ['adductors', 'joint-or-capsule'],
    at: { hipAdduction: -46, kneeFlexion: 90 },
    along: { hipAdduction: -1 },
    sd: 9,
    source: 'rule of thumb 45 ± 11',
  },
  'bent-knee-fall-out': {
    name: 'bent-knee fall-out',
    named: ['adductors', 'joint-or-capsule'],
    at: { hipFlexion: 50, hipAdduction: -42, hipRotation: -42, kneeFlexion: 100 },
    along: { hipAdduction: -0.7, hipRotation: -0.7 },
    sd: 9,
    source: 'rule of thumb',
  },
  straddle: {
    name: 'seated straddle',
    named: ['adductors', 'hamstrings'],
    at: { hipFlexion: 70, hipAdduction: -50 },
    along: { hipAdduction: -1 },
    sd: 10,
    source: 'rule of thumb 100 ± 20 between the thighs',
  },
  'bound-soles': {
    name: 'bound soles',
    named: ['adductors'],
    at: { hipFlexion: 102, hipAdduction: -43, hipRotation: -38, kneeFlexion: 119 },
    along: { hipAdduction: -0.7, hipRotation: -0.7 },
    sd: 10,
    source: 'ours: makes the adductors the limit in bound soles; joint angles solved so that the soles meet',
  },
  'knee-to-wall': {
    name: 'knee to wall',
    named: ['calf', 'ankle-joint'],
    at: { kneeFlexion: 70, ankleDorsiflexion: 33 },
    along: { ankleDorsiflexion: 1 },
    sd: 6,
    source: 'Bennell 1998 method; 10 ± 3.5 cm rule of thumb',
  },
  'straight-knee-lunge': {
    name: 'straight-knee lunge',
    named: ['calf'],
    at: { ankleDorsiflexion: 26 },
    along: { ankleDorsiflexion: 1 },
    sd: 6,
    source: 'rule of thumb 33 ± 6 shin, joint share',
  },
  faber: {
    name: 'FABER height',
    named: ['adductors', 'joint-or-capsule'],
    at: { hipFlexion: 38, hipAdduction: -44, hipRotation: -42, kneeFlexion: 95 },
    along: { hipAdduction: -0.7, hipRotation: -0.7 },
    sd: 8,
    source: 'knee 14 ± 5 cm above the table, rule of thumb; joint angles solved for it',
  },
  'instep-gap': {
    name: 'kneeling sit, foot top',
    named: ['instep'],
    at: { hipFlexion: 90, kneeFlexion: 142, ankleDorsiflexion: -56, instepDorsiflexion: -6, toeExtension: -10 },
    along: { ankleDorsiflexion: -1 },
    sd: 7,
    source: 'plantarflexion of Boone & Azen 1979 (56 ± 6); share of instep and toes ours',
  },
  'sit-and-reach': {
    name: 'sit and reach',
    named: ['hamstrings'],
    at: { hipFlexion: 57, lumbarFlexion: 42, thoraxFlexion: 25 },
    along: { hipFlexion: 0.6, lumbarFlexion: 0.3, thoraxFlexion: 0.1 },
    sd: 12,
    source: 'hips as in the leg raise, spine below its soft limits; split ours',
  },
  'deep-squat': {
    name: 'deep squat',
    named: ['ankle-joint', 'joint-or-capsule', 'calf'],
    at: { hipFlexion: 108, hipAdduction: -15, kneeFlexion: 135, ankleDorsiflexion: 36 },
    along: { hipFlexion: 0.6, kneeFlexion: 0.5, ankleDorsiflexion: 0.6 },
    sd: 10,
    source: 'demands of a heels-down squat, rule of thumb',
  },
  'spine-forward': {
    name: 'forward bend of the spine',
    named: [],
    at: { lumbarFlexion: 50, thoraxFlexion: 30 },
    along: { lumbarFlexion: 1 },
    sd: 10,
    source: 'soft limits of the spine, rule of thumb',
  },
  'spine-back': {
    name: 'prone press-up',
    named: [],
    at: { hipFlexion: -10, lumbarFlexion: -25, thoraxFlexion: -15 },
    along: { lumbarFlexion: -1 },
    sd: 8,
    source: 'soft limits of the spine, rule of thumb',
  },
  'spine-aside': {
    name: 'side bend',
    named: [],
    at: { lumbarBend: -20, thoraxBend: -25 },
    along: { lumbarBend: -1 },
    sd: 6,
    source: 'soft limits of the spine, rule of thumb',
  },
  'spine-turn': {
    name: 'turn of the spine',
    named: [],
    at: { lumbarRotation: 8, thoraxRotation: 35 },
    along: { thoraxRotation: 1 },
    sd: 8,
    source: 'soft limits of the spine, rule of thumb',
  },
  'spine-turn-back': {
    name: 'turn of the spine to the own side',
    named: [],
    at: { lumbarRotation: -8, thoraxRotation: -35 },
    along: { thoraxRotation: -1 },
    sd: 8,
    source: 'soft limits of the spine, rule of thumb',
  },
};

/** The Thomas test at its typical end: thigh 5° below the table, pelvis rolled back 6°, knee 52°, drift 16°. */
const THOMAS: HalfAngles = { hipFlexion: -11, hipAdduction: -15.6, kneeFlexion: 52.5 };
/** Ends of the tests that leave the limb hanging under its own weight. */
export const HANGING_ENDS: Readonly<Record<string, TestEnd>> = {
  'thomas-hip': {
    name: 'hanging leg: thigh',
    named: ['deep-hip-flexor'],
    at: THOMAS,
    along: { hipFlexion: -1 },
    sd: 8,
    source: 'modified Thomas, rule of thumb 5 ± 8',
  },
  'thomas-knee': {
    name: 'hanging leg: shin',
    named: ['rectus-femoris'],
    at: THOMAS,
    along: { kneeFlexion: 1 },
    sd: 7.6,
    source: 'Harvey 1998 (52.5 ± 7.6)',
  },
  'thomas-drift': {
    name: 'hanging leg: drift',
    named: ['lateral-hip'],
    at: THOMAS,
    along: { hipAdduction: 1 },
    sd: 5.8,
    source: 'Harvey 1998 (15.6 ± 5.8)',
  },
};
