import { say } from '@/core/languages/spoken';
import type { CautionEntry } from '@/core/students/student';
import { stillHurts, type Hurt } from '@/core/students/hurt';
import { small } from '@/core/capital';
import { otherSide } from '@/core/body';
import { ageOn } from '@/core/students/age';
import { withAllowed, type Allowed } from './allowed';
import { cautionById, cautionName, unknownCaution, type Caution, type CautionId, type CautionLevel } from './catalogue';
import { mostOf, type AsksAlong, type AsksOfSides, type Demand } from './demands';
import type { Rule } from './rules';

/** A caution as it was told of a student. */
export interface Told {
  caution: string;
  /** Which side it is about, where it is about a leg or an arm and that was told. */
  side?: 'left' | 'right';
  /** First day on which it no longer holds, `YYYY-MM-DD`. */
  until?: string;
  /** Who lifted it, and when; the entry stays as a record. */
  cleared?: { by: string; on: string };
  /** What somebody who may say so allows in spite of it. */
  allowed?: readonly Allowed[];
}

export interface Screening {
  /** The strictest level met. */
  level: CautionLevel | 'go';
  cautions: Caution[];
  /** True where nothing may be tested or practised. */
  stopped: boolean;
  /** Poses and sides that were ended for pain and are not cleared: closed, and so is what goes deeper in them. */
  hurt: readonly Hurt[];
}

export const LEVELS: readonly (CautionLevel | 'go')[] = ['go', 'note', 'adapt', 'refer-first', 'refer-now'];

/** True while a caution stands: not lifted by anybody and not over. `today` is `YYYY-MM-DD`. */
export const stands = (told: Told, today: string): boolean => !told.cleared && !(told.until && told.until <= today);

/**
 * Screens what a student said, for a day `YYYY-MM-DD`. Cautions that were lifted or are over count no more. It fails
 * closed: an id that this version does not know (from a newer file) locks everything until it has been looked at.
 */
export function screen(entries: readonly Told[], today: string): Screening {
  const cautions = entries
    .filter((e) => stands(e, today))
    .map((e) => onItsSide(withAllowed(cautionById(e.caution) ?? unknownCaution(e.caution), e.allowed), e.side));
  const level = cautions.reduce<CautionLevel | 'go'>(
    (worst, c) => (LEVELS.indexOf(c.level) > LEVELS.indexOf(worst) ? c.level : worst),
    'go',
  );
  return { level, cautions, stopped: cautions.some((c) => c.rules === 'all'), hurt: [] };
}

/**
 * A caution of one side, which its name tells. What is no matter of a side stays as it is: a side more in a file opens
 * nothing.
 */
const onItsSide = (caution: Caution, side: 'left' | 'right' | undefined): Caution =>
  side && caution.sided ? { ...caution, side, name: cautionName({ caution: caution.id, side }) } : caution;

/**
 * What was told of a student, with one caution more. One that stands is not told twice; told of the other side as well
 * it stands beside it, so that what ends or is allowed on one side says nothing of the other. One that was lifted or is
 * over stands again beside its record.
 * @param side of which leg or arm; both, or not known, where none is told
 * @param today `YYYY-MM-DD`
 */
export function withTold(
  told: readonly CautionEntry[],
  { caution, side }: Pick<CautionEntry, 'caution' | 'side'>,
  today: string,
): CautionEntry[] {
  const own = cautionById(caution)?.sided ? side : undefined;
  const known = told.some((c) => c.caution === caution && stands(c, today) && (c.side === undefined || c.side === own));
  return known ? [...told] : [...told, own ? { caution, side: own } : { caution }];
}

/**
 * What was told, with a caution of one side told of the other as well, as an entry of its own: each has its own end and
 * allowances. Null where it is no matter of a side, does not stand, or stands for the other one already.
 * @param today `YYYY-MM-DD`
 */
export function withOtherSide(
  told: readonly CautionEntry[],
  entry: CautionEntry,
  today: string,
): CautionEntry[] | null {
  if (!entry.side || !stands(entry, today)) return null;
  const both = withTold(told, { caution: entry.caution, side: otherSide(entry.side) }, today);
  return both.length > told.length && both.at(-1)?.side ? both : null;
}

/**
 * A caution told of another side, or of both: what was allowed in spite of it was said of the one before, and holds
 * only where that is one of both.
 */
export const toldOfSide = (
  entry: CautionEntry,
  side: CautionEntry['side'],
): Pick<CautionEntry, 'side' | 'allowed'> => ({
  side,
  allowed: entry.side === undefined || entry.side === side ? entry.allowed : undefined,
});

/** Ages from which, and up to which, a student is screened as one of that age whether or not it was told. Ours. */
const OLDER = 65,
  YOUNG = 18;

