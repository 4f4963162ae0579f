import { KAPPA, ELEMENTS, GROUPS, SIDES, StrandModel, type GroupId, type Side } from '@/core/body';
import {
  contextOf,
  DIMENSIONS,
  ELEMENT_COUNT,
  ERROR,
  LATENT,
  placeGiven,
  Random,
  StopTable,
  stopTableFor,
  tolerancesFrom,
} from '@/core/limits';
import { PLACES, type SexForNorms } from '@/core/people/student';
import { QUICK_BATTERY } from '@/core/tests/batteries';
import { BATTERY } from '@/core/tests/battery';
import { normFor } from '@/core/tests/definition';
import type { Reading } from '@/core/tests/reading';

export interface Short {
  group: GroupId;
  side: Side;
  /** SD below typical, as a negative number. */
  by: number;
}

export interface SimulatedStudent {
  id: string;
  sex: SexForNorms;
  /** True tolerances, SD: left elements, then right. */
  tolerances: Float64Array;
  random: Random;
}

let model: StrandModel | null = null;

/**
 * A body that is not quite the model's: every strand reaches its end a little earlier or later (SD, seeded). Readings made
 * with it show what the inference does when its anatomy is wrong.
 */
export class DisturbedModel extends StrandModel {
  private readonly offsets: Float64Array;

  constructor(seed: number, sd: number) {
    super();
    const random = new Random(seed);
    this.offsets = Float64Array.from(this.elementOfStrand, () => sd * random.normal());
  }

  override strandStanding(...args: Parameters<StrandModel['strandStanding']>): Float64Array {
    const out = super.strandStanding(...args);
    for (let k = 0; k < this.offsets.length; k++) out[k] += this.offsets[k];
    return out;
  }
}

/** A made-up person: tolerances from the prior, every member of the named groups set to the given shortness. */
export function simulateStudent(
  id: string,
  seed: number,
  short: readonly Short[] = [],
  sex?: SexForNorms,
): SimulatedStudent {
  const random = new Random(seed);
  const latent = new Float64Array(LATENT);
  for (let i = 0; i < LATENT; i++) latent[i] = random.normal();
  const tolerances = tolerancesFrom(latent, new Float64Array(DIMENSIONS));
  for (const { group, side, by } of short)
    ELEMENTS.forEach((e, g) => {
      if (e.group === group) tolerances[(side === 'left' ? 0 : ELEMENT_COUNT) + g] = by + 0.15 * random.normal();
    });
  return { id, sex, tolerances, random };
}

/**
 * The person on the table: what the tests would read, with a bias of each test and side, the error of the hand in each
 * trial, and (unless told not to) where she says she feels it. The inference is not told the bias.
 */
export function readAll(
  who: SimulatedStudent,
  options: { takenAt: string; trials?: number; places?: boolean; tests?: readonly string[]; body?: DisturbedModel },
): Reading[] {
  model ??= new StrandModel();
  const { random } = who;
  const trials = options.trials ?? 2;
  const weights = new Float64Array(ELEMENT_COUNT),
    shares = new Float64Array(ELEMENT_COUNT),
    chance = new Float64Array(PLACES.length);
  const out: Reading[] = [];
  const tests = options.tests ? BATTERY.filter((t) => options.tests?.includes(t.id)) : QUICK_BATTERY.tests;
  for (const test of tests) {
    for (const side of SIDES) {
      const offset = side === 'left' ? 0 : ELEMENT_COUNT;
      for (const readout of test.readouts) {
        for (let g = 0; g < ELEMENT_COUNT; g++) weights[g] = Math.exp(-KAPPA * who.tolerances[offset + g]);
        const id = `${who.id}-${test.id}-${readout.id}-${side}`;
        const blank: Reading = {
          id,
          student: who.id,
          test: test.id,
          readout: readout.id,
          side,
          trials: [0],
          unit: 'deg',
          takenAt: options.takenAt,
        };
        const norm = normFor(readout, who.sex);
        const context = contextOf(blank, out);
        const table = options.body
          ? new StopTable(readout, context, norm, options.body)
          : stopTableFor(readout, context, norm, model);
        const bias = Math.hypot(ERROR.model, readout.pelvisShares ? ERROR.tiltUnread : 0) * random.normal();
        const end = table.stop(weights, 0, shares).end + bias;
        const values = Array.from({ length: trials }, () =>
          Math.min(readout.max, Math.max(readout.min, Math.round(end + ERROR.trial * random.normal()))),
        );
        const reading: Reading = { ...blank, trials: values, endFeel: 'stretch-firm' };
        if (options.places !== false) {
          PLACES.forEach((p, k) => {
            const given = placeGiven(p);
            chance[k] = 0;
            // Only places this test asks about can be named.
            if (test.sensations.some((s) => s.place === p && s.action === 'note'))
              for (let g = 0; g < ELEMENT_COUNT; g++) chance[k] += shares[g] * given[g];
          });
          reading.placeFelt = PLACES[random.pick(chance)];
        }
        out.push(reading);
      }
    }
  }
  return out;
}

export { GROUPS };
