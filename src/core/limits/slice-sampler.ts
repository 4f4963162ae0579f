import type { Gaussian } from './gaussian-approximation';
import type { Likelihood } from './likelihood';
import { DIMENSIONS, priorQuadratic } from './prior';
import { Random } from './random';

export interface Draws {
  chains: number;
  perChain: number;
  /** Tolerances, draw after draw, chain after chain: x[draw × DIMENSIONS + i]. */
  x: Float32Array;
}

const N = DIMENSIONS;
const TWO_PI = 2 * Math.PI;

/**
 * Elliptical slice sampling of the tolerances given the readings (Murray, Adams & MacKay 2010), on ellipses of a Gaussian
 * near the posterior with the remainder as likelihood (generalised form: Nishihara, Murray & Adams 2014). Chains start
 * at their own draws of that Gaussian; the first `burn` draws are thrown away.
 *
 * @param onProgress called after each chain with the share done, 0–1
 */
export function sample(
  likelihood: Likelihood,
  near: Gaussian,
  options: { seed: number; chains: number; burn: number; perChain: number; thin: number },
  onProgress?: (share: number) => void,
): Draws {
  const { chains, burn, perChain, thin } = options;
  const out = new Float32Array(chains * perChain * N);
  const current = new Float64Array(N),
    direction = new Float64Array(N),
    trial = new Float64Array(N);
  // The same points as departures from the mean in the tolerances' own space: linear, so turned along with u.
  const currentX = new Float64Array(N),
    directionX = new Float64Array(N);
  const x = new Float64Array(N);

  /** What the Gaussian leaves out at u and x: ln likelihood + ln prior − ln Gaussian. */
  const remainder = (u: Float64Array): number => {
    let own = 0;
    for (let i = 0; i < N; i++) own += u[i] * u[i];
    return likelihood.at(x) + (own - priorQuadratic(x)) / 2;
  };
  const spread = (u: Float64Array, target: Float64Array): void => {
    for (let i = 0; i < N; i++) {
      let sum = 0;
      for (let k = 0; k <= i; k++) sum += near.factor[i * N + k] * u[k];
      target[i] = sum;
    }
  };

  for (let chain = 0; chain < chains; chain++) {
    const random = new Random(options.seed * 7919 + chain * 104729 + 1);
    for (let i = 0; i < N; i++) current[i] = random.normal();
    spread(current, currentX);
    for (let i = 0; i < N; i++) x[i] = near.mean[i] + currentX[i];
    let height = remainder(current);
    for (let draw = -burn; draw < perChain; draw++) {
      for (let inner = 0; inner < thin; inner++) {
        for (let i = 0; i < N; i++) direction[i] = random.normal();
        spread(direction, directionX);
        const level = height + Math.log(1 - random.uniform());
        let angle = random.uniform() * TWO_PI;
        let low = angle - TWO_PI,
          high = angle;
        for (;;) {
          const c = Math.cos(angle),
            s = Math.sin(angle);
          for (let i = 0; i < N; i++) {
            trial[i] = current[i] * c + direction[i] * s;
            x[i] = near.mean[i] + currentX[i] * c + directionX[i] * s;
          }
          const value = remainder(trial);
          if (value > level) {
            current.set(trial);
            for (let i = 0; i < N; i++) currentX[i] = x[i] - near.mean[i];
            height = value;
            break;
          }
          if (angle < 0) low = angle;
          else high = angle;
          angle = low + random.uniform() * (high - low);
        }
      }
      if (draw >= 0) out.set(x, (chain * perChain + draw) * N);
    }
    onProgress?.((chain + 1) / chains);
  }
  return { chains, perChain, x: out };
}
