import { describe, expect, it } from 'vitest';
import { isFeltAt, type Findings } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { BATTERY } from '@/core/assessment/battery';
import { modelledReadouts, type ReadoutId } from '@/core/assessment/definition';
import { STOP_REASONS, type Reading } from '@/core/assessment/reading';
import { PLACES } from '@/core/students/student';
import { readAt } from '@/core/inference/readings.fixtures';
import { proposeAims } from './propose';
import { amount } from '@/core/how-much.fixtures';

/** Every read-out that the body model can move along, 2 SD short. */
const READOUTS = BATTERY.flatMap((t) => modelledReadouts(t).map((r) => [t, r] as const));
/** One in so many in each run; all in `bin/test --full`. */
const ONE_IN = amount(18, 1);
const some = <T>(all: readonly T[], from: number): T[] => all.filter((_, k) => (k + from) % ONE_IN === 0);

function after(test: (typeof BATTERY)[number], readout: ReadoutId, more: Partial<Reading>): Findings {
  const side = test.sided ? 'left' : 'both';
  return infer({ id: 's' }, [readAt(test.id, readout, -2, { side, ...more })], { next: false, seed: 3 }).findings;
}
const lengthened = (f: Findings) => proposeAims(f).filter((a) => a.kind === 'lengthen' || a.kind === 'both');

const NO_MUSCLE: readonly Partial<Reading>[] = [
  ...STOP_REASONS.filter((s) => s !== 'stretch-firm').map((endFeel) => ({ endFeel })),
  { pain: true },
  { distant: 'changes' as const },
  { placeFelt: 'leg-line' as const },
  { placeFelt: 'sit-bone' as const },
  { placeFelt: 'low-back' as const },
];

describe('what is not a muscle at its end leads to no lengthening, in any test', () => {
  it.each(READOUTS.map(([t, r], k) => [`${t.id} ${r.id}`, t, r, k] as const))('%s', (_, t, r, k) => {
    for (const more of some(NO_MUSCLE, k)) expect(lengthened(after(t, r.id, more)), JSON.stringify(more)).toEqual([]);
  });
});

describe('what is lengthened is felt where the reading was felt', () => {
  it.each(READOUTS.map(([t, r], k) => [`${t.id} ${r.id}`, t, r, k] as const))('%s', (_, t, r, k) => {
    for (const placeFelt of some(PLACES, k))
      for (const aim of lengthened(after(t, r.id, { placeFelt })))
        expect(isFeltAt(aim.group, placeFelt), `${aim.group} at ${placeFelt}`).toBe(true);
  });
  it('and something is, where a muscle is felt in its belly', () => {
    const raise = BATTERY.find((t) => t.id === 'straight-leg-raise');
    if (!raise) throw new Error('no such test');
    expect(lengthened(after(raise, 'hip-flexion', { placeFelt: 'back-thigh' })).map((a) => a.group)).toEqual([
      'hamstrings',
    ]);
  });
});
