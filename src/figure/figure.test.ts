import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  buildOf,
  COORDINATES,
  DEG,
  HALF_NAMES,
  LINE_STRUCTURES,
  postureFrom,
  SIDES,
  skeletonOf,
  type Posture,
} from '@/core/body';
import { LIBRARY, postureAt, reachFor } from '@/core/poses';
import { legArcs } from './arcs';
import { bodyAttributes, CLOTHS, SKINS } from './bodies';
import { DAY } from './day';
import { draw, paint, prepare, steadyBox, type Detail, type Drawing } from './draw';
import { sample } from './field/grid';
import { fieldOf } from './field/mass-field';
import { zeroLines } from './field/contour';
import { strandOf } from './layers/muscles';
import { poseScene } from './pose-scene';
import { lensOf, projector, seen } from './projection';
import { landTint, seaTint } from './scales';
import { amount, someOf } from '@/core/how-much.fixtures';

const view = { yaw: 12, pitch: 10 };
const DETAILS: readonly Detail[] = ['moving', 'small', 'medium', 'large'];
const sizeOf = (d: Drawing): number => d.paints.reduce((s, p) => s + p.path.length, 0);
const roles = (d: Drawing, role: string) => d.paints.filter((p) => p.role === role);
const finite = (d: Drawing): void => {
  for (const p of d.paints) expect(p.path).not.toMatch(/NaN|Infinity|undefined/);
};
const anyPosture = fc
  .array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: COORDINATES.length, maxLength: COORDINATES.length })
  .map((shares): Posture =>
    Float64Array.from(COORDINATES, (c, i) => DEG * (c.min_deg + shares[i] * (c.max_deg - c.min_deg))),
  );
