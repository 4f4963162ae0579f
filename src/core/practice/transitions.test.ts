import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { screen } from '@/core/cautions/screen';
import { allShapes, isSided, rungOf } from '@/core/poses';
import { MOVES, OWN_WAYS } from './moves';
import { NOTHING_SHUT, shutBy } from './passing';
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

const LEADS: Readonly<Partial<Record<Base, readonly Stance['lead'][]>>> = {
  side: ['left', 'right'],
  lunge: ['left', 'right'],
  split: ['left', 'right'],
  one: ['left', 'right'],
  wide: [null, 'left', 'right'],
};
const ALL: Stance[] = BASES.flatMap((base) => (LEADS[base] ?? [null]).map((lead) => ({ base, lead })));

const DAY = '2026-12-01';
/** Every caution alone, of one side where it has sides, and some of them together. */
const CAUTIONED = [
  ...CAUTIONS.filter((c) => c.rules !== 'all').flatMap((c) => [
    [{ caution: c.id }],
    ...(c.sided ? [[{ caution: c.id, side: 'left' as const }]] : []),
  ]),
  [{ caution: 'wrist-or-shoulder' }, { caution: 'knee-replacement' }],
  [
    { caution: 'wrist-or-shoulder', side: 'right' as const },
    { caution: 'knee-injury', side: 'left' as const },
  ],
  [{ caution: 'osteoporosis' }, { caution: 'hip-replacement' }, { caution: 'eye-pressure' }],
].map((told) => ({
  name: told.map((t) => [t.caution, 'side' in t ? t.side : ''].join(' ').trim()).join(' and '),
  screening: screen(told, DAY),
}));

