import { mostOf } from '@/core/cautions/demands';
import { describe, expect, it } from 'vitest';
import {
  angleProblem,
  centreOfMass,
  coordinateIndex,
  DEG,
  fleshOf,
  floorOf,
  GROUPS,
  isMuscleGroup,
  overlapsOf,
  skeletonOf,
  type Side,
  type Skeleton,
} from '@/core/body';
import paths from './data/paths.json';
import {
  anglesAt,
  anglesFor,
  contactsFor,
  cuesOf,
  demandsOf,
  LIBRARY,
  postureAt,
  propWords,
  reachFor,
  rungOf,
  shapeById,
  type Rung,
} from './index';
import { beyondSupport } from './gaps';
import { faults } from './settling/faults';
import { SKETCHES } from './shapes';
import { roughOf, withHands } from './sketch';

const rungs = LIBRARY.flatMap((shape) =>
  shape.rungs.map((rung, i) => ({ shape, rung, number: i + 1, name: `${shape.id} ${i + 1}` })),
);
const rough = new Map(SKETCHES.flatMap(roughOf).map((r) => [`${r.id} ${r.rung}`, r]));
const at = (rung: Rung, side: Side, depth: number): Skeleton =>
  skeletonOf(postureAt(rung, side, depth), reachFor(rung, side));

describe('the library', () => {
  it('has at least 75 shapes and 200 rungs, two to six each', () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(75);
    expect(rungs.length).toBeGreaterThanOrEqual(200);
    for (const s of LIBRARY) {
      expect(s.rungs.length).toBeGreaterThanOrEqual(2);
      expect(s.rungs.length).toBeLessThanOrEqual(6);
    }
    expect(new Set(LIBRARY.map((s) => s.id)).size).toBe(LIBRARY.length);
    expect(new Set(LIBRARY.map((s) => s.name)).size).toBe(LIBRARY.length);
  });
  it('has a settled path for every rung and none for what is not there', () =>
    expect(Object.keys(paths).sort()).toEqual(rungs.map((r) => `${r.shape.id}/${r.number}`).sort()));
  it.each(GROUPS.filter(isMuscleGroup))('lengthens and works %s by at least two shapes', (group) => {
    expect(LIBRARY.filter((s) => s.reaches.includes(group)).length).toBeGreaterThanOrEqual(2);
    if (group !== 'rectus-femoris' && group !== 'calf')
      expect(LIBRARY.filter((s) => s.works.includes(group)).length).toBeGreaterThanOrEqual(2);
  });
  it('names a form on a chair, at a desk or standing that exists', () => {
    for (const s of LIBRARY) if (s.instead) expect(shapeById(s.instead), `${s.id} → ${s.instead}`).not.toBeNull();
    const floor = LIBRARY.filter((s) => s.position !== 'standing' && !s.id.startsWith('chair'));
    expect(floor.filter((s) => s.instead).length / floor.length).toBeGreaterThan(0.75);
  });
  it('answers unknown shapes and rungs with null', () => {
    expect(shapeById('cartwheel')).toBeNull();
    expect(rungOf('pigeon', 9)).toBeNull();
    expect(rungOf('pigeon', 0)).toBeNull();
  });
});

