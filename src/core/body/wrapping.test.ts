import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { cylinderCourse, cylinderGradient, cylinderLength } from './cylinder-wrap';
import { KneeFunction } from './knee-function';
import { smoothRadius } from './smooth-radius';
import { sphereCourse, sphereGradient, sphereLength } from './sphere-wrap';
import type { Vec3 } from './vec3';

const away = fc.double({ min: 0.06, max: 0.3, noNaN: true });
const angle = fc.double({ min: -Math.PI, max: Math.PI, noNaN: true });
const z = fc.double({ min: -0.1, max: 0.1, noNaN: true });
const R = 0.04;

describe('cylinder', () => {
  it('follows the surface for a half turn: two tangents and an arc', () => {
    // Ends opposite each other at distance d: tangents √(d² − r²), arc r (π − 2 acos(r/d)).
    const d = 0.2;
    const length = cylinderLength(d, 0, 0, -d, 0, 0, R, 1);
    const r = smoothRadius(R, d, d);
    expect(length).toBeCloseTo(2 * Math.sqrt(d * d - r * r) + r * (Math.PI - 2 * Math.acos(r / d)), 10);
  });
  it('is never shorter than the straight line', () => {
    fc.assert(
      fc.property(away, angle, z, away, angle, z, fc.constantFrom(1, -1), (da, a, za, db, b, zb, sense) => {
        const [ax, ay, bx, by] = [da * Math.cos(a), da * Math.sin(a), db * Math.cos(b), db * Math.sin(b)];
        const length = cylinderLength(ax, ay, za, bx, by, zb, R, sense);
        expect(length).toBeGreaterThanOrEqual(Math.hypot(ax - bx, ay - by, za - zb) - 1e-9);
      }),
    );
  });
  it('is straight where the line passes clear on the right side', () => {
    expect(cylinderLength(0.1, 0.1, 0, 0.1, -0.1, 0, R, -1)).toBeCloseTo(0.2, 9);
  });
  it('begins to touch without a step', () => {
    let before = cylinderLength(0.1, 0.08, 0, -0.1, 0.08, 0, R, 1);
    for (let y = 0.08; y > 0; y -= 0.0005) {
      const here = cylinderLength(0.1, y, 0, -0.1, y, 0, R, 1);
      expect(Math.abs(here - before)).toBeLessThan(0.0012);
      before = here;
    }
  });
  it('lets an end come inside the surface without losing its mind', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.005, max: 0.05, noNaN: true }), angle, away, angle, (da, a, db, b) => {
        const length = cylinderLength(
          da * Math.cos(a),
          da * Math.sin(a),
          0,
          db * Math.cos(b),
          db * Math.sin(b),
          0,
          R,
          1,
        );
        expect(Number.isFinite(length)).toBe(true);
        expect(length).toBeLessThan(1);
      }),
    );
  });
});

describe('smooth radius', () => {
  it('is the radius itself for ends well outside', () => expect(smoothRadius(R, 0.2, 0.3)).toBeCloseTo(R, 5));
  it('stays below both ends', () => {
    fc.assert(
      fc.property(away, away, fc.double({ min: 0.01, max: 0.5, noNaN: true }), (a, b, r) => {
        expect(smoothRadius(r, a, b)).toBeLessThan(Math.min(a, b));
      }),
    );
  });
  it('grows with the radius', () => {
    let last = 0;
    for (let r = 0.01; r < 0.3; r += 0.01) {
      const now = smoothRadius(r, 0.1, 0.12);
      expect(now).toBeGreaterThanOrEqual(last - 1e-12);
      last = now;
    }
  });
});

describe('sphere', () => {
  it('is straight where the line misses it', () =>
    expect(sphereLength(0.1, 0.1, 0, -0.1, 0.1, 0, 0, 0, 0, R)).toBeCloseTo(0.2, 9));
  it('agrees with a cylinder in the plane through its middle', () => {
    fc.assert(
      fc.property(away, away, (da, db) => {
        const sphere = sphereLength(da, 0.001, 0, -db, 0.001, 0, 0, 0, 0, R);
        const cylinder = cylinderLength(da, 0.001, 0, -db, 0.001, 0, R, 1);
        expect(sphere).toBeCloseTo(cylinder, 4);
      }),
    );
  });
  it('does not care which end is named first', () => {
    fc.assert(
      fc.property(away, angle, away, angle, z, (da, a, db, b, zb) => {
        const p = [da * Math.cos(a), da * Math.sin(a), 0.02] as const,
          q = [db * Math.cos(b), db * Math.sin(b), zb] as const;
        expect(sphereLength(...p, ...q, 0, 0, 0, R)).toBeCloseTo(sphereLength(...q, ...p, 0, 0, 0, R), 10);
      }),
    );
  });
});

