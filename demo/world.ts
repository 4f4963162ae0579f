import { ELEMENTS, SIDES, StrandModel, GROUPS, GROUP_OF, type GroupId, type Half, type Side } from '@/core/body';
import { endFeelGiven, placeGiven } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { Random } from '@/core/inference/random';
import { StopTable } from '@/core/inference/stop-table';
import { pullAt } from '@/core/inference/pose-places';
import { PLACES, type Place, type SexForNorms } from '@/core/students/student';
import { BATTERY, isOf, type TestId } from '@/core/assessment/battery';
import { PELVIS_AT_90_90 as UPRIGHT_PELVIS } from '@/core/assessment/battery/knee-extension-90-90';
import { PELVIS_BEFORE_SEEN as CHEST_PELVIS } from '@/core/assessment/battery/knee-to-chest';
import { ROLL } from '@/core/assessment/battery/modified-thomas';
import { PELVIC_SHARE } from '@/core/assessment/battery/straight-leg-raise';
import {
  isModelled,
  normFor,
  type Context,
  type ModelledReadout,
  type TestDefinition,
  type Variant,
} from '@/core/assessment/definition';
import type { EndFeel, Reading } from '@/core/assessment/reading';
import { asRead } from './simulated-student';

/**
 * How a made-up world differs from the one that the inference believes in. Everything here is kept from it: what the
 * recovery figures of `docs/model.md` say is how it fares when it is wrong about people in these ways.
 */
export interface World {
  /** How sharply the least tolerant strand decides; the inference believes 2. */
  kappa: number;
  /** SD by which strands of one person end earlier or later than their element says, on each side anew. */
  insideGroups: number;
  /** SD by which the whole body's strands end elsewhere than the model says: wrong geometry. */
  geometry: number;
  /** Degrees by which a test of a person and side is off, each time the same. */
  bias: number;
  /** Degrees of one trial's error. */
  hand: number;
  /** Degrees by which the pelvis moves otherwise than is usual, and by which that is misread. */
  pelvis: number;
  pelvisRead: number;
  /** Share of places felt that tell nothing. */
  vague: number;
}

export const ANOTHER_WORLD: World = {
  kappa: 3,
  insideGroups: 0.25,
  geometry: 0,
  bias: 3,
  hand: 3.5,
  pelvis: 3,
  pelvisRead: 2,
  vague: 0.1,
};
/**
 * People as the inference takes them to be, read by the same hands and eyes: what is missed here is hardly in the
 * readings, so that little more can be wanted of them.
 */
export const AS_BELIEVED: World = { ...ANOTHER_WORLD, kappa: 2, insideGroups: 0, pelvisRead: 0 };
export const UNDER_STRESS: World = { ...ANOTHER_WORLD, geometry: 0.6, vague: 0.35 };

/** Shares of the variance in this world: stiff or mobile on the whole, both sides together, one side. */
const GENERAL = Math.sqrt(0.3);
const BOTH = Math.sqrt(0.3);
const OWN = Math.sqrt(0.4);

const standings = new Map<string, Float64Array>();

/** A body whose strands end by given amounts (SD) earlier; what the model itself says is worked out once a posture. */
class OwnBody extends StrandModel {
  constructor(private readonly earlier: Float64Array) {
    super();
  }
  override strandStanding(half: Half, manner: 'pushed' | 'hanging', out: Float64Array): Float64Array {
    const key = `${manner}${half.join()}`;
    let own = standings.get(key);
    if (!own) {
      if (standings.size > 20_000) standings.clear();
      own = super.strandStanding(half, manner, new Float64Array(this.elementOfStrand.length));
      standings.set(key, own);
    }
    for (let k = 0; k < own.length; k++) out[k] = own[k] + this.earlier[k];
    return out;
  }
  override standing(half: Half, manner: 'pushed' | 'hanging', out: Float64Array): Float64Array {
    const z = this.strandStanding(half, manner, this.scratch);
    out.fill(-Infinity);
    for (let k = 0; k < z.length; k++) {
      const g = this.elementOfStrand[k];
      if (z[k] > out[g]) out[g] = z[k];
    }
    return out;
  }
  private readonly scratch = new Float64Array(this.elementOfStrand.length);
}

