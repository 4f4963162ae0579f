import { beforeEach, describe, expect, it, vi } from 'vitest';
import { resultsOf } from './results';
import { StudioDatabase } from './studio';

const db = new StudioDatabase('studio');
const results = resultsOf(db);
beforeEach(async () => {
  await db.open();
  await db.results.clear();
});

describe('results that are kept', () => {
  it('come back by kind and name, in the order they are asked for', async () => {
    await results.put('ranking', 'a', { n: 1 });
    await results.putAll('drawing', [
      { name: 'a', value: 'A' },
      { name: 'b', value: 'B' },
    ]);
    expect(await results.getAll('drawing', ['b', 'nobody', 'a'])).toEqual(['B', undefined, 'A']);
    expect(await results.get('ranking', 'a')).toEqual({ n: 1 });
  });
  it('are so many of a kind: those longest unused go', async () => {
    const at = vi.spyOn(Date, 'now');
    try {
      for (let n = 0; n < 6; n++) {
        at.mockReturnValue(n * 3_600_000);
        await results.put('ranking', `r${n}`, n);
      }
      at.mockReturnValue(7 * 3_600_000);
      expect(await results.get('ranking', 'r0')).toBe(0);
      // A use is written down beside the answer.
      await vi.waitFor(async () => expect((await db.results.get(['ranking', 'r0']))?.usedAt).toBe(7 * 3_600_000));
      await results.put('inference', 'other', 0);
      await results.put('ranking', 'r6', 6);
      expect(await results.getAll('ranking', ['r0', 'r1', 'r6'])).toEqual([0, undefined, 6]);
    } finally {
      at.mockRestore();
    }
  });
  it('that were thrown away meanwhile do not come back by being used', async () => {
    await db.results.put({ kind: 'drawing', name: 'old', value: 1, usedAt: 0 });
    const asked = results.get('drawing', 'old');
    await db.results.clear();
    // What the answer wrote stands before what is asked next.
    await asked;
    expect(await db.results.count()).toBe(0);
  });
});
