import { describe, expect, it } from 'vitest';
import { BATTERIES, fewestTurns, turnsOf } from './batteries';
import { BATTERY } from './battery';
import type { TestDefinition } from './definition';
import { amount } from '@/core/how-much.fixtures';

/** Every order of a list. */
function orders<T>(list: readonly T[]): T[][] {
  if (list.length < 2) return [[...list]];
  return list.flatMap((x, i) => orders([...list.slice(0, i), ...list.slice(i + 1)]).map((rest) => [x, ...rest]));
}

describe('the order of tests', () => {
  it('asks for as few turns as the best of all orders, for any choice of tests', () => {
    let state = 99;
    const random = () => (state = (state * 16807) % 2147483647) / 2147483647;
    for (let round = 0; round < amount(4, 40); round++) {
      const some = BATTERY.filter(() => random() < 0.5).slice(0, 8);
      const least = Math.min(...orders(some).map(turnsOf));
      expect(turnsOf(fewestTurns(some))).toBe(some.length === 0 ? turnsOf([]) : least);
    }
  });
  it('asks for as few turns as the best of all orders, for every set of positions there is', () => {
    const one = [...new Set(BATTERY.map((t) => t.position))].map((p) => BATTERY.filter((t) => t.position === p)[0]);
    for (let set = 1; set < 1 << one.length; set++) {
      const some = one.filter((_, i) => set & (1 << i));
      expect(turnsOf(fewestTurns(some))).toBe(Math.min(...orders(some).map(turnsOf)));
    }
  });
  it('gains nothing by tearing tests of one position apart: nine tests, all 362,880 orders', () => {
    const nine = ['table edge', 'on the back', 'on the front', 'sitting', 'standing'].flatMap((p, i) =>
      BATTERY.filter((t) => t.position === p && t.kind !== 'strength').slice(0, i === 0 ? 1 : 2),
    );
    expect(nine).toHaveLength(9);
    let least = Infinity;
    const walk = (last: number, left: number, sum: number) => {
      if (left === 0) least = Math.min(least, sum);
      for (let i = 0; i < 9; i++)
        if (left & (1 << i)) walk(i, left & ~(1 << i), sum + (last < 0 ? 0 : turnsOf([nine[last], nine[i]])));
    };
    walk(-1, (1 << 9) - 1, 0);
    expect(turnsOf(fewestTurns(nine))).toBe(least);
  });
  it('keeps every test once', () => {
    const order = fewestTurns(BATTERY);
    expect([...order].sort((a, b) => (a.id < b.id ? -1 : 1))).toEqual(
      [...BATTERY].sort((a, b) => (a.id < b.id ? -1 : 1)),
    );
    expect(fewestTurns([])).toEqual([]);
    expect(fewestTurns([BATTERY[3]])).toEqual([BATTERY[3]]);
  });
  it('goes on in the order given where nothing is gained', () => {
    const ids = (tests: readonly TestDefinition[]) => tests.map((t) => t.id);
    expect(ids(BATTERIES[0].tests)).toEqual([
      'modified-thomas',
      'straight-leg-raise',
      'knee-extension-90-90',
      'prone-knee-bend',
      'prone-hip-rotation',
    ]);
  });
  it('turns over far less than the list as it was typed', () => {
    const length = BATTERY.filter((t) => t.kind !== 'strength');
    expect(turnsOf(BATTERIES[1].tests)).toBeLessThan(turnsOf([...length].sort((a, b) => (a.id < b.id ? -1 : 1))));
    expect(BATTERIES[1].tests).toHaveLength(length.length);
  });
  it('keeps holds that tire for the end of a strength session', () => {
    const { tests } = BATTERIES[2];
    const tiring = tests.map((t) => t.effort === 'tiring');
    expect(tiring.lastIndexOf(false)).toBeLessThan(tiring.indexOf(true));
    expect(tests).toHaveLength(BATTERY.length - BATTERIES[1].tests.length);
  });
  it('begins where the student lies now, when told', () => {
    const some = BATTERY.filter((t) => ['knee-to-wall', 'straight-leg-raise', 'prone-knee-bend'].includes(t.id));
    expect(fewestTurns(some, 'standing')[0].position).toBe('standing');
    expect(fewestTurns(some, 'on the front')[0].position).toBe('on the front');
  });
});
