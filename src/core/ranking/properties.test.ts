import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENT_IDS } from '@/core/body';
import { fitRung } from '@/core/fit/fit';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { screen } from '@/core/cautions/screen';
import { LIBRARY } from '@/core/poses';
import { rankPoses } from './rank';
import { reaching } from './reaching';
import { scored } from './scored.fixtures';
import { amount } from '@/core/how-much.fixtures';

const BUILD = buildOf({ height_cm: 168, mass_kg: 62 });
const of = (mean: Float32Array): Posterior => ({ mean, draws: mean, drawCount: 1 });
const rungs = LIBRARY.flatMap((s) => s.rungs.map((_, i) => ({ shape: s, rung: i + 1 })));

describe('one tolerance changed alone', () => {
  it('never lets a longer structure stop any pose earlier', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: rungs.length - 1 }),
        fc.integer({ min: 0, max: DIMENSIONS - 1 }),
        fc.double({ min: 0.2, max: 3, noNaN: true }),
        fc.double({ min: -2, max: 2, noNaN: true }),
        fc.boolean(),
        (k, e, longer, before, left) => {
          const { shape, rung } = rungs[k];
          const side = shape.sided && left ? 'left' : 'right';
          const mean = new Float32Array(DIMENSIONS);
          mean[e] = before;
          const a = fitRung({ shape, rung, side }, { posterior: of(mean), build: BUILD });
          const more = Float32Array.from(mean);
          more[e] += longer;
          const b = fitRung({ shape, rung, side }, { posterior: of(more), build: BUILD });
          expect(b.depth).toBeGreaterThanOrEqual(a.depth - 1e-6);
        },
      ),
      { numRuns: amount(30, 60) },
    );
  });
  it('makes a pose for a short muscle give no less when the muscle gets shorter, until it is out of reach', () => {
    const e = ELEMENT_IDS.indexOf('hamstrings');
    const worth = (x: number): number => {
      const mean = new Float32Array(DIMENSIONS);
      mean[e] = mean[ELEMENT_COUNT + e] = x;
      const aims = [{ kind: 'lengthen' as const, group: 'hamstrings', side: 'left' as const, weight: 1 }];
      const body = { posterior: of(mean), build: BUILD };
      return scored(['strap-leg-raise', 1, 'left'], body, aims, screen([], '2026-01-05')).gives[0]?.worth ?? 0;
    };
    expect(worth(-1)).toBeGreaterThanOrEqual(worth(0) - 1e-6);
    expect(worth(0)).toBeGreaterThanOrEqual(worth(4));
  });
});

describe('the order is kept while only aims change', () => {
  it('and differs for another aim', () => {
    const mean = new Float32Array(DIMENSIONS);
    const first = (group: string) =>
      rankPoses(of(mean), BUILD, [{ kind: 'lengthen', group, side: 'left', weight: 1 }], screen([], '2026-01-05'))[0]
        .pose;
    expect(first('hamstrings')).toBe(first('hamstrings'));
    expect(first('hamstrings')).not.toBe(first('vasti'));
  });
});

describe('poses of a muscle', () => {
  it.each(['piriformis', 'psoas', 'hamstrings', 'vasti', 'gluteus-medius', 'soleus', 'erector-spinae'])(
    '%s: best first, one rung a shape',
    (structure) => {
      const list = reaching(structure);
      expect(list.length).toBeGreaterThan(1);
      expect(new Set(list.map((p) => p.pose)).size).toBe(list.length);
      for (const p of list) expect(Math.max(p.stretch, p.load)).toBeGreaterThan(0.1);
    },
  );
  it('knows nothing of a muscle that does not exist', () => expect(reaching('eyebrow')).toEqual([]));
});
