import { describe, expect, it } from 'vitest';
import { HALF, halfOf, newHalf, SIDES } from '@/core/body';
import { atlasPosture } from './use-computed';

describe('the posture of the atlas', () => {
  it('sets the same angles of the chosen side, left or right: towards it stays towards it', () => {
    const angles = { lumbar_bend: 12, thorax_rotation: -20, hip_flexion: 70, hip_adduction: -15, knee_rotation: 10 };
    const [left, right] = SIDES.map((side) =>
      Array.from(halfOf(atlasPosture({ side, angles }), side, newHalf()), (v) => v + 0),
    );
    expect(left).toEqual(right);
    expect((left[HALF.lumbarBend] * 180) / Math.PI).toBeCloseTo(12, 9);
  });
  it('leaves the other leg standing', () => {
    const other = halfOf(
      atlasPosture({ side: 'left', angles: { hip_flexion: 70, knee_flexion: 40 } }),
      'right',
      newHalf(),
    );
    expect(other[HALF.hipFlexion]).toBe(0);
    expect(other[HALF.kneeFlexion]).toBe(0);
  });
});