const usual = new StrandModel();
const STRANDS = usual.elementOfStrand.length;

export interface WorldStudent {
  id: string;
  sex: SexForNorms;
  tolerances: Float64Array;
  bodies: Record<Side, StrandModel>;
  random: Random;
  world: World;
  /** A geometry's own thresholds, by read-out. */
  geometry: Geometry;
}

/** A body plan of a world: the same for everybody in it, with the thresholds at which its people meet the norms. */
export class Geometry {
  readonly earlier: Float64Array;
  private readonly body: StrandModel;
  private readonly thresholds = new Map<string, number>();

  constructor(
    readonly world: World,
    seed: number,
  ) {
    const random = new Random(seed);
    this.earlier = Float64Array.from({ length: STRANDS }, () => world.geometry * random.normal());
    this.body = new OwnBody(this.earlier);
  }

  threshold(test: string, readout: ModelledReadout, sex: SexForNorms): number {
    const key = `${test}/${readout.id}/${sex ?? ''}`;
    let known = this.thresholds.get(key);
    if (known === undefined) {
      const table = new StopTable(readout, {}, normFor(readout, sex), this.body, { kappa: this.world.kappa });
      this.thresholds.set(key, (known = table.threshold));
    }
    return known;
  }
}

/** Groups of which one is made short in two of five students, and elements that are no muscle in one of five. */
const MUSCLES = GROUPS.filter((g) => ELEMENTS.some((e) => e.group === g && e.muscle));
const JOINTS = ['hip-capsule-front', 'hip-capsule-back', 'hip-bone'];

/** A seeded person of a world. One of five is limited by capsule or bone, two of five by a short muscle on one side. */
export function bornInto(geometry: Geometry, seed: number): WorldStudent {
  const { world } = geometry;
  const random = new Random(seed * 31 + 7);
  const x = new Float64Array(DIMENSIONS);
  const stiff = GENERAL * random.normal();
  for (let g = 0; g < ELEMENT_COUNT; g++) {
    const both = stiff + BOTH * random.normal();
    x[g] = both + OWN * random.normal();
    x[ELEMENT_COUNT + g] = both + OWN * random.normal();
  }
  const lot = seed % 5;
  const side = random.uniform() < 0.5 ? 0 : ELEMENT_COUNT;
  if (lot === 0) {
    const id = JOINTS[Math.floor(random.uniform() * JOINTS.length)];
    x[side + ELEMENTS.findIndex((e) => e.id === id)] = -2 + 0.3 * random.normal();
  } else if (lot < 3) {
    const group = MUSCLES[Math.floor(random.uniform() * MUSCLES.length)];
    ELEMENTS.forEach((e, g) => {
      if (e.group === group) x[side + g] = -1.7 + 0.4 * random.normal();
    });
  }
  const body = () => new OwnBody(geometry.earlier.map((v) => v + world.insideGroups * random.normal()));
  return {
    id: `w${seed}`,
    sex: ([undefined, 'female', 'male'] as const)[seed % 3],
    tolerances: x,
    bodies: { left: body(), right: body() },
    random,
    world,
    geometry,
  };
}

export interface WorldTruth {
  /** Group that truly stops each read-out, by reading id. */
  limiter: Map<string, GroupId>;
}

const byGroup = new Float64Array(GROUPS.length);

/**
 * Everything there is to read of a person, both sides, with places felt, end feels and the pelvis; and the truth behind
 * it.
 */
