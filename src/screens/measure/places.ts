import { testById } from '@/core/assessment/battery';
import type { ReadingSide } from '@/core/assessment/reading';
import type { MeasureSession } from '@/store/studio';
import type { Place, Queue } from './course';

type Skipped = MeasureSession['skipped'];

const same = (one: Place, other: Place): boolean =>
  one.test === other.test && one.readout === other.readout && one.side === other.side;
const isSkipped = (skipped: Skipped, test: string): boolean => skipped.some((s) => s.test === test);

/**
 * Where to go on: the next place that is not read or left out, from here round to here.
 * @param leaving a test that is left
 */
export function nextPlace(
  { stations, isRead }: Queue,
  here: Place,
  skipped: Skipped,
  leaving?: string,
): Place | undefined {
  const i = stations.findIndex((p) => same(p, here));
  const rest = [...stations.slice(i + 1), ...stations.slice(0, Math.max(0, i))].filter((p) => p.test !== leaving);
  return rest.find((p) => !isRead(p) && !isSkipped(skipped, p.test)) ?? rest[0];
}

/** Where a test begins: on this side and not read, else what of it is open. Undefined for a test that is not known. */
export function firstPlaceOf(
  { stations, isRead }: Queue,
  id: string,
  side: ReadingSide,
  variant?: string,
): Place | undefined {
  const test = testById(id);
  if (!test) return undefined;
  const own = stations.filter((p) => p.test === id && p.variant === variant);
  if (variant && own.length === 0) {
    const only = test.variants?.find((v) => v.id === variant)?.readouts?.[0];
    return { test: id, readout: only ?? test.readouts[0].id, side, variant };
  }
  return (
    own.find((p) => p.side === side && !isRead(p)) ??
    own.find((p) => !isRead(p)) ??
    own.find((p) => p.side === side) ??
    // A side that a caution shuts has no place: the other one stands in.
    own.at(0) ?? {
      test: id,
      readout: test.readouts[0].id,
      side: test.sided ? (side === 'both' ? 'right' : side) : 'both',
      variant,
    }
  );
}

/**
 * Where a session stands: what was chosen, else where it was left, else the first that is not read. Undefined where all
 * is locked.
 */
export function placeNow(
  { entries, stations, isRead }: Queue,
  chosen: Place | null,
  left: Place | undefined,
  skipped: Skipped,
): Place | undefined {
  const fits = (place: Place | null | undefined): Place | null =>
    place &&
    entries.some(
      (e) =>
        e.test.id === place.test &&
        (!e.lock || e.lock.open.some((v) => v.id === place.variant)) &&
        !e.shutSides.some((s) => s.side === place.side),
    )
      ? place
      : null;
  return (
    fits(chosen) ??
    (left && !isRead(left) ? fits(left) : null) ??
    stations.find((p) => !isSkipped(skipped, p.test) && !isRead(p)) ??
    stations[0]
  );
}