describe('knee function', () => {
  const knee = new KneeFunction([0, 0.5, 1, 1.5, 2], [0.03, 0.04, 0.05, 0.04, 0.03]);
  it('is nothing at a straight knee', () => expect(knee.lengthChange(0)).toBe(0));
  it('integrates its own arms', () => {
    for (const at of [0.25, 0.5, 0.9, 1.4, 1.9]) {
      const slope = (knee.lengthChange(at + 1e-5) - knee.lengthChange(at - 1e-5)) / 2e-5;
      expect(slope).toBeGreaterThan(0.029);
      expect(slope).toBeLessThan(0.051);
    }
    expect((knee.lengthChange(1 + 1e-6) - knee.lengthChange(1 - 1e-6)) / 2e-6).toBeCloseTo(0.05, 6);
  });
  it('goes on straight beyond the last knot', () =>
    expect(knee.lengthChange(2.2) - knee.lengthChange(2)).toBeCloseTo(0.2 * 0.03, 10));
  it('goes on straight before the first knot', () => expect(knee.lengthChange(-0.1)).toBeCloseTo(-0.1 * 0.03, 10));
});

const point = fc.tuple(away, angle, z).map(([d, a, height]): Vec3 => [d * Math.cos(a), d * Math.sin(a), height]);
/** Nearest that a piece from a to b comes to the z axis (flat) or to the origin. */
const nearest = (a: Vec3, b: Vec3, flat: boolean): number => {
  let least = Infinity;
  for (let t = 0; t <= 1; t += 0.02) {
    const [x, y, height] = a.map((v, i) => v + (b[i] - v) * t);
    least = Math.min(least, flat ? Math.hypot(x, y) : Math.hypot(x, y, height));
  }
  return least;
};
const long = (path: Vec3[]) =>
  path.slice(1).reduce((s, p, i) => s + Math.hypot(p[0] - path[i][0], p[1] - path[i][1], p[2] - path[i][2]), 0);

describe('courses on a surface', () => {
  // Corners lie on the surface at most 12° apart, so a chord dips by at most r (1 − cos 6°).
  const DIP = Math.cos((6 * Math.PI) / 180) - 1e-6;
  it('of a cylinder never enter it where they touch, and are as long as computed', () => {
    fc.assert(
      fc.property(point, point, fc.constantFrom(1, -1), (a, b, sense) => {
        const course = cylinderCourse(a, b, R, sense);
        const length = cylinderLength(...a, ...b, R, sense);
        expect(Math.abs(long(course) - length)).toBeLessThanOrEqual(0.004 * length + 1e-9);
        if (course.length === 2) return;
        const r = smoothRadius(R, Math.hypot(a[0], a[1]), Math.hypot(b[0], b[1]));
        for (let i = 0; i + 1 < course.length; i++)
          expect(nearest(course[i], course[i + 1], true)).toBeGreaterThanOrEqual(r * DIP);
      }),
    );
  });
  it('of a sphere never enter it, touched or not', () => {
    fc.assert(
      fc.property(point, point, (a, b) => {
        const course = sphereCourse(a, b, [0, 0, 0], R);
        const r = smoothRadius(R, Math.hypot(...a), Math.hypot(...b));
        for (let i = 0; i + 1 < course.length; i++)
          expect(nearest(course[i], course[i + 1], false)).toBeGreaterThanOrEqual(r * DIP);
        const length = sphereLength(...a, ...b, 0, 0, 0, R);
        expect(Math.abs(long(course) - length)).toBeLessThanOrEqual(0.004 * length + 1e-9);
      }),
    );
  });
});

describe('derivatives by the ends', () => {
  const STEP = 1e-7;
  const own = new Float64Array(6);
  const straightRound = {
    cylinder: {
      length: (e: number[]) => cylinderLength(e[0], e[1], e[2], e[3], e[4], e[5], R, 1),
      gradient: (e: number[]) => cylinderGradient(e[0], e[1], e[2], e[3], e[4], e[5], R, 1, own),
    },
    sphere: {
      length: (e: number[]) => sphereLength(e[0], e[1], e[2], e[3], e[4], e[5], 0, 0, 0, R),
      gradient: (e: number[]) => sphereGradient(e[0], e[1], e[2], e[3], e[4], e[5], 0, 0, 0, R, own),
    },
  };
  it.each(['cylinder', 'sphere'] as const)('of a %s are the slopes of its length, ends near or far', (shape) => {
    const { length, gradient } = straightRound[shape];
    let state = 4711,
      touching = 0;
    const random = () => (state = (state * 16807) % 2147483647) / 2147483647;
    for (let round = 0; round < 600; round++) {
      const end = () => {
        const d = 0.03 + 0.17 * random(),
          a = (random() - 0.5) * 2 * Math.PI;
        return [d * Math.cos(a), d * Math.sin(a), 0.2 * random() - 0.1];
      };
      const ends = [...end(), ...end()];
      expect(gradient(ends)).toBeCloseTo(length(ends), 12);
      if (length(ends) > Math.hypot(ends[0] - ends[3], ends[1] - ends[4], ends[2] - ends[5]) + 1e-6) touching++;
      for (let k = 0; k < 6; k++) {
        const moved = (by: number) => length(ends.map((v, i) => (i === k ? v + by : v)));
        expect(own[k], `${shape}, number ${k} of ${ends.join(', ')}`).toBeCloseTo(
          (moved(STEP) - moved(-STEP)) / (2 * STEP),
          4,
        );
      }
    }
    // Both cases were met: running free and touching.
    expect(touching).toBeGreaterThan(60);
    expect(touching).toBeLessThan(540);
  });
});
