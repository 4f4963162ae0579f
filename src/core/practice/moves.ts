import type { Base } from './stance';

/**
 * What happens to the foot in front (or the side below) on a move: it stays, it changes, it is chosen, or there is none
 * any more.
 */
export type Lead = 'same' | 'change' | 'choose' | 'none';

/** What a move passes that neither end of it shows: `passing.ts` says what each asks. */
export type Passage =
  'fold' | 'roll-up' | 'squat' | 'squat-on-hand' | 'step' | 'foot-by-hands' | 'lunge-by-hands' | 'over-hands';

/** One named move from one base to another. */
export interface Move {
  from: Base;
  to: Base;
  lead: Lead;
  /** What a teacher says; `{{lead}}` and `{{other}}` are the foot in front, or the side below, and the other one. */
  words: string;
  /** How much it asks of a body, in steps of about a breath: what the shortest way is counted in. Ours. */
  effort: number;
  /** What it passes that neither end of it shows. */
  through?: Passage;
  /** What must be there for it that neither end has. */
  needs?: 'chair';
  /** True where one knee can stay off the floor to its end. */
  oneKnee?: true;
}

const move = (from: Base, to: Base, lead: Lead, effort: number, words: string): Move => ({
  from,
  to,
  lead,
  effort,
  words,
});
/** A move that passes something. */
const by = (through: Passage, passing: Move): Move => ({ ...passing, through });
const withChair = (held: Move): Move => ({ ...held, needs: 'chair' });
const onOneKnee = (held: Move): Move => ({ ...held, oneKnee: true });

/**
 * Moves that teachers use between bases. A longer way is put together from them. Up from the back it goes by way of the
 * side, which spares the back and is what everybody may do.
 */
