/**
 * Measures the promises that hold so far and prints a table: `bin/bench`. Medians of repeated runs after a warm-up, in
 * this one process; nothing here is a test, because timings depend on what else the machine does.
 */
import {
  HALF_COUNT,
  LINE_STRUCTURES,
  buildOf,
  halfOf,
  MuscleModel,
  newHalf,
  postureFrom,
  SIDES,
  type Vec3,
} from '@/core/body';
import { draw, paint, prepare, type Detail } from '@/figure/draw';
import { poseScene } from '@/figure/pose-scene';
import { screen } from '@/core/cautions/screen';
import { infer } from '@/core/inference/infer';
import { aimsFor } from '@/core/aims/for-student';
import { buildPractice } from '@/core/practice/build';
import { anglesOfPosture, standingPose, withAngles, withRung } from '@/core/pose-editor/edit';
import { problemsAt } from '@/core/pose-editor/problems';
import { pull } from '@/core/pose-editor/pull';
import { readAt } from '@/core/fit/fit';
import { loadsAt } from '@/core/fit/loads-at';
import { postureAt, shapeById, type PoseId, type Shape } from '@/core/poses';
import { rankFirst, rankPoses } from '@/core/ranking/rank';
import { BATTERY } from '@/core/assessment/battery';
import { queueOf } from '@/core/assessment/queue';
import { readAll, simulateStudent } from '@demo/simulated-student';
import { tableOf, type Row } from './table';

const BUILD = buildOf({ height_cm: 170, mass_kg: 65 });

/** @param each runs that are timed together */
function measure(
  what: string,
  bound: string,
  { unit = 'ms', rounds, each = 1 }: { unit?: 'µs' | 'ms'; rounds: number; each?: number },
  run: () => void,
): Row {
  for (let i = 0; i < Math.min(5, rounds); i++) run();
  const times = Array.from({ length: rounds }, () => {
    const start = performance.now();
    for (let k = 0; k < each; k++) run();
    return ((performance.now() - start) / each) * (unit === 'µs' ? 1000 : 1);
  }).sort((a, b) => a - b);
  const say = (v: number) => `${v.toFixed(v < 10 ? 1 : 0)} ${unit}`;
  return { what, bound, median: say(times[Math.floor(rounds / 2)]), worst: say(times[rounds - 1]) };
}

const model = new MuscleModel();
const posture = postureFrom({ hip_flexion_left: 80, hip_rotation_left: -20, knee_flexion_right: 60, lumbar_bend: 10 });
const half = newHalf();
const lengths = new Float64Array(model.lineCount);
const arms = new Float64Array(model.lineCount * HALF_COUNT);
const view = { yaw: 20, pitch: 8 };
const tints = SIDES.flatMap((side) => LINE_STRUCTURES.map((structure) => ({ structure, side, fill: '#000' })));
const turning = prepare({ posture, tints, view }, 'moving');
const lunge = poseScene('low-lunge' satisfies PoseId, 2, 'right', 0.6);
if (!lunge) throw new Error('The low lunge is gone.');
const drawn = (detail: Detail) => () => void draw(lunge, detail);

const person = () => simulateStudent('b', 21, [{ group: 'hamstrings', side: 'left', by: -2 }], 'female');
const readings = readAll(person(), { takenAt: '2026-01-01T00:00:00.000Z', tests: BATTERY.map((t) => t.id) });
const student = { id: 'b', sexForNorms: 'female' as const };
const quick = readAll(person(), { takenAt: '2026-01-01T00:00:00.000Z' });
const { findings, posterior } = infer(student, readings);
const { work: aims } = aimsFor({ ...student, birthYear: 1990 }, readings, findings, 2026);
const go = screen([], '2026-01-05');
const ranked = rankPoses(posterior, BUILD, aims, go);

