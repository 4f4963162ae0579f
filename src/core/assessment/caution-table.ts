import { CAUTIONS, type Caution } from '@/core/cautions/catalogue';
import { DEMANDS, mostOf, type AsksAlong } from '@/core/cautions/demands';
import { screen, verdictOf, type Screening, type Verdict } from '@/core/cautions/screen';
import { demandsOf, LIBRARY, type Shape } from '@/core/poses';
import { BATTERY } from './battery';
import { verdictOfTest } from './locks';

/** Rungs (`pose/rung`) or tests that a caution closes or limits, by the demand that did it. */
export type ByDemand = Record<string, string[]>;
export interface CautionRow {
  caution: string;
  level: Caution['level'];
  /** Numbers of rungs: open, limited, closed. */
  rungs: [open: number, limited: number, closed: number];
  tests: [open: number, limited: number, closed: number];
  closed: ByDemand;
  limited: ByDemand;
}

/** A screening as of a caution alone. */
export const alone = (caution: string): Screening => screen([{ caution }], '');

const PLACE: Readonly<Record<Verdict['state'], 0 | 1 | 2>> = { open: 0, limited: 1, closed: 2 };

/** Every caution against every rung and every test: what is open, limited or closed, and by which demand. */
export function cautionTable(): CautionRow[] {
  return CAUTIONS.map((caution) => {
    const screening = alone(caution.id);
    const row: CautionRow = {
      caution: caution.id,
      level: caution.level,
      rungs: [0, 0, 0],
      tests: [0, 0, 0],
      closed: {},
      limited: {},
    };
    const note = (v: Verdict, name: string): void => {
      if (v.state === 'open' || caution.rules === 'all') return;
      for (const demand of new Set(v.because.map((b) => `${b.does} ${b.demand ?? 'all'} ${b.over}`)))
        (row[v.state][demand] ??= []).push(name);
    };
    for (const shape of LIBRARY)
      for (const [i, rung] of shape.rungs.entries()) {
        const v = verdictOf(screening, demandsOf(shape, rung));
        row.rungs[PLACE[v.state]] += 1;
        note(v, `${shape.id}/${i + 1}`);
      }
    for (const test of BATTERY) {
      const v = verdictOfTest(screening, test);
      row.tests[PLACE[v.state]] += 1;
      note(v, test.id);
    }
    return row;
  });
}

/** Share of a limit, and centimetres beneath the heart, from which a shape is near it. Ours. */
const NEAR = 0.7,
  NEAR_CM = 6;

/**
 * Whether what is open asks nearly as much as a caution allows, or lies as what is closed is done: such a shape may be
 * done, but is not what one thinks of first. Lying on the front is the beginning of every back-bend.
 */
function isNearLimits(screening: Screening, along: AsksAlong): boolean {
  const rules = screening.cautions
    .flatMap((c) => (c.rules === 'all' ? [] : c.rules))
    .filter((r) => r.does === 'closes');
  return rules.some(({ demand, over }) => {
    if (demand === 'low-back-arching' && mostOf(along, 'lying-on-front') > 0) return true;
    if (demand === 'end-of-range' || over === 0) return false;
    const asked = mostOf(along, demand);
    if (demand === 'head-low') return asked > over - NEAR_CM;
    return DEMANDS[demand].unit === '°' ? asked > NEAR * over : demand === 'strong-work' && asked >= over;
  });
}

/**
 * Shapes that stay good under a screening, a few of each position: those well within its limits first, of these the
 * free ones and the mildest, then what has only a limit. Empty where nothing is practised.
 */
export function staysGood(screening: Screening, shapes: readonly Shape[] = LIBRARY, most = 6): Shape[] {
  if (screening.stopped) return [];
  const rated = shapes
    .map((shape, i) => {
      const states = shape.rungs.map((r) => verdictOf(screening, demandsOf(shape, r)).state);
      const free = states.filter((s) => s === 'open').length,
        limited = states.filter((s) => s === 'limited').length;
      // The mildest form that is not closed is the one that is thought of.
      const k = states.findIndex((s) => s !== 'closed');
      const mildest = shape.rungs.at(k);
      const near = !mildest || states[k] === 'limited' || isNearLimits(screening, demandsOf(shape, mildest));
      return {
        shape,
        i,
        near,
        level: mildest?.level ?? 3,
        worth: free / states.length + (0.5 * limited) / states.length,
      };
    })
    .filter((r) => r.worth > 0)
    .sort((a, b) => Number(a.near) - Number(b.near) || a.level - b.level || b.worth - a.worth || a.i - b.i);
  const out: Shape[] = [];
  for (let round = 0; out.length < most && rated.some((r) => !out.includes(r.shape)); round++) {
    const seen = new Set<string>();
    for (const { shape } of rated) {
      if (out.length >= most || out.includes(shape) || seen.has(shape.position)) continue;
      seen.add(shape.position);
      out.push(shape);
    }
  }
  return out;
}
