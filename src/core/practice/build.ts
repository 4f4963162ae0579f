import type { Aim } from '@/core/people/student';
import { rungOf, type Phase } from '@/core/poses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import { PHASES, totalSeconds, TRANSITION, type PracticeItem } from './practice';

export interface Dose {
  aim: Aim;
  minutes: number;
  wanted: number;
}

export interface BuiltPractice {
  minutes: number;
  items: PracticeItem[];
  doses: Dose[];
  objective: number;
  /** No practice of this length can have a higher objective: every aim given its best pose all the time. Loose. */
  bound: number;
  gap: number;
  /** What could not be met, as facts. */
  missing: { aim: Aim }[];
}

export interface BuildOptions {
  minutes: number;
  breathSeconds: number;
}

interface Unit {
  sides: RankedPose[];
  pose: string;
  rung: number;
  seconds: number;
}

/** Worth from which an item is said to be there for an aim (our default): a stretch of 0.55 or a load of 0.25. */
const SERVES = 0.5;

export const aimKey = (aim: Pick<Aim, 'kind' | 'group' | 'side'>): string => `${aim.kind}:${aim.group}:${aim.side}`;

/** Keys of the aims that a fitted pose serves well enough to be the reason for it. */
export const servedBy = (r: RankedPose, aims: readonly Aim[]): string[] =>
  aims.filter((a) => a.kind !== 'leave' && worthFor(r, a).worth >= SERVES).map(aimKey);

/** Seconds of work wanted for an aim: its share by weight of the working time, at most 4 minutes (reference D1 ceiling). */
function wantedSeconds(aims: readonly Aim[], aim: Aim, work: number): number {
  const total = aims.reduce((s, a) => s + a.weight, 0) || 1;
  return Math.min(240, Math.max(30, (work * aim.weight) / total));
}

/** Utility of a dose with falling returns, 0–1. */
const utility = (seconds: number, wanted: number): number => 1 - Math.exp((-1.6 * seconds) / wanted);

/**
 * A practice that fills the minutes: greedily the unit (a rung with both its sides) with the most utility a second, then
 * mild before deep by phase and position, then holds stretched in whole breaths until the time is used. Poses that a
 * caution forbids or whose entry is out of reach are never taken. Same input, same practice.
 */
export function buildPractice(
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  options: BuildOptions,
): BuiltPractice {
  const breath = options.breathSeconds;
  const budget = options.minutes * 60;
  const settle = breathed(Math.min(120, Math.max(30, budget * 0.06)), breath);
  const rest = breathed(Math.min(300, Math.max(60, budget * 0.12)), breath);
  const work = budget - settle - rest - 2 * TRANSITION.shape;
  const active = aims.filter((a) => a.kind !== 'leave' && a.weight > 0);
  const wanted = new Map(active.map((a) => [aimKey(a), wantedSeconds(active, a, work)]));
  const doses = new Map(active.map((a) => [aimKey(a), 0]));
  const units = unitsOf(ranked, breath);
  const chosen: Unit[] = [];
  const touched = new Set<string>();
  let left = work;

  const gainOf = (unit: Unit): number => {
    let gain = 0;
    for (const aim of active) {
      const key = aimKey(aim),
        before = doses.get(key) ?? 0,
        target = wanted.get(key) ?? 1;
      const add = unit.sides.reduce((s, r) => s + worthFor(r, aim).worth * unit.seconds, 0);
      gain += aim.weight * (utility(before + add, target) - utility(before, target));
    }
    const strain =
      unit.sides.reduce((s, r) => s + r.costs.knee + r.costs.lowBack + r.costs.offAim + r.costs.leaveAlone, 0) /
      unit.sides.length;
    // Time left over goes to what has not been reached yet, never before an aim.
    const fresh = (rungOf(unit.pose, unit.rung)?.shape.reaches ?? []).filter((g) => !touched.has(g)).length;
    return gain + 0.02 * Math.min(2, fresh) - 0.15 * strain;
  };
  for (;;) {
    let best: Unit | null = null,
      bestRate = 0;
    for (const unit of units) {
      if (chosen.includes(unit) || spanOf(unit) > left) continue;
      // One rung of a shape is enough, unless the milder one prepares the deeper.
      if (chosen.some((c) => c.pose === unit.pose && c.rung > unit.rung)) continue;
      const rate = gainOf(unit) / spanOf(unit);
      if (rate > bestRate + 1e-12) {
        best = unit;
        bestRate = rate;
      }
    }
    if (!best) break;
    for (const aim of active) {
      const key = aimKey(aim),
        unit = best;
      doses.set(key, (doses.get(key) ?? 0) + unit.sides.reduce((s, r) => s + worthFor(r, aim).worth * unit.seconds, 0));
    }
    for (const g of rungOf(best.pose, best.rung)?.shape.reaches ?? []) touched.add(g);
    chosen.push(best);
    left -= spanOf(best);
  }

  const items: PracticeItem[] = [];
  const place = (phase: Phase, seconds: number) => {
    const rung = phase === 'settle' ? 1 : 2;
    const resting = ranked.find((r) => r.pose === 'resting-back' && r.rung === rung && r.cautions.length === 0);
    if (resting) items.push(itemOf(resting, phase, seconds, breath, [], items.length));
  };
  place('settle', settle);
  for (const { unit, phase } of ordered(chosen, active))
    for (const r of unit.sides) {
      items.push(itemOf(r, phase, unit.seconds, breath, servedBy(r, active), items.length));
    }
  place('rest', rest);
  const good = (list: readonly PracticeItem[]) =>
    dosesOf(list, active, ranked, wanted).reduce(
      (s, d) => s + d.aim.weight * utility(d.minutes * 60, d.wanted * 60),
      0,
    );
  fill(items, budget, breath, good);
  return { minutes: options.minutes, items, ...account(items, active, wanted, ranked, work) };
}