export function readWorld(who: WorldStudent, tests = BATTERY): { readings: Reading[]; truth: WorldTruth } {
  const limiter = new Map<string, GroupId>();
  const readings = [
    ...tests.flatMap((test) => (test.sided ? SIDES : []).flatMap((side) => readSide(who, test, side, limiter))),
    ...tests.filter((t) => !t.sided).flatMap((test) => readBoth(who, test)),
  ];
  return { readings, truth: { limiter } };
}

const TAKEN_AT = '2026-02-01T09:00:00.000Z';
const weights = new Float64Array(ELEMENT_COUNT),
  shares = new Float64Array(ELEMENT_COUNT);

/** Fills `weights` with those of one side. */
function weighSide({ world, tolerances }: WorldStudent, side: Side): void {
  const from = side === 'left' ? 0 : ELEMENT_COUNT;
  for (let g = 0; g < ELEMENT_COUNT; g++) weights[g] = Math.exp(-world.kappa * tolerances[from + g]);
}

/** Two trials of an end, by a hand and with this body's own way in this test. */
function trialsOf({ world, random }: WorldStudent, readout: ModelledReadout, end: number): number[] {
  const perUnit = readout.degreesPerUnit ?? 1;
  const off = world.bias * random.normal();
  return [0, 1].map(() => asRead(readout, end + (off + world.hand * random.normal()) / perUnit));
}

/**
 * All read-outs of a test on a side, in every way it is done.
 * @param limiter told what truly stopped each, by the reading's id
 */
function readSide(who: WorldStudent, test: TestDefinition, side: Side, limiter: Map<string, GroupId>): Reading[] {
  const { random, world } = who;
  weighSide(who, side);
  const readouts = test.readouts.filter(isModelled).filter((r) => !r.insteadOf);
  const pelvis = new Map(
    readouts.flatMap((r) =>
      r.pelvisShares
        ? [[r.id, usualPelvis(test.id, normFor(r, who.sex).mean) + world.pelvis * random.normal()] as const]
        : [],
    ),
  );
  const at = (readout: ModelledReadout, others: Context) =>
    new StopTable(
      readout,
      { ...others, ...(pelvis.has(readout.id) ? { pelvicTilt: pelvis.get(readout.id) ?? 0 } : {}) },
      normFor(readout, who.sex),
      who.bodies[side],
      { threshold: who.geometry.threshold(test.id, readout, who.sex), kappa: world.kappa },
    );
  // Several read-outs of one position settle together: each ends where it does with the others where they are.
  const ends: Record<string, number> = {};
  for (let round = 0; round < (readouts.length > 1 && isOf({ test: test.id }, 'modified-thomas') ? 4 : 0); round++)
    for (const readout of readouts) ends[readout.id] = at(readout, besides(ends, readout.id)).end(weights, 0);
  const ways = (readout: ModelledReadout): (Variant | undefined)[] => [
    undefined,
    ...(test.variants ?? []).filter((v) => v.context && v.readouts?.includes(readout.id)),
  ];
  return readouts.flatMap((readout) =>
    ways(readout).map((way): Reading => {
      const id = `${who.id}-${test.id}-${readout.id}-${side}${way ? `-${way.id}` : ''}`;
      const table = at(readout, { ...besides(ends, readout.id), ...way?.context });
      shares.fill(0);
      const { end } = table.stop(weights, 0, shares);
      limiter.set(id, firstOf(table));
      const trials = trialsOf(who, readout, end);
      const places = test.sensations.filter((s) => s.action === 'note').map((s) => s.place);
      const placeFelt = felt(shares, places, world, random);
      const tilt = pelvis.get(readout.id);
      return {
        ...{ id, student: who.id, test: test.id, readout: readout.id, side, unit: readout.unit, takenAt: TAKEN_AT },
        ...(way ? { variant: way.id } : {}),
        trials,
        endFeel: ended(shares, random),
        ...(placeFelt ? { placeFelt } : {}),
        ...(tilt === undefined
          ? {}
          : { pelvicTilt_deg: Math.max(-40, Math.min(60, Math.round(tilt + world.pelvisRead * random.normal()))) }),
      };
    }),
  );
}

