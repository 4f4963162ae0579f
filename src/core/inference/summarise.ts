import { GROUPS, GROUP_OF, isMuscleGroup, membersOf, shareBelow, SIDES, type Side } from '@/core/body';
import { MAIN_TEST, MOVEMENTS, modelledReadoutOf, type TestId } from '@/core/assessment/battery';
import { bandOf, normFor, type Movement } from '@/core/assessment/definition';
import { speaksOfNerve } from '@/core/assessment/nerve-sign';
import { pressesJoint } from '@/core/assessment/pinch';
import { meanOf } from '@/core/assessment/reading';
import {
  isLimited,
  LIMITED,
  ONE_NAME,
  type Estimate,
  type Limiter,
  type MovementFinding,
  type Speaker,
  type GroupFinding,
} from './statements';
import { carriersOf, type LeftOut } from './influence';
import { boneContext, type Term } from './likelihood';
import { isFeltAt, placeGiven } from './evidence';
import { meanStop } from './mean-stop';
import { plainCheck } from './plain-check';
import { COUNT, DIMENSIONS, LATENT, tolerancesFrom, weigh } from './prior';
import { Random } from './random';
import type { Draws } from './hamiltonian-sampler';
import { stopTableFor, type StopTable } from './stop-table';
import type { Known } from './known';

/**
 * Spread added to every draw, SD: a body's strands differ from what their element says, and so does its geometry from
 * the model's. Without it intervals cover less and probabilities promise more than they hold (`demo/recovery.ts`). Who
 * is first to stop a movement hangs on where *two* things end, and there another body differs more: that spread is set
 * so that what is stated is as often true in a world that shares nothing with this one (`demo/other-recovery.ts`).
 */
export const NUGGET = { tolerance: 0.25, limiter: 0.4 } as const;

/**
 * Draws as they are told: each tolerance with the nugget that no test can see. Seeded.
 * @param sd spread, SD of typical people
 * @param copies of every draw, each with a nugget of its own, one whole set after the other: what is counted then
 * wanders less with the seed
 */
export function withNugget(draws: Draws, seed: number, sd: number, copies = 1): Draws {
  const random = new Random(seed + 13);
  const x = new Float32Array(draws.x.length * copies);
  for (let i = 0; i < x.length; i++) x[i] = draws.x[i % draws.x.length] + sd * random.normal();
  return { ...draws, chains: draws.chains * copies, x };
}

/**
 * A group is short when its least tolerant member is among the shortest sixth (ours, as 1 SD is for one): one cut for
 * every member would call a group of four short in a third of all people, and whatever nobody tested beside one low
 * reading.
 */
const SHORTEST_SHARE = 0.16;

export const drawCount = (draws: Draws): number => draws.chains * draws.perChain;

/** Least tolerant member of a group in one draw. */
export function worstMember(x: ArrayLike<number>, at: number, group: number): number {
  let worst = Infinity;
  for (let g = 0; g < COUNT; g++) if (GROUP_OF[g] === group && x[at + g] < worst) worst = x[at + g];
  return worst;
}

/** Mean and 10th to 90th percentile. Sorts `values`. */
export function estimate(values: Float64Array): Estimate {
  let mean = 0;
  for (const v of values) mean += v / values.length;
  values.sort();
  const at = (p: number) => values[Math.min(values.length - 1, Math.floor(p * values.length))];
  return { mean, low: at(0.1), high: at(0.9) };
}

/** What typical people have, by simulation of the prior: sorted worst-member tolerances of each group. */
function typicalGroups(): Float64Array[] {
  const random = new Random(97);
  const draws = 2000;
  const latent = new Float64Array(LATENT),
    x = new Float64Array(DIMENSIONS);
  const out = GROUPS.map(() => new Float64Array(draws));
  for (let d = 0; d < draws; d++) {
    for (let i = 0; i < LATENT; i++) latent[i] = random.normal();
    tolerancesFrom(latent, x);
    GROUPS.forEach((_, k) => (out[k][d] = worstMember(x, 0, k)));
  }
  return out.map((v) => v.sort());
}
let typical: Float64Array[] | null = null;
const typicalPeople = (): Float64Array[] => (typical ??= typicalGroups());

/** Tolerance of the least tolerant member below which a group (index in `GROUPS`) is short, SD of one member. */
export function shortBelow(group: number): number {
  const people = typicalPeople()[group];
  return people[Math.round(SHORTEST_SHARE * people.length)];
}

/**
 * Chance that any member of a group lies below its cut, in one draw with the nugget's spread about it: summed over the
 * spread itself, it wanders less from seed to seed than a count of draws with the nugget would.
 */
function chanceOfShort(x: ArrayLike<number>, at: number, group: number): number {
  const cut = shortBelow(group);
  let none = 1;
  for (let g = 0; g < COUNT; g++)
    if (GROUP_OF[g] === group) none *= 1 - shareBelow((cut - x[at + g]) / NUGGET.tolerance);
  return 1 - none;
}

