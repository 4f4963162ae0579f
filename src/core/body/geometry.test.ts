import { describe, expect, it } from 'vitest';
import {
  buildOf,
  COORDINATES,
  DEG,
  HALF,
  HALF_COUNT,
  halfFromDegrees,
  halfOf,
  LINE_IDS,
  lineIndex,
  linePaths,
  LINES,
  MODEL_HEIGHT,
  MODEL_MASS,
  MuscleModel,
  newHalf,
  postureFrom,
  skeletonOf,
  type Half,
  type Vec3,
} from './index';
import { JOINTS } from './joints';
import { norm, sub } from './vec3';

const model = new MuscleModel();
const n = model.lineCount;

/** A repeatable stream of numbers (Park & Miller). */
function stream(seed: number): (least: number, most: number) => number {
  let state = seed;
  return (least, most) => least + (most - least) * ((state = (state * 16807) % 2147483647) / 2147483647);
}
/** Limits of every coordinate of a half body, radians: the whole range that yoga uses, in all combinations. */
const LIMITS = COORDINATES.filter((c) => !/pelvis|neck|_left|shoulder|elbow|wrist/.test(c.id)).map((c) => c);
const ORDER = Object.keys(HALF).slice(0, HALF_COUNT);
const limitOf = (name: string) => {
  const id = name.replace(/[A-Z]/g, (c) => `_${c.toLowerCase()}`);
  const found = LIMITS.find((c) => c.id === id || c.id === `${id}_right`);
  if (!found) throw new Error(`no limits for ${name}`);
  return found;
};
const anywhere = (between: ReturnType<typeof stream>): Half => {
  const half = newHalf();
  ORDER.forEach((name, i) => (half[i] = between(limitOf(name).min_deg, limitOf(name).max_deg) * DEG));
  return half;
};

describe('lengths over the whole range', () => {
  it('have no jump along 400 random ways from one end of joint space to another', () => {
    const between = stream(12345);
    let worst = 0,
      where = '';
    for (let way = 0; way < 400; way++) {
      const a = anywhere(between),
        b = anywhere(between);
      const row = (t: number) =>
        model.lengths(
          a.map((v, c) => v + (b[c] - v) * t),
          new Float64Array(n),
        );
      let before = row(0),
        here = row(1 / 120);
      for (let i = 2; i <= 120; i++) {
        const next = row(i / 120);
        for (let k = 0; k < n; k++) {
          const second = Math.abs(before[k] - 2 * here[k] + next[k]);
          if (second > worst) [worst, where] = [second, LINE_IDS[k]];
        }
        [before, here] = [here, next];
      }
    }
    // Second difference over steps of 1.5° in fifteen angles at once, metres: a jump would show as centimetres.
    expect(worst, where).toBeLessThan(0.002);
  });

  it('are finite, and never below what contracted fibres need', () => {
    const between = stream(7);
    const out = new Float64Array(n);
    let least = Infinity;
    for (let i = 0; i < 3000; i++) {
      const half = anywhere(between);
      half[HALF.femoralVersion] = between(-20, 20) * DEG;
      model.lengths(half, out);
      // A length that is not a number makes the least not a number, and fails as well.
      for (let k = 0; k < n; k++) least = Math.min(least, out[k] / model.fibreLength(k));
    }
    expect(least).toBeGreaterThanOrEqual(0.4);
  });

  it('keep every line that crosses the hip off the head of the thigh bone', () => {
    const between = stream(99);
    const out = new Float64Array(n);
    const crossing = LINES.map((l, i) => ({ l, i })).filter(
      ({ l }) => l.points.some((p) => p.segment === 'pelvis') && l.points.some((p) => p.segment === 'thigh'),
    );
    expect(crossing.length).toBeGreaterThan(20);
    let nearest = Infinity,
      where = '';
    for (let k = 0; k < 600; k++) {
      model.lengths(anywhere(between), out);
      for (const { i, l } of crossing) {
        const course = model.course(i);
        for (let j = 0; j + 1 < course.length; j++)
          for (let t = 0; t <= 1; t += 0.125) {
            const at = course[j].map((v, c) => v + (course[j + 1][c] - v) * t) as unknown as Vec3;
            const distance = norm(sub(at, JOINTS.hip));
            if (distance < nearest) [nearest, where] = [distance, l.line];
          }
      }
    }
    // The head has a radius of 24 mm; the wraps keep the rest at the depth of its capsule.
    expect(nearest, where).toBeGreaterThan(0.024);
  });

  it('give the same answer twice and do not depend on what was asked before', () => {
    const between = stream(5);
    const half = halfFromDegrees({ hipFlexion: 70, hipRotation: -20, kneeFlexion: 40 });
    const first = Array.from(model.lengths(half, new Float64Array(n)));
    model.momentArms(anywhere(between), new Float64Array(n * HALF_COUNT));
    expect(Array.from(model.lengths(half, new Float64Array(n)))).toEqual(first);
  });
});