const spanOf = (unit: Unit): number =>
  unit.sides.length * unit.seconds + TRANSITION.shape + (unit.sides.length - 1) * TRANSITION.side;
const breathed = (seconds: number, breath: number): number => Math.max(1, Math.round(seconds / breath)) * breath;

/** Rungs with their sides together, hold between mild and full by the format's own bounds. */
function unitsOf(ranked: readonly RankedPose[], breath: number): Unit[] {
  const byRung = new Map<string, RankedPose[]>();
  for (const r of ranked) {
    if (r.cautions.length > 0 || r.beyondEntry || r.pose === 'resting-back') continue;
    const key = `${r.pose}/${r.rung}`;
    byRung.set(key, [...(byRung.get(key) ?? []), r]);
  }
  const out: Unit[] = [];
  for (const sides of byRung.values()) {
    const found = rungOf(sides[0].pose, sides[0].rung);
    // A sided rung that only one side may do is left out: the second side is never forgotten.
    if (!found || (found.shape.sided && sides.length < 2)) continue;
    const [least, most] = found.rung.hold;
    sides.sort((a, b) => (a.side < b.side ? 1 : -1)); // right first
    out.push({
      sides,
      pose: sides[0].pose,
      rung: sides[0].rung,
      seconds: breathed(Math.min(most, Math.max(least, 36)), breath),
    });
  }
  return out;
}

/** Phase and order: intensity decides the phase where the rung allows it, then position keeps changes few. */
function ordered(units: readonly Unit[], aims: readonly Aim[]): { unit: Unit; phase: Phase }[] {
  const intensity = (u: Unit) =>
    Math.max(...u.sides.map((r) => Math.max(r.depth, ...aims.map((a) => worthFor(r, a).worth)))) * (0.6 + 0.2 * u.rung);
  const sorted = [...units].sort((a, b) => intensity(a) - intensity(b) || (a.pose < b.pose ? -1 : 1));
  const withPhase = sorted.map((unit, i) => {
    const share = sorted.length > 1 ? i / (sorted.length - 1) : 0.5;
    const wish: Phase[] =
      share < 0.34
        ? ['warm', 'approach', 'deepest', 'counter']
        : share < 0.7
          ? ['approach', 'warm', 'deepest', 'counter']
          : ['deepest', 'approach', 'counter', 'warm'];
    const allowed = rungOf(unit.pose, unit.rung)?.rung.phases ?? [];
    return { unit, phase: wish.find((p) => allowed.includes(p)) ?? 'approach' };
  });
  const position = (u: Unit) => rungOf(u.pose, u.rung)?.shape.position ?? '';
  const order = ['on the back', 'on the front', 'all-fours', 'kneeling', 'standing', 'seated'];
  return withPhase.sort((a, b) => {
    const phase = PHASES.indexOf(a.phase) - PHASES.indexOf(b.phase);
    if (phase !== 0) return phase;
    const p = order.indexOf(position(a.unit)) - order.indexOf(position(b.unit));
    return p !== 0 ? p : a.unit.rung - b.unit.rung || (a.unit.pose < b.unit.pose ? -1 : 1);
  });
}

