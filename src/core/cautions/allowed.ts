import type { Caution } from './catalogue';
import { DEMANDS, type Demand } from './demands';
import type { Rule } from './rules';

/** What somebody who may say so allows in spite of a caution: one thing that it forbids or limits, with the word and the day. */
export interface Allowed {
  /** A demand; one that this version does not know allows nothing. */
  demand: string;
  /** Who says so, and why. */
  by: string;
  why: string;
  /** `YYYY-MM-DD`. */
  on: string;
}

/** True where a teacher may write down that something is allowed: what adapts, never what refers. */
export const mayAllow = (caution: Caution): boolean =>
  caution.rules !== 'all' && (caution.level === 'adapt' || caution.level === 'note');

/** What a caution forbids or limits, each once, in the words of its rules. */
export function forbiddenBy(caution: Caution): { demand: Demand; words: string }[] {
  if (caution.rules === 'all') return [];
  const first = new Map<Demand, Rule>();
  for (const r of caution.rules) if (!first.has(r.demand)) first.set(r.demand, r);
  return [...first].map(([demand, r]) => ({ demand, words: DEMANDS[demand].words(r.over) }));
}

/** A caution without what is allowed in spite of it; itself where nothing is, or nothing may be. */
export function withAllowed(caution: Caution, allowed: readonly Allowed[] | undefined): Caution {
  if (!allowed || allowed.length === 0 || caution.rules === 'all' || !mayAllow(caution)) return caution;
  const free = new Set(allowed.map((a) => a.demand));
  return { ...caution, rules: caution.rules.filter((r) => !free.has(r.demand)) };
}

/** The words of what was allowed, as the caution has them; the demand itself where the caution has none. */
export const allowedWords = (caution: Caution | null, demand: string): string =>
  (caution && forbiddenBy(caution).find((f) => f.demand === demand)?.words) ?? demand;
