import { defineTest } from '../definition';
import { BY_COUNTER, drawnLeg, forAges, forSex, limits, note, ON_CHAIR, ruleOfThumb, stop } from './parts';

const SOURCE = 'Rikli & Jones 1999, as recalled';
/** Stands in half a minute: from, to, women's mean and spread, men's. */
const STANDS: readonly (readonly [number, number, number, number, number, number])[] = [
  [60, 64, 14.5, 4, 16.4, 4.3],
  [65, 69, 13.5, 3.5, 15.2, 4.5],
  [70, 74, 12.9, 3.6, 14.5, 4.2],
  [75, 79, 12.5, 3.8, 14, 4.3],
  [80, 84, 11.3, 4.2, 12.4, 3.9],
  [85, 89, 10.3, 4, 11.1, 4.6],
  [90, 99, 8, 5.1, 9.7, 3.8],
];

/** Standing up and sitting down for half a minute: what legs do all day. */
export const chairStands = defineTest({
  id: 'chair-stands',
  name: 'Chair stands in 30 seconds',
  clinical: '30-second chair stand test',
  kind: 'strength',
  purpose: 'Quadriceps and buttocks in the everyday task; from 60 on it has norms of its own.',
  position: 'sitting',
  sided: false,
  effort: 'short',
  start: 'Sitting in the middle of a chair of 43–45 cm against a wall, feet flat, arms crossed on the chest.',
  hold: 'Heels stay down, arms stay crossed.',
  move: 'Stand up fully and sit down, as often as is safe in 30 seconds.',
  end: 'Count full stands. More than half-way up when the time is over counts.',
  spoils: ['pushing with the arms', 'not fully up', 'knees falling in', 'dropping into the seat'],
  care: 'Stay beside whoever may fall. Pain in knee, hip or chest, or dizziness, ends it.',
  limiters: limits({ vasti: 3, 'gluteus-maximus': 2, 'rectus-femoris': 1 }),
  readouts: [
    {
      id: 'count',
      name: 'Full stands',
      unit: 'reps',
      instruments: BY_COUNTER,
      zero: 'none',
      min: 0,
      max: 60,
      better: 'higher',
      detectable: 2,
      detectableSource: 'rule of thumb',
      norms: [
        forAges(18, 59, ruleOfThumb(22, 6, 'adults to 59', 'a default of ours: there are few studies below 60')),
        ...STANDS.flatMap(([from, to, women, wSd, men, mSd]) => [
          forAges(from, to, forSex('female', ruleOfThumb(women, wSd, `women ${from}–${to}`, SOURCE))),
          forAges(from, to, forSex('male', ruleOfThumb(men, mSd, `men ${from}–${to}`, SOURCE))),
        ]),
      ],
    },
  ],
  sensations: [...note('front-thigh'), ...stop('knee', 'groin-pinch', 'low-back'), ...note('nowhere')],
  variants: [
    {
      id: 'hands',
      name: 'hands on the thighs',
      how: 'With the hands on the thighs, for whoever cannot rise without: a reading of its own.',
    },
  ],
  drawn: {
    angles: () => ({
      pelvis_tilt: 26,
      ...drawnLeg({ hipFlexion: 96, kneeFlexion: 88, ankleDorsiflexion: 16 }, 'both'),
      shoulder_flexion_both: 62,
      elbow_flexion_both: 112,
      shoulder_adduction_both: 16,
    }),
    view: { yaw: 12, pitch: 8 },
    props: ON_CHAIR,
  },
});

/** One heel lowered from a step: what the standing knee and hip do. */
export const stepDownTest = defineTest({
  id: 'step-down-test',
  name: 'Step-down, watched',
  clinical: 'Lateral step-down test',
  kind: 'strength',
  purpose: 'How hip and knee of the standing leg are led when it bends.',
  position: 'standing',
  sided: true,
  effort: 'short',
  start: 'On a step of 15–20 cm beside a wall, fingertips on it, the other foot in the air.',
  held: 'wall',
  hold: 'Look from in front: the kneecap and the second toe, both front hip bones.',
  move: 'Bend slowly until the heel touches the floor, and come up. Five times.',
  end: 'Grade what most of the five looked like.',
  spoils: ['pushing off the floor', 'too fast to be seen'],
  care: 'Pain in the knee or groin ends it. Not after a joint replacement.',
  limiters: limits({ 'gluteus-medius': 3, vasti: 2, 'gluteus-maximus': 2 }),
  readouts: [
    {
      id: 'grade',
      name: 'How it is led',
      unit: 'grade',
      zero: 'not possible',
      min: 0,
      max: 3,
      better: 'higher',
      detectable: 1,
      detectableSource: 'one step; two people agree on about three of four',
      grades: [
        'not possible, or only by leaning on the hand',
        'knee inside the big toe and pelvis dropping',
        'one of the two: knee inside, or pelvis dropping',
        'knee over the foot, pelvis level',
      ],
      norms: [ruleOfThumb(2.3, 0.7, 'adults', 'one fault is common; rule of thumb')],
    },
  ],
  sensations: [...note('front-thigh', 'outer-hip'), ...stop('knee', 'groin-pinch'), ...note('nowhere')],
  drawn: {
    angles: () => ({
      pelvis_tilt: 18,
      ...drawnLeg({ hipFlexion: 46, kneeFlexion: 52, ankleDorsiflexion: 24 }),
      ...drawnLeg({ hipFlexion: 26, kneeFlexion: 4 }, 'other'),
      shoulder_flexion_both: 50,
    }),
    view: { yaw: 14, pitch: 6 },
    props: [{ kind: 'block', at: 'ball_worked' }],
  },
});