/** Tolerance of every group on both sides. @param told the draws with the nugget, whose spread is what is shown */
export function summariseGroups(draws: Draws, told: Draws): GroupFinding[] {
  const people = typicalPeople();
  const n = drawCount(draws);
  return SIDES.flatMap((side, s) =>
    GROUPS.map((group, k): GroupFinding => {
      const values = new Float64Array(n);
      let short = 0;
      for (let d = 0; d < n; d++) {
        const at = d * DIMENSIONS + s * COUNT;
        short += chanceOfShort(draws.x, at, k) / n;
        values[d] = worstMember(told.x, at, k);
      }
      const tolerance = estimate(values);
      const mean = people[k].reduce((a, v) => a + v, 0) / people[k].length;
      const sd = Math.sqrt(people[k].reduce((a, v) => a + (v - mean) ** 2, 0) / people[k].length);
      let below = 0;
      for (const v of people[k]) if (v < tolerance.mean) below++;
      return {
        group,
        members: membersOf(group),
        side,
        tolerance,
        typical: { mean, sd },
        z: (tolerance.mean - mean) / sd,
        shareBelow: below / people[k].length,
        shortProbability: short,
      };
    }),
  );
}

/** What each draw makes of the elements of a side, `exp(−κ x)`, draw after draw; worked out once for all movements. */
export function weightsOf(draws: Draws, side: Side): Float64Array {
  let sides = weighed.get(draws);
  if (!sides) weighed.set(draws, (sides = {}));
  const known = sides[side];
  if (known) return known;
  const n = drawCount(draws),
    offset = side === 'left' ? 0 : COUNT;
  const out = new Float64Array(n * COUNT);
  for (let d = 0; d < n; d++) weigh(draws.x, d * DIMENSIONS + offset, out, d * COUNT, COUNT);
  return (sides[side] = out);
}
const weighed = new WeakMap<Draws, Partial<Record<Side, Float64Array>>>();

/** Group with the largest share of the stop in each draw, and the end in degrees. */
export function limitersPerDraw(draws: Draws, table: StopTable, side: Side): { group: Uint8Array; end: Float64Array } {
  const n = drawCount(draws);
  const weights = weightsOf(draws, side);
  const shares = new Float64Array(COUNT),
    byGroup = new Float64Array(GROUPS.length);
  const group = new Uint8Array(n),
    end = new Float64Array(n);
  for (let d = 0; d < n; d++) {
    end[d] = table.stop(weights, d * COUNT, shares).end;
    byGroup.fill(0);
    for (const g of table.active) byGroup[GROUP_OF[g]] += shares[g];
    let most = 0;
    for (let k = 1; k < byGroup.length; k++) if (byGroup[k] > byGroup[most]) most = k;
    group[d] = most;
  }
  return { group, end };
}

/**
 * Chance of a place among all that can stop a movement, below which the place does not belong to it (ours): less than
 * one in forty.
 */
const STRANGE = 0.025;

/** Whether a reading was felt where nothing that can stop its movement is felt. "Nowhere" is no place. */
function isStrange(draws: Draws, term: Term): boolean {
  const place = term.reading.placeFelt;
  if (!place || place === 'nowhere' || term.brokenOff || pressesJoint(term.reading)) return false;
  // Thigh on belly is felt in the fold, which is no muscle's place and no riddle.
  if (term.reading.endFeel === 'body-contact') return false;
  const given = placeGiven(place);
  const chance = meanStop(draws, term).shares.reduce((sum, share, g) => sum + share * given[g], 0);
  return chance < STRANGE;
}

/** Shares of draws in which each group stops the movement, largest first, those below 1 % left out. */
export function limiterShares(stoppedBy: Uint8Array): Limiter[] {
  const counts = GROUPS.map(() => 0);
  for (const k of stoppedBy) counts[k]++;
  return GROUPS.map((group, k) => ({ group, probability: counts[k] / stoppedBy.length }))
    .filter((l) => l.probability >= 0.01)
    .sort((a, b) => b.probability - a.probability || (a.group < b.group ? -1 : 1));
}

/** Tests that turn the thigh, which muscle, joint and bone end alike. */
const TURNS: readonly string[] = ['seated-hip-rotation', 'prone-hip-rotation'] satisfies TestId[];

/**
 * What spoke at the end of a movement instead of a muscle: of any reading of it for nerve and joint, else of the one
 * that it is told by.
 */
function speakerOf(draws: Draws, own: Term | null, about: readonly Term[]): Speaker | undefined {
  if (about.some((t) => speaksOfNerve(t.reading))) return 'nerve';
  if (about.some((t) => pressesJoint(t.reading))) return 'pinch';
  if (own?.reading.endFeel === 'hard-block') return 'hard';
  if (own && isStrange(draws, own)) return 'strange';
  return own?.reading.endFeel === 'body-contact' ? 'contact' : undefined;
}

/**
 * Whether what spoke at the end is at odds with the first limiter: a muscle where a joint pinched or stopped hard, or a
 * nerve spoke, anything where the place fits nothing.
 */
