import { describe, expect, it } from 'vitest';
import { buildOf } from '@/core/body';
import { screen, type Screening } from '@/core/cautions/screen';
import { TYPICAL } from '@/core/fit/typical';
import { rankPoses } from './rank';

const BUILD = buildOf({ height_cm: 172, mass_kg: 65 });
const AIMS = [{ kind: 'lengthen' as const, group: 'hamstrings', side: 'left' as const, weight: 1 }];
const after = (pose: string, rung: number): Screening => ({
  ...screen([], ''),
  hurt: [{ log: 'a', pose, rung, side: 'left', on: '2026-05-03' }],
});

describe('a pose that hurt', () => {
  const list = rankPoses(TYPICAL, BUILD, AIMS, after('strap-leg-raise', 2));
  const of = (pose: string, rung: number, side: string) =>
    list.find((r) => r.pose === pose && r.rung === rung && r.side === side);
  it('is closed on that side, with what goes deeper, and says when it was', () => {
    expect(of('strap-leg-raise', 2, 'left')?.cautions).toEqual(['It hurt here on 3 May 2026']);
    expect(of('strap-leg-raise', 3, 'left')?.cautions).toHaveLength(1);
    expect(of('strap-leg-raise', 1, 'left')?.cautions).toEqual([]);
    expect(of('strap-leg-raise', 2, 'right')?.cautions).toEqual([]);
  });
  it('marks what asks for the same muscle of the same side, and nothing else', () => {
    const marked = list.filter((r) => r.sore);
    expect(marked.length).toBeGreaterThan(3);
    for (const r of marked)
      for (const s of r.sore ?? []) {
        expect(s).toMatchObject({ pose: 'strap-leg-raise', on: '2026-05-03' });
        expect(Math.max(r.stretch[s.side][s.group], r.load[s.side][s.group] ?? 0)).toBeGreaterThanOrEqual(0.5);
      }
    expect(of('strap-leg-raise', 1, 'right')?.sore ?? []).not.toContainEqual(
      expect.objectContaining({ group: 'hamstrings', side: 'left' }),
    );
    expect(rankPoses(TYPICAL, BUILD, AIMS, screen([], '')).some((r) => r.sore)).toBe(false);
  });
});
