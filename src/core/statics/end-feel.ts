import { ELEMENTS, HALF, passiveAt, shareAt, StrandModel, type Half, type Side } from '@/core/body';
import { freedom, FREEDOMS } from './degrees-of-freedom';

/**
 * Torque with which everything about a hip resists at a typical end: muscle, capsule, ligament and skin together, N·m.
 * Ours.
 */
const AT_END_NM = { hipFlexion: 40, hipAdduction: 40, hipRotation: 20 };
/** Half a degree each way for slopes, radians. */
const STEP = Math.PI / 360;
/** Joints that a limb sinks about until it is held. */
const JOINTS = ['hipFlexion', 'hipAdduction', 'hipRotation'] as const;
const NAMES = { hipFlexion: 'hip_flexion', hipAdduction: 'hip_adduction', hipRotation: 'hip_rotation' } as const;

/**
 * What holds a limb that is let go: it sinks until the tissue that is stretched carries it. For each element that is
 * stretched in a posture of one side, the torque it can give against going further, by freedom, N·m; nothing where
 * nothing is felt. Rises like passive force (`passiveAt`), to `AT_END_NM` at her end.
 *
 * @param tolerances the student's, SD by element of this side; typical people's where not told
 */
export class EndTorque {
  private readonly strands = new StrandModel();
  private readonly z = new Float64Array(ELEMENTS.length);
  private readonly above = new Float64Array(ELEMENTS.length);
  private readonly below = new Float64Array(ELEMENTS.length);

  of(half: Half, side: Side, tolerances?: ArrayLike<number>, offset = 0): Float64Array[] {
    const { strands, z, above, below } = this;
    strands.standing(half, 'pushed', z);
    const used = ELEMENTS.map((_, e) => shareAt(e, z[e] - (tolerances?.[offset + e] ?? 0)));
    if (used.every((u) => u <= 0)) return [];
    const slopes = JOINTS.map((joint) => {
      const c = HALF[joint],
        was = half[c];
      half[c] = was + STEP;
      strands.standing(half, 'pushed', above);
      half[c] = was - STEP;
      strands.standing(half, 'pushed', below);
      half[c] = was;
      return above.map((v, e) => v - below[e]);
    });
    return ELEMENTS.flatMap((_, e) => {
      const size = Math.hypot(...slopes.map((s) => s[e]));
      if (used[e] <= 0 || size < 1e-6) return [];
      const most = passiveAt(Math.min(1, used[e])) / passiveAt(1);
      const column = new Float64Array(FREEDOMS.length);
      JOINTS.forEach((joint, i) => {
        column[freedom(`${NAMES[joint]}_${side}`)] = (-AT_END_NM[joint] * most * slopes[i][e]) / size;
      });
      return [column];
    });
  }
}
