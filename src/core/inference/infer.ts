import { isMuscleGroup, StrandModel } from '@/core/body';
import type { Student } from '@/core/students/student';
import { askedByAnkle } from '@/core/assessment/ankle-up';
import { slumpBrings } from '@/core/assessment/nerve-sign';
import { latest, type Reading } from '@/core/assessment/reading';
import { worstConvergence } from './diagnostics';
import { doubtsOf, type Doubt } from './consistency';
import type { Findings } from './findings';
import { isLimited, type MovementFinding } from './statements';
import { approximate } from './gaussian-approximation';
import { Likelihood, termsOf, withFeltVersion } from './likelihood';
import { hintsOf, type Hint } from './hints';
import { nextTests } from './next-test';
import { feltTerms, type FeltInPose } from './pose-places';
import { settleQuestion, type Question } from './question';
import { DIMENSIONS } from './prior';
import { HamiltonianSampler, type Draws } from './hamiltonian-sampler';
import { leaveOneOut } from './influence';
import { meanCurvature } from './mean-curvature';
import { drawCount, NUGGET, summariseMovements, summariseGroups, withNugget } from './summarise';
import type { Known } from './known';
import { MODEL_VERSION } from './version';

const NOTE = 'Computed on a body model recalled from published ones; not tested on people. Not a diagnosis.';

/** Posterior tolerances as the fit of poses needs them. Plain data, may cross a worker's door. */
export interface Posterior {
  /** Mean tolerance, SD: left elements, then right. */
  mean: Float32Array;
  /** A thinned set of draws, each DIMENSIONS long. */
  draws: Float32Array;
  drawCount: number;
}

export interface Inference {
  findings: Findings;
  posterior: Posterior;
}

const FITTED_DRAWS = 160;
const TARGET_RHAT = 1.1;
const LEAST_EFFECTIVE = 150;
/** A short run that only finds the space to sample in, and the run that is told. */
const SCOUTS = { chains: 2, warm: 16, perChain: 8 },
  TOLD = { chains: 4, warm: 30, perChain: 150 };
const MOST_PER_CHAIN = 1200;
/** Copies of the draws that limiters are counted in. */
const COPIES = 2;
let shared: StrandModel | null = null;

/** What of a student an inference uses; complaints and age only for hints past the muscle. */
export type Inferred = Pick<Student, 'id'> &
  Partial<Pick<Student, 'sexForNorms' | 'measures' | 'birthYear' | 'complaints'>>;

/** What may be asked of an inference besides the readings. */
export interface InferOptions {
  seed?: number;
  /** False leaves out which test would tell most: the dearer half where nobody asks for it. */
  next?: boolean;
  /** Places felt in taught poses, which count too. */
  felt?: readonly FeltInPose[];
  /** One thing that is to be settled first. */
  question?: Question;
}

/**
 * Tolerances and limiters of a student from her readings (only the newest of each test and side counts), step by step:
 * yields the share done, so that whoever runs it can stop when a newer reading makes it useless. Four chains; when they
 * disagree (R-hat above 1.1) or say little (below 150 effective draws) they are led on, to twice as many, at most
 * thrice. Same input and seed, same result, in whatever order the readings come. Without readings the answer is what
 * typical people have.
 */
