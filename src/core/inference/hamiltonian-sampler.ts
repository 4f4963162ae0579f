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
/** Acceptance that the step is tuned to (Beskos et al. 2013). */
const WANTED = 0.75;
/**
 * Length of a path in the whitened space: beyond the quarter turn of a standard normal, π/2, because the softest
 * directions are wider than the Gaussian says. Jittered against resonance. A path of 1.7 gives 0.066 effective draws of
 * the slowest tolerance for each look at the likelihood, one of 2.2 0.085.
 */
const PATH = 2.2;
const MOST_STEPS = 24;
/** Draws between two pauses at which whoever runs the sampler may stop it. */
const PAUSE = 30;

export interface SampleOptions {
  seed: number;
  chains: number;
  /**
   * Draws of the first chain that only tune the step; the others take it over and walk half as many to forget where
   * they began.
   */
  warm: number;
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

/** One chain: where it is, its own random numbers, and the draws taken from it. */
class Chain {
  readonly here = new State();
  readonly taken: Float32Array[] = [];

  constructor(readonly random: Random) {}
}

/**
 * Hamiltonian Monte Carlo over the tolerances given the readings (Duane et al. 1987; Neal 2011), in the space whitened
 * by a Gaussian near the posterior. The step is tuned while the first chain warms up by dual averaging (Hoffman &
 * Gelman 2014) and then held; each path has a jittered length. Chains start at their own draws of that Gaussian, seeded
 * and repeatable, and can be led on where more draws are wanted.
 */
export class HamiltonianSampler {
  private readonly space: Whitened;
  private readonly chains: Chain[];
  private readonly there = new State();
  private readonly tuner = new StepTuner(0.4);
  private accepted = 0;
  private perChain = 0;

  constructor(
    likelihood: Likelihood,
    near: Gaussian,
    private readonly options: SampleOptions,
  ) {
    this.space = new Whitened(likelihood, near);
    this.chains = Array.from(
      { length: options.chains },
      (_, chain) => new Chain(new Random(options.seed * 7919 + chain * 104729 + 1)),
    );
  }

  /**
   * Leads every chain on by so many draws; the draws of all that was taken so far. Yields the share done of these, 0–1,
   * every few draws.
   */
  *more(perChain: number): Generator<number, Draws, void> {
    const fresh = this.perChain === 0;
    for (const [index, chain] of this.chains.entries()) {
      if (fresh) this.warm(chain, index === 0);
      for (let draw = 0; draw < perChain; draw++) {
        if (draw % PAUSE === 0) yield (index + draw / perChain) / this.chains.length;
        if (this.move(chain, this.tuner.settled).accept) this.accepted++;
        chain.taken.push(Float32Array.from(chain.here.x));
      }
    }
    this.perChain += perChain;
    return this.draws();
  }

  private draws(): Draws {
    const { chains, perChain } = this;
    const x = new Float32Array(chains.length * perChain * N);
    chains.forEach(({ taken }, c) => taken.forEach((draw, d) => x.set(draw, (c * perChain + d) * N)));
    return { chains: chains.length, perChain, x, accepted: this.accepted / (chains.length * perChain) };
  }

  /** Begins a chain. The first tunes the step; the others take it over and only walk away from where they began. */
  private warm(chain: Chain, tunes: boolean): void {
    const { here, random } = chain;
    const { tuner } = this;
    for (let i = 0; i < N; i++) here.u[i] = random.normal();
    this.space.look(here);
    const count = tunes ? this.options.warm : Math.ceil(this.options.warm / 2);
    for (let draw = 0; draw < count; draw++) {
      const { chance } = this.move(chain, tunes ? tuner.step : tuner.settled);
      if (tunes) tuner.learn(chance);
    }
  }

  /** Carries a chain along one path and accepts where it ends, or leaves it where it was. */
  private move({ here, random }: Chain, step: number): { accept: boolean; chance: number } {
    const { there } = this;
    const steps = Math.min(MOST_STEPS, Math.max(1, Math.round((PATH * (0.6 + 0.8 * random.uniform())) / step)));
    for (let i = 0; i < N; i++) here.p[i] = random.normal();
    const before = energy(here);
    there.copy(here);
    this.space.carry(there, step, steps);
    const chance = Math.min(1, Math.exp(before - energy(there)));
    const accept = random.uniform() < chance;
    if (accept) here.copy(there);
    return { accept, chance: Number.isFinite(chance) ? chance : 0 };
  }
}

/** So many draws of each chain at one go. */
export function sample(likelihood: Likelihood, near: Gaussian, options: SampleOptions & { perChain: number }): Draws {
  const steps = new HamiltonianSampler(likelihood, near, options).more(options.perChain);
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