/** The group with the largest share in a stop, by what stands in `shares`. */
function firstOf(table: StopTable): GroupId {
  byGroup.fill(0);
  for (const g of table.active) byGroup[GROUP_OF[g]] += shares[g];
  return GROUPS[byGroup.indexOf(Math.max(...byGroup))];
}

/** A test that reads both sides as one: the legs share what there is. */
function readBoth(who: WorldStudent, test: TestDefinition): Reading[] {
  const readouts = test.readouts.filter(isModelled).filter((r) => !r.insteadOf);
  return readouts.map((readout): Reading => {
    let end = 0;
    for (const side of SIDES) {
      weighSide(who, side);
      const threshold = who.geometry.threshold(test.id, readout, who.sex);
      const table = new StopTable(readout, {}, normFor(readout, who.sex), who.bodies[side], {
        threshold,
        kappa: who.world.kappa,
      });
      end += table.end(weights, 0) / 2;
    }
    return {
      id: `${who.id}-${test.id}-${readout.id}-both`,
      student: who.id,
      test: test.id,
      readout: readout.id,
      side: 'both',
      trials: trialsOf(who, readout, end),
      unit: readout.unit,
      takenAt: TAKEN_AT,
    };
  });
}

/** Where a person of a world feels a pose that is held on a side: what pulls most there, or vaguely. */
export function feltIn(who: WorldStudent, pose: string, rung: number, side: Side): Place {
  const { world, random } = who;
  const pulls = pullAt({ pose, rung, side }, side, who.bodies[side], world.kappa);
  const from = side === 'left' ? 0 : ELEMENT_COUNT;
  let all = 0;
  for (let g = 0; g < ELEMENT_COUNT; g++) all += pulls[g] *= Math.exp(-world.kappa * who.tolerances[from + g]);
  for (let g = 0; g < ELEMENT_COUNT; g++) pulls[g] /= all;
  return felt(pulls, PLACES, world, random) ?? 'nowhere';
}

/** What the body model takes for usual where the pelvis is not read, degrees; `mean` is the norm of the read-out. */
function usualPelvis(test: string, mean: number): number {
  if (isOf({ test }, 'straight-leg-raise')) return PELVIC_SHARE * mean;
  return USUAL_PELVIS[test] ?? 0;
}
const USUAL_PELVIS: Readonly<Record<string, number>> = {
  'modified-thomas': ROLL,
  'knee-to-chest': CHEST_PELVIS,
  'knee-extension-90-90': UPRIGHT_PELVIS,
} satisfies Partial<Record<TestId, number>>;

/** Where the other read-outs of a position ended. */
const besides = (ends: Context, readout: string): Context =>
  Object.fromEntries(Object.entries(ends).filter(([id]) => id !== readout));

function felt(shares: Float64Array, places: readonly (typeof PLACES)[number][], world: World, random: Random) {
  if (places.length === 0) return undefined;
  if (random.uniform() < world.vague) return places[Math.floor(random.uniform() * places.length)];
  const chance = Float64Array.from(places, (p) => {
    const given = placeGiven(p);
    let sum = 0;
    for (let g = 0; g < ELEMENT_COUNT; g++) sum += shares[g] * given[g];
    return sum;
  });
  return places[random.pick(chance)];
}

const FEELS: readonly EndFeel[] = ['stretch-firm', 'hard-block', 'pinch', 'nerve-like'];
function ended(shares: Float64Array, random: Random): EndFeel {
  const chance = Float64Array.from(FEELS, (f) => {
    const given = endFeelGiven(f);
    let sum = 0;
    for (let g = 0; g < ELEMENT_COUNT; g++) sum += shares[g] * (given?.[g] ?? 0);
    return sum;
  });
  return FEELS[random.pick(chance)];
}
