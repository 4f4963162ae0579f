import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { buildOf, DEG, HALF_NAMES, LINE_STRUCTURES, postureFrom, SIDES, skeletonOf } from '@/core/body';
import { LIBRARY, postureAt, reachFor } from '@/core/poses';
import { legArcs } from './arcs';
import { draw, lighter, paint, prepare, steadyBox } from './draw';
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

describe('all muscles at once', () => {
  const tints = SIDES.flatMap((side) =>
    LINE_STRUCTURES.map((structure) => ({ structure, side, fill: '#000', solid: true })),
  );
  it('each ribbon says whose it is, so that it can be pointed at', () => {
    const d = draw({ posture: postureFrom({}), view, tints });
    const ribbons = d.paints.filter((p) => p.kind.startsWith('muscle'));
    expect(ribbons).toHaveLength(84);
    for (const r of ribbons) {
      expect(LINE_STRUCTURES).toContain(r.structure);
      expect(SIDES).toContain(r.side);
    }
  });
  it('those of the far leg lie under the near leg, a chosen one on top', () => {
    const posture = postureFrom({ hip_flexion_left: 30 });
    const order = (chosen: boolean) => {
      const d = draw({
        posture,
        view: { yaw: 0, pitch: 0 },
        tints: [{ structure: 'hamstrings', side: 'left', fill: '#000', solid: true, chosen }],
      });
      const near = d.paints.map((p) => p.kind).lastIndexOf('limb');
      return d.paints.findIndex((p) => p.kind.startsWith('muscle')) > near;
    };
    expect(order(false)).toBe(false);
    expect(order(true)).toBe(true);
  });
  it('has fewer corners while it is turned, and the same muscles', () => {
    const full = prepare({ posture: postureFrom({}), view, tints });
    const size = (d: ReturnType<typeof paint>) => d.paints.reduce((s, p) => s + p.path.length, 0);
    const light = paint(lighter(full), view);
    expect(size(light)).toBeLessThan(0.6 * size(paint(full, view)));
    const ribbons = (d: ReturnType<typeof paint>) => d.paints.filter((p) => p.kind.startsWith('muscle')).length;
    expect(ribbons(light)).toBe(ribbons(paint(full, view)));
    // Pressed places are left out too.
    expect(paint(full, view).paints.some((p) => p.kind === 'shadow')).toBe(true);
    expect(light.paints.some((p) => p.kind === 'shadow')).toBe(false);
  });
});

describe('a steady frame', () => {
  const prepared = prepare({ posture: postureFrom({ hip_flexion_right: 70 }), view });
  it('keeps its size while the figure turns and holds all of it', () => {
    const first = steadyBox(prepared, { yaw: 0, pitch: 8 });
    for (let yaw = 10; yaw < 360; yaw += 10) {
      const box = steadyBox(prepared, { yaw, pitch: 8 });
      expect(box.width).toBeCloseTo(first.width, 9);
      expect(box.height).toBeCloseTo(first.height, 9);
      for (const p of Object.values(paint(prepared, { yaw, pitch: 8 }).points)) {
        expect(p.x).toBeGreaterThan(box.x);
        expect(p.x).toBeLessThan(box.x + box.width);
        expect(p.y).toBeGreaterThan(box.y);
        expect(p.y).toBeLessThan(box.y + box.height);
      }
    }
  });
  it('comes near to a part', () => {
    const near = steadyBox(prepared, view, { point: 'hip_right', offset: [0, 0, 0], reach: 0.4 });
    expect(near.width).toBeCloseTo(0.8, 9);
  });
});

describe('arcs at the joints of a leg', () => {
  it('number each angle that is set, and only those', () => {
    const q = postureFrom({
      hip_flexion_left: 60,
      hip_adduction_left: -25,
      knee_flexion_left: 80,
      hip_rotation_left: -30,
    });
    expect(legArcs(q, 'left', HALF_NAMES).map((a) => a.label)).toEqual(['60°', '25°', '30°', '80°']);
    expect(legArcs(q, 'right', HALF_NAMES)).toEqual([]);
    expect(legArcs(q, 'left', ['hip_flexion'])).toHaveLength(1);
  });
  it('open by the angle that they name', () => {
    const q = postureFrom({ pelvis_tilt: 20, hip_flexion_right: 50, hip_adduction_right: -30, knee_flexion_right: 70 });
    for (const mark of legArcs(q, 'right', HALF_NAMES)) {
      if (typeof mark.toward === 'string' || 'along' in mark.zero) throw new Error('expected directions');
      const cosine = mark.toward.reduce((s, v, i) => s + v * (mark.zero as readonly number[])[i], 0);
      expect(Math.acos(Math.min(1, cosine)) / DEG).toBeCloseTo(Number(mark.label.replace('°', '')), 4);
    }
  });
  it('leave turning out at a straight knee, where it cannot be seen', () =>
    expect(legArcs(postureFrom({ hip_rotation_right: 30 }), 'right', HALF_NAMES)).toEqual([]));
});

it('a student’s build shows: a heavier one is thicker, a taller one longer', () => {
  const widest = (mass_kg: number, height_cm: number) => {
    const limbs = bodyShape(skeletonOf(postureFrom({}), {}, buildOf({ height_cm, mass_kg })));
    return Math.max(...limbs.flatMap((l) => l.chains.flat().map((b) => b.radius)));
  };
  expect(widest(95, 170)).toBeGreaterThan(1.15 * widest(55, 170));
  const tall = (height_cm: number) =>
    draw({ posture: postureFrom({}), view, build: buildOf({ height_cm, mass_kg: 65 }) }).box.height;
  expect(tall(190)).toBeGreaterThan(tall(155) + 0.25);
});
