import { sized, TYPICAL_BUILD, type Build } from './build';
import type { CompiledLine, Piece } from './compiled-line';
import { cylinderCourse, cylinderGradient, cylinderLength, straightGradient } from './cylinder-wrap';
import { HALF, newHalf, type Half } from './half-body';
import { dataJoint, HalfFrames, SEGMENT, sizeOf } from './half-frames';
import { KNEE_FUNCTIONS, type KneeFunction } from './knee-function';
import { LINES, type LineDefinition, type WrapDefinition } from './lines';
import { MomentArms } from './moment-arms';
import { sphereCourse, sphereGradient, sphereLength } from './sphere-wrap';
import { add, DEG, sub, type Vec3 } from './vec3';

/**
 * Share of the thigh's adduction by which the cylinders about the hip tilt (ours). Lying still across the pelvis they
 * would meet a widely spread thigh end on: lines would jump from one side of the axis to the other beyond 70°.
 */
const TILT = 0.5;
/**
 * No path is shorter than its contracted fibres: 0.4 of their optimal length, the end of the rising limb of the
 * force–length curve (Gordon et al. 1966, rounded). A smooth maximum (p = 14) holds it there; above three times that
 * length it changes nothing and is left out.
 */
const CONTRACTED = 0.4;
const FLOOR_POWER = 14;
const CLEAR = 3;
/** Ends of the fading of femoral version along the thigh bone, metres below the hip at model size (ours). */
const TWIST_FROM = -0.1;
const TWIST_TO = -0.36;

/**
 * Lengths of all muscle lines of one side. Frames are computed once a posture, points once a posture, nothing is
 * allocated after construction. Methods write into the caller's arrays; one instance must not be shared by
 * callers that interleave.
 *
 * A build scales every point with its segment, wrapping surfaces with the pelvis, and fibres in proportion to their
 * line's length, so that a person of other size and same shape has the same elongations.
 */
export class MuscleModel {
  readonly lineCount: number;
  /** Length of every line in anatomical position, metres. */
  readonly anatomical: Float64Array;
  private readonly lines: CompiledLine[];
  private readonly segments: number[] = [];
  private readonly firstPoint: number[] = [];
  /** Points in their segment from its joint, metres, and how much of the femoral twist each takes. */
  private readonly local: number[] = [];
  private readonly twist: number[] = [];
  /** Points in the pelvis frame, or in the shank frame for lines below the knee. */
  private readonly placed: Float64Array;
  private readonly frames: HalfFrames;
  private readonly arms: MomentArms;
  private readonly gradient = new Float64Array(6);
  /** Tilt of the cylinders' axes against the pelvis at this posture. */
  private tiltCos = 1;
  private tiltSin = 0;

  constructor(
    readonly build: Build = TYPICAL_BUILD,
    private readonly definitions: readonly LineDefinition[] = LINES,
  ) {
    this.lineCount = definitions.length;
    this.frames = new HalfFrames(build);
    this.arms = new MomentArms(this.frames);
    this.lines = definitions.map((l) => this.compile(l));
    this.placed = new Float64Array(this.local.length);
    this.anatomical = this.lengths(newHalf(), new Float64Array(this.lineCount));
    const typical = build === TYPICAL_BUILD ? null : new MuscleModel(TYPICAL_BUILD, definitions).anatomical;
    definitions.forEach((l, i) => {
      const line = this.lines[i];
      line.fibre = l.fibreLength_m * (typical ? this.anatomical[i] / typical[i] : 1);
      line.shortest = CONTRACTED * line.fibre;
    });
  }

