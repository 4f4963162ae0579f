import type { Phase } from '@/core/poses';
import { orderPhase, type Placed } from './order';
import type { Arc } from './request';
import { counters, needsCounter, needsPreparation, prepares, type Unit } from './units';

/** Phases between settling and rest, in the order of each way of building. */
const BETWEEN = ['warm', 'approach', 'deepest', 'counter'] as const;
type Between = (typeof BETWEEN)[number];
const rank = (p: Phase): number => BETWEEN.indexOf(p as Between);

/** Phases that a unit would best stand in, the best first. */
function wishes(unit: Unit, share: number, arc: Arc, arched: boolean): readonly Between[] {
  if (arched && counters(unit) && !needsCounter(unit) && unit.rung.level === 1)
    return ['counter', 'approach', 'warm', 'deepest'];
  if (unit.kind === 'mobility') return ['warm', 'approach', 'counter', 'deepest'];
  if (arc === 'strength')
    return unit.kind === 'strength'
      ? ['approach', 'warm', 'deepest', 'counter']
      : ['deepest', 'approach', 'counter', 'warm'];
  if (unit.kind === 'strength') return ['approach', 'warm', 'deepest', 'counter'];
  if (share < 0.3) return ['warm', 'approach', 'deepest', 'counter'];
  return share < 0.65 ? ['approach', 'warm', 'deepest', 'counter'] : ['deepest', 'approach', 'counter', 'warm'];
}

/** Chosen units with their phases, in the order in which they are taught. */
export function placed(units: readonly Unit[], arc: Arc): { order: Placed[]; exact: boolean } {
  const mildFirst = [...units].sort((a, b) => a.intensity - b.intensity || (a.key < b.key ? -1 : 1));
  const arched = units.some(needsCounter);
  const phaseOf = new Map<Unit, Between>();
  // The deepest stretches are the deepest of the stretches, however hard the work beside them is.
  const work = (u: Unit) => u.kind === 'strength';
  mildFirst.forEach((unit) => {
    const alike = mildFirst.filter((u) => work(u) === work(unit));
    const share = alike.length > 1 ? alike.indexOf(unit) / (alike.length - 1) : 0.5;
    const allowed = wishes(unit, share, arc, arched);
    phaseOf.set(unit, allowed.find((p) => unit.phases.includes(p)) ?? 'approach');
  });
  // Nothing stands in an earlier phase than what prepares it, nor a counter before what it counters. Milder rungs first: a deeper rung of
  // a shape may be the less intense one, and follows wherever the milder had to go.
  const byRung = [...mildFirst].sort((a, b) => a.number - b.number);
  for (const unit of byRung) {
    if (needsPreparation(unit)) {
      const helpers = units.filter((m) => prepares(m, unit)).map((m) => rank(phaseOf.get(m) ?? 'warm'));
      if (helpers.length > 0) later(unit, Math.min(...helpers), phaseOf);
    }
    const sameShape = units.filter((m) => m.shape.id === unit.shape.id && m.number < unit.number);
    for (const m of sameShape) later(unit, rank(phaseOf.get(m) ?? 'warm'), phaseOf);
  }
  for (const peak of units.filter((u) => u.peak)) phaseOf.set(peak, 'deepest');
  for (const bend of units.filter(needsCounter))
    for (const c of units.filter((u) => counters(u) && !needsCounter(u)))
      later(c, rank(phaseOf.get(bend) ?? 'warm'), phaseOf);
  const order: Placed[] = [];
  let exact = true;
  const used = BETWEEN.filter((p) => units.some((u) => phaseOf.get(u) === p));
  used.forEach((phase, i) => {
    const here = orderPhase(
      units.filter((u) => phaseOf.get(u) === phase),
      order.at(-1)?.unit ?? null,
      i === used.length - 1,
    );
    exact &&= here.exact;
    order.push(...here.order.map((unit) => ({ unit, phase })));
  });
  return { order, exact };
}

function later(unit: Unit, than: number, phaseOf: Map<Unit, Between>): void {
  if (rank(phaseOf.get(unit) ?? 'warm') < than) phaseOf.set(unit, BETWEEN[than]);
}
