import { closes, eases, shortens, stopsAt } from '../rules';
import { defineCautions } from './caution';

const SIGNS = 'Dizziness, bleeding, leaking fluid, contractions, headache, short breath or the baby moving less.';

/** Before and after a birth. */
export const PREGNANCY = defineCautions([
  {
    id: 'pregnancy-early',
    name: 'Pregnant, first three months',
    level: 'adapt',
    ask: 'How many weeks? Any bleeding or complications, and what did midwife or doctor say?',
    rules: [
      closes('strong-work', 1),
      closes('belly-pressed', 145),
      closes('legs-held-up'),
      closes('demanding'),
      eases(0.8),
    ],
    message:
      'Comfort leads. No strong holds, no legs held in the air, nothing pressed into the belly. Questions about bleeding or complications go to the midwife or doctor.',
    reason: 'Heat, held breath and strain are kept low.',
    stop: SIGNS,
    see: 'Midwife or doctor',
  },
  {
    id: 'pregnancy-middle',
    name: 'Pregnant, months four to six',
    level: 'adapt',
    ask: 'How does lying flat feel? Any pain at the front of the pelvis?',
    rules: [
      closes('lying-on-front'),
      // A test on the back is over in half a minute.
      closes('lying-on-back', 0, 'limited'),
      closes('strong-work', 1),
      closes('legs-held-up'),
      closes('belly-pressed', undefined, 'limited'),
      closes('twist'),
      closes('crossing-bent'),
      stopsAt('end-of-range', 0.5, 'limited'),
      closes('hip-behind', undefined, 'limited'),
      closes('wide', 45, 'limited'),
      closes('balance-alone'),
      closes('demanding'),
      eases(0.65),
      shortens(60, 'end-of-range', -1),
    ],
    message:
      'No lying on the front, no lying flat on the back, no strong twists. Nothing pressed into the belly, nothing at the end of a range.',
    reason: 'Lying flat or on the front is uncomfortable, and ligaments give more.',
    stop: SIGNS,
    see: 'Midwife or doctor',
  },
  {
    id: 'pregnancy-late',
    name: 'Pregnant, last three months',
    level: 'adapt',
    ask: 'How is lying best? Any pain at the front of the pelvis, swelling or dizziness?',
    rules: [
      closes('lying-on-front'),
      closes('lying-on-back'),
      closes('not-seated-or-side'),
      closes('wide'),
      closes('strong-work', 1),
      closes('legs-held-up'),
      closes('belly-pressed'),
      closes('twist'),
      closes('hip-behind'),
      closes('balance-alone'),
      closes('demanding'),
      stopsAt('end-of-range', 0.5),
      eases(0.65),
      shortens(60, 'end-of-range', -1),
    ],
    message:
      'Side-lying and seated shapes only; no wide legs, nothing pressed into the belly, nothing at the end of a range. Stop for dizziness, bleeding, contractions; call the midwife or doctor.',
    reason: 'Lying flat can press on vessels; balance and pubic joint need care.',
    stop: SIGNS,
    see: 'Midwife or doctor',
  },
  {
    id: 'after-birth',
    name: 'Gave birth in the last twelve weeks, or by Caesarean',
    level: 'refer-first',
    ask: 'How many weeks ago, and how? Has the check-up said yes to exercise? Any heaviness or leaking?',
    rules: [
      closes('strong-work'),
      closes('legs-held-up'),
      closes('head-low'),
      closes('wide', 30),
      closes('knee-bend-loaded', 110),
      closes('lying-on-front'),
      stopsAt('end-of-range', 0.5, 'limited'),
      closes('demanding', 1),
      eases(0.65),
    ],
    message:
      'First the check-up and a yes from there. Breath, walking and gentle hips meanwhile: no work against a load, no legs held in the air, no wide legs, no lying on the front.',
    reason: 'Belly wall and pelvic floor need their time before they are loaded.',
    stop: 'Bleeding, heaviness, leaking, or a ridge along the middle of the belly.',
    see: 'Midwife, doctor or pelvic-floor physiotherapist',
  },
  {
    id: 'hernia-or-prolapse',
    name: 'Hernia, or a feeling of heaviness in the pelvic floor',
    level: 'refer-first',
    ask: 'Where, and since when? What did doctor or physiotherapist allow?',
    rules: [closes('strong-work'), closes('legs-held-up'), closes('wide', 40, 'open'), closes('knee-bend-loaded', 90)],
    message:
      'Ask what a doctor or pelvic-floor physiotherapist allows. No straining, no held breath, no legs held in the air, no wide legs, no deep squat.',
    reason: 'Straining pushes on what is already weak.',
    stop: 'A bulge that hurts or grows, or more heaviness.',
    see: 'Doctor or pelvic-floor physiotherapist',
  },
]);
