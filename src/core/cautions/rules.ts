import { capital } from '@/core/capital';
import { DEMANDS, type Demand } from './demands';

/**
 * What a caution does about a demand, beyond `over`.
 * - `closes`: what comes there anywhere on its way is shut.
 * - `stops`: the way is open as far as there; what begins beyond is shut.
 * - `shortens`: it is held for `hold_s` seconds at the most.
 * - `eases`: it goes to `share` of what the student has (0–1), no nearer to her end.
 */
export type Rule = { demand: Demand; over: number; /** What it does to a test instead. */ tests?: TestRule } & (
  { does: 'closes' | 'stops' } | { does: 'shortens'; hold_s: number } | { does: 'eases'; share: number }
);
/** A test is short and led by a hand: a rule may leave it open, or let it go to the first light pull only. */
export type TestRule = 'open' | 'limited';

const base = (demand: Demand, over?: number): { demand: Demand; over: number } => ({
  demand,
  over: over ?? DEMANDS[demand].from,
});
export const closes = (demand: Demand, over?: number, tests?: TestRule): Rule => ({
  ...base(demand, over),
  does: 'closes',
  ...(tests && { tests }),
});
export const stopsAt = (demand: Demand, over?: number, tests?: TestRule): Rule => ({
  ...base(demand, over),
  does: 'stops',
  ...(tests && { tests }),
});
export const shortens = (hold_s: number, demand: Demand, over?: number): Rule => ({
  ...base(demand, over),
  does: 'shortens',
  hold_s,
});
/** From one SD before the end of typical people on: what stays well before it is left as it is. */
export const eases = (share: number, over = -1): Rule => ({ ...base('end-of-range', over), does: 'eases', share });

const listed = (list: readonly string[]): string =>
  list.length < 2 ? list.join('') : `${list.slice(0, -1).join(', ')} and ${list[list.length - 1]}`;
const wordsOf = (r: Rule): string => DEMANDS[r.demand].words(r.over);

/** What rules do, as sentences; made of the same entries as the locks. */
export function ruleSentences(rules: readonly Rule[] | 'all'): string[] {
  if (rules === 'all') return ['Nothing is tested, practised or taught until it is cleared.'];
  const of = (does: Rule['does']): string[] => [...new Set(rules.filter((r) => r.does === does).map(wordsOf))];
  const out: string[] = [];
  const shut = of('closes'),
    before = of('stops');
  if (shut.length > 0) out.push(`Closed: ${listed(shut)}.`);
  if (before.length > 0) out.push(`Stops before: ${listed(before)}.`);
  for (const r of rules)
    if (r.does === 'shortens') out.push(`${capital(wordsOf(r))}: at most ${r.hold_s} s at a time.`);
    else if (r.does === 'eases')
      out.push(`Holds go to ${Math.round(100 * r.share)} % of the range there is, no nearer to the end.`);
  return out;
}

/** What one rule forbids, as words that name it among the rules of its caution. */
export function ruleWords(r: Rule): string {
  switch (r.does) {
    case 'closes':
      return wordsOf(r);
    case 'stops':
      return `going as far as ${wordsOf(r)}`;
    case 'shortens':
      return `${wordsOf(r)} for longer than ${r.hold_s} s`;
    case 'eases':
      return `holds beyond ${Math.round(100 * r.share)} % of the range there is`;
  }
}

/** What a verdict leaves of a rung that is only limited, as words; empty where nothing is limited. */
export function limitWords(v: { state: string; depth: number; hold_s: number | null; share: number | null }): string[] {
  if (v.state !== 'limited') return [];
  return [
    ...(v.depth < 1 ? [`goes ${Math.round(100 * v.depth)} % of the way, no further`] : []),
    ...(v.share !== null ? [`to ${Math.round(100 * v.share)} % of the range there is`] : []),
    ...(v.hold_s !== null ? [`at most ${v.hold_s} s at a time`] : []),
  ];
}
