import type { CompiledLine } from './compiled-line';
import { HALF, HALF_COUNT, type Half } from './half-body';
import { SEGMENT, type HalfFrames } from './half-frames';

/** Joints whose moments are gathered while walking along a line. */
const HIP = 0,
  LUMBAR_HALF = 3,
  LUMBAR_FULL = 6,
  THORAX = 9,
  ANKLE = 12,
  INSTEP = 15,
  TOES = 18;

/**
 * Moment arms from the path's derivatives. A point p of a segment that turns about a joint c with axis a moves by
 * a × (p − c) per radian, so the length changes by a · ((p − c) × g), g the derivative of length by the point. The
 * moments (p − c) × g of all points beyond a joint are summed first and then laid on its three axes.
 *
 * The two lumbar joints share their angles half and half: the lower one carries half a turn, and what hangs above it
 * moves with the lower joint's half turn and then with the whole turn about the upper joint.
 */
export class MomentArms {
  private readonly moment = new Float64Array(21);
  private surface = 0;
  /** Axes of hip, half lumbar, full lumbar, thorax (three each), x, y, z. */
  private readonly axes = new Float64Array(36);
  private readonly inversion = new Float64Array(3);
  private readonly footAcross = new Float64Array(3);

  constructor(private readonly frames: HalfFrames) {}

  /** Sets the axes for a posture; the frames must be at that posture. */
  begin(half: Half): void {
    this.setAxes(0, 1, half[HALF.hipFlexion], half[HALF.hipAdduction]);
    this.setAxes(9, -1, -half[HALF.lumbarFlexion] / 2, half[HALF.lumbarBend] / 2);
    this.setAxes(18, -1, -half[HALF.lumbarFlexion], half[HALF.lumbarBend]);
    this.setAxes(27, -1, -half[HALF.thoraxFlexion], half[HALF.thoraxBend]);
    const upper = this.frames.turn[SEGMENT['lumbar-upper']];
    for (let k = 27; k < 36; k += 3) {
      const x = this.axes[k],
        y = this.axes[k + 1],
        z = this.axes[k + 2];
      for (let r = 0; r < 3; r++) this.axes[k + r] = upper[r * 3] * x + upper[r * 3 + 1] * y + upper[r * 3 + 2] * z;
    }
    const ankle = half[HALF.ankleDorsiflexion];
    this.inversion[0] = Math.cos(ankle);
    this.inversion[1] = Math.sin(ankle);
    const foot = this.frames.turn[SEGMENT.foot];
    for (let r = 0; r < 3; r++) this.footAcross[r] = foot[r * 3 + 2];
  }

  /** Forgets the pulls of the line before. */
  clear(): void {
    this.moment.fill(0);
    this.surface = 0;
  }

  /** Adds what a wrapping surface that turns with adduction takes off ∂L/∂adduction, metres. */
  tilt(by: number): void {
    this.surface += by;
  }

  /** Adds a point of a segment with the derivative of length by it. */
  pull(segment: number, x: number, y: number, z: number, gx: number, gy: number, gz: number): void {
    const at = this.frames.at;
    switch (segment) {
      case SEGMENT.thigh:
        this.add(HIP, at[segment], x, y, z, gx, gy, gz);
        break;
      case SEGMENT['lumbar-lower']:
        this.add(LUMBAR_HALF, at[segment], x, y, z, gx, gy, gz);
        break;
      case SEGMENT.thorax:
        this.add(THORAX, at[segment], x, y, z, gx, gy, gz);
        this.addUpper(x, y, z, gx, gy, gz);
        break;
      case SEGMENT['lumbar-upper']:
        this.addUpper(x, y, z, gx, gy, gz);
        break;
      case SEGMENT.toes:
        this.add(TOES, at[segment], x, y, z, gx, gy, gz);
        this.add(INSTEP, at[SEGMENT.midfoot], x, y, z, gx, gy, gz);
        this.add(ANKLE, at[SEGMENT.foot], x, y, z, gx, gy, gz);
        break;
      case SEGMENT.midfoot:
        this.add(INSTEP, at[segment], x, y, z, gx, gy, gz);
        this.add(ANKLE, at[SEGMENT.foot], x, y, z, gx, gy, gz);
        break;
      case SEGMENT.foot:
        this.add(ANKLE, at[segment], x, y, z, gx, gy, gz);
        break;
      default:
    }
  }

