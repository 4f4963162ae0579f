import { say } from '@/core/languages/spoken';
import { groupOf, type Side } from '@/core/body';
import type { Screening } from '@/core/cautions/screen';
import type { NextTest } from '@/core/inference';
import { pairsByDay, sidesSwapped } from '@/core/measuring/plausibility';
import type { Aim, Student } from '@/core/students/student';
import { BATTERIES } from '@/core/assessment/batteries';
import { BATTERY, readoutOf } from '@/core/assessment/battery';
import { testsFor } from '@/core/assessment/complaints';
import type { Readout, TestDefinition } from '@/core/assessment/definition';
import { locksOf } from '@/core/assessment/locks';
import { queueOf, stationsOf, testsForAims, type SideOrder, type QueuedReadout } from '@/core/assessment/queue';
import { latest, meanOf, type Reading } from '@/core/assessment/reading';
import type { MeasureSession } from '@/store/studio';
import type { QueueEntry } from './TestQueue';
import { dayOf } from '@/core/day-of';

/** A read-out of a side in the queue, with the way it is done where a caution leaves only that. */
export interface Place extends QueuedReadout {
  variant?: string;
}

/** A place from an address, `test/readout/side` or with `/variant` behind; null where it names nothing we know. */
export function placeFrom(text: string | null): Place | null {
  const [test, readout, side, variant] = (text ?? '').split('/');
  const known = readoutOf(test, readout);
  if (!known) return null;
  if (side !== 'left' && side !== 'right' && side !== 'both') return null;
  return { test, readout: known.id, side, ...(variant ? { variant } : {}) };
}

export interface BatteryOffered {
  id: string;
  name: string;
  tests: readonly TestDefinition[];
}

const named = (ids: readonly string[]) => BATTERY.filter((t) => ids.includes(t.id));

/**
 * The batteries that make sense for a student: the named ones, what she complains of, what is aimed at, the own list.
 */
export function batteriesFor(
  student: Pick<Student, 'complaints'>,
  aims: readonly Aim[] | null,
  own: readonly string[],
): BatteryOffered[] {
  const out: BatteryOffered[] = [...BATTERIES];
  const said = testsFor(student.complaints)
    .slice(0, 8)
    .map((s) => s.test);
  if (said.length > 0) out.push({ id: 'complaints', name: say('What she speaks of'), tests: named(said) });
  const groups = (aims ?? []).filter((a) => a.kind !== 'leave').map((a) => a.group);
  const aimed = testsForAims(
    BATTERY,
    groups.map((g) => groupOf(g) ?? g),
  );
  if (aimed.length > 0) out.push({ id: 'aims', name: say('What we aim at'), tests: aimed });
  if (own.length > 0) out.push({ id: 'own', name: say('Your own choice'), tests: named(own) });
  return out;
}

/** Tests of a battery with those that were read beyond it since the measuring began. */
export function testsIn(
  battery: BatteryOffered,
  readings: readonly Reading[],
  since: string,
  also: string | undefined,
): TestDefinition[] {
  const read = new Set(readings.filter((r) => since !== '' && r.takenAt >= since).map((r) => r.test));
  const beyond = BATTERY.filter((t) => !battery.tests.includes(t) && (read.has(t.id) || t.id === also));
  return [...battery.tests, ...beyond];
}

/** The side that gave less in a test last time, or null. */
function tighterSide(readings: readonly Reading[], test: string): Side | null {
  const readout = BATTERY.find((t) => t.id === test)?.readouts[0];
  const of = (side: Side) => readings.find((r) => r.test === test && r.readout === readout?.id && r.side === side);
  const left = of('left'),
    right = of('right');
  if (!left || !right || !readout || readout.better === 'mid') return null;
  const less = meanOf(left.trials) < meanOf(right.trials);
  return less === (readout.better === 'higher') ? 'left' : 'right';
}

export interface Queue {
  entries: QueueEntry[];
  /** Everything that is asked for and open, in order. */
  stations: Place[];
  isRead: (place: Pick<QueuedReadout, 'test' | 'readout' | 'side'>) => boolean;
}

/** The queue as it stands: order, what is locked, read and left out. */
export function queueFor({
  tests,
  readings,
  since,
  screening,
  skipped,
  sideOrder,
  gains,
}: {
  tests: readonly TestDefinition[];
  readings: readonly Reading[];
  since: string;
  screening: Screening;
  skipped: MeasureSession['skipped'];
  sideOrder: SideOrder;
  gains: readonly NextTest[];
}): Queue {
  const known = latest(readings);
  const counted = readings.filter((r) => r.takenAt >= since);
  const isRead: Queue['isRead'] = (place) =>
    counted.some((r) => r.test === place.test && r.readout === place.readout && r.side === place.side);
  const begun = new Set(counted.map((r) => r.test));
  // What has been begun keeps its place; the rest is ranked by what it would tell.
  const gainOf: Record<string, number> = {};
  for (const [rank, gain] of gains.entries()) gainOf[gain.test] ??= gains.length - rank;
  for (const id of begun) gainOf[id] = Infinity;
  const order = queueOf(tests, gainOf);
  const stations: Place[] = [];
  const entries = order.map((test): QueueEntry => {
    const { lock, shutSides } = locksOf(screening, test);
    const variant = lock?.open[0];
    const own: Place[] =
      lock && !variant
        ? []
        : stationsOf([test], sideOrder, (id) => tighterSide(known, id))
            .filter((p) => !variant?.readouts || variant.readouts.includes(p.readout))
            .filter((p) => !shutSides.some((s) => s.side === p.side))
            .map((p) => ({ ...p, variant: variant?.id }));
    stations.push(...own);
    return {
      test,
      read: own.filter(isRead).length,
      all: own.length,
      lock,
      shutSides,
      skipped: skipped.find((s) => s.test === test.id)?.reason ?? null,
    };
  });
  return { entries, stations, isRead };
}

/**
 * The pair of a new reading and its other side of the same day, where it contradicts every earlier session; else null.
 */
export function swappedPair(readings: readonly Reading[], reading: Reading, readout: Readout): Reading[] | null {
  if (reading.side === 'both' || reading.pain || reading.variant) return null;
  const day = dayOf(reading);
  const other = latest(readings).find(
    (r) =>
      r.test === reading.test &&
      r.readout === reading.readout &&
      r.side !== reading.side &&
      r.side !== 'both' &&
      !r.variant &&
      dayOf(r) === day,
  );
  if (!other) return null;
  const value = (side: Side) => meanOf((reading.side === side ? reading : other).trials);
  const earlier = pairsByDay(readings, reading.test, reading.readout, day);
  return sidesSwapped(readout, { left: value('left'), right: value('right') }, earlier) ? [other, reading] : null;
}