const chair = shapeById('chair-pose' satisfies PoseId) as Shape;
let unlike = 0;
const FEET = ['heel_left', 'ball_left', 'heel_right', 'ball_right'];
const own = standingPose('own-bench', '2026-01-01T00:00:00.000Z');
// A squat under way, pulled a centimetre further.
const squat = pull(postureAt(own.rungs[0], 'right', 1), 'pelvis', [-0.06, 0.62, 0], { held: FEET, level: FEET });
const goal: Vec3 = [-0.06, 0.61, 0];
const rows = [
  measure('all muscle lengths of both sides, one pose', '≤ 60 µs', { unit: 'µs', rounds: 40, each: 500 }, () => {
    for (const side of SIDES) model.lengths(halfOf(posture, side, half), lengths);
  }),
  measure('all moment arms of both sides, one pose', '≤ 150 µs', { unit: 'µs', rounds: 40, each: 500 }, () => {
    for (const side of SIDES) model.momentArms(halfOf(posture, side, half), arms);
  }),
  measure('a figure while it moves', '≤ 16 ms', { rounds: 40 }, drawn('moving')),
  measure('a figure the size of a thumb, once', '≤ 16 ms; from the cache ≤ 3', { rounds: 40 }, drawn('small')),
  measure('a figure the size of a card', '≤ 40 ms', { rounds: 30 }, drawn('medium')),
  measure('a large figure when it comes to rest', '≤ 40 ms', { rounds: 30 }, drawn('large')),
  measure('a figure with all its muscles, turned once', '≤ 50 ms', { rounds: 20 }, () => void paint(turning, view)),
  measure(
    'order of every test there is, fewest turns',
    '≤ 50 ms',
    { rounds: 15, each: 5 },
    () => void queueOf(BATTERY),
  ),
  measure(
    'findings from the full battery, both sides',
    '≤ 400 ms',
    { rounds: 15 },
    () => void infer(student, readings, { next: false }),
  ),
  measure(
    'findings with the next best test, after the quick look',
    '≤ 400 + 200 ms',
    { rounds: 15 },
    () => void infer(student, quick),
  ),
  measure(
    'one question settled or the next test for it, after the quick look',
    '≤ 200 ms beside findings',
    { rounds: 15 },
    () => void infer(student, quick, { next: false, question: { side: 'right', movement: 'hip-extension' } }),
  ),
  measure(
    'findings of the quick look alone',
    '≤ 400 ms',
    { rounds: 15 },
    () => void infer(student, quick, { next: false }),
  ),
  measure(
    'loads of one pose, one student, warm',
    '≤ 10 ms',
    { rounds: 15, each: 10 },
    () => void loadsAt({ shape: chair, rung: 2, side: 'right' }, 0.8, { tolerances: posterior.mean, build: BUILD }),
  ),
  measure(
    'a first ranking of the library for a student never seen',
    '≤ 250 ms',
    { rounds: 9 },
    () => void rankFirst({ ...posterior, mean: posterior.mean.map((v) => v + ++unlike * 1e-6) }, BUILD, aims, go),
  ),
  measure(
    'every pose of it in full, behind the first',
    'the page is free meanwhile',
    { rounds: 5 },
    // A student never seen before: nothing is kept from the last one.
    () => void rankPoses({ ...posterior, mean: posterior.mean.map((v) => v + ++unlike * 1e-6) }, BUILD, aims, go),
  ),
  measure(
    'one step of pulling on the bench: pull, stretch, loads, what cannot be',
    '≤ 30 ms',
    { rounds: 15, each: 10 },
    () => {
      const next = pull(squat, 'pelvis', goal, { held: FEET, level: FEET });
      const shape = withRung(own, 0, withAngles(own.rungs[0], 'full', anglesOfPosture(next, 'right')));
      readAt({ shape, rung: 1, side: 'right' }, 1, { posterior, build: BUILD });
      problemsAt(shape, shape.rungs[0], 'right', 1);
    },
  ),
  measure('rank it again for other aims', '≤ 250 ms', { rounds: 15 }, () => void rankPoses(posterior, BUILD, aims, go)),
];

// Building waits for the solver, so that it is timed by itself.
const builds: number[] = [];
for (const minutes of [20, 40, 60, 20, 40, 60, 20, 40, 60]) {
  const start = performance.now();
  await buildPractice(ranked, aims, { minutes });
  builds.push(performance.now() - start);
}
const sorted = builds.slice(1).sort((a, b) => a - b);
rows.push({
  what: 'build a practice of 20, 40 or 60 minutes',
  bound: '≤ 2 s',
  median: `${sorted[Math.floor(sorted.length / 2)].toFixed(0)} ms`,
  worst: `${sorted[sorted.length - 1].toFixed(0)} ms`,
});
process.stdout.write(`${tableOf(rows)}\n`);

// The promise of no allocation: what the heap grew by while no collection ran, over many calls after a warm-up.
const CALLS = 20_000;
const before = process.memoryUsage().heapUsed;
for (let i = 0; i < CALLS; i++)
  for (const side of SIDES) {
    halfOf(posture, side, half);
    model.lengths(half, lengths);
    model.momentArms(half, arms);
  }
const grown = (process.memoryUsage().heapUsed - before) / CALLS;
process.stdout.write(`lengths and arms allocate ${Math.max(0, grown).toFixed(1)} bytes a call (bound: 0)\n`);
