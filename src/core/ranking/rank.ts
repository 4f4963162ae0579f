import { GROUPS, groupOf, isMuscleGroup, SIDES, TYPICAL_BUILD, type Build, type GroupId, type Side } from '@/core/body';
import type { Screening, Verdict } from '@/core/cautions/screen';
import { completed, reachedIn, type FittedPose, type ReachedFit } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import { USUAL_WAY, type FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import type { Aim } from '@/core/students/student';
import { allShapes, demandsOf, isSided, rungOf, verdictOfRung, whyClosed, type Kind, type Shape } from '@/core/poses';
import type { StrainId } from '@/core/statics/strains';
import { guessOf } from './guide';
import { askedAgain, soreIn, type Sore } from './sore';

export interface RankedPose extends FittedPose {
  /** 0–1: share of all aims' weight that it serves, less what it costs. */
  score: number;
  gives: { aim: Aim; stretch?: number; load?: number; worth: number }[];
  costs: Record<CostId, number>;
  /** Names of the cautions that close it; such a pose is shown last and never built in. */
  cautions: string[];
  /** What her cautions leave of it: shut, as far as a limit, or free. */
  verdict: Verdict;
  /** Muscles and sides that it asks for as a pose did that hurt; absent where none. */
  sore?: Sore[];
  /** True while loads, props, angles and score are a guess that only orders the list: not to be shown. */
  rough?: boolean;
}

export type CostId =
  'effort' | 'knee' | 'lowBack' | 'hipFront' | 'instep' | 'hanging' | 'offAim' | 'leaveAlone' | 'loose' | 'beyond';
/** Weights of the costs, our defaults. */
const COST: Readonly<Record<CostId, number>> = {
  knee: 0.2,
  lowBack: 0.2,
  hipFront: 0.1,
  instep: 0.05,
  hanging: 0.1,
  effort: 0.08,
  offAim: 0.1,
  leaveAlone: 0.3,
  loose: 0.12,
  beyond: 0.5,
};
/** Strains behind each cost. */
const STRAINS: Readonly<Partial<Record<CostId, readonly StrainId[]>>> = {
  knee: ['knee-twist', 'knee-sideways', 'kneecap'],
  lowBack: ['low-back-flexed', 'low-back-extended'],
  hipFront: ['hip-front'],
  instep: ['instep'],
  hanging: ['hanging'],
};
/** Share of its limit from which a strain counts. */
const COUNTS_FROM = 0.4;
/** What a strain costs, 0–1: nothing up to two fifths of its limit, all at the limit. */
const strainCost = (fit: FittedPose, cost: CostId): number => {
  const ids = STRAINS[cost] ?? [];
  const most = Math.max(0, ...fit.strains.filter((s) => ids.includes(s.id)).map((s) => s.share));
  return Math.min(1, Math.max(0, (most - COUNTS_FROM) / (1 - COUNTS_FROM)));
};

/**
 * What time at length is worth by what the rung is for: moving through and working there give less of it. Our default.
 */
const LENGTHENS: Readonly<Record<Kind, number>> = { stretch: 1, strength: 0.5, mobility: 0.35, rest: 0 };

/** Share of the tolerance from which a stretch is credited: where it is felt. Ours. */
export const FELT = 0.5;
/** Share from which more adds nothing: the comfortable one. */
const ENOUGH = 0.8;
/**
 * What a stretch is worth: nothing below half of the tolerance, where it is hardly felt, all at the comfortable 0.8.
 */
export const worthOfStretch = (stretch: number): number => Math.min(1, Math.max(0, (stretch - FELT) / (ENOUGH - FELT)));
/** The least stretch that is worth so much. */
export const stretchOfWorth = (worth: number): number => (worth <= 0 ? 0 : FELT + (ENOUGH - FELT) * Math.min(1, worth));
/** Share of the capacity up to which a load strengthens nobody, and from which more adds nothing. Ours. */
export const WORKS = 0.2;
const WORKS_FULLY = 0.5;
/** What a load is worth: nothing up to a fifth of the capacity, all from half of it on. */
export const worthOfLoad = (load: number): number => Math.min(1, Math.max(0, (load - WORKS) / (WORKS_FULLY - WORKS)));
/** The least load that is worth so much. */
export const loadOfWorth = (worth: number): number =>
  worth <= 0 ? 0 : WORKS + (WORKS_FULLY - WORKS) * Math.min(1, worth);

/**
 * What stretch or work counts of a group that the shape does not name: it comes along, nobody takes the shape for it.
 * Less for work: a muscle that only balances another trains through no range of its own. Ours.
 */
const COMES_ALONG = { lengthen: 0.7, strengthen: 0.5, leave: 0 } as const;

/** What a rung can give to an aim at most, 0–1: by what it is for, and whether its shape names the muscle. */
export function mostFor(pose: string, rung: number, aim: Pick<Aim, 'kind' | 'group'>): number {
  const found = rungOf(pose, rung);
  const group = groupOf(aim.group);
  if (!group) return 0;
  const kind = found?.rung.kind ?? 'stretch';
  const named = aim.kind === 'lengthen' ? found?.shape.reaches : found?.shape.works;
  const along = named?.includes(group) ? 1 : COMES_ALONG[aim.kind];
  // Only a rung that is there to work is done often and hard enough to strengthen.
  return along * (aim.kind === 'lengthen' ? LENGTHENS[kind] : kind === 'strength' ? 1 : 0);
}

/**
 * Share of its tolerance that a group uses, as an aim to lengthen it looks at it: of its short muscles where the others
 * are not short.
 */
export const stretchFor = ({ stretch, ofShortest }: FittedPose, side: Side, group: GroupId): number =>
  ofShortest?.[side][group] ?? stretch[side][group];

/** Worth of a fitted pose for one aim, 0–1. */
export function worthFor(fit: FittedPose, aim: Aim): { worth: number; stretch?: number; load?: number } {
  const group = groupOf(aim.group);
  // A resting shape is there for rest: what it happens to lengthen in a short muscle is not work.
  if (!group || rungOf(fit.pose, fit.rung)?.rung.kind === 'rest') return { worth: 0 };
  const most = mostFor(fit.pose, fit.rung, aim);
  if (aim.kind === 'lengthen') {
    const stretch = stretchFor(fit, aim.side, group);
    return { worth: most * worthOfStretch(stretch), stretch };
  }
  if (aim.kind === 'strengthen') {
    const load = fit.load[aim.side][group] ?? 0;
    return { worth: most * worthOfLoad(load), load };
  }
  return { worth: 0 };
}

/** Scores one fitted pose. @param sore what poses that hurt asked for */
export function scorePose(
  fit: FittedPose,
  aims: readonly Aim[],
  screening: Screening,
  sore: readonly Sore[] = [],
): RankedPose {
  const found = rungOf(fit.pose, fit.rung);
  if (!found) throw new Error(`unknown pose "${fit.pose}" rung ${fit.rung}`);
  const total = aims.filter((a) => a.kind !== 'leave').reduce((s, a) => s + a.weight, 0) || 1;
  const gives = aims.map((aim) => ({ aim, ...worthFor(fit, aim) })).filter((g) => g.worth > 0.02);
  const gain = gives.reduce((s, g) => s + g.worth * g.aim.weight, 0) / total;
  const leave = aims.filter((a) => a.kind === 'leave');
  const aimed = new Set(aims.filter((a) => a.kind === 'lengthen').map((a) => `${a.group}/${a.side}`));
  let off = 0;
  for (const side of SIDES)
    for (const group of GROUPS)
      if (isMuscleGroup(group) && !aimed.has(`${group}/${side}`)) off = Math.max(off, fit.stretch[side][group] - 0.6);
  const costs = {
    knee: COST.knee * strainCost(fit, 'knee'),
    lowBack: COST.lowBack * strainCost(fit, 'lowBack'),
    hipFront: COST.hipFront * strainCost(fit, 'hipFront'),
    instep: COST.instep * strainCost(fit, 'instep'),
    hanging: COST.hanging * strainCost(fit, 'hanging'),
    // A demanding shape that is left at its entry is better replaced by a milder one.
    effort: COST.effort * Math.min(1, (found.rung.level - 1) / 2 + (fit.depth < 0.05 ? 0.5 : 0)),
    offAim: COST.offAim * Math.max(0, off) * 2.5,
    leaveAlone:
      COST.leaveAlone *
      leave.reduce((s, a) => {
        const group = groupOf(a.group);
        return s + (group ? a.weight * worthOfStretch(fit.stretch[a.side][group]) : 0);
      }, 0),
    loose: found.rung.loose ? COST.loose : 0,
    beyond: fit.beyondEntry ? COST.beyond : 0,
  };
  const left = verdictOfRung(screening, found.shape, fit.rung, fit.side);
  const verdict: Verdict =
    fit.tooNear && left.state === 'limited'
      ? { ...left, state: 'closed', because: left.because.filter((b) => b.does === 'eases') }
      : left;
  const cost = Object.values(costs).reduce((s, v) => s + v, 0);
  return {
    ...fit,
    score: Math.max(0, Math.min(1, gain - cost)),
    gives,
    costs,
    cautions: whyClosed(screening, verdict, found.shape, fit.rung, fit.side),
    verdict,
    ...(sore.length > 0 && askedAgain(fit, sore)),
  };
}

/** Share of what a pose gives that goes to what its shape is taken for first, 0–1. */
export function takenFor(p: RankedPose): number {
  const shape = rungOf(p.pose, p.rung)?.shape;
  const all = p.gives.reduce((s, g) => s + g.worth * g.aim.weight, 0);
  if (!shape || all === 0) return 0;
  const own = p.gives.filter(
    (g) => groupOf(g.aim.group) === (g.aim.kind === 'lengthen' ? shape.reaches : shape.works)[0],
  );
  return own.reduce((s, g) => s + g.worth * g.aim.weight, 0) / all;
}

/** Best first, of equals what is taken for it first; poses that a caution forbids come last. */
const inOrder = (a: RankedPose, b: RankedPose): number =>
  Number(a.cautions.length > 0) - Number(b.cautions.length > 0) ||
  b.score - a.score ||
  takenFor(b) - takenFor(a) ||
  (`${a.pose}${a.rung}${a.side}` < `${b.pose}${b.rung}${b.side}` ? -1 : 1);

/** What the poses that hurt ask for in this student. */
const soreBy = (fits: Kept['fits'], screening: Screening): Sore[] =>
  screening.hurt.length === 0
    ? []
    : soreIn(
        screening.hurt,
        fits.map((f) => f.whole ?? f.reached),
      );

/**
 * A student's fits, kept: other aims or cautions do not change them. The statics are worked out when first asked for.
 */
interface Kept {
  key: string;
  /** What the statics depend on; cautions only change how far she goes. */
  body: string;
  shapes: readonly Shape[];
  fits: { shape: Shape; side: Side; reached: ReachedFit; whole: FittedPose | null }[];
}
const kept: Kept[] = [];
/** Students whose fits are kept. */
const KEPT = 6;

/** What of a fit follows from body and depth alone, whatever is allowed. */
const heldOf = ({
  load,
  work,
  beyondModel,
  tips,
  strains,
  props,
  angles,
}: FittedPose): Omit<FittedPose, keyof ReachedFit> => ({ load, work, beyondModel, tips, strains, props, angles });

/**
 * Every rung and side of the library fitted to a student, the statics still to come where they are not known from other
 * cautions.
 */
function fitsOf(posterior: Posterior, build: Build, way: FitWay): Kept['fits'] {
  const student = `${posterior.drawCount}/${Array.from(posterior.mean).join()}`;
  const key = `${JSON.stringify([build, way])}/${student}`,
    body = `${JSON.stringify([build, way.capacity])}/${student}`;
  const shapes = allShapes();
  const known = kept.find((k) => k.key === key && k.shapes === shapes);
  if (known) return known.fits;
  const sameBody = kept.filter((k) => k.body === body && k.shapes === shapes);
  let place = 0;
  const fits = shapes.flatMap((shape) =>
    shape.rungs.flatMap((rung, i) =>
      (isSided(shape, rung) ? SIDES : (['right'] as const)).map((side) => {
        const reached = reachedIn({ shape, rung: i + 1, side }, { posterior, build }, way);
        const at = place++;
        const same = sameBody.find(({ fits: f }) => f[at].whole && f[at].reached.depth === reached.depth)?.fits[at]
          .whole;
        return { shape, side, reached, whole: same ? { ...reached, ...heldOf(same) } : null };
      }),
    ),
  );
  kept.unshift({ key, body, shapes, fits });
  kept.length = Math.min(kept.length, KEPT);
  return fits;
}

/**
 * Works out, a rung a step, what every student's first ranking needs and no student changes: stretch along the paths in
 * usual bones. To be run while nobody waits.
 */
export function* warmUp(): Generator<number, void, void> {
  const shapes = allShapes();
  let done = 0;
  for (const shape of shapes) {
    for (let i = 1; i <= shape.rungs.length; i++)
      reachedIn({ shape, rung: i, side: 'right' }, { posterior: TYPICAL, build: TYPICAL_BUILD });
    for (const rung of shape.rungs) demandsOf(shape, rung);
    yield ++done / shapes.length;
  }
}

/** The fit with its statics, worked out once. */
function wholeOf(fit: Kept['fits'][number], posterior: Posterior, build: Build, way: FitWay): FittedPose {
  return (fit.whole ??= completed(fit.reached, { ...fit, rung: fit.reached.rung }, { posterior, build }, way));
}

/** Every rung and side of the library for this student, best first; poses that a caution forbids come last. */
export function rankPoses(
  posterior: Posterior,
  build: Build,
  aims: readonly Aim[],
  screening: Screening,
  way: FitWay = USUAL_WAY,
): RankedPose[] {
  const steps = ranking(posterior, build, aims, screening, way);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** The same in steps of some milliseconds, so that a worker can listen in between. */
export function* ranking(
  posterior: Posterior,
  build: Build,
  aims: readonly Aim[],
  screening: Screening,
  way: FitWay = USUAL_WAY,
): Generator<number, RankedPose[], void> {
  const under = { ...way, under: screening };
  const fits = fitsOf(posterior, build, under);
  const sore = soreBy(fits, screening);
  const out: RankedPose[] = [];
  for (const fit of fits) {
    const fresh = fit.whole === null;
    out.push(scorePose(wholeOf(fit, posterior, build, under), aims, screening, sore));
    if (fresh) yield out.length / fits.length;
  }
  return out.sort(inOrder);
}

/** Poses that a first ranking works out in full: twice what a screen shows at once. */
const AT_FIRST = 14;

/**
 * A first ranking within a quarter of a second: fitted in full are the likely best, of each shape and side one rung;
 * the rest is marked `rough`, in the order that typical loads suggest, and its score and loads are not to be shown.
 * `rankPoses` gives the whole.
 */
export function rankFirst(
  posterior: Posterior,
  build: Build,
  aims: readonly Aim[],
  screening: Screening,
  way: FitWay = USUAL_WAY,
): RankedPose[] {
  const under = { ...way, under: screening };
  const fits = fitsOf(posterior, build, under);
  const sore = soreBy(fits, screening);
  const guessed = fits
    .map((fit) => {
      const guess = fit.whole ? null : guessOf(fit.reached);
      const full = guess ? { ...fit.reached, ...guess, props: [], angles: {} } : wholeOf(fit, posterior, build, under);
      return { fit, ranked: { ...scorePose(full, aims, screening, sore), ...(guess && { rough: true }) } };
    })
    .sort((a, b) => inOrder(a.ranked, b.ranked));
  const seen = new Set<string>();
  let made = 0;
  return guessed
    .map(({ fit, ranked }) => {
      const key = `${ranked.pose}/${ranked.side}`;
      if (!ranked.rough || made >= AT_FIRST || seen.has(key)) return ranked;
      seen.add(key);
      made += 1;
      return scorePose(wholeOf(fit, posterior, build, under), aims, screening, sore);
    })
    .sort(inOrder);
}
