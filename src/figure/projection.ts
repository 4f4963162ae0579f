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

/** Outline of two circles and their common tangents as an SVG path, metres. */
export function conePath(a: Flat, ra: number, b: Flat, rb: number): string {
  const dx = b.x - a.x,
    dy = b.y - a.y;
  const d = Math.hypot(dx, dy);
  if (d <= Math.abs(ra - rb) + 1e-6) {
    const [c, r] = ra > rb ? [a, ra] : [b, rb];
    return `M${n(c.x - r)} ${n(c.y)}A${n(r)} ${n(r)} 0 1 1 ${n(c.x + r)} ${n(c.y)}A${n(r)} ${n(r)} 0 1 1 ${n(c.x - r)} ${n(c.y)}Z`;
  }
  const base = Math.atan2(dy, dx),
    off = Math.acos((ra - rb) / d);
  const at = (c: Flat, r: number, angle: number) => `${n(c.x + r * Math.cos(angle))} ${n(c.y + r * Math.sin(angle))}`;
  const up = base + off,
    down = base - off;
  return (
    `M${at(a, ra, up)}A${n(ra)} ${n(ra)} 0 ${off < Math.PI / 2 ? 1 : 0} 1 ${at(a, ra, down)}` +
    `L${at(b, rb, down)}A${n(rb)} ${n(rb)} 0 ${off < Math.PI / 2 ? 0 : 1} 1 ${at(b, rb, up)}Z`
  );
}

/** Closed polygon as an SVG path. */
export const polygonPath = (points: readonly Flat[]): string =>
  `M${points.map((p) => `${n(p.x)} ${n(p.y)}`).join('L')}Z`;

/** A ribbon that tapers to both ends, `width` metres thick in its middle, as an SVG path of so many pieces. */
export function ribbonPath(points: readonly Flat[], width: number, pieces = 12): string {
  const smooth = resample(points, pieces);
  const left: string[] = [],
    right: string[] = [];
  smooth.forEach((p, i) => {
    const a = smooth[Math.max(0, i - 1)],
      b = smooth[Math.min(smooth.length - 1, i + 1)];
    const d = Math.hypot(b.x - a.x, b.y - a.y) || 1;
    const t = i / (smooth.length - 1);
    const h = (width / 2) * (0.18 + 0.82 * Math.sin(Math.PI * t));
    const nx = (-(b.y - a.y) / d) * h,
      ny = ((b.x - a.x) / d) * h;
    left.push(`${n(p.x + nx)} ${n(p.y + ny)}`);
    right.unshift(`${n(p.x - nx)} ${n(p.y - ny)}`);
  });
  return `M${[...left, ...right].join('L')}Z`;
}

/** Evenly spaced points along a polyline, corners rounded by averaging with neighbours. */
function resample(points: readonly Flat[], count: number): Flat[] {
  const lengths = points.map((p, i) => (i === 0 ? 0 : Math.hypot(p.x - points[i - 1].x, p.y - points[i - 1].y)));
  const total = lengths.reduce((s, v) => s + v, 0);
  const even: Flat[] = [];
  for (let k = 0; k <= count; k++) {
    let left = (k / count) * total,
      i = 1;
    while (i < points.length - 1 && left > lengths[i]) left -= lengths[i++];
    const t = lengths[i] > 0 ? Math.min(1, left / lengths[i]) : 0;
    const a = points[i - 1],
      b = points[i];
    even.push({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t, depth: a.depth + (b.depth - a.depth) * t });
  }
  return even.map((p, i) =>
    i === 0 || i === count
      ? p
      : {
          x: (even[i - 1].x + 2 * p.x + even[i + 1].x) / 4,
          y: (even[i - 1].y + 2 * p.y + even[i + 1].y) / 4,
          depth: p.depth,
        },
  );
}