const anyView = fc.record({
  yaw: fc.double({ min: -180, max: 180, noNaN: true }),
  pitch: fc.double({ min: -20, max: 80, noNaN: true }),
});

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
  it('keeps distances, and says the same as nine numbers', () => {
    fc.assert(
      fc.property(anyView, (v) => {
        const a = projector(v)([0.3, 0.2, -0.4]);
        expect(Math.hypot(a.x, a.y, a.depth)).toBeCloseTo(Math.hypot(0.3, 0.2, 0.4), 9);
        const b = seen(lensOf(v), [0.3, 0.2, -0.4]);
        [a.x, a.y, a.depth].forEach((value, i) => expect(b[i]).toBeCloseTo(value, 9));
      }),
    );
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
  it('is drawn in every rung of the library from any side without a broken number', () => {
    let turn = 0;
    for (const shape of someOf(LIBRARY, 30))
      for (const rung of shape.rungs) {
        turn = (turn + 67) % 360;
        const d = draw(
          { posture: postureAt(rung, 'left', 0.6), reach: reachFor(rung, 'left'), view: { yaw: turn, pitch: 12 } },
          'small',
        );
        finite(d);
        expect(d.box.width).toBeGreaterThan(0.2);
        expect(d.box.width).toBeLessThan(3);
      }
  });
  it('is drawn in any posture from any side without a broken number', () => {
    fc.assert(
      fc.property(anyPosture, anyView, (posture, v) => finite(draw({ posture, view: v }, 'moving'))),
      { numRuns: amount(30, 150) },
    );
    fc.assert(
      fc.property(anyPosture, anyView, (posture, v) => finite(draw({ posture, view: v }, 'large'))),
      { numRuns: amount(10, 25) },
    );
  });
  it('is the same whatever was drawn before it', () => {
    const drawn = (detail: Detail) => draw({ posture: postureFrom({ knee_flexion_right: 20 }), view }, detail);
    const first = DETAILS.map(drawn);
    for (const detail of DETAILS)
      draw({ posture: postureFrom({ hip_flexion_right: 100, lumbar_flexion: 40 }), view }, detail);
    expect(DETAILS.map(drawn)).toEqual(first);
  });
  it('holds its joints: each lies inside the limb it belongs to', () => {
    const LIMBS = { leg: ['hip', 'knee', 'ankle', 'ball', 'heel'], arm: ['shoulder', 'elbow', 'wrist'] } as const;
    for (const [pose, rung] of [
      ['low-lunge', 1],
      ['pigeon', 2],
      ['triangle', 2],
      ['camel', 1],
      ['happy-baby', 1],
      ['eagle', 1],
    ] as const) {
      const scene = poseScene(pose, rung, 'right', 0.7);
      if (!scene) throw new Error(pose);
      const { masses, skeleton } = prepare(scene, 'medium');
      for (const v of [scene.view, { yaw: 90, pitch: 0 }, { yaw: 217, pitch: -20 }, { yaw: 0, pitch: 80 }])
        for (const side of SIDES)
          for (const [limb, joints] of Object.entries(LIMBS)) {
            const mass = masses.find((m) => m.name === `${limb}_${side}`);
            if (!mass) throw new Error(limb);
            const F = fieldOf(mass, lensOf(v), 0.006);
            for (const joint of joints) {
              const [x, y] = seen(lensOf(v), skeleton.points[`${joint}_${side}`]);
              expect(sample(F, F.f, x, y, -1), `${pose} ${joint} ${side}`).toBeGreaterThan(0);
            }
          }
    }
  });
  it('is the mirror of itself with its sides exchanged', () => {
    const one = { hip_flexion_left: 40, knee_flexion_left: 70, hip_adduction_left: -20, shoulder_flexion_right: 100 };
    const other = {
      hip_flexion_right: 40,
      knee_flexion_right: 70,
      hip_adduction_right: -20,
      shoulder_flexion_left: 100,
    };
    const A = prepare({ posture: postureFrom(one), view }, 'large'),
      B = prepare({ posture: postureFrom(other), view }, 'large');
    for (const [a, b] of [
      ['leg_left', 'leg_right'],
      ['arm_right', 'arm_left'],
      ['head', 'head'],
      ['trunk', 'trunk'],
    ]) {
      const mass = (all: typeof A, name: string) => {
        const m = all.masses.find((q) => q.name === name);
        if (!m) throw new Error(name);
        return m;
      };
      const FA = fieldOf(mass(A, a), lensOf({ yaw: 30, pitch: 10 }), 0.005),
        FB = fieldOf(mass(B, b), lensOf({ yaw: 150, pitch: 10 }), 0.005);
      for (const line of zeroLines(FA, FA.f))
        for (const [x, y] of line) expect(Math.abs(sample(FB, FB.f, -x, y, -1))).toBeLessThan(0.0015);
    }
  });
  it('does not jump: half a degree of turning moves its outline by a hair', () => {
    const { masses } = prepare(
      { posture: postureFrom({ hip_flexion_left: 70, knee_flexion_left: 40 }), view },
      'large',
    );
    for (const mass of masses) {
      const F = fieldOf(mass, lensOf({ yaw: 30, pitch: 10 }), 0.005),
        G = fieldOf(mass, lensOf({ yaw: 30.5, pitch: 10 }), 0.005);
      for (const line of zeroLines(F, F.f))
        for (const [x, y] of line) expect(Math.abs(sample(G, G.f, x, y, -1))).toBeLessThan(0.006);
    }
  });
  it('wears cloth, and bones and muscles in its place where they are shown', () => {
    const posture = postureFrom({});
    const skin = draw({ posture, view });
    for (const role of ['flesh', 'top', 'shorts', 'hair', 'ink']) expect(roles(skin, role).length).toBeGreaterThan(0);
    expect(roles(skin, 'bone')).toHaveLength(0);
    const bones = draw({ posture, view, shown: 'bones' });
    expect(roles(bones, 'bone').length).toBeGreaterThan(8);
    expect(roles(bones, 'top')).toHaveLength(0);
  });
  it('is small where it is small', () => {
    for (const [pose, rung] of [
      ['pigeon', 2],
      ['warrior-two', 2],
    ] as const) {
      const scene = poseScene(pose, rung, 'right', 1);
      if (!scene) throw new Error(pose);
      expect(sizeOf(draw(scene, 'small'))).toBeLessThan(25_000);
      expect(sizeOf(draw(scene, 'medium'))).toBeLessThan(35_000);
      expect(sizeOf(draw({ ...scene, tints: [] }, 'large'))).toBeLessThan(60_000);
    }
  });
});

