import { groupOf, type Side } from '@/core/body';
import { fewestTurns, strengthOrder } from './batteries';
import type { ReadoutId, TestPosition, TestDefinition } from './definition';
import type { ReadingSide } from './reading';

/** One read-out of one side, as it waits in the queue. */
export interface QueuedReadout {
  test: string;
  readout: ReadoutId;
  side: ReadingSide;
}

/** Side that is read first: always the same, or the one that gave less last time. */
export type SideOrder = 'right' | 'left' | 'tighter';

/**
 * Tests in the order in which they are offered: position after position with the fewest turns from where the student is
 * now; within a position those that would tell most come first. Holds that tire stay last.
 * @param gains bits a test is expected to tell, by test id; absent tests keep their place
 */
export function queueOf(
  tests: readonly TestDefinition[],
  gains: Readonly<Record<string, number>> = {},
  from?: TestPosition,
): TestDefinition[] {
  const length = tests.filter((t) => t.kind !== 'strength');
  const ordered = fewestTurns(length, from);
  const ranked = [...new Set(ordered.map((t) => t.position))].flatMap((p) =>
    ordered
      .filter((t) => t.position === p)
      .map((t, i) => ({ t, i, gain: gains[t.id] ?? 0 }))
      .sort((a, b) => b.gain - a.gain || a.i - b.i)
      .map(({ t }) => t),
  );
  return [...ranked, ...strengthOrder(tests.filter((t) => t.kind === 'strength'))];
}

/** Sides of a test in the order of the teacher's school. */
export function sidesOfTest(test: TestDefinition, order: SideOrder, tighter: Side | null): readonly ReadingSide[] {
  if (!test.sided) return ['both'];
  const first = order === 'tighter' ? (tighter ?? 'right') : order;
  return first === 'right' ? ['right', 'left'] : ['left', 'right'];
}

/** Every read-out that a list of tests asks for; read-outs that stand instead of another are left to the teacher. */
export function stationsOf(
  tests: readonly TestDefinition[],
  order: SideOrder,
  tighter: (test: string) => Side | null,
): QueuedReadout[] {
  return tests.flatMap((t) =>
    sidesOfTest(t, order, tighter(t.id)).flatMap((side) =>
      t.readouts.filter((r) => !r.insteadOf).map((r) => ({ test: t.id, readout: r.id, side })),
    ),
  );
}

/** Tests that speak about the groups of these aims, the most telling first. */
export function testsForAims(all: readonly TestDefinition[], groups: readonly string[]): TestDefinition[] {
  const weight = (t: TestDefinition) =>
    t.limiters.reduce((best, l) => (groups.includes(groupOf(l.structure) ?? '') ? Math.max(best, l.weight) : best), 0);
  return all
    .map((test, i) => ({ test, i, weight: weight(test) }))
    .filter((t) => t.weight >= 2)
    .sort((a, b) => b.weight - a.weight || a.i - b.i)
    .map(({ test }) => test);
}