describe('the way between two shapes', () => {
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

  it('uses every move that is listed, for somebody', () => {
    const used = new Set(
      [NOTHING_SHUT, ...CAUTIONED.map(({ screening }) => shutBy(screening))].flatMap((shut) =>
        ALL.flatMap((a) => ALL.flatMap((b) => (stepsBetween(a, b, shut) ?? []).map((s) => s.move))),
      ),
    );
    const unused = [...MOVES, ...OWN_WAYS].filter((m) => !used.has(m));
    expect(unused.map((m) => `${m.from} to ${m.to}: ${m.words}`)).toEqual([]);
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

describe('a way past what cautions shut', () => {
  const told = (caution: string, side?: 'left' | 'right') => shutBy(screen([{ caution, ...(side && { side }) }], DAY));
  const at = (base: Base, lead: Stance['lead'] = null): Stance => ({ base, lead });
  const words = (from: Stance, to: Stance, shut = NOTHING_SHUT): string => wayWords(from, to, undefined, shut);

  it.each(CAUTIONED)('leads everywhere and through nothing that is shut: $name', ({ screening }) => {
    const shut = shutBy(screening);
    const open = ALL.filter((s) => !shut.place(s));
    for (const from of open)
      for (const to of open) {
        const name = `${from.base} ${String(from.lead)} to ${to.base} ${String(to.lead)}`;
        const steps = stepsBetween(from, to, shut);
        expect(steps, name).not.toBeNull();
        let last = from;
        for (const { move, lead } of steps ?? []) {
          expect(shut.move(move, lead), `${name}: ${move.words}`).toBe(false);
          last = { base: move.to, lead: move.lead === 'none' ? null : lead };
          expect(shut.place(last), `${name}: ${move.words}`).toBe(false);
        }
        expect(last, name).toEqual(from.base === to.base && from.lead === to.lead ? from : to);
      }
  });

  it('is the usual one where nothing is in its way', () => {
    expect(shutBy(screen([], DAY))).toBe(NOTHING_SHUT);
    const neck = told('neck');
    for (const base of ['side', 'seat', 'fours', 'kneel'] as const)
      expect(words(at('back'), at(base, base === 'side' ? 'left' : null), neck)).toBe(
        words(at('back'), at(base, base === 'side' ? 'left' : null)),
      );
  });

  it('keeps sore hands off the floor, and sore knees', () => {
    const wrists = told('wrist-or-shoulder'),
      left = told('knee-injury', 'left'),
      knees = told('knee-injury');
    expect(words(at('back'), at('stand'))).toMatch(/hands and knees/);
    expect(words(at('back'), at('stand'), wrists)).toBe(
      'Roll to one side and press up to sit. Come over the legs on to the knees. ' +
        'Then step one foot forward and rise, hands on the thigh.',
    );
    expect(words(at('stand'), at('seat'), wrists)).toBe('Lower down to sit, holding a chair.');
    expect(words(at('seat'), at('stand'), left)).toBe(
      'Set the left foot down and come up on to the other knee. Then press into the front foot and rise.',
    );
    expect(words(at('stand'), at('seat'), left)).toMatch(/^Step the right foot back and lower its knee\./);
    expect(words(at('seat'), at('stand'), told('knee-injury', 'right'))).toMatch(/^Set the right foot down/);
    // Neither knee may bear and neither may bend so far: nobody can say how she does it, so nobody does.
    expect(words(at('seat'), at('stand'), knees)).toBe(
      'Come up to stand in your own way, with a chair or a hand to help.',
    );
    expect(words(at('seat'), at('stand'), told('inflamed-joints'))).toBe(
      'Draw the feet in and stand up, holding a chair.',
    );
  });

  it('comes on to hands and knees, and up from there, over the well knee alone', () => {
    const left = told('knee-injury', 'left');
    for (const from of ['back', 'seat', 'front'] as const)
      expect(words(at(from), at('fours'), left)).toMatch(
        /Set the left foot down and come up on to the other knee\. Then put the hands down and take the front foot back\.$/,
      );
    expect(words(at('stand'), at('fours'), left)).toBe(
      'Step the right foot back and lower its knee. Then put the hands down and take the front foot back.',
    );
    expect(words(at('fours'), at('stand'), left)).toBe(
      'Step the left foot forward between the hands. Then press into the front foot and rise.',
    );
    // Both sore: what stands there is closed itself; the way to it is the usual one.
    expect(words(at('stand'), at('fours'), told('knee-injury'))).not.toBe('');
  });

  it('is not by way of a hip that may not be lain on', () => {
    const round = (side: 'left' | 'right') => {
      const hip = screen([{ caution: 'outer-hip', side }, { caution: 'wrist-or-shoulder' }], DAY);
      return words(at('seat'), at('front'), shutBy(hip));
    };
    expect(round('left')).toBe('Lie down on the right side. Then roll on to the front.');
    expect(round('right')).toBe('Lie down on the left side. Then roll on to the front.');
  });

  it('neither rolls up a back that may not round, nor brings the head down', () => {
    for (const caution of ['osteoporosis', 'spine-fixed', 'eye-pressure', 'hip-replacement'])
      for (const to of ['seat', 'fours', 'dog'] as const) {
        expect(words(at('stand'), at(to), told(caution)), caution).not.toMatch(/fold/i);
        expect(words(at(to), at('stand'), told(caution)), caution).not.toMatch(/roll up/i);
      }
    expect(words(at('fours'), at('stand'), told('osteoporosis'))).toBe(
      'Come back on to the knees. Then step one foot forward and rise, hands on the thigh.',
    );
  });

  it('keeps to what was wished: what is avoided, and a chair only where one is', () => {
    const nobody = screen([], DAY);
    expect(shutBy(nobody, { avoid: [], props: null })).toBe(NOTHING_SHUT);
    expect(words(at('back'), at('stand'), shutBy(nobody, { avoid: ['wrists'] }))).toBe(
      words(at('back'), at('stand'), told('wrist-or-shoulder')),
    );
    expect(words(at('stand'), at('fours'), shutBy(nobody, { avoid: ['head-down'] }))).toMatch(
      /^Step the right foot back/,
    );
    const bent = { avoid: ['wrists', 'kneeling'] as const };
    expect(words(at('seat'), at('stand'), shutBy(nobody, { avoid: [...bent.avoid] }))).toMatch(/holding a chair/);
    expect(words(at('seat'), at('stand'), shutBy(nobody, { avoid: [...bent.avoid], props: ['strap'] }))).toBe(
      'Come up to stand in your own way, with a chair or a hand to help.',
    );
    expect(words(at('stand'), at('seat'), shutBy(nobody, { avoid: ['wrists'], props: ['chair'] }))).toBe(
      'Lower down to sit, holding a chair.',
    );
    expect(words(at('stand'), at('seat'), shutBy(nobody, { avoid: ['wrists'], props: [] }))).not.toMatch(/chair/);
  });

  it('opens again what somebody allows in spite of a caution', () => {
    const allowed = { demand: 'weight-on-hands', does: 'closes', over: 0, by: 'her physio', why: 'healed', on: DAY };
    expect(shutBy(screen([{ caution: 'wrist-or-shoulder', allowed: [allowed] }], DAY))).toBe(NOTHING_SHUT);
  });

  it('lets a caution that holds no foot or side say the same of both', () => {
    for (const { screening, name } of CAUTIONED.filter((c) => c.screening.cautions.every((x) => !x.side)))
      for (const base of BASES)
        expect(shutBy(screening).place(at(base, 'left')), name).toBe(shutBy(screening).place(at(base, 'right')));
  });
});