describe('moment arms', () => {
  const STEP = 1e-6;
  it('are the slope of length, about every coordinate, anywhere', () => {
    const between = stream(42);
    const arms = new Float64Array(n * HALF_COUNT),
      above = new Float64Array(n),
      below = new Float64Array(n);
    for (let k = 0; k < 200; k++) {
      const half = anywhere(between);
      half[HALF.femoralVersion] = between(-20, 20) * DEG;
      model.momentArms(half, arms);
      for (let c = 0; c < HALF_COUNT; c++) {
        const probe = half.slice();
        probe[c] += STEP;
        model.lengths(probe, above);
        probe[c] -= 2 * STEP;
        model.lengths(probe, below);
        for (let i = 0; i < n; i++)
          expect(arms[i * HALF_COUNT + c], `${LINE_IDS[i]} about ${ORDER[c]}`).toBeCloseTo(
            (below[i] - above[i]) / (2 * STEP),
            7,
          );
      }
    }
  });
  it('add up to the change of length along a way (path independence)', () => {
    const from = halfFromDegrees({ hipFlexion: 20, kneeFlexion: 20 }),
      to = halfFromDegrees({ hipFlexion: 80, hipAdduction: -15, kneeFlexion: 60, kneeRotation: 20, lumbarBend: 15 });
    const arms = new Float64Array(n * HALF_COUNT),
      work = new Float64Array(n);
    const steps = 400;
    for (let s = 0; s < steps; s++) {
      model.momentArms(
        from.map((v, c) => v + ((to[c] - v) * (s + 0.5)) / steps),
        arms,
      );
      for (let k = 0; k < n; k++)
        for (let c = 0; c < HALF_COUNT; c++) work[k] -= (arms[k * HALF_COUNT + c] * (to[c] - from[c])) / steps;
    }
    const start = model.lengths(from, new Float64Array(n)),
      end = model.lengths(to, new Float64Array(n));
    LINE_IDS.forEach((id, k) => expect(work[k], id).toBeCloseTo(end[k] - start[k], 5));
  });
});

describe('courses', () => {
  const half = newHalf();
  const straight = LINES.map((_, i) => i).filter((i) => !LINES[i].kneeFunction);
  const long = (path: readonly Vec3[]) => path.slice(1).reduce((s, p, i) => s + norm(sub(p, path[i])), 0);

  it('are as long as is computed where the knee has no part', () => {
    const between = stream(3);
    const out = new Float64Array(n);
    for (let k = 0; k < 60; k++) {
      // Within the range where no muscle is at its shortest: there the course is a path and the length is fibre.
      const wide = anywhere(between);
      for (let c = 0; c < HALF_COUNT; c++) half[c] = wide[c] * 0.5;
      model.lengths(half, out);
      // Arcs are drawn with corners every 12°: shorter by at most 0.2 %.
      for (const i of straight) expect(long(model.course(i)) / out[i], LINE_IDS[i]).toBeCloseTo(1, 2);
    }
  });
  it('do not care where the body is and how it is turned', () => {
    const angles = { hip_flexion_left: 70, hip_adduction_right: -30, lumbar_bend: 12, knee_flexion_left: 40 };
    const paths = (turn: Record<string, number>) => {
      const q = postureFrom({ ...angles, ...turn });
      return linePaths(model, q, skeletonOf(q));
    };
    const still = paths({}),
      turned = paths({ pelvis_tilt: -80, pelvis_list: 35, pelvis_rotation: 140 });
    still.forEach((line, i) => expect(long(turned[i].path), line.line).toBeCloseTo(long(line.path), 10));
  });
  it('and lengths of a mirrored posture are mirrored', () => {
    const q = postureFrom({ lumbar_bend: 14, thorax_rotation: -20, hip_flexion_left: 80, hip_rotation_left: -30 });
    const mirror = postureFrom({
      lumbar_bend: -14,
      thorax_rotation: 20,
      hip_flexion_right: 80,
      hip_rotation_right: -30,
    });
    const left = model.lengths(halfOf(q, 'left', newHalf()), new Float64Array(n)),
      right = model.lengths(halfOf(mirror, 'right', newHalf()), new Float64Array(n));
    expect(Array.from(left)).toEqual(Array.from(right));
  });
});

