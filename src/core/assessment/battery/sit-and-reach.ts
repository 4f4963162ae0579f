import { defineTest, type Norm } from '../definition';
import { drawnLeg, ease, forAges, forSex, limits, note, stop } from './parts';

const SOURCE = 'Canadian fitness appraisal (CSEP) categories as reprinted by ACSM';
/** The toe line of the box that the categories are told for, cm. */
export const TOE_LINE = 26;
/** Lowest value of excellent, very good, good and fair on the box, cm. */
type Cuts = readonly [number, number, number, number];
const TABLE: readonly (readonly [ageMin: number, ageMax: number, men: Cuts, women: Cuts])[] = [
  [20, 29, [40, 34, 30, 25], [41, 37, 33, 28]],
  [30, 39, [38, 33, 28, 23], [41, 36, 32, 27]],
  [40, 49, [35, 29, 24, 18], [38, 34, 30, 25]],
  [50, 59, [35, 28, 24, 16], [39, 33, 30, 25]],
  [60, 69, [33, 25, 20, 15], [35, 31, 27, 23]],
];
const WORDS = ['needs work', 'fair', 'good', 'very good', 'excellent'] as const;

/**
 * Category of a reach for a sex and age, or null where the table has none.
 * @param reach cm, 0 = toes, + = past them
 */
export function sitAndReachCategory(
  reach: number,
  sex: 'female' | 'male' | undefined,
  age: number,
): (typeof WORDS)[number] | null {
  const row = TABLE.find(([from, to]) => age >= from && age <= to);
  if (!row || !sex) return null;
  const cuts = sex === 'male' ? row[2] : row[3];
  return WORDS[cuts.filter((c) => Math.round(reach + TOE_LINE) >= c).length];
}

/**
 * Middle of "good" as the mean; from there to "excellent" as one and a third spreads (our reading of the categories).
 */
const norm = (sex: 'female' | 'male', [excellent, very, good]: Cuts): Norm => ({
  ...forSex(sex, {
    sex: 'all',
    mean: (good + very) / 2 - TOE_LINE,
    sd: Math.round(((excellent - (good + very) / 2) / 1.33) * 10) / 10,
    group: `${sex === 'male' ? 'men' : 'women'}, middle of “good”`,
    source: `computed from ${SOURCE}`,
    confidence: 'computed',
    primary: true,
  }),
});

export const sitAndReach = defineTest({
  id: 'sit-and-reach',
  name: 'Sit and reach',
  clinical: 'Sit-and-reach test',
  kind: 'function',
  purpose:
    'The forward fold as a whole: hamstrings, back, nerve and the length of arms against legs. It names no muscle.',
  position: 'sitting',
  sided: false,
  start: 'Long sitting, soles against a box, knees straight, shoes off.',
  hold: 'The knees stay straight, the hands level.',
  move: 'Reach forward slowly and hold for two seconds.',
  end: 'Take the best of two or three. Count from the toes: + past them, − short of them.',
  spoils: ['knee bending', 'a jerk at the end', 'one hand ahead'],
  care: 'Leave it out with brittle bones or back trouble that runs into a leg.',
  limiters: limits({ hamstrings: 3, 'lumbar-spine': 2, gastrocnemius: 1, 'sciatic-nerve': 1 }),
  readouts: [
    {
      id: 'reach',
      name: 'Reach past the toes',
      unit: 'cm',
      zero: 'the toes; + past them',
      min: -45,
      max: 40,
      better: 'higher',
      detectable: 2,
      detectableSource: 'rule of thumb for a tape',
      norms: TABLE.flatMap(([from, to, men, women]) => [
        forAges(from, to, norm('male', men)),
        forAges(from, to, norm('female', women)),
      ]),
    },
  ],
  sensations: [
    ...note('back-thigh', 'behind-knee', 'calf-high'),
    ...ease('low-back'),
    ...stop('leg-line', 'sit-bone'),
    ...note('nowhere'),
  ],
  drawn: {
    // How the fold is shared by hips and back is ours; the hands end at the reach.
    angles: (value) => {
      const fold = 62 + value * 1.5;
      return {
        pelvis_tilt: -30 + fold * 0.62,
        lumbar_flexion: fold * 0.5,
        thorax_flexion: fold * 0.3,
        ...drawnLeg({ hipFlexion: 60 + fold * 0.62, ankleDorsiflexion: 0 }, 'both'),
        shoulder_flexion_both: 100,
      };
    },
    view: { yaw: 8, pitch: 8 },
  },
});
