import { SIDES, type GroupId, type Side } from '@/core/body';
import { turnsBetween } from '@/core/assessment/batteries';
import { testById } from '@/core/assessment/battery';
import { type Movement, type TestPosition } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';
import type { Limiter } from './statements';
import type { Draws } from './hamiltonian-sampler';
import { contextOf } from './context';
import { boneContext } from './likelihood';
import { ASKED_DRAWS, informationGain, simulate, thinnedTo, type AskedReadout } from './information';
import { Random } from './random';
import { ASK_AT_MOST, SETTLED_AT } from './settled-at';
import { stillToRead } from './still-to-read';
import { limiterShares, limitersPerDraw, tableOf } from './summarise';
import type { Known } from './known';

/** What is to be settled: what stops one movement of a side, or anything else that has a limiter in every draw. */
export interface Question {
  side: Side;
  movement?: Movement;
  /** Instead of a movement: group of `GROUPS` that stops, in each of these draws; both sides' tests may answer. */
  labels?: (draws: Draws) => Uint8Array;
  /** Tests taken for it so far, the one that begins it not counted. */
  asked?: number;
  /** Tests that must not be done, by their id, or of one side as `id/side`. */
  closed?: readonly string[];
  /** How the student lies or stands now. */
  from?: TestPosition;
}

export interface Suggestion {
  test: string;
  side: Side;
  /** Way of doing it, where not the usual one. */
  variant?: string;
  /** Bits that it is expected to tell about the question. */
  gain: number;
  /** Turns of the body that it costs. */
  turns: number;
}

/** How far a question is: settled, worth asking on, or not to be settled by tests. */
export interface Settling {
  side: Side;
  movement: Movement | null;
  state: 'settled' | 'ask' | 'cannot';
  /** The limiters as they stand, likeliest first. */
  limiters: Limiter[];
  /** The two that the next test is to tell apart; null where one stands alone. */
  between: [GroupId, GroupId] | null;
  /** Worth doing, best first by bits net of turns. */
  tests: Suggestion[];
}
/** Bits that a turn of the body must be worth, and that any test must be expected to tell. */
const TURN_COSTS = 0.03;
const WORTH_ASKING = 0.03;
const OFFERED = 4;

/**
 * The tests that would tell most about one question: mutual information between the limiter and the simulated outcome
 * (reading with its error, place felt) over the posterior draws, less what turning the student over costs. Ways of
 * doing a test other than the usual one are readings of their own.
 */
export function settleQuestion(question: Question, known: Known, readings: readonly Reading[], seed: number): Settling {
  const { side, movement } = question;
  const { draws: all, person } = known;
  const draws = thinnedTo(all, ASKED_DRAWS);
  const labelsOf = (d: Draws) =>
    question.labels?.(d) ??
    (movement
      ? limitersPerDraw(d, tableOf(movement, side, { ...known, draws: d }), side).group
      : new Uint8Array(d.perChain * d.chains));
  const limiters = limiterShares(labelsOf(all));
  const [first, second] = limiters;
  const result: Settling = {
    side,
    movement: movement ?? null,
    state: 'settled',
    limiters,
    between: first && second ? [first.group, second.group] : null,
    tests: [],
  };
  if (!first || first.probability >= SETTLED_AT) return result;
  const labels = labelsOf(draws);
  const random = new Random(seed + 31);
  const tests = candidates(question, readings)
    .map(({ asked, turns }): Suggestion => {
      const gain = Math.max(
        ...asked.map((a) =>
          informationGain(
            labels,
            simulate(
              a,
              { ...contextOf({ ...a, readout: a.readout.id }, readings), ...boneContext(person, a.side) },
              { ...known, draws },
              random,
            ),
          ),
        ),
      );
      const { test, side: of, variant } = asked[0];
      return { test, side: of, ...(variant ? { variant } : {}), gain, turns };
    })
    .filter((t) => t.gain >= WORTH_ASKING)
    .sort((a, b) => net(b) - net(a) || (a.test + a.side < b.test + b.side ? -1 : 1))
    .slice(0, OFFERED);
  const over = tests.length === 0 || (question.asked ?? 0) >= ASK_AT_MOST;
  return { ...result, state: over ? 'cannot' : 'ask', tests: over ? [] : tests };
}

const net = (t: Suggestion): number => t.gain - TURN_COSTS * t.turns;

const isClosed = ({ closed = [] }: Question, test: string, side: Side): boolean =>
  closed.includes(test) || closed.includes(`${test}/${side}`);

/** Everything that could still be read for a question: tests of its side, and other ways of doing those begun. */
function candidates(
  question: Question,
  readings: readonly Reading[],
): { asked: readonly [AskedReadout, ...AskedReadout[]]; turns: number }[] {
  const sides = question.labels ? SIDES : [question.side];
  return stillToRead(readings, sides)
    .filter(([{ test, side }]) => testById(test)?.sided === true && !isClosed(question, test, side))
    .map((asked) => {
      const position = testById(asked[0].test)?.position;
      return { asked, turns: question.from && position ? turnsBetween(question.from, position) : 0 };
    });
}