export const MOVES: readonly Move[] = [
  move('back', 'side', 'choose', 1, 'roll on to the {{lead}} side'),
  move('side', 'back', 'none', 1, 'roll on to the back'),
  move('side', 'side', 'change', 2, 'roll over to the {{lead}} side'),
  move('back', 'front', 'none', 2, 'roll over on to the front'),
  move('front', 'back', 'none', 2, 'roll over on to the back'),
  move('side', 'front', 'none', 1, 'roll on to the front'),
  move('front', 'side', 'choose', 1, 'roll on to the {{lead}} side'),
  move('back', 'seat', 'none', 3, 'roll to one side and press up to sit'),
  move('seat', 'back', 'none', 3, 'lie down by way of one side'),
  move('side', 'seat', 'none', 2, 'press up to sit'),
  move('seat', 'side', 'choose', 2, 'lie down on the {{lead}} side'),
  move('back', 'fours', 'none', 3, 'roll to one side and press up to hands and knees'),
  move('fours', 'back', 'none', 3, 'sit to one side and lie down'),
  move('side', 'fours', 'none', 2, 'press up to hands and knees'),
  move('fours', 'side', 'choose', 2, 'lower on to the {{lead}} side'),
  move('front', 'fours', 'none', 2, 'press back up to hands and knees'),
  move('fours', 'front', 'none', 2, 'lower down on to the front'),
  move('front', 'plank', 'none', 3, 'tuck the toes and press up into a plank'),
  move('front', 'seat', 'none', 3, 'roll to one side and press up to sit'),
  by('over-hands', move('seat', 'front', 'none', 3, 'come over the legs and lower down on to the front')),
  move('plank', 'front', 'none', 2, 'lower down on to the front'),
  move('fours', 'seat', 'none', 2, 'sit to one side and bring the legs round to the front'),
  move('seat', 'fours', 'none', 2, 'come over the legs on to hands and knees'),

  move('fours', 'kneel', 'none', 1, 'come back on to the knees'),
  move('kneel', 'fours', 'none', 1, 'come forward on to hands and knees'),
  move('kneel', 'seat', 'none', 2, 'sit to one side and bring the legs round to the front'),
  move('seat', 'kneel', 'none', 2, 'come over the legs on to the knees'),
  move('kneel', 'lunge', 'choose', 2, 'step the {{lead}} foot forward'),
  move('lunge', 'kneel', 'none', 2, 'bring the front knee back beside the other'),
  by('lunge-by-hands', move('fours', 'lunge', 'choose', 2, 'step the {{lead}} foot forward between the hands')),
  onOneKnee(by('lunge-by-hands', move('lunge', 'fours', 'none', 2, 'put the hands down and take the front foot back'))),
  move('lunge', 'lunge', 'change', 2, 'change feet'),
  move('fours', 'dog', 'none', 2, 'tuck the toes and lift the hips'),
  move('dog', 'fours', 'none', 1, 'lower the knees'),
  move('fours', 'plank', 'none', 1, 'step the feet back into a plank'),
  move('plank', 'fours', 'none', 1, 'lower the knees'),
  move('dog', 'plank', 'none', 2, 'come forward into a plank'),
  move('plank', 'dog', 'none', 1, 'lift the hips back'),

  move('lunge', 'split', 'same', 1, 'tuck the back toes and lift the back knee'),
  move('split', 'lunge', 'same', 1, 'lower the back knee'),
  by('foot-by-hands', move('dog', 'split', 'choose', 2, 'step the {{lead}} foot forward between the hands')),
  by('lunge-by-hands', move('dog', 'lunge', 'choose', 2, 'step the {{lead}} foot forward and lower the back knee')),
  by('foot-by-hands', move('split', 'dog', 'none', 2, 'put the hands down and take the front foot back')),
  by(
    'lunge-by-hands',
    move('lunge', 'dog', 'none', 3, 'put the hands down, tuck the toes, and take the front foot back'),
  ),
  move('split', 'split', 'change', 2, 'change feet'),
  move('split', 'wide', 'same', 1, 'open the hips to the side'),
  move('wide', 'split', 'same', 1, 'turn the hips to face the front foot'),
  move('wide', 'wide', 'change', 1, 'turn to the other side'),
  move('wide', 'wide', 'choose', 1, 'turn the {{lead}} foot out'),
  move('wide', 'wide', 'none', 1, 'turn both feet forward'),
  move('split', 'one', 'same', 1, 'bring the weight over the {{lead}} foot'),
  move('one', 'split', 'same', 1, 'step the lifted foot back'),
  move('wide', 'one', 'same', 1, 'bring the weight over the {{lead}} foot'),
  move('one', 'wide', 'same', 2, 'step the lifted foot back and open the hips to the side'),
  move('one', 'one', 'change', 2, 'change legs'),

  move('stand', 'split', 'choose', 1, 'step the {{other}} foot back'),
  move('split', 'stand', 'none', 1, 'step the back foot forward beside the other'),
  move('stand', 'wide', 'choose', 1, 'step the feet wide apart and turn the {{lead}} foot out'),
  move('stand', 'wide', 'none', 1, 'step the feet wide apart'),
  move('wide', 'stand', 'none', 1, 'step the feet together'),
  move('stand', 'one', 'choose', 1, 'take the weight on to the {{lead}} foot'),
  move('one', 'stand', 'none', 1, 'set the foot down'),
  by('fold', move('stand', 'dog', 'none', 3, 'fold forward, put the hands down and step back')),
  by('roll-up', move('dog', 'stand', 'none', 3, 'walk the feet to the hands and roll up')),
  by('fold', move('stand', 'fours', 'none', 3, 'put the hands down and lower the knees')),
  by('lunge-by-hands', move('fours', 'stand', 'none', 3, 'step one foot forward and rise, hands on the thigh')),
  by('step', move('stand', 'kneel', 'none', 3, 'lower one knee, then the other')),
  by('step', move('kneel', 'stand', 'none', 3, 'step one foot forward and rise, hands on the thigh')),
  move('stand', 'lunge', 'choose', 2, 'step the {{other}} foot back and lower its knee'),
  move('lunge', 'stand', 'none', 2, 'press into the front foot and rise'),
  by('squat-on-hand', move('stand', 'seat', 'none', 4, 'lower down with a hand on the floor, and sit')),
  withChair(by('squat', move('stand', 'seat', 'none', 5, 'lower down to sit, holding a chair'))),
  withChair(by('squat', move('seat', 'stand', 'none', 6, 'draw the feet in and stand up, holding a chair'))),
  move('seat', 'lunge', 'choose', 5, 'set the {{lead}} foot down and come up on to the other knee'),
  move('lunge', 'seat', 'none', 5, 'sit to one side and bring the legs round to the front'),
  move('stand', 'chair', 'none', 2, 'sit down on the chair'),
  move('chair', 'stand', 'none', 2, 'stand up from the chair'),
  by('step', move('chair', 'fours', 'none', 4, 'come down on to hands and knees, holding the chair')),
  by('step', move('fours', 'chair', 'none', 4, 'kneel up, both hands on the chair, and come on to it')),
];

/**
 * Between floor and feet where every other way is shut: where to, and that how is hers. Dearer than any way that one
 * would send her.
 */
export const OWN_WAYS: readonly Move[] = [
  move('seat', 'stand', 'none', 11, 'come up to stand in your own way, with a chair or a hand to help'),
  move('stand', 'seat', 'none', 11, 'come down to sit in your own way, with a chair or a hand to help'),
];
