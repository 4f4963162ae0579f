import { BATTERY, type TestId } from '@/core/assessment/battery';
import type { ReadoutId, Unit } from '@/core/assessment/definition';
import type { ReadingSide } from '@/core/assessment/reading';
import { wordsOf } from '@/core/text-search';

/** What the words of a foreign table mean: sides, tests, units. */

const SIDES: Readonly<Record<ReadingSide, readonly string[]>> = {
  left: ['left', 'l', 'lt', 'lft', 'li', 'links', 'linke', 'linkes'],
  right: ['right', 'r', 'rt', 'rgt', 're', 'rechts', 'rechte', 'rechtes'],
  both: ['both', 'b', 'bilateral', 'beide', 'beidseits'],
};
const sideOfWord = (word: string): ReadingSide | null =>
  (['left', 'right', 'both'] as const).find((side) => SIDES[side].includes(word)) ?? null;

/** The side that a cell names; null where it names none, or two. */
export function sideIn(text: string): ReadingSide | null {
  const found = new Set(wordsOf(text).flatMap((w) => sideOfWord(w) ?? []));
  return found.size === 1 ? [...found][0] : null;
}

/** Short names that are used on sheets and stand in no name of the battery. */
const SHORT: Readonly<Record<string, readonly string[]>> = {
  'modified-thomas': ['thomas', 'mtt'],
  'straight-leg-raise': ['slr', 'pslr', 'lasegue', 'hamstring raise'],
  'knee-extension-90-90': ['90 90', '9090', 'ake', 'pke', 'popliteal', 'popliteal angle', 'knee extension'],
  faber: ['patrick', 'fabere', 'figure 4 lying'],
  'bent-knee-fall-out': ['bkfo', 'fall out'],
  'prone-knee-bend': ['ely', 'pkb', 'heel to buttock'],
  'prone-hip-rotation': ['prone rotation', 'hip rotation prone'],
  'seated-hip-rotation': ['seated rotation', 'hip rotation seated', 'hip rotation sitting'],
  'trochanteric-version': ['craig', 'anteversion', 'femoral version'],
  'knee-to-wall': ['wblt', 'ktw', 'weight bearing lunge', 'knee to wall', 'dorsiflexion'],
  'sit-and-reach': ['sar', 'v sit'],
  'lumbar-bend': ['schober'],
  'single-leg-stance': ['sls', 'trendelenburg', 'one leg stance'],
  'chair-stands': ['chair stand', 'sit to stand', '30s sts'],
  'heel-raises': ['heel raise', 'calf raise', 'heel rise'],
  'trunk-extension-hold': ['biering sorensen', 'sorensen'],
  'modified-ober': ['modified ober'],
} satisfies Partial<Record<TestId, readonly string[]>>;
/** Words for a read-out that stand in no name of it. */
const SHORT_READOUTS: Readonly<Record<string, readonly string[]>> = {
  'internal-rotation': ['ir', 'internal', 'medial', 'in'],
  'external-rotation': ['er', 'external', 'lateral', 'out'],
  'toe-distance': ['cm', 'distance', 'toe'],
  'shin-angle': ['deg', 'degrees', 'angle'],
  'hip-extension': ['hip', 'psoas', 'thigh', 'extension'],
  'knee-flexion': ['knee', 'rectus', 'flexion'],
  'hip-abduction': ['drift', 'tfl', 'abduction'],
  hold: ['hold', 'time', 's', 'sec', 'seconds'],
  torque: ['torque', 'nm', 'push'],
  grade: ['grade', 'mmt'],
} satisfies Partial<Record<ReadoutId, readonly string[]>>;

export interface NamedReadout {
  test: string;
  readout: string;
}
export interface Found extends NamedReadout {
  /** 0–1: share of the words typed that are names of it. */
  sure: number;
}

/** Words that say nothing about which test it is. */
const IDLE = new Set([
  'test',
  'the',
  'of',
  'in',
  'cm',
  'deg',
  'degrees',
  'angle',
  'passive',
  'active',
  'length',
  'grad',
]);

const ALL = BATTERY.flatMap((test) =>
  test.readouts.map((readout) => ({
    test: test.id,
    readout: readout.id,
    several: test.readouts.length > 1,
    testWords: new Set([test.id, test.name, test.clinical, ...(SHORT[test.id] ?? [])].flatMap(wordsOf)),
    readoutWords: new Set([readout.id, readout.name, ...(SHORT_READOUTS[readout.id] ?? [])].flatMap(wordsOf)),
  })),
);

const said = (text: string): string => wordsOf(text).join(' ');
/** The read-out whose test and own name stand there word for word. */
function exactly(text: string, more: string): NamedReadout | null {
  const [t, r] = [said(text), said(more)];
  const test = BATTERY.find((b) => [b.id, b.name, b.clinical].some((name) => said(name) === t));
  const readout = test?.readouts.find((o) => [o.id, o.name].some((name) => said(name) === r));
  return test && readout ? { test: test.id, readout: readout.id } : null;
}