/** An item of a fitted pose. Ids only need to be unique in their practice. */
export function itemOf(
  r: RankedPose,
  phase: Phase,
  seconds: number,
  breath: number,
  because: string[],
  index: number,
): PracticeItem {
  const breaths = Math.max(1, Math.round(seconds / breath));
  return {
    id: `${r.pose}-${r.rung}-${r.side}-${index}`,
    pose: r.pose,
    rung: r.rung,
    side: r.side,
    holdSeconds: Math.max(3, breaths * breath),
    breaths,
    repeats: 1,
    phase,
    because,
  };
}

/**
 * Lengthens or shortens holds by whole breaths, both sides alike, until the time is met as nearly as breaths allow:
 * time is given where it does the aims most good and taken where it does them least, then where holds are shortest.
 */
function fill(items: PracticeItem[], budget: number, breath: number, good: (items: PracticeItem[]) => number): void {
  const groups = new Map<string, PracticeItem[]>();
  for (const item of items) {
    const key = item.phase === 'settle' || item.phase === 'rest' ? item.id : `${item.pose}/${item.rung}`;
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  const stretchBy = (group: readonly PracticeItem[], breaths: number) => {
    for (const item of group) {
      item.breaths += breaths;
      item.holdSeconds = item.breaths * breath;
    }
  };
  for (let round = 0; round < 400; round++) {
    const missing = budget - totalSeconds(items);
    const direction = Math.sign(missing);
    const before = good(items);
    let best: PracticeItem[] | null = null,
      bestRate = -Infinity;
    for (const group of groups.values()) {
      const [first] = group;
      const hold = first.phase === 'settle' ? [30, 150] : (rungOf(first.pose, first.rung)?.rung.hold ?? [10, 60]);
      const next = first.holdSeconds + direction * breath;
      if (next < Math.min(hold[0], first.holdSeconds) || next > hold[1] || next < breath) continue;
      if (group.length * breath > Math.abs(missing) + breath / 2) continue;
      stretchBy(group, direction);
      const rate = (good(items) - before) / group.length - 1e-5 * direction * first.holdSeconds;
      stretchBy(group, -direction);
      if (rate > bestRate + 1e-12) {
        best = group;
        bestRate = rate;
      }
    }
    if (direction === 0 || !best) return;
    stretchBy(best, direction);
  }
}

function account(
  items: readonly PracticeItem[],
  aims: readonly Aim[],
  wanted: Map<string, number>,
  ranked: readonly RankedPose[],
  work: number,
) {
  const doses = dosesOf(items, aims, ranked, wanted);
  let objective = 0,
    bound = 0;
  for (const d of doses) {
    const target = d.wanted * 60;
    const best = Math.max(
      0,
      ...ranked.filter((r) => r.cautions.length === 0 && !r.beyondEntry).map((r) => worthFor(r, d.aim).worth),
    );
    objective += d.aim.weight * utility(d.minutes * 60, target);
    bound += d.aim.weight * utility(best * work, target);
  }
  return {
    doses,
    objective,
    bound: Math.max(bound, objective),
    gap: bound > 0 ? Math.max(0, (bound - objective) / bound) : 0,
    missing: doses.filter((d) => d.minutes * 60 < 15).map((d) => ({ aim: d.aim })),
  };
}

/** Minutes of useful work per aim in any list of items, for the builder and for what the teacher changed by hand. */
export function dosesOf(
  items: readonly PracticeItem[],
  aims: readonly Aim[],
  ranked: readonly RankedPose[],
  wanted?: Map<string, number>,
): Dose[] {
  const active = aims.filter((a) => a.kind !== 'leave' && a.weight > 0);
  const work = items
    .filter((i) => i.phase !== 'settle' && i.phase !== 'rest')
    .reduce((s, i) => s + i.holdSeconds * i.repeats, 0);
  const byKey = new Map(ranked.map((r) => [`${r.pose}/${r.rung}/${r.side}`, r]));
  return active.map((aim) => {
    let seconds = 0;
    for (const item of items) {
      const r = byKey.get(`${item.pose}/${item.rung}/${item.side}`);
      if (r) seconds += worthFor(r, aim).worth * item.holdSeconds * item.repeats;
    }
    return { aim, minutes: seconds / 60, wanted: (wanted?.get(aimKey(aim)) ?? wantedSeconds(active, aim, work)) / 60 };
  });
}
