import { say } from '@/core/languages/spoken';
import { within } from '@/core/languages/in-sentence';
import { capital } from '@/core/capital';
import { aimedName } from '@/core/aims/words';
import type { Phase, PropId } from '@/core/poses';
import type { BuiltPractice, Missing } from './build';
import type { Change } from './change';
import { TRANSITIONS, type Pace } from './pace';
import type { Reason } from './reasons';
import { SALUTATIONS } from './salutations';
import type { Avoided, PracticeRequest, Saluted } from './request';
import type { inTheWay } from './units';
import type { Warning } from './warnings';

export const PACE_WORDS: Readonly<Record<Pace, string>> = {
  brisk: `brisk, ${TRANSITIONS.brisk.shape} s`,
  usual: `usual, ${TRANSITIONS.usual.shape} s`,
  slow: `slow, ${TRANSITIONS.slow.shape} s`,
};
export const PRACTICE_PLACE_WORDS: Readonly<Record<PracticeRequest['place'], string>> = {
  anywhere: 'on the mat',
  chair: 'on a chair or standing',
  standing: 'standing only',
};
export const AVOIDED_WORDS: Readonly<Record<Avoided, string>> = {
  wrists: 'weight on the wrists',
  kneeling: 'kneeling',
  'lying-on-front': 'lying on the front',
  'lying-on-back': 'lying on the back',
  'head-down': 'head low',
};
/** A salutation that is wished for, as it stands in a sentence. */
export const salutedWords = (id: Saluted): string => within(SALUTATIONS.find((s) => s.id === id)?.name ?? id);
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
      return say('With {{prop}} it can be done.', { prop: say(PROP_WORDS[change.prop]) });
    case 'avoid':
      return say('It can be done if {{avoided}} is allowed.', { avoided: say(AVOIDED_WORDS[change.avoided]) });
    case 'level':
      return say('It can be done if demanding rungs are allowed too.');
    case 'place':
      return say('It can be done on the mat.');
    case 'peak':
      return say('It can be done without this peak: no rung of it is within reach, or it cannot be prepared.');
    case 'minutes':
      return say('There are poses for {{count}} minutes, not for more.', { count: change.minutes });
    case 'nothing':
      return say('Cautions and reach leave no pose at all for these aims. Look at Ask and at the aims first.');
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
  const among = b.kept ? say('With what was kept, no') : say('No');
  return [
    gap < 0.05
      ? say('{{among}} other choice of rungs and times is worth more, by what the aims count.', { among: say(among) })
      : say(
          '{{among}} other choice of rungs and times is worth more than {{gap}} in 100 beyond this one, by what the aims count.',
          { among: say(among), gap: gap.toFixed(gap < 1 ? 1 : 0) },
        ),
    say('{{searched}} of {{of}} rungs that the wishes allow were searched; the rest cannot lift that bound.', {
      searched: b.searched,
      of: b.of,
    }),
    b.orderExact
      ? say('Within its phases no order needs fewer changes of position and props.')
      : say('It has too many items to try every order: theirs is a good one, not proved the best.'),
    say('Neither says that the practice is right for this student: that stays yours to see.'),
  ];
}

const phaseWord: Readonly<Record<Phase, string>> = {
  settle: 'arriving',
  warm: 'warming up',
  approach: 'approach',
  deepest: 'deepest',
  counter: 'counter',
  rest: 'rest',
};
/** A phase as a word on the chart. */
export const phaseWords = (phase: Phase): string => say(phaseWord[phase], { context: 'phase' });

const AGAINST: Readonly<Record<NonNullable<ReturnType<typeof inTheWay>>, string>> = {
  place: 'it does not suit the place',
  props: 'it needs a prop that is not at hand',
  level: 'it is more demanding than was wished',
  wrists: 'it bears on the wrists',
  kneeling: 'it kneels',
  'lying-on-front': 'it lies on the front',
  'lying-on-back': 'it lies on the back',
  'head-down': 'the head is low',
};

/** What a warning says, after the name of the pose where it is about one. */
export function warningWords(w: Warning): string {
  switch (w.kind) {
    case 'caution':
      return say('runs against a caution: {{names}}. Take it out, or swap it.', { names: w.names.join('; ') });
    case 'held':
      return say('is held for longer than a caution lets it: at most {{count}} s at a time.', { count: w.most_s });
    case 'reach':
      return say('even its beginning asks for more than there is. Swap it, or take a milder rung.');
    case 'unknown':
      return say('is not in this library any more. Take it out, or swap it.');
    case 'wish':
      return say('is against the wishes: {{what}}.', { what: say(AGAINST[w.what]) });
    case 'side':
      return say('the {{missing}} side is missing.', { missing: say(w.missing) });
    case 'uneven':
      return say('one side is held {{times}} times as long as the other.', { times: w.times.toFixed(1) });
    case 'long':
      return say('is held longer than it usually is ({{count}} s a side).', { count: Math.round(w.usual) });
    case 'unprepared':
      return say('nothing milder on the same muscles comes before it.');
    case 'uncountered':
      return say('arches the low back, and nothing rounds it again afterwards.');
    case 'phase':
      return say('comes after {{before}}, which is meant to be later.', { before: phaseWords(w.before) });
    case 'time':
      return say('The practice takes {{minutes}} minutes; {{count}} were asked for.', {
        minutes: w.minutes.toFixed(1),
        count: w.wanted,
      });
    case 'no-rest':
      return say('The practice does not end in rest.');
  }
}

/** An aim's key in words: "lengthen hamstrings left". */
export function aimWords(key: string): string {
  const [kind, group, side] = key.split(':');
  return `${say(kind)} ${aimedName({ kind, group: group ?? '' })} ${say(side)}`;
}

const listed = (names: readonly string[], most: number): string =>
  names.length > most
    ? say('{{names}} and {{count}} more', { names: names.slice(0, most).join(', '), count: names.length - most })
    : names.join(', ');

/** Why a block is there, in one or a few short sentences; the most telling first. */
export function reasonSentences(r: Reason): string[] {
  const out: string[] = [];
  if (r.part === 'peak') out.push(say('The peak that all this leads to.'));
  if (r.part === 'settle') out.push(say('To arrive, before anything is asked.'));
  if (r.part === 'wake') out.push(say('Wakes the joints before depth is asked of them.'));
  if (r.part === 'middle') out.push(say('Brings hips and back to the middle again.'));
  if (r.part === 'pause') out.push(say('A pause, before it goes on.'));
  if (r.part === 'rest') out.push(say('To rest, so that the body takes it in.'));
  if (r.serves.length > 0) out.push(say('To {{listed}}.', { listed: listed(r.serves.map(aimWords), 2) }));
  if (r.prepares.length > 0)
    out.push(say('Makes ready for {{listed}}.', { listed: listed(r.prepares.map(within), 2) }));
  if (r.counters.length > 0)
    out.push(say('Rounds the back again after {{listed}}.', { listed: listed(r.counters.map(within), 2) }));
  if (r.little.length > 0) out.push(say('Adds a little: {{listed}}.', { listed: listed(r.little.map(aimWords), 2) }));
  const why = out.length > 0 ? out : [say('No aim of its own: it keeps the practice whole.')];
  return r.alone
    ? [
        ...why,
        say('{{capital}} only: closed on the {{closed}} by {{listed}}.', {
          capital: capital(say(r.alone.side)),
          closed: say(r.alone.closed),
          listed: listed(r.alone.by.map(within), 3),
        }),
      ]
    : why;
}
