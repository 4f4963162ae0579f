import { describe, expect, it } from 'vitest';
import { postureFrom, skeletonOf } from '@/core/body';
import { PLACES } from '@/core/students/student';
import { BACK_PLACES, FRONT_PLACES, placePoint, SIDE_PLACES } from './places';

const standing = skeletonOf(postureFrom({}));

describe('places on the skin', () => {
  it('are all on one of the four views, but for nowhere', () => {
    const shown = [...FRONT_PLACES, ...BACK_PLACES, ...SIDE_PLACES];
    expect([...shown, 'nowhere'].sort()).toEqual([...PLACES].sort());
    expect(placePoint(standing, 'nowhere', 'left')).toBeNull();
  });
  it('mirror each other in a symmetrical posture', () => {
    for (const place of [...FRONT_PLACES, ...BACK_PLACES, ...SIDE_PLACES]) {
      const left = placePoint(standing, place, 'left'),
        right = placePoint(standing, place, 'right');
      if (!left || !right) throw new Error(place);
      expect(left[0]).toBeCloseTo(right[0], 9);
      expect(left[1]).toBeCloseTo(right[1], 9);
      expect(left[2]).toBeCloseTo(-right[2], 9);
      expect(right[2]).toBeGreaterThan(0);
    }
  });
  it('lie in front, behind and at the outside of the leg’s own joints', () => {
    const { points: p } = standing;
    const x = (place: (typeof PLACES)[number]) => placePoint(standing, place, 'right')?.[0] ?? Number.NaN;
    expect(x('front-thigh')).toBeGreaterThan(p.hip_right[0] + 0.05);
    expect(x('back-thigh')).toBeLessThan(p.hip_right[0] - 0.04);
    expect(x('calf-high')).toBeLessThan(p.shin_right[0]);
    expect(placePoint(standing, 'outer-hip', 'right')?.[2]).toBeGreaterThan(p.hip_right[2] + 0.05);
    expect(placePoint(standing, 'inner-thigh-high', 'right')?.[2]).toBeLessThan(p.hip_right[2]);
  });
  it('go with the leg when it moves', () => {
    const raised = skeletonOf(postureFrom({ hip_flexion_right: 90 }));
    const up = placePoint(raised, 'back-thigh', 'right');
    const down = placePoint(standing, 'back-thigh', 'right');
    expect(up?.[0]).toBeGreaterThan((down?.[0] ?? 0) + 0.15);
    expect(placePoint(raised, 'back-thigh', 'left')).toEqual(placePoint(standing, 'back-thigh', 'left'));
  });
  it('are never on top of each other: two rings can be told apart', () => {
    for (const places of [FRONT_PLACES, BACK_PLACES, SIDE_PLACES])
      for (const a of places)
        for (const b of places) {
          if (a === b) continue;
          const p = placePoint(standing, a, 'right'),
            q = placePoint(standing, b, 'right');
          if (!p || !q) throw new Error(a);
          expect(Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]), `${a} ${b}`).toBeGreaterThan(0.04);
        }
  });
});
