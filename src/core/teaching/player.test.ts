import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { logFrom, logSchema } from './log';
import { advance, hasBegun, secondsLeft, startPlayer, wake, type PlayerEvent, type PlayerState } from './player';
import { item, played, T0 } from './play.fixtures';

const ITEMS = [item('a', 'bridge', 'both', 5), item('b', 'pigeon', 'right', 10), item('c', 'pigeon', 'left', 10)];
const fresh = () => startPlayer('p', 's', ITEMS, T0);
const play = (steps: readonly [number, PlayerEvent][]) => played(steps, fresh());

/** Two sets of a sided shape, played to the end after something happened in the first. */
function sets(happens: (s: PlayerState) => PlayerState): PlayerState {
  const own = [item('r', 'side-leg-lift', 'right', 5, { sets: 2 }), item('l', 'side-leg-lift', 'left', 5, { sets: 2 })];
  let s = happens(startPlayer('p', 's', own, T0));
  for (let n = 0; s.stage !== 'finished' && n < 40; n++) {
    s = advance(s, { type: 'resume' }, T0);
    s = played([[40, { type: 'tick' }]], { ...s, at: T0 });
  }
  return s;
}

describe('the player', () => {
  it('waits for the teacher before the first item', () => {
    const s = play([[10, { type: 'tick' }]]);
    expect(s).toMatchObject({ index: 0, stage: 'holding', running: false, left: 30 });
    expect(hasBegun(s)).toBe(false);
    expect(secondsLeft(s)).toBe(30 + 15 + 60 + 6 + 60);
  });
  it('of an empty practice is over before it begins', () => {
    const s = startPlayer('p', 's', [], T0);
    expect(s.stage).toBe('finished');
    expect(hasBegun(s)).toBe(true);
    expect(secondsLeft(s)).toBe(0);
  });
  it('counts down, goes over to the way there, then holds the next', () => {
    const go: [number, PlayerEvent] = [0, { type: 'resume' }];
    expect(play([go, [10, { type: 'tick' }]]).left).toBeCloseTo(20, 6);
    expect(play([go, [32, { type: 'tick' }]])).toMatchObject({ index: 1, stage: 'moving' });
    const holding = play([go, [50, { type: 'tick' }]]);
    expect(holding).toMatchObject({ index: 1, stage: 'holding' });
    expect(holding.left).toBeCloseTo(55, 6);
  });
  it('goes through a round on one side before the other', () => {
    const both = (pose: string) => [item(`${pose}-r`, pose, 'right', 5), item(`${pose}-l`, pose, 'left', 5)];
    const flow = [...both('warrior-two'), ...both('side-angle')].map((i) => ({ ...i, round: 1 }));
    let s = startPlayer('p', 's', flow, T0);
    const seen: string[] = [];
    while (s.stage !== 'finished') {
      if (s.stage === 'holding') seen.push(s.items[s.index].id);
      s = advance(s, { type: 'next' }, T0);
    }
    expect(seen).toEqual(['warrior-two-r', 'side-angle-r', 'warrior-two-l', 'side-angle-l']);
  });
  it('goes through the sets, each written down by itself', () => {
    const s = sets((x) => x);
    expect(s.results.map((r) => [r.item, r.set?.number, r.doneSeconds])).toEqual([
      ['r', 1, 30],
      ['l', 1, 30],
      ['r~set2', 2, 30],
      ['l~set2', 2, 30],
    ]);
    const log = logFrom(s, { id: 'x', title: '', endedAt: new Date(T0).toISOString() });
    expect(logSchema.parse(log).items.map((i) => i.set)).toEqual(s.results.map((r) => r.set));
  });
  it('does not do a second time what hurt, and leaves the other side to her', () => {
    const hurt = sets((x) => advance(x, { type: 'stop-item' }, T0));
    expect(hurt.results.map((r) => [r.item, r.stopped ?? false])).toEqual([
      ['r', true],
      ['l', false],
      ['l~set2', false],
    ]);
    const both = sets((x) => advance(advance(x, { type: 'stop-item' }, T0), { type: 'leave-out' }, T0));
    expect(both.stage).toBe('finished');
    expect(both.results.map((r) => [r.item, r.skipped])).toEqual([
      ['r', true],
      ['l', true],
    ]);
  });
  it('does not come back to what hurt, in whatever place or deeper form, and leaves the rest', () => {
    const own = [
      item('1', 'cobra', 'both', 1),
      item('2', 'dog', 'both', 1),
      item('3', 'cobra', 'both', 1),
      item('4', 'cobra', 'both', 1, { rung: 2 }),
      item('5', 'pigeon', 'right', 1),
    ];
    const s = advance(startPlayer('p', 's', own, T0), { type: 'stop-item' }, T0);
    expect(s.items.map((i) => i.id)).toEqual(['1', '2', '5']);
  });
  it('does what came in its place in the sets to come, on both sides, or not at all', () => {
    const easier = (side: 'right' | 'left') => item(`e-${side}`, 'chair', side, 4);
    const now = easier('right'),
      twin = easier('left');
    const poses = (s: PlayerState) => s.items.map((i) => `${i.pose} ${i.side} ${i.set?.number}`);
    expect(poses(sets((x) => advance(x, { type: 'exchange', now, twin }, T0)))).toEqual([
      'chair right 1',
      'chair left 1',
      'chair right 2',
      'chair left 2',
    ]);
    expect(poses(sets((x) => advance(x, { type: 'exchange', now, twin: null, once: true }, T0)))).toEqual([
      'chair right 1',
    ]);
  });
  it('ends after the last item with everything done', () => {
    const s = play([
      [0, { type: 'resume' }],
      [175, { type: 'tick' }],
    ]);
    expect(s).toMatchObject({ stage: 'finished', running: false });
    expect(s.results.map((r) => [r.item, r.doneSeconds, r.skipped])).toEqual([
      ['a', 30, false],
      ['b', 60, false],
      ['c', 60, false],
    ]);
    expect(secondsLeft(s)).toBe(0);
  });
  it('stands still while paused', () => {
    const s = play([
      [0, { type: 'resume' }],
      [10, { type: 'pause' }],
      [100, { type: 'tick' }],
    ]);
    expect(s.left).toBeCloseTo(20, 6);
    expect(s.running).toBe(false);
    expect(hasBegun(s)).toBe(true);
  });
  it('writes skipped, stopped and half-done items as what they were', () => {
    const s = play([
      [0, { type: 'resume' }],
      [10, { type: 'next' }],
      [12, { type: 'skip' }],
      [14, { type: 'next' }],
      [24, { type: 'stop-item' }],
    ]);
    expect(s.results).toMatchObject([
      { item: 'a', doneSeconds: 10, skipped: false },
      { item: 'b', doneSeconds: 0, skipped: true },
      { item: 'c', doneSeconds: 10, skipped: false, stopped: true },
    ]);
    expect(s.stage).toBe('finished');
  });
  it('hears what the pain was like after the last item too', () => {
    const s = play([
      [0, { type: 'resume' }],
      [2, { type: 'next' }],
      [4, { type: 'next' }],
      [6, { type: 'next' }],
      [8, { type: 'next' }],
      [30, { type: 'stop-item' }],
      [32, { type: 'pain', item: 'c', kind: 'tingling' }],
    ]);
    expect(s.stage).toBe('finished');
    expect(s.results.find((r) => r.item === 'c')).toMatchObject({ stopped: true, pain: 'tingling' });
  });
  it('stands still when something hurt, until it is told to go on', () => {
    const hurt = play([
      [0, { type: 'resume' }],
      [10, { type: 'stop-item' }],
      [60, { type: 'tick' }],
    ]);
    expect(hurt).toMatchObject({ running: false, stage: 'moving', index: 1 });
    const left = play([
      [0, { type: 'resume' }],
      [10, { type: 'stop-item' }],
    ]).left;
    expect(hurt.left).toBe(left);
  });
  it('next during the way there begins the hold', () => {
    const s = play([
      [0, { type: 'resume' }],
      [5, { type: 'next' }],
      [7, { type: 'next' }],
    ]);
    expect(s).toMatchObject({ index: 1, stage: 'holding', left: 60 });
  });
  it('goes back, and does not lose what was felt', () => {
    const s = play([
      [0, { type: 'resume' }],
      [5, { type: 'felt', item: 'a', placeFelt: 'front-thigh', strength: 4 }],
      [6, { type: 'next' }],
      [8, { type: 'back' }],
    ]);
    expect(s.index).toBe(0);
    expect(s.results.find((r) => r.item === 'a')).toMatchObject({ placeFelt: 'front-thigh', strength: 4 });
  });
  it('takes place and strength one after the other', () => {
    const s = play([
      [1, { type: 'felt', item: 'b', strength: 6 }],
      [2, { type: 'felt', item: 'b', placeFelt: 'deep-buttock' }],
      [3, { type: 'felt', item: 'nothing', strength: 9 }],
    ]);
    expect(s.results).toHaveLength(1);
    expect(s.results[0]).toMatchObject({ item: 'b', placeFelt: 'deep-buttock', strength: 6 });
  });
  it('pauses instead of running away when the machine slept', () => {
    const s = advance(play([[0, { type: 'resume' }]]), { type: 'tick' }, T0 + 3600_000);
    expect(s).toMatchObject({ running: false, left: 30, index: 0 });
  });
  it('does not go backwards with the clock', () => {
    const s = advance(
      play([
        [0, { type: 'resume' }],
        [10, { type: 'tick' }],
      ]),
      { type: 'tick' },
      T0,
    );
    expect(s.left).toBeCloseTo(20, 6);
  });
  it('wakes after a reload at the second it knew, standing still', () => {
    const before = play([
      [0, { type: 'resume' }],
      [40, { type: 'tick' }],
    ]);
    const after = wake(JSON.parse(JSON.stringify(before)) as PlayerState, T0 + 500_000);
    expect(after).toMatchObject({ index: before.index, stage: before.stage, left: before.left, running: false });
    const later = advance(advance(after, { type: 'resume' }, T0 + 500_000), { type: 'tick' }, T0 + 501_000);
    expect(later.left).toBeCloseTo(before.left - 1, 6);
  });
  it('never loses an item or invents time, whatever is pressed', () => {
    const event = fc.oneof(
      fc.constantFrom<PlayerEvent>(
        { type: 'tick' },
        { type: 'pause' },
        { type: 'resume' },
        { type: 'next' },
        { type: 'back' },
        { type: 'skip' },
        { type: 'stop-item' },
        { type: 'finish' },
      ),
    );
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.double({ min: 0, max: 4, noNaN: true }), event), { maxLength: 60 }), (steps) => {
        let s = fresh(),
          t = T0;
        for (const [wait, e] of steps) {
          t += wait * 1000;
          s = advance(s, e, t);
          expect(s.left).toBeGreaterThanOrEqual(0);
          expect(s.index).toBeLessThanOrEqual(ITEMS.length);
          expect(new Set(s.results.map((r) => r.item)).size).toBe(s.results.length);
          for (const r of s.results) expect(r.doneSeconds).toBeLessThanOrEqual(r.plannedSeconds);
        }
      }),
    );
  });
});

describe('the log', () => {
  const done = play([
    [0, { type: 'resume' }],
    [5, { type: 'felt', item: 'a', placeFelt: 'back-thigh', strength: 2 }],
    [8, { type: 'next' }],
    [9, { type: 'finish' }],
  ]);
  const log = logFrom(done, { id: 'l', title: 'Morning', endedAt: '2026-05-01T10:10:00.000Z' });
  it('holds what was done in the order of the practice and leaves out what was never reached', () => {
    expect(log.items.map((i) => [i.pose, i.doneSeconds, i.placeFelt, i.strength, i.skipped])).toEqual([
      ['bridge', 8, 'back-thigh', 2, false],
      ['pigeon', 0, undefined, undefined, true],
    ]);
    expect(log.startedAt).toBe('2026-05-01T10:00:00.000Z');
  });
  it('is a log that a file can hold', () => expect(logSchema.safeParse(log).success).toBe(true));
});
