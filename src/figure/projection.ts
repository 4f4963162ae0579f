import type { Vec3 } from '@/core/body';

/** Where the viewer stands: degrees about the vertical (0 = from the student's right side) and above the floor. */
export interface View {
  yaw: number;
  pitch: number;
}

/** A point on paper, metres: x to the right, y down, depth away from the viewer. */
export interface Flat {
  x: number;
  y: number;
  depth: number;
}

/** Orthographic projection. From the right side the student's front looks to the right. */
export function projector({ yaw, pitch }: View): (p: Vec3) => Flat {
  const a = (yaw * Math.PI) / 180,
    b = (pitch * Math.PI) / 180;
  const ca = Math.cos(a),
    sa = Math.sin(a),
    cb = Math.cos(b),
    sb = Math.sin(b);
  return ([x, y, z]) => {
    const u = x * ca + z * sa;
    const w = -x * sa + z * ca; // towards the viewer
    return { x: u, y: -(y * cb - w * sb), depth: -(y * sb + w * cb) };
  };
}

/** The way in the world of a way on paper, across the line of sight; metres, paper's y down. */
export function alongPaper({ yaw, pitch }: View, x: number, y: number): Vec3 {
  const a = (yaw * Math.PI) / 180,
    b = (pitch * Math.PI) / 180;
  return [
    x * Math.cos(a) - y * Math.sin(a) * Math.sin(b),
    -y * Math.cos(b),
    x * Math.sin(a) + y * Math.cos(a) * Math.sin(b),
  ];
}

/** Paths are told in whole tenths of a millimetre: short to write and quick to read, sixty times a second. */
export const UNIT = 1e-4;
export const n = (v: number): number => Math.round(v * 1e4);

/** The same projection as nine numbers, row by row: paper's x, paper's y, depth. */
export type Lens = Float64Array;
export const lensOf = ({ yaw, pitch }: View): Lens => {
  const a = (yaw * Math.PI) / 180,
    b = (pitch * Math.PI) / 180;
  const ca = Math.cos(a),
    sa = Math.sin(a),
    cb = Math.cos(b),
    sb = Math.sin(b);
  return Float64Array.of(ca, 0, sa, -sb * sa, -cb, sb * ca, sa * cb, -sb, -ca * cb);
};
/** A point on paper with its depth. */
export type P3 = readonly [number, number, number];
export const seen = (m: Lens, p: Vec3): P3 => [
  m[0] * p[0] + m[1] * p[1] + m[2] * p[2],
  m[3] * p[0] + m[4] * p[1] + m[5] * p[2],
  m[6] * p[0] + m[7] * p[1] + m[8] * p[2],
];
/** The point in the world of a place on paper at a depth. */
export const unseen = (m: Lens, x: number, y: number, z: number): Vec3 => [
  m[0] * x + m[3] * y + m[6] * z,
  m[1] * x + m[4] * y + m[7] * z,
  m[2] * x + m[5] * y + m[8] * z,
];
