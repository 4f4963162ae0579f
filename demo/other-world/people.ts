import { SIDES, type Side } from '@/core/body/coordinates';
import { GROUPS, isMuscleGroup, type GroupId } from '@/core/body/structures';
import { BATTERY } from '@/core/assessment/battery';
import {
  isModelled,
  normFor,
  type Context,
  type ModelledReadout,
  type TestDefinition,
  type Variant,
} from '@/core/assessment/definition';
import type { EndFeel, Reading } from '@/core/assessment/reading';
import { Random } from '@/core/inference/random';
import type { Place, SexForNorms } from '@/core/students/student';
import { mostOf, PARTS, Path } from './stop';

/** What may be otherwise in this world than it usually is there. */
export interface Laws {
  /** How steeply what is felt rises, per SD of the part that gives it. */
  kappa: number;
  /**
   * SD by which everybody's muscles end elsewhere than `ends.ts` says, and joints and nerve elsewhere than `joints.ts`.
   */
  ends: number;
  joints: number;
  /** How much more or less parts make themselves felt than others, SD of the logarithm. */
  strengths: number;
  /** SD by which parts of one person end elsewhere than her group does, on each side anew. */
  within: number;
  /** Degrees by which a test of a person and side is off, and of one trial's error. */
  bias: number;
  hand: number;
  /** Share of the places felt that tell nothing. */
  vague: number;
}
export const USUAL_LAWS: Laws = {
  kappa: 2,
  ends: 0,
  joints: 0,
  strengths: 0,
  within: 0.25,
  bias: 3,
  hand: 3,
  vague: 0.12,
};

/** Shares of the variance: how stiff somebody is on the whole, both sides alike, one side alone. */
const WHOLE = Math.sqrt(0.25),
  BOTH = Math.sqrt(0.35),
  ONE = Math.sqrt(0.4);
/** People by whom thresholds are set, so that this world's people meet the norms. */
const CROWD = 80;
const MUSCLES = GROUPS.filter(isMuscleGroup);

export interface Person {
  id: string;
  sex: SexForNorms;
  /** SD by which each part lets go further than in typical people. */
  tolerance: Record<Side, Float64Array>;
  chance: Random;
}

/** A country of this world: one set of laws, the same body plan for everybody, and what a tester gives in each test. */
export class Country {
  /** SD by which each part ends earlier here. */
  readonly earlier: Float64Array;
  private readonly enough = new Map<string, number>();
  private readonly paths = new Map<string, Path>();
  private readonly crowd: Float64Array[];

  constructor(
    readonly laws: Laws,
    seed: number,
  ) {
    const chance = new Random(seed);
    this.earlier = Float64Array.from(PARTS, (p) => ('index' in p ? laws.ends : laws.joints) * chance.normal());
    this.strength = Float64Array.from(PARTS, () => laws.strengths * chance.normal());
    this.crowd = Array.from({ length: CROWD }, (_, i) => this.born(900_000 + seed * 1000 + i, false).tolerance.left);
  }
  /**
   * Logarithm of how much more each part makes itself felt: as an end that comes earlier by so much over the steepness.
   */
  private readonly strength: Float64Array;

  /** @param troubled false where nobody is made short of anything */
  born(seed: number, troubled = true): Person {
    const chance = new Random(seed * 17 + 3);
    const tolerance: Person['tolerance'] = {
      left: new Float64Array(PARTS.length),
      right: new Float64Array(PARTS.length),
    };
    const stiff = WHOLE * chance.normal();
    const groups = new Map<GroupId, Record<Side, number>>();
    for (const g of GROUPS) {
      const both = stiff + BOTH * chance.normal();
      groups.set(g, { left: both + ONE * chance.normal(), right: both + ONE * chance.normal() });
    }
    const lot = troubled ? seed % 5 : 4,
      side: Side = chance.uniform() < 0.5 ? 'left' : 'right';
    const joints = PARTS.filter((p) => !('index' in p) && p.group === 'joint-or-capsule');
    const joint = joints[Math.floor(chance.uniform() * joints.length)];
    const muscle = MUSCLES[Math.floor(chance.uniform() * MUSCLES.length)];
    for (const s of SIDES)
      PARTS.forEach((p, k) => {
        let own = groups.get(p.group)?.[s] ?? 0;
        if (s === side && ((lot === 0 && p === joint) || ((lot === 1 || lot === 2) && p.group === muscle)))
          own = -1.7 + 0.4 * chance.normal();
        tolerance[s][k] = own + this.laws.within * chance.normal() - this.strength[k] / this.laws.kappa;
      });
    return { id: `o${seed}`, sex: ([undefined, 'female', 'male'] as const)[seed % 3], tolerance, chance };
  }

  path(test: string, readout: ModelledReadout, context: Context): Path {
    const key = `${test}/${readout.id}/${JSON.stringify(context)}`;
    let known = this.paths.get(key);
    if (!known) {
      if (this.paths.size > 400) this.paths.clear();
      this.paths.set(key, (known = new Path(readout, context, this.earlier)));
    }
    return known;
  }

