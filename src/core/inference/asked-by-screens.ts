import { groupOf, ELEMENTS, type Side } from '@/core/body';
import { BATTERY, limitersOf } from '@/core/assessment/battery';
import { bandOf, isModelled, normOf } from '@/core/assessment/definition';
import { feltElsewhere } from '@/core/assessment/felt-elsewhere';
import { meanOf, ofSide, type Reading } from '@/core/assessment/reading';
import type { Place, SexForNorms } from '@/core/students/student';
import { placeGiven } from './evidence';
import type { AskedReadout } from './information';
import { LIMITED, type MovementFinding } from './statements';

/** Chance from which a place is the usual one of an element that stops. */
const USUAL_PLACE = 0.4;

/** Structures that stop a read-out first, as the field has it. */
const firstOf = ({ test, readout }: AskedReadout): readonly string[] => {
  const limiters = limitersOf(test, readout.id);
  const most = Math.max(...limiters.map((l) => l.weight));
  return limiters.filter((l) => l.weight === most).map((l) => l.structure);
};

/** Weight from which a structure is what a test is there for. */
const PLAINLY = 3;
const plainlyFirstOf = ({ test, readout }: AskedReadout): readonly string[] =>
  limitersOf(test, readout.id)
    .filter((l) => l.weight >= PLAINLY)
    .map((l) => l.structure);

/** Whether what a read-out is usually stopped by is felt at a place. */
function looksAt(a: AskedReadout, place: Place): boolean {
  const given = placeGiven(place);
  return firstOf(a).some((structure) =>
    ELEMENTS.some((e, g) => (e.id === structure || e.structures.includes(structure)) && given[g] >= USUAL_PLACE),
  );
}

/**
 * Places of a side that ask for a test of their own: felt where nothing that was tested ends, or what held before it.
 */
function placesToLookAt(readings: readonly Reading[], movements: readonly MovementFinding[], side: Side): Place[] {
  const strange = movements.filter((m) => m.side === side && m.spoke === 'strange').flatMap((m) => m.readings);
  return readings
    .filter((r) => ofSide(r, side) && (strange.includes(r.id) || feltElsewhere(r) === 'back-thigh'))
    .flatMap((r) => r.placeFelt ?? []);
}

/**
 * Structures that a test of the whole leaves in question: it ended well below usual, and many things end it. The hands
 * that stay far from the toes ask for the hamstrings; a squat that stays high asks for the ankles, and where those are
 * read, for the hips. Chief ones first.
 */
function structuresInQuestion(
  readings: readonly Reading[],
  movements: readonly MovementFinding[],
  side: Side,
  sex: SexForNorms | undefined,
): string[] {
  return BATTERY.filter((t) => t.kind !== 'strength' && !t.readouts.some(isModelled)).flatMap((t) => {
    const short = readings.some((r) => {
      if (r.test !== t.id || !ofSide(r, side) || r.variant || r.pain) return false;
      const readout = t.readouts.find((x) => x.id === r.readout);
      const norm = readout && normOf(readout, sex);
      return readout && norm && bandOf(readout, meanOf(r.trials), norm) < LIMITED;
    });
    if (!short) return [];
    const open = t.limiters.filter((l) => l.weight > 1 && !answered(l.structure, movements, side));
    const most = Math.max(...open.map((l) => l.weight));
    return open.filter((l) => l.weight === most).map((l) => l.structure);
  });
}

/** Whether a movement of the side that a structure usually stops first was read already. */
const answered = (structure: string, movements: readonly MovementFinding[], side: Side): boolean =>
  movements.some(
    (m) =>
      m.side === side &&
      m.measured !== null &&
      limitersOf(m.test, m.readout).some((l) => groupOf(l.structure) === groupOf(structure) && l.weight >= PLAINLY),
  );

/** What readings of a side ask to be looked at by a test that speaks of it alone. */
export function askedByScreens(
  readings: readonly Reading[],
  movements: readonly MovementFinding[],
  side: Side,
  sex: SexForNorms | undefined,
): (list: readonly AskedReadout[]) => boolean {
  const places = placesToLookAt(readings, movements, side);
  const open = structuresInQuestion(readings, movements, side, sex);
  return (list) =>
    list.some((a) => places.some((p) => looksAt(a, p)) || plainlyFirstOf(a).some((s) => open.includes(s)));
}
