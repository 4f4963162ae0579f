import { isMuscleGroup, type GroupId, type Side } from '@/core/body';
import type { AimKind } from '@/core/students/student';
import type { AimReason, Avoid, School } from './proposed';

/** An aim that is being thought about. */
export interface Draft {
  kind: AimKind;
  weight: number;
  reasons: AimReason[];
  avoid: Avoid[];
  school: School | null;
}

const keyOf = (group: GroupId, side: Side): string => `${group}/${side}`;
const round = (v: number) => Math.round(Math.min(1, v) * 100) / 100;

/** Drafts by muscle group and side, in the order in which they came up. */
export class Drafts {
  private readonly all = new Map<string, Draft>();

  get(group: GroupId, side: Side): Draft | undefined {
    return this.all.get(keyOf(group, side));
  }

  /** As they are now: what is wanted while they are gone through does not join them. */
  entries(): [GroupId, Side, Draft][] {
    return [...this.all].map(([key, draft]) => [...(key.split('/') as [GroupId, Side]), draft]);
  }

  /** Adds a wish; to lengthen and to strengthen the same becomes both. What is no muscle is nobody's aim. */
  want(group: GroupId, side: Side, kind: AimKind, weight: number, reason: AimReason): void {
    if (!isMuscleGroup(group)) return;
    const old = this.get(group, side);
    if (!old) {
      const draft: Draft = { kind, weight: round(weight), reasons: [reason], avoid: [], school: null };
      this.all.set(keyOf(group, side), draft);
      return;
    }
    if (old.kind !== kind && old.kind !== 'both') old.kind = 'both';
    if (weight > old.weight) old.reasons.unshift(reason);
    else old.reasons.push(reason);
    old.weight = Math.max(old.weight, round(weight));
  }
}

/** Turns a draft into another kind of aim. */
export function become(d: Draft, kind: AimKind, reason: AimReason, avoid?: Avoid): void {
  d.kind = kind;
  d.reasons.push(reason);
  if (avoid) d.avoid.push(avoid);
}
