import { cautionById, type Caution, type CautionLevel, type Demand } from './catalogue';

/** A caution as it was told of a student. */
export interface Told {
  caution: string;
  /** First day on which it no longer holds, `YYYY-MM-DD`. */
  until?: string;
  /** Who lifted it, and when; the entry stays as a record. */
  cleared?: { by: string; on: string };
}

export interface Screening {
  /** The strictest level met. */
  level: CautionLevel | 'go';
  cautions: Caution[];
  /** True where nothing may be tested or practised. */
  stopped: boolean;
}

export const LEVELS: readonly (CautionLevel | 'go')[] = ['go', 'note', 'adapt', 'refer-first', 'refer-now'];

/** True while a caution stands: not lifted by anybody and not over. `today` is `YYYY-MM-DD`; without it time plays no part. */
export const stands = (told: Told, today?: string): boolean =>
  !told.cleared && !(today && told.until && told.until <= today);

/**
 * Screens what a student said. Cautions that were lifted or are over count no more; unknown ids (from a newer file) count
 * as `note` and lock nothing.
 */
export function screen(entries: readonly Told[], today?: string): Screening {
  const cautions = entries
    .filter((e) => stands(e, today))
    .map((e) => cautionById(e.caution))
    .filter((c): c is Caution => c !== null);
  const level = cautions.reduce<CautionLevel | 'go'>(
    (worst, c) => (LEVELS.indexOf(c.level) > LEVELS.indexOf(worst) ? c.level : worst),
    'go',
  );
  return { level, cautions, stopped: cautions.some((c) => c.tests === 'all') };
}

/** The caution that locks a test, or null when it may be run. */
export const testLock = (screening: Screening, test: string): Caution | null =>
  screening.cautions.find((c) => c.tests === 'all' || c.tests.includes(test)) ?? null;

/** The cautions that a pose with these demands runs against; empty when it may be practised. */
export const poseConflicts = (screening: Screening, demands: readonly Demand[]): Caution[] =>
  screening.cautions.filter((c) => c.demands === 'all' || demands.some((d) => c.demands.includes(d)));
