import { SIDES, type Side } from '@/core/body';
import { DEMANDS, FROM_BELOW, mostOf, type Asks, type AsksOfSides, type Demand } from '@/core/cautions/demands';
import { verdictOf, type Screening } from '@/core/cautions/screen';
import { demandsOfSide, rungOf } from '@/core/poses';
import type { Move, Passage } from './moves';
import { AVOIDED_DEMANDS, type PracticeRequest } from './request';
import { stanceOf, type Base, type Stance } from './stance';

/**
 * What a way asks of a body that passes through it: the same numbers that its shapes ask, of a rung that shows where
 * the body is. Nobody stays there, so that only some of them count: what bears, how deep it goes, where the head is.
 */

/** A rung that shows a place on the way, the share of its depth, and what of it counts in passing. Ours. */
interface Shown {
  pose: string;
  rung: number;
  /** 0 entry … 1 full depth. */
  depth: 0 | 1;
  counts: readonly Demand[];
}

const shown = (pose: string, rung: number, depth: 0 | 1, ...counts: Demand[]): Shown => ({ pose, rung, depth, counts });

/** What is passed at each base. One that asks nothing in passing is not here. */
const AT: Readonly<Partial<Record<Base, Shown>>> = {
  back: shown('resting-back', 2, 0, 'lying-on-back'),
  side: shown('side-rest', 1, 0, 'outer-hip-pressed'),
  front: shown('crocodile', 1, 0, 'lying-on-front'),
  fours: shown('cat-cow', 1, 0, 'weight-on-hands', 'kneeling', 'knee-bend'),
  plank: shown('plank', 2, 0, 'weight-on-hands', 'strong-work'),
  dog: shown('dog', 1, 0, 'weight-on-hands', 'head-low'),
  kneel: shown('camel', 1, 0, 'kneeling', 'knee-bend'),
  lunge: shown('low-lunge', 1, 0, 'kneeling', 'hip-bend', 'knee-bend'),
  split: shown('high-lunge', 1, 0, 'knee-bend-loaded'),
  wide: shown('warrior-two', 1, 0, 'wide'),
  one: shown('standing-knee-lift', 1, 0, 'one-leg', 'balance-alone'),
};

/** What moves pass through that neither end of them shows. */
const PASSAGES: Readonly<Record<Passage, Shown>> = {
  /** Both feet and both hands on the floor, the back round. */
  fold: shown('bent-knee-fold', 1, 1, 'weight-on-hands', 'head-low', 'low-back-rounding', 'hip-bend', 'back-of-leg'),
  /** Rolling up out of it. */
  'roll-up': shown('bent-knee-fold', 1, 1, 'head-low', 'low-back-rounding', 'chest-rounding', 'hip-bend'),
  /** Between the floor and both feet, with something to hold. */
  squat: shown('squat', 1, 1, 'hip-bend', 'knee-bend', 'knee-bend-loaded', 'belly-pressed'),
  /** The same with a hand on the floor. */
  'squat-on-hand': shown('squat', 1, 1, 'hip-bend', 'knee-bend', 'knee-bend-loaded', 'belly-pressed'),
  /** A knee down and the other foot ahead of it, trunk upright; whichever foot it is. */
  step: shown('low-lunge', 1, 0, 'kneeling', 'hip-bend', 'knee-bend'),
  /** A foot between both hands, the front hip folded. */
  'foot-by-hands': shown('low-lunge', 3, 1, 'hip-bend', 'low-back-rounding', 'belly-pressed'),
  /** The same with the other knee down. */
  'lunge-by-hands': shown('low-lunge', 3, 1, 'kneeling', 'hip-bend', 'low-back-rounding', 'belly-pressed'),
  /** Hands and knees on the way to the front. */
  'over-hands': shown('cat-cow', 1, 0, 'weight-on-hands', 'kneeling', 'knee-bend'),
};

/** Passages that a hand on the floor steadies: weight on it, whichever hand that is. */
const ON_A_HAND: ReadonlySet<Passage> = new Set(['squat-on-hand']);
/** Passages whose front foot is the one that the move names. */
const OF_LEAD: ReadonlySet<Passage> = new Set(['foot-by-hands', 'lunge-by-hands']);

