import { buildOf, GROUP_OF, GROUPS, SIDES, type GroupId, type Side } from '@/core/body';
import type { Findings } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { ASK_AT_MOST } from '@/core/inference/settled-at';
import { shortBelow, worstMember } from '@/core/inference/summarise';
import { plainCheck, usualLimiter } from '@/core/inference/plain-check';
import { enoughOf, USUAL_WAY } from '@/core/fit/way';
import { fitRung } from '@/core/fit/fit';
import { firstStop, pathTable } from '@/core/fit/path';
import { LIBRARY, type PoseId } from '@/core/poses';
import { QUICK_BATTERY } from '@/core/assessment/batteries';
import { BATTERY, MAIN_TEST, modelledReadoutOf } from '@/core/assessment/battery';
import { bandOf, modelledReadouts, normFor, type Movement } from '@/core/assessment/definition';
import { meanOf, type Reading } from '@/core/assessment/reading';
import { bornInto, feltIn, Geometry, readWorld, type World } from './world';

/** One statement of the engine about what stops a movement or a pose, beside the truth and the simple answers. */
export interface Said {
  student: number;
  about: string;
  kind: 'movement' | 'pose';
  truth: GroupId;
  engine: GroupId;
  probability: number;
  /** By the place felt and the usual limiter of the test; null where that does not commit itself (movements only). */
  rule: GroupId | null;
  /** By the usual limiter alone. */
  usual: GroupId | null;
}

/** One group of one person and side: what the engine says of its shortness, beside the truth. */
export interface Group {
  group: GroupId;
  short: boolean;
  probability: number;
  /** Least SD below the norm among readings whose usual limiter the group is: the plain z-score; null without one. */
  z: number | null;
  covered: boolean;
}

export interface Recovery {
  students: number;
  said: Said[];
  groups: Group[];
  worstRhat: number;
}

/**
 * Poses asked about and felt in: sided, each stopped by another kind of structure; the library may grow without
 * changing this.
 */
const ASKED: readonly PoseId[] = [
  'strap-leg-raise',
  'strap-leg-aside',
  'lying-figure-four',
  'knee-across',
  'knee-to-chest',
  'half-frog',
  'low-lunge',
  'shin-up-lunge',
  'half-split',
  'pigeon',
  'crossed-side-reach',
  'one-leg-fold',
];
const POSES = LIBRARY.filter((s) => ASKED.some((p) => p === s.id));
/** The second rung: what a student is taught, neither the first trial nor the showpiece. */
const askedRung = (rungs: readonly unknown[]): number => Math.min(2, rungs.length);
const BUILD = buildOf({ height_cm: 172, mass_kg: 68 });

/** Several runs as one, in their order. */
export const joined = (runs: readonly Recovery[]): Recovery => ({
  students: runs.reduce((s, r) => s + r.students, 0),
  said: runs.flatMap((r) => r.said),
  groups: runs.flatMap((r) => r.groups),
  worstRhat: Math.max(...runs.map((r) => r.worstRhat)),
});

/**
 * How the inference fares in a world: seeded students, all readings with places and tilt, both sides.
 * @param options from: number of the first student, so that some can be made without those before
 */
export function recover(
  world: World,
  students: number,
  options: { seed?: number; geometries?: number; from?: number } = {},
): Recovery {
  const seed = options.seed ?? 1;
  const out: Recovery = { students, said: [], groups: [], worstRhat: 0 };
  const plans = Array.from({ length: options.geometries ?? 1 }, (_, i) => new Geometry(world, seed * 100 + i));
  const from = options.from ?? 0;
  for (let k = from; k < from + students; k++) one(plans[k % plans.length], k, seed * 10_000 + k, out);
  return out;
}

function one(geometry: Geometry, student: number, seed: number, out: Recovery): void {
  const who = bornInto(geometry, seed);
  const { readings, truth } = readWorld(who);
  // Places felt in a few taught poses are read too; what is asked about below are other poses.
  const felt = POSES.filter((_, i) => (i + seed) % 8 === 1).flatMap(({ id, rungs }) =>
    SIDES.map((side) => ({
      log: 'l',
      pose: id,
      rung: askedRung(rungs),
      side,
      place: feltIn(who, id, askedRung(rungs), side),
    })),
  );
  const { findings, posterior } = infer({ id: who.id, sexForNorms: who.sex }, readings, { next: false, felt });
  out.worstRhat = Math.max(out.worstRhat, findings.diagnostics.rhat);
  out.said.push(...movementsSaid(student, who.id, findings, readings, truth.limiter));
  for (const s of findings.groups) {
    const real = worstMember(who.tolerances, s.side === 'left' ? 0 : ELEMENT_COUNT, GROUPS.indexOf(s.group));
    out.groups.push({
      group: s.group,
      short: real < shortBelow(GROUPS.indexOf(s.group)),
      probability: s.shortProbability,
      z: plainZ(s.group, s.side, readings, who.sex),
      covered: s.tolerance.low <= real && real <= s.tolerance.high,
    });
  }
  // Poses never tested: the body of this very person decides what stops her there.
  for (const [i, shape] of POSES.entries()) {
    if ((i + seed) % 4 !== 0) continue;
    for (const side of SIDES) {
      const rung = askedRung(shape.rungs);
      const fit = fitRung({ shape, rung, side }, { posterior, build: BUILD });
      const stop = firstStop(
        { table: pathTable(shape.rungs[rung - 1], 0, 0, who.bodies[side]), mirrored: side === 'left' },
        { of: who.tolerances, from: 0 },
        enoughOf(shape.rungs[rung - 1], USUAL_WAY),
      );
      if (stop.element < 0 || fit.full) continue;
      out.said.push({
        student,
        about: shape.id,
        kind: 'pose',
        truth: GROUPS[GROUP_OF[stop.element % ELEMENT_COUNT]],
        engine: fit.limiter.group,
        probability: fit.limiter.probability,
        rule: null,
        usual: null,
      });
    }
  }
}

