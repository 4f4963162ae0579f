import { sized, type Build } from './build';
import { HALF, type Half } from './half-body';
import { JOINTS } from './joints';
import type { SegmentName } from './lines';
import { multiply, rotationZXY, type Vec3 } from './vec3';

/** Places of the segments in the typed arrays of a half body. */
export const SEGMENT: Readonly<Record<SegmentName, number>> = {
  pelvis: 0,
  shank: 1,
  'lumbar-lower': 2,
  'lumbar-upper': 3,
  thorax: 4,
  thigh: 5,
  foot: 6,
  midfoot: 7,
  toes: 8,
};

/**
 * Frames of one side's segments: those above the knee in the pelvis, those below it in the shin. Lines that cross the
 * knee end at the thigh and get the rest from a knee function, so nothing needs both. `update` allocates nothing.
 */
export class HalfFrames {
  /** Rotation of each segment, row-major. */
  readonly turn: Float64Array[] = Array.from({ length: 9 }, () => Float64Array.of(1, 0, 0, 0, 1, 0, 0, 0, 1));
  /** Joint centre of each segment, metres: where its points turn about. */
  readonly at: Float64Array[] = Array.from({ length: 9 }, () => new Float64Array(3));
  private readonly waist: Vec3;
  private readonly chest: Vec3;
  private readonly instep: Vec3;
  private readonly toes: Vec3;
  private readonly own = new Float64Array(9);

  constructor(build: Build) {
    this.at[SEGMENT['lumbar-lower']].set(sized(JOINTS.lumbosacral, build.pelvis));
    this.at[SEGMENT.thigh].set(sized(JOINTS.hip, build.pelvis));
    this.at[SEGMENT.foot].set(sized(JOINTS.ankle, build.shank));
    this.waist = sized(JOINTS.upperLumbar, build.spine);
    this.chest = sized(JOINTS.thorax, build.spine);
    this.instep = sized(JOINTS.instep, build.foot);
    const { instep, toes } = JOINTS;
    this.toes = sized([toes[0] - instep[0], toes[1] - instep[1], toes[2] - instep[2]], build.foot);
  }

  /** Sets all frames to the angles of one side. */
  update(half: Half): void {
    const { turn } = this;
    rotationZXY(half[HALF.hipFlexion], half[HALF.hipAdduction], half[HALF.hipRotation], turn[SEGMENT.thigh]);
    const f = half[HALF.lumbarFlexion],
      b = half[HALF.lumbarBend],
      r = half[HALF.lumbarRotation];
    const lower = SEGMENT['lumbar-lower'],
      upper = SEGMENT['lumbar-upper'];
    rotationZXY(-f / 2, b / 2, r / 2, turn[lower]);
    rotationZXY(-f, b, r, turn[upper]);
    this.hang(upper, lower, this.waist);
    rotationZXY(-half[HALF.thoraxFlexion], half[HALF.thoraxBend], half[HALF.thoraxRotation], this.own);
    multiply(turn[upper], this.own, turn[SEGMENT.thorax]);
    this.hang(SEGMENT.thorax, upper, this.chest);
    rotationZXY(half[HALF.ankleDorsiflexion], half[HALF.ankleInversion], 0, turn[SEGMENT.foot]);
    rotationZXY(half[HALF.instepDorsiflexion], 0, 0, this.own);
    multiply(turn[SEGMENT.foot], this.own, turn[SEGMENT.midfoot]);
    this.hang(SEGMENT.midfoot, SEGMENT.foot, this.instep);
    rotationZXY(half[HALF.toeExtension], 0, 0, this.own);
    multiply(turn[SEGMENT.midfoot], this.own, turn[SEGMENT.toes]);
    this.hang(SEGMENT.toes, SEGMENT.midfoot, this.toes);
  }

  /** Puts a segment's joint where its parent carries it. */
  private hang(segment: number, parent: number, by: Vec3): void {
    const m = this.turn[parent],
      from = this.at[parent],
      out = this.at[segment];
    out[0] = from[0] + m[0] * by[0] + m[1] * by[1] + m[2] * by[2];
    out[1] = from[1] + m[3] * by[0] + m[4] * by[1] + m[5] * by[2];
    out[2] = from[2] + m[6] * by[0] + m[7] * by[1] + m[8] * by[2];
  }
}

/** Joint centre of a segment as the path data tell its points: from the lumbosacral joint, or from the ankle. */
export function dataJoint(segment: SegmentName): Vec3 {
  const { upperLumbar, thorax, instep, toes } = JOINTS;
  if (segment === 'lumbar-upper') return upperLumbar;
  if (segment === 'thorax') return [upperLumbar[0] + thorax[0], upperLumbar[1] + thorax[1], upperLumbar[2] + thorax[2]];
  if (segment === 'midfoot') return instep;
  if (segment === 'toes') return toes;
  return [0, 0, 0];
}

/** Size of a segment by direction. */
export function sizeOf(segment: SegmentName, build: Build): Vec3 {
  if (segment === 'pelvis') return build.pelvis;
  if (segment === 'thigh') return build.thigh;
  if (segment === 'shank') return build.shank;
  if (segment === 'foot' || segment === 'midfoot' || segment === 'toes') return build.foot;
  return build.spine;
}
