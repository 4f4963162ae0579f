import { say } from '@/core/languages/spoken';
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
  list.length < 2
    ? list.join('')
    : say('{{list}} and {{what}}', { list: list.slice(0, -1).join(', '), what: list[list.length - 1] });
const wordsOf = (r: Rule): string => DEMANDS[r.demand].words(r.over);

/** What rules do, as sentences; made of the same entries as the locks. */
export function ruleSentences(rules: readonly Rule[] | 'all'): string[] {
  if (rules === 'all') return [say('Nothing is tested, practised or taught until it is cleared.')];
  const of = (does: Rule['does']): string[] => [...new Set(rules.filter((r) => r.does === does).map(wordsOf))];
  const out: string[] = [];
  const shut = of('closes'),
    before = of('stops');
  if (shut.length > 0) out.push(say('Closed: {{listed}}.', { listed: listed(shut) }));
  if (before.length > 0) out.push(say('Stops before: {{listed}}.', { listed: listed(before) }));
  for (const r of rules)
    if (r.does === 'shortens')
      out.push(say('{{capital}}: at most {{count}} s at a time.', { capital: capital(wordsOf(r)), count: r.hold_s }));
    else if (r.does === 'eases')
      out.push(
        say('Holds go to {{count}} % of the range there is, no nearer to the end.', {
          count: Math.round(100 * r.share),
        }),
      );
  return out;
}

/** What one rule forbids, as words that name it among the rules of its caution. */
export function ruleWords(r: Rule): string {
  switch (r.does) {
    case 'closes':
      return wordsOf(r);
    case 'stops':
      return say('going as far as {{words}}', { words: wordsOf(r) });
    case 'shortens':
      return say('{{words}} for longer than {{count}} s', { words: wordsOf(r), count: r.hold_s });
    case 'eases':
      return say('holds beyond {{count}} % of the range there is', { count: Math.round(100 * r.share) });
  }
}

/** What a verdict leaves of a rung that is only limited, as words; empty where nothing is limited. */
export function limitWords(v: { state: string; depth: number; hold_s: number | null; share: number | null }): string[] {
  if (v.state !== 'limited') return [];
  return [
    ...(v.depth < 1 ? [say('goes {{count}} % of the way, no further', { count: Math.round(100 * v.depth) })] : []),
    ...(v.share !== null ? [say('to {{count}} % of the range there is', { count: Math.round(100 * v.share) })] : []),
    ...(v.hold_s !== null ? [say('at most {{count}} s at a time', { count: v.hold_s })] : []),
  ];
}
