import { describe, expect, it } from 'vitest';
import type { Reading } from '@/core/assessment/reading';
import { stopsEveryWay } from './every-way';
import { Signs, type Understood } from './hint';
import { readAt, readOf, type TestedBy } from './readings.fixtures';

const RIGHT = { side: 'right' } as const;
const WAYS: readonly [turning: TestedBy, bending: TestedBy, opening: TestedBy] = [
  ['seated-hip-rotation', 'internal-rotation'],
  ['knee-to-chest', 'hip-flexion'],
  ['faber', 'knee-height'],
];
/** The three ways of the left hip so many SD from usual, and of the right. */
const hips = (left: number, right: number, more: Partial<Reading> = {}): Reading[] =>
  WAYS.flatMap(([t, r]) => [readAt(t, r, left, more), readAt(t, r, right, RIGHT)]);
const said = (own: readonly Reading[], person: Understood = {}) => stopsEveryWay('left', new Signs(own, person));

describe('a hip that stops early every way', () => {
  it('is told as the joint where the other one does not follow', () => {
    expect(said(hips(-1.6, 0))).toMatchObject({ kind: 'joint', joint: 'joint-or-capsule', side: 'left', refer: false });
    expect(said(hips(-1.6, 0))?.from).toHaveLength(3);
    expect(said(hips(-1.6, -1.2))).toBeNull();
  });
  it('is told past fifty also where both are stiff, and sent to a clinician with an ache there', () => {
    expect(said(hips(-1.6, -1.4), { birthYear: 1960 })).not.toBeNull();
    expect(said(hips(-1.6, -1.4), { birthYear: 1990 })).toBeNull();
    const sore: Understood = { birthYear: 1960, complaints: [{ place: 'groin-pinch', side: 'left' }] };
    expect(said(hips(-1.6, -1.4), sore)?.refer).toBe(true);
  });
  it('is not told where a way is usual, was not read, or was broken off', () => {
    const all = hips(-1.6, 0);
    for (const [test] of WAYS) {
      expect(said(all.filter((r) => r.test !== test)), test).toBeNull();
      expect(
        said(all.map((r) => (r.test === test && r.side === 'left' ? { ...r, endFeel: 'guarding' } : r))),
        test,
      ).toBeNull();
    }
    const [turning, ...others] = WAYS;
    const freely = [...others.flatMap(([t, r]) => [readAt(t, r, -1.6), readAt(t, r, 0, RIGHT)]), readAt(...turning, 0)];
    expect(said(freely)).toBeNull();
  });
  it('is three muscles where each way was felt in the belly of one', () => {
    const bellies = ['deep-buttock', 'whole-buttock', 'inner-thigh-high'] as const;
    const felt = WAYS.flatMap(([t, r], i) => [readAt(t, r, -1.6, { placeFelt: bellies[i] }), readAt(t, r, 0, RIGHT)]);
    expect(said(felt)).toBeNull();
    expect(said(felt.map((r) => (r.test === 'faber' ? { ...r, placeFelt: 'outer-hip' } : r)))).not.toBeNull();
  });
  it('is opened by any of the tests that open it', () => {
    const own = hips(-1.6, 0).filter((r) => r.test !== 'faber');
    const bent = [readOf('supine-abduction', 'bent-knee', 20), readOf('supine-abduction', 'bent-knee', 48, RIGHT)];
    expect(said([...own, ...bent])).not.toBeNull();
  });
});
