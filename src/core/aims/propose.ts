import { isMuscleGroup, SIDES, type GroupId, type Side } from '@/core/body';
import type { Findings } from '@/core/limits';
import type { Aim } from '@/core/people/student';

/** Fact behind a proposal; the words are made from it in `words.ts`. */
export type AimReason =
  | { kind: 'short'; probability: number }
  | { kind: 'limits'; movement: string; probability: number; band: number }
  | { kind: 'side-gap'; gap: number }
  | { kind: 'least'; z: number }
  | { kind: 'opposes'; group: GroupId }
  | { kind: 'very-mobile'; z: number };

export interface ProposedAim extends Aim {
  group: GroupId;
  reason: AimReason;
}

/** Thresholds, our defaults: when a group counts as short, a movement as limited, sides as different. */
const SHORT = 0.7;
const LIMITED = -1;
const LIKELY = 0.5;
const GAP = 1.2;
const MOBILE = 1.5;

/** Proposed aims, heaviest first. Empty without readings: nothing is known then. */
export function proposeAims(findings: Findings): ProposedAim[] {
  if (findings.diagnostics.readings === 0) return [];
  const aims = new Map<string, ProposedAim>();
  const put = (aim: ProposedAim) => {
    const key = `${aim.group}/${aim.side}`;
    const old = aims.get(key);
    if (!old || old.weight < aim.weight) aims.set(key, aim);
  };
  const of = (group: GroupId, side: Side) => findings.structures.find((s) => s.structure === group && s.side === side);

  for (const s of findings.structures)
    if (isMuscleGroup(s.structure) && s.shortProbability > SHORT)
      put({
        kind: 'lengthen',
        group: s.structure,
        side: s.side,
        weight: round(s.shortProbability),
        reason: { kind: 'short', probability: s.shortProbability },
      });

  for (const m of findings.movements) {
    const top = m.limiters[0];
    if (m.band < LIMITED && top && top.probability >= LIKELY && isMuscleGroup(top.structure))
      put({
        kind: 'lengthen',
        group: top.structure,
        side: m.side,
        weight: round(0.7 * top.probability),
        reason: { kind: 'limits', movement: m.movement, probability: top.probability, band: m.band },
      });
  }

  // Only groups that a reading really spoke about may be compared between the sides.
  const named = new Set(
    findings.movements.flatMap((m) => (m.limiters[0]?.probability >= LIKELY ? [m.limiters[0].structure] : [])),
  );
  for (const group of named) {
    if (!isMuscleGroup(group)) continue;
    const left = of(group, 'left'),
      right = of(group, 'right');
    if (!left || !right) continue;
    const gap = left.tolerance.mean - right.tolerance.mean;
    if (Math.abs(gap) > GAP)
      put({
        kind: 'lengthen',
        group,
        side: gap < 0 ? 'left' : 'right',
        weight: 0.5,
        reason: { kind: 'side-gap', gap: Math.abs(gap) },
      });
  }

  if (![...aims.values()].some((a) => a.kind === 'lengthen')) {
    const least = findings.structures
      .filter((s) => named.has(s.structure) && isMuscleGroup(s.structure))
      .sort((a, b) => a.z - b.z)[0];
    if (least)
      for (const side of SIDES)
        put({ kind: 'lengthen', group: least.structure, side, weight: 0.3, reason: { kind: 'least', z: least.z } });
  }

  for (const a of [...aims.values()])
    if (a.kind === 'lengthen' && (a.group === 'deep-hip-flexor' || a.group === 'rectus-femoris'))
      put({
        kind: 'strengthen',
        group: 'gluteus-maximus',
        side: a.side,
        weight: 0.4,
        reason: { kind: 'opposes', group: a.group },
      });

  for (const s of findings.structures)
    if (isMuscleGroup(s.structure) && s.z > MOBILE && !aims.has(`${s.structure}/${s.side}`))
      put({ kind: 'leave', group: s.structure, side: s.side, weight: 0.5, reason: { kind: 'very-mobile', z: s.z } });

  return [...aims.values()].sort((a, b) => b.weight - a.weight || (a.group + a.side < b.group + b.side ? -1 : 1));
}

const round = (v: number) => Math.round(Math.min(1, v) * 100) / 100;
