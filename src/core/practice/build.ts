import type { Highs } from 'highs';
import { rungOf } from '@/core/poses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import type { Aim } from '@/core/students/student';
import { smallestChange, type Change } from './change';
import { choose, type Choice } from './choose';
import { asChosen, itemsOf, secondsOf, wholeBreaths } from './compose';
import { GIVEN_BACK } from './customs';
import { dosesOf, type Dose } from './doses';
import { frameOf, restIn, TIME_SLACK, spaceIn, timeIn } from './frame';
import { solver } from './highs';
import { itemOf } from './item';
import { valueOf } from './measure';
import { TRANSITIONS } from './pace';
import { placed } from './phases';
import { setSeconds, totalSeconds, type PracticeItem } from './practice';
import { problemOf, type BuildOptions, type BuildProblem } from './problem';
import type { PracticeRequest, Saluted } from './request';
import { withRounds } from './rounds';
import { withSalute } from './salute';
import { inTheWay } from './units';
import { styleOf } from './styles';

export type { BuildOptions } from './problem';

/** Why an aim gets hardly anything. */
export type Missing = { aim: Aim; why: 'caution' | 'reach' | 'props' | 'wish' | 'time' | 'nothing' };

export interface BuiltPractice {
  minutes: number;
  items: PracticeItem[];
  doses: Dose[];
  /** Worth of the practice as it stands, by the measure of the choice. */
  objective: number;
  /**
   * No choice of rungs and times from the whole library is worth more by this measure. It says nothing of the order.
   */
  bound: number;
  /** What is missing to the bound, as a share of it; time that has to be given back takes nothing off this scale. */
  gap: number;
  missing: Missing[];
  /** Rungs that were searched, of those that the wishes allow. */
  searched: number;
  of: number;
  /** True where no order of these items has fewer changes within its phases. */
  orderExact: boolean;
  /** Rungs that were kept as they are: objective and bound are among practices with them. */
  kept: number;
  /** Rungs, `pose/rung`, that were to be kept and are not allowed any more. */
  unkept: string[];
  /** Id of a salutation that was wished and is not open; null where there is nothing to tell. */
  unsaluted: Saluted | null;
  /** What would have to change where nothing fits; then there are no items. */
  change: Change | null;
}

/** Below this an aim counts as missing, minutes. */
const HARDLY = 0.25;

/**
 * A practice for aims, minutes and wishes: rungs and times chosen by a mixed-integer program, ordered by phases with
 * the least changes, made whole breaths, rest filling what is left. Poses that a caution forbids or whose entry is out
 * of reach are never taken. The same input gives the same practice.
 */
export async function buildPractice(
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  options: BuildOptions,
): Promise<BuiltPractice> {
  return attempt(await solver(), ranked, aims, options);
}

/** @param spared seconds that rounds are known to save, from an attempt before */
function attempt(
  highs: Highs,
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  options: BuildOptions,
  spared = 0,
): BuiltPractice {
  const problem = problemOf(ranked, aims, options, spared);
  const { request, frame, standing, open, locks } = problem;
  const versions = versionsOf(highs, problem);
  const choice = versions.at(-1);
  if (!choice)
    return nothing(
      problem,
      smallestChange(highs, open, request, (r) => timeIn(frameOf(r, standing)), locks),
    );
  const laid = laidOut(problem, choice);
  const seconds = totalSeconds(laid.items, request.pace);
  // Where that is more than holds and rest can take, there is time for another shape.
  if (styleOf(request.style).flows && spared === 0 && laid.saved > 1 && seconds < frame.all * (1 - TIME_SLACK))
    return attempt(highs, ranked, aims, options, laid.saved);
  // All there is may fall short by what two rungs of a shape save between them: then there are poses for fewer minutes.
  if (seconds < frame.all * (1 - GIVEN_BACK - 2 * TIME_SLACK))
    return nothing(problem, { kind: 'minutes', minutes: Math.floor(seconds / 60) });
  return answer(problem, versions, choice, laid);
}

/**
 * The best choice, and as many others, each a quarter different from all before it, as the version that is asked for
 * needs.
 */
function versionsOf(highs: Highs, { units, goal, request, frame, locks }: BuildProblem): Choice[] {
  const locked = locks(request);
  const versions: Choice[] = [];
  for (let v = 0; v <= request.version; v++) {
    const apart = versions.map((c) => c.chosen.map((x) => x.unit.key));
    const next = choose(highs, units, goal, timeIn(frame), { locked, apart });
    if (!next) break;
    versions.push(next);
  }
  return versions;
}

/** A practice laid out on the clock. */
interface Laid {
  items: PracticeItem[];
  timed: ReturnType<typeof wholeBreaths>;
  /** No order has fewer changes. */
  exact: boolean;
  /**
   * Seconds that two rungs of a shape that follow each other, and the steps within rounds, take less than was counted.
   */
  saved: number;
}