  /** What has to be felt for this test to end: as much as lets an untroubled crowd meet the norm's mean. */
  enoughIn(test: string, readout: ModelledReadout, sex: SexForNorms): number {
    const key = `${test}/${readout.id}/${sex ?? ''}`;
    const known = this.enough.get(key);
    if (known !== undefined) return known;
    const path = this.path(test, readout, {});
    const { mean } = normFor(readout, sex);
    const crowd = this.crowd.map((x) => path.profile(x, this.laws.kappa));
    const more = readout.better === 'higher' ? 1 : -1;
    let low = Math.log(1e-4),
      high = Math.log(1e5);
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2;
      const ends = crowd.reduce((s, x) => s + path.end(x, Math.exp(middle)), 0) / CROWD;
      if (more * (ends - mean) < 0) low = middle;
      else high = middle;
    }
    const found = Math.exp((low + high) / 2);
    this.enough.set(key, found);
    return found;
  }
}

/** Everything there is to read of somebody, and what truly stops each reading, by its id. */
export function readAnew(country: Country, who: Person): { readings: Reading[]; truth: Map<string, GroupId> } {
  const { laws } = country;
  const readings: Reading[] = [],
    truth = new Map<string, GroupId>();
  const shares = new Float64Array(PARTS.length);
  for (const test of BATTERY)
    for (const side of test.sided ? SIDES : []) {
      // A leg that hangs ends where its weight and tissue balance: there is no such law in this world.
      const readouts = test.readouts.filter(isModelled).filter((r) => !r.insteadOf && r.manner === 'pushed');
      const tolerance = who.tolerance[side];
      const endOf = (r: ModelledReadout, context: Context): number => {
        const path = country.path(test.id, r, context);
        return path.end(path.profile(tolerance, laws.kappa), country.enoughIn(test.id, r, who.sex));
      };
      // What hangs together settles together, each with the others where they are.
      const ends: Record<string, number> = {};
      for (let round = 0; round < (readouts.length > 1 ? 5 : 0); round++)
        for (const r of readouts) ends[r.id] = endOf(r, rounded(besides(ends, r.id)));
      for (const r of readouts)
        for (const way of waysOf(test, r)) {
          const context = { ...rounded(besides(ends, r.id)), ...way?.context };
          const end = endOf(r, context);
          country.path(test.id, r, context).shares(end, tolerance, laws.kappa, shares);
          const id = `${who.id}-${test.id}-${r.id}-${side}${way ? `-${way.id}` : ''}`;
          truth.set(id, mostOf(shares));
          const off = laws.bias * who.chance.normal();
          const read = (): number => {
            const value = end + (off + laws.hand * who.chance.normal()) / (r.degreesPerUnit ?? 1);
            const step = r.unit === 'cm' ? 0.5 : 1;
            return Math.min(r.max, Math.max(r.min, Math.round(value / step) * step));
          };
          const part = PARTS[who.chance.pick(shares)];
          const place = placeOf(part.felt, test, laws.vague, who.chance);
          readings.push({
            id,
            student: who.id,
            test: test.id,
            readout: r.id,
            side,
            unit: r.unit,
            takenAt: '2026-02-01T09:00:00.000Z',
            trials: [read(), read()],
            endFeel: feelOf('kind' in part ? part.kind : 'muscle', who.chance),
            ...(way ? { variant: way.id } : {}),
            ...(place ? { placeFelt: place } : {}),
          });
        }
    }
  return { readings, truth };
}

const besides = (ends: Context, readout: string): Context =>
  Object.fromEntries(Object.entries(ends).filter(([id]) => id !== readout));
/** A degree is enough to tell where the rest of the body is, and paths are shared. */
const rounded = (context: Context): Context =>
  Object.fromEntries(Object.entries(context).map(([id, v]) => [id, Math.round(v)]));
const waysOf = (test: TestDefinition, r: ModelledReadout): (Variant | undefined)[] => [
  undefined,
  ...(test.variants ?? []).filter((v) => v.context && v.readouts?.includes(r.id)),
];

/** The place that comes to mind: the part's own, the first of them most often, or any that the test asks about. */
function placeOf(felt: readonly Place[], test: TestDefinition, vague: number, chance: Random): Place | undefined {
  const asked = test.sensations.map((s) => s.place);
  if (asked.length === 0) return undefined;
  if (chance.uniform() < vague) return asked[Math.floor(chance.uniform() * asked.length)];
  const own = felt.filter((p) => asked.includes(p));
  if (own.length === 0) return 'nowhere';
  return own[chance.pick(Float64Array.from(own, (_, i) => 0.35 ** i))];
}

const FEELS: readonly EndFeel[] = ['stretch-firm', 'hard-block', 'pinch', 'nerve-like'];
const FEEL_OF = {
  muscle: [0.88, 0.06, 0.03, 0.03],
  ligament: [0.5, 0.35, 0.12, 0.03],
  bone: [0.1, 0.55, 0.34, 0.01],
  nerve: [0.35, 0.03, 0.02, 0.6],
} as const;
const feelOf = (kind: keyof typeof FEEL_OF, chance: Random): EndFeel =>
  FEELS[chance.pick(Float64Array.from(FEEL_OF[kind]))];
