/**
 * Writes `src/core/inference/data/gains.json`: each read-out's own gain, so that what the prior predicts spreads as the
 * published norms do (by sex where they do). Predicted is what a hand would read of simulated typical people: end of
 * the movement with this gain, the unexplained of one test, two trials' error, and the bounds of the reading. Run after
 * any change of geometry, tolerances, prior or error: `npm run derived gains`.
 */
import { StrandModel } from '../../../src/core/body';
import { ERROR, modelError } from '../../../src/core/inference/likelihood';
import { DIMENSIONS, COUNT as ELEMENT_COUNT, LATENT, tolerancesFrom } from '../../../src/core/inference/prior';
import { Random } from '../../../src/core/inference/random';
import { StopTable } from '../../../src/core/inference/stop-table';
import type { Calibrated } from '../../../src/core/inference/gains';
import { weigh } from '../../../src/core/inference/prior';
import { BATTERY } from '../../../src/core/assessment/battery';
import kept from '../../../src/core/inference/data/gains.json';
import type { Maker } from '../node';
import { isModelled, normFor, type ModelledReadout, type Norm } from '../../../src/core/assessment/definition';

const PEOPLE = 1200;
/** A gain outside would say that model and norm speak of different things; it is held here and told. */
const LEAST = 0.5;
const MOST = 1.6;
const STEP = 0.05;

const model = new StrandModel();
const weights = new Float64Array(PEOPLE * ELEMENT_COUNT);
const noise = new Float64Array(PEOPLE);
{
  const random = new Random(415);
  const latent = new Float64Array(LATENT),
    x = new Float64Array(DIMENSIONS);
  for (let d = 0; d < PEOPLE; d++) {
    for (let i = 0; i < LATENT; i++) latent[i] = random.normal();
    weigh(tolerancesFrom(latent, x), 0, weights, d * ELEMENT_COUNT, ELEMENT_COUNT);
    noise[d] = random.normal();
  }
}

function predicted(readout: ModelledReadout, norm: Norm, gain: number): { mean: number; sd: number } {
  const table = new StopTable(readout, {}, norm, model, { gain });
  const error = Math.hypot(modelError(readout), ERROR.trial / Math.SQRT2) / (readout.degreesPerUnit ?? 1);
  let mean = 0,
    square = 0;
  for (let d = 0; d < PEOPLE; d++) {
    const end = table.end(weights, d * ELEMENT_COUNT) + error * noise[d];
    const read = Math.min(readout.max, Math.max(readout.min, end));
    mean += read / PEOPLE;
    square += (read * read) / PEOPLE;
  }
  return { mean, sd: Math.sqrt(square - mean * mean) };
}

function calibrate(test: string, readout: ModelledReadout, norm: Norm): Calibrated {
  // Tried one by one: where a movement ends at floor or body the spread does not simply grow with the gain.
  let gain = 1,
    least = Infinity;
  for (let tried = LEAST; tried <= MOST + 1e-9; tried += STEP) {
    const off = Math.abs(Math.log(predicted(readout, norm, tried).sd / norm.sd)) + 0.02 * Math.abs(Math.log(tried));
    if (off < least) {
      least = off;
      gain = Math.round(tried * 100) / 100;
    }
  }
  const { mean, sd } = predicted(readout, norm, gain);
  const round = (v: number) => Math.round(v * 10) / 10;
  return {
    test,
    readout: readout.id,
    sex: norm.sex,
    gain,
    normSd: norm.sd,
    predictedSd: round(sd),
    normMean: norm.mean,
    predictedMean: round(mean),
    held: Math.abs(Math.log(sd / norm.sd)) > 0.1,
  };
}

/** Every read-out that moves the model, and again for each sex that has a norm of its own. */
function jobs(): Map<string, () => Calibrated> {
  return new Map(
    BATTERY.flatMap((test) =>
      test.readouts.filter(isModelled).flatMap((readout) => {
        const norms = ([undefined, 'female', 'male'] as const).map((sex) => normFor(readout, sex));
        return norms
          .filter((n, i) => i === 0 || n.sex !== 'all')
          .map((norm) => [`${test.id}/${readout.id}/${norm.sex}`, () => calibrate(test.id, readout, norm)] as const);
      }),
    ),
  );
}

export const maker: Maker = {
  pieces: {
    keys: () => Object.fromEntries([...jobs().keys()].map((key) => [key, ''])),
    make: (key) => jobs().get(key)?.(),
    kept: () =>
      Object.fromEntries(
        (kept as { readouts: Calibrated[] }).readouts.map((r) => [`${r.test}/${r.readout}/${r.sex}`, r]),
      ),
  },
  files: async (pieces) => ({
    'src/core/inference/data/gains.json': JSON.stringify({
      comment:
        'Written by npm run derived gains. gain: degrees read for a degree of the model about the mean of the norm, so that simulated typical people spread as the norm does. held: further than a tenth from the norm, because a gain outside 0.5–1.6 would say that model and norm speak of different things. Means differ from the norm where a reading ends at floor or body.',
      readouts: [...jobs().keys()].map((key) => pieces[key]),
    }),
  }),
};
