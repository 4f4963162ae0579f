import type { Say } from '@/core/languages/as-written';
import type { Language } from '@/core/languages/language';
import { say } from '@/core/languages/spoken';
import { weekdayWords } from '@/core/day-words';
import { shapeById, rungOf } from '@/core/poses';
import type { HeldBack } from '@/core/progress/hold-back';
import type { LogEntry } from '@/core/teaching/log';
import type { Adaptation, Adapted } from './adapt';
import { plural } from '@/core/plural';

const nameOf = (pose: string): string => say(shapeById(pose)?.name ?? pose);
const inFull = ({ pose, rung }: { pose: string; rung: number }): string => {
  const found = rungOf(pose, rung);
  return found ? `${say(found.shape.name)}, ${say(found.rung.name)}` : pose;
};

/** A change as a sentence for the teacher. */
export function adaptationWords(c: Adaptation): string {
  const name = nameOf(c.pose);
  switch (c.kind) {
    case 'hurt':
      return say('{{name}} hurt: it stays closed until you clear it.', { name });
    case 'milder':
      return say('{{name}} was too strong: {{what}} instead.', {
        name,
        what: c.to ? inFull(c.to) : say('something milder'),
      });
    case 'shorter':
      return say('{{name}} was too strong, and nothing milder is open: a shorter hold.', { name });
    case 'longer':
      return say('{{name}} was light twice and done in full: a breath longer.', { name });
    case 'next':
      return say('{{name}} was light twice and is held as long as it should be: next, {{what}}.', {
        name,
        what: c.to ? inFull(c.to) : say('the next rung'),
      });
    case 'skipped':
      return say('{{name}} was left out twice: ask why.', { name });
  }
}

const HELD_WORDS: Readonly<Record<HeldBack, string>> = {
  pain: 'something hurt',
  'too-strong': 'something was too strong',
  unfinished: 'less than two thirds was done',
  'too-few': 'it was done only once',
};
/** Why nothing is made longer or harder, as a sentence; "" where there is no reason. */
export const heldSentence = (held: readonly HeldBack[]): string =>
  held.length === 0
    ? ''
    : say('Nothing gets longer or harder yet: {{held}}.', { held: held.map((r) => say(HELD_WORDS[r])).join(', ') });

/** How often, of so many planned days: "3 times in two weeks". */
export function timesSentence(home: readonly Pick<LogEntry, 'startedAt'>[], planned: number | null): string {
  const times =
    home.length === 1 ? say('Once') : home.length === 2 ? say('Twice') : say('{{count}} times', { count: home.length });
  if (planned === null || planned === 0) return say('{{times}} at home since the practice was made.', { times });
  return say('{{times}} at home, of {{count}} planned {{plural}}.', {
    times,
    count: planned,
    plural: plural(planned, 'day'),
  });
}

/** What few times of many planned days suggest; "" where they were kept. Fewer than half of at least four. Ours. */
export const missedSentence = (times: number, planned: number | null): string =>
  planned !== null && planned >= 4 && times < planned / 2
    ? say(
        'That is less than half of the days. Ask what stands in the way: fewer days, or a shorter practice, are kept more often.',
      )
    : '';

/** What a message to a student tells. */
export interface ToTell {
  name: string;
  /** How often she has practised since the practice was made. */
  times: number;
  changes: Adapted['changes'];
  /** Her next planned days, `YYYY-MM-DD`. */
  days?: readonly string[];
}

/**
 * A message to send with the next file, in the teacher's own voice and for her to change, in the student's language.
 *
 * @param say says sentences in that language
 */
export function draftMessage({ name, times, changes, days = [] }: ToTell, language: Language, say: Say): string {
  const of = (kind: Adaptation['kind']): string[] =>
    changes.filter((c) => c.kind === kind).map((c) => say(shapeById(c.pose)?.name ?? c.pose));
  const each = (list: readonly string[], words: (all: string) => string): string[] =>
    list.length > 0 ? [words(list.join(say(' and ')))] : [];
  return [
    say('Dear {{name}},', { name }),
    times === 1 ? say('thank you for practising.') : say('thank you for practising {{count}} times.', { count: times }),
    ...each(of('hurt'), (all) => say('Please leave {{all}} alone until we have looked at it together.', { all })),
    ...each([...of('milder'), ...of('shorter')], (all) => say('I have made {{all}} milder.', { all })),
    ...each([...of('longer'), ...of('next')], (all) =>
      say('{{all}} went well, so there is a little more of it now.', { all }),
    ),
    ...each(of('skipped'), (all) => say('You left out {{all}}: tell me why, and I will find something else.', { all })),
    say('The new practice is attached; you can delete the old one.'),
    ...(days.length > 0
      ? [say('Your next days: {{days}}.', { days: days.map((d) => weekdayWords(d, language)).join(', ') })]
      : []),
  ].join(' ');
}
