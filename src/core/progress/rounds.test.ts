import { describe, expect, it } from 'vitest';
import { changesOf } from './change';
import { stuck } from './no-change';
import { baseRound, roundsOf } from './rounds';
import { reading } from './readings.fixtures';

describe('rounds of testing', () => {
  it('days within a week of each other are one round', () => {
    expect(roundsOf(['2026-11-12', '2026-10-01', '2026-10-03', '2026-11-10', '2026-11-10'])).toEqual([
      { from: '2026-10-01', to: '2026-10-03' },
      { from: '2026-11-10', to: '2026-11-12' },
    ]);
    expect(roundsOf([])).toEqual([]);
  });
  it('a change is told since the round that was chosen, else since the first; the last has nothing after it', () => {
    const rounds = roundsOf(['2026-08-01', '2026-09-05', '2026-10-10']);
    expect(baseRound(rounds, null)).toBe(rounds[0]);
    expect(baseRound(rounds, '2026-09-05')).toBe(rounds[1]);
    expect(baseRound(rounds, '2026-10-10')).toBe(rounds[0]);
    expect(baseRound(rounds, 'nonsense')).toBe(rounds[0]);
    expect(baseRound(rounds.slice(0, 1), null)).toBeNull();
    expect(baseRound([], null)).toBeNull();
  });
  it('days before the chosen round are kept, and do not count', () => {
    const list = [reading('2026-08-01', 30), reading('2026-09-05', 60), reading('2026-10-10', 62)];
    const [whole] = changesOf(list),
      [part] = changesOf(list, {}, '2026-09-05');
    expect(whole).toMatchObject({ by: 32, verdict: 'changed' });
    expect(part).toMatchObject({ by: 2, verdict: 'too-small', trend: null });
    expect(part.points).toHaveLength(3);
    expect(part.first.day).toBe('2026-09-05');
    expect(changesOf(list, {}, '2026-10-10')).toEqual([]);
    // Two days since then are too few to ask why nothing moved.
    expect(stuck([part])).toBe(false);
  });
});
