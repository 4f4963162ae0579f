import { describe, expect, it } from 'vitest';
import { clearHurt, hurtIn, stillHurts } from './hurt';

const lesson = (id: string, day: string, items: Parameters<typeof hurtIn>[0][number]['items']) => ({
  id,
  startedAt: `${day}T10:00:00.000Z`,
  items,
});
const pigeon = { pose: 'pigeon', rung: 1, side: 'left' as const };

describe('what hurt', () => {
  const first = lesson('a', '2026-05-03', [
    { ...pigeon, stopped: true, pain: 'sharp', placeFelt: 'knee' },
    { pose: 'tree', rung: 1, side: 'left' },
  ]);
  const second = lesson('b', '2026-06-01', [{ ...pigeon, stopped: true }]);
  it('is every item that was ended for pain, newest first, with place and kind', () => {
    expect(hurtIn([first, second])).toEqual([
      { log: 'b', ...pigeon, on: '2026-06-01' },
      { log: 'a', ...pigeon, on: '2026-05-03', place: 'knee', kind: 'sharp' },
    ]);
  });
  it('stays cleared when lessons come, and hurts again when it hurts again', () => {
    const cleared = clearHurt(hurtIn([first]), pigeon, 'her physiotherapist has looked', '2026-05-20');
    expect(stillHurts(cleared)).toEqual([]);
    expect(stillHurts(hurtIn([first], cleared))).toEqual([]);
    expect(stillHurts(hurtIn([first, second], cleared)).map((h) => h.log)).toEqual(['b']);
  });
  it('clears only that pose and side', () => {
    const right = lesson('c', '2026-06-02', [{ ...pigeon, side: 'right', stopped: true }]);
    const cleared = clearHurt(hurtIn([first, right]), pigeon, 'fine', '2026-06-03');
    expect(stillHurts(cleared).map((h) => h.side)).toEqual(['right']);
  });
  it('is remembered of a lesson that cannot be read any more', () =>
    expect(hurtIn([second], hurtIn([first])).map((h) => h.log)).toEqual(['b', 'a']));
  it('is forgotten with the entry that was put right', () => {
    const put = { ...first, items: first.items.map((i) => ({ ...i, stopped: false })) };
    expect(hurtIn([put], hurtIn([first]))).toEqual([]);
  });
});
