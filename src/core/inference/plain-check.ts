import { groupOf, GROUPS, ELEMENTS, type GroupId } from '@/core/body';
import type { Place } from '@/core/students/student';
import { limitersOf } from '@/core/assessment/battery';
import { placeGiven } from './evidence';

/** Weight of where it is felt against the textbook's ranks (our default). */
const PLACE_COUNTS = 1.5;

/**
 * What a textbook would say without any model: the usual limiters of the test by their rank, helped by where it is
 * felt. Cheap and transparent; it stands beside the engine, and where the two disagree less is said. Null where the
 * test names nobody or hardly separates the first two.
 */
export function plainCheck(test: string, readout: string, place: Place | undefined): GroupId | null {
  const limiters = limitersOf(test, readout);
  const given = place && place !== 'nowhere' ? placeGiven(place) : null;
  const score = new Map<GroupId, number>();
  for (const { structure, weight } of limiters) {
    const group = groupOf(structure);
    if (!group) continue;
    // A structure speaks for itself, not for others of its group.
    const own = ELEMENTS.findIndex((e) => e.id === structure || e.structures.includes(structure));
    const felt = given && own >= 0 ? PLACE_COUNTS * Math.log(Math.max(given[own], LEAST) / CHANCE) : 0;
    score.set(group, Math.max(score.get(group) ?? -Infinity, weight + felt));
  }
  const ranked = [...score].sort(([a, x], [b, y]) => y - x || GROUPS.indexOf(a) - GROUPS.indexOf(b));
  const [first, second] = ranked;
  if (!first || (second && first[1] - second[1] < 0.5)) return null;
  return first[0];
}

/** The structure that a textbook names first for a read-out, as its reportable group; null where it names none. */
export function usualLimiter(test: string, readout: string): GroupId | null {
  const limiters = limitersOf(test, readout);
  const [first] = [...limiters].sort((a, b) => b.weight - a.weight);
  return first ? groupOf(first.structure) : null;
}

/** Chance of a place that says nothing, and the least that is taken for one that hardly ever happens. */
const CHANCE = 0.05;
const LEAST = 0.01;
