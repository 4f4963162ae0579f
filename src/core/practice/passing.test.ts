import { describe, expect, it } from 'vitest';
import { unknownCaution } from '@/core/cautions/catalogue';
import { DEMAND_IDS, FROM_BELOW, type Demand } from '@/core/cautions/demands';
import { closes, shortens, stopsAt, type Rule } from '@/core/cautions/rules';
import type { Screening } from '@/core/cautions/screen';
import { MOVES, type Passage } from './moves';
import { shutBy, type Shut } from './passing';
import { BASES, type Base } from './stance';

const under = (rules: readonly Rule[], side?: 'left' | 'right'): Screening => ({
  level: 'adapt',
  stopped: false,
  hurt: [],
  cautions: [{ ...unknownCaution('made-up'), level: 'adapt', rules, ...(side && { side }) }],
});
const at = (base: Base, lead: 'left' | 'right' | null = null) => ({ base, lead });
const passes = (shut: Shut, passage: Passage): boolean => {
  const move = MOVES.find((m) => m.through === passage);
  if (!move) throw new Error(passage);
  return !shut.move(move, null);
};

/** What a teacher would say each place asks of whoever passes it, with a number that it goes beyond. */
const PLACES: readonly (readonly [Base, Demand, number])[] = [
  ['back', 'lying-on-back', 0],
  ['side', 'outer-hip-pressed', 16],
  ['front', 'lying-on-front', 0],
  ['fours', 'weight-on-hands', 0],
  ['fours', 'kneeling', 0],
  ['fours', 'knee-bend', 80],
  ['plank', 'weight-on-hands', 0],
  ['plank', 'strong-work', 1],
  ['dog', 'weight-on-hands', 0],
  ['dog', 'head-low', 4],
  ['kneel', 'kneeling', 0],
  ['kneel', 'knee-bend', 80],
  ['lunge', 'kneeling', 0],
  ['lunge', 'knee-bend', 80],
  ['lunge', 'hip-bend', 80],
  ['split', 'knee-bend-loaded', 40],
  ['wide', 'wide', 30],
  ['one', 'one-leg', 0],
  ['one', 'balance-alone', 0],
];
const PASSED: readonly (readonly [Passage, Demand, number])[] = [
  ['fold', 'weight-on-hands', 0],
  ['fold', 'head-low', 4],
  ['fold', 'low-back-rounding', 25],
  ['fold', 'hip-bend', 90],
  ['fold', 'back-of-leg', 60],
  ['roll-up', 'head-low', 4],
  ['roll-up', 'low-back-rounding', 25],
  ['roll-up', 'chest-rounding', 15],
  ['roll-up', 'hip-bend', 90],
  ['squat', 'hip-bend', 110],
  ['squat', 'knee-bend', 130],
  ['squat', 'knee-bend-loaded', 130],
  ['squat', 'belly-pressed', 130],
  ['squat-on-hand', 'weight-on-hands', 0],
  ['squat-on-hand', 'hip-bend', 110],
  ['squat-on-hand', 'knee-bend', 130],
  ['squat-on-hand', 'knee-bend-loaded', 130],
  ['squat-on-hand', 'belly-pressed', 130],
  ['step', 'kneeling', 0],
  ['step', 'hip-bend', 80],
  ['step', 'knee-bend', 80],
  ['foot-by-hands', 'hip-bend', 110],
  ['foot-by-hands', 'low-back-rounding', 20],
  ['foot-by-hands', 'belly-pressed', 145],
  ['lunge-by-hands', 'kneeling', 0],
  ['lunge-by-hands', 'hip-bend', 110],
  ['lunge-by-hands', 'low-back-rounding', 20],
  ['lunge-by-hands', 'belly-pressed', 145],
  ['over-hands', 'weight-on-hands', 0],
  ['over-hands', 'kneeling', 0],
  ['over-hands', 'knee-bend', 80],
];

describe('what a way asks in passing', () => {
  it.each(PLACES)('%s: %s beyond %d', (base, demand, over) => {
    expect(shutBy(under([closes(demand, over)])).place(at(base))).toBe(true);
  });

  it.each(PASSED)('by %s: %s beyond %d', (passage, demand, over) => {
    expect(passes(shutBy(under([closes(demand, over)])), passage)).toBe(false);
  });

  it('asks nothing else: nobody stays there', () => {
    for (const demand of DEMAND_IDS) {
      // From far below nought on everything asks it; that much is no limit of anybody.
      const shut = shutBy(under([closes(demand, FROM_BELOW.has(demand) ? -40 : 0)]));
      for (const base of BASES)
        if (!PLACES.some(([b, d]) => b === base && d === demand))
          expect(shut.place(at(base)), `${base}: ${demand}`).toBe(false);
    }
  });

  it('is held against what closes, not against how far or how long something may be held', () => {
    for (const rule of [stopsAt('kneeling', 0), stopsAt('knee-bend', 0), shortens(5, 'kneeling', 0)])
      expect(shutBy(under([rule])).key).toBe('');
    expect(shutBy(under([closes('kneeling')])).place(at('kneel'))).toBe(true);
  });

  it('tells the sides apart: the knee that is down, the foot that comes forward, either hand', () => {
    const knee = shutBy(under([closes('kneeling')], 'left'));
    expect([knee.place(at('lunge', 'left')), knee.place(at('lunge', 'right')), knee.place(at('kneel'))]).toEqual([
      false,
      true,
      true,
    ]);
    const hip = shutBy(under([closes('hip-bend', 110)], 'left'));
    const step = MOVES.find((m) => m.from === 'fours' && m.to === 'lunge');
    const rise = MOVES.find((m) => m.from === 'fours' && m.to === 'stand');
    if (!step || !rise) throw new Error('no such moves');
    // Whose foot it is has not been said: then it may be the sore one.
    expect([hip.move(step, 'left'), hip.move(step, 'right'), hip.move(rise, null)]).toEqual([true, false, true]);
    const hand = under([closes('weight-on-hands')], 'left'),
      other = under([closes('weight-on-hands')], 'right');
    expect(passes(shutBy(hand), 'squat-on-hand')).toBe(true);
    // Told of one and of the other, each for itself.
    const both = { ...hand, cautions: [...hand.cautions, ...other.cautions] };
    expect(passes(shutBy(both), 'squat-on-hand')).toBe(false);
  });
});