/** From this share of its words on a name is taken without asking; ours. */
const TAKEN = 0.99;
/** Suggestions that are shown. */
const MOST = 6;

/**
 * What of the battery a text may mean, the likeliest first: one where it is plain, several where it is to be asked,
 * none where no word is known.
 * @param text the test's own words; `more` those of what was measured in it, or ""
 */
export function readoutsFor(text: string, more = ''): Found[] {
  const exact = exactly(text, more);
  if (exact) return [{ ...exact, sure: 1 }];
  const words = wordsOf(`${text} ${more}`).filter((w) => !sideOfWord(w));
  const telling = words.filter((w) => !IDLE.has(w));
  if (telling.length === 0) return [];
  const found = ALL.flatMap((r) => {
    const known = telling.filter((w) => r.testWords.has(w));
    if (known.length === 0) return [];
    const own = words.filter((w) => r.readoutWords.has(w));
    const hit = telling.filter((w) => r.testWords.has(w) || r.readoutWords.has(w)).length / telling.length;
    // Among the read-outs of one test the one whose own words stand there goes first; the whole of a short name beats a
    // part of a long one.
    const rank = hit + 0.2 * (own.length / Math.max(1, words.length)) + 0.1 * (known.length / r.testWords.size);
    return [{ test: r.test, readout: r.readout, sure: hit, rank, own: own.length, several: r.several }];
  }).sort((a, b) => b.rank - a.rank);
  if (found.length === 0) return [];
  const full = found.filter((f) => f.sure >= TAKEN);
  const tests = new Set(full.map((f) => f.test));
  const strip = ({ test, readout, sure }: (typeof found)[number]): Found => ({ test, readout, sure });
  if (tests.size === 1) {
    const [best, second] = full;
    // One read-out, or one that is named and no other as much.
    if (full.length === 1 || (best.own > 0 && best.own > second.own)) return [strip(best)];
    return full.map(strip);
  }
  return (full.length > 0 ? full : found).slice(0, MOST).map(strip);
}

/** What a test's read-out is called in a question. */
export function nameOf({ test, readout }: NamedReadout): string {
  const t = BATTERY.find((b) => b.id === test);
  const r = t?.readouts.find((o) => o.id === readout);
  if (!t || !r) return `${test}, ${readout}`;
  return t.readouts.length > 1 ? `${t.clinical}: ${r.name.toLowerCase()}` : t.clinical;
}

/** A unit of a foreign table: the unit of Kolpos it is the same kind as, and by how much to multiply. */
const UNITS: Readonly<Record<string, readonly [Unit, number]>> = {
  deg: ['deg', 1],
  degree: ['deg', 1],
  degrees: ['deg', 1],
  grad: ['deg', 1],
  rad: ['deg', 180 / Math.PI],
  cm: ['cm', 1],
  mm: ['cm', 0.1],
  m: ['cm', 100],
  in: ['cm', 2.54],
  inch: ['cm', 2.54],
  inches: ['cm', 2.54],
  zoll: ['cm', 2.54],
  s: ['s', 1],
  sec: ['s', 1],
  secs: ['s', 1],
  seconds: ['s', 1],
  sek: ['s', 1],
  min: ['s', 60],
  minutes: ['s', 60],
  x: ['reps', 1],
  reps: ['reps', 1],
  times: ['reps', 1],
  grade: ['grade', 1],
  points: ['grade', 1],
};

/** What a unit's text means; null where it is none that is known. "" means the usual one. */
export function unitIn(text: string): { unit: Unit; times: number } | 'usual' | null {
  const plain = text
    .trim()
    .toLowerCase()
    .replace(/[[\]().]/g, '')
    .replace(/\s+/g, ' ');
  if (plain === '') return 'usual';
  if (plain === '°') return { unit: 'deg', times: 1 };
  if (plain === '"' || plain === '”') return { unit: 'cm', times: 2.54 };
  if (plain === '×') return { unit: 'reps', times: 1 };
  if (/^n[·.* ]?m\s?\/\s?kg$/.test(plain)) return { unit: 'Nm_kg', times: 1 };
  const known = UNITS[plain];
  return known ? { unit: known[0], times: known[1] } : null;
}

/**
 * The unit that a column's name tells in brackets: "reach (in)" → "in"; "" where what stands there is none: a side, a
 * short name.
 */
export const unitOfName = (name: string): string =>
  [...name.matchAll(/[([]\s*([^()[\]]+?)\s*[)\]]/g)].map((m) => m[1]).find((text) => unitIn(text) !== null) ?? '';
