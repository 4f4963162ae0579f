import type { PropId } from '@/core/poses';
import type { BuiltPractice, Missing } from './build';
import type { Change } from './change';
import type { Arc, Avoided, PracticeRequest } from './request';

export const ARC_WORDS: Readonly<Record<Arc, string>> = {
  build: 'builds up to its deepest',
  flow: 'flows, nothing held long',
  quiet: 'long and quiet',
  strength: 'work first, then length',
};
export const PLACE_WORDS: Readonly<Record<PracticeRequest['place'], string>> = {
  anywhere: 'on the mat',
  chair: 'on a chair or standing',
  standing: 'standing only',
};
export const AVOID_WORDS: Readonly<Record<Avoided, string>> = {
  wrists: 'weight on the wrists',
  kneeling: 'kneeling',
  'lying-on-front': 'lying on the front',
  'lying-on-back': 'lying on the back',
  'head-down': 'head low',
};
export const FIRST_WORDS: Readonly<Record<PracticeRequest['first'], string>> = {
  right: 'right first',
  left: 'left first',
  tighter: 'tighter first',
  alternate: 'in turn',
};

const PROP_WORDS: Readonly<Record<PropId, string>> = {
  blanket: 'a blanket',
  block: 'a block',
  strap: 'a strap',
  bolster: 'a bolster',
  wall: 'a wall',
  chair: 'a chair',
  post: 'a post to hold',
};

/** What would make a wish possible, as a sentence. */
export function changeWords(change: Change): string {
  switch (change.kind) {
    case 'prop':
      return `With ${PROP_WORDS[change.prop]} it can be done.`;
    case 'avoid':
      return `It can be done if ${AVOID_WORDS[change.avoided]} is allowed.`;
    case 'level':
      return 'It can be done if demanding rungs are allowed too.';
    case 'place':
      return 'It can be done on the mat.';
    case 'peak':
      return 'It can be done without this peak: no rung of it is within reach, or it cannot be prepared.';
    case 'minutes':
      return `There are poses for ${change.minutes} minutes, not for more.`;
    case 'nothing':
      return 'Cautions and reach leave no pose at all for these aims. Look at Ask and at the aims first.';
  }
}

/** The wish with its smallest change; null where no change of the wish helps. */
export function changed(request: PracticeRequest, change: Change): PracticeRequest | null {
  switch (change.kind) {
    case 'prop':
      return { ...request, props: [...(request.props ?? []), change.prop] };
    case 'avoid':
      return { ...request, avoid: request.avoid.filter((a) => a !== change.avoided) };
    case 'level':
      return { ...request, level: 3 };
    case 'place':
      return { ...request, place: 'anywhere' };
    case 'peak':
      return { ...request, peak: null };
    case 'minutes':
      return { ...request, minutes: change.minutes };
    case 'nothing':
      return null;
  }
}

/** Why an aim gets hardly anything, and what would make room for it. */
export const MISSING_WORDS: Readonly<Record<Missing['why'], string>> = {
  caution: 'every pose for it runs against a caution',
  reach: 'every pose for it asks for more than there is yet',
  props: 'its poses need props that are not at hand',
  wish: 'its poses are ruled out by place, positions or level',
  time: 'the other aims took the time; a few minutes more, or more weight, make room',
  nothing: 'no pose of the library reaches it',
};

/** What objective, bound and gap prove and what they do not. */
export function choiceSentences(
  b: Pick<BuiltPractice, 'gap' | 'searched' | 'of' | 'orderExact'> & { kept?: number },
): string[] {
  const gap = 100 * b.gap;
  const among = b.kept ? 'With what was kept, no' : 'No';
  return [
    gap < 0.05
      ? `${among} other choice of rungs and times is worth more, by what the aims count.`
      : `${among} other choice of rungs and times is worth more than ${gap.toFixed(gap < 1 ? 1 : 0)} in 100 beyond this one, by what the aims count.`,
    `${b.searched} of ${b.of} rungs that the wishes allow were searched; the rest cannot lift that bound.`,
    b.orderExact
      ? 'Within its phases no order needs fewer changes of position and props.'
      : 'It has too many items to try every order: theirs is a good one, not proved the best.',
    'Neither says that the practice is right for her: that stays yours to see.',
  ];
}
