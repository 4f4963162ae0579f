import { describe, expect, it } from 'vitest';
import { buildOf } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import { TYPICAL } from '@/core/fit/typical';
import type { Aim } from '@/core/students/student';
import { rungOf } from '@/core/poses';
import { rankPoses } from './rank';
import { varied } from './varied';

const aims: Aim[] = [
  { kind: 'lengthen', group: 'hamstrings', side: 'left', weight: 1 },
  { kind: 'lengthen', group: 'hamstrings', side: 'right', weight: 1 },
];
const seen = new Set<string>();
const ranked = rankPoses(TYPICAL, buildOf({ height_cm: 170, mass_kg: 65 }), aims, screen([], '2026-01-05')).filter(
  (p) => {
    const key = `${p.pose}/${p.side}`;
    return !seen.has(key) && seen.add(key);
  },
);

describe('near equals are mixed', () => {
  const mixed = varied(ranked);
  it('nothing is lost and no score changes', () => {
    expect(mixed).toHaveLength(ranked.length);
    expect(new Set(mixed)).toEqual(new Set(ranked));
  });
  it('the best stays first', () => expect(mixed[0]).toBe(ranked[0]));
  it('a pose is never overtaken by one that is clearly worse', () => {
    for (let i = 1; i < mixed.length; i++)
      for (let k = 0; k < i; k++)
        if (mixed[i].cautions.length === 0 && mixed[k].cautions.length === 0)
          expect(mixed[k].score).toBeGreaterThan(mixed[i].score - 0.02 * 3 - 1e-9);
  });
  it('the first eight come in no fewer positions than before', () => {
    const positions = (list: typeof mixed) =>
      new Set(list.slice(0, 8).map((p) => rungOf(p.pose, p.rung)?.shape.position)).size;
    expect(positions(mixed)).toBeGreaterThanOrEqual(positions(ranked));
  });
  it('of equals what a shape is taken for first goes before what it does besides', () => {
    for (const list of [ranked, mixed]) {
      const at = (pose: string) => list.findIndex((p) => p.pose === pose);
      expect(at('strap-leg-raise')).toBeGreaterThanOrEqual(0);
      expect(at('strap-leg-raise')).toBeLessThan(at('strap-leg-aside'));
    }
  });
});
