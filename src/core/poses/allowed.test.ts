import { describe, expect, it } from 'vitest';
import { demandsOf, LIBRARY } from './index';
import { allowedWords, forbiddenBy, mayAllow, withAllowed, type Allowed } from '@/core/cautions/allowed';
import type { Rule } from '@/core/cautions/rules';
import { CAUTIONS, cautionById } from '@/core/cautions/catalogue';
import { screen, verdictOf } from '@/core/cautions/screen';

const DAY = '2026-11-29';
const word = ({ demand, does, over }: { demand: string; does: string; over: number }): Allowed => ({
  ...{ demand, does, over },
  ...{ by: 'her surgeon', why: 'healed, no limit', on: DAY },
});
const ruleOf = (id: string, demand: string): Rule => {
  const rules = cautionById(id)?.rules;
  const found = rules === 'all' ? undefined : rules?.find((r) => r.demand === demand);
  if (!found) throw new Error(`${id} has no ${demand}`);
  return found;
};
const told = (caution: string, allowed?: Allowed[]) => screen([{ caution, allowed }], DAY);

describe('what is allowed in spite of a caution', () => {
  it('takes away that one rule, and no other, of the same demand either', () => {
    for (const caution of CAUTIONS.filter(mayAllow)) {
      const all = forbiddenBy(caution);
      expect(new Set(all.map((f) => f.words)).size, caution.id).toBe(all.length);
      for (const { rule, words } of all) {
        expect(forbiddenBy(withAllowed(caution, [word(rule)])).map((f) => f.rule)).toEqual(
          all.map((f) => f.rule).filter((r) => r !== rule),
        );
        expect(allowedWords(caution, rule)).toBe(words);
      }
    }
  });

  it('opens shapes that only it had closed, and closes none', () => {
    const before = told('wrist-or-shoulder'),
      after = told('wrist-or-shoulder', [word(ruleOf('wrist-or-shoulder', 'weight-on-hands'))]);
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
      expect(told(caution.id, [word({ demand: 'hip-bend', does: 'closes', over: 100 })]).cautions).toEqual([caution]);
    const both = screen(
      [
        { caution: 'hip-replacement', allowed: [word(ruleOf('hip-replacement', 'hip-bend'))] },
        { caution: 'groin-pinch' },
      ],
      DAY,
    );
    const deep = LIBRARY.flatMap((s) => s.rungs.map((r) => demandsOf(s, r))).filter(
      (a) => verdictOf(told('groin-pinch'), a).state === 'closed',
    );
    expect(deep.length).toBeGreaterThan(10);
    for (const along of deep) expect(verdictOf(both, along).state).toBe('closed');
  });

  it('fails closed: a rule that is not known or has changed since, and a caution of a newer file', () => {
    const rule = ruleOf('hip-replacement', 'hip-bend');
    for (const other of [{ demand: 'whatever' }, { over: rule.over + 5 }, { does: 'whatever' }])
      expect(told('hip-replacement', [word({ ...rule, ...other })]).cautions[0]).toEqual(
        cautionById('hip-replacement'),
      );
    expect(told('from-a-newer-version', [word(ruleOf('hip-replacement', 'hip-bend'))]).stopped).toBe(true);
  });
});
