import { weekdayWords } from '@/core/day-words';
import { shapeById, rungOf } from '@/core/poses';
import type { HeldBack } from '@/core/progress/hold-back';
import type { LogEntry } from '@/core/teaching/log';
import type { Adaptation, Adapted } from './adapt';
import { plural } from '@/core/plural';

const nameOf = (pose: string): string => shapeById(pose)?.name ?? pose;
const inFull = ({ pose, rung }: { pose: string; rung: number }): string => {
  const found = rungOf(pose, rung);
  return found ? `${found.shape.name}, ${found.rung.name}` : pose;
};

/** A change as a sentence for the teacher. */
export function adaptationWords(c: Adaptation): string {
  const name = nameOf(c.pose);
  switch (c.kind) {
    case 'hurt':
      return `${name} hurt: it stays closed until you clear it.`;
    case 'milder':
      return `${name} was too strong: ${c.to ? inFull(c.to) : 'something milder'} instead.`;
    case 'shorter':
      return `${name} was too strong, and nothing milder is open: a shorter hold.`;
    case 'longer':
      return `${name} was light twice and done in full: a breath longer.`;
    case 'next':
      return `${name} was light twice and is held as long as it should be: next, ${c.to ? inFull(c.to) : 'the next rung'}.`;
    case 'skipped':
      return `${name} was left out twice: ask why.`;
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
  held.length === 0 ? '' : `Nothing gets longer or harder yet: ${held.map((r) => HELD_WORDS[r]).join(', ')}.`;

/** How often, of so many planned days: "3 times in two weeks". */
export function timesSentence(home: readonly Pick<LogEntry, 'startedAt'>[], planned: number | null): string {
  const times = home.length === 1 ? 'Once' : home.length === 2 ? 'Twice' : `${home.length} times`;
  if (planned === null || planned === 0) return `${times} at home since the practice was made.`;
  return `${times} at home, of ${planned} planned ${plural(planned, 'day')}.`;
}

/** What few times of many planned days suggest; "" where they were kept. Fewer than half of at least four. Ours. */
export const missedSentence = (times: number, planned: number | null): string =>
  planned !== null && planned >= 4 && times < planned / 2
    ? 'That is less than half of the days. Ask what stands in the way: fewer days, or a shorter practice, are kept more often.'
    : '';

/**
 * A message to send with the next file, in the teacher's own voice and for her to change; with her next days where they
 * are planned.
 */
export function draftMessage(
  name: string,
  times: number,
  { changes }: Pick<Adapted, 'changes'>,
  days: readonly string[] = [],
): string {
  const of = (kind: Adaptation['kind']): string[] => changes.filter((c) => c.kind === kind).map((c) => nameOf(c.pose));
  const say = (list: readonly string[], words: (all: string) => string): string[] =>
    list.length > 0 ? [words(list.join(' and '))] : [];
  return [
    `Dear ${name},`,
    times === 1 ? 'thank you for practising.' : `thank you for practising ${times} times.`,
    ...say(of('hurt'), (all) => `Please leave ${all} alone until we have looked at it together.`),
    ...say([...of('milder'), ...of('shorter')], (all) => `I have made ${all} milder.`),
    ...say([...of('longer'), ...of('next')], (all) => `${all} went well, so there is a little more of it now.`),
    ...say(of('skipped'), (all) => `You left out ${all}: tell me why, and I will find something else.`),
    'The new practice is attached; you can delete the old one.',
    ...(days.length > 0 ? [`Your next days: ${days.map(weekdayWords).join(', ')}.`] : []),
  ].join(' ');
}