/** Orders what was chosen, makes it whole breaths, and puts round it how one arrives and rests. */
function laidOut(problem: BuildProblem, choice: Choice): Laid {
  const { request, frame, goal, settling, lying, saluted, standing } = problem;
  const { breathSeconds, pace, style } = request;
  const { flows } = styleOf(request.style);
  const { order, exact } = placed(
    choice.chosen.map((c) => c.unit),
    style,
  );
  const opening = settling
    ? [itemOf(settling, 'settle', { seconds: frame.settle, breath_s: breathSeconds, index: 0 })]
    : [];
  const space = spaceIn(frame),
    stays = timesThatStay(problem);
  let timed = wholeBreaths(choice.chosen, goal, space, stays);
  const made = () => {
    const own = [...opening, ...itemsOf(order, timed, goal.aims, request, opening.length)];
    return withSalute(
      flows ? withRounds(own) : own,
      saluted,
      (i) => order.find((o) => o.unit.key === `${i.pose}/${i.rung}`)?.unit.station ?? null,
    );
  };
  const first = settling ? 0 : TRANSITIONS[pace].shape;
  const saved = frame.settle + standing.saluting + secondsOf(timed, request) - first - totalSeconds(made(), pace);
  // What that frees is held.
  if ((!lying || flows) && Math.abs(saved) > 1) {
    const more = saved - frame.spared;
    timed = wholeBreaths(
      timed.map((t) => asChosen(t, breathSeconds)),
      goal,
      { least: space.least + more, full: space.full + more, most: space.most + more },
      stays,
    );
  }
  return { items: withRest(made(), problem), timed, exact, saved };
}

/** Breaths of what stays, each rung at its shorter side. */
function timesThatStay({ kept, stay }: BuildProblem): Map<string, Pick<PracticeItem, 'breaths' | 'repeats'>> {
  return new Map(
    stay.flatMap(({ key }) =>
      kept
        .filter((i) => `${i.pose}/${i.rung}` === key)
        .sort((a, b) => setSeconds(a) - setSeconds(b))
        .slice(0, 1)
        .map(({ breaths, repeats }) => [key, { breaths, repeats }] as const),
    ),
  );
}

/** With rest at the end, which fills what is left. */
function withRest(items: PracticeItem[], { lying, frame, request }: BuildProblem): PracticeItem[] {
  if (!lying) return items;
  const { breathSeconds, pace } = request;
  const last = itemOf(lying, 'rest', { seconds: frame.restLeast, breath_s: breathSeconds, index: items.length });
  const free = frame.all - totalSeconds([...items, last], pace) + last.holdSeconds;
  return [...items, { ...last, ...restIn(frame, free, breathSeconds) }];
}

/** What is answered where nothing fits, with what would have to change. */
function nothing(
  { request, goal, ranked, units, stay, unkept, unsaluted }: BuildProblem,
  change: Change,
): BuiltPractice {
  return {
    minutes: request.minutes,
    items: [],
    doses: dosesOf([], goal.aims, ranked, goal.wanted),
    objective: 0,
    bound: 0,
    gap: 0,
    missing: [],
    searched: 0,
    of: units.length,
    orderExact: true,
    kept: stay.length,
    unkept,
    unsaluted,
    change,
  };
}

/** A practice with what it gives, and how near that is to the best there can be. */
function answer(
  problem: BuildProblem,
  [best]: readonly Choice[],
  choice: Choice,
  { items, timed, exact }: Laid,
): BuiltPractice {
  const { request, frame, goal, ranked, units, stay, unkept, unsaluted } = problem;
  const left = spaceIn(frame).full - secondsOf(timed, request);
  const objective = valueOf(
    timed.map((t) => asChosen(t, request.breathSeconds)),
    goal,
    left / 60,
  );
  // Another version must differ; what it is held against is the best of all, not the best that differs.
  const bound = Math.max(best.bound, objective);
  // Minutes that nothing can fill cost whatever is chosen: a practice is not measured by the little that is left after
  // them.
  const back = Math.max(0, valueOf(choice.chosen, goal, 0) - choice.objective);
  const doses = dosesOf(items, goal.aims, ranked, goal.wanted);
  const keys = units.map((u) => u.key);
  return {
    minutes: request.minutes,
    items,
    doses,
    objective,
    bound,
    gap: bound > 1e-9 ? (bound - objective) / (bound + back) : 0,
    missing: doses
      .filter((d) => d.minutes < HARDLY)
      .map(({ aim }) => ({ aim, why: whyMissing(ranked, aim, request, keys) })),
    searched: choice.searched,
    of: choice.of,
    orderExact: exact,
    kept: stay.length,
    unkept,
    unsaluted,
    change: null,
  };
}

/** Worth from which a pose would have done something for an aim. */
const HELPS = 0.2;

/** The first thing that stands between an aim and the poses that would serve it. */
function whyMissing(
  ranked: readonly RankedPose[],
  aim: Aim,
  request: PracticeRequest,
  keys: readonly string[],
): Missing['why'] {
  const serving = ranked.filter((r) => worthFor(r, aim).worth >= HELPS);
  if (serving.length === 0) return 'nothing';
  if (serving.some((r) => keys.includes(`${r.pose}/${r.rung}`))) return 'time';
  const open = serving.filter((r) => r.cautions.length === 0);
  if (open.length === 0) return 'caution';
  const reached = open.filter((r) => !r.beyondEntry);
  if (reached.length === 0) return 'reach';
  const ways = reached.map((r) => {
    const found = rungOf(r.pose, r.rung);
    return found ? inTheWay(found.shape, found.rung, request) : null;
  });
  return ways.includes('props') ? 'props' : 'wish';
}
