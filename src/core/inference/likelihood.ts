import { ELEMENTS, KAPPA, SIDES, USUAL_VERSION_DEG, type Side, type StrandModel } from '@/core/body';
import type { Student } from '@/core/students/student';
import { normFor, type Context, type ModelledReadout } from '@/core/assessment/definition';
import { isOf, modelledReadoutOf } from '@/core/assessment/battery';
import { feltElsewhere } from '@/core/assessment/felt-elsewhere';
import { speaksOfNerve } from '@/core/assessment/nerve-sign';
import { EASED_DEG, easedBy, meanOf, type Reading } from '@/core/assessment/reading';
import { contextOf, variantOf } from './context';
import { BELONGS, distantGiven, endFeelGiven, placeGiven } from './evidence';
import type { PoseFelt } from './pose-places';
import { COUNT, DIMENSIONS, weigh } from './prior';
import { stopTableFor, type Crossing, type StopTable } from './stop-table';

/** Degrees of error, our defaults until the geometry is checked on real students. */
export const ERROR = {
  /** What the model and this student's own way of moving leave unexplained in one test, at least. */
  model: 3.6,
  /**
   * The same as a share of people's spread, where that is more: a test that ranges over ninety degrees is missed by
   * more of them.
   */
  modelShare: 0.33,
  /** One trial of a trained hand. */
  trial: 3,
  /** Added where the pelvis is not read with a second inclinometer. */
  tiltUnread: 2.6,
  /** Degrees of freedom of the heavier tails. */
  degrees: 5,
} as const;

/** Degrees of error of one trial by what it was read with; a trained hand where nothing is said (rules of thumb). */
const TRIAL_ERROR: Partial<Record<NonNullable<Reading['instrument']>, number>> = { goniometer: 4, eye: 7.5 };
/**
 * How much wider the error becomes: seen cheating, another way of doing it, both sides read as one, read alone at home.
 * Ours.
 */
const WIDER = { compensated: 1.5, sameMeasure: 1.25, bothSides: Math.SQRT2, atHome: 1.5 } as const;

/** What the model leaves unexplained in a test, degrees of the joint. */
export const modelError = (readout: ModelledReadout): number =>
  Math.max(ERROR.model, ERROR.modelShare * normFor(readout, undefined).sd * (readout.degreesPerUnit ?? 1));

/**
 * Scale of the error of a reading in its own unit: fewer trials, a coarser eye, an unread pelvis and cheating widen it.
 */
export function errorScale(
  readout: ModelledReadout,
  reading: Pick<
    Reading,
    'trials' | 'pelvicTilt_deg' | 'compensations' | 'instrument' | 'variant' | 'side' | 'test' | 'atHome'
  >,
): number {
  const tilt = readout.pelvisShares && reading.pelvicTilt_deg === undefined ? ERROR.tiltUnread : 0;
  const trial = (reading.instrument && TRIAL_ERROR[reading.instrument]) ?? ERROR.trial;
  let scale = Math.sqrt(modelError(readout) ** 2 + trial ** 2 / reading.trials.length + tilt ** 2);
  if (reading.compensations?.length) scale *= WIDER.compensated;
  if (variantOf(reading)?.sameMeasure) scale *= WIDER.sameMeasure;
  if (reading.side === 'both') scale *= WIDER.bothSides;
  if (reading.atHome) scale *= WIDER.atHome;
  return scale / (readout.degreesPerUnit ?? 1);
}

export interface Term {
  reading: Reading;
  /** The side it speaks of; a reading of both sides makes a term for each. */
  side: Side;
  table: StopTable;
  offset: number;
  value: number;
  scale: number;
  /** True where something else ended the test first: the tissue allows at least this much. */
  atLeast: boolean;
  /**
   * True where pain, guarding, fear, another way of moving or another part of the body ended it: the value is no end of
   * range at all.
   */
  brokenOff: boolean;
  /** Chances of what was said of the end, by element: place felt, end feel, what head or ankle changed. */
  told: readonly Float64Array[];
}

/** Ends that say nothing of tissue: somebody stopped, or the movement went elsewhere. */
const BROKEN_OFF = new Set(['pain', 'guarding', 'fear', 'compensation']);

/** What of a student decides which norms and which bones a movement is computed with. */
export type Compared = Pick<Student, 'sexForNorms' | 'measures'>;

/** Measured femoral version against the usual, for the tables of a side; nothing where it was not measured. */
export function boneContext(person: Compared, side: Side): Context {
  const version = person.measures?.femoralVersion_deg?.[side];
  return version === undefined ? {} : { femoralVersion: version - USUAL_VERSION_DEG };
}

