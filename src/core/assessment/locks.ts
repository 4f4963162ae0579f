import type { Caution } from '@/core/cautions/catalogue';
import type { Screening } from '@/core/cautions/screen';
import type { TestDefinition, Variant } from './definition';

/** Why a test may not be done as usual, and which other way stays open. */
export interface Lock {
  by: readonly Caution[];
  /** Ways of doing it that every one of these cautions allows. */
  open: readonly Variant[];
}

/** What locks a test under a screening; null where nothing does. A caution that stops everything opens nothing. */
export function lockOf(screening: Screening, test: TestDefinition): Lock | null {
  const by = screening.cautions.filter((c) => c.tests === 'all' || c.tests.includes(test.id));
  if (by.length === 0) return null;
  return {
    by,
    open: (test.variants ?? []).filter((v) => by.every((c) => c.tests !== 'all' && v.opens?.includes(c.id))),
  };
}
