import { describe, expect, it } from 'vitest';
import {
  buildOf,
  centreOfMass,
  contactsOf,
  floorUnder,
  gapUnder,
  halfOf,
  HALF,
  linePaths,
  MODEL_HEIGHT,
  MuscleModel,
  newHalf,
  postureFrom,
  segmentMasses,
  skeletonOf,
  type Angles,
  type Vec3,
} from './index';
import { dot, norm, sub } from './vec3';

const at = (angles: Angles) => skeletonOf(postureFrom(angles)).points;
const distance = (a: Vec3, b: Vec3) => norm(sub(a, b));
const DEG = 180 / Math.PI;
describe('forward kinematics', () => {
  it('stands as tall as the model is', () => {
    const p = at({});
    const top = p.crown[1] + 0.08;
    expect(top - floorUnder(p, true)).toBeGreaterThan(MODEL_HEIGHT - 0.08);
    expect(top - floorUnder(p, true)).toBeLessThan(MODEL_HEIGHT + 0.08);
  });
  it('keeps the length of every bone whatever the joints do', () => {
    const still = at({});
    const bent = at({
      pelvis_tilt: 30,
      lumbar_flexion: 20,
      hip_flexion_left: 100,
      hip_adduction_left: -30,
      hip_rotation_left: -40,
      knee_flexion_left: 120,
      ankle_dorsiflexion_left: -40,
      shoulder_flexion_right: 120,
      elbow_flexion_right: 70,
    });
    for (const [a, b] of [
      ['hip_left', 'knee_left'],
      ['shin_left', 'ankle_left'],
      ['ankle_left', 'heel_left'],
      ['shoulder_right', 'elbow_right'],
      ['elbow_right', 'wrist_right'],
    ] as const)
      expect(distance(bent[a], bent[b])).toBeCloseTo(distance(still[a], still[b]), 9);
  });
  it('shows the knee angle that it is given', () => {
    for (const knee of [10, 60, 130]) {
      const { frames } = skeletonOf(postureFrom({ knee_flexion_right: knee, hip_flexion_right: 40 }));
      const along = (name: 'thigh_right' | 'shank_right'): Vec3 => {
        const t = frames[name].turn;
        return [t[1], t[4], t[7]];
      };
      expect(Math.acos(dot(along('thigh_right'), along('shank_right'))) * DEG).toBeCloseTo(knee, 6);
    }
  });
  it('flexes the thigh forward, spreads it outwards, on both sides', () => {
    for (const side of ['left', 'right'] as const) {
      const out = side === 'right' ? 1 : -1;
      const flexed = at({ [`hip_flexion_${side}`]: 90 });
      expect(flexed[`knee_${side}`][0]).toBeGreaterThan(flexed[`hip_${side}`][0] + 0.35);
      const wide = at({ [`hip_adduction_${side}`]: -40 });
      expect(out * (wide[`knee_${side}`][2] - wide[`hip_${side}`][2])).toBeGreaterThan(0.2);
    }
  });
  it('turning a bent thigh in sends the foot outwards', () => {
    for (const side of ['left', 'right'] as const) {
      const out = side === 'right' ? 1 : -1;
      const p = at({ [`hip_rotation_${side}`]: 35, [`knee_flexion_${side}`]: 90 });
      expect(out * (p[`ankle_${side}`][2] - p[`knee_${side}`][2])).toBeGreaterThan(0.2);
    }
  });
  it('is a mirror image for mirrored angles', () => {
    const left = at({ hip_flexion_left: 70, hip_adduction_left: 12, hip_rotation_left: -25, knee_flexion_left: 40 });
    const right = at({
      hip_flexion_right: 70,
      hip_adduction_right: 12,
      hip_rotation_right: -25,
      knee_flexion_right: 40,
    });
    for (const name of ['knee', 'ankle', 'toe']) {
      const [x, y, z] = left[`${name}_left`];
      const [a, b, c] = right[`${name}_right`];
      expect([x, y, -z].map((v) => v.toFixed(9))).toEqual([a, b, c].map((v) => v.toFixed(9)));
    }
  });
  it('lies with the legs in line when the pelvis is turned on its back', () => {
    const p = at({ pelvis_tilt: -90 });
    expect(p.ankle_left[0]).toBeGreaterThan(0.7);
    expect(p.head[0]).toBeLessThan(-0.4);
  });
  it('reaches for a point as far as the arm is long', () => {
    const near = skeletonOf(postureFrom({}), { right: { to: 'hip_right', offset: [0.2, 0.1, 0.1] } }).points;
    expect(
      distance(near.wrist_right, [near.hip_right[0] + 0.2, near.hip_right[1] + 0.1, near.hip_right[2] + 0.1]),
    ).toBeLessThan(1e-6);
    const far = skeletonOf(postureFrom({}), { right: { to: 'toe_right', offset: [1, -1, 0] } }).points;
    expect(distance(far.shoulder_right, far.wrist_right)).toBeLessThan(0.561);
    expect(distance(far.shoulder_right, far.elbow_right)).toBeCloseTo(0.3, 6);
  });
});

describe('what one leg sees', () => {
  it('mirrors bending and turning of the back for the left leg', () => {
    const q = postureFrom({ lumbar_bend: 10, lumbar_rotation: 5, lumbar_flexion: 20, hip_flexion_left: 30 });
    const left = halfOf(q, 'left', newHalf()),
      right = halfOf(q, 'right', newHalf());
    expect(left[HALF.lumbarBend]).toBeCloseTo(-right[HALF.lumbarBend], 12);
    expect(left[HALF.lumbarRotation]).toBeCloseTo(-right[HALF.lumbarRotation], 12);
    expect(left[HALF.lumbarFlexion]).toBe(right[HALF.lumbarFlexion]);
    expect(left[HALF.hipFlexion] * DEG).toBeCloseTo(30, 9);
    expect(right[HALF.hipFlexion]).toBe(0);
  });
});

