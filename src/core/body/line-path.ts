import { sized } from './build';
import { SIDES, type Posture, type Side } from './coordinates';
import { halfOf, newHalf } from './half-body';
import { LINES } from './lines';
import { type MuscleModel } from './muscle-model';
import type { Skeleton } from './skeleton';
import { place, type Vec3 } from './vec3';

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

/** Courses of all lines at a posture; bent pieces follow their surface. The model must have the skeleton's build. */
export function linePaths(model: MuscleModel, q: Posture, skeleton: Skeleton): LinePath[] {
  const half = newHalf();
  const lengths = new Float64Array(model.lineCount);
  return SIDES.flatMap((side) => {
    const m = side === 'right' ? 1 : -1;
    model.lengths(halfOf(q, side, half, skeleton.build.version[side]), lengths);
    const shank = skeleton.frames[`shank_${side}`];
    return LINES.map((line, i) => {
      const { turn, at } = line.points[0].segment === 'shank' ? shank : skeleton.frames.pelvis;
      const path = model.course(i).map(([x, y, z]): Vec3 => place(turn, [x, y, z * m], at));
      for (const [x, y, z] of KNEE_ENDS[line.line] ?? [])
        path.push(place(shank.turn, sized([x, y, z * m], skeleton.build.shank), shank.at));
      return { line: line.line, structure: line.structure, side, path };
    });
  });
}
