import { describe, expect, it } from 'vitest';
import {
  buildOf,
  COORDINATES,
  coordinateIndex,
  ELEMENTS,
  postureFrom,
  skeletonOf,
  segmentMasses,
  TYPICAL_BUILD,
  type Vec3,
} from '@/core/body';
import { contactsFor, LIBRARY, postureAt, reachFor, rungOf, type Contact } from '@/core/poses';
import { FREEDOMS, Freedoms, freedom, partOf } from './degrees-of-freedom';
import type { Posed } from './balance';
import type { Loads } from './loads';
import { Statics } from './statics';

const statics = new Statics(TYPICAL_BUILD);
const G = 9.81,
  MASS = TYPICAL_BUILD.mass_kg;
const posed = (id: string, n: number, depth = 1): Posed => {
  const found = rungOf(id, n);
  if (!found) throw new Error(`no ${id}`);
  const { rung } = found;
  return {
    posture: postureAt(rung, 'right', depth),
    reach: reachFor(rung, 'right'),
    contacts: contactsFor(rung, 'right'),
    rung,
  };
};
const of = (id: string, n: number, depth = 1): Loads => statics.solve(posed(id, n, depth));
const load = (l: Loads, structure: string, side: 'left' | 'right' = 'right'): number =>
  l.structures.find((s) => s.structure === structure && s.side === side)?.load ?? NaN;
const bare = (angles: Record<string, number>, points: readonly string[]): Posed => ({
  posture: postureFrom(angles),
  reach: {},
  contacts: points.map((point): Contact => ({ point, on: 'floor' })),
  rung: { props: [], kind: 'stretch' },
});

describe('degrees of freedom', () => {
  it('agree with small movements of the skeleton, joint by joint', () => {
    const q = postureFrom({
      pelvis_tilt: 20,
      lumbar_flexion: 15,
      lumbar_bend: 8,
      lumbar_rotation: 4,
      thorax_flexion: 10,
      thorax_bend: 5,
      thorax_rotation: 12,
      neck_flexion: 10,
      ...Object.fromEntries(
        ['left', 'right'].flatMap((s) => [
          [`hip_flexion_${s}`, 50],
          [`hip_adduction_${s}`, -20],
          [`hip_rotation_${s}`, 15],
          [`knee_flexion_${s}`, 60],
          [`ankle_dorsiflexion_${s}`, 10],
          [`ankle_inversion_${s}`, 6],
        ]),
      ),
    });
    const skeleton = skeletonOf(q);
    const freedoms = new Freedoms(skeleton, q);
    const force: Vec3 = [3, -7, 5];
    for (const point of ['chest', 'crown', 'waist_left', 'ankle_right', 'ball_left', 'toe_right', 'knee_left'])
      for (const { id } of COORDINATES) {
        if (!FREEDOMS.includes(id)) continue;
        const h = 1e-6;
        const moved = Float64Array.from(q);
        moved[coordinateIndex(id)] += h;
        const a = skeleton.points[point],
          b = skeletonOf(moved).points[point];
        const work = force.reduce((s, f, i) => s + (f * (b[i] - a[i])) / h, 0);
        const out = new Float64Array(FREEDOMS.length);
        freedoms.push(partOf(point), a, force, out);
        // The shin slides on the thigh bone as the knee bends: prescribed arms hold that, a hinge does not.
        expect(Math.abs(out[freedom(id)] - work), `${point} by ${id}`).toBeLessThan(
          id.startsWith('knee_flexion') ? 0.4 : 1e-3,
        );
      }
  });
});

