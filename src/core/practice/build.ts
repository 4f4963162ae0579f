import type { Highs } from 'highs';
import type { Aim } from '@/core/students/student';
import { rungOf } from '@/core/poses';
import { worthFor, type RankedPose } from '@/core/ranking/rank';
import { smallestChange, type Change } from './change';
import { choose, type Choice } from './choose';
import { GIVEN_BACK, restOf } from './customs';
import { valueOf } from './measure';
import type { Goal, Locked, Time } from './asked';
import { asChosen, itemsOf, resting, secondsOf, wholeBreaths } from './compose';
import { itemOf } from './item';
import { activeAims, dosesOf, wantedMinutes, type Dose } from './doses';
import { solver } from './highs';
import { isNever, NO_LIKES, type Likes } from './likes';
import { placed } from './phases';
import { TRANSITIONS } from './pace';
import { setSeconds, totalSeconds, workSeconds, type PracticeItem } from './practice';
import { withRounds } from './rounds';
import { requestOf, type PracticeRequest, type Saluted } from './request';
import { salute, withSalute } from './salute';
import { setsOf } from './taught-order';
import { inTheWay, unitsFor } from './units';

/** Why an aim gets hardly anything. */
export type Missing = { aim: Aim; why: 'caution' | 'reach' | 'props' | 'wish' | 'time' | 'nothing' };

