import { KAPPA, ELEMENTS, SIDES, StrandModel, type GroupId, type Side } from '@/core/body';
import { placeGiven } from '@/core/inference';
import { contextOf } from '@/core/inference/context';
import { ERROR } from '@/core/inference/likelihood';
import { DIMENSIONS, COUNT as ELEMENT_COUNT, LATENT, tolerancesFrom } from '@/core/inference/prior';
import { Random } from '@/core/inference/random';
import { StopTable, stopTableFor } from '@/core/inference/stop-table';
import { PLACES, type SexForNorms } from '@/core/students/student';
import { QUICK_BATTERY } from '@/core/assessment/batteries';
import { BATTERY } from '@/core/assessment/battery';
import {
  isModelled,
  normFor,
  normOf,
  type Context,
  type Readout,
  type TestDefinition,
} from '@/core/assessment/definition';
import type { Reading, ReadingSide } from '@/core/assessment/reading';

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
 * A body that is not quite the model's: every strand reaches its end a little earlier or later (SD, seeded). Readings
 * made with it show what the inference does when its anatomy is wrong.
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

const weights = new Float64Array(ELEMENT_COUNT),
  shares = new Float64Array(ELEMENT_COUNT);

/**
 * Where a movement of a simulated person truly ends, in the unit of the reading, with her own way of moving in that
 * test; strength and whole-body read-outs come from the norms' spread. Leaves the shares of what stops it in `shares`.
 */
export function hiddenEnd(
  who: SimulatedStudent,
  readout: Readout,
  side: ReadingSide,
  context: Context,
  body?: DisturbedModel,
): number {
  const { random } = who;
  if (!isModelled(readout)) {
    const norm = normOf(readout, who.sex) ?? {
      mean: (readout.min + readout.max) / 2,
      sd: (readout.max - readout.min) / 8,
    };
    return norm.mean + 0.8 * norm.sd * random.normal();
  }
  model ??= new StrandModel();
  const of = side === 'left' || (side === 'both' && stiffer(who) === 'left') ? 0 : ELEMENT_COUNT;
  for (let g = 0; g < ELEMENT_COUNT; g++) weights[g] = Math.exp(-KAPPA * who.tolerances[of + g]);
  const norm = normFor(readout, who.sex);
  const table = body ? new StopTable(readout, context, norm, body) : stopTableFor(readout, context, norm, model);
  const bias = Math.hypot(ERROR.model, readout.pelvisShares ? ERROR.tiltUnread : 0) * random.normal();
  // The table writes the shares of its own limiters only.
  shares.fill(0);
  return table.stop(weights, 0, shares).end + bias / (readout.degreesPerUnit ?? 1);
}

/** The side that gives less on the whole. */
const stiffer = (who: SimulatedStudent): Side => {
  const sum = (from: number) => who.tolerances.slice(from, from + ELEMENT_COUNT).reduce((s, v) => s + v, 0);
  return sum(0) < sum(ELEMENT_COUNT) ? 'left' : 'right';
};

/**
 * A value as an instrument would tell it: whole degrees and seconds, half centimetres, hundredths of torque, within
 * range.
 */
export function asRead(readout: Readout, value: number): number {
  const step = { deg: 1, cm: 0.5, s: 1, reps: 1, grade: 1, Nm_kg: 0.01 }[readout.unit];
  const rounded = Math.round(value / step) * step;
  return Math.round(Math.min(readout.max, Math.max(readout.min, rounded)) * 100) / 100;
}

/**
 * The person on the table: what the tests would read, with a bias of each test and side, the error of the hand in each
 * trial, and (unless told not to) where she says she feels it. The inference is not told the bias.
 */
export function readAll(
  who: SimulatedStudent,
  options: { takenAt: string; trials?: number; places?: boolean; tests?: readonly string[]; body?: DisturbedModel },
): Reading[] {
  const { random } = who;
  const count = options.trials ?? 2;
  const chance = new Float64Array(PLACES.length);
  const out: Reading[] = [];
  const tests = options.tests ? BATTERY.filter((t) => options.tests?.includes(t.id)) : QUICK_BATTERY.tests;
  for (const test of tests) {
    const sides: readonly ReadingSide[] = test.sided ? SIDES : ['both'];
    for (const side of sides) {
      for (const readout of test.readouts.filter((r) => !r.insteadOf)) {
        const blank: Reading = {
          id: `${who.id}-${test.id}-${readout.id}-${side}`,
          student: who.id,
          test: test.id,
          readout: readout.id,
          side,
          trials: [0],
          unit: readout.unit,
          takenAt: options.takenAt,
        };
        const end = hiddenEnd(who, readout, side, contextOf(blank, out), options.body);
        const hand = isModelled(readout) ? ERROR.trial / (readout.degreesPerUnit ?? 1) : readout.detectable / 4;
        const trials = Array.from({ length: count }, () => asRead(readout, end + hand * random.normal()));
        const reading: Reading = { ...blank, trials };
        if (isModelled(readout)) {
          reading.endFeel = 'stretch-firm';
          if (options.places !== false) reading.placeFelt = placeOf(test, chance, random);
        }
        out.push(reading);
      }
    }
  }
  return out;
}

/** Where a stop with the shares at hand is felt, among the places that the test asks about. */
function placeOf(test: TestDefinition, chance: Float64Array, random: Random): Reading['placeFelt'] {
  PLACES.forEach((p, k) => {
    const given = placeGiven(p);
    chance[k] = 0;
    if (test.sensations.some((s) => s.place === p && s.action === 'note'))
      for (let g = 0; g < ELEMENT_COUNT; g++) chance[k] += shares[g] * given[g];
  });
  return PLACES[random.pick(chance)];
}
