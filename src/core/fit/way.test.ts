import { describe, expect, it } from 'vitest';
import { buildOf } from '@/core/body';
import { summariseStrength } from '@/core/inference';
import { LIBRARY, shapeById, type Shape } from '@/core/poses';
import { BATTERY } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import { compensationsOf } from './compensate';
import { fitRung } from './fit';
import { TYPICAL } from './typical';
import { FIRST_PULL, sdAt } from '@/core/body';
import { capacityOf, COMFORT, comfortOf, enoughOf, USUAL_WAY, wayFor } from './way';

const BUILD = buildOf({ height_cm: 170, mass_kg: 65 });
const shape = (id: string): Shape => {
  const found = shapeById(id);
  if (!found) throw new Error(`no ${id}`);
  return found;
};
/** A test of strength in N·m/kg. */
const [PUSH] = BATTERY.flatMap((t) =>
  t.kind === 'strength' ? t.readouts.filter((r) => r.unit === 'Nm_kg').map((r) => ({ test: t.id, readout: r.id })) : [],
);
const push = (value: number, more: Partial<Reading> = {}): Reading => ({
  id: `r${value}`,
  student: 's',
  test: PUSH.test,
  readout: PUSH.readout,
  unit: 'Nm_kg',
  side: 'left',
  trials: [value],
  takenAt: '2026-01-01T00:00:00.000Z',
  ...more,
});

describe('how far a comfortable hold goes', () => {
  it('is milder with a nerve-like pull, milder still with both hints, and never deeper than usual', () => {
    expect(wayFor([], []).share).toBe(COMFORT.usual);
    expect(wayFor([{ kind: 'nerve' }], []).share).toBe(COMFORT.nerve);
    expect(wayFor([{ kind: 'mobile' }], []).share).toBe(COMFORT.mobile);
    expect(wayFor([{ kind: 'mobile' }, { kind: 'nerve' }], [])).toMatchObject({
      share: COMFORT.nerve,
      why: ['nerve', 'mobile'],
    });
    expect(wayFor([{ kind: 'balance' }], []).why).toEqual([]);
    expect(wayFor([{ kind: 'nerve' }], [], { ...COMFORT, usual: 0.5 }).share).toBe(0.5);
  });
  it('long holds are milder, pulses are not', () => {
    expect(comfortOf({ hold: [120, 300], kind: 'stretch' }, USUAL_WAY)).toBe(COMFORT.long);
    expect(comfortOf({ hold: [20, 300], kind: 'stretch' }, USUAL_WAY)).toBe(COMFORT.usual);
    expect(comfortOf({ hold: [3, 8], kind: 'mobility' }, USUAL_WAY)).toBe(COMFORT.usual);
  });
  it('a smaller share never goes deeper, in any shape of the library', () => {
    const mild = { ...USUAL_WAY, share: 0.6, longShare: 0.6 };
    for (const s of LIBRARY)
      s.rungs.forEach((_, i) => {
        const usual = fitRung({ shape: s, rung: i + 1, side: 'right' }, { posterior: TYPICAL, build: BUILD }).depth;
        expect(
          fitRung({ shape: s, rung: i + 1, side: 'right' }, { posterior: TYPICAL, build: BUILD }, mild).depth,
        ).toBeLessThanOrEqual(usual + 1e-9);
      });
  });
  it('a share that a caution or a sign leaves is kept clear of the end on the long scale, in every element', () => {
    const rung = { hold: [20, 60], kind: 'stretch' } as const;
    const usual = enoughOf(rung, USUAL_WAY),
      cautious = enoughOf(rung, USUAL_WAY, 0.65),
      mobile = enoughOf(rung, wayFor([{ kind: 'mobile' }], []));
    usual.forEach((sd, e) => {
      expect(sd).toBeCloseTo(sdAt(e, COMFORT.usual), 9);
      expect(cautious[e]).toBeLessThanOrEqual(-0.35 * FIRST_PULL + 1e-9);
      expect(mobile[e]).toBeLessThanOrEqual(-(1 - COMFORT.mobile) * FIRST_PULL + 1e-9);
    });
    // The muscle that is taut soonest is the one that would have come near to its end.
    expect(Math.max(...usual.map((_, e) => sdAt(e, 0.65)))).toBeGreaterThan(-1);
  });
  it('a freedom must give more where the share is smaller', () => {
    const pairs = LIBRARY.flatMap((s) =>
      s.rungs.flatMap((rung) => {
        const need = (share: number) =>
          compensationsOf(rung, 'right', TYPICAL, BUILD, { ...USUAL_WAY, share, longShare: share });
        const deep = need(0.9);
        return need(0.6).map((c, k) => [c.degrees, deep[k].degrees] as const);
      }),
    ).filter((p): p is readonly [number, number] => p[0] !== null && p[1] !== null);
    expect(pairs.length).toBeGreaterThan(10);
    for (const [mild, deep] of pairs) expect(mild).toBeGreaterThanOrEqual(deep);
    expect(pairs.filter(([mild, deep]) => mild > deep).length).toBeGreaterThan(pairs.length / 2);
  });
});

describe('measured strength', () => {
  const found = (readings: Reading[]) => capacityOf(summariseStrength(readings, { sexForNorms: 'female', age: 30 }));
  const [known] = summariseStrength([push(1)], { sexForNorms: 'female', age: 30 });

  it('counts as a share of the usual, on its own side, within limits', () => {
    const mean = known.norm?.mean ?? NaN;
    const muscle = known.muscles[0];
    expect(found([push(mean / 2)])?.[muscle]).toEqual({ left: 0.5, right: 1 });
    expect(found([push(mean * 5)])?.[muscle].left).toBe(1.7);
    expect(found([push(mean / 50)])?.[muscle].left).toBe(0.35);
  });
  it('nothing measured, or a push that hurt, changes nothing', () => {
    expect(found([])).toBeUndefined();
    expect(found([push(0.4, { pain: true })])).toBeUndefined();
  });
  it('half the strength works nearly twice as hard', () => {
    const [id, structure] = ['chair-pose', 'vasti'] as const;
    const work = (capacity?: number) =>
      fitRung(
        { shape: shape(id), rung: 2, side: 'right' },
        { posterior: TYPICAL, build: BUILD },
        { ...USUAL_WAY, ...(capacity && { capacity: { [structure]: { left: capacity, right: capacity } } }) },
      ).work.find((w) => w.structure === structure)?.load ?? 0;
    expect(work(0.5) / work()).toBeGreaterThan(1.5);
    expect(work(0.5) / work()).toBeLessThan(2.2);
  });
});
