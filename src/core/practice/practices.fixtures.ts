import { buildOf, ELEMENTS, type GroupId, type Side } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import type { Aim } from '@/core/students/student';
import { rankPoses, type RankedPose } from '@/core/ranking/rank';
import { buildPractice, type BuildOptions, type BuiltPractice } from './build';

/** Poses and practices for tests: a body with given tolerances, aims that are common. */
const BUILD = buildOf({ height_cm: 172, mass_kg: 65 });

export const aim = (kind: Aim['kind'], group: GroupId, side: Side, weight = 1): Aim => ({ kind, group, side, weight });

export const AIMS: readonly Aim[] = [
  aim('lengthen', 'hamstrings', 'left', 0.9),
  aim('lengthen', 'deep-hip-flexor', 'left', 0.6),
  aim('strengthen', 'gluteus-maximus', 'left', 0.4),
];

/** What is asked alike is made once: tests of many files ask for the same few. */
function once<A extends unknown[], R>(make: (...asked: A) => R): (...asked: A) => R {
  const made = new Map<string, R>();
  return (...asked) => {
    const key = JSON.stringify(asked);
    const known = made.get(key) ?? make(...asked);
    made.set(key, known);
    return known;
  };
}

/** The library ranked in a body that is short by so many SD, by group, left (and right where not told otherwise). */
export const ranked = once(rankedAnew);
function rankedAnew(
  list: readonly Aim[] = AIMS,
  caution?: string | { caution: string; side: Side },
  short: Partial<Record<GroupId, number>> = {},
  right: Partial<Record<GroupId, number>> = short,
): RankedPose[] {
  const mean = new Float32Array(DIMENSIONS);
  ELEMENTS.forEach((e, g) => {
    mean[g] = short[e.group] ?? 0;
    mean[ELEMENT_COUNT + g] = right[e.group] ?? 0;
  });
  const p: Posterior = { mean, draws: mean, drawCount: 1 };
  return rankPoses(
    p,
    BUILD,
    list,
    screen(caution ? [typeof caution === 'string' ? { caution } : caution] : [], '2026-01-05'),
  );
}

export const POSES = ranked();

export const buildAnew = (minutes: number, more: Omit<BuildOptions, 'minutes'> = {}): Promise<BuiltPractice> =>
  buildPractice(POSES, AIMS, { minutes, ...more });

/** The same for whoever does not ask whether building anew gives the same. */
export const build = once(buildAnew);
