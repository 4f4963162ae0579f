import { capital } from '@/core/capital';
import { SIDES, type Side } from '@/core/body';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { rungOf } from '@/core/poses';
import { MOVES, OWN_WAYS, type Move } from './moves';
import { NOTHING_SHUT, type Shut } from './passing';
import type { PracticeItem } from './practice';
import { setWords } from './taught-order';
import { isNextSet } from './timing';
import { BASES, stanceOf, type Base, type Stance } from './stance';

/**
 * The way from one shape to the next, as the least sum of moves that teachers use (`moves.ts`) between what carries the
 * body in both: the shortest path of a small graph (Dijkstra 1959). What a student's cautions shut on the way is left
 * out wherever another way leads round it.
 */

/** A move of a way, with the foot in front (or the side below) after it. */
interface Step {
  move: Move;
  lead: Side | null;
}

const keyOf = ({ base, lead }: Stance): string => (lead === null ? base : `${base}:${lead}`);
const otherSide = (side: Side): Side => (side === 'left' ? 'right' : 'left');

/**
 * Where a move leads from a stance: one stance, or two where the foot is chosen, or none where it cannot be made from
 * there.
 */
function after(from: Stance, move: Move): Stance[] {
  const to = (lead: Side | null): Stance => ({ base: move.to, lead });
  switch (move.lead) {
    case 'none':
      return from.base === move.to && from.lead === null ? [] : [to(null)];
    case 'choose':
      return from.lead === null ? SIDES.map(to) : [];
    case 'same':
      return from.lead === null ? [] : [to(from.lead)];
    case 'change':
      return from.lead === null ? [] : [to(otherSide(from.lead))];
  }
}

const movesFrom = new Map<Base, readonly Move[]>(
  BASES.map((b) => [b, [...MOVES, ...OWN_WAYS].filter((m) => m.from === b)]),
);
const found = new Map<string, readonly Step[] | null>();

/**
 * The least way between two stances, move by move; empty where the body need not move on the ground, null where no
 * moves lead there.
 * @param shut what is not passed, where cautions say so; both ends stand as they are
 */
export function stepsBetween(from: Stance, to: Stance, shut: Shut = NOTHING_SHUT): readonly Step[] | null {
  const name = `${keyOf(from)} ${keyOf(to)} ${shut.key}`;
  let known = found.get(name);
  if (known === undefined) found.set(name, (known = shortest(from, to, shut)));
  return known;
}

/** Nobody is sent by way of a plank to spare a knee: what passing one costs more, on a way round. Ours. */
const BY_PLANK = 8;
/**
 * What is done on one side stands where the other side may not: on hands and knees with one knee lifted. She is sent
 * there on that knee alone, where a way is no longer than this.
 */
const ON_BOTH = 9;

function shortest(from: Stance, to: Stance, shut: Shut): Step[] | null {
  const goal = keyOf(to);
  const round = shut.key !== '';
  const best = new Map<string, { at: Stance; effort: number; steps: Step[] }>();
  const open = [{ at: from, effort: 0, steps: [] as Step[] }];
  while (open.length > 0) {
    open.sort((a, b) => a.effort - b.effort || a.steps.length - b.steps.length);
    const here = open.shift();
    if (!here || best.has(keyOf(here.at))) continue;
    best.set(keyOf(here.at), here);
    if (keyOf(here.at) === goal) return here.steps;
    for (const move of movesFrom.get(here.at.base) ?? [])
      for (const at of after(here.at, move)) {
        const lead = at.lead ?? here.at.lead;
        const last = keyOf(at) === goal;
        if (shut.move(move, lead) || (!last && shut.place(at))) continue;
        const dear =
          (!last && at.base === 'plank' ? BY_PLANK : 0) + (last && shut.place(at) && !move.oneKnee ? ON_BOTH : 0);
        const effort = here.effort + move.effort + (round ? dear : 0);
        open.push({ at, effort, steps: [...here.steps, { move, lead }] });
      }
  }
  return null;
}

const said = ({ move, lead }: Step, say: Say): string => {
  if (!lead) return say(move.words);
  const stem = (side: Side) => say(side, { context: 'stem' });
  return say(move.words, { lead: stem(lead), other: stem(otherSide(lead)) });
};

/**
 * A way in words, a sentence a move: "Lower the back knee. Then come back on to the knees."; "" where there is none to
 * go.
 */
export function wayWords(from: Stance, to: Stance, say: Say = spoken, shut: Shut = NOTHING_SHUT): string {
  const words = (stepsBetween(from, to, shut) ?? []).map((step) => said(step, say));
  const last = (i: number) => i > 0 && i === words.length - 1;
  return words.map((step, i) => `${last(i) ? say('Then {{step}}', { step }) : capital(step)}.`).join(' ');
}

type Placed = Pick<PracticeItem, 'pose' | 'rung' | 'side' | 'set'>;
const stanceAt = ({ pose, rung, side }: Placed): Stance | null => {
  const own = rungOf(pose, rung);
  return own && stanceOf(own.shape, own.rung, side);
};

/**
 * The way to an item from the one before it, in words; "" at the beginning and the end, for a pose that is not here,
 * and where the body stays.
 * @param how the language, and what cautions shut on the way (`shutBy`)
 */
export function wayTo(
  items: readonly Placed[],
  i: number,
  { say = spoken, shut = NOTHING_SHUT }: { say?: Say; shut?: Shut } = {},
): string {
  const [before, item] = [items.at(Math.max(0, i - 1)), items.at(i)];
  if (i <= 0 || !before || !item) return '';
  if (isNextSet(items, i)) return say('Rest, then {{set}}.', { set: setWords(item, say) });
  const from = stanceAt(before),
    to = stanceAt(item);
  return from && to ? wayWords(from, to, say, shut) : '';
}
