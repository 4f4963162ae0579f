import { defineTest } from '../definition';
import { drawnLeg, ease, limits, note, ruleOfThumb, SITTING, stop } from './parts';

/** Slumped sitting with a knee straightened: whether what is felt behind the leg belongs to a nerve. */
export const slump = defineTest({
  id: 'slump',
  name: 'Slumped sitting, knee straightened',
  clinical: 'Slump test',
  kind: 'function',
  purpose: 'Whether a pull behind the leg changes with the head: then it is not the muscle alone.',
  position: 'sitting',
  sided: true,
  start: 'Sitting at the front of a seat, hands behind the back.',
  hold: 'The pelvis stays upright; you press nothing.',
  move: 'Let the back round and the chin sink, then straighten one knee and draw the foot back, as far as is easy. Then lift the head.',
  end: 'Stop at the first pull that is felt, lift the head, and ask what changed.',
  spoils: ['pelvis rolling back', 'trunk leaning away', 'a jerk at the end'],
  care: 'Leave it out with fresh pain down a leg, growing weakness or numbness, and with brittle bones. Never push.',
  limiters: limits({ 'sciatic-nerve': 3, hamstrings: 2, gastrocnemius: 1 }),
  readouts: [
    {
      id: 'answer',
      name: 'What lifting the head changes',
      unit: 'grade',
      zero: 'the known trouble, eased by lifting the head',
      min: 0,
      max: 2,
      better: 'higher',
      detectable: 1,
      detectableSource: 'one step',
      grades: [
        'the known trouble comes, and lifting the head eases it',
        'a pull behind knee or calf that lifting the head eases',
        'a stretch of the thigh that the head does not change',
      ],
      norms: [
        ruleOfThumb(1.5, 0.6, 'adults', 'a pull that the head eases is common and alike on both sides; rule of thumb'),
      ],
    },
  ],
  sensations: [
    ...note('back-thigh', 'behind-knee', 'calf-high'),
    ...ease('low-back'),
    ...stop('leg-line', 'sit-bone'),
    ...note('nowhere'),
  ],
  drawn: {
    angles: (value) => ({
      ...SITTING,
      lumbar_flexion: 34,
      thorax_flexion: 30,
      neck_flexion: 30,
      ...drawnLeg({ hipFlexion: 85, kneeFlexion: 20 + 12 * (2 - value), ankleDorsiflexion: 8 }),
    }),
    view: { yaw: 12, pitch: 8 },
    props: [
      { kind: 'bolster', at: 'buttock_left' },
      { kind: 'bolster', at: 'buttock_right' },
    ],
  },
});

/** The nine points of general mobility: whether a whole body is mobile, not one muscle long. */
export const mobilityScore = defineTest({
  id: 'mobility-score',
  name: 'Nine points of general mobility',
  clinical: 'Generalised joint mobility score (nine points)',
  kind: 'function',
  purpose: 'Whether all joints are mobile: then strength in mid-range comes before length.',
  position: 'standing',
  sided: false,
  start: 'Standing, sleeves up. A table beside you.',
  hold: 'Nothing is pushed: a joint that has to be forced does not count.',
  move: 'One point each side: little finger bends back beyond 90°, thumb reaches the forearm, elbow and knee straighten more than 10° beyond straight. One for flat palms with straight knees.',
  end: 'Add the points. Leave out what hurts or was injured, and write it in the note.',
  spoils: ['a joint forced', 'an injured side counted'],
  care: 'Leave out the forward bend with back trouble that runs into a leg, brittle bones or late in pregnancy.',
  limiters: limits({ 'lumbar-spine': 1, hamstrings: 1, 'knee-joint': 1 }),
  readouts: [
    {
      id: 'points',
      name: 'Points',
      unit: 'grade',
      zero: 'no joint goes so far',
      min: 0,
      max: 9,
      better: 'mid',
      detectable: 1,
      detectableSource: 'one point',
      grades: Array.from({ length: 10 }, (_, n) => `${n} of 9`),
      norms: [
        ruleOfThumb(2, 2.5, 'adults', 'five or more of nine counts as very mobile, four from 50 on; rule of thumb'),
      ],
    },
  ],
  sensations: [...note('back-thigh', 'behind-knee'), ...stop('low-back', 'leg-line'), ...note('nowhere')],
  drawn: {
    angles: (value) => {
      const fold = 70 + 5 * value;
      return {
        pelvis_tilt: fold * 0.75,
        lumbar_flexion: fold * 0.35,
        thorax_flexion: fold * 0.25,
        ...drawnLeg({ hipFlexion: fold * 0.75 }, 'both'),
        shoulder_flexion_both: 90,
      };
    },
    view: { yaw: 10, pitch: 8 },
  },
});

/** Bending of the low back, by tape. */
export const lumbarBend = defineTest({
  id: 'lumbar-bend',
  name: 'Low back bending, by tape',
  clinical: 'Modified Schober test',
  kind: 'function',
  purpose: 'How much of a forward bend the low back gives: what it does not give, the hips must.',
  position: 'standing',
  sided: false,
  start: 'Standing. A mark between the two dimples of the pelvis, one 5 cm below it and one 10 cm above.',
  hold: 'Knees straight, breath going.',
  move: 'Bend forward as far as is easy.',
  end: 'Measure between the outer marks and take off the 15 cm.',
  spoils: ['knees bending', 'marks moved with the skin'],
  care: 'Leave it out with brittle bones and with back trouble that runs into a leg.',
  limiters: limits({ 'lumbar-spine': 3 }),
  readouts: [
    {
      id: 'gain',
      name: 'How much longer the back grows',
      unit: 'cm',
      zero: 'the 15 cm of standing',
      min: 0,
      max: 12,
      better: 'mid',
      detectable: 1,
      detectableSource: 'rule of thumb for a tape',
      norms: [ruleOfThumb(6.5, 1.2, 'adults', 'five to eight centimetres is usual; as recalled')],
    },
  ],
  sensations: [...note('low-back', 'back-thigh'), ...stop('leg-line'), ...note('nowhere')],
  drawn: {
    angles: (value) => ({
      pelvis_tilt: 46,
      lumbar_flexion: 6 * value,
      thorax_flexion: 16,
      ...drawnLeg({ hipFlexion: 46 }, 'both'),
      shoulder_flexion_both: 70,
    }),
    view: { yaw: 10, pitch: 8 },
  },
});
