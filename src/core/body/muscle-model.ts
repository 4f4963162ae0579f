import { cylinderLength } from './cylinder-wrap';
import { HALF, HALF_COUNT, newHalf, type Half } from './half-body';
import { KNEE_FUNCTIONS, type KneeFunction } from './knee-function';
import { LINES, type LineDefinition, type SegmentName } from './lines';
import { sphereLength } from './sphere-wrap';
import { DEG, rotationZXY, type Vec3 } from './vec3';

/** Joint centres of the right side, metres (from the same path data as the lines). */
export const JOINTS = {
  hip: [-0.0707, -0.0661, 0.0835] as Vec3,
  lumbosacral: [-0.1007, 0.0815, 0] as Vec3,
  /** Second lumbar joint above the lumbosacral one: spreads bending over the spine. */
  upperLumbar: [0, 0.09, 0] as Vec3,
  ankle: [0, -0.43, 0] as Vec3,
} as const;

/** Step of the central difference for moment arms, radians: error below 0.01 mm on these paths. */
const STEP = 1e-4;

interface Piece {
  a: number;
  b: number;
  shape: 0 | 1 | 2; // straight, cylinder, sphere
  cx: number;
  cy: number;
  cz: number;
  radius: number;
  sense: number;
}

interface CompiledLine {
  constant: number;
  pieces: Piece[];
  knee: KneeFunction | null;
}

/**
 * Lengths of all muscle lines of one leg. Frames are computed once a posture, points once a posture, nothing is
 * allocated after construction. Methods write into the caller's arrays; one instance must not be shared by
 * callers that interleave.
 */
export class MuscleModel {
  readonly lineCount = LINES.length;
  /** Length of every line in anatomical position, metres. */
  readonly anatomical: Float64Array;
  private readonly lines: CompiledLine[];
  private readonly points: { segment: SegmentName; at: Vec3 }[] = [];
  /** Points in the pelvis frame, or in the shank frame for lines below the knee. */
  private readonly placed: Float64Array;
  private readonly thigh = new Float64Array(9);
  private readonly lower = new Float64Array(9);
  private readonly upper = new Float64Array(9);
  private readonly foot = new Float64Array(9);
  private readonly probe: Half = newHalf();
  private readonly above: Float64Array;
  private readonly below: Float64Array;

  constructor(definitions: readonly LineDefinition[] = LINES) {
    this.lines = definitions.map((l) => this.compile(l));
    this.placed = new Float64Array(this.points.length * 3);
    this.above = new Float64Array(definitions.length);
    this.below = new Float64Array(definitions.length);
    this.anatomical = this.lengths(newHalf(), new Float64Array(definitions.length));
  }

  /** Length of each line in metres at the eight angles `half` (radians), written into `out` (length lineCount). */
  lengths(half: Half, out: Float64Array): Float64Array {
    this.placePoints(half);
    const p = this.placed;
    const knee = half[HALF.kneeFlexion];
    for (let i = 0; i < this.lines.length; i++) {
      const line = this.lines[i];
      let length = line.constant;
      for (let j = 0; j < line.pieces.length; j++) {
        const s = line.pieces[j];
        const a = s.a,
          b = s.b;
        const ax = p[a],
          ay = p[a + 1],
          az = p[a + 2],
          bx = p[b],
          by = p[b + 1],
          bz = p[b + 2];
        if (s.shape === 1) length += cylinderLength(ax, ay, az, bx, by, bz, s.cx, s.cy, s.radius, s.sense);
        else if (s.shape === 2) length += sphereLength(ax, ay, az, bx, by, bz, s.cx, s.cy, s.cz, s.radius);
        else length += Math.sqrt((bx - ax) ** 2 + (by - ay) ** 2 + (bz - az) ** 2);
      }
      if (line.knee) length += line.knee.lengthChange(knee);
      out[i] = length;
    }
    return out;
  }

  /** Elongation of each line in optimal fibre lengths beyond anatomical position, written into `out`. */
  elongations(half: Half, out: Float64Array): Float64Array {
    this.lengths(half, out);
    for (let i = 0; i < out.length; i++) out[i] = (out[i] - this.anatomical[i]) / LINES[i].fibreLength_m;
    return out;
  }

  /**
   * Moment arms −∂L/∂q in metres, `out[line × 8 + coordinate]`, by central differences. A positive arm moves the
   * coordinate in its positive direction when the muscle pulls.
   */
  momentArms(half: Half, out: Float64Array): Float64Array {
    for (let q = 0; q < HALF_COUNT; q++) {
      this.probe.set(half);
      this.probe[q] = half[q] + STEP;
      this.lengths(this.probe, this.above);
      this.probe[q] = half[q] - STEP;
      this.lengths(this.probe, this.below);
      for (let i = 0; i < this.lineCount; i++) out[i * HALF_COUNT + q] = (this.below[i] - this.above[i]) / (2 * STEP);
    }
    return out;
  }

