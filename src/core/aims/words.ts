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
export function aimedName({ kind, group }: { kind: string; group: string }): string {
  const id = groupOf(group);
  return (kind === 'strengthen' && id && WORKED[id]) || groupName(group);
}

/** What tests of strength found weak, in words: *left hip abductors*, *hip abductors on both sides*. */
export function weakWords(proposed: readonly Pick<ProposedAim, 'kind' | 'group' | 'side' | 'reasons'>[]): string[] {
  const weak = proposed.filter((a) => a.reasons.some((r) => r.kind === 'weak' || r.kind === 'long-and-weak'));
  const named = weak.map((a) => ({ side: a.side, name: aimedName({ kind: 'strengthen', group: a.group }) }));
  return [...new Set(named.map((n) => n.name))].map((name) => {
    const sides = named.filter((n) => n.name === name);
    return sides.length > 1 ? `${name} on both sides` : `${sides[0].side} ${name}`;
  });
}

const hundred = (p: number) => Math.min(99, Math.round(p * 100));

/** A place among typical people, of a strength below them. @param z SD, below nought */
const weakerThan = (z: number): string => `weaker than ${hundred(shareBelow(Math.abs(z)))} of 100 people`;

/**
 * Why an aim is proposed, as it stands under it: its first reason, and where what is short is worked instead of
 * lengthened, that it is.
 */
export function mainReason({ kind, reasons, school }: Pick<ProposedAim, 'kind' | 'reasons' | 'school'>): string {
  const [first] = reasons;
  const worked = kind === 'strengthen' && (first.kind === 'short' || first.kind === 'limits');
  if (!worked) return reasonWords(first);
  return `${reasonWords(first)} ${school ? 'By your settings it is worked, not stretched.' : 'It is worked rather than stretched.'}`;
}

/** Why an aim is proposed, in one plain sentence. */
export function reasonWords(reason: AimReason): string {
  const test = (id: string) => testById(id)?.name.toLowerCase() ?? id;
  switch (reason.kind) {
    case 'short':
      return `Shorter than typical, ${hundred(reason.probability)} in 100.`;
    case 'limits':
      return `Stops the ${movedWords(reason)}, ${hundred(reason.probability)} in 100.`;
    case 'side-gap':
      return `Less than on the other side, by ${reason.gap.toFixed(1)} times the usual spread.`;
    case 'least':
      return 'Nothing is short; this is where there is least.';
    case 'weak':
      return `Weak in the ${test(reason.test)}: ${weakerThan(reason.z)}.`;
    case 'weaker-side':
      return `Weaker than the other side in the ${test(reason.test)}, beyond the error of measuring.`;
    case 'long-and-weak':
      return `Long and weak (${test(reason.test)}, ${weakerThan(reason.z)}): not to be stretched.`;
    case 'control':
      return `Moved by hand it goes ${Math.round(reason.gap)}° further than alone: the range is there, the strength is not.`;
    case 'opposes':
      return `Works against the ${GROUP_WORDS[reason.group].name}: load it while that lengthens.`;
    case 'very-mobile':
      return 'Already lengthens a long way.';
    case 'mobile-person':
      return 'Very mobile: strength in mid-range, not more length.';
    case 'pre-lengthened':
      return 'Feels tight, but the forward pelvis keeps it long already.';
    case 'band':
      return 'The outer band itself is never an aim; this is the muscle in front of it.';
    case 'nerve':
      return 'The nerve may speak here, so nothing is held at its end.';
    case 'bone':
      return 'The twist of the thigh bone may be what limits it, not a muscle.';
    case 'joint':
      return 'The joint stops it, not a muscle.';
    case 'refer':
      return 'Signs that a clinician should see first.';
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
    stretch && `${stretch.holds} × ${stretch.seconds} s on ${stretch.days} days (${stretch.minutesPerWeek} min a week)`,
    strength && `${strength.sets} × ${strength.repeats} on ${strength.days} days, never two in a row`,
  ]
    .filter(Boolean)
    .join('; ');
}
