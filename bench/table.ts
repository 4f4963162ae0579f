/** The table that a bench prints: read again to hold two of them beside each other. */

/** A row of times. */
export interface Row {
  what: string;
  bound: string;
  median: string;
  worst: string;
}
const KEYS = ['what', 'bound', 'median', 'worst'] as const;

/** Rows as text, a line each, columns of one width with two blanks between. */
export function tableOf(rows: readonly Row[]): string {
  const head: Row = { what: 'what', bound: 'bound', median: 'median', worst: 'worst' };
  const width = (key: keyof Row) => Math.max(...[head, ...rows].map((r) => r[key].length));
  return [head, ...rows]
    .map((r) =>
      KEYS.map((k) => r[k].padEnd(width(k)))
        .join('  ')
        .trimEnd(),
    )
    .join('\n');
}

/** Rows of a table that was printed; other lines are passed over. */
export const rowsOf = (text: string): Row[] =>
  text.split('\n').flatMap((line) => {
    const [what, bound, median, worst] = line.split(/ {2,}/).map((part) => part.trim());
    return worst && worst !== 'worst' && timeOf(median) !== null ? [{ what, bound, median, worst }] : [];
  });

/** A time in milliseconds; null for what is none. */
export function timeOf(text: string): number | null {
  const found = /^([\d.]+) (µs|ms|s)$/.exec(text);
  return found ? Number(found[1]) * { µs: 0.001, ms: 1, s: 1000 }[found[2] as 'µs' | 'ms' | 's'] : null;
}

/** Slower by this share is said; timings wander by less on a quiet machine. */
export const SLOWER = 0.2;

export interface Compared {
  what: string;
  /** Medians, milliseconds. */
  before: number;
  now: number;
  /** Now as a share of before. */
  ratio: number;
}

/**
 * The middle of all ratios: how much faster or slower the machine itself ran the second time, as far as most rows tell.
 */
export function drift(rows: readonly Compared[]): number {
  const sorted = rows.map((r) => r.ratio).sort((a, b) => a - b);
  return sorted.length > 0 ? sorted[Math.floor(sorted.length / 2)] : 1;
}

/** True for a row that became slower by a fifth, also beside the others. */
export const isSlower = ({ ratio }: Compared, by: number): boolean => ratio > 1 + SLOWER && ratio / by > 1 + SLOWER;

/** Rows that both tables have, what became slowest first. */
export function compared(before: readonly Row[], now: readonly Row[]): Compared[] {
  return now
    .flatMap((row) => {
      const old = timeOf(before.find((b) => b.what === row.what)?.median ?? ''),
        own = timeOf(row.median);
      return old !== null && own !== null && old > 0
        ? [{ what: row.what, before: old, now: own, ratio: own / old }]
        : [];
    })
    .sort((a, b) => b.ratio - a.ratio);
}
