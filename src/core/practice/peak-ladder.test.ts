import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENTS, GROUPS } from '@/core/body';
import { reachedIn } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import { comfortOf, USUAL_WAY } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { allShapes, type Shape } from '@/core/poses';
import { ladderWeeks, peakLadder, WEEKS_A_STEP, workingAt, type LadderStep } from './peak-ladder';

const BUILD = buildOf({ height_cm: 172, mass_kg: 65 });
const posteriorOf = (mean: Float32Array): Posterior => ({ mean, draws: mean, drawCount: 1 });
const ladder = (shape: Shape, posterior = TYPICAL) => peakLadder(shape, posterior, BUILD, USUAL_WAY);
const sidesOf = (shape: Shape) => (shape.sided ? (['left', 'right'] as const) : (['right'] as const));
const ahead = allShapes().filter((s) => ladder(s).some((x) => x.missing.length > 0));

describe('the ladder to a peak', () => {
  it('there are shapes that typical people are not through with', () => expect(ahead.length).toBeGreaterThan(15));
  it('what is missing, once it is there, makes all of the rung comfortable; a little less does not', () => {
    for (const shape of ahead)
      for (const step of ladder(shape)) {
        if (step.missing.length === 0) continue;
        const shifted = (less: number, all = 0): Posterior => {
          const mean = Float32Array.from(TYPICAL.mean, (v) => v + all);
          for (const m of step.missing)
            ELEMENTS.forEach((e, g) => {
              if (e.group === m.group) mean[(m.side === 'left' ? 0 : ELEMENT_COUNT) + g] += m.sd - less;
            });
          return posteriorOf(mean);
        };
        const fits = (p: Posterior) =>
          sidesOf(shape).map((s) =>
            reachedIn({ shape, rung: step.rung, side: s }, { posterior: p, build: BUILD }, USUAL_WAY),
          );
        // What is missing by less than a tenth is not told.
        for (const f of fits(shifted(0, 0.1))) expect(f.full, `${shape.id} ${step.rung}`).toBe(true);
        const comfort = comfortOf(shape.rungs[step.rung - 1], USUAL_WAY);
        const [most] = step.missing;
        const less = fits(shifted(0.3)).map((f) => Math.max(f.stretch[most.side][most.group], f.full ? 0 : comfort));
        expect(Math.max(...less)).toBeGreaterThanOrEqual(comfort - 0.05);
      }
  });
  it('a rung is through, open or ahead as the fit says, and depth is that of the lesser side', () => {
    for (const shape of allShapes().slice(0, 40))
      for (const step of ladder(shape)) {
        const fits = sidesOf(shape).map((s) =>
          reachedIn({ shape, rung: step.rung, side: s }, { posterior: TYPICAL, build: BUILD }, USUAL_WAY),
        );
        expect(step.state).toBe(
          fits.some((f) => f.beyondEntry) ? 'ahead' : fits.every((f) => f.full) ? 'through' : 'open',
        );
        expect(step.depth).toBe(step.state === 'ahead' ? 0 : Math.min(...fits.map((f) => f.depth)));
        for (const m of step.missing) expect(GROUPS).toContain(m.group);
      }
  });
  it('who is much more mobile has less missing', () => {
    const mobile = posteriorOf(Float32Array.from(TYPICAL.mean, (v) => v + 1));
    const sum = (steps: LadderStep[]) => steps.flatMap((s) => s.missing).reduce((t, m) => t + m.sd, 0);
    for (const shape of ahead) expect(sum(ladder(shape, mobile))).toBeLessThan(sum(ladder(shape)));
  });
});

describe('weeks on the ladder', () => {
  const step = (rung: number, state: LadderStep['state']): LadderStep => ({ rung, state, depth: 0, missing: [] });
  const of = (...states: LadderStep['state'][]) => states.map((s, i) => step(i + 1, s));
  it('she works at the furthest open rung, or at the first ahead', () => {
    expect(workingAt(of('through', 'open', 'open', 'ahead'))).toBe(2);
    expect(workingAt(of('through', 'through', 'ahead'))).toBe(2);
    expect(workingAt(of('ahead', 'ahead'))).toBe(0);
    expect(workingAt(of('through', 'through'))).toBe(-1);
    expect(workingAt(of('open', 'through', 'ahead'))).toBe(2);
  });
  it('a rung has its weeks; what does not fit is left for later', () => {
    const weeks = ladderWeeks(of('open', 'ahead', 'ahead', 'ahead'), 12);
    expect(weeks.map((w) => [w.step.rung, w.from, w.to])).toEqual([
      [1, 0, WEEKS_A_STEP - 1],
      [2, WEEKS_A_STEP, 2 * WEEKS_A_STEP - 1],
      [3, 2 * WEEKS_A_STEP, 11],
    ]);
    expect(ladderWeeks(of('through'), 8)).toEqual([]);
  });
});
