import type { Side } from '@/core/body';
import { BATTERY } from '@/core/assessment/battery';
import { modelledReadouts } from '@/core/assessment/definition';
import { kindOf, type Reading } from '@/core/assessment/reading';
import type { AskedReadout } from './information';

/**
 * What could still be read of these sides, by test, side and way of doing it: the read-outs that the model speaks of.
 * Another way of a test tells by its difference from the usual way, so it comes only after that.
 */
export function stillToRead(
  readings: readonly Reading[],
  sides: readonly Side[],
): (readonly [AskedReadout, ...AskedReadout[]])[] {
  const done = new Set(readings.map(kindOf));
  return BATTERY.flatMap((test) =>
    sides.flatMap((side) => {
      // A test of both sides at once is asked of each, and done for both.
      const of = test.sided ? side : 'both';
      return [undefined, ...(test.variants ?? []).filter((v) => v.context)].flatMap((way) => {
        const [first, ...rest] = modelledReadouts(test)
          .filter((r) => !r.insteadOf && (!way?.readouts || way.readouts.includes(r.id)))
          .filter((r) => !done.has(kindOf({ test: test.id, readout: r.id, side: of, variant: way?.id })))
          .map((readout): AskedReadout => ({ test: test.id, readout, side, ...(way && { variant: way.id }) }));
        if (!first) return [];
        const begun = [first, ...rest].every((a) =>
          done.has(kindOf({ test: test.id, readout: a.readout.id, side: of })),
        );
        return way && !begun ? [] : [[first, ...rest] as const];
      });
    }),
  );
}