/**
 * What was said of each movement beside the truth.
 * @param truth group that stops each reading, by `name-test-readout-side`
 */
export function movementsSaid(
  student: number,
  name: string,
  findings: Findings,
  readings: readonly Reading[],
  truth: ReadonlyMap<string, GroupId>,
): Said[] {
  return findings.movements.flatMap((m): Said[] => {
    const id = `${name}-${m.test}-${m.readout}-${m.side}`;
    const real = truth.get(id);
    const [top] = m.limiters;
    if (!real || !top) return [];
    return [
      {
        student,
        about: m.movement,
        kind: 'movement',
        truth: real,
        engine: top.group,
        probability: top.probability,
        rule: plainCheck(m.test, m.readout, readings.find((r) => r.id === id)?.placeFelt),
        usual: usualLimiter(m.test, m.readout),
      },
    ];
  });
}

/** The plain z-score of a group: worst reading among the tests that name it first. */
function plainZ(
  group: GroupId,
  side: 'left' | 'right',
  readings: readonly Reading[],
  sex: 'female' | 'male' | undefined,
): number | null {
  let worst: number | null = null;
  for (const r of readings) {
    if (r.side !== side || usualLimiter(r.test, r.readout) !== group) continue;
    const readout = modelledReadoutOf(r.test, r.readout);
    if (!readout) continue;
    const z = bandOf(readout, meanOf(r.trials), normFor(readout, sex));
    if (worst === null || z < worst) worst = z;
  }
  return worst;
}

/**
 * How a question fares: tests until it is settled, whether rightly, in the order that Kolpos proposes or that of a
 * list.
 */
export interface Quest {
  student: number;
  about: Movement;
  /** Tests taken; null where it was not settled within the most. */
  tests: number | null;
  right: boolean;
}

/** Movements where several structures compete. */
const AMBIGUOUS: readonly Movement[] = [
  'hip-extension',
  'knee-flexion-hip-extended',
  'hip-flexion-knee-bent',
  'hip-abduction',
  'internal-rotation-extended',
  'internal-rotation-flexed',
  'kneeling',
];

/**
 * Settles the limiter of the tightest ambiguous movement of simulated students, once by the tests that Kolpos proposes
 * and once by a list from top to bottom; both begin with the movement's own test.
 */
export function quest(
  world: World,
  students: number,
  how: 'proposed' | 'listed',
  options: { seed?: number; most?: number; from?: number } = {},
): Quest[] {
  const seed = options.seed ?? 1;
  const geometry = new Geometry(world, seed * 100);
  return Array.from({ length: students }, (_, i) => {
    const k = (options.from ?? 0) + i;
    const who = bornInto(geometry, seed * 20_000 + k);
    const { readings, truth } = readWorld(who);
    const { movement, side } = tightest(readings, who.sex);
    const real = truth.limiter.get(`${who.id}-${MAIN_TEST[movement].test}-${MAIN_TEST[movement].readout}-${side}`);
    const taken: Reading[] = [];
    const take = (test: string, variant?: string) =>
      taken.push(
        ...readings.filter((r) => r.test === test && r.variant === variant && (r.side === side || r.side === 'both')),
      );
    take(MAIN_TEST[movement].test);
    const list = QUICK_AND_REST.filter((t) => t !== MAIN_TEST[movement].test);
    const most = options.most ?? ASK_AT_MOST;
    for (let asked = 0; ; asked++) {
      const { findings } = infer({ id: who.id, sexForNorms: who.sex }, taken, {
        next: false,
        question: { side, movement, asked: how === 'proposed' && most === ASK_AT_MOST ? asked : 0 },
      });
      const q = findings.question;
      const right = q?.limiters[0]?.group === real;
      if (!q || q.state === 'settled') return { student: k, about: movement, tests: asked + 1, right };
      const next =
        how === 'proposed' ? q.tests[0] : list[asked] ? { test: list[asked], variant: undefined } : undefined;
      if (!next || asked + 1 >= most) return { student: k, about: movement, tests: null, right };
      take(next.test, next.variant);
    }
  });
}

const QUICK_AND_REST: readonly string[] = [
  ...new Set(
    [...QUICK_BATTERY.tests, ...BATTERY].filter((t) => t.sided && modelledReadouts(t).length > 0).map((t) => t.id),
  ),
];

/** The ambiguous movement and side whose own reading lies furthest below its norm. */
function tightest(
  readings: readonly Reading[],
  sex: 'female' | 'male' | undefined,
): { movement: Movement; side: Side } {
  let worst = Infinity,
    found: { movement: Movement; side: Side } = { movement: AMBIGUOUS[0], side: 'left' };
  for (const movement of AMBIGUOUS)
    for (const side of SIDES) {
      const main = MAIN_TEST[movement];
      const r = readings.find(
        (x) => x.test === main.test && x.readout === main.readout && x.side === side && !x.variant,
      );
      const readout = modelledReadoutOf(main.test, main.readout);
      if (!r || !readout) continue;
      const z = bandOf(readout, meanOf(r.trials), normFor(readout, sex));
      if (z < worst) {
        worst = z;
        found = { movement, side };
      }
    }
  return found;
}
