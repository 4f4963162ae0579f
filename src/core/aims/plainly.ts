import { groupOf, isMuscleGroup } from '@/core/body';
import { plainly } from '@/core/inference/sentences';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import type { AimKind } from '@/core/students/student';
import type { StandingAim } from './choices';

/** Aims in the student's words, without names of muscles. */
export interface PlainAims {
  /** "the back of the thigh, left" … */
  lengthen: string[];
  strengthen: string[];
  /** True where a clinician should look first. */
  refer: boolean;
}

/** What is worked for, as it is told to the student. */
export function aimsPlainly(
  standing: readonly Pick<StandingAim, 'kind' | 'group' | 'side'>[],
  say: Say = spoken,
): PlainAims {
  const namedFor = (...kinds: AimKind[]) =>
    standing.flatMap((a) => {
      const group = groupOf(a.group);
      return kinds.some((k) => k === a.kind) && group && isMuscleGroup(group)
        ? [say('{{place}}, {{side}}', { place: say(plainly(group)), side: say(a.side) })]
        : [];
    });
  return {
    lengthen: namedFor('lengthen', 'both'),
    strengthen: namedFor('strengthen', 'both'),
    refer: standing.some((a) => a.kind === 'refer'),
  };
}

/** Names with commas in them, one after another. */
export const listed = (items: readonly string[], say: Say = spoken): string =>
  items.length < 2
    ? (items[0] ?? '')
    : say('{{some}}; and {{last}}', { some: items.slice(0, -1).join('; '), last: items[items.length - 1] });