describe.each(rungs)('$name', ({ shape, rung, name }) => {
  const written = rough.get(name);
  it('is a possible posture at entry, half-way and full: contacts touch, nothing overlaps, it balances', () => {
    if (!written) throw new Error('no sketch');
    const own = withHands(written, rung.reach);
    for (const [i, angles] of rung.path.entries()) {
      expect(angleProblem(anglesFor(angles, 'right'))).toBeNull();
      const left = faults(angles, own, (['entry', 'middle', 'full'] as const)[i]);
      expect(left.gap).toBeLessThanOrEqual(0.015);
      expect(left.overlap, left.pair).toBeLessThanOrEqual(0.01);
      expect(left.beyond).toBeLessThanOrEqual(0);
    }
  });
  it('stays within the joints of very mobile people along its whole path', () => {
    for (const side of ['left', 'right'] as const)
      for (const depth of [0, 0.25, 0.5, 0.75, 1]) expect(angleProblem(anglesAt(rung, side, depth))).toBeNull();
  });
  it('puts nothing through the floor', () => {
    for (const depth of [0, 0.5, 1]) {
      const { points } = at(rung, 'right', depth);
      const floor = floorOf(points, reachFor(rung, 'right'));
      for (const [point, place] of Object.entries(points))
        if (fleshOf(point) > 0) expect(place[1] - fleshOf(point) - floor, point).toBeGreaterThan(-0.02);
    }
  });
  it('has holds, phases, cues and demands in their ranges', () => {
    expect(rung.hold[0]).toBeLessThan(rung.hold[1]);
    expect(rung.phases.length).toBeGreaterThan(0);
    const cues = cuesOf(shape, rung);
    for (const cue of [...Object.values(cues), shape.cheat]) expect(cue).toMatch(/^[A-Z].*\.$/);
    // Nobody is told to take a prop that this rung does without.
    for (const prop of ['strap', 'wall', 'block', 'bolster', 'blanket'] as const)
      if (new RegExp(`\\b${prop}s?\\b`, 'i').test(cues.enter)) expect(rung.props).toContain(prop);
    if (shape.position === 'on the front') expect(mostOf(demandsOf(shape, rung), 'lying-on-front')).toBe(1);
  });
  it('names only points that the body has', () => {
    const { points } = at(rung, 'left', 0.5);
    for (const c of contactsFor(rung, 'left')) expect(Object.keys(points)).toContain(c.point);
    for (const r of Object.values(reachFor(rung, 'left'))) expect(Object.keys(points)).toContain(r.to);
  });
  it('is the mirror image when the other side is worked', () => {
    const right = at(rung, 'right', 0.7).points,
      left = at(rung, 'left', 0.7).points;
    for (const joint of ['knee', 'ankle', 'toe', 'wrist'])
      for (const [a, b] of [
        ['right', 'left'],
        ['left', 'right'],
      ]) {
        const [x, y, z] = right[`${joint}_${a}`];
        const [u, v, w] = left[`${joint}_${b}`];
        expect(Math.hypot(x - u, y - v, z + w)).toBeLessThan(1e-9);
      }
  });
});

describe('balance', () => {
  it('finds the centre of mass over the feet in standing and beyond them when leaning', () => {
    const feet = contactsFor({ contacts: rungOf('forward-hinge', 1)?.rung.contacts ?? [] }, 'right');
    const of = (ankle: number) => {
      const q = postureAt({ path: [{}, {}, {}] }, 'right', 0);
      for (const side of ['left', 'right']) q[coordinateIndex(`ankle_dorsiflexion_${side}`)] = ankle * DEG;
      q[coordinateIndex('pelvis_tilt')] = ankle * DEG;
      return skeletonOf(q);
    };
    expect(beyondSupport(of(2), feet)).toBeLessThan(0);
    expect(beyondSupport(of(25), feet)).toBeGreaterThan(0.05);
    expect(centreOfMass(of(25))[0]).toBeGreaterThan(centreOfMass(of(2))[0]);
  });
  it('tells limbs that pass through each other', () => {
    const q = postureAt({ path: [{}, {}, {}] }, 'right', 0);
    expect(overlapsOf(skeletonOf(q))).toEqual([]);
    for (const side of ['left', 'right']) q[coordinateIndex(`hip_adduction_${side}`)] = 25 * DEG;
    expect(overlapsOf(skeletonOf(q)).map((o) => o.between.join(' '))).toContain('thigh_left thigh_right');
  });
});

describe('angles for a side', () => {
  it('puts worked and other on their sides and doubles both', () => {
    expect(anglesFor({ hip_flexion_worked: 5, knee_flexion_other: 7, elbow_flexion_both: 9 }, 'left')).toEqual({
      hip_flexion_left: 5,
      knee_flexion_right: 7,
      elbow_flexion_left: 9,
      elbow_flexion_right: 9,
    });
  });
  it('mirrors the trunk for the left', () => {
    expect(anglesFor({ lumbar_bend: 10, lumbar_flexion: 4 }, 'left')).toEqual({ lumbar_bend: -10, lumbar_flexion: 4 });
    expect(anglesFor({ lumbar_bend: 10 }, 'right')).toEqual({ lumbar_bend: 10 });
  });
  it('goes through entry, middle and full', () => {
    const rung = { path: [{ lumbar_flexion: 0 }, { lumbar_flexion: 4 }, { lumbar_flexion: 20 }] } as const;
    for (const [depth, angle] of [
      [0, 0],
      [0.5, 4],
      [1, 20],
    ])
      expect(anglesAt(rung, 'right', depth).lumbar_flexion).toBeCloseTo(angle, 9);
  });
});

describe('words for props', () => {
  it.each([
    ['strap', null, 'strap'],
    ['blanket', 6, 'blanket, folded 6 cm high'],
    ['block', 11, 'block, 11 cm high'],
    ['bolster', 44, 'bolster on a chair seat or stacked, 44 cm high'],
  ] as const)('%s %s', (prop, height, words) => expect(propWords(prop, height)).toBe(words));
});
