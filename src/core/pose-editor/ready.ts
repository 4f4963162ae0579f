import { say } from '@/core/languages/spoken';
import { GROUPS, isMuscleGroup, SIDES, TYPICAL_BUILD, type GroupId } from '@/core/body';
import { readAt } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import type { Shape } from '@/core/poses';
import { obstaclesOf, TIPS_OVER } from './problems';

/**
 * What keeps a pose out of the library, in sentences, each rung by its name where there are several; empty where
 * nothing does.
 */
export function notReady(shape: Shape): string[] {
  return shape.rungs.flatMap((rung, i) => {
    const words = obstaclesOf(shape, rung).map((p) => p.words);
    if (
      [0, 0.5, 1].some(
        (depth) =>
          readAt({ shape, rung: i + 1, side: 'right' }, depth, { posterior: TYPICAL, build: TYPICAL_BUILD }).tips,
      )
    )
      words.push(TIPS_OVER.words);
    return shape.rungs.length > 1 ? words.map((w) => `${say(rung.name)}: ${w}`) : words;
  });
}

/** Stretch and load at full depth in typical people from which a pose counts as being for a muscle. Ours. */
const STRETCHES = 0.5;
const WORKS = 0.25;

/** What a pose is for, read from what it does in typical people: what it stretches and whom it makes work. */
export function meantFor(shape: Shape): Pick<Shape, 'reaches' | 'works'> {
  const reaches = new Set<GroupId>(),
    works = new Set<GroupId>();
  shape.rungs.forEach((_, i) => {
    const { stretch, load } = readAt({ shape, rung: i + 1, side: 'right' }, 1, {
      posterior: TYPICAL,
      build: TYPICAL_BUILD,
    });
    for (const side of SIDES)
      for (const group of GROUPS) {
        if (!isMuscleGroup(group)) continue;
        if (stretch[side][group] >= STRETCHES) reaches.add(group);
        if ((load[side][group] ?? 0) >= WORKS) works.add(group);
      }
  });
  return { reaches: [...reaches], works: [...works] };
}
