import { defineTest } from '../definition';
import { BY_COUNTER, drawnLeg, forAges, limits, note, published, ruleOfThumb, stop } from './parts';
import { holdFor } from './strength-parts';

export const wallSit = defineTest({
  id: 'wall-sit',
  name: 'Wall sit',
  clinical: 'Wall sit hold',
  kind: 'strength',
  purpose: 'Quadriceps of both legs.',
  position: 'standing',
  sided: false,
  effort: 'tiring',
  start: 'Back on the wall, hips and knees at right angles, feet under the knees.',
  hold: 'Hands off the thighs; breathing goes on.',
  move: 'Hold for as long as it stays steady.',
  end: 'Stop when the body slides by more than a hand or the hands go to the thighs.',
  spoils: ['knees falling in', 'hands on the thighs', 'breath held'],
  care: 'Pain in front of the knee: go less deep. With high blood pressure keep breathing or leave it.',
  limiters: limits({ vasti: 3, 'rectus-femoris': 2, 'gluteus-maximus': 1 }),
  readouts: [holdFor('Hold at right angles', 600, 90, 30, '60 s is usual and under 30 s limited')],
  sensations: [...note('front-thigh'), ...stop('knee', 'low-back'), ...note('nowhere')],
  drawn: {
    angles: () => ({
      ...drawnLeg({ hipFlexion: 90, kneeFlexion: 90 }, 'both'),
      shoulder_flexion_both: 12,
      shoulder_adduction_both: -10,
    }),
    view: { yaw: 14, pitch: 8 },
  },
});

export const heelRaises = defineTest({
  id: 'heel-raises',
  name: 'Heel raises on one leg',
  clinical: 'Single-leg heel-rise test',
  kind: 'strength',
  purpose: 'Calf; with the knee bent more the soleus.',
  position: 'standing',
  sided: true,
  effort: 'tiring',
  start: 'On one leg, fingertips on the wall, knee straight.',
  held: 'wall',
  hold: 'The knee stays straight, the foot upright.',
  move: 'Up to full height and down, once every two seconds.',
  end: 'Stop when less than half the height is reached, the knee bends or balance is lost twice.',
  spoils: ['toes clawing', 'foot rolling out', 'knee bending'],
  care: 'A hot, swollen or tender calf is never tested. One sore point at the heel tendon ends the test.',
  limiters: limits({ gastrocnemius: 3, soleus: 3 }),
  readouts: [
    {
      id: 'count',
      name: 'Full raises',
      unit: 'reps',
      instruments: BY_COUNTER,
      zero: 'none',
      min: 0,
      max: 100,
      better: 'higher',
      detectable: 3,
      detectableShare: 0.25,
      detectableSource: 'rule of thumb, as for holds',
      norms: [
        forAges(20, 59, published(27.9, 11.1, 'adults 20–59', 'Lunsford & Perry 1995')),
        forAges(60, 99, ruleOfThumb(8, 6, 'from 60', 'a default of ours; Jan 2005 counted 3–4 with a stricter method')),
      ],
    },
  ],
  sensations: [...note('calf-high', 'calf-low'), ...stop('ankle-front', 'knee'), ...note('nowhere')],
  variants: [
    { id: 'knee-bent', name: 'knee bent', how: 'The knee stays bent 30–45° throughout: more for the soleus.' },
  ],
  drawn: {
    angles: () => ({
      ...drawnLeg({ ankleDorsiflexion: -32, toeExtension: 34 }),
      ...drawnLeg({ hipFlexion: 8, kneeFlexion: 60 }, 'other'),
      shoulder_flexion_both: 50,
    }),
    view: { yaw: 12, pitch: 6 },
  },
});

const stance = (from: number, to: number, mean: number, sd: number) =>
  forAges(
    from,
    to,
    ruleOfThumb(mean, sd, `${from}–${to} years, eyes open`, 'Springer 2007 (cap 45 s), spreads as recalled'),
  );

export const singleLegStance = defineTest({
  id: 'single-leg-stance',
  name: 'Standing on one leg',
  clinical: 'Single-leg stance (Trendelenburg sign)',
  kind: 'strength',
  purpose: 'Abductors of the standing hip, and balance.',
  position: 'standing',
  sided: true,
  effort: 'short',
  start: 'On one leg, the other hip bent about 30°, hands free, eyes open, wall within reach.',
  hold: 'Look at the pelvis from behind.',
  move: 'Stand for 45 seconds.',
  end: 'Stop when the lifted foot touches down or the standing foot shifts. Note what the pelvis did.',
  spoils: ['hand on the wall', 'lifted leg leaning on the other'],
  care: 'An ache at the outer hip within 30 s: ease off and suggest a clinician. Stay near whoever may fall.',
  limiters: limits({ 'gluteus-medius': 3, 'gluteus-minimus': 2, 'tensor-fasciae-latae': 1 }),
  readouts: [
    {
      ...holdFor('Time on one leg', 120, 40, 8, ''),
      norms: [
        stance(18, 39, 43.3, 5),
        stance(40, 49, 40.3, 11),
        stance(50, 59, 37, 13),
        stance(60, 69, 26.9, 17),
        stance(70, 79, 15, 14),
        stance(80, 99, 6.2, 9),
      ],
    },
    {
      id: 'grade',
      name: 'What the pelvis does',
      unit: 'grade',
      zero: 'foot down at once',
      min: 0,
      max: 3,
      better: 'higher',
      detectable: 1,
      detectableSource: 'one step; less than about 4° of pelvis is not seen',
      grades: [
        'foot down at once',
        'pelvis drops on the lifted side',
        'trunk leans over the standing leg',
        'pelvis level',
      ],
      norms: [ruleOfThumb(3, 0.75, 'adults', 'level for 30 s is usual (method Hardcastle & Nade 1985); rule of thumb')],
    },
  ],
  sensations: [...note('deep-buttock', 'calf-low'), ...stop('outer-hip', 'knee'), ...note('nowhere')],
  variants: [
    { id: 'eyes-closed', name: 'eyes closed', how: 'With the eyes closed; much shorter at every age. Stand close.' },
    {
      id: 'wall',
      name: 'finger on the wall',
      how: 'One finger on the wall: then only the pelvis counts, not the time.',
      opens: ['pregnancy-late', 'older-adult', 'dizziness'],
      readouts: ['grade'],
    },
  ],
  drawn: {
    angles: (value, { readout: { id: readout } }) => {
      // A pelvis that drops on the lifted side, or a trunk that leans over the standing leg.
      const drop = readout === 'grade' && value <= 1 ? 9 : 0;
      const lean = readout === 'grade' && Math.round(value) === 2 ? 12 : 0;
      return {
        pelvis_list: -drop + lean * 0.3,
        lumbar_bend: drop * 0.7 + lean,
        hip_adduction_worked: drop - lean * 0.3,
        hip_flexion_other: 32,
        knee_flexion_other: 62,
        shoulder_adduction_both: -18,
      };
    },
    view: { yaw: 82, pitch: 6 },
  },
});
