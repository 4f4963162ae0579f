import { closes, eases, shortens, stopsAt } from '../rules';
import type { Caution } from './caution';

const LEG_SIGNS = 'Pain, tingling or numbness that runs further down the leg.';

/** Low back, nerves of the leg, bones of the spine, neck. */
export const SPINE: readonly Caution[] = [
  {
    id: 'low-back-leg-pain',
    name: 'Low back trouble with pain down a leg',
    level: 'adapt',
    ask: 'Which movement sends it further down, which brings it back up? Any weakness?',
    rules: [
      closes('low-back-rounding', 15),
      closes('low-back-arching', 20),
      closes('back-of-leg', 60),
      closes('legs-held-up'),
      closes('strong-work', 1),
      closes('hip-flexor-work'),
    ],
    message:
      'Knees stay bent and the back long: no rounding, no long pull on the back of the leg. No legs held in the air, no thighs pulled up against a load, no strong holds. If it spreads or weakens, see a doctor soon.',
    reason: 'Rounding under load can send pain further down the leg.',
    stop: LEG_SIGNS,
    see: 'Doctor or physiotherapist if it spreads, weakens or stays',
  },
  {
    id: 'low-back-ache',
    name: 'Low back ache',
    level: 'adapt',
    ask: 'Does bending, arching or long sitting bring it on?',
    rules: [closes('low-back-arching'), closes('legs-held-up'), stopsAt('low-back-rounding', 35)],
    message:
      'Pelvis first: keep the low back quiet. No arching, no legs held in the air, and folds stop before the back is round.',
    reason: 'The ends of bending and arching load what aches.',
    stop: 'The ache grows, or runs into a leg.',
    see: 'Clinician if it stays for weeks or wakes her',
  },
  {
    id: 'sciatic',
    name: 'Tingling or shooting down the back of a leg',
    level: 'adapt',
    ask: 'How far down does it go, and what sets it off?',
    rules: [
      closes('back-of-leg', 60),
      closes('legs-held-up'),
      closes('low-back-rounding'),
      shortens(30, 'back-of-leg', 40),
    ],
    message: 'No long pull on the back of the leg, no rounding, no legs held in the air. Ask a clinician about it.',
    reason: 'A nerve that is pulled for long gets crosser, not longer.',
    stop: LEG_SIGNS,
    see: 'Clinician',
  },
  {
    id: 'spinal-narrowing',
    name: 'Legs get heavy in standing or bending back, better in sitting',
    level: 'adapt',
    ask: 'How far can she walk, and does sitting ease it?',
    rules: [closes('low-back-arching'), closes('hip-behind', 15)],
    message: 'No arching; rounded and seated shapes are comfortable. Ask a clinician if it is new.',
    reason: 'Bending back narrows the room for the nerves.',
    stop: 'Legs get heavy or numb.',
    see: 'Clinician if it is new or grows',
  },
  {
    id: 'slipped-vertebra',
    name: 'Told of a vertebra that slips',
    level: 'refer-first',
    ask: 'What did doctor or physiotherapist allow?',
    rules: [
      closes('low-back-arching', 8),
      closes('hip-behind'),
      closes('twist'),
      closes('legs-held-up'),
      closes('strong-work', 1),
      stopsAt('end-of-range', 1, 'limited'),
    ],
    message:
      'Ask what the doctor or physiotherapist allows. No arching, no twisting, no legs held in the air, no thigh far behind the body.',
    reason: 'Arching and twisting load the joint that has given way.',
    stop: LEG_SIGNS,
    see: 'Her doctor or physiotherapist first',
  },
  {
    id: 'osteoporosis',
    name: 'Brittle bones',
    level: 'adapt',
    ask: 'Ever a broken vertebra, wrist or hip? What did the doctor say of bending and lifting?',
    rules: [
      closes('low-back-rounding', 15),
      closes('chest-rounding'),
      closes('twist', 8),
      closes('legs-held-up'),
      closes('strong-work', 1),
      closes('weight-on-head'),
      closes('demanding'),
      closes('balance-alone'),
      eases(0.8),
    ],
    message:
      'Hinge from the hips: no rounding of the low or upper back, no twisting, no weight on the head, no balancing without a hold.',
    reason: 'Rounding and twisting under load can break a weak vertebra.',
    stop: 'Sudden pain in the back.',
    see: 'Doctor first after a broken vertebra',
  },
  {
    id: 'neck',
    name: 'A neck that hurts, or was hurt',
    level: 'adapt',
    ask: 'Which movement hurts? Anything in the arms, dizziness or trouble with sight?',
    rules: [closes('weight-on-head'), closes('head-low'), closes('neck-bend')],
    message: 'No weight on the head, no head below the heart, no head far back, forward or round.',
    reason: 'The neck is made for carrying a head, not a body.',
    stop: 'Dizziness, trouble with sight or speech, tingling in the arms.',
    see: 'Clinician',
  },
];
