import { testById } from '@/core/assessment/battery';
import type { Context, Variant } from '@/core/assessment/definition';
import { meanOf, type Reading } from '@/core/assessment/reading';

/** Marks a context as that of a variant: its other values are no readings but what the variant sets. */
export const ANOTHER_WAY = 'another-way';

/** The way a reading was done, where not the usual one. */
export const variantOf = (reading: Pick<Reading, 'test' | 'variant'>): Variant | undefined =>
  reading.variant ? testById(reading.test)?.variants?.find((v) => v.id === reading.variant) : undefined;

/** What the other read-outs of the same test and side tell about where the body is. */
export function contextOf(
  reading: Pick<Reading, 'test' | 'readout' | 'side' | 'pelvicTilt_deg' | 'variant'>,
  all: readonly Reading[],
): Context {
  const context: Record<string, number> = {};
  for (const r of all)
    if (r.test === reading.test && r.side === reading.side && r.readout !== reading.readout && !r.variant && !r.active)
      context[r.readout] = meanOf(r.trials);
  const variant = variantOf(reading);
  if (variant?.context) Object.assign(context, variant.context, { [ANOTHER_WAY]: 1 });
  if (reading.pelvicTilt_deg !== undefined) context.pelvicTilt = reading.pelvicTilt_deg;
  return context;
}