describe('courses of the muscles, for drawing', () => {
  const model = new MuscleModel();
  it('gives every line on both sides, mirrored in standing', () => {
    const q = postureFrom({});
    const paths = linePaths(model, q, skeletonOf(q));
    expect(paths).toHaveLength(2 * model.lineCount);
    for (const left of paths.filter((l) => l.side === 'left')) {
      const right = paths.find((r) => r.side === 'right' && r.line === left.line);
      expect(right?.path.map(([x, y, z]) => [x, y, -z].map((v) => v.toFixed(6)))).toEqual(
        left.path.map((p) => p.map((v) => v.toFixed(6))),
      );
    }
  });
  it('keeps the hamstrings behind the thigh in a straight leg', () => {
    const q = postureFrom({});
    const s = skeletonOf(q);
    const path = linePaths(model, q, s).find((l) => l.line === 'semitendinosus' && l.side === 'right');
    expect(path && path.path[0][0]).toBeLessThan(s.points.hip_right[0]);
  });
});

describe('mass and floor', () => {
  const standing = skeletonOf(postureFrom({}));
  const floor = floorUnder(standing.points, true);
  it('is shared out whole', () =>
    expect(segmentMasses(standing).reduce((sum, m) => sum + m.share, 0)).toBeCloseTo(1, 3));
  it('centres a little above half the height, over the feet, between the sides', () => {
    const [x, y, z] = centreOfMass(standing);
    const share = (y - floor) / MODEL_HEIGHT;
    expect(share).toBeGreaterThan(0.53);
    expect(share).toBeLessThan(0.59);
    expect(z).toBeCloseTo(0, 9);
    expect(x).toBeGreaterThan(standing.points.heel_left[0]);
    expect(x).toBeLessThan(standing.points.ball_left[0]);
  });
  it('rises with the arms and follows a lifted leg', () => {
    const up = centreOfMass(skeletonOf(postureFrom({ shoulder_flexion_left: 170, shoulder_flexion_right: 170 })));
    expect(up[1]).toBeGreaterThan(centreOfMass(standing)[1] + 0.03);
    const leg = centreOfMass(skeletonOf(postureFrom({ hip_flexion_right: 90 })));
    expect(leg[0]).toBeGreaterThan(centreOfMass(standing)[0] + 0.02);
    expect(leg[2]).toBeCloseTo(0, 2);
  });
  it('rests on the feet in standing and on nothing that hangs above', () => {
    const touching = contactsOf(standing.points, floor);
    for (const name of ['heel_left', 'heel_right', 'ball_left', 'ball_right']) expect(touching).toContain(name);
    expect(touching).not.toContain('knee_left');
    expect(gapUnder(standing.points, 'knee_left', floor)).toBeGreaterThan(0.35);
  });
  it('stands as tall as the student is', () => {
    for (const height_cm of [150, 190]) {
      const { points } = skeletonOf(postureFrom({}), {}, buildOf({ height_cm, mass_kg: 65 }));
      expect((points.crown[1] + 0.08 - floorUnder(points, true)) * 100).toBeGreaterThan(height_cm - 9);
      expect((points.crown[1] + 0.08 - floorUnder(points, true)) * 100).toBeLessThan(height_cm + 9);
    }
  });
  it('a wide pelvis sets the hips apart, a long shin lowers the foot', () => {
    const wide = skeletonOf(postureFrom({}), {}, buildOf({ height_cm: 175, mass_kg: 70, pelvisWidth_cm: 29 })).points;
    expect(distance(wide.hip_left, wide.hip_right)).toBeGreaterThan(
      1.1 * distance(standing.points.hip_left, standing.points.hip_right),
    );
    const long = skeletonOf(postureFrom({}), {}, buildOf({ height_cm: 175, mass_kg: 70, shank_cm: 47 })).points;
    expect(distance(long.shin_left, long.ankle_left) / 0.43).toBeCloseTo(47 / 43.05, 6);
  });
});

describe('the knee', () => {
  it('slides back and down the thigh bone as it bends, smoothly', () => {
    const place = (knee: number) => at({ knee_flexion_left: knee }).shin_left;
    const still = place(0);
    expect(distance(still, at({}).knee_left)).toBeCloseTo(0, 9);
    expect(place(120)[1]).toBeLessThan(still[1] - 0.02);
    let before = still;
    for (let knee = 2; knee <= 160; knee += 2) {
      const here = place(knee);
      expect(distance(here, before)).toBeLessThan(0.0016);
      before = here;
    }
  });
  it('turns the foot with the shin', () => {
    const toe = (rotation: number) => at({ knee_flexion_right: 90, knee_rotation_right: rotation }).toe_right;
    expect(toe(20)[2]).toBeLessThan(toe(0)[2] - 0.03);
  });
});

describe('the foot', () => {
  it('bends at the instep and at the toes', () => {
    const p = at({ instep_dorsiflexion_left: -20 }),
      flat = at({});
    expect(p.ball_left[1]).toBeLessThan(flat.ball_left[1] - 0.02);
    expect(p.heel_left).toEqual(flat.heel_left);
    expect(at({ toe_extension_left: 60 }).toe_left[1]).toBeGreaterThan(flat.toe_left[1] + 0.03);
  });
});
