import { say } from '@/core/languages/spoken';
import { SIDES, type Side } from '@/core/body';
import type { Caution } from '@/core/cautions/catalogue';
import { DEMANDS } from '@/core/cautions/demands';
import { verdictOf, type Screening, type Verdict } from '@/core/cautions/screen';
import type { TestDefinition, Variant } from './definition';
import { demandsOfTest, demandsOfTestSide } from './demands';

/** Why a test may not be done as usual, and which other way stays open. */
export interface Lock {
  by: readonly Caution[];
  /** Ways of doing it that every one of these cautions allows. */
  open: readonly Variant[];
}

/**
 * What a screening leaves of a test: free, with a limit, or shut, and why.
 * @param side on which it is done; of both the strictest where none is told
 */
export const verdictOfTest = (screening: Screening, test: TestDefinition, side?: Side): Verdict =>
  verdictOf(
    screening,
    side && screening.cautions.some((c) => c.side) ? demandsOfTestSide(test, side) : demandsOfTest(test),
    'test',
  );

/** Sides of a test that nothing shuts; of one of both sides at once `both`. */
export const openSides = (screening: Screening, test: TestDefinition): ('left' | 'right' | 'both')[] =>
  test.sided
    ? SIDES.filter((side) => lockOf(screening, test, side) === null)
    : lockOf(screening, test) === null
      ? ['both']
      : [];

/** What locks a test under a screening; null where nothing does. A caution that stops everything opens nothing. */
export function lockOf(screening: Screening, test: TestDefinition, side?: Side): Lock | null {
  const verdict = verdictOfTest(screening, test, side);
  if (verdict.state !== 'closed') return null;
  const shut = new Set(verdict.because.map((b) => b.caution));
  const by = screening.cautions.filter((c) => shut.has(c.id));
  return {
    by,
    open: (test.variants ?? []).filter((v) => by.every((c) => c.rules !== 'all' && v.opens?.includes(c.id))),
  };
}

/** A side of a test that is shut while the other is open, and what shuts it. */
export interface ShutSide {
  side: Side;
  by: Lock['by'];
}

/** What locks a test: on both sides, or on one of them alone. */
export function locksOf(
  screening: Screening,
  test: TestDefinition,
): { lock: Lock | null; shutSides: readonly ShutSide[] } {
  const lock = lockOf(screening, test);
  if (!lock || !test.sided) return { lock, shutSides: [] };
  const shut = SIDES.flatMap((side) => {
    const own = lockOf(screening, test, side);
    return own ? [{ side, by: own.by }] : [];
  });
  return shut.length < SIDES.length ? { lock: null, shutSides: shut } : { lock, shutSides: [] };
}

/** How far a test goes that cautions limit, a sentence each; empty where it is free or shut. */
export function testLimits(screening: Screening, test: TestDefinition, side?: Side): string[] {
  const { state, because } = verdictOfTest(screening, test, side);
  if (state !== 'limited') return [];
  const name = (id: string): string => say(screening.cautions.find((c) => c.id === id)?.name ?? id);
  const says = because.map((b) => {
    if (b.demand === null || b.does === 'eases' || b.demand === 'end-of-range')
      return say('{{name}}: only to the first light pull, never to the end.', { name: name(b.caution) });
    const words = DEMANDS[b.demand].words(b.over);
    return b.does === 'shortens'
      ? say('{{name}}: short, and rest in between ({{words}}).', { name: name(b.caution), words })
      : say('{{name}}: stop before {{words}}.', { name: name(b.caution), words });
  });
  return [...new Set(says)];
}