describe('single links against closed form', () => {
  it('a leg held level when lying weighs on the hip what its parts weigh at their distances', () => {
    const angles = { pelvis_tilt: -90, hip_flexion_right: 20, ankle_dorsiflexion_right: 0 };
    const l = statics.solve(bare(angles, ['buttock_left', 'buttock_right', 'back', 'head', 'heel_left']));
    const s = skeletonOf(postureFrom(angles));
    const hip = s.points.hip_right;
    const expected = segmentMasses(s)
      .filter((x) => /^(thigh|shank|foot)-right$/.test(x.segment))
      .reduce((sum, x) => sum + x.share * MASS * G * (x.from[0] + x.at * (x.to[0] - x.from[0]) - hip[0]), 0);
    expect(l.torques_Nm.hip_flexion_right).toBeGreaterThan(20);
    expect(Math.abs(l.torques_Nm.hip_flexion_right / expected - 1)).toBeLessThan(0.01);
  });
  it('a shin held level when sitting loads the knee by its own weight', () => {
    const angles = { hip_flexion_left: 90, hip_flexion_right: 90, knee_flexion_left: 90, knee_flexion_right: 8 };
    const l = statics.solve(
      bare(angles, ['buttock_left', 'buttock_right', 'thigh_left', 'thigh_right', 'heel_left', 'ball_left']),
    );
    const s = skeletonOf(postureFrom(angles));
    const knee = s.points.shin_right;
    const expected = segmentMasses(s)
      .filter((x) => /^(shank|foot)-right$/.test(x.segment))
      .reduce((sum, x) => sum + x.share * MASS * G * (x.from[0] + x.at * (x.to[0] - x.from[0]) - knee[0]), 0);
    expect(Math.abs(-l.torques_Nm.knee_flexion_right / expected - 1)).toBeLessThan(0.02);
    expect(load(l, 'vasti') + load(l, 'rectus-femoris')).toBeGreaterThan(0.05);
  });
  it('standing quietly is nearly free and the floor bears the whole weight', () => {
    const l = statics.solve(
      bare({ ankle_dorsiflexion_left: 3, ankle_dorsiflexion_right: 3, pelvis_tilt: 3 }, [
        'heel_left',
        'heel_right',
        'ball_left',
        'ball_right',
      ]),
    );
    expect(l.contacts.reduce((s, c) => s + c.force[1], 0)).toBeCloseTo(1, 6);
    expect(Math.max(...l.structures.filter((s) => s.structure !== 'soleus').map((s) => s.load))).toBeLessThan(0.12);
  });
});

describe('shapes against statics worked by hand', () => {
  /** Upward force of a foot and where it acts, m forward, from the told contacts. */
  const foot = (l: Loads, p: Posed, side: 'left' | 'right') => {
    const { points } = skeletonOf(p.posture, p.reach);
    const own = l.contacts.filter((c) => new RegExp(`^(heel|ball|toe)_${side}`).test(c.point) && c.on === 'floor');
    const up = own.reduce((s, c) => s + c.force[1], 0) * MASS * G;
    return {
      up,
      along: own.reduce((s, c) => s + c.force[0], 0) * MASS * G,
      at: own.reduce((s, c) => s + c.force[1] * MASS * G * points[c.point][0], 0) / up,
      low: Math.min(...own.map((c) => points[c.point][1])) - 0.02,
    };
  };
  it.each([
    ['wall-sit', 2],
    ['wall-sit', 3],
  ] as const)('%s %i: the knee holds what the floor pushes beside it', (id, n) => {
    const p = posed(id, n),
      l = statics.solve(p);
    const { points } = skeletonOf(p.posture, p.reach);
    const f = foot(l, p, 'right'),
      knee = points.shin_right;
    const shank = 0.059 * MASS * G;
    const byHand = -f.up * (f.at - knee[0]) - f.along * (knee[1] - f.low) + shank * 0.03;
    expect(Math.abs(-l.torques_Nm.knee_flexion_right - byHand)).toBeLessThan(0.15 * Math.abs(byHand) + 4);
    expect(load(l, 'vasti')).toBeGreaterThan(0.25);
  });
  it('bridge on one leg: the hip holds more than on two, as the weight has moved to one foot', () => {
    const p = posed('single-leg-bridge', 2),
      l = statics.solve(p),
      both = of('bridge', 1);
    expect(foot(l, p, 'right').up / (MASS * G)).toBeGreaterThan(0.2);
    expect(load(l, 'gluteus-maximus')).toBeGreaterThan(load(both, 'gluteus-maximus'));
  });
  it('one-leg stand: the abductors of the standing hip hold the trunk and the lifted leg', () => {
    const p = posed('standing-leg-aside', 1),
      l = statics.solve(p);
    const { points } = skeletonOf(p.posture, p.reach);
    const above = segmentMasses(skeletonOf(p.posture, p.reach)).filter(
      (s) => !/^(thigh|shank|foot)-left/.test(s.segment),
    );
    const byHand = above.reduce(
      (s, x) => s + x.share * MASS * G * (x.from[2] + x.at * (x.to[2] - x.from[2]) - points.hip_left[2]),
      0,
    );
    // A hand on the wall takes a part.
    const hand = l.contacts.find((c) => c.on === 'wall');
    const taken = (hand?.force[1] ?? 0) * MASS * G * (points.wrist_right[2] - points.hip_left[2]);
    expect(Math.abs(-l.torques_Nm.hip_adduction_left / (byHand - taken) - 1)).toBeLessThan(0.15);
    expect(load(l, 'gluteus-medius', 'left')).toBeGreaterThan(2 * load(l, 'gluteus-medius', 'right') - 0.05);
  });
});

