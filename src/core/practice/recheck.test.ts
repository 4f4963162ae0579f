import { describe, expect, it } from 'vitest';
import { screen, type Screening } from '@/core/cautions/screen';
import { rungOf, verdictOfRung } from '@/core/poses';
import { blocksOf } from './blocks';
import { buildPractice } from './build';
import type { PracticeItem } from './practice';
import { AIMS, build, POSES as FREE, ranked } from './practices.fixtures';
import { recheck } from './recheck';
import { requestOf } from './request';
import { someOf } from '@/core/how-much.fixtures';

const closed = (s: Screening, i: Pick<PracticeItem, 'pose' | 'rung' | 'side'>): boolean => {
  const found = rungOf(i.pose, i.rung);
  return !found || verdictOfRung(s, found.shape, i.rung, i.side).state === 'closed';
};
const hurtLeft = (pose: string, rung: number): Screening => ({
  ...screen([], ''),
  hurt: [{ log: 'a', pose, rung, side: 'left', on: '2026-05-03' }],
});

describe('a practice that was made before something was told', () => {
  it('stays the same list where nothing is against it', async () => {
    const { items } = await build(20);
    expect(recheck(items, screen([], ''), FREE, AIMS, 6)).toEqual({ items, changes: [] });
  });
  it('has what is closed out, with what stands in for it, and tells both', async () => {
    const { items } = await build(45);
    const s = screen([{ caution: 'pregnancy-middle' }], '');
    const forbidden = blocksOf(items).filter((b) => b.items.some((i) => closed(s, i)));
    expect(forbidden.length).toBeGreaterThan(0);
    const { items: now, changes } = recheck(items, s, ranked(AIMS, 'pregnancy-middle'), AIMS, 6);
    expect(now.filter((i) => closed(s, i))).toEqual([]);
    expect(changes.filter((c) => c.kind === 'closed')).toHaveLength(forbidden.length);
    expect(changes.some((c) => c.kind === 'closed' && c.to !== null)).toBe(true);
    // The same each time: a lesson that was begun goes on after a reload.
    expect(recheck(items, s, ranked(AIMS, 'pregnancy-middle'), AIMS, 6).items).toEqual(now);
  });
  it('leaves out what is closed where nothing can stand in yet', async () => {
    const { items } = await build(30);
    const s = screen([{ caution: 'pregnancy-late' }], '');
    const { items: now } = recheck(items, s, null, AIMS, 6);
    expect(now.filter((i) => closed(s, i))).toEqual([]);
  });
  it('holds what is limited no longer', async () => {
    const { items } = await build(45, { style: 'quiet' });
    const s = screen([{ caution: 'very-mobile' }], '');
    const { items: now, changes } = recheck(items, s, ranked(AIMS, 'very-mobile'), AIMS, 6);
    expect(changes.some((c) => c.kind === 'shorter')).toBe(true);
    for (const i of now) {
      const found = rungOf(i.pose, i.rung);
      const most = found ? verdictOfRung(s, found.shape, i.rung, i.side).hold_s : null;
      if (most !== null) expect(i.holdSeconds, i.pose).toBeLessThanOrEqual(most);
    }
  });
});

describe('a practice that was built under a caution', () => {
  it.each(someOf(['very-mobile', 'sciatic', 'pain-lingers', 'skin-and-blood', 'pregnancy-late'], 2))(
    '%s: is within it as it stands',
    async (caution) => {
      const list = ranked(AIMS, caution);
      for (const request of [requestOf({ minutes: 20 }), requestOf({ minutes: 30, style: 'quiet' })]) {
        const { items } = await buildPractice(list, AIMS, request);
        expect(recheck(items, screen([{ caution }], ''), list, AIMS, 6).changes).toEqual([]);
      }
    },
  );
  it('has nothing whose entry is already near an end that the caution keeps her from', () => {
    const list = ranked(AIMS, 'very-mobile');
    const near = list.filter((r) => r.tooNear);
    expect(near.length).toBeGreaterThan(0);
    for (const r of near) {
      expect(r.verdict.state, `${r.pose}/${r.rung}`).toBe('closed');
      expect(r.cautions).toEqual(['Very mobile joints']);
    }
    expect(ranked(AIMS).some((r) => r.tooNear)).toBe(false);
  });
});

describe('what hurt', () => {
  it('closes that side and what goes deeper, until it is cleared', () => {
    const s = hurtLeft('pigeon', 2);
    expect([1, 2, 3].map((rung) => closed(s, { pose: 'pigeon', rung, side: 'left' }))).toEqual([false, true, true]);
    expect(closed(s, { pose: 'pigeon', rung: 2, side: 'right' })).toBe(false);
    expect(closed(s, { pose: 'tree', rung: 1, side: 'left' })).toBe(false);
  });
  it('is out of a practice with both its sides, and says on which day it was', () => {
    const items: PracticeItem[] = (['right', 'left'] as const).map((side) => ({
      id: side,
      pose: 'pigeon',
      rung: 2,
      side,
      holdSeconds: 60,
      breaths: 10,
      repeats: 1,
      phase: 'deepest',
      because: [],
    }));
    const { items: now, changes } = recheck(items, hurtLeft('pigeon', 2), null, AIMS, 6);
    expect(now).toEqual([]);
    expect(changes[0]).toMatchObject({ kind: 'closed', why: ['It hurt here on 3 May 2026'] });
  });
});
