import { describe, expect, it } from 'vitest';
import { allShapes, isSided, rungOf } from '@/core/poses';
import { MOVES } from './moves';
import { BASES, stanceOf, type Base, type Stance } from './stance';
import { stepsBetween, wayTo, wayWords } from './transitions';

const RUNGS = allShapes().flatMap((shape) =>
  shape.rungs.map((rung, k) => ({ shape, rung, name: `${shape.id}/${k + 1}` })),
);
const stance = (pose: string, rung: number, side: 'left' | 'right' = 'right'): Stance => {
  const found = rungOf(pose, rung);
  if (!found) throw new Error(pose);
  return stanceOf(found.shape, found.rung, side);
};

describe('how a rung stands', () => {
  it.each([
    ['low-lunge', 1, 'lunge', 'left'],
    ['half-split', 1, 'lunge', 'right'],
    ['high-lunge', 2, 'split', 'left'],
    ['warrior-one', 2, 'split', 'left'],
    ['pyramid', 1, 'split', 'right'],
    ['warrior-two', 2, 'wide', 'right'],
    ['side-angle', 2, 'wide', 'right'],
    ['triangle', 2, 'wide', 'right'],
    ['lateral-lunge', 1, 'wide', 'left'],
    ['half-moon', 2, 'one', 'right'],
    ['tree', 3, 'one', 'left'],
    ['airplane', 3, 'one', 'left'],
    ['wide-fold', 1, 'wide', null],
    ['mountain', 1, 'stand', null],
    ['squat', 2, 'stand', null],
    ['dog', 2, 'dog', null],
    ['three-leg-dog', 1, 'dog', null],
    ['plank', 1, 'fours', null],
    ['plank', 3, 'plank', null],
    ['cat-cow', 1, 'fours', null],
    ['bird-dog', 2, 'fours', null],
    ['childs', 3, 'kneel', null],
    ['camel', 1, 'kneel', null],
    ['gate', 1, 'kneel', null],
    ['clam', 1, 'side', 'left'],
    ['resting-back', 1, 'back', null],
    ['cobra', 1, 'front', null],
  ] as const)('%s/%d on its right side: %s, %s', (pose, rung, base, lead) => {
    expect(stance(pose, rung)).toEqual({ base, lead });
  });

  it('changes its foot with its side, and nothing else', () => {
    for (const { shape, rung, name } of RUNGS) {
      const [right, left] = [stanceOf(shape, rung, 'right'), stanceOf(shape, rung, 'left')];
      expect(left.base, name).toBe(right.base);
      if (isSided(shape, rung)) expect(left.lead, name).toBe(right.lead && (right.lead === 'left' ? 'right' : 'left'));
    }
  });
});

describe('the way between two shapes', () => {
  const LEADS: Readonly<Partial<Record<Base, readonly Stance['lead'][]>>> = {
    side: ['left', 'right'],
    lunge: ['left', 'right'],
    split: ['left', 'right'],
    one: ['left', 'right'],
    wide: [null, 'left', 'right'],
  };
  const ALL: Stance[] = BASES.flatMap((base) => (LEADS[base] ?? [null]).map((lead) => ({ base, lead })));
  const UP = new Set<Base>(['stand', 'split', 'wide', 'one', 'dog']);
  const LOW = new Set<Base>(['back', 'front', 'side', 'seat']);

  it('leads from everywhere to everywhere in three moves at most, in sentences that are whole', () => {
    for (const from of ALL)
      for (const to of ALL) {
        const name = `${from.base} ${String(from.lead)} to ${to.base} ${String(to.lead)}`;
        const steps = stepsBetween(from, to);
        expect(steps, name).not.toBeNull();
        expect(steps?.length ?? 9, name).toBeLessThanOrEqual(3);
        const words = wayWords(from, to);
        expect(words === '', name).toBe(from.base === to.base && from.lead === to.lead);
        expect(words, name).not.toMatch(/[{}]|\.\.|undefined/);
        for (const sentence of words.split(/(?<=\.) /))
          expect(sentence.split(' ').length, name).toBeLessThanOrEqual(16);
      }
  });

  it('never rises from the floor but by hands and knees, or a knee and a foot', () => {
    for (const from of ALL.filter((s) => LOW.has(s.base)))
      for (const to of ALL.filter((s) => UP.has(s.base) && s.base !== 'dog')) {
        const bases = (stepsBetween(from, to) ?? []).map((s) => s.move.to);
        expect(
          bases.some((b) => b === 'fours' || b === 'kneel' || b === 'lunge'),
          `${from.base} to ${to.base}`,
        ).toBe(true);
      }
  });

  it('comes up from the back by way of a side, always', () => {
    for (const to of ALL.filter((s) => s.base !== 'back' && s.base !== 'front'))
      expect(wayWords({ base: 'back', lead: null }, to), to.base).toMatch(/\bside\b/);
  });

  it('is the least of all ways: no move of the list shortens one', () => {
    const effort = (a: Stance, b: Stance): number => (stepsBetween(a, b) ?? []).reduce((s, x) => s + x.move.effort, 0);
    for (const a of ALL)
      for (const b of ALL) for (const c of ALL) expect(effort(a, c)).toBeLessThanOrEqual(effort(a, b) + effort(b, c));
  });

  it('uses every move that is listed', () => {
    const used = new Set(ALL.flatMap((a) => ALL.flatMap((b) => (stepsBetween(a, b) ?? []).map((s) => s.move))));
    expect(MOVES.filter((m) => !used.has(m)).map((m) => `${m.from} to ${m.to}: ${m.words}`)).toEqual([]);
  });

  it('is told between items as a teacher would say it', () => {
    const way = (...items: [string, number, 'left' | 'right' | 'both'][]) =>
      wayTo(
        items.map(([pose, rung, side]) => ({ pose, rung, side })),
        items.length - 1,
      );
    expect(way(['dog', 2, 'both'], ['low-lunge', 2, 'right'])).toBe(
      'Step the left foot forward and lower the back knee.',
    );
    expect(way(['low-lunge', 2, 'right'], ['low-lunge', 2, 'left'])).toBe('Change feet.');
    expect(way(['warrior-two', 2, 'left'], ['triangle', 2, 'left'])).toBe('');
    expect(way(['resting-back', 1, 'both'], ['mountain', 1, 'both'])).toBe(
      'Roll to one side and press up to hands and knees. Then step one foot forward and rise, hands on the thigh.',
    );
    expect(way(['mountain', 1, 'both'])).toBe('');
    expect(wayTo([{ pose: 'mountain', rung: 1, side: 'both' }], 1)).toBe('');
    expect(way(['no-such-pose', 1, 'both'], ['mountain', 1, 'both'])).toBe('');
  });
});
