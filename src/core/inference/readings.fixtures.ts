import { modelledReadoutOf, readoutOf, type TestId } from '@/core/assessment/battery';
import { normFor, type ReadoutId } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';

/** For tests: which test and which read-out of it. */
export type TestedBy = readonly [test: TestId, readout: ReadoutId];

/** For tests: a reading of the left side told by SDs from its norm (− is less room), with what was said of it. */
export function readAt(test: TestId, readout: ReadoutId, z: number, more: Partial<Reading> = {}): Reading {
  const r = modelledReadoutOf(test, readout);
  if (!r) throw new Error(`unknown ${test} ${readout}`);
  const norm = normFor(r, undefined);
  const value = norm.mean + z * norm.sd * (r.better === 'higher' ? 1 : -1);
  return readOf(test, readout, Math.min(r.max, Math.max(r.min, value)), more);
}

/** For tests: a reading of the left side with its value. */
export const readOf = (test: TestId, readout: ReadoutId, value: number, more: Partial<Reading> = {}): Reading => ({
  id: `${test}-${readout}-${more.side ?? 'left'}${more.variant ?? ''}${more.active ? '-alone' : ''}`,
  student: 's',
  test,
  readout,
  side: 'left',
  trials: [value],
  unit: readoutOf(test, readout)?.unit ?? 'deg',
  takenAt: '2026-03-01T10:00:00.000Z',
  ...more,
});