describe('muscles', () => {
  const tints = SIDES.flatMap((side) => LINE_STRUCTURES.map((structure) => ({ structure, side, fill: '#000' })));
  const muscles = (d: Drawing) => d.paints.filter((p) => p.role.startsWith('muscle'));
  it('are shown where they are asked for, on their side, in their tint', () => {
    const d = draw({
      posture: postureFrom({}),
      view,
      tints: [{ structure: 'hamstrings', side: 'right', fill: '#123456' }],
    });
    expect(muscles(d)).toHaveLength(1);
    expect(muscles(d)[0]).toMatchObject({ structure: 'hamstrings', side: 'right', fill: '#123456' });
  });
  it('each says whose it is, so that it can be pointed at; one behind the bone shines through', () => {
    const d = draw({ posture: postureFrom({}), view: { yaw: -90, pitch: 0 }, tints });
    expect(muscles(d).length).toBeGreaterThan(30);
    for (const m of muscles(d)) {
      expect(LINE_STRUCTURES).toContain(m.structure);
      expect(SIDES).toContain(m.side);
    }
    const role = (structure: string) => muscles(d).find((m) => m.structure === structure)?.role;
    expect(role('rectus-femoris')).toBe('muscle');
    expect(role('hamstrings')).toBe('muscle-far');
  });
  it('of the leg behind are hidden by the leg before, but a chosen one is not', () => {
    const shown = (chosen: boolean) =>
      muscles(
        draw({
          posture: postureFrom({}),
          view: { yaw: 0, pitch: 0 },
          tints: [{ structure: 'vasti', side: 'left', fill: '#000', chosen }],
        }),
      ).reduce((s, m) => s + m.path.length, 0);
    expect(shown(true)).toBeGreaterThan(shown(false) + 100);
  });
  it('are thicker when they shorten: the same flesh on a shorter way', () => {
    const belly = (length: number) =>
      strandOf(
        'semitendinosus',
        'hamstrings',
        [
          [0, 0, 0],
          [0, -length / 2, 0],
          [0, -length, 0],
        ],
        1,
      ).r;
    expect(belly(0.3) / belly(0.4)).toBeCloseTo(Math.sqrt(0.4 / 0.3), 6);
  });
});

describe('angles and props', () => {
  it('mark an angle with an arc from its zero line', () => {
    const at = (knee: number) =>
      draw(
        {
          posture: postureFrom({ knee_flexion_right: knee }),
          view,
          angle: { vertex: 'shin_right', toward: 'ankle_right', zero: { along: 'thigh_right' }, label: `${knee}°` },
        },
        'moving',
      ).angles[0];
    expect(at(70).label).toBe('70°');
    for (const knee of [0, 70]) expect(at(knee).arc).not.toMatch(/NaN/);
  });
  it('stand props under what they hold, and let them hide what is behind', () => {
    const posture = postureFrom({ pelvis_tilt: -90 });
    const bare = draw({ posture, view }, 'medium'),
      held = draw({ posture, view, props: [{ kind: 'bolster', at: 'knee_left' }] }, 'medium');
    expect(roles(held, 'prop')).toHaveLength(1);
    expect(roles(bare, 'prop')).toHaveLength(0);
    // A roll across both shins, seen from the side, takes away what lies behind its near end.
    const standing = { posture: postureFrom({}), view: { yaw: 0, pitch: 0 } };
    const inside = (d: Drawing) => {
      const [box] = roles(d, 'prop').map((p) =>
        [...p.path.matchAll(/(-?\d+) (-?\d+)/g)].map((m) => [Number(m[1]), Number(m[2])]),
      );
      return box;
    };
    const roll = draw({ ...standing, props: [{ kind: 'bolster', at: 'calf_left' }] }, 'medium');
    const corners = inside(roll);
    const within = (d: Drawing) =>
      roles(d, 'ink')
        .flatMap((p) => [...p.path.matchAll(/(-?\d+) (-?\d+)/g)])
        .filter(
          ([, x, y]) =>
            Number(x) > Math.min(...corners.map((c) => c[0])) + 200 &&
            Number(x) < Math.max(...corners.map((c) => c[0])) - 200 &&
            Number(y) > Math.min(...corners.map((c) => c[1])) + 200 &&
            Number(y) < Math.max(...corners.map((c) => c[1])) - 200,
        ).length;
    expect(within(roll)).toBeLessThan(0.5 * within(draw(standing, 'medium')));
    const post = draw({
      posture: postureFrom({}),
      view: { yaw: 0, pitch: 0 },
      props: [{ kind: 'chair', at: 'hand_right' }],
    });
    expect(roles(post, 'prop').length).toBeGreaterThan(5);
  });
});

