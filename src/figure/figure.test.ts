import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { postureFrom, skeletonOf } from '@/core/body';
import { LIBRARY, postureAt, reachFor } from '@/core/poses';
import { draw } from './draw';
import { bodyShape } from './flesh';
import { conePath, polygonPath, projector, ribbonPath } from './projection';
import { landTint, seaTint } from './scales';

const view = { yaw: 12, pitch: 10 };
const finite = (path: string): void => {
  expect(path).not.toMatch(/NaN|Infinity|undefined/);
};

describe('projection', () => {
  it('from the right side shows the front on the right and up as up', () => {
    const project = projector({ yaw: 0, pitch: 0 });
    expect(project([1, 0, 0]).x).toBeCloseTo(1, 9);
    expect(project([0, 1, 0]).y).toBeCloseTo(-1, 9);
    expect(project([0, 0, 1]).depth).toBeLessThan(project([0, 0, -1]).depth);
  });
  it('from the front puts the student’s right on the left', () => {
    const project = projector({ yaw: -90, pitch: 0 });
    expect(project([0, 0, 1]).x).toBeCloseTo(-1, 9);
    expect(project([1, 0, 0]).depth).toBeLessThan(0);
  });
  it('keeps distances where nothing points at the viewer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -180, max: 180, noNaN: true }),
        fc.double({ min: -20, max: 80, noNaN: true }),
        (yaw, pitch) => {
          const p = projector({ yaw, pitch });
          const a = p([0.3, 0.2, -0.4]);
          expect(Math.hypot(a.x, a.y, a.depth)).toBeCloseTo(Math.hypot(0.3, 0.2, 0.4), 9);
        },
      ),
    );
  });
});

describe('outlines', () => {
  const at = (x: number, y: number) => ({ x, y, depth: 0 });
  it('of two circles are a circle where one holds the other', () => {
    expect(conePath(at(0, 0), 0.1, at(0.01, 0), 0.02).match(/A/g)).toHaveLength(2);
    expect(conePath(at(0, 0), 0.1, at(0.5, 0), 0.02)).toContain('L');
  });
  it('are finite for any two circles', () => {
    const d = fc.double({ min: -1, max: 1, noNaN: true }),
      r = fc.double({ min: 0.001, max: 0.2, noNaN: true });
    fc.assert(
      fc.property(d, d, r, d, d, r, (ax, ay, ra, bx, by, rb) => finite(conePath(at(ax, ay), ra, at(bx, by), rb))),
    );
  });
  it('of ribbons and polygons close', () => {
    expect(ribbonPath([at(0, 0), at(0.1, 0.1), at(0.2, 0)], 0.03)).toMatch(/^M.*Z$/);
    expect(polygonPath([at(0, 0), at(1, 0), at(0, 1)])).toBe('M0 0L10000 0L0 10000Z');
  });
});

describe('tints', () => {
  it('go step by step along the theme’s scale and beyond it past 1', () => {
    const place = (css: string) => {
      const [, low, share] = /--(?:sea|land)-(\d)\) (\d+)%/.exec(css) ?? [];
      return Number(low) + 1 - Number(share) / 100;
    };
    for (const tint of [seaTint, landTint])
      for (let v = 0; v <= 1; v += 0.05) expect(place(tint(v))).toBeCloseTo(4 * v, 1);
    expect(seaTint(1.2)).toBe('var(--sea-beyond)');
    expect(landTint(0.5)).toBe('color-mix(in srgb, var(--land-2) 100%, var(--land-3))');
  });
});

describe('the body', () => {
  it('has a trunk, a head, two legs and two arms, each ball of a size that flesh has', () => {
    const limbs = bodyShape(skeletonOf(postureFrom({})));
    expect(limbs.map((l) => l.name).sort()).toEqual([
      'arm_left',
      'arm_right',
      'head',
      'leg_left',
      'leg_right',
      'trunk',
    ]);
    for (const limb of limbs)
      for (const chain of limb.chains)
        for (const ball of chain) {
          expect(ball.radius).toBeGreaterThan(0.005);
          expect(ball.radius).toBeLessThan(0.12);
        }
  });
  it('is drawn in every pose of the library from any side without a broken number', () => {
    for (const shape of LIBRARY)
      for (const rung of shape.rungs)
        for (const yaw of [-90, 12, 170]) {
          const d = draw({
            posture: postureAt(rung, 'left', 0.6),
            reach: reachFor(rung, 'left'),
            view: { yaw, pitch: 12 },
          });
          for (const p of d.paints) finite(p.path);
          expect(d.box.width).toBeGreaterThan(0.3);
          expect(d.box.width).toBeLessThan(3);
        }
  });
  it('paints far limbs before near ones', () => {
    const d = (yaw: number) => draw({ posture: postureFrom({}), view: { yaw, pitch: 0 } }).paints;
    const outlines = (yaw: number) => d(yaw).filter((p) => p.kind === 'limb');
    expect(outlines(0)).toHaveLength(6);
    expect(outlines(0)[0].path).not.toBe(outlines(180)[0].path);
  });
  it('shows only the muscles that are asked for, on their side', () => {
    const d = draw({
      posture: postureFrom({}),
      view,
      tints: [{ structure: 'hamstrings', side: 'left', fill: '#123456' }],
    });
    const shown = d.paints.filter((p) => p.kind.startsWith('muscle'));
    expect(shown).toHaveLength(3);
    for (const p of shown) expect(p.fill).toBe('#123456');
  });
  it('marks an angle with an arc from its zero line', () => {
    const posture = postureFrom({ knee_flexion_right: 70 });
    const d = draw({
      posture,
      view,
      angle: { vertex: 'shin_right', toward: 'ankle_right', zero: { along: 'thigh_right' }, label: '70°' },
    });
    expect(d.angles[0]?.label).toBe('70°');
    finite(d.angles[0]?.arc ?? 'NaN');
    const straight = draw({
      posture: postureFrom({}),
      view,
      angle: { vertex: 'shin_right', toward: 'ankle_right', zero: { along: 'thigh_right' }, label: '0°' },
    });
    finite(straight.angles[0]?.arc ?? 'NaN');
  });
  it('stands props under what they hold', () => {
    const d = draw({ posture: postureFrom({ pelvis_tilt: -90 }), view, props: [{ kind: 'bolster', at: 'knee_left' }] });
    expect(d.paints.filter((p) => p.kind === 'prop')).toHaveLength(1);
  });
});

it('is drawn with far fewer corners where it is small', () => {
  const size = (coarse: boolean) =>
    draw({ posture: postureFrom({}), view, coarse }).paints.reduce((s, p) => s + p.path.length, 0);
  expect(size(true)).toBeLessThan(size(false) / 2);
});
