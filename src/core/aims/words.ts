import type { Say } from '@/core/languages/as-written';
import { say, say as spoken } from '@/core/languages/spoken';
import { within } from '@/core/languages/in-sentence';
import { movedWords } from '@/core/inference/words';
import { groupOf, shareBelow, type GroupId } from '@/core/body';
import { GROUP_WORDS, groupName } from '@/core/body/words';
import type { AimKind } from '@/core/students/student';
import { testById } from '@/core/assessment/battery';
import type { WeeklyDose } from './dose';
import type { AimReason, Avoid, ProposedAim, School } from './propose';

export const AIM_WORDS: Readonly<Record<AimKind | 'none', string>> = {
  lengthen: 'Lengthen',
  strengthen: 'Strengthen',
  both: 'Lengthen and strengthen',
  leave: 'Leave alone',
  refer: 'Ask a clinician',
  none: 'Not now',
};

/**
 * What work for a group is called, where the field calls it by what it does and not by the muscle that is the first to
 * shorten.
 */
const WORKED: Readonly<Partial<Record<GroupId, string>>> = {
  'lateral-hip': 'hip abductors',
  'deep-buttock': 'deep hip rotators',
};

/** The muscles of an aim in words: lengthen *tensor fasciae latae*, strengthen *hip abductors*. */
export function aimedName({ kind, group }: { kind: string; group: string }, say: Say = spoken): string {
  const id = groupOf(group);
  const worked = kind === 'strengthen' && id && WORKED[id];
  return worked ? say(worked) : groupName(group, say);
}

/** What tests of strength found weak, in words: *left hip abductors*, *hip abductors on both sides*. */
export function weakWords(proposed: readonly Pick<ProposedAim, 'kind' | 'group' | 'side' | 'reasons'>[]): string[] {
  const weak = proposed.filter((a) => a.reasons.some((r) => r.kind === 'weak' || r.kind === 'long-and-weak'));
  const named = weak.map((a) => ({ side: a.side, name: aimedName({ kind: 'strengthen', group: a.group }) }));
  return [...new Set(named.map((n) => n.name))].map((name) => {
    const sides = named.filter((n) => n.name === name);
    return sides.length > 1 ? say('{{name}} on both sides', { name }) : `${say(sides[0].side)} ${name}`;
  });
}

const hundred = (p: number) => Math.min(99, Math.round(p * 100));

/** A place among typical people, of a strength below them. @param z SD, below nought */
const weakerThan = (z: number): string =>
  say('weaker than {{count}} of 100 people', { count: hundred(shareBelow(Math.abs(z))) });

/**
 * Why an aim is proposed, as it stands under it: its first reason, and where what is short is worked instead of
 * lengthened, that it is.
 */
export function mainReason({ kind, reasons, school }: Pick<ProposedAim, 'kind' | 'reasons' | 'school'>): string {
  const [first] = reasons;
  const worked = kind === 'strengthen' && (first.kind === 'short' || first.kind === 'limits');
  if (!worked) return reasonWords(first);
  return `${reasonWords(first)} ${school ? say('By your settings it is worked, not stretched.') : say('It is worked rather than stretched.')}`;
}

/** Why an aim is proposed, in one plain sentence. */
export function reasonWords(reason: AimReason): string {
  const test = (id: string) => within(testById(id)?.name ?? id);
  switch (reason.kind) {
    case 'short':
      return say('Shorter than typical, {{count}} in 100.', { count: hundred(reason.probability) });
    case 'limits':
      return say('Stops the {{moved}}, {{count}} in 100.', {
        moved: movedWords(reason),
        count: hundred(reason.probability),
      });
    case 'side-gap':
      return say('Less than on the other side, by {{gap}} times the usual spread.', { gap: reason.gap.toFixed(1) });
    case 'least':
      return say('Nothing is short; this is where there is least.');
    case 'weak':
      return say('Weak in the {{test}}: {{weakerThan}}.', {
        test: test(reason.test),
        weakerThan: weakerThan(reason.z),
      });
    case 'weaker-side':
      return say('Weaker than the other side in the {{test}}, beyond the error of measuring.', {
        test: test(reason.test),
      });
    case 'long-and-weak':
      return say('Long and weak ({{test}}, {{weakerThan}}): not to be stretched.', {
        test: test(reason.test),
        weakerThan: weakerThan(reason.z),
      });
    case 'control':
      return say('Moved by hand it goes {{count}}° further than alone: the range is there, the strength is not.', {
        count: Math.round(reason.gap),
      });
    case 'opposes':
      return say('Works against the {{name}}: load it while that lengthens.', {
        name: say(GROUP_WORDS[reason.group].name),
      });
    case 'very-mobile':
      return say('Already lengthens a long way.');
    case 'mobile-person':
      return say('Very mobile: strength in mid-range, not more length.');
    case 'pre-lengthened':
      return say('Feels tight, but the forward pelvis keeps it long already.');
    case 'band':
      return say('The outer band itself is never an aim; this is the muscle in front of it.');
    case 'nerve':
      return say('The nerve may speak here, so nothing is held at its end.');
    case 'bone':
      return say('The twist of the thigh bone may be what limits it, not a muscle.');
    case 'joint':
      return say('The joint stops it, not a muscle.');
    case 'refer':
      return say('Signs that a clinician should see first.');
  }
}

export const AVOID_WORDS: Readonly<Record<Avoid, string>> = {
  'end-range': 'hanging in the end of its range',
  'long-holds': 'long holds at the end',
  stretching: 'stretching it',
  pushing: 'pushing into the stop',
  'pressing-outer-hip': 'pressing or lying on a sore outer hip',
};

export const AIM_SCHOOL_WORDS: Readonly<Record<School, string>> = {
  hamstrings: 'Teachers differ about hamstrings under a forward pelvis; your settings decide.',
  'outer-hip': 'Teachers differ about the outer hip; your settings decide.',
};

/** A week's dose in one line; empty where there is nothing to do. */
export function doseWords({ stretch, strength }: WeeklyDose): string {
  return [
    stretch &&
      say('{{holds}} × {{seconds}} s on {{days}} days ({{minutesPerWeek}} min a week)', {
        holds: stretch.holds,
        seconds: stretch.seconds,
        days: stretch.days,
        minutesPerWeek: stretch.minutesPerWeek,
      }),
    strength &&
      say('{{sets}} × {{repeats}} on {{days}} days, never two in a row', {
        sets: strength.sets,
        repeats: strength.repeats,
        days: strength.days,
      }),
  ]
    .filter(Boolean)
    .join('; ');
}