describe('a steady frame', () => {
  const prepared = prepare({ posture: postureFrom({ hip_flexion_right: 70 }), view }, 'moving');
  it('keeps its size while the figure turns and holds all of it', () => {
    const first = steadyBox(prepared, { yaw: 0, pitch: 8 });
    for (let yaw = 10; yaw < 360; yaw += 30) {
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

describe('a student’s build shows', () => {
  const scene = (height_cm: number, mass_kg: number) => ({
    posture: postureFrom({}),
    view: { yaw: 0, pitch: 0 },
    build: buildOf({ height_cm, mass_kg }),
  });
  const area = (s: Parameters<typeof prepare>[0]): number => {
    const trunk = prepare(s, 'medium').masses.find((m) => m.name === 'trunk');
    if (!trunk) throw new Error('no trunk');
    const F = fieldOf(trunk, lensOf(s.view), 0.006);
    return F.f.reduce((n, v) => n + (v > 0 ? 1 : 0), 0);
  };
  it('a heavier one is thicker, with a belly; a taller one longer', () => {
    expect(area(scene(170, 95))).toBeGreaterThan(1.25 * area(scene(170, 55)));
    expect(draw(scene(190, 65), 'small').box.height).toBeGreaterThan(draw(scene(155, 65), 'small').box.height + 0.25);
  });
  it('a pregnancy from the fourth month on', () => {
    const expecting = (pregnant: number) => {
      const own = scene(170, 65);
      return { ...own, build: { ...own.build, pregnant } };
    };
    expect(area(expecting(8))).toBeGreaterThan(1.05 * area(scene(170, 65)));
    expect(area(expecting(3))).toBe(area(scene(170, 65)));
  });
});

it('the colours of paper are those of the page by day', () => {
  const css = readFileSync('src/theme/colours.css', 'utf8').split('[data-mui-color-scheme')[0];
  for (const [name, colour] of Object.entries(DAY)) expect(css, name).toContain(`--${name}: ${colour};`);
});

it('points of a drawing are the points that are computed with', () => {
  const posture = postureFrom({ hip_flexion_right: 50 });
  const d = draw({ posture, view }, 'moving');
  const [x, y] = seen(lensOf(view), skeletonOf(posture).points.knee_right);
  expect(d.points.knee_right.x).toBeCloseTo(x, 9);
  expect(d.points.knee_right.y).toBeCloseTo(y, 9);
});

describe('how the drawn body is painted', () => {
  const css = ['colours', 'bodies'].map((f) => readFileSync(`src/theme/${f}.css`, 'utf8')).join('\n');
  /** The variables that stand under these attributes of the page. */
  const under = (...attributes: string[]): Map<string, string> => {
    const out = new Map<string, string>();
    for (const [, selector, body] of css.matchAll(/([^{}]+)\{([^}]*)\}/g)) {
      const wanted = [...selector.replace(/\/\*[^]*?\*\//g, '').matchAll(/\[[^\]]+\]/g)].map((m) => m[0]);
      if (!wanted.every((w) => attributes.includes(w))) continue;
      for (const [, name, colour] of body.matchAll(/--([\w-]+): (#[0-9a-f]{6})/g)) out.set(name, colour);
    }
    return out;
  };
  const light = (hex: string): number => {
    const [r, g, b] = [1, 3, 5].map((i) => {
      const v = parseInt(hex.slice(i, i + 2), 16) / 255;
      return v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const contrast = (a: string, b: string): number => {
    const [less, more] = [light(a), light(b)].sort((x, y) => x - y);
    return (more + 0.05) / (less + 0.05);
  };
  it.each(SKINS.flatMap((skin) => CLOTHS.map((cloth) => [skin, cloth] as const)))(
    '%s in %s: lines are seen on skin and cloth, and cloth beside skin, by day and by night',
    (skin, cloth) => {
      for (const night of [[], ["[data-mui-color-scheme='dark']"]]) {
        const own = bodyAttributes({ skin, cloth });
        const colours = under(...night, ...Object.entries(own).map(([name, v]) => `[${name}='${v}']`));
        const of = (name: string): string => {
          const found = colours.get(name);
          if (!found) throw new Error(`${name} has no colour`);
          return found;
        };
        for (const ground of ['flesh', 'flesh-far', 'cloth-top', 'cloth-shorts'])
          expect(contrast(of('ink'), of(ground)), `${ground} ${night.join('')}`).toBeGreaterThan(3);
        expect(of('flesh')).not.toBe(of('cloth-shorts'));
        if (skin !== 'paper') expect(of('flesh')).not.toBe(under(...night).get('flesh'));
        if (cloth !== 'water') expect(of('cloth-top')).not.toBe(under(...night).get('cloth-top'));
      }
    },
  );
});
