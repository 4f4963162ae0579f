import { describe, expect, it } from 'vitest';
import { demandsOf, LIBRARY } from './index';
import { allowedWords, forbiddenBy, mayAllow, withAllowed, type Allowed } from '@/core/cautions/allowed';
import { CAUTIONS, cautionById } from '@/core/cautions/catalogue';
import { screen, verdictOf } from '@/core/cautions/screen';

const DAY = '2026-11-29';
const word = (demand: string): Allowed => ({ demand, by: 'her surgeon', why: 'healed, no limit', on: DAY });
const told = (caution: string, allowed?: Allowed[]) => screen([{ caution, allowed }], DAY);

describe('what is allowed in spite of a caution', () => {
  it('takes away that one thing, and nothing else', () => {
    for (const caution of CAUTIONS.filter(mayAllow))
      for (const { demand, words } of forbiddenBy(caution)) {
        const left = withAllowed(caution, [word(demand)]).rules;
        expect(left === 'all' || left.some((r) => r.demand === demand)).toBe(false);
        expect(forbiddenBy(withAllowed(caution, [word(demand)]))).toEqual(
          forbiddenBy(caution).filter((f) => f.demand !== demand),
        );
        expect(allowedWords(caution, demand)).toBe(words);
      }
  });

  it('opens shapes that only it had closed, and closes none', () => {
    const before = told('wrist-or-shoulder'),
      after = told('wrist-or-shoulder', [word('weight-on-hands')]);
    let opened = 0;
    for (const shape of LIBRARY)
      for (const rung of shape.rungs) {
        const along = demandsOf(shape, rung);
        const [was, is] = [verdictOf(before, along), verdictOf(after, along)];
        if (was.state !== 'closed') expect(is.state).not.toBe('closed');
        if (was.state === 'closed' && is.state !== 'closed') {
          opened++;
          expect(was.because.every((b) => b.demand === 'weight-on-hands')).toBe(true);
        }
      }
    expect(opened).toBeGreaterThan(3);
  });

  it('never opens what refers, nor what another caution closes', () => {
    for (const caution of CAUTIONS.filter((c) => !mayAllow(c)))
      expect(told(caution.id, [word('hip-bend'), word('one-leg')]).cautions).toEqual([caution]);
    const both = screen([{ caution: 'hip-replacement', allowed: [word('hip-bend')] }, { caution: 'groin-pinch' }], DAY);
    const deep = LIBRARY.flatMap((s) => s.rungs.map((r) => demandsOf(s, r))).filter(
      (a) => verdictOf(told('groin-pinch'), a).state === 'closed',
    );
    expect(deep.length).toBeGreaterThan(10);
    for (const along of deep) expect(verdictOf(both, along).state).toBe('closed');
  });

  it('fails closed: an unknown demand, and a caution of a newer file', () => {
    expect(told('hip-replacement', [word('whatever')]).cautions[0]).toEqual(cautionById('hip-replacement'));
    expect(told('from-a-newer-version', [word('hip-bend')]).stopped).toBe(true);
  });
});
