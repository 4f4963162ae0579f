import { say } from '@/core/languages/spoken';
import type { Caution } from './catalogue';
import { ruleWords, type Rule } from './rules';

/** What somebody who may say so allows in spite of a caution: one of its rules, with the word and the day. */
export interface Allowed {
  /** The rule, as it stood then; one that has changed since, or is not known, allows nothing. */
  demand: string;
  does: string;
  over: number;
  /** Who says so, and why. */
  by: string;
  why: string;
  /** `YYYY-MM-DD`. */
  on: string;
}
type Which = Pick<Allowed, 'demand' | 'does' | 'over'>;

const same = (a: Which, b: Which): boolean => a.demand === b.demand && a.does === b.does && a.over === b.over;

/** True where a teacher may write down that something is allowed: what adapts, never what refers. */
export const mayAllow = (caution: Caution): boolean =>
  caution.rules !== 'all' && (caution.level === 'adapt' || caution.level === 'note');

/** Everything that a caution forbids or limits, rule by rule, in words. */
export const forbiddenBy = (caution: Caution): { rule: Rule; words: string }[] =>
  caution.rules === 'all' ? [] : caution.rules.map((rule) => ({ rule, words: ruleWords(rule) }));

/** A caution without the rules that are allowed in spite of it; itself where nothing is, or nothing may be. */
export function withAllowed(caution: Caution, allowed: readonly Allowed[] | undefined): Caution {
  if (!allowed || allowed.length === 0 || caution.rules === 'all' || !mayAllow(caution)) return caution;
  return { ...caution, rules: caution.rules.filter((r) => !allowed.some((a) => same(a, r))) };
}

/** What was allowed, in the words of its rule; that it is no rule any more where the caution has changed since. */
export const allowedWords = (caution: Caution | null, which: Which): string =>
  (caution && forbiddenBy(caution).find((f) => same(f.rule, which))?.words) ??
  say('{{demand}} (a rule that this version does not have: nothing is opened by it)', { demand: which.demand });