/** A person with the femoral version that was felt in a test, where the form says nothing about it. */
export function withFeltVersion<P extends Compared>(person: P, readings: readonly Reading[]): P {
  const felt = (side: Side) =>
    readings.find((r) => isOf(r, 'trochanteric-version', 'version') && r.side === side)?.trials;
  const known = person.measures?.femoralVersion_deg;
  const of = (side: Side) => {
    const trials = felt(side);
    return known?.[side] ?? (trials ? Math.max(-20, Math.min(50, meanOf(trials))) : undefined);
  };
  const version = { left: of('left'), right: of('right') };
  if (version.left === undefined && version.right === undefined) return person;
  return { ...person, measures: { ...person.measures, femoralVersion_deg: version } };
}

/** True where the reading lies at the very end of what can be read: body met body or floor, not tissue its end. */
const atTheEnd = (readout: ModelledReadout, value: number): boolean =>
  readout.better === 'lower' && readout.min === 0 && value <= 0;

/** Terms of the likelihood: one for each reading and side that the body model can move along. */
export function termsOf(readings: readonly Reading[], person: Compared, model: StrandModel): Term[] {
  return readings.flatMap((reading) => {
    const readout = modelledReadoutOf(reading.test, reading.readout);
    // How a way that Kolpos does not know was done nobody can tell, so its number tells nothing.
    if (!readout || (reading.variant && !variantOf(reading))) return [];
    // Two read-outs of the same thing are not two witnesses.
    const twin = readings.some(
      (r) =>
        r.test === reading.test &&
        r.side === reading.side &&
        !r.variant &&
        (r.readout === readout.insteadOf || (reading.active && !r.active && r.readout === reading.readout)),
    );
    if (twin) return [];
    const sides = reading.side === 'both' ? SIDES : [reading.side];
    return sides.map((side) => termOf(reading, side, readout, { readings, person, model }));
  });
}

/** What a reading is read with: all others, whose it is, and the body. */
interface With {
  readings: readonly Reading[];
  person: Compared;
  model: StrandModel;
}

function termOf(reading: Reading, side: Side, readout: ModelledReadout, { readings, person, model }: With): Term {
  const table = stopTableFor(
    readout,
    { ...contextOf(reading, readings), ...boneContext(person, side) },
    normFor(readout, person.sexForNorms),
    model,
  );
  const read = meanOf(reading.trials);
  // What breathing or letting go wins was held back by guarding: the range after it is the tissue's.
  const eased = easedBy(reading, readout);
  const value =
    eased !== null && eased * (readout.degreesPerUnit ?? 1) > EASED_DEG ? (reading.afterBreath ?? read) : read;
  const brokenOff =
    reading.pain === true ||
    (reading.endFeel !== undefined && BROKEN_OFF.has(reading.endFeel)) ||
    feltElsewhere(reading) !== null;
  const touched = reading.endFeel === 'body-contact' || atTheEnd(readout, value);
  const felt = reading.placeFelt ? placeGiven(reading.placeFelt) : null;
  // Felt where nothing that this test brings to its end is felt: whatever stopped it, these allow at least as much.
  const nerve = table.active.some((g) => ELEMENTS[g].group === 'nerve-like');
  const foreign =
    (felt !== null && reading.placeFelt !== 'nowhere' && !table.active.some((g) => felt[g] >= BELONGS)) ||
    (speaksOfNerve(reading) && !nerve);
  return {
    reading,
    side,
    table,
    offset: side === 'left' ? 0 : COUNT,
    value,
    scale: errorScale(readout, reading),
    atLeast: brokenOff || touched || foreign,
    brokenOff,
    // Where it hurt is not where the tissue ended. Where body met body or floor, the place felt still tells what is
    // longest in coming; how the end felt does not.
    told:
      brokenOff || foreign
        ? []
        : touched
          ? felt
            ? [felt]
            : []
          : [
              felt,
              reading.endFeel ? endFeelGiven(reading.endFeel) : null,
              reading.distant ? distantGiven(reading.distant) : null,
            ].filter((t) => t !== null),
  };
}

/**
 * Logarithm of the likelihood of one term at weights `exp(−κ x)` of both sides (length DIMENSIONS); `shares` is
 * scratch. Where the movement ends is written into `ends` where asked for.
 */
export function termLogLikelihood(
  term: Term,
  weights: Float64Array,
  shares: Float64Array,
  ends?: Float64Array,
  at = 0,
): number {
  const { end } = term.table.stop(weights, term.offset, shares);
  if (ends) ends[at] = end;
  const beyond = beyondReading(term, end);
  let sum = term.atLeast ? logisticTail(beyond) : logT(beyond);
  for (const told of term.told) sum += Math.log(weighted(shares, told, term.table.active));
  return sum;
}

/**
 * Logarithm of the likelihood of all readings at tolerances x (length DIMENSIONS). Allocates nothing after creation.
 */
export class Likelihood {
  private readonly weights = new Float64Array(DIMENSIONS);
  private readonly shares = new Float64Array(COUNT);
  /** Scratch: what each active element of a term was felt to do. */
  private readonly byElement = new Float64Array(COUNT);
  /** What was told of each term, by place in its table's active elements. */
  private readonly chances: readonly (readonly Float64Array[])[];