/** What somebody is asked who passes a shown rung, its front foot (or lower side) this one; null is either. */
function asksOf({ pose, rung, depth, counts }: Shown, lead: Side | null): AsksOfSides {
  const found = rungOf(pose, rung);
  if (!found) throw new Error(`${pose}/${String(rung)} shows a way and is not in the library`);
  const side = lead && SIDES.find((s) => stanceOf(found.shape, found.rung, s).lead === lead);
  const { whole, left, right } = demandsOfSide(found.shape, found.rung, side ?? 'both');
  const cut = (along: readonly Asks[]): readonly Asks[] => {
    const all = along.at(depth === 0 ? 0 : -1) ?? {};
    // What is told from below would count as nought where it is left out, which is more than it is.
    const asks: Partial<Record<Demand, number>> = Object.fromEntries([...FROM_BELOW].map((d) => [d, -Infinity]));
    for (const d of counts) if (all[d] !== undefined) asks[d] = all[d];
    return [asks];
  };
  return { whole: cut(whole), left: cut(left), right: cut(right) };
}

/** The same with weight on a hand. */
function onto(asks: AsksOfSides, hand: Side): AsksOfSides {
  const borne = (along: readonly Asks[]): readonly Asks[] => along.map((a) => ({ ...a, 'weight-on-hands': 1 }));
  return { ...asks, whole: borne(asks.whole), [hand]: borne(asks[hand]) };
}

const closed = (screening: Screening, asks: AsksOfSides): boolean => verdictOf(screening, asks).state === 'closed';

/** Only what closes: how far a held shape may go says nothing of a place that is passed. */
const closing = (screening: Screening): Screening => ({
  ...screening,
  cautions: screening.cautions.map((c) =>
    c.rules === 'all' ? c : { ...c, rules: c.rules.filter((r) => r.does === 'closes') },
  ),
});

/** Which places and moves are shut on the way of somebody. */
export interface Shut {
  /** The same for what is shut alike, to keep ways by; "" where nothing is. */
  key: string;
  place: (at: Stance) => boolean;
  /** @param lead the foot in front, or the side below, after the move */
  move: (move: Move, lead: Side | null) => boolean;
}

/** Nothing is shut. */
export const NOTHING_SHUT: Shut = { key: '', place: () => false, move: () => false };

/** Of what was wished for a practice, what its ways keep to: what is avoided, and the props that are there. */
type Wished = Partial<Pick<PracticeRequest, 'avoid' | 'props'>>;

const LEADS: readonly (Side | null)[] = [null, ...SIDES];
const made = new WeakMap<Screening, Map<string, Shut>>();
/** One for what is shut alike, whoever told it and however often. */
const byKey = new Map<string, Shut>([['', NOTHING_SHUT]]);

/**
 * What cautions, and what was wished, shut on the way between shapes; places are held against cautions as shapes are,
 * and of their side.
 */
export function shutBy(screening: Screening, wished: Wished = {}): Shut {
  const { avoid = [], props = null } = wished;
  if (screening.cautions.length === 0 && avoid.length === 0 && props === null) return NOTHING_SHUT;
  const wish = `${[...avoid].sort().join()} ${(props?.includes('chair') ?? true) ? '' : 'no chair'}`;
  let own = made.get(screening);
  if (!own) made.set(screening, (own = new Map<string, Shut>()));
  let shut = own.get(wish);
  if (!shut) own.set(wish, (shut = work(screening, wished)));
  return shut;
}

function work(whole: Screening, { avoid = [], props = null }: Wished): Shut {
  const screening = closing(whole);
  const unwanted = (asks: AsksOfSides): boolean =>
    avoid.some((a) => mostOf(asks.whole, AVOIDED_DEMANDS[a]) > DEMANDS[AVOIDED_DEMANDS[a]].from);
  const noChair = props !== null && !props.includes('chair');
  const shut = new Set<string>();
  const hold = (name: string, place: Shown, leads: readonly (Side | null)[], onHand = false): void => {
    for (const lead of leads) {
      const asks = asksOf(place, lead);
      // Either hand will do: it is shut where neither may.
      const ways = onHand ? SIDES.map((hand) => onto(asks, hand)) : [asks];
      if (ways.every((way) => closed(screening, way) || unwanted(way))) shut.add(`${name} ${lead ?? 'either'}`);
    }
  };
  for (const [base, place] of Object.entries(AT)) hold(base, place, LEADS);
  for (const [name, place] of Object.entries(PASSAGES)) hold(`>${name}`, place, LEADS, ON_A_HAND.has(name as Passage));
  if (noChair) shut.add('no chair');
  const key = [...shut].sort().join(',');
  const known = byKey.get(key);
  if (known) return known;
  const made: Shut = {
    key,
    place: ({ base, lead }) => shut.has(`${base} ${lead ?? 'either'}`),
    move: ({ through, needs }, lead) =>
      (needs === 'chair' && noChair) ||
      (through !== undefined && shut.has(`>${through} ${(OF_LEAD.has(through) ? lead : null) ?? 'either'}`)),
  };
  byKey.set(key, made);
  return made;
}
