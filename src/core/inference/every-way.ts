import type { Side } from '@/core/body';
import type { TestId } from '@/core/assessment/battery';
import type { ReadoutId } from '@/core/assessment/definition';
import { feltElsewhere } from '@/core/assessment/felt-elsewhere';
import type { EndFeel, Reading } from '@/core/assessment/reading';
import type { Place } from '@/core/students/student';
import { hint, type Hint, type Signs } from './hint';

/** Where a worn or pinched hip joint is felt. */
export const AT_THE_JOINT: readonly Place[] = ['groin-pinch', 'front-hip-crease', 'outer-hip'];

/**
 * The three ways that a worn or swollen hip gives first, each by the tests that read it; the first is the one it loses
 * most.
 */
const EVERY_WAY: readonly (readonly (readonly [test: TestId, readout: ReadoutId])[])[] = [
  [
    ['seated-hip-rotation', 'internal-rotation'],
    ['prone-hip-rotation', 'internal-rotation'],
  ],
  [['knee-to-chest', 'hip-flexion']],
  [
    ['faber', 'knee-height'],
    ['bent-knee-fall-out', 'knee-height'],
    ['supine-abduction', 'bent-knee'],
  ],
];
/** Ends that tell of a person who stopped. */
const STOPPED: readonly EndFeel[] = ['pain', 'guarding', 'fear', 'nerve-like', 'body-contact'];
/** SD below usual from which a way is short, and by which the other hip must go further. */
const SHORT_Z = -1;
const FURTHER_Z = 1;

/**
 * Places where a muscle at its end is felt in these movements: said of all three, they are three muscles rather than
 * one joint.
 */
const BELLIES: readonly Place[] = ['deep-buttock', 'whole-buttock', 'inner-thigh-high', 'inner-thigh-long'];

/**
 * A hip that turns in, bends and opens little, and that its fellow does not follow: the joint gives ways together that
 * no one muscle holds. Null where a way is not read or is not short, where the other hip is the same below fifty, or
 * where each was felt in a muscle's belly.
 */
export function stopsEveryWay(side: Side, signs: Signs): Hint | null {
  const found = EVERY_WAY.map((ways) =>
    ways
      .flatMap(([test, readout]) => signs.of(test, readout, side) ?? [])
      .filter((r) => feltElsewhere(r) === null && (r.endFeel === undefined || !STOPPED.includes(r.endFeel)))
      .sort((a, b) => (signs.z(a) ?? 0) - (signs.z(b) ?? 0))
      .at(0),
  ).filter((r) => r !== undefined && (signs.z(r) ?? 0) < SHORT_Z) as Reading[];
  if (found.length < EVERY_WAY.length) return null;
  if (found.every((r) => r.placeFelt !== undefined && BELLIES.includes(r.placeFelt))) return null;
  const older = found.some((r) => signs.over50(r));
  const other = side === 'left' ? 'right' : 'left';
  const alone = found.every((r) => {
    const fellow = signs.alike(r, other);
    return fellow !== undefined && (signs.z(fellow) ?? 0) - (signs.z(r) ?? 0) > FURTHER_Z;
  });
  if (!older && !alone) return null;
  return {
    ...hint('joint', side, found, { everyWay: alone ? 1 : 2 }, older && signs.complains(AT_THE_JOINT, side)),
    joint: 'joint-or-capsule',
  };
}
