import { readoutOf } from '@/core/assessment/battery';
import type { Readout } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';

/** Readings of a straight leg raise for tests, and chance that repeats. */

function readout(): Readout {
  const found = readoutOf('straight-leg-raise', 'hip-flexion');
  if (!found) throw new Error('no straight leg raise');
  return found;
}
export const slr = readout();
let n = 0;
export const reading = (day: string, value: number, more: Partial<Reading> = {}): Reading => ({
  id: `r${n++}`,
  student: 's',
  test: 'straight-leg-raise',
  readout: 'hip-flexion',
  side: 'left',
  trials: [value],
  unit: 'deg',
  takenAt: `${day}T10:00:00.000Z`,
  ...more,
});
/** A deterministic normal deviate. */
export function* normals(seed: number): Generator<number, never, void> {
  let a = seed >>> 0;
  const uniform = () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  for (;;) yield Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform());
}
