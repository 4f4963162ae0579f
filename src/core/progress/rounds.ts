/** Days of testing that belong together: a battery often takes two visits. */
export interface Round {
  /** First and last day, `YYYY-MM-DD`. */
  from: string;
  to: string;
}

/** Days between which a round goes on. Ours. */
const ROUND_DAYS = 7;

/** Rounds of testing, oldest first: a day within a week of the one before belongs to its round. */
export function roundsOf(days: readonly string[]): Round[] {
  const rounds: Round[] = [];
  for (const day of [...new Set(days)].sort()) {
    const last = rounds.at(-1);
    if (last && Date.parse(day) - Date.parse(last.to) <= ROUND_DAYS * 86_400_000) last.to = day;
    else rounds.push({ from: day, to: day });
  }
  return rounds;
}

/**
 * The round that a change is told since: the one asked for, or the first; null where there is nothing to compare with.
 */
export function baseRound(rounds: readonly Round[], since: string | null): Round | null {
  if (rounds.length < 2) return null;
  return rounds.slice(0, -1).find((r) => r.from === since) ?? rounds[0];
}