/** The caution that stands for an age and was neither told nor lifted; null where none does. */
export function cautionOfAge(
  student: { cautions: readonly Told[]; birthYear: number },
  today: string,
): Extract<CautionId, 'older-adult' | 'young'> | null {
  // Of the day of birth only the year is known: whoever may still be young this year is taken as young.
  const age = ageOn(student.birthYear, today);
  const byAge: ReturnType<typeof cautionOfAge> = age >= OLDER ? 'older-adult' : age <= YOUNG ? 'young' : null;
  return byAge && !student.cautions.some((t) => t.caution === byAge) ? byAge : null;
}

/** Screens a student for a day: what she told, what hurt, and what her age says unless somebody lifted it. */
export function screenOf(
  student: { cautions: readonly Told[]; birthYear: number; hurt?: readonly Hurt[] },
  today: string,
): Screening {
  const byAge = cautionOfAge(student, today);
  const entries = byAge ? [...student.cautions, { caution: byAge }] : student.cautions;
  return { ...screen(entries, today), hurt: stillHurts(student.hurt) };
}

/** The caution that stops everything, or null. */
export const stopOf = (screening: Screening): Caution | null =>
  screening.cautions.find((c) => c.rules === 'all') ?? null;

/** When to stop, as a sentence; of what stops everything, until when it waits. */
export const stopSentence = ({ rules, stop }: Pick<Caution, 'rules' | 'stop'>): string =>
  rules === 'all' ? stop : say('Stop at {{small}}', { small: small(stop) });

/** One reason why something is not free: which caution, for which demand, how much is asked and how much is allowed. */
export interface Because {
  caution: string;
  /** Of which side, where the caution is about one. */
  side?: Caution['side'];
  does: Rule['does'] | 'all';
  /** Null where the caution closes everything. */
  demand: Demand | null;
  asked: number;
  over: number;
}

/** What cautions leave of a rung or a test; of several the strictest counts. */
export interface Verdict {
  state: 'open' | 'limited' | 'closed';
  because: Because[];
  /** Furthest share of the way that is open, 0 entry … 1 whole. */
  depth: number;
  /** Longest hold, seconds; null where nothing is said. */
  hold_s: number | null;
  /** Most of her tolerance that a hold may use, 0–1; null where nothing is said. */
  share: number | null;
}

export const OPEN: Verdict = { state: 'open', because: [], depth: 1, hold_s: null, share: null };

/** Share of the way up to which a demand is not beyond a limit; null where it is beyond from the entry on. */
function openTo(along: AsksAlong, demand: Demand, over: number): number | null {
  const at = along.findIndex((asks) => (asks[demand] ?? 0) > over);
  if (at === 0) return null;
  return at < 0 ? 1 : (at - 1) / Math.max(1, along.length - 1);
}

/**
 * What a screening leaves of what asks this along its way. A caution of one side is held against that side where
 * they are told apart.
 * @param of whether it is a rung or a test, which some rules treat otherwise
 */
export function verdictOf(screening: Screening, asks: AsksAlong | AsksOfSides, of: 'rung' | 'test' = 'rung'): Verdict {
  if (screening.cautions.length === 0) return OPEN;
  const v: Verdict = { ...OPEN, because: [] };
  const shuts: Because[] = [];
  for (const c of screening.cautions) {
    if (c.rules === 'all') {
      shuts.push({ caution: c.id, does: 'all', demand: null, asked: 0, over: 0 });
      continue;
    }
    const along = asksFor(c, asks);
    for (const r of c.rules) {
      const asked = mostOf(along, r.demand);
      if (asked <= r.over || (of === 'test' && r.tests === 'open')) continue;
      const because: Because = {
        caution: c.id,
        ...(c.side && { side: c.side }),
        does: r.does,
        demand: r.demand,
        asked,
        over: r.over,
      };
      const open = r.does === 'stops' ? openTo(along, r.demand, r.over) : null;
      if (r.does === 'shortens') v.hold_s = Math.min(v.hold_s ?? Infinity, r.hold_s);
      else if (r.does === 'eases') v.share = Math.min(v.share ?? 1, r.share);
      else if (open !== null) v.depth = Math.min(v.depth, open);
      else if (of === 'rung' || r.tests !== 'limited') {
        shuts.push(because);
        continue;
      }
      v.because.push(because);
    }
  }
  if (shuts.length > 0) return { ...v, state: 'closed', because: shuts };
  if (v.because.length > 0) v.state = 'limited';
  return v;
}

/** What a caution is held against: its own leg where it has one, else all. */
const asksFor = ({ side }: Caution, asks: AsksAlong | AsksOfSides): AsksAlong =>
  'whole' in asks ? (side ? asks[side] : asks.whole) : asks;

/** What stands in `Because.caution` where a pose hurt. */
export const PAIN = 'pain';

/** The cautions that close what this is the verdict of; empty where it is open. */
export function closers(screening: Screening, v: Verdict): Caution[] {
  if (v.state !== 'closed') return [];
  const ids = new Set(v.because.map((b) => b.caution));
  return screening.cautions.filter((c) => ids.has(c.id));
}
