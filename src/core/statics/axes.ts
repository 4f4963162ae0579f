import { coordinateIndex, type Posture, type Vec3 } from '@/core/body';

/** A coordinate's value, radians. */
export const at = (q: Posture, id: string): number => q[coordinateIndex(id)];

/**
 * World axes of the turns Rz(a)·Rx(b)·Ry(c) of a child in its parent: first z, then x turned by a, then y turned by
 * both.
 */
export function rotationAxes(parent: Float64Array, a: number, b: number): readonly [Vec3, Vec3, Vec3] {
  const ca = Math.cos(a),
    sa = Math.sin(a),
    cb = Math.cos(b),
    sb = Math.sin(b);
  const turn = (x: number, y: number, z: number): Vec3 => [
    parent[0] * x + parent[1] * y + parent[2] * z,
    parent[3] * x + parent[4] * y + parent[5] * z,
    parent[6] * x + parent[7] * y + parent[8] * z,
  ];
  return [turn(0, 0, 1), turn(ca, sa, 0), turn(-sa * cb, ca * cb, sb)];
}