  /** Points of line `index` in the frame it is computed in, for drawing; call after `lengths` of the same posture. */
  placedPoint(line: number, point: number): Vec3 {
    const at = (this.firstPoint[line] + point) * 3;
    return [this.placed[at], this.placed[at + 1], this.placed[at + 2]];
  }
  private readonly firstPoint: number[] = [];

  private compile(line: LineDefinition): CompiledLine {
    const first = this.points.length;
    this.firstPoint.push(first);
    for (const point of line.points) this.points.push({ segment: point.segment, at: point.at_m });
    const pieces: Piece[] = [];
    let constant = 0;
    for (let i = 0; i + 1 < line.points.length; i++) {
      const a = line.points[i],
        b = line.points[i + 1];
      const wrap = line.wraps.find((w) => w.between === i);
      if (a.segment === b.segment && !wrap) {
        constant += Math.hypot(b.at_m[0] - a.at_m[0], b.at_m[1] - a.at_m[1], b.at_m[2] - a.at_m[2]);
        continue;
      }
      pieces.push({
        a: (first + i) * 3,
        b: (first + i + 1) * 3,
        shape: !wrap ? 0 : wrap.shape === 'cylinder' ? 1 : 2,
        cx: wrap?.centre_m[0] ?? 0,
        cy: wrap?.centre_m[1] ?? 0,
        cz: wrap?.centre_m[2] ?? 0,
        radius: wrap?.radius_m ?? 0,
        sense: wrap?.sense ?? 0,
      });
    }
    let knee: KneeFunction | null = null;
    if (line.kneeFunction) {
      knee = KNEE_FUNCTIONS.get(line.kneeFunction) ?? null;
      if (!knee) throw new Error(`line "${line.line}" names an unknown knee function "${line.kneeFunction}"`);
    }
    return { constant, pieces, knee };
  }

  private placePoints(half: Half): void {
    rotationZXY(half[HALF.hipFlexion], half[HALF.hipAdduction], half[HALF.hipRotation], this.thigh);
    const f = half[HALF.lumbarFlexion],
      b = half[HALF.lumbarBend],
      r = half[HALF.lumbarRotation];
    rotationZXY(-f / 2, b / 2, r / 2, this.lower);
    rotationZXY(-f, b, r, this.upper);
    rotationZXY(half[HALF.ankleDorsiflexion], 0, 0, this.foot);
    const [lx, ly, lz] = JOINTS.lumbosacral;
    const [ox, oy, oz] = JOINTS.upperLumbar;
    const w = this.lower;
    const ux = lx + w[0] * ox + w[1] * oy + w[2] * oz;
    const uy = ly + w[3] * ox + w[4] * oy + w[5] * oz;
    const uz = lz + w[6] * ox + w[7] * oy + w[8] * oz;
    for (let i = 0; i < this.points.length; i++) {
      const { segment, at } = this.points[i];
      if (segment === 'pelvis' || segment === 'shank') this.put(i, at[0], at[1], at[2]);
      else if (segment === 'thigh')
        this.turn(i, this.thigh, at[0], at[1], at[2], JOINTS.hip[0], JOINTS.hip[1], JOINTS.hip[2]);
      else if (segment === 'lumbar-lower') this.turn(i, this.lower, at[0], at[1], at[2], lx, ly, lz);
      else if (segment === 'lumbar-upper') this.turn(i, this.upper, at[0] - ox, at[1] - oy, at[2] - oz, ux, uy, uz);
      else this.turn(i, this.foot, at[0], at[1], at[2], JOINTS.ankle[0], JOINTS.ankle[1], JOINTS.ankle[2]);
    }
  }

  private put(i: number, x: number, y: number, z: number): void {
    this.placed[i * 3] = x;
    this.placed[i * 3 + 1] = y;
    this.placed[i * 3 + 2] = z;
  }

  private turn(i: number, m: Float64Array, x: number, y: number, z: number, tx: number, ty: number, tz: number): void {
    this.put(
      i,
      m[0] * x + m[1] * y + m[2] * z + tx,
      m[3] * x + m[4] * y + m[5] * z + ty,
      m[6] * x + m[7] * y + m[8] * z + tz,
    );
  }
}

/** The eight angles from degrees, for tests and tables. */
export function halfFromDegrees(angles: Partial<Record<keyof typeof HALF, number>>, out: Half = newHalf()): Half {
  out.fill(0);
  for (const [name, index] of Object.entries(HALF)) out[index] = (angles[name as keyof typeof HALF] ?? 0) * DEG;
  return out;
}
