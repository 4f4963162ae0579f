import { describe, expect, it } from 'vitest';
import { testById, type TestId } from '@/core/assessment/battery';
import type { ReadoutId } from '@/core/assessment/definition';
import type { Place, Queue } from './course';
import { firstPlaceOf, nextPlace, placeNow } from './places';

const at = (test: TestId, readout: ReadoutId, side: Place['side'], variant?: string): Place => ({
  test,
  readout,
  side,
  ...(variant && { variant }),
});
const RAISE = at('straight-leg-raise', 'hip-flexion', 'right');
const OTHER = { ...RAISE, side: 'left' as const };
const FABER = at('faber', 'knee-height', 'right');
const key = (p: Pick<Place, 'test' | 'readout' | 'side'>) => `${p.test}/${p.readout}/${p.side}`;
const queue = (stations: Place[], read: readonly Place[] = []): Queue => ({
  stations,
  isRead: (p) => read.some((r) => key(r) === key(p)),
  entries: [...new Set(stations.map((p) => p.test))].flatMap((id) => {
    const test = testById(id);
    return test ? [{ test, read: 0, all: 2, lock: null, shutSides: [], skipped: null }] : [];
  }),
});

describe('places in a course of tests', () => {
  const all = [RAISE, OTHER, FABER];
  it('go on to the next that is not read, round to the beginning', () => {
    expect(nextPlace(queue(all), RAISE, [])).toEqual(OTHER);
    expect(nextPlace(queue(all, [OTHER]), RAISE, [])).toEqual(FABER);
    expect(nextPlace(queue(all), FABER, [])).toEqual(RAISE);
  });
  it('pass by what is left out, and stay where all is read', () => {
    expect(nextPlace(queue(all), RAISE, [{ test: 'straight-leg-raise', reason: 'no time' }])).toEqual(FABER);
    expect(nextPlace(queue(all), RAISE, [], 'straight-leg-raise')).toEqual(FABER);
    expect(nextPlace(queue(all, all), RAISE, [])).toEqual(OTHER);
    expect(nextPlace(queue([RAISE]), RAISE, [])).toBeUndefined();
  });
  it('begin a test on the side that is worked, else where it is not read', () => {
    expect(firstPlaceOf(queue(all), 'straight-leg-raise', 'left')).toEqual(OTHER);
    expect(firstPlaceOf(queue(all, [OTHER]), 'straight-leg-raise', 'left')).toEqual(RAISE);
    expect(firstPlaceOf(queue(all), 'nonsense', 'left')).toBeUndefined();
    // Of a test that the queue does not hold, its first read-out; of both sides where it has none.
    expect(firstPlaceOf(queue(all), 'straddle', 'left')).toMatchObject({ test: 'straddle', side: 'both' });
    expect(firstPlaceOf(queue(all), 'ober', 'both')).toMatchObject({ test: 'ober', side: 'right' });
  });
  it('open another way of a test at the read-out that it is for', () => {
    expect(firstPlaceOf(queue(all), 'straight-leg-raise', 'left', 'ankle-up')).toEqual(
      at('straight-leg-raise', 'hip-flexion', 'left', 'ankle-up'),
    );
  });
  it('are where the teacher chose, else where she left off, else the first not read', () => {
    expect(placeNow(queue(all), FABER, RAISE, [])).toEqual(FABER);
    expect(placeNow(queue(all), null, OTHER, [])).toEqual(OTHER);
    expect(placeNow(queue(all, [OTHER]), null, OTHER, [])).toEqual(RAISE);
    expect(placeNow(queue(all, all), null, undefined, [])).toEqual(RAISE);
    expect(placeNow(queue([]), FABER, undefined, [])).toBeUndefined();
  });
});
