import type { Caution } from '@/core/cautions/catalogue';
import { DEMANDS } from '@/core/cautions/demands';
import { verdictOf, type Screening, type Verdict } from '@/core/cautions/screen';
import type { TestDefinition, Variant } from './definition';
import { demandsOfTest } from './demands';

/** Why a test may not be done as usual, and which other way stays open. */
export interface Lock {
  by: readonly Caution[];
  /** Ways of doing it that every one of these cautions allows. */
  open: readonly Variant[];
}

/** What a screening leaves of a test: free, with a limit, or shut, and why. */
export const verdictOfTest = (screening: Screening, test: TestDefinition): Verdict =>
  verdictOf(screening, demandsOfTest(test), 'test');

/** What locks a test under a screening; null where nothing does. A caution that stops everything opens nothing. */
export function lockOf(screening: Screening, test: TestDefinition): Lock | null {
  const verdict = verdictOfTest(screening, test);
  if (verdict.state !== 'closed') return null;
  const shut = new Set(verdict.because.map((b) => b.caution));
  const by = screening.cautions.filter((c) => shut.has(c.id));
  return {
    by,
    open: (test.variants ?? []).filter((v) => by.every((c) => c.rules !== 'all' && v.opens?.includes(c.id))),
  };
}

/** How far a test goes that cautions limit, a sentence each; empty where it is free or shut. */
export function testLimits(screening: Screening, test: TestDefinition): string[] {
  const { state, because } = verdictOfTest(screening, test);
  if (state !== 'limited') return [];
  const name = (id: string): string => screening.cautions.find((c) => c.id === id)?.name ?? id;
  const says = because.map((b) => {
    if (b.demand === null || b.does === 'eases' || b.demand === 'end-of-range')
      return `${name(b.caution)}: only to the first light pull, never to the end.`;
    const words = DEMANDS[b.demand].words(b.over);
    return b.does === 'shortens'
      ? `${name(b.caution)}: short, and rest in between (${words}).`
      : `${name(b.caution)}: stop before ${words}.`;
  });
  return [...new Set(says)];
}
