import { flowCost, orderPhase, stepCost, type Placed } from './order';
import { risingPath } from './rising';
import { STATIONS, type Station } from './stations';
import { styleOf, type StyleId } from './styles';
import { counters, needsCounter, needsPreparation, preparersOf, preparesBefore, type PracticeUnit } from './units';

/** Phases between settling and rest, in the order of each style. */
const BETWEEN = ['warm', 'approach', 'deepest', 'counter'] as const;
type Between = (typeof BETWEEN)[number];

/** Phases that a unit would best be told as, the best first. */
function wishes(unit: PracticeUnit, share: number, style: StyleId): readonly Between[] {
  if (unit.neutral || unit.kind === 'rest') return ['counter', 'approach', 'deepest', 'warm'];
  if (unit.kind === 'mobility') return ['warm', 'approach', 'counter', 'deepest'];
  if (styleOf(style).first === 'work')
    return unit.kind === 'strength'
      ? ['approach', 'warm', 'deepest', 'counter']
      : ['deepest', 'approach', 'counter', 'warm'];
  if (unit.kind === 'strength') return ['approach', 'warm', 'deepest', 'counter'];
  if (share < 0.3) return ['warm', 'approach', 'deepest', 'counter'];
  return share < 0.65 ? ['approach', 'warm', 'deepest', 'counter'] : ['deepest', 'approach', 'counter', 'warm'];
}

/** Chosen units in the order in which they are taught, station after station, and what each part of the practice is. */
export function placed(units: readonly PracticeUnit[], style: StyleId): { order: Placed[]; exact: boolean } {
  let exact = true;
  const order: PracticeUnit[] = [];
  const parts = partsOf(units);
  parts.forEach((part, i) => {
    const here = orderPhase(
      part,
      order.at(-1) ?? null,
      i === parts.length - 1,
      order,
      styleOf(style).flows ? flowCost : stepCost,
    );
    exact &&= here.exact;
    order.push(...here.order);
  });
  const ready = rounded(prepared(order));
  return { order: phased(ready, style), exact };
}

/**
 * Units by station; a peak comes last with all that stands on its ground. What brings the body to the middle again,
 * lying, ends all.
 */
function partsOf(units: readonly PracticeUnit[]): PracticeUnit[][] {
  const peaks = units.filter((u) => u.peak);
  const ends = (u: PracticeUnit) =>
    !u.peak && (u.neutral ? peaks.length > 0 || u.station === 'lying' : peaks.length > 0 && endsAfter(u, peaks));
  const withPeak = (u: PracticeUnit) => peaks.some((p) => p.station === u.station) && !ends(u);
  const parts = STATIONS.map((s) => units.filter((u) => u.station === s && !withPeak(u) && !ends(u)));
  return [...parts, units.filter(withPeak), units.filter(ends)].filter((part) => part.length > 0);
}
/** True for what rounds an arched peak again. */
const endsAfter = (u: PracticeUnit, peaks: readonly PracticeUnit[]): boolean =>
  peaks.some(needsCounter) && counters(u) && !needsCounter(u) && u.rung.level === 1;

/** Nothing deep before what makes it ready: what stands too late for that comes before it. */
function prepared(order: readonly PracticeUnit[]): PracticeUnit[] {
  const out = [...order];
  let turns = 0;
  for (let i = 0; i < out.length; i++) {
    const before = out.slice(0, i);
    const milder = out.findIndex(
      (m, j) => j > i && m.shape.id === out[i].shape.id && m.number < out[i].number && !m.peak,
    );
    const ready = before.filter((m) => preparesBefore(m, out[i])).length;
    const late =
      milder < 0 && needsPreparation(out[i]) && ready < preparersOf(out[i])
        ? out.findIndex((m, j) => j > i && !m.peak && preparesBefore(m, out[i]))
        : milder;
    if (late < 0) continue;
    const [moved] = out.splice(late, 1);
    out.splice(i, 0, moved);
    // What has come forward may itself ask for something before it, and what it makes ready is looked at again.
    if (++turns < out.length * out.length) i--;
  }
  return out;
}

/** Items after an arch within which it is rounded again. */
const SOON = 2;

/** An arch is rounded soon after, where something on the same ground can do it. */
function rounded(order: readonly PracticeUnit[]): PracticeUnit[] {
  const out = [...order];
  for (let i = 0; i < out.length; i++) {
    if (!needsCounter(out[i]) || out[i + 1]?.peak) continue;
    const rounds = (u: PracticeUnit | undefined) => u !== undefined && counters(u) && !needsCounter(u);
    if (out.slice(i + 1, i + 1 + SOON).some(rounds)) continue;
    const later = out.findIndex((u, j) => j > i && rounds(u) && !u.peak && near(u, out[i]));
    if (later < 0) continue;
    const [moved] = out.splice(later, 1);
    // Further arches on the same ground come first: one counter is for all of them.
    let at = i + 1;
    while (at < out.length && needsCounter(out[at]) && out[at].ground === out[i].ground && at <= i + SOON - 1) at++;
    out.splice(at, 0, moved);
  }
  return out;
}
const near = (a: PracticeUnit, b: PracticeUnit): boolean =>
  a.ground === b.ground ||
  (a.ground === 'kneeling' && b.ground === 'front') ||
  (a.ground === 'lying' && b.ground === 'lying');

/** Phases along an order, none before the one before it, as near to what each unit would best be as can be. */
function phased(order: readonly PracticeUnit[], style: StyleId): Placed[] {
  const mildFirst = [...order].sort((a, b) => a.intensity - b.intensity || (a.key < b.key ? -1 : 1));
  const peak = order.findLastIndex((u) => u.peak);
  const costs = order.map((unit, i) => {
    // The deepest stretches are the deepest of the stretches, however hard the work beside them is.
    const alike = mildFirst.filter((u) => (u.kind === 'strength') === (unit.kind === 'strength'));
    const share = alike.length > 1 ? alike.indexOf(unit) / (alike.length - 1) : 0.5;
    const wished = unit.peak ? (['deepest', 'counter', 'approach', 'warm'] as const) : wishes(unit, share, style);
    // Whatever still comes after the peak is there to round it.
    if (i > peak && peak >= 0) return BETWEEN.map((p) => (p === 'counter' ? 0 : NEVER));
    const usual = unit.neutral ? BETWEEN.indexOf('counter') : PART_OF[unit.station];
    return BETWEEN.map(
      (p, at) => OF_THE_UNIT * wished.indexOf(p) + Math.abs(at - usual) + (unit.phases.includes(p) ? 0 : NOT_ITS_OWN),
    );
  });
  const phases = risingPath(costs);
  return order.map((unit, i) => ({ unit, phase: BETWEEN[phases[i]] }));
}
/** What a phase costs that a rung is not meant for, and how much its own kind counts beside where it stands. */
const NOT_ITS_OWN = 1.2;
const NEVER = 1000;
const OF_THE_UNIT = 0.6;
/** What each station usually is, as a place in `BETWEEN`. */
const PART_OF: Readonly<Record<Station, number>> = {
  wake: 0,
  fours: 0,
  chair: 1,
  standing: 1,
  kneeling: 2,
  seated: 2,
  lying: 2,
};
