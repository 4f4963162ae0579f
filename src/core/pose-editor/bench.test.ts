import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  add,
  COORDINATES,
  DEG,
  fleshOf,
  GROUPS,
  norm,
  SIDES,
  skeletonOf,
  sub,
  TYPICAL_BUILD,
  type Vec3,
} from '@/core/body';
import { readAt } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import { LIBRARY, postureAt, shapeById, type Rung, type Shape } from '@/core/poses';
import { BEARING_MIDDLE, BEARING_POINTS, rungSchema } from '@/core/poses/schema';
import {
  copyOf,
  evened,
  handHere,
  isHeld,
  mirroredRung,
  standingPose,
  touchingNow,
  withAngles,
  withContacts,
  withHand,
  withoutRung,
  withRung,
  withRungAfter,
} from './edit';
import { obstaclesOf, problemsAt } from './problems';
import { anchorOf, missedBy, pull, PULLED, stayingWith } from './pull';
import { meantFor, notReady } from './ready';
import { HAND_WAYS, wayOfHand, withHandAt, withHandHeight } from './hand-ways';
import { settledRung } from './settled';
import { withoutTouch, withTouch, withTouches } from './touches';

const MOMENT = '2026-11-27T10:00:00.000Z';
const standing = standingPose('own-standing', MOMENT);
const [upright] = standing.rungs;
const FEET = ['heel_left', 'ball_left', 'heel_right', 'ball_right'];
const find = (id: string): Shape => {
  const shape = shapeById(id);
  if (!shape) throw new Error(`no ${id}`);
  return shape;
};
const deg = (q: Float64Array, id: string) => q[COORDINATES.findIndex((c) => c.id === id)] / DEG;

/** Pulls in steps as a finger does, and tells how far it missed at the end. */
function drag(start: Float64Array, point: string, by: Vec3, held: readonly string[] = FEET, steps = 20) {
  const options = { held, level: held };
  const stay = stayingWith(point, held);
  const p = skeletonOf(start).points;
  const from = sub(p[point], anchorOf(p, stay));
  let q = start;
  let goal = from;
  for (let k = 1; k <= steps; k++) {
    goal = add(from, [(by[0] * k) / steps, (by[1] * k) / steps, (by[2] * k) / steps]);
    q = pull(q, point, goal, options);
  }
  return { q, missed: missedBy(q, point, goal, options), points: skeletonOf(q).points };
}

