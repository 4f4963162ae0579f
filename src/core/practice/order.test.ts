import { describe, expect, it } from 'vitest';
import { amount } from '@/core/how-much.fixtures';
import { Random } from '@/core/inference/random';
import { EXACT, mustPrecede, orderCost, orderPhase, stepCost } from './order';
import { placed } from './phases';
import { requestOf } from './request';
import { POSES } from './practices.fixtures';
import { unitsFor, type PracticeUnit } from './units';

const units = unitsFor(POSES, requestOf({ minutes: 30 }));
const random = new Random(17);
const pick = (n: number): PracticeUnit[] => {
  const pool = [...units];
  return Array.from({ length: n }, () => pool.splice(Math.floor(random.uniform() * pool.length), 1)[0]);
};
const permutations = <T>(list: readonly T[]): T[][] =>
  list.length <= 1
    ? [[...list]]
    : list.flatMap((x, i) => permutations(list.filter((_, k) => k !== i)).map((p) => [x, ...p]));

describe('the order of a phase', () => {
  it('is as good as the best of all orders, in fifty cases of two to seven units', () => {
    for (let k = 0; k < 50; k++) {
      const list = pick(2 + (k % 6));
      const best = Math.min(...permutations(list).map((p) => orderCost(p)));
      const found = orderPhase(list, null, true);
      expect(found.exact).toBe(true);
      expect(new Set(found.order)).toEqual(new Set(list));
      if (best < Infinity) expect(orderCost(found.order)).toBeCloseTo(best, 9);
    }
  });
  it('equals exhaustive search for eight units, and for nine in a full run', () => {
    const size = amount(8, 9);
    const list = pick(size);
    let best = Infinity;
    // Heap's algorithm, so that 362,880 orders need no memory.
    const p = [...list],
      c = new Array<number>(size).fill(0);
    best = Math.min(best, orderCost(p));
    for (let i = 0; i < size;) {
      if (c[i] < i) {
        const k = i % 2 === 0 ? 0 : c[i];
        [p[k], p[i]] = [p[i], p[k]];
        best = Math.min(best, orderCost(p));
        c[i]++;
        i = 0;
      } else c[i++] = 0;
    }
    expect(orderCost(orderPhase(list, null, true).order)).toBeCloseTo(best, 9);
  });
  it('beyond what is searched exactly it says so, loses nothing, and is no worse than mild before deep', () => {
    const list = pick(EXACT + 6);
    const found = orderPhase(list, null, true);
    expect(found.exact).toBe(false);
    expect(new Set(found.order)).toEqual(new Set(list));
    const naive = [...list].sort((a, b) => a.intensity - b.intensity);
    expect(orderCost(found.order)).toBeLessThanOrEqual(orderCost(naive) + 1e-9);
  });
  it('has milder work of the same muscles first, and on the front what is milder', () => {
    const of = (...keys: string[]) => keys.map((k) => units.find((u) => u.key === k) as PracticeUnit);
    const keys = (list: readonly PracticeUnit[]) => list.map((u) => u.key);
    for (const [mild, deep] of [
      ['bridge/1', 'single-leg-bridge/2'],
      ['locust-single/1', 'bow/1'],
      ['side-lift/1', 'clam/3'],
    ])
      expect(keys(orderPhase(of(deep, mild), null, true).order)).toEqual([mild, deep]);
  });
  it('is never asked for in a circle', () => {
    for (const station of new Set(units.map((u) => u.station))) {
      let left = units.filter((u) => u.station === station);
      while (left.length > 0) {
        const free = left.filter((u) => !left.some((v) => v !== u && mustPrecede(v, u)));
        expect(free.length, left.map((u) => u.key).join(' ')).toBeGreaterThan(0);
        left = left.filter((u) => !free.includes(u));
      }
    }
  });
  it('costs nothing to stay, something to turn over, more to stand up', () => {
    const at = (position: string) => {
      const u = units.find((x) => x.position === position && x.props.length === 0);
      if (!u) throw new Error(position);
      return u;
    };
    expect(stepCost(at('on the back'), at('on the back'))).toBe(0);
    expect(stepCost(at('on the back'), at('on the front'))).toBeGreaterThan(0);
    expect(stepCost(at('on the back'), at('standing'))).toBeGreaterThan(
      stepCost(at('on the back'), at('on the front')),
    );
  });
  it('in a whole practice nothing that must come before stands after', () => {
    for (let k = 0; k < 20; k++) {
      const { order } = placed(pick(4 + (k % 8)), 'build');
      order.forEach(({ unit }, i) => {
        for (const { unit: later } of order.slice(i + 1))
          if (unit.shape.id === later.shape.id) expect(mustPrecede(later, unit)).toBe(false);
      });
    }
  });
});
