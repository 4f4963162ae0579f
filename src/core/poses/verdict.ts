import { say } from '@/core/languages/spoken';
import { dayWords } from '@/core/day-words';
import type { Side } from '@/core/body';
import { closers, OPEN, PAIN, verdictOf, type Screening, type Verdict } from '@/core/cautions/screen';
import type { Hurt } from '@/core/students/hurt';
import type { AsksAlong, AsksOfSides } from '@/core/cautions/demands';
import { demandsOf, demandsOfSide } from './demands';
import type { Rung, Shape } from './format';

/** What hurt before in this rung and side, or in a milder one of the same shape; the newest of it, or null. */
export const hurtBefore = (
  screening: Screening,
  shape: Pick<Shape, 'id'>,
  rung: number,
  side: Side | 'both',
): Hurt | null =>
  screening.hurt.find(
    (h) => h.pose === shape.id && h.rung <= rung && (h.side === side || h.side === 'both' || side === 'both'),
  ) ?? null;

/**
 * What a rung on a side asks that a screening must know: the legs are told apart only where a caution speaks of one of
 * them.
 */
export const asksUnder = (
  { cautions }: Pick<Screening, 'cautions'>,
  shape: Pick<Shape, 'position' | 'works'>,
  rung: Rung,
  side: Side | 'both',
): AsksAlong | AsksOfSides =>
  cautions.some((c) => c.side) ? demandsOfSide(shape, rung, side) : demandsOf(shape, rung);

/**
 * What cautions and what hurt before leave of a rung on a side. Where it hurt it stays closed until the teacher clears
 * it.
 */
export function verdictOfRung(screening: Screening, shape: Shape, rung: number, side: Side | 'both'): Verdict {
  // Without a caution nothing is asked, and nothing need be worked out.
  const v =
    screening.cautions.length === 0
      ? OPEN
      : verdictOf(screening, asksUnder(screening, shape, shape.rungs[rung - 1], side));
  const hurt = hurtBefore(screening, shape, rung, side);
  if (!hurt) return v;
  const because = { caution: PAIN, does: 'all' as const, demand: null, asked: 0, over: 0 };
  return { ...v, state: 'closed', because: [because, ...(v.state === 'closed' ? v.because : [])] };
}

/** Why a rung is closed, a name each: the cautions, and the day on which it hurt. Empty where it is open. */
export function whyClosed(screening: Screening, v: Verdict, shape: Shape, rung: number, side: Side | 'both'): string[] {
  const names = closers(screening, v).map((c) => say(c.name));
  const hurt = v.because.some((b) => b.caution === PAIN) ? hurtBefore(screening, shape, rung, side) : null;
  return hurt ? [say('It hurt here on {{day}}', { day: dayWords(hurt.on, 'long') }), ...names] : names;
}