describe('pulling', () => {
  const q0 = postureAt(upright, 'right', 1);

  it('a knee goes where it is pulled, and only its own hip turns', () => {
    const { q, missed } = drag(q0, 'knee_right', [0.25, 0.09, 0], ['heel_left', 'ball_left']);
    expect(missed).toBeLessThan(0.01);
    const moved = COORDINATES.filter((_, i) => Math.abs(q[i] - q0[i]) > 1e-9).map((c) => c.id);
    expect(moved.length).toBeGreaterThan(0);
    expect(moved.every((id) => /^hip_.*_right$/.test(id))).toBe(true);
  });

  it('a foot that is lifted bends its knee forward, never backward', () => {
    const { q, missed } = drag(q0, 'ankle_right', [0.2, 0.3, 0], ['heel_left', 'ball_left']);
    expect(missed).toBeLessThan(0.005);
    expect(deg(q, 'knee_flexion_right')).toBeGreaterThan(40);
  });

  it('a pelvis that is lowered folds both legs alike and leaves the feet flat where they are', () => {
    const { q, missed, points } = drag(q0, 'pelvis', [-0.05, -0.3, 0]);
    expect(missed).toBeLessThan(0.005);
    expect(deg(q, 'knee_flexion_left')).toBeGreaterThan(80);
    expect(Math.abs(deg(q, 'knee_flexion_left') - deg(q, 'knee_flexion_right'))).toBeLessThan(2);
    const under = FEET.map((f) => points[f][1] - fleshOf(f));
    expect(Math.max(...under) - Math.min(...under)).toBeLessThan(0.002);
    const before = skeletonOf(q0).points;
    const span = (p: typeof points) => norm(sub(p.heel_left, p.ball_right));
    expect(Math.abs(span(points) - span(before))).toBeLessThan(0.004);
  });

  it('what cannot be reached is approached as far as the joints allow, and nothing breaks', () => {
    const { q, missed } = drag(q0, 'ankle_right', [0, -0.5, 0], []);
    expect(missed).toBeGreaterThan(0.3);
    for (const v of q) expect(Number.isFinite(v)).toBe(true);
  });

  it('any pull of any knob keeps joints within their limits and held feet within 4 mm of level', () => {
    const far = fc.double({ min: -0.12, max: 0.12, noNaN: true });
    fc.assert(
      fc.property(fc.constantFrom(...PULLED), far, far, far, (point, x, y, z) => {
        const { q, points } = drag(q0, point, [x, y, z], FEET, 4);
        COORDINATES.forEach((c, i) => {
          expect(q[i] / DEG).toBeGreaterThanOrEqual(c.min_deg - 1e-6);
          expect(q[i] / DEG).toBeLessThanOrEqual(c.max_deg + 1e-6);
        });
        const stay = stayingWith(point, FEET);
        const under = stay.map((f) => points[f][1] - fleshOf(f));
        expect(Math.max(...under) - Math.min(...under)).toBeLessThan(0.004);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  it('a name that is no knob is our mistake', () => {
    expect(() => pull(q0, 'nose', [0, 0, 0])).toThrow(/cannot be pulled/);
  });
});

describe('edits', () => {
  it('mirroring twice gives the same rung, and once changes the sides of what it does', () => {
    for (const id of ['pigeon', 'low-lunge', 'triangle', 'half-kneel-twist']) {
      const shape = find(id);
      expect(mirroredRung(mirroredRung(shape.rungs[0]))).toEqual(shape.rungs[0]);
      const turned: Shape = { ...shape, rungs: [mirroredRung(shape.rungs[0])] };
      const a = readAt({ shape, rung: 1, side: 'right' }, 1, { posterior: TYPICAL, build: TYPICAL_BUILD }).stretch,
        b = readAt({ shape: turned, rung: 1, side: 'right' }, 1, { posterior: TYPICAL, build: TYPICAL_BUILD }).stretch;
      for (const g of GROUPS)
        for (const side of SIDES) expect(b[side][g]).toBeCloseTo(a[side === 'left' ? 'right' : 'left'][g], 5);
    }
  });

  it('a held rung stays held until an end of its own is asked for', () => {
    const bent = withAngles(upright, 'full', { knee_flexion_worked: 40 });
    expect(isHeld(bent)).toBe(true);
    const moved = withAngles(bent, 'full', { knee_flexion_worked: 80 }, false);
    expect(isHeld(moved)).toBe(false);
    expect(moved.path.map((a) => a.knee_flexion_worked)).toEqual([40, 60, 80]);
  });

  it('both sides alike: the leading side is copied, what leans or turns aside is gone', () => {
    expect(
      evened({ hip_flexion_worked: 30, hip_flexion_other: 10, lumbar_bend: 5, pelvis_tilt: 12 }, 'worked'),
    ).toEqual({ hip_flexion_worked: 30, hip_flexion_other: 30, pelvis_tilt: 12 });
  });

  it('props follow what bears; a strap that carries nothing stays', () => {
    const rung: Rung = { ...upright, props: ['strap'] };
    const on = withContacts(rung, [...rung.contacts, { point: 'buttock_worked', on: 'block', height_cm: 12 }]);
    expect([...on.props].sort()).toEqual(['block', 'strap']);
    expect(withContacts(on, rung.contacts).props).toEqual(['strap']);
  });

  it('a hand on the floor bears there, and nowhere any more when it is set free', () => {
    const down = withHand(upright, 'worked', handHere(upright, 1, 'worked', 'shoulder_worked', { floor: 0 }));
    expect(down.contacts.some((c) => c.point === 'wrist_worked' && c.on === 'floor')).toBe(true);
    expect(withHand(down, 'worked', undefined)).toEqual({ ...upright, reach: {} });
    const chair = withHand(upright, 'other', { to: 'shoulder_other', floor: 0.44 });
    expect(chair.props).toContain('chair');
  });

  it('finds what touches the floor by itself', () => {
    const bare: Rung = { ...upright, contacts: [] };
    const names = [...BEARING_POINTS.flatMap((p) => [`${p}_worked`, `${p}_other`]), ...BEARING_MIDDLE];
    const found = touchingNow(bare, 1, names).map((c) => c.point);
    expect(found).toEqual(expect.arrayContaining(['heel_worked', 'ball_worked', 'heel_other', 'ball_other']));
    expect(found.some((n) => /knee|sacrum|head|wrist/.test(n))).toBe(false);
  });

  it('rungs are added after, changed and removed one by one', () => {
    const two = withRungAfter(standing, 0);
    expect(two.rungs).toHaveLength(2);
    const renamed = withRung(two, 1, { ...two.rungs[1], name: 'deeper' });
    expect(renamed.rungs.map((r) => r.name)).toEqual(['first rung', 'deeper']);
    expect(withoutRung(renamed, 0).rungs.map((r) => r.name)).toEqual(['deeper']);
  });

  it('every pose of the library can be taken to the bench as it is', () => {
    for (const shape of LIBRARY) {
      const copy = copyOf(shape, `own-${shape.id}`, MOMENT);
      expect(copy.rungs).toHaveLength(shape.rungs.length);
      expect(copy.inLibrary).toBe(false);
    }
  });
});

describe('touches and hands', () => {
  const both = { sided: false };
  const point = (rung: Rung, name: string) => rung.contacts.find((c) => c.point === name);

  it('a landmark is laid down, changed and lifted; its twin goes along only where both sides do the same', () => {
    const one = withTouches(standing, upright, ['knee_worked', 'heel_worked']);
    expect(one.contacts.map((c) => c.point)).toEqual([...upright.contacts.map((c) => c.point), 'knee_worked']);
    const two = withTouches(both, upright, ['knee_worked', 'sacrum']);
    expect(point(two, 'knee_other')?.on).toBe('floor');
    const raised = withTouch(both, two, 'knee_worked', { on: 'blanket' });
    expect([point(raised, 'knee_worked'), point(raised, 'knee_other')].map((c) => c?.height_cm)).toEqual([4, 4]);
    expect(raised.props).toEqual(['blanket']);
    expect(point(withTouch(both, raised, 'knee_worked', { height_cm: 9 }), 'knee_other')?.height_cm).toBe(9);
    // Another prop has its own usual height, the floor none.
    expect(point(withTouch(both, raised, 'knee_worked', { on: 'block' }), 'knee_worked')?.height_cm).toBe(12);
    expect(point(withTouch(both, raised, 'knee_worked', { on: 'floor' }), 'knee_worked')).not.toHaveProperty(
      'height_cm',
    );
    expect(withoutTouch(both, raised, 'knee_worked').contacts).toEqual(withTouches(both, upright, ['sacrum']).contacts);
    expect(withTouch(both, upright, 'elbow_worked', { on: 'floor' })).toBe(upright);
  });
  it('a limb is named on both sides, each its own', () => {
    const leant = withTouch(both, withTouches(both, upright, ['ankle_worked']), 'ankle_worked', { on: 'limb' });
    expect([point(leant, 'ankle_worked')?.limb, point(leant, 'ankle_other')?.limb]).toEqual([
      'thigh_other',
      'thigh_worked',
    ]);
  });
  it('every usual place of a hand is known again, fits the schema, and both hands follow where both sides do the same', () => {
    for (const way of HAND_WAYS) {
      const rung = withHandAt(both, upright, 1, 'worked', way.id);
      expect(wayOfHand(rung.reach.worked, 'worked')).toBe(way.id);
      expect(wayOfHand(rung.reach.other, 'other')).toBe(way.id);
      expect(rungSchema.safeParse(rung).success, way.id).toBe(true);
      expect(withHandAt(both, rung, 1, 'worked', '')).toEqual({ ...upright, reach: {} });
    }
    const low = withHandHeight(both, withHandAt(both, upright, 1, 'worked', 'block'), 'worked', 0.2);
    expect([low.reach.worked?.floor, low.reach.other?.floor]).toEqual([0.2, 0.2]);
    expect(point(low, 'wrist_other')?.height_cm).toBe(20);
  });
});

describe('what cannot be', () => {
  const with1 = (angles: Record<string, number>, more: Partial<Rung> = {}): Rung => ({
    ...upright,
    path: [angles, angles, angles],
    ...more,
  });
  const kinds = (rung: Rung) => problemsAt({ position: 'standing' }, rung, 'right', 1).map((p) => p.kind);

  it('standing is possible', () => {
    expect(notReady(standing)).toEqual([]);
  });
  it('a leg through the other', () => {
    const crossed = with1({ hip_adduction_worked: 40, hip_adduction_other: 40 });
    const [worst] = problemsAt({ position: 'standing' }, crossed, 'right', 1).filter((p) => p.kind === 'overlap');
    expect(worst.words).toMatch(/goes [\d.]+ cm into/);
  });
  it('a knee below the floor on which the feet stand', () => {
    const hanging = with1(
      { knee_flexion_other: 120 },
      {
        contacts: [
          { point: 'heel_other', on: 'floor' },
          { point: 'ball_other', on: 'floor' },
        ],
      },
    );
    expect(kinds(hanging)).toContain('floor');
  });
  it('a foot in the air that is to stand', () => {
    expect(kinds(with1({ hip_flexion_worked: 60, knee_flexion_worked: 60 }))).toContain('contact');
  });
  it('a hand that is to lie on the floor beside standing feet', () => {
    expect(kinds(withHand(upright, 'worked', { to: 'shoulder_worked', floor: 0 }))).toContain('hand');
  });
  it('a body that tips', () => {
    const leaning = { ...standing, rungs: [with1({ pelvis_tilt: 60, ankle_dorsiflexion_worked: 0 })] };
    // Turned as a whole about its feet it stands on nothing that could hold it.
    const whole = settledRung(
      { ...leaning, rungs: [{ ...leaning.rungs[0], contacts: [{ point: 'toe_worked', on: 'floor' }] }] },
      0,
    );
    expect(notReady({ ...leaning, rungs: [{ ...whole, path: leaning.rungs[0].path }] }).join(' ')).toMatch(/tipping/);
  });
  it('a joint at its end is said and does not forbid', () => {
    const bent = problemsAt({ position: 'standing' }, with1({ knee_flexion_worked: 160 }), 'right', 1);
    expect(bent.find((p) => p.kind === 'limit')?.impossible).toBe(false);
  });
  it('the library itself passes', () => {
    const bad = LIBRARY.flatMap((s) =>
      s.rungs.flatMap((r, i) => (obstaclesOf(s, r).length > 0 ? [`${s.id}/${i + 1}`] : [])),
    );
    expect(bad).toEqual([]);
  });
});

describe('settling and what it is for', () => {
  it('a foot that hangs comes down onto the floor', () => {
    const lifted = withAngles(upright, 'full', { hip_flexion_worked: 24, knee_flexion_worked: 34 });
    const shape = withRung(standing, 0, lifted);
    expect(notReady(shape)).not.toEqual([]);
    const settled = withRung(shape, 0, settledRung(shape, 0));
    expect(notReady(settled)).toEqual([]);
  });
  it('a lunge is for the front of the hip and makes thighs work', () => {
    expect(meantFor(find('low-lunge')).reaches).toContain('deep-hip-flexor');
    expect(meantFor(find('chair-pose')).works).toContain('vasti');
  });
});
