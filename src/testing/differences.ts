/**
 * Where two plain values differ by more than a tolerance.
 *
 * JavaScript engines may differ in the last place of `exp`, `log`, `sin` and their kin, so that what two of them
 * compute is never compared digit by digit (ECMAScript leaves the precision of these functions to the implementation).
 */

/** A difference is allowed up to `absolute` + `relative` × the larger of the two magnitudes. */
export interface Tolerance {
  absolute: number;
  relative: number;
}

/**
 * What two engines may differ by after a long computation with the same steps: a thousand roundings and more (ours).
 */
export const TWO_ENGINES: Tolerance = { absolute: 1e-9, relative: 1e-9 };

/**
 * The same for means and shares over draws: one last digit may turn a proposal down that was taken elsewhere, and other
 * draws follow. Both are right; they agree to what sampling leaves open, twice the standard error of some 300
 * independent draws (ours).
 */
export const SAMPLED: Tolerance = { absolute: 0.12, relative: 0 };

/** One place where two values differ. */
export interface Difference {
  /** Path from the root, such as `structures.3.tolerance.mean`. */
  where: string;
  /** How far apart, for numbers; Infinity where kind, length or text differ. */
  by: number;
  found: unknown;
  expected: unknown;
}

/**
 * Compares plain data: objects by their keys (one that is undefined counts as missing), arrays by place, numbers to the
 * tolerance, all else exactly. @returns every difference in order of walking; empty where both are alike.
 */
export function differences(found: unknown, expected: unknown, tolerance: Tolerance = TWO_ENGINES): Difference[] {
  const out: Difference[] = [];
  walk(found, expected, '', tolerance, out);
  return out;
}

/** The same in words, at most `most` lines: `where: found instead of expected`. */
export function differenceLines(list: readonly Difference[], most = 8): string[] {
  const told = list
    .slice(0, most)
    .map((d) => `${d.where}: ${brief(d.found)} instead of ${brief(d.expected)}${by(d.by)}`);
  return list.length > most ? [...told, `… and ${list.length - most} more`] : told;
}

const by = (v: number): string => (Number.isFinite(v) ? ` (by ${v.toPrecision(2)})` : '');
const brief = (v: unknown): string => {
  const text = JSON.stringify(v) ?? 'nothing';
  return text.length > 60 ? `${text.slice(0, 57)}…` : text;
};

function walk(a: unknown, b: unknown, where: string, t: Tolerance, out: Difference[]): void {
  if (Object.is(a, b)) return;
  if (typeof a === 'number' && typeof b === 'number') {
    const off = Math.abs(a - b);
    // Written so that NaN against a number is a difference.
    if (!(off <= t.absolute + t.relative * Math.max(Math.abs(a), Math.abs(b))))
      out.push({ where, by: Number.isNaN(off) ? Infinity : off, found: a, expected: b });
    return;
  }
  if (isTree(a) && isTree(b) && Array.isArray(a) === Array.isArray(b)) {
    const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
    for (const key of keys) walk(a[key], b[key], where === '' ? key : `${where}.${key}`, t, out);
    return;
  }
  out.push({ where: where || 'the whole', by: Infinity, found: a, expected: b });
}

const isTree = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null;