describe('every shape of the library', () => {
  const all = LIBRARY.flatMap((s) => s.rungs.map((_, i) => ({ id: s.id, n: i + 1, l: of(s.id, i + 1, 0.3) })));
  it('is solved: equilibrium to a millionth', () => {
    for (const { id, n, l } of all) {
      expect(l.converged, `${id} ${n}`).toBe(true);
      expect(l.residual, `${id} ${n}`).toBeLessThan(1e-6);
    }
  });
  it('has one answer, wherever the method starts from: also from a much heavier, stiffer body in another depth', () => {
    const heavy = new Statics(buildOf({ height_cm: 182, mass_kg: 90 }));
    const stiff = Float64Array.from({ length: 2 * ELEMENTS.length }, (_, i) => ((i * 7919) % 13) / 4 - 1.5);
    for (const { id, n } of all.filter((_, i) => i % 3 === 1)) {
      const { prices } = heavy.solve(posed(id, n, 0.7), { tolerances: stiff });
      const cold = of(id, n, 1),
        warm = statics.solve(posed(id, n, 1), { start: prices });
      expect(warm.converged, `${id} ${n}`).toBe(true);
      cold.structures.forEach((c, k) =>
        expect(Math.abs(c.load - warm.structures[k].load), `${id} ${n} ${c.structure}`).toBeLessThan(0.01),
      );
    }
  });
  it('is held by the model, apart from a few that are told', () => {
    const beyond = all.filter(({ l }) => l.beyond).map(({ id, n }) => `${id} ${n}`);
    expect(beyond.length).toBeLessThan(all.length * 0.05);
  });
  it('rests cost nothing', () => {
    for (const { id, l } of all.filter((x) => x.id === 'resting-back')) {
      expect(Math.max(...l.structures.map((s) => s.load)), id).toBeLessThan(0.08);
    }
  });
});

describe('who works where', () => {
  it.each([
    ['chair-pose', 2, 'vasti', 0.3],
    ['wall-sit', 3, 'vasti', 0.4],
    ['calf-raise', 2, 'soleus', 0.2],
    ['airplane', 3, 'gluteus-maximus', 0.2],
    ['leg-lowering', 3, 'rectus-femoris', 0.2],
    ['standing-knee-lift', 1, 'psoas', 0.3],
    ['locust', 2, 'hamstrings', 0.2],
    ['locust', 2, 'erector-spinae', 0.2],
    ['plank', 2, 'rectus-femoris', 0.1],
    ['single-leg-squat', 2, 'vasti', 0.4],
    ['warrior-two', 2, 'vasti', 0.3],
  ] as const)('%s %i loads %s', (id, n, structure, least) => {
    const l = of(id, n);
    expect(Math.max(load(l, structure, 'right'), load(l, structure, 'left'))).toBeGreaterThan(least);
  });
  it('a weaker person needs a larger share, a lighter one a smaller', () => {
    const p = posed('wall-sit', 2);
    const weak = statics.solve(p, { capacity: { vasti: { left: 0.7, right: 0.7 } } });
    const light = new Statics(buildOf({ height_cm: 175, mass_kg: 55 })).solve(p);
    expect(load(weak, 'vasti')).toBeGreaterThan(load(of('wall-sit', 2), 'vasti') * 1.15);
    expect(load(light, 'vasti')).toBeLessThan(load(of('wall-sit', 2), 'vasti'));
  });
  it('an active cue makes a passive shape work: squeezing the buttock, and what must answer it', () => {
    const p = posed('low-lunge', 1, 0.4);
    const passive = statics.solve(p);
    const active = statics.solve(p, { asked: [{ structure: { id: 'gluteus-maximus', side: 'right', least: 0.3 } }] });
    expect(load(active, 'gluteus-maximus')).toBeGreaterThanOrEqual(0.299);
    expect(load(passive, 'gluteus-maximus')).toBeLessThan(0.25);
    const flexors = (l: Loads) => load(l, 'psoas') + load(l, 'iliacus') + load(l, 'rectus-femoris');
    expect(flexors(active)).toBeGreaterThan(flexors(passive));
  });
  it('a push at the feet loads who makes it', () => {
    const p = posed('bridge', 1);
    const drawn = statics.solve(p, {
      asked: ['left', 'right'].map((s) => ({ push: { point: `heel_${s}`, force: [0.12, 0, 0] as const } })),
    });
    expect(load(drawn, 'hamstrings') + load(drawn, 'biceps-femoris-short-head')).toBeGreaterThan(
      load(of('bridge', 1), 'hamstrings') + load(of('bridge', 1), 'biceps-femoris-short-head'),
    );
  });
  it('tells a shape that nothing can hold', () => {
    const falling = statics.solve(bare({ pelvis_tilt: 60 }, ['heel_left', 'heel_right']));
    expect(falling.tips).toBe(true);
    expect(falling.beyond).toBe(true);
  });
});