  /**
   * Writes the arms of a line, metres, into `out` from `index × HALF_COUNT`; `give` is ∂length/∂path, 1 unless slack.
   */
  write(line: CompiledLine, half: Half, index: number, give: number, out: Float64Array): void {
    const o = index * HALF_COUNT;
    for (let k = 0; k < 3; k++) {
      out[o + HALF.lumbarFlexion + k] = -0.5 * this.along(9 + 3 * k, LUMBAR_HALF) - this.along(18 + 3 * k, LUMBAR_FULL);
      out[o + HALF.thoraxFlexion + k] = -this.along(27 + 3 * k, THORAX);
      out[o + HALF.hipFlexion + k] = -this.along(3 * k, HIP);
    }
    out[o + HALF.hipAdduction] += this.surface;
    const m = this.moment,
      across = this.footAcross;
    out[o + HALF.ankleDorsiflexion] = -m[ANKLE + 2];
    out[o + HALF.ankleInversion] = -(this.inversion[0] * m[ANKLE] + this.inversion[1] * m[ANKLE + 1]);
    out[o + HALF.instepDorsiflexion] = -(across[0] * m[INSTEP] + across[1] * m[INSTEP + 1] + across[2] * m[INSTEP + 2]);
    out[o + HALF.toeExtension] = -(across[0] * m[TOES] + across[1] * m[TOES + 1] + across[2] * m[TOES + 2]);
    out[o + HALF.kneeFlexion] = 0;
    out[o + HALF.kneeRotation] = 0;
    if (line.knee) {
      const knee = half[HALF.kneeFlexion],
        sine = Math.sin(knee);
      out[o + HALF.kneeFlexion] =
        -line.kneeSize * line.knee.slope(knee) -
        line.kneeRotation * 2 * sine * Math.cos(knee) * half[HALF.kneeRotation];
      out[o + HALF.kneeRotation] = -line.kneeRotation * sine * sine;
    }
    if (give !== 1) for (let c = 0; c < HALF_COUNT; c++) out[o + c] *= give;
  }

  /** Axes of `Rz(a)·Rx(b)·Ry(c)`: z (its sign with flexion), then x turned by a, then y turned by a and b. */
  private setAxes(o: number, sign: number, a: number, b: number): void {
    const ca = Math.cos(a),
      sa = Math.sin(a),
      cb = Math.cos(b);
    this.axes[o] = this.axes[o + 1] = 0;
    this.axes[o + 2] = sign;
    this.axes[o + 3] = ca;
    this.axes[o + 4] = sa;
    this.axes[o + 5] = 0;
    this.axes[o + 6] = -sa * cb;
    this.axes[o + 7] = ca * cb;
    this.axes[o + 8] = Math.sin(b);
  }

  private addUpper(x: number, y: number, z: number, gx: number, gy: number, gz: number): void {
    const waist = this.frames.at[SEGMENT['lumbar-upper']];
    this.add(LUMBAR_HALF, this.frames.at[SEGMENT['lumbar-lower']], waist[0], waist[1], waist[2], gx, gy, gz);
    this.add(LUMBAR_FULL, waist, x, y, z, gx, gy, gz);
  }

  private add(
    joint: number,
    at: Float64Array,
    x: number,
    y: number,
    z: number,
    gx: number,
    gy: number,
    gz: number,
  ): void {
    const rx = x - at[0],
      ry = y - at[1],
      rz = z - at[2];
    this.moment[joint] += ry * gz - rz * gy;
    this.moment[joint + 1] += rz * gx - rx * gz;
    this.moment[joint + 2] += rx * gy - ry * gx;
  }

  private along(axis: number, joint: number): number {
    return (
      this.axes[axis] * this.moment[joint] +
      this.axes[axis + 1] * this.moment[joint + 1] +
      this.axes[axis + 2] * this.moment[joint + 2]
    );
  }
}