export function* inferring(
  student: Inferred,
  readings: readonly Reading[],
  options: InferOptions = {},
): Generator<number, Inference, void> {
  const model = (shared ??= new StrandModel());
  const seed = options.seed ?? 1;
  const own = askedByAnkle(latest(readings.filter((r) => r.student === student.id)));
  const person = withFeltVersion(student, own);
  const terms = termsOf(own, person, model);
  const felt = feltTerms(options.felt ?? [], model);
  const likelihood = new Likelihood(terms, felt);
  const rough = approximate(terms);
  const scouts = new HamiltonianSampler(likelihood, rough, { seed, ...SCOUTS });
  const space = meanCurvature(likelihood, yield* between(0, 0.1, scouts.more(SCOUTS.perChain)), rough);
  const sampler = new HamiltonianSampler(likelihood, space, { seed, ...TOLD });
  let done = 0.6;
  let draws = yield* between(0.1, done, sampler.more(TOLD.perChain));
  let quality = worstConvergence(draws);
  while (!isEnough(quality) && draws.perChain < MOST_PER_CHAIN) {
    draws = yield* between(done, (done += 0.1), sampler.more(draws.perChain));
    quality = worstConvergence(draws);
  }
  yield 0.9;
  const told = withNugget(draws, seed, NUGGET.tolerance),
    rivals = withNugget(draws, seed, NUGGET.limiter, COPIES);
  const known: Known = { draws: rivals, terms, person, model };
  const left = leaveOneOut(draws, terms);
  const doubts = doubtsOf(draws, terms, left);
  const seen = summariseMovements(known, left).map((m) => nervous(doubted(m, doubts), own));
  const groups = summariseGroups(draws, told);
  yield 0.95;
  const hints = hintsOf(own, student, seen);
  const movements = seen.map((m) => ofTheJoint(openToNerve(m, hints), hints));
  const findings: Findings = {
    student: student.id,
    model: { version: MODEL_VERSION, note: NOTE },
    groups,
    movements,
    doubts,
    hints,
    next:
      options.next === false
        ? []
        : nextTests(known, { readings: own, movements, hints, complaints: student.complaints }, seed),
    question: options.question ? settleQuestion(options.question, known, own, seed) : null,
    diagnostics: {
      samples: drawCount(draws),
      effective: Math.round(quality.effective),
      rhat: Math.round(quality.rhat * 1000) / 1000,
      readings: terms.length,
      places: felt.length,
      seed,
    },
  };
  return { findings, posterior: thinned(told) };
}

const isEnough = ({ rhat, effective }: { rhat: number; effective: number }): boolean =>
  rhat <= TARGET_RHAT && effective >= LEAST_EFFECTIVE;

/** Steps of a part of the work, told as shares of the whole. */
function* between<T>(from: number, to: number, steps: Generator<number, T, void>): Generator<number, T, void> {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
    yield from + (to - from) * step.value;
  }
}

/** The same at one go. */
export function infer(...input: Parameters<typeof inferring>): Inference {
  const steps = inferring(...input);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** A movement whose own reading contradicts another is not clear, whatever the average of the two would say. */
function doubted(m: MovementFinding, doubts: readonly Doubt[]): MovementFinding {
  const against = doubts.some(
    (d) => d.kind === 'contradiction' && d.side === m.side && d.readings.some((r) => m.readings.includes(r)),
  );
  return against ? { ...m, clarity: 'unclear' } : m;
}

/** A leg that is lifted little where a slump has brought her own trouble: the nerve has spoken, in another test. */
function nervous(m: MovementFinding, own: readonly Reading[]): MovementFinding {
  const brings = m.movement === 'hip-flexion-knee-straight' && own.some((r) => r.side === m.side && slumpBrings(r));
  return brings && m.spoke === undefined && isLimited(m) ? { ...m, spoke: 'nerve', clarity: 'unclear' } : m;
}

/** No muscle is named for one of the ways in which a hip stops early together. */
function ofTheJoint(m: MovementFinding, hints: readonly Hint[]): MovementFinding {
  const together = hints.some(
    (h) => h.facts.everyWay !== undefined && h.side === m.side && h.from.some((r) => m.readings.includes(r)),
  );
  return together && m.spoke === undefined ? { ...m, everyWay: true, clarity: 'unclear' } : m;
}

/** A muscle is not named while the same reading still asks for the nerve. */
function openToNerve(m: MovementFinding, hints: readonly Hint[]): MovementFinding {
  const asks = hints.some(
    (h) => h.kind === 'nerve' && 'ask' in h.facts && h.side === m.side && h.from.some((r) => m.readings.includes(r)),
  );
  const [first] = m.limiters;
  const named = m.clarity !== 'unclear' && first !== undefined && isMuscleGroup(first.group);
  return asks && named && isLimited(m) ? { ...m, orNerve: true, clarity: 'unclear' } : m;
}

function thinned(draws: Draws): Posterior {
  const n = drawCount(draws);
  const mean = new Float32Array(DIMENSIONS);
  for (let d = 0; d < n; d++) for (let i = 0; i < DIMENSIONS; i++) mean[i] += draws.x[d * DIMENSIONS + i] / n;
  const kept = new Float32Array(FITTED_DRAWS * DIMENSIONS);
  for (let k = 0; k < FITTED_DRAWS; k++) {
    const d = Math.floor((k * n) / FITTED_DRAWS);
    kept.set(draws.x.subarray(d * DIMENSIONS, (d + 1) * DIMENSIONS), k * DIMENSIONS);
  }
  return { mean, draws: kept, drawCount: FITTED_DRAWS };
}
