import { SIDES, type Posture, type Side } from './coordinates';
import { halfOf, newHalf } from './half-body';
import { LINES } from './lines';
import { type MuscleModel } from './muscle-model';
import type { Skeleton } from './skeleton';
import { place, sub, norm, add, scale, type Vec3 } from './vec3';

/** A muscle's course in the world, for drawing: origin to insertion, metres at model size. */
export interface LinePath {
  line: string;
  structure: string;
  side: Side;
  path: Vec3[];
}

/** Where lines that cross the knee end on the shank, in its frame (right side); drawing only. */
const KNEE_ENDS: Readonly<Record<string, Vec3[]>> = {
  'rectus-femoris': [
    [0.045, 0.0, 0],
    [0.038, -0.06, 0],
  ],
  vasti: [
    [0.045, 0.0, 0.01],
    [0.038, -0.06, 0],
  ],
  semimembranosus: [[-0.015, -0.04, -0.025]],
  semitendinosus: [[0.0, -0.07, -0.025]],
  'biceps-femoris-long-head': [[-0.015, -0.03, 0.035]],
  'biceps-femoris-short-head': [[-0.015, -0.03, 0.035]],
  gracilis: [[0.0, -0.07, -0.022]],
  sartorius: [[0.005, -0.075, -0.022]],
  'tensor-fasciae-latae': [[0.012, -0.03, 0.035]],
};

/** Courses of all lines at a posture. Wrapped pieces are drawn through a point pushed out to the surface. */
export function linePaths(model: MuscleModel, q: Posture, skeleton: Skeleton): LinePath[] {
  const half = newHalf();
  const lengths = new Float64Array(model.lineCount);
  return SIDES.flatMap((side) => {
    const m = side === 'right' ? 1 : -1;
    model.lengths(halfOf(q, side, half), lengths);
    const knee = skeleton.points[`knee_${side}`];
    return LINES.map((line, i) => {
      const below = line.points[0].segment === 'shank';
      const frame = below ? skeleton.frames[`shank_${side}`].turn : skeleton.frames.pelvis.turn;
      const base: Vec3 = below ? knee : [0, 0, 0];
      const path: Vec3[] = [];
      line.points.forEach((_, k) => {
        const [x, y, z] = model.placedPoint(i, k);
        const here: Vec3 = place(frame, [x, y, z * m], base);
        const wrap = line.wraps.find((w) => w.between === k - 1);
        if (wrap && path.length > 0) {
          const centre: Vec3 = place(frame, [wrap.centre_m[0], wrap.centre_m[1], wrap.centre_m[2] * m], base);
          const out = bulge(path[path.length - 1], here, centre, wrap.radius_m);
          if (out) path.push(out);
        }
        path.push(here);
      });
      for (const [x, y, z] of KNEE_ENDS[line.line] ?? [])
        path.push(place(skeleton.frames[`shank_${side}`].turn, [x, y, z * m], knee));
      return { line: line.line, structure: line.structure, side, path };
    });
  });
}

/** Middle of a straight piece pushed out of the surface it would cut, or null where it is clear. */
function bulge(a: Vec3, b: Vec3, centre: Vec3, radius: number): Vec3 | null {
  const ab = sub(b, a);
  const t = Math.min(
    1,
    Math.max(
      0,
      ((centre[0] - a[0]) * ab[0] + (centre[1] - a[1]) * ab[1] + (centre[2] - a[2]) * ab[2]) / (norm(ab) ** 2 + 1e-9),
    ),
  );
  const nearest = add(a, scale(ab, t));
  const out = sub(nearest, centre);
  const d = norm(out);
  return d < radius && d > 1e-6 ? add(centre, scale(out, radius / d)) : null;
}
