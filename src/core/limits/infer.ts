import { StrandModel } from '@/core/body';
import type { Student } from '@/core/people/student';
import { latest, type Reading } from '@/core/tests/reading';
import { worstConvergence } from './diagnostics';
import type { Findings } from './findings';
import { approximate } from './gaussian-approximation';
import { Likelihood, termsOf, withFeltVersion } from './likelihood';
import { nextTests } from './next-test';
import { COUNT, DIMENSIONS } from './prior';
import { sample, type Draws } from './hamiltonian-sampler';
import { drawCount, summariseMovements, summariseStructures } from './summarise';

export const MODEL_VERSION = 'kolpos-limits 1';
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
let shared: StrandModel | null = null;

/**
 * Tolerances and limiters of a student from her readings (only the newest of each test and side counts). Four chains;
 * when they disagree (R-hat above 1.1) twice and then four times as many draws are taken. Same input and seed, same
 * result. Without readings the answer is what typical people have.
 */
export function infer(
  student: Pick<Student, 'id' | 'sexForNorms' | 'measures'>,
  readings: readonly Reading[],
  options: {
    seed?: number;
    onProgress?: (share: number) => void;
    /** False leaves out which test would tell most: the dearer half where nobody asks for it. */
    next?: boolean;
  } = {},
): Inference {
  const model = (shared ??= new StrandModel());
  const seed = options.seed ?? 1;
  const own = latest(readings.filter((r) => r.student === student.id));
  const person = withFeltVersion(student, own);
  const terms = termsOf(own, person, model);
  const likelihood = new Likelihood(terms);
  const near = approximate(terms);
  let draws: Draws, quality: { rhat: number; effective: number };
  let perChain = 400;
  do {
    draws = sample(likelihood, near, { seed, chains: 4, warm: 60, perChain }, options.onProgress);
    quality = worstConvergence(draws);
    perChain *= 2;
  } while (quality.rhat > TARGET_RHAT && perChain <= 1600);
  const findings: Findings = {
    student: student.id,
    model: { version: MODEL_VERSION, note: NOTE },
    structures: summariseStructures(draws, seed),
    movements: summariseMovements(draws, terms, person, model),
    next: options.next === false ? [] : nextTests(draws, terms, person, model, seed),
    diagnostics: {
      samples: drawCount(draws),
      effective: Math.round(quality.effective),
      rhat: Math.round(quality.rhat * 1000) / 1000,
      readings: terms.length,
      seed,
    },
  };
  return { findings, posterior: thinned(draws) };
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

export { COUNT as ELEMENT_COUNT, DIMENSIONS };
