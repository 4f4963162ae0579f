import { cautionById, type Caution, type CautionLevel, type Demand } from './catalogue';

export interface Screening {
  /** The strictest level met. */
  level: CautionLevel | 'go';
  cautions: Caution[];
  /** True where nothing may be tested or practised. */
  stopped: boolean;
}

const order: readonly (CautionLevel | 'go')[] = ['go', 'note', 'adapt', 'refer-first', 'refer-now'];

/** Screens what a student said. Unknown ids (from a newer file) count as `note` and lock nothing. */
export function screen(entries: readonly { caution: string }[]): Screening {
  const cautions = entries.map((e) => cautionById(e.caution)).filter((c): c is Caution => c !== null);
  const level = cautions.reduce<CautionLevel | 'go'>(
    (worst, c) => (order.indexOf(c.level) > order.indexOf(worst) ? c.level : worst),
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
