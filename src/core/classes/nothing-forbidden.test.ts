import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Side } from '@/core/body';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { screen, type Screening } from '@/core/cautions/screen';
import { allShapes, rungOf, verdictOfRung } from '@/core/poses';
import { alternativesFor } from '@/core/practice/alternatives';
import { blocksOf } from '@/core/practice/blocks';
import type { PracticeItem } from '@/core/practice/practice';
import { aim, ranked } from '@/core/practice/practices.fixtures';
import { recheck } from '@/core/practice/recheck';
import { refit } from '@/core/practice/refit';
import { requestOf } from '@/core/practice/request';
import { otherRung } from '@/core/teaching/other-rung';
import { amount, someOf } from '@/core/how-much.fixtures';
import type { Member } from './member';
import { attending, herParts } from './table';

const AIMS = [aim('lengthen', 'hamstrings', 'left', 1), aim('lengthen', 'deep-hip-flexor', 'right', 0.7)];
const closed = (s: Screening, i: Pick<PracticeItem, 'pose' | 'rung' | 'side'>): boolean => {
  const found = rungOf(i.pose, i.rung);
  return !found || verdictOfRung(s, found.shape, i.rung, i.side).state === 'closed';
};
const memberWith = (list: ReturnType<typeof ranked>): Member => ({
  id: 'm',
  name: 'Sedge',
  aims: AIMS,
  ranked: list,
  cautions: [],
  stopped: null,
  measured: true,
});
let n = 0;
const newId = (): string => `n${++n}`;

describe('nothing forbidden, whatever is asked', () => {
  // What may be of one leg or arm is told of one, too.
  const all = CAUTIONS.filter((c) => c.rules !== 'all').flatMap((c): { caution: string; side?: Side }[] => [
    { caution: c.id },
    ...(c.sided ? [{ caution: c.id, side: 'left' as const }] : []),
  ]);
  const some = someOf(all, 6);
  const shapes = allShapes();
  const anyItem = fc
    .integer({ min: 0, max: shapes.length - 1 })
    .chain((k) =>
      fc.record({
        pose: fc.constant(shapes[k].id),
        rung: fc.integer({ min: 1, max: shapes[k].rungs.length }),
        side: shapes[k].sided ? fc.constantFrom('left' as const, 'right' as const) : fc.constant('both' as const),
        holdSeconds: fc.integer({ min: 6, max: 300 }),
      }),
    );
  const lists = new Map<string, ReturnType<typeof ranked>>();
  const rankedUnder = (told: (typeof all)[number]) => {
    const { caution, side } = told;
    const key = `${caution} ${side ?? ''}`;
    const made = lists.get(key) ?? ranked(AIMS, side ? { caution, side } : caution);
    lists.set(key, made);
    return made;
  };
  it('in rankings, copies, swaps, easier, harder, classes and practices of any day', () => {
    fc.assert(
      fc.property(fc.constantFrom(...some), fc.array(anyItem, { minLength: 1, maxLength: 6 }), (told, drawn) => {
        const s = screen([told], '');
        const list = rankedUnder(told);
        const { caution } = told;
        const items = drawn.map((d, i): PracticeItem => ({
          ...d,
          id: `i${i}`,
          breaths: 5,
          repeats: 1,
          phase: 'approach',
          because: [],
        }));
        const firstShut = list.findIndex((r) => r.cautions.length > 0);
        if (firstShut >= 0) expect(list.slice(firstShut).every((r) => r.cautions.length > 0)).toBe(true);
        for (const now of [recheck(items, s, list, AIMS, 6).items, refit(items, list, AIMS, 6, newId).items])
          for (const i of now) {
            expect(closed(s, i), `${caution}: ${i.pose}/${i.rung}`).toBe(false);
            const found = rungOf(i.pose, i.rung);
            const most = found ? verdictOfRung(s, found.shape, i.rung, i.side).hold_s : null;
            if (most !== null && i.repeats === 1) expect(i.holdSeconds).toBeLessThanOrEqual(Math.max(6, most));
          }
        // While a class does all of it.
        const her = attending(memberWith(list), items, requestOf({ minutes: 20 }));
        for (const i of items)
          for (const part of herParts(her, i)) expect(closed(s, part), `${caution}: ${part.pose}`).toBe(false);
        const [block] = blocksOf(items);
        const ways = [
          otherRung(items[0], list, -1),
          otherRung(items[0], list, 1),
          ...alternativesFor(block, items, { ranked: list, aims: AIMS, request: requestOf({ minutes: 20 }) }).map(
            (a) => a.fits,
          ),
        ];
        for (const fits of ways)
          for (const r of fits ?? []) expect(closed(s, r), `${caution}: ${r.pose}/${r.rung}`).toBe(false);
      }),
      { numRuns: amount(30, 2000) },
    );
  });
});