export interface BuiltPractice {
  minutes: number;
  items: PracticeItem[];
  doses: Dose[];
  /** Worth of the practice as it stands, by the measure of the choice. */
  objective: number;
  /** No choice of rungs and times from the whole library is worth more by this measure. It says nothing of the order. */
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

export interface BuildOptions extends Partial<Omit<PracticeRequest, 'minutes'>> {
  minutes: number;
  /** Items that stay, with their hold. */
  locked?: readonly PracticeItem[];
  /** What the teacher likes to teach and what never. */
  likes?: Likes;
}

const SETTLE = { share: 0.06, least: 30, most: 120 } as const;
/** Shortest rest at the end, seconds. */
const REST_LEAST = 45;
/** Share of the minutes that may be missing or too much. */
const SLACK = 0.01;
/** Below this an aim counts as missing, minutes. */
const HARDLY = 0.25;
const clamp = (v: number, least: number, most: number): number => Math.min(most, Math.max(least, v));

/**
 * A practice for aims, minutes and wishes: rungs and times chosen by a mixed-integer program, ordered by phases with the least changes, made
 * whole breaths, rest filling what is left. Poses that a caution forbids or whose entry is out of reach are never taken. The same
 * input gives the same practice.
 */
export async function buildPractice(
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  options: BuildOptions,
): Promise<BuiltPractice> {
  return buildWith(await solver(), ranked, aims, options);
}

function buildWith(
  highs: Highs,
  ranked: readonly RankedPose[],
  aims: readonly Aim[],
  options: BuildOptions,
  /** Seconds that rounds are known to save on the way: they are taught, too. */
  spared = 0,
): BuiltPractice {
  const { locked: lockedItems = [], likes = NO_LIKES, ...said } = options;
  // Salutations come anew with every practice: what of one was kept is none of what is chosen.
  const kept = lockedItems.filter((i) => i.salutation === undefined);
  const request = requestOf(said);
  const breath = request.breathSeconds;
  const { pace } = request;
  const round = (seconds: number) => Math.max(1, Math.round(seconds / breath)) * breath;
  const allowed = (r: RankedPose): boolean => {
    const found = rungOf(r.pose, r.rung);
    return found !== null && inTheWay(found.shape, found.rung, request) === null;
  };
  const saluted = salute(request, ranked, (r) => allowed(r) && !isNever(likes, r.pose));
  const unsaluted =
    request.salutation !== null && request.salutation !== 'none' && saluted.length === 0 ? request.salutation : null;
  const settling = resting(ranked, 'settle', allowed),
    lying = resting(ranked, 'rest', allowed);
  // A salutation with the way to it.
  const saluting =
    saluted.length > 0
      ? totalSeconds(
          withSalute([], saluted, () => null),
          pace,
        ) + TRANSITIONS[pace].shape
      : 0;
  const frame = (r: PracticeRequest) => {
    const all = r.minutes * 60;
    const settle = settling ? round(clamp(all * SETTLE.share, SETTLE.least, SETTLE.most)) : 0;
    const rest = restOf(r);
    const restLeast = lying ? round(Math.max(rest.least * all, REST_LEAST)) : 0;
    return {
      all,
      settle,
      restLeast,
      restMost: lying ? Math.max(restLeast, all * rest.most) : 0,
      // The way to rest; the first item has none before it where nothing settles.
      toRest: (lying ? TRANSITIONS[pace].shape : 0) - (settling ? 0 : TRANSITIONS[pace].shape),
    };
  };
  const timeOf = (r: PracticeRequest): Time => {
    const f = frame(r);
    return {
      work: (f.all + spared - f.settle - f.toRest - saluting) / 60,
      slack: (f.all * SLACK) / 60,
      restLeast: f.restLeast / 60,
      restMost: f.restMost / 60,
      giveMost: (f.all * GIVEN_BACK) / 60,
    };
  };
  const wished = lockedOf(kept);
  const open = (r: PracticeRequest) =>
    unitsFor(
      ranked,
      r,
      likes,
      wished.map((l) => l.key),
    ).map((u) => {
      // What stays is done in as many sets as it was.
      const own = kept.find((i) => `${i.pose}/${i.rung}` === u.key);
      return own && setsOf(own) !== u.sets ? { ...u, sets: setsOf(own) } : u;
    });
  const units = open(request);
  const stay = wished.filter((l) => units.some((u) => u.key === l.key));
  const unkept = wished.filter((l) => !stay.includes(l)).map((l) => l.key);
  const locks = (r: PracticeRequest): Locked[] => {
    const peak = r.peak && peakOf(open(r), r.peak);
    const own = [...stay];
    if (r.peak && !own.some((l) => l.key === peak)) own.push({ key: peak || `${r.peak}/?` });
    return own;
  };
  const f = frame(request),
    time = timeOf(request);
  const active = activeAims(aims);
  const wanted = wantedMinutes(active, time.work - time.restLeast);
  const given = dosesOf(saluted, active, ranked, wanted).map((d) => d.minutes);
  const goal: Goal = { aims: active, wanted, already: given, work: time.work, request };
  const versions: Choice[] = [];
  for (let v = 0; v <= request.version; v++) {
    const apart = versions.map((c) => c.chosen.map((x) => x.unit.key));
    const next = choose(highs, units, goal, time, { locked: locks(request), apart });
    if (!next) break;
    versions.push(next);
  }
  const choice = versions.at(-1);
  const none = (change: Change): BuiltPractice => ({
    minutes: request.minutes,
    items: [],
    doses: dosesOf([], active, ranked, wanted),
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
  });
  if (!choice) return none(smallestChange(highs, open, request, timeOf, locks));

  // A hundredth more or less is nobody's matter; where no rest can fill it up, nothing else would meet the minutes at all.
  const some = f.all * SLACK;
  const space = {
    least: f.all * (1 - GIVEN_BACK) + spared - f.settle - f.toRest - saluting - f.restMost - some,
    full: f.all + spared - f.settle - f.toRest - saluting - f.restMost,
    most: f.all + spared - f.settle - f.toRest - saluting - f.restLeast + some,
  };
  const { order, exact } = placed(
    choice.chosen.map((c) => c.unit),
    request.arc,
  );
  const opening = settling ? [itemOf(settling, 'settle', f.settle, breath, [], 0)] : [];
  const fixed = new Map(
    stay.flatMap((l) => {
      const [own] = kept.filter((i) => `${i.pose}/${i.rung}` === l.key).sort((a, b) => setSeconds(a) - setSeconds(b));
      return kept.some((i) => `${i.pose}/${i.rung}` === l.key)
        ? [[l.key, { breaths: own.breaths, repeats: own.repeats }] as const]
        : [];
    }),
  );
  let timed = wholeBreaths(choice.chosen, goal, space, fixed);
  const made = () => {
    const own = [...opening, ...itemsOf(order, timed, active, request, opening.length)];
    const rounds = request.arc === 'flow' ? withRounds(own) : own;
    return withSalute(
      rounds,
      saluted,
      (i) => order.find((o) => o.unit.key === `${i.pose}/${i.rung}`)?.unit.station ?? null,
    );
  };
  // Two rungs of a shape that follow each other save a change of shape, and so does each step within a round: what that frees is held.
  const first = settling ? 0 : TRANSITIONS[pace].shape;
  const saved = f.settle + saluting + secondsOf(timed, request) - first - totalSeconds(made(), pace);
  if ((!lying || request.arc === 'flow') && Math.abs(saved) > 1)
    timed = wholeBreaths(
      timed.map((t) => asChosen(t, breath)),
      goal,
      { least: space.least + saved - spared, full: space.full + saved - spared, most: space.most + saved - spared },
      fixed,
    );
  const items = made();
  if (lying) {
    items.push(itemOf(lying, 'rest', f.restLeast, breath, [], items.length));
    const last = items[items.length - 1];
    const free = f.all - totalSeconds(items, pace) + last.holdSeconds;
    const breaths = Math.max(1, Math.round(clamp(free, f.restLeast, f.restMost + breath / 2) / breath));
    items[items.length - 1] = { ...last, breaths, holdSeconds: Math.max(3, breaths * breath) };
  }
  // Where that is more than holds and rest can take, there is time for another shape.
  if (request.arc === 'flow' && spared === 0 && saved > 1 && totalSeconds(items, pace) < f.all - some)
    return buildWith(highs, ranked, aims, options, saved);
  // All there is may fall short by what two rungs of a shape save between them: then there are poses for fewer minutes.
  if (totalSeconds(items, pace) < f.all * (1 - GIVEN_BACK - 2 * SLACK))
    return none({ kind: 'minutes', minutes: Math.floor(totalSeconds(items, pace) / 60) });
  const objective = valueOf(
    timed.map((t) => asChosen(t, breath)),
    goal,
    (space.full - secondsOf(timed, request)) / 60,
  );
  // Another version must differ; what it is held against is the best of all, not the best that differs.
  const bound = Math.max(versions[0].bound, objective);
  // Minutes that nothing can fill cost whatever is chosen: a practice is not measured by the little that is left after them.
  const back = Math.max(0, valueOf(choice.chosen, goal, 0) - choice.objective);
  const doses = dosesOf(items, active, ranked, wanted);
  return {
    minutes: request.minutes,
    items,
    doses,
    objective,
    bound,
    gap: bound > 1e-9 ? (bound - objective) / (bound + back) : 0,
    missing: doses
      .filter((d) => d.minutes < HARDLY)
      .map((d) => ({
        aim: d.aim,
        why: whyMissing(
          ranked,
          d.aim,
          request,
          units.map((u) => u.key),
        ),
      })),
    searched: choice.searched,
    of: choice.of,
    orderExact: exact,
    kept: stay.length,
    unkept,
    unsaluted,
    change: null,
  };
}

/** The deepest rung of a shape that is allowed, by its key. */
function peakOf(units: ReturnType<typeof unitsFor>, peak: string): string | undefined {
  return units.filter((u) => u.shape.id === peak).sort((a, b) => b.number - a.number)[0]?.key;
}

/** Rungs that stay, from the items of a practice; both sides count once, at the shorter hold. */
function lockedOf(items: readonly PracticeItem[]): Locked[] {
  const out = new Map<string, number>();
  for (const i of items) {
    if (i.phase === 'settle' || i.phase === 'rest') continue;
    const key = `${i.pose}/${i.rung}`;
    out.set(key, Math.min(out.get(key) ?? Infinity, workSeconds(i) / 60));
  }
  return [...out].map(([key, minutes]) => ({ key, minutes }));
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