function contradicts(spoke: Speaker | undefined, [first]: readonly Limiter[]): boolean {
  if (spoke === 'strange') return true;
  if (!first) return false;
  return (spoke === 'pinch' || spoke === 'hard' || spoke === 'nerve') && isMuscleGroup(first.group);
}

/** How plainly a list of limiters may be told. */
export function clarityOf(limiters: readonly Limiter[]): MovementFinding['clarity'] {
  const [first, second] = limiters;
  if (first && first.probability >= ONE_NAME) return 'one';
  if (first && second && first.probability >= 0.5 && first.probability + second.probability >= 0.8) return 'two';
  return 'unclear';
}

/**
 * The reading that a movement is told by: of the test that asks for it most directly, else the one of another test that
 * stands furthest below its norm. What was never read is not told: a thigh that falls little across the table is no
 * hanging leg. Where the direct test is usual, another one is told that is limited, as read and as all readings
 * together expect it: a shin that stays far from level is not undone by a thigh that turns as most do.
 */
function toldBy(movement: Movement, side: Side, { draws, terms, person }: Omit<Known, 'model'>): Term | null {
  const about = terms.filter((t) => t.side === side && t.table.readout.movement === movement && !t.reading.variant);
  const main = MAIN_TEST[movement];
  const own = about.find((t) => t.reading.test === main.test && t.reading.readout === main.readout);
  const band = (t: Term, value: number) => bandOf(t.table.readout, value, normFor(t.table.readout, person.sexForNorms));
  const standing = (t: Term) => band(t, meanOf(t.reading.trials));
  const whole = about.filter((t) => !t.brokenOff);
  if (own) {
    if (own.brokenOff || standing(own) < LIMITED) return own;
    const limited = whole.filter(
      (t) => !t.atLeast && standing(t) < LIMITED && band(t, meanStop(draws, t).end) < LIMITED,
    );
    return limited.sort((a, b) => standing(a) - standing(b)).at(0) ?? own;
  }
  return [...(whole.length > 0 ? whole : about)].sort((a, b) => standing(a) - standing(b)).at(0) ?? null;
}

/** The stop table of a movement on a side: the one of the reading that it is told by, else of a typical position. */
export function tableOf(movement: Movement, side: Side, known: Known): StopTable {
  const { person, model } = known;
  const own = toldBy(movement, side, known);
  if (own) return own.table;
  const main = MAIN_TEST[movement];
  const readout = modelledReadoutOf(main.test, main.readout);
  if (!readout) throw new Error(`movement "${movement}" names an unknown test`);
  return stopTableFor(readout, boneContext(person, side), normFor(readout, person.sexForNorms), model);
}

/** What stops each movement that any reading of that side speaks about. */
export function summariseMovements(known: Known, without: LeftOut): MovementFinding[] {
  const { draws, terms, person } = known;
  return SIDES.flatMap((side) =>
    MOVEMENTS.flatMap((movement): MovementFinding[] => {
      const about = terms.filter((t) => t.side === side && t.table.readout.movement === movement);
      if (about.length === 0) return [];
      const table = tableOf(movement, side, known);
      const { group, end } = limitersPerDraw(draws, table, side);
      const limiters = limiterShares(group);
      const norm = normFor(table.readout, person.sexForNorms);
      const own = toldBy(movement, side, { ...known, terms: about });
      const main = own ? { test: own.reading.test, readout: own.reading.readout } : MAIN_TEST[movement];
      const measured = own?.reading;
      const expected = estimate(end);
      const spoke = speakerOf(draws, own, about);
      const felt = own?.brokenOff ? undefined : measured?.placeFelt;
      const against =
        spoke === undefined && felt !== undefined && limiters[0] !== undefined && !isFeltAt(limiters[0].group, felt);
      const band = bandOf(
        table.readout,
        own && !own.brokenOff && spoke !== 'contact' ? own.value : expected.mean,
        norm,
      );
      const unasked =
        TURNS.includes(main.test) && spoke === undefined && measured?.placeFelt === undefined && isLimited({ band });
      // Where every reading of it was broken off, nothing has told what would have stopped it.
      const stopped = about.every((t) => t.brokenOff);
      return [
        {
          movement,
          side,
          ...main,
          end: expected,
          measured: measured ? meanOf(measured.trials) : null,
          norm: { mean: norm.mean, sd: norm.sd, source: norm.source },
          ...(own?.brokenOff && { brokenOff: true }),
          ...(spoke && { spoke }),
          ...(felt && { felt }),
          ...(against && { against }),
          ...(unasked && { unasked }),
          // Where somebody stopped, or body met body, is not how far it goes; what breathing won back is.
          band,
          limiters,
          clarity: against || unasked || stopped || contradicts(spoke, limiters) ? 'unclear' : clarityOf(limiters),
          readings: about.map((t) => t.reading.id),
          carriers: limiters[0] ? carriersOf({ group, limiter: limiters[0].group, side }, terms, without) : [],
          plain: plainCheck(main.test, main.readout, measured?.placeFelt),
        },
      ];
    }),
  );
}