  constructor(
    readonly terms: readonly Term[],
    readonly felt: readonly PoseFelt[] = [],
  ) {
    this.chances = terms.map(({ table, told }) => told.map((c) => Float64Array.from(table.active, (g) => c[g])));
  }

  at(x: Float64Array): number {
    this.weigh(x);
    let sum = 0;
    for (const term of this.terms) sum += termLogLikelihood(term, this.weights, this.shares);
    for (const felt of this.felt) sum += this.inPose(felt, null);
    return sum;
  }

  /** The same, adding its gradient to `gradient` (length DIMENSIONS). */
  withGradient(x: Float64Array, gradient: Float64Array): number {
    this.weigh(x);
    // Logarithms are most of the cost: factors are multiplied up and the logarithm taken now and then.
    let sum = 0,
      errors = 1,
      told = 1;
    for (let t = 0; t < this.terms.length; t++) {
      const term = this.terms[t];
      const { table, offset } = term;
      const stop = table.crossing(this.weights, offset);
      const beyond = beyondReading(term, stop.end);
      const direction = (table.readout.better === 'higher' ? 1 : -1) / term.scale;
      let byEnd: number; // d ln likelihood / d end of the movement
      if (term.atLeast) {
        sum += logisticTail(beyond);
        byEnd = direction * (1.6 / (1 + Math.exp(1.6 * beyond)));
      } else {
        errors *= 1 + (beyond * beyond) / ERROR.degrees;
        byEnd = (-direction * (ERROR.degrees + 1) * beyond) / (ERROR.degrees + beyond * beyond);
      }
      told *= this.addGradient(term, this.chances[t], stop, byEnd, gradient);
      if (errors > 1e100 || told < 1e-100) {
        sum += Math.log(told) - T_POWER * Math.log(errors);
        errors = told = 1;
      }
    }
    for (const felt of this.felt) sum += this.inPose(felt, gradient);
    return sum + Math.log(told) - T_POWER * Math.log(errors);
  }

  /** Logarithm of the chance of a place felt in a held pose; its depth is given, so only the shares follow x. */
  private inPose({ offset, effect, chance }: PoseFelt, gradient: Float64Array | null): number {
    let all = 0,
      hit = 0;
    for (let g = 0; g < COUNT; g++) {
      const pull = effect[g] * this.weights[offset + g];
      all += pull;
      hit += pull * chance[g];
    }
    if (gradient)
      for (let g = 0; g < COUNT; g++) {
        const pull = effect[g] * this.weights[offset + g];
        gradient[offset + g] += KAPPA * pull * (1 / all - chance[g] / hit);
      }
    return Math.log(hit / all);
  }

  /**
   * Adds a term's gradient: of its end, `byEnd` a unit, and of what was felt there. Shares change with x directly and
   * through the end of the movement. Returns the product of Σ share·chance over all that was told.
   */
  private addGradient(
    { table, offset }: Term,
    told: readonly Float64Array[],
    { pulls, growths, sum, gain }: Crossing,
    byEnd: number,
    gradient: Float64Array,
  ): number {
    const { active, fixed } = table;
    const n = active.length,
      felt = this.byElement;
    let alike = byEnd * gain,
      chance = 1;
    for (let k = 0; k < n; k++) felt[k] = 0;
    for (const chances of told) {
      let hit = 0,
        hitGrowth = 0,
        growth = 0;
      for (let k = 0; k < n; k++) {
        const c = chances[k];
        hit += c * pulls[k];
        hitGrowth += c * growths[k];
        growth += growths[k];
      }
      const each = KAPPA / hit;
      for (let k = 0; k < n; k++) felt[k] += each * chances[k];
      alike += KAPPA + gain * (hitGrowth / hit - growth / sum);
      chance *= hit / sum;
    }
    alike /= sum;
    for (let k = 0; k < n; k++) {
      const g = active[k];
      // What hangs a limb's weight on it pulls alike however long it is.
      if (g !== fixed) gradient[offset + g] += pulls[k] * (alike - felt[k]);
    }
    return chance;
  }

  private weigh(x: Float64Array): void {
    weigh(x, 0, this.weights, 0, DIMENSIONS);
  }
}

const T_POWER = (ERROR.degrees + 1) / 2;
/** Student's t without its constant; `r` in scales of error. */
const logT = (r: number): number => -T_POWER * Math.log(1 + (r * r) / ERROR.degrees);
/** Logistic stand-in for the t distribution's upper tail; within 0.02 of it for five degrees of freedom. */
const logisticTail = (r: number): number => -Math.log1p(Math.exp(-1.6 * r));

/** Scales of error by which the model lets the movement go further than was read. */
export const beyondReading = (term: Term, end: number): number =>
  ((end - term.value) / term.scale) * (term.table.readout.better === 'higher' ? 1 : -1);

function weighted(shares: Float64Array, table: Float64Array, active: Int32Array): number {
  let sum = 0;
  for (let k = 0; k < active.length; k++) sum += shares[active[k]] * table[active[k]];
  return sum;
}
