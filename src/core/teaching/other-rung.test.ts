import { describe, expect, it } from 'vitest';
import { isSided, rungOf, shapeById } from '@/core/poses';
import { alternativesFor } from '@/core/practice/alternatives';
import { blocksOf } from '@/core/practice/blocks';
import { profileOf } from '@/core/practice/profile';
import { requestOf } from '@/core/practice/request';
import { AIMS, build, POSES, ranked } from '@/core/practice/practices.fixtures';
import { inTheWay } from '@/core/practice/units';
import { otherRung, sparing } from './other-rung';

describe('easier and harder', () => {
  it('is the next rung that is open, both sides of it', () => {
    const easier = otherRung({ pose: 'low-lunge', rung: 2 }, POSES, -1);
    expect(easier?.map((r) => [r.rung, r.side])).toEqual([
      [1, 'right'],
      [1, 'left'],
    ]);
    const harder = otherRung({ pose: 'low-lunge', rung: 1 }, POSES, 1);
    expect(harder?.[0].pose).toBe('low-lunge');
    expect(harder?.[0].rung).toBeGreaterThan(1);
    expect(otherRung({ pose: 'low-lunge', rung: shapeById('low-lunge')?.rungs.length ?? 0 }, POSES, 1)).toBeNull();
    expect(otherRung({ pose: 'gone', rung: 1 }, POSES, -1)).toBeNull();
  });
  it('easier than the first is what stands in for the shape', () => {
    const lunge = shapeById('low-lunge');
    expect(otherRung({ pose: 'low-lunge', rung: 1 }, POSES, -1)?.[0].pose).toBe(lunge?.instead);
  });
  it('never what a caution forbids or what is out of reach', () => {
    const careful = ranked(AIMS, 'pregnancy-late', { hamstrings: -4 });
    for (const r of careful.filter((_, k) => k % 11 === 0))
      for (const by of [-1, 1] as const)
        for (const f of otherRung(r, careful, by) ?? []) {
          expect(f.cautions).toEqual([]);
          expect(f.beyondEntry).toBe(false);
        }
  });
});

describe('in its place', () => {
  it('is allowed, within the wishes, of its phase, new to the practice, a shape once, the best first', async () => {
    const { items } = await build(30);
    const request = requestOf({ minutes: 30, place: 'anywhere', props: ['blanket', 'strap'] });
    for (const block of blocksOf(items)) {
      const others = alternativesFor(block, items, { ranked: POSES, aims: AIMS, request });
      expect(new Set(others.map((o) => o.fits[0].pose)).size).toBe(others.length);
      others.slice(1).forEach((o, k) => expect(o.worth).toBeLessThanOrEqual(others[k].worth + 1e-9));
      for (const { fits } of others) {
        const found = rungOf(fits[0].pose, fits[0].rung);
        if (!found) throw new Error(fits[0].pose);
        const now = rungOf(block.pose, block.rung)?.rung.phases ?? [];
        expect([block.phase, ...now].some((p) => found.rung.phases.includes(p))).toBe(true);
        expect(inTheWay(found.shape, found.rung, request)).toBeNull();
        expect(fits.length).toBe(isSided(found.shape, found.rung) ? 2 : 1);
        expect(items.some((i) => i.pose === fits[0].pose && i.rung === fits[0].rung)).toBe(false);
      }
    }
  });
});

describe('after pain', () => {
  it('only what leaves alone everything that the pose asked much of', () => {
    const hurt = POSES.filter((r) => r.pose === 'pigeon' && r.rung === 1);
    const all = POSES.map((r) => ({ fits: [r] }));
    const spared = sparing(hurt, all);
    expect(spared.length).toBeGreaterThan(0);
    expect(spared.length).toBeLessThan(all.length / 2);
    const sore = hurt.flatMap((r) =>
      (['left', 'right'] as const).flatMap((s) =>
        Object.entries(r.stretch[s]).flatMap(([g, v]) => (v >= 0.5 ? [[s, g] as const] : [])),
      ),
    );
    expect(sore.length).toBeGreaterThan(0);
    for (const { fits } of spared)
      for (const [s, g] of sore)
        expect(fits[0].stretch[s][g as keyof (typeof fits)[0]['stretch']['left']]).toBeLessThan(0.4);
    // What hurt is never offered itself.
    expect(spared.some(({ fits }) => fits[0].pose === 'pigeon' && fits[0].rung === 1)).toBe(false);
  });
});

describe('the chart of a practice', () => {
  it('has every block once, as deep as its furthest stretch and as high as its greatest load', async () => {
    const { items } = await build(20);
    const profile = profileOf(items, POSES, 'usual');
    expect(profile.map((s) => s.block)).toEqual(blocksOf(items));
    for (const s of profile) {
      const fits = POSES.filter((r) =>
        s.block.items.some((i) => i.pose === r.pose && i.rung === r.rung && i.side === r.side),
      );
      const loads = fits.flatMap((r) => [...Object.values(r.load.left), ...Object.values(r.load.right)]);
      expect(Math.max(0, ...loads)).toBeGreaterThanOrEqual(s.load - 1e-9);
      expect(s.stretch).toBeGreaterThanOrEqual(0);
    }
    expect(
      profileOf(
        items.map((i) => ({ ...i, pose: 'gone' })),
        POSES,
        'usual',
      ).every((s) => s.stretch === 0),
    ).toBe(true);
  });
});
