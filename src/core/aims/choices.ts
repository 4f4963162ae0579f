import type { Side } from '@/core/body';
import type { Aim, AimChoice, AimKind, Student } from '@/core/students/student';
import type { ProposedAim } from './propose';

/** An aim as it stands: what Kolpos proposes, what the teacher chose, and which of the two counts. */
export interface StandingAim {
  group: string;
  side: Side;
  kind: AimKind | 'none';
  weight: number;
  /** Null where only the teacher wants it. */
  proposed: ProposedAim | null;
  /** Null where the proposal stands. */
  choice: AimChoice | null;
}

const same = (a: { group: string; side: Side }, b: { group: string; side: Side }) =>
  a.group === b.group && a.side === b.side;

/**
 * All aims of a student, heaviest first: the teacher's choice for a group and side before the proposal, which stays
 * beside it. Aims that she left out stay in the list as `none`. A list kept before choices were (an older file) counts
 * as it is.
 */
export function standingAims(
  student: Pick<Student, 'aims' | 'aimChoices'>,
  proposed: readonly ProposedAim[],
): StandingAim[] {
  const choices = student.aimChoices ?? (student.aims ? choicesFrom(student.aims, proposed) : []);
  const all: StandingAim[] = proposed.map((p) => {
    const choice = choices.find((c) => same(c, p)) ?? null;
    return {
      group: p.group,
      side: p.side,
      kind: choice?.kind ?? p.kind,
      weight: choice?.weight ?? p.weight,
      proposed: p,
      choice,
    };
  });
  for (const c of choices)
    if (!proposed.some((p) => same(c, p)) && c.kind !== 'none')
      all.push({ group: c.group, side: c.side, kind: c.kind, weight: c.weight, proposed: null, choice: c });
  const rank = (a: StandingAim) => (a.kind === 'none' ? -1 : a.weight);
  return all.sort((a, b) => rank(b) - rank(a) || (a.group + a.side < b.group + b.side ? -1 : 1));
}

/** An older complete list as choices: what was proposed and is not in it was left out. */
function choicesFrom(aims: readonly Aim[], proposed: readonly ProposedAim[]): AimChoice[] {
  const kept = new Map<string, AimChoice>();
  for (const a of aims) {
    const id = `${a.group}/${a.side}`;
    const old = kept.get(id);
    const kind = old && old.kind !== a.kind ? 'both' : a.kind;
    kept.set(id, { group: a.group, side: a.side, kind, weight: Math.max(old?.weight ?? 0, a.weight) });
  }
  for (const p of proposed) {
    const id = `${p.group}/${p.side}`;
    if (!kept.has(id)) kept.set(id, { group: p.group, side: p.side, kind: 'none', weight: p.weight });
  }
  return [...kept.values()];
}

/** The teacher's choice put beside the proposal it answers; the same as the proposal takes the choice away. */
export function withChoice(
  student: Student,
  proposed: readonly ProposedAim[],
  choice: AimChoice,
  day: string,
): Student {
  const standing = standingAims(student, proposed);
  const own = proposed.find((p) => same(p, choice));
  const rest: Student = { ...student };
  delete rest.aims;
  delete rest.aimChoices;
  const others = standing.flatMap((a) => (a.choice && !same(a, choice) ? [a.choice] : []));
  const asProposed = own?.kind === choice.kind && own.weight === choice.weight && !choice.note;
  const kept: AimChoice[] =
    asProposed || (!own && choice.kind === 'none')
      ? others
      : [...others, { ...choice, on: day, ...(own ? { proposed: { kind: own.kind, weight: own.weight } } : {}) }];
  return kept.length === 0 ? rest : { ...rest, aimChoices: kept };
}

/**
 * Aims as ranking and practice work with them: both becomes two, what is referred is left alone, what is left out is
 * gone.
 */
export function workAims(standing: readonly Pick<StandingAim, 'group' | 'side' | 'kind' | 'weight'>[]): Aim[] {
  return standing.flatMap(({ group, side, kind, weight }): Aim[] => {
    if (kind === 'none') return [];
    if (kind === 'both')
      return [
        { kind: 'lengthen', group, side, weight },
        { kind: 'strengthen', group, side, weight },
      ];
    return [{ kind: kind === 'refer' ? 'leave' : kind, group, side, weight }];
  });
}