describe('the student’s build', () => {
  const half = halfFromDegrees({
    hipFlexion: 60,
    hipAdduction: -20,
    kneeFlexion: 50,
    lumbarBend: 10,
    toeExtension: 20,
  });
  it('scales exactly: same shape, same elongations, lengths and arms by the size', () => {
    const size = 1.18;
    const tall = new MuscleModel(buildOf({ height_cm: MODEL_HEIGHT * 100 * size, mass_kg: MODEL_MASS * size ** 3 }));
    const a = model.lengths(half, new Float64Array(n)),
      b = tall.lengths(half, new Float64Array(n));
    const ea = model.elongations(half, new Float64Array(n)),
      eb = tall.elongations(half, new Float64Array(n));
    const ma = model.momentArms(half, new Float64Array(n * HALF_COUNT)),
      mb = tall.momentArms(half, new Float64Array(n * HALF_COUNT));
    for (let i = 0; i < n; i++) {
      expect(b[i] / a[i]).toBeCloseTo(size, 10);
      expect(eb[i]).toBeCloseTo(ea[i], 10);
      for (let c = 0; c < HALF_COUNT; c++)
        expect(mb[i * HALF_COUNT + c]).toBeCloseTo(size * ma[i * HALF_COUNT + c], 10);
    }
    expect(tall.maximumForce(0) / model.maximumForce(0)).toBeCloseTo(size ** 2, 10);
  });
  it('takes a measured thigh for the thigh alone', () => {
    const long = new MuscleModel(buildOf({ height_cm: 175, mass_kg: 70, thigh_cm: 48 }));
    const ratio = (line: string) => long.anatomical[lineIndex(line)] / model.anatomical[lineIndex(line)];
    expect(ratio('semimembranosus')).toBeGreaterThan(1.05);
    expect(ratio('soleus')).toBeCloseTo(1, 10);
    expect(ratio('piriformis')).toBeCloseTo(1, 2);
  });
  it('refuses what no body has, naming the field', () => {
    expect(() => buildOf({ height_cm: 20, mass_kg: 70 })).toThrow('height_cm');
    expect(() => buildOf({ height_cm: 175, mass_kg: Number.NaN })).toThrow('mass_kg');
    expect(() => buildOf({ height_cm: 175, mass_kg: 70, shank_cm: 90 })).toThrow('shank_cm');
    expect(() => buildOf({ height_cm: 175, mass_kg: 70, femoralVersion_deg: { left: 80 } })).toThrow(
      'femoralVersion_deg',
    );
  });
  it('a neck twisted further forward shifts the neutral of rotation for what ends near the hip', () => {
    const twisted = halfFromDegrees({ hipRotation: 15, femoralVersion: 15 }),
      usual = newHalf();
    const a = model.lengths(twisted, new Float64Array(n)),
      b = model.lengths(usual, new Float64Array(n));
    for (const line of ['piriformis', 'gluteus-medius-posterior', 'obturator-internus-gemelli', 'quadratus-femoris'])
      expect(a[lineIndex(line)], line).toBeCloseTo(b[lineIndex(line)], 12);
    const version = model.lengths(halfFromDegrees({ femoralVersion: 15 }), new Float64Array(n));
    for (const line of ['semitendinosus', 'rectus-femoris', 'soleus'])
      expect(version[lineIndex(line)], line).toBeCloseTo(b[lineIndex(line)], 12);
  });
});

it('every line names its source, its confidence and a structure', () => {
  for (const line of LINES) {
    expect(line.source.length).toBeGreaterThan(20);
    expect(['low', 'medium', 'high']).toContain(line.confidence);
    expect(line.structure).toMatch(/^[a-z-]+$/);
  }
  expect(new Set(LINE_IDS).size).toBe(LINES.length);
  expect(() => lineIndex('trapezius')).toThrow('unknown line');
});
