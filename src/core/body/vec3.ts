/** A point or direction, in metres unless a name says otherwise: x forward, y up, z to the right. */
export type Vec3 = readonly [number, number, number];

/** Row-major 3×3 rotation written into `out` (length 9): `Rz(a)·Rx(b)·Ry(c)`, angles in radians. */
export function rotationZXY(a: number, b: number, c: number, out: Float64Array): Float64Array {
  const ca = Math.cos(a),
    sa = Math.sin(a),
    cb = Math.cos(b),
    sb = Math.sin(b),
    cc = Math.cos(c),
    sc = Math.sin(c);
  out[0] = ca * cc - sa * sb * sc;
  out[1] = -sa * cb;
  out[2] = ca * sc + sa * sb * cc;
  out[3] = sa * cc + ca * sb * sc;
  out[4] = ca * cb;
  out[5] = sa * sc - ca * sb * cc;
  out[6] = -cb * sc;
  out[7] = sb;
  out[8] = cb * cc;
  return out;
}

/** `out = a·b` for row-major 3×3 matrices; `out` must be neither `a` nor `b`. */
export function multiply(a: Float64Array, b: Float64Array, out: Float64Array): Float64Array {
  for (let r = 0; r < 3; r++)
    for (let c = 0; c < 3; c++) out[r * 3 + c] = a[r * 3] * b[c] + a[r * 3 + 1] * b[3 + c] + a[r * 3 + 2] * b[6 + c];
  return out;
}

/** Rotated and moved point `m·v + t`. */
export function place(m: Float64Array, v: Vec3, t: Vec3): Vec3 {
  return [
    m[0] * v[0] + m[1] * v[1] + m[2] * v[2] + t[0],
    m[3] * v[0] + m[4] * v[1] + m[5] * v[2] + t[1],
    m[6] * v[0] + m[7] * v[1] + m[8] * v[2] + t[2],
  ];
}

/** A point told for the right side, on the given side. */
export const mirrored = ([x, y, z]: Vec3, side: 'left' | 'right'): Vec3 => [x, y, side === 'right' ? z : -z];
export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const sub = (a: Vec3, b: Vec3): Vec3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const scale = (a: Vec3, s: number): Vec3 => [a[0] * s, a[1] * s, a[2] * s];
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const norm = (a: Vec3): number => Math.hypot(a[0], a[1], a[2]);
export const mix = (a: Vec3, b: Vec3, t: number): Vec3 => [
  a[0] + (b[0] - a[0]) * t,
  a[1] + (b[1] - a[1]) * t,
  a[2] + (b[2] - a[2]) * t,
];
export const DEG = Math.PI / 180;
