import { R, felt, hanging, straightened, type ClinicalCase } from './case';

export const FRONT_OF_THE_HIP: readonly ClinicalCase[] = [
  {
    name: 'hanging leg: thigh 12° above level, knee hangs at 82°, felt in the front crease',
    says: 'Psoas and iliacus. The knee bends freely, so rectus femoris is not what holds the thigh up.',
    readings: hanging(-12, 82, 14, felt('front-hip-crease')),
    expected: {
      stops: { 'hip-extension': ['deep-hip-flexor'] },
      short: ['deep-hip-flexor'],
      notShort: ['rectus-femoris'],
      aims: ['lengthen deep-hip-flexor left'],
      noAims: ['lengthen rectus-femoris *'],
    },
  },
  {
    name: 'hanging leg: thigh level, knee hangs at 25°',
    says: 'Rectus femoris. The thigh comes down; the knee cannot bend with the hip open.',
    readings: hanging(2, 25, 15, felt('front-thigh')),
    expected: {
      short: ['rectus-femoris'],
      notShort: ['deep-hip-flexor'],
      aims: ['lengthen rectus-femoris left'],
      noAims: ['lengthen deep-hip-flexor *'],
    },
  },
  {
    name: 'hanging leg: thigh 8° above level, knee 38°; straightening lets it sink to 4° below',
    says: 'Rectus femoris first: what eased it was slack in the muscle that crosses the knee.',
    readings: [...hanging(-8, 38), straightened(4)],
    expected: { short: ['rectus-femoris'], aims: ['lengthen rectus-femoris left'] },
  },
  {
    name: 'hanging leg usual on both sides (6° below level, knee 70°)',
    says: 'Nothing short. Nothing needs lengthening at the front.',
    readings: [...hanging(6, 70), ...hanging(6, 70, 15, R)],
    expected: { notShort: ['deep-hip-flexor', 'rectus-femoris', 'lateral-hip'], noAims: ['lengthen * *', 'both * *'] },
  },
  {
    name: 'hanging leg: thigh 10° above level on the left, 8° below on the right, knees at 70°',
    says: 'Left psoas and iliacus. The right side is usual and needs no stretch.',
    readings: [...hanging(-10, 70, 15, felt('front-hip-crease')), ...hanging(8, 70, 15, R)],
    expected: {
      aims: ['lengthen deep-hip-flexor left'],
      noAims: ['lengthen deep-hip-flexor right', 'both deep-hip-flexor right'],
    },
  },
  {
    name: 'heel comes 100° towards the buttock lying on the front, kneeling on the heels is easy',
    says: 'Rectus femoris: short with the hip open, free with the hip bent.',
    readings: [
      ['prone-knee-bend', 'knee-flexion', 100, felt('front-thigh')],
      ['kneeling-sit', 'heel-gap', 0],
    ],
    expected: {
      stops: { 'knee-flexion-hip-extended': ['rectus-femoris'] },
      short: ['rectus-femoris'],
      notShort: ['vasti'],
      aims: ['lengthen rectus-femoris left'],
      noAims: ['lengthen vasti *'],
    },
  },
  {
    name: 'heel comes 100° on the front, and kneeling leaves the seat 14 cm above the heels, felt on the thigh',
    says: 'The vasti as well: it is short with the hip bent too.',
    readings: [
      ['prone-knee-bend', 'knee-flexion', 100, felt('front-thigh')],
      ['kneeling-sit', 'heel-gap', 14, felt('front-thigh')],
    ],
    expected: { short: ['vasti'], aims: ['lengthen vasti left'] },
  },
  {
    name: 'kneeling leaves the seat 16 cm up, felt inside the knee as a hard stop',
    says: 'The knee itself. Do not push into it; let somebody look if it is new or swollen.',
    readings: [['kneeling-sit', 'heel-gap', 16, felt('knee', { endFeel: 'hard-block' })]],
    expected: { noAims: ['lengthen vasti *', 'lengthen rectus-femoris *', 'both vasti *'], notShort: ['vasti'] },
  },
  {
    name: 'front of the hip short in the hanging leg, and broken off by back pain',
    says: 'No end of range. The low back spoke first: ask about it before the hip is judged.',
    before: 'said nothing of the back',
    readings: hanging(-9, 60, 15, felt('low-back', { pain: true, endFeel: 'pain' })),
    expected: {
      hints: ['elsewhere'],
      notShort: ['deep-hip-flexor', 'rectus-femoris'],
      noAims: ['lengthen deep-hip-flexor *'],
    },
  },
  {
    name: 'heel comes 95° in the prone knee bend, felt in front; the hanging leg bends 70° with its thigh 10° below level',
    says: 'The two do not fit: the long rectus femoris of the one cannot stop the other. Read both again before anything is named.',
    before: 'proposed upkeep for the other leg, which nobody had read',
    readings: [...hanging(10, 70, 12), ['prone-knee-bend', 'knee-flexion', 95, felt('front-thigh')]],
    expected: { noAims: ['* * right', 'leave * *'] },
  },
  {
    name: 'kneeling leaves 18 cm, felt in the knee',
    says: 'The knee: no pushing down onto it.',
    before: 'named the joint, and drew nothing from it',
    readings: [['kneeling-sit', 'heel-gap', 18, felt('knee')]],
    expected: { hints: ['joint'], aims: ['leave knee-joint left'], noAims: ['lengthen vasti *'] },
  },
];
