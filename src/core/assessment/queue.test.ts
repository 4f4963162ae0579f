import { describe, expect, it } from 'vitest';
import { BATTERIES, turnsOf } from './batteries';
import { BATTERY, testById } from './battery';
import { screen } from '@/core/cautions/screen';
import { lockOf } from './locks';
import { queueOf, sidesOfTest, stationsOf, testsForAims } from './queue';

const some = (...ids: string[]) => BATTERY.filter((t) => ids.includes(t.id));
const slr = testById('straight-leg-raise');
const plank = testById('front-plank');
if (!slr || !plank) throw new Error('unknown');

describe('the queue', () => {
  it('costs no more turns for being ranked by what would be learnt', () => {
    const full = BATTERIES[1].tests;
    const gains = Object.fromEntries(full.map((t, i) => [t.id, (i * 7919) % 13]));
    const ranked = queueOf(full, gains);
    expect(turnsOf(ranked)).toBe(turnsOf(full));
    expect(ranked).toHaveLength(full.length);
  });
  it('puts first, within a position, what would tell most', () => {
    const order = queueOf(some('straight-leg-raise', 'knee-to-chest', 'faber'), { faber: 2, 'knee-to-chest': 1 });
    expect(order.map((t) => t.id)).toEqual(['faber', 'knee-to-chest', 'straight-leg-raise']);
  });
  it('begins where the student is', () =>
    expect(queueOf(some('straight-leg-raise', 'knee-to-wall'), {}, 'standing')[0].id).toBe('knee-to-wall'));
  it('leaves strength to the end', () =>
    expect(queueOf(some('front-plank', 'single-leg-stance', 'knee-to-wall')).map((t) => t.id)).toEqual([
      'knee-to-wall',
      'single-leg-stance',
      'front-plank',
    ]));
});

describe('sides', () => {
  it('go as the teacher’s school says', () => {
    expect(sidesOfTest(slr, 'right', null)).toEqual(['right', 'left']);
    expect(sidesOfTest(slr, 'left', null)).toEqual(['left', 'right']);
    expect(sidesOfTest(slr, 'tighter', 'left')).toEqual(['left', 'right']);
    expect(sidesOfTest(slr, 'tighter', null)).toEqual(['right', 'left']);
    expect(sidesOfTest(plank, 'left', null)).toEqual(['both']);
  });
  it('make one station each, without read-outs that stand instead of another', () => {
    const stations = stationsOf(some('knee-to-wall', 'front-plank'), 'right', () => null);
    expect(stations).toEqual([
      { test: 'knee-to-wall', readout: 'shin-angle', side: 'right' },
      { test: 'knee-to-wall', readout: 'shin-angle', side: 'left' },
      { test: 'front-plank', readout: 'hold', side: 'both' },
    ]);
  });
});

describe('tests for aims', () => {
  it('are those that a group of the aims stops or drives', () => {
    const ids = testsForAims(BATTERY, ['hamstrings']).map((t) => t.id);
    expect(ids).toContain('straight-leg-raise');
    expect(ids).toContain('prone-knee-flexion');
    expect(ids).not.toContain('knee-to-wall');
    expect(testsForAims(BATTERY, [])).toEqual([]);
  });
});

describe('a locked test', () => {
  const thomas = testById('modified-thomas');
  if (!thomas) throw new Error('unknown');
  const under = (...cautions: string[]) =>
    lockOf(
      screen(
        cautions.map((caution) => ({ caution })),
        '2026-01-05',
      ),
      thomas,
    );
  it('says what locks it and which other way stays open', () => {
    const lock = under('pregnancy-late');
    expect(lock?.by.map((c) => c.id)).toEqual(['pregnancy-late']);
    expect(lock?.open.map((v) => v.id)).toEqual(['side-lying']);
  });
  it('opens only what every caution allows, and nothing where everything stops', () => {
    expect(under('pregnancy-late', 'hip-replacement-front')?.open).toEqual([]);
    expect(under('numb-saddle')?.open).toEqual([]);
    expect(under('touch')).toBeNull();
  });
});