  /** Length of each line in metres at the angles `half` (radians), written into `out` (length lineCount). */
  lengths(half: Half, out: Float64Array): Float64Array {
    this.placePoints(half);
    const p = this.placed;
    const knee = half[HALF.kneeFlexion],
      sine = Math.sin(knee),
      turned = sine * sine * half[HALF.kneeRotation];
    const c = this.tiltCos,
      n = this.tiltSin;
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
        if (s.shape === 1) {
          const uy = ay - s.cy,
            uz = az - s.cz,
            vy = by - s.cy,
            vz = bz - s.cz;
          length += cylinderLength(
            ax - s.cx,
            c * uy + n * uz,
            c * uz - n * uy,
            bx - s.cx,
            c * vy + n * vz,
            c * vz - n * vy,
            s.radius,
            s.sense,
          );
        } else if (s.shape === 2) length += sphereLength(ax, ay, az, bx, by, bz, s.cx, s.cy, s.cz, s.radius);
        else length += Math.sqrt((bx - ax) * (bx - ax) + (by - ay) * (by - ay) + (bz - az) * (bz - az));
      }
      if (line.knee) length += line.kneeSize * line.knee.lengthChange(knee) + line.kneeRotation * turned;
      out[i] = length > CLEAR * line.shortest ? length : length * shortening(line.shortest / length, 1 / FLOOR_POWER);
    }
    return out;
  }

  /** Elongation of each line in optimal fibre lengths beyond anatomical position, written into `out`. */
  elongations(half: Half, out: Float64Array): Float64Array {
    this.lengths(half, out);
    for (let i = 0; i < this.lineCount; i++) out[i] = (out[i] - this.anatomical[i]) / this.lines[i].fibre;
    return out;
  }

  /** Optimal fibre length of a line at this build, metres. */
  fibreLength(line: number): number {
    return this.lines[line].fibre;
  }

  /** Greatest force of a line at this build, newtons. */
  maximumForce(line: number): number {
    return this.definitions[line].maximumForce_N * this.build.strength;
  }

  /**
   * Moment arms −∂L/∂q in metres, `out[line × HALF_COUNT + coordinate]`, by derivatives of the path (no differences).
   * A positive arm moves the coordinate in its positive direction when the muscle pulls. Coordinates that a line does
   * not cross get 0.
   */
  momentArms(half: Half, out: Float64Array): Float64Array {
    this.placePoints(half);
    this.arms.begin(half);
    const p = this.placed,
      g = this.gradient;
    const knee = half[HALF.kneeFlexion],
      sine = Math.sin(knee),
      turned = sine * sine * half[HALF.kneeRotation];
    for (let i = 0; i < this.lines.length; i++) {
      const line = this.lines[i];
      this.arms.clear();
      let length = line.constant;
      for (let j = 0; j < line.pieces.length; j++) {
        const s = line.pieces[j];
        const a = s.a,
          b = s.b;
        if (s.shape === 1) length += this.cylinderPull(s);
        else if (s.shape === 2)
          length += sphereGradient(p[a], p[a + 1], p[a + 2], p[b], p[b + 1], p[b + 2], s.cx, s.cy, s.cz, s.radius, g);
        else length += straightGradient(p[a], p[a + 1], p[a + 2], p[b], p[b + 1], p[b + 2], g);
        this.arms.pull(s.segmentA, p[a], p[a + 1], p[a + 2], g[0], g[1], g[2]);
        this.arms.pull(s.segmentB, p[b], p[b + 1], p[b + 2], g[3], g[4], g[5]);
      }
      if (line.knee) length += line.kneeSize * line.knee.lengthChange(knee) + line.kneeRotation * turned;
      const give = length > CLEAR * line.shortest ? 1 : shortening(line.shortest / length, 1 / FLOOR_POWER - 1);
      this.arms.write(line, half, i, give, out);
    }
    return out;
  }

  /**
   * The course of line `index` as corners in the frame it is computed in (pelvis, or shank below the knee), with the
   * index of the segment that carries each end of a piece; for drawing and checking. Call after `lengths`.
   */
  course(index: number): Vec3[] {
    const line = this.definitions[index];
    const first = this.firstPoint[index];
    const at = (k: number): Vec3 => {
      const i = (first + k) * 3;
      return [this.placed[i], this.placed[i + 1], this.placed[i + 2]];
    };
    const out: Vec3[] = [at(0)];
    for (let k = 0; k + 1 < line.points.length; k++) {
      const wrap = line.wraps.find((w) => w.between === k);
      const piece = wrap ? this.lines[index].pieces.find((s) => s.a === (first + k) * 3) : undefined;
      const a = at(k),
        b = at(k + 1);
      if (piece?.shape === 1) {
        // A cylinder's course is found in the cylinder's own frame, then turned back.
        const centre: Vec3 = [piece.cx, piece.cy, piece.cz];
        const inside = (v: Vec3) => tipped(sub(v, centre), this.tiltCos, this.tiltSin);
        const course = cylinderCourse(inside(a), inside(b), piece.radius, piece.sense);
        out.push(...course.slice(1).map((v) => add(tipped(v, this.tiltCos, -this.tiltSin), centre)));
      } else if (piece?.shape === 2)
        out.push(...sphereCourse(a, b, [piece.cx, piece.cy, piece.cz], piece.radius).slice(1));
      else out.push(b);
    }
    return out;
  }

  /** Length and derivatives round a cylinder, and what its turning with the thigh adds to the arm of adduction. */
  private cylinderPull(s: Piece): number {
    const p = this.placed,
      g = this.gradient,
      c = this.tiltCos,
      n = this.tiltSin;
    const uy = p[s.a + 1] - s.cy,
      uz = p[s.a + 2] - s.cz,
      vy = p[s.b + 1] - s.cy,
      vz = p[s.b + 2] - s.cz;
    const length = cylinderGradient(
      p[s.a] - s.cx,
      c * uy + n * uz,
      c * uz - n * uy,
      p[s.b] - s.cx,
      c * vy + n * vz,
      c * vz - n * vy,
      s.radius,
      s.sense,
      g,
    );
    for (let k = 1; k < 6; k += 3) {
      const y = g[k],
        z = g[k + 1];
      g[k] = c * y - n * z;
      g[k + 1] = n * y + c * z;
    }
    this.arms.tilt(TILT * (uy * g[2] - uz * g[1] + vy * g[5] - vz * g[4]));
    return length;
  }

  private compile(line: LineDefinition): CompiledLine {
    const first = this.segments.length;
    this.firstPoint.push(first);
    const points = line.points.map(({ segment, at_m }) => {
      const joint = dataJoint(segment);
      const at = sized([at_m[0] - joint[0], at_m[1] - joint[1], at_m[2] - joint[2]], sizeOf(segment, this.build));
      this.segments.push(SEGMENT[segment]);
      this.local.push(...at);
      this.twist.push(segment === 'thigh' ? smoothStep((at_m[1] - TWIST_TO) / (TWIST_FROM - TWIST_TO)) : 0);
      return { segment, at };
    });
    const pieces: Piece[] = [];
    let constant = 0;
    for (let i = 0; i + 1 < points.length; i++) {
      const a = points[i],
        b = points[i + 1];
      const wrap = line.wraps.find((w) => w.between === i);
      if (a.segment === b.segment && !wrap && a.segment !== 'thigh')
        constant += Math.hypot(b.at[0] - a.at[0], b.at[1] - a.at[1], b.at[2] - a.at[2]);
      else pieces.push(this.piece(first + i, a, b, wrap));
    }
    let knee: KneeFunction | null = null;
    if (line.kneeFunction) {
      knee = KNEE_FUNCTIONS.get(line.kneeFunction) ?? null;
      if (!knee) throw new Error(`line "${line.line}" names an unknown knee function "${line.kneeFunction}"`);
    }
    const kneeSize = this.build.thigh[0];
    return {
      constant,
      pieces,
      knee,
      kneeSize,
      kneeRotation: (line.kneeRotation_m ?? 0) * kneeSize,
      fibre: 1,
      shortest: 0,
    };
  }

  private piece(
    first: number,
    a: { segment: keyof typeof SEGMENT },
    b: { segment: keyof typeof SEGMENT },
    wrap: WrapDefinition | undefined,
  ): Piece {
    const size = this.build.pelvis;
    const [cx, cy, cz] = wrap ? sized(wrap.centre_m, size) : [0, 0, 0];
    return {
      a: first * 3,
      b: (first + 1) * 3,
      segmentA: SEGMENT[a.segment],
      segmentB: SEGMENT[b.segment],
      shape: !wrap ? 0 : wrap.shape === 'cylinder' ? 1 : 2,
      cx,
      cy,
      cz,
      radius: (wrap?.radius_m ?? 0) * size[0],
      sense: wrap?.sense ?? 0,
    };
  }

  private placePoints(half: Half): void {
    this.frames.update(half);
    this.tiltCos = Math.cos(TILT * half[HALF.hipAdduction]);
    this.tiltSin = Math.sin(TILT * half[HALF.hipAdduction]);
    const { local, placed } = this;
    const version = half[HALF.femoralVersion];
    for (let i = 0; i < this.segments.length; i++) {
      const segment = this.segments[i],
        k = i * 3;
      const m = this.frames.turn[segment],
        t = this.frames.at[segment];
      let x = local[k],
        z = local[k + 2];
      const y = local[k + 1];
      if (version !== 0 && this.twist[i] > 0) {
        // A neck twisted further forward carries the outer knob further back: the upper bone turns outward on the
        // lower.
        const c = Math.cos(-version * this.twist[i]),
          s = Math.sin(-version * this.twist[i]);
        const turned = c * x + s * z;
        z = c * z - s * x;
        x = turned;
      }
      placed[k] = m[0] * x + m[1] * y + m[2] * z + t[0];
      placed[k + 1] = m[3] * x + m[4] * y + m[5] * z + t[1];
      placed[k + 2] = m[6] * x + m[7] * y + m[8] * z + t[2];
    }
  }
}

/** A vector turned about x by the angle whose cosine and sine are given, into the frame that was tilted by it. */
const tipped = ([x, y, z]: Vec3, c: number, n: number): Vec3 => [x, c * y + n * z, c * z - n * y];

/** `(1 + ratio^p)^exponent`, the smooth maximum's factor; `ratio` is the shortest length over the path's. */
function shortening(ratio: number, exponent: number): number {
  const r2 = ratio * ratio,
    r4 = r2 * r2;
  return Math.pow(1 + r4 * r4 * r4 * r2, exponent);
}

function smoothStep(t: number): number {
  const c = Math.min(1, Math.max(0, t));
  return c * c * (3 - 2 * c);
}

/** One side's angles from degrees, for tests and tables. */
export function halfFromDegrees(angles: Partial<Record<keyof typeof HALF, number>>, out: Half = newHalf()): Half {
  out.fill(0);
  for (const [name, index] of Object.entries(HALF)) out[index] = (angles[name as keyof typeof HALF] ?? 0) * DEG;
  return out;
}
