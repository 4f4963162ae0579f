import type { Gaussian } from './gaussian-approximation';
import type { Likelihood } from './likelihood';
import { DIMENSIONS, priorGradient, priorQuadratic } from './prior';
import { Random } from './random';

export interface Draws {
  chains: number;
  perChain: number;
  /** Tolerances, draw after draw, chain after chain: x[draw × DIMENSIONS + i]. */
  x: Float32Array;
  /** Share of proposals accepted after warming up, 0–1. */
  accepted: number;
}

const N = DIMENSIONS;
/** Acceptance that the step is tuned to (Beskos et al. 2013 find 0.65 best; a little more is safer in curved valleys). */
const WANTED = 0.75;
/** Length of a path in the whitened space; a quarter turn of a standard normal is π/2. Jittered against resonance. */
const PATH = 1.7;
const MOST_STEPS = 24;
/** Draws between two pauses at which whoever runs the sampler may stop it. */
const PAUSE = 30;

export interface SampleOptions {
  seed: number;
  chains: number;
  /** Draws of each chain that only tune the step. */
  warm: number;
  perChain: number;
}

/** Where a path is: place and momentum in the whitened space, the tolerances there, log density and its gradient. */
class State {
  readonly u = new Float64Array(N);
  readonly p = new Float64Array(N);
  readonly x = new Float64Array(N);
  readonly gradient = new Float64Array(N);
  density = 0;

  copy(from: State): void {
    this.u.set(from.u);
    this.p.set(from.p);
    this.x.set(from.x);
    this.gradient.set(from.gradient);
    this.density = from.density;
  }
}

/** The posterior in the space whitened by a Gaussian near it. */
class Whitened {
  private readonly fitGradient = new Float64Array(N);
  private readonly ofPrior = new Float64Array(N);

  constructor(
    private readonly likelihood: Likelihood,
    private readonly near: Gaussian,
  ) {}

  /** Fills tolerances, density and gradient of a state from its place u. */
  look(state: State): void {
    const { u, x, gradient } = state;
    const { mean, factor } = this.near;
    for (let i = 0; i < N; i++) {
      let sum = mean[i];
      for (let k = 0, at = i * N; k <= i; k++) sum += factor[at + k] * u[k];
      x[i] = sum;
    }
    this.fitGradient.fill(0);
    const fit = this.likelihood.withGradient(x, this.fitGradient);
    priorGradient(x, this.ofPrior);
    state.density = fit - priorQuadratic(x) / 2;
    gradient.fill(0);
    for (let i = 0; i < N; i++) {
      const g = this.fitGradient[i] - this.ofPrior[i] / 2;
      for (let k = 0, at = i * N; k <= i; k++) gradient[k] += factor[at + k] * g;
    }
  }

  /** Carries a state along its momentum (leapfrog). */
  carry(state: State, step: number, steps: number): void {
    for (let s = 0; s < steps; s++) {
      for (let i = 0; i < N; i++) state.p[i] += (step / 2) * state.gradient[i];
      for (let i = 0; i < N; i++) state.u[i] += step * state.p[i];
      this.look(state);
      for (let i = 0; i < N; i++) state.p[i] += (step / 2) * state.gradient[i];
    }
  }
}

const energy = (state: State): number => {
  let kinetic = 0;
  for (let i = 0; i < N; i++) kinetic += state.p[i] * state.p[i];
  return kinetic / 2 - state.density;
};

/**
 * Hamiltonian Monte Carlo over the tolerances given the readings (Duane et al. 1987; Neal 2011), in the space whitened by
 * a Gaussian near the posterior. The step is tuned while warming up by dual averaging (Hoffman & Gelman 2014) and then
 * held; each path has a jittered length. Chains start at their own draws of that Gaussian, seeded and repeatable. Yields the
 * share done, 0–1, every few draws.
 */
export function* sampling(
  likelihood: Likelihood,
  near: Gaussian,
  options: SampleOptions,
): Generator<number, Draws, void> {
  const { chains, warm, perChain } = options;
  const out = new Float32Array(chains * perChain * N);
  const space = new Whitened(likelihood, near);
  const here = new State(),
    there = new State();
  let taken = 0;
  for (let chain = 0; chain < chains; chain++) {
    const random = new Random(options.seed * 7919 + chain * 104729 + 1);
    for (let i = 0; i < N; i++) here.u[i] = random.normal();
    space.look(here);
    const tuner = new StepTuner(0.4);
    for (let draw = -warm; draw < perChain; draw++) {
      const step = draw < 0 ? tuner.step : tuner.settled;
      const steps = Math.min(MOST_STEPS, Math.max(1, Math.round((PATH * (0.6 + 0.8 * random.uniform())) / step)));
      for (let i = 0; i < N; i++) here.p[i] = random.normal();
      const before = energy(here);
      there.copy(here);
      space.carry(there, step, steps);
      const chance = Math.min(1, Math.exp(before - energy(there)));
      const accept = random.uniform() < chance;
      if (accept) here.copy(there);
      if (draw % PAUSE === 0) yield (0.85 * (chain + Math.max(0, draw) / perChain)) / chains;
      if (draw < 0) tuner.learn(Number.isFinite(chance) ? chance : 0);
      else {
        if (accept) taken++;
        out.set(here.x, (chain * perChain + draw) * N);
      }
    }
  }
  return { chains, perChain, x: out, accepted: taken / (chains * perChain) };
}

/** All draws at one go. */
export function sample(likelihood: Likelihood, near: Gaussian, options: SampleOptions): Draws {
  const steps = sampling(likelihood, near, options);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

/** Dual averaging of the logarithm of the step towards the wanted acceptance (Hoffman & Gelman 2014, section 3.2). */
class StepTuner {
  private readonly centre: number;
  private log: number;
  private average: number;
  private error = 0;
  private count = 0;

  constructor(first: number) {
    this.centre = Math.log(1.5 * first);
    this.log = Math.log(first);
    this.average = this.log;
  }

  get step(): number {
    return Math.exp(this.log);
  }

  get settled(): number {
    return Math.exp(this.average);
  }

  learn(acceptance: number): void {
    const n = ++this.count;
    this.error += (WANTED - acceptance - this.error) / (n + 10);
    this.log = Math.max(-4, Math.min(0.3, this.centre - (Math.sqrt(n) / 0.1) * this.error));
    const weight = n ** -0.75;
    this.average += weight * (this.log - this.average);
  }
}
