/** A point on a picture, pixels: x to the right, y down. */
export interface PicturePoint {
  x: number;
  y: number;
}

/** What is marked on a picture: the moved limb from vertex to far, and the line it is counted from. */
export interface Placement {
  vertex: PicturePoint;
  far: PicturePoint;
  /**
   * A limb's near end (the angle is then counted from its straight continuation), or null for a line across the
   * picture.
   */
  near: PicturePoint | null;
  /** Two points of a level line in the picture; the picture's own edge where absent. */
  level: readonly [PicturePoint, PicturePoint] | null;
}

/** From what an angle is counted. */
export type PhotoZero =
  /** From the continuation of the neighbouring limb: 0 is straight. */
  | 'straight'
  /** From level, in the direction given by `toward`. */
  | 'level'
  /** From plumb. */
  | 'upright'
  /** From a line of its own with a direction, such as the other thigh. */
  | 'between';

export interface PhotoAngle {
  /** Degrees, mean over all placements. */
  angle: number;
  /** Half the 95 % band, degrees. */
  likelyError: number;
  placements: number;
}

/** How far a finger or pointer misses a landmark on a picture as shown, pixels of the screen (SD; our default). */
export const PLACING_PX = 2;
/** For the pixel grid and how sharply a joint can be seen at all, degrees (our default). */
const GRID = 0.4;

const direction = (from: PicturePoint, to: PicturePoint): number => Math.atan2(from.y - to.y, to.x - from.x);
const wrapped = (radians: number): number => Math.atan2(Math.sin(radians), Math.cos(radians));
const distance = (a: PicturePoint, b: PicturePoint): number => Math.hypot(a.x - b.x, a.y - b.y);

/** Tilt of the level line as placed, radians anticlockwise; 0 where the picture's edge stands in. */
function levelOf(p: Placement): number {
  if (!p.level) return 0;
  const turn = direction(p.level[0], p.level[1]);
  // A line has no direction: the smaller turn from the picture's edge.
  return Math.abs(turn) > Math.PI / 2 ? wrapped(turn + Math.PI) : turn;
}

/** The angle of one placement, degrees from 0 to 180; from level and upright it is told with its sign by `signed`. */
function angleOf(p: Placement, zero: PhotoZero): number {
  const limb = direction(p.vertex, p.far);
  if (zero === 'straight') {
    if (!p.near) return Number.NaN;
    return (Math.abs(wrapped(limb - direction(p.near, p.vertex))) * 180) / Math.PI;
  }
  if (zero === 'between')
    return p.level ? (Math.abs(wrapped(limb - direction(p.level[0], p.level[1]))) * 180) / Math.PI : Number.NaN;
  const turned = wrapped(limb - levelOf(p));
  if (zero === 'level') {
    // Above level is plus, whichever way the limb points.
    return (Math.asin(Math.max(-1, Math.min(1, Math.sin(turned)))) * 180) / Math.PI;
  }
  return (Math.acos(Math.max(-1, Math.min(1, Math.abs(Math.sin(turned))))) * 180) / Math.PI;
}

/** Angle of a limb beyond level when it went past upright: from 0 along `toward` on the picture, up to 180. */
function beyondUpright(p: Placement, toward: 1 | -1): number {
  const turned = wrapped(direction(p.vertex, p.far) - levelOf(p));
  const along = toward === 1 ? turned : wrapped(Math.PI - turned);
  return (along * 180) / Math.PI;
}

/**
 * The angle on a picture with its likely error. Errors of placing are carried through to first order: each end of a
 * line of L pixels that is missed by σ turns it by σ/L. Placing again narrows the band and shows the hand's own
 * scatter; the greater of both is told.
 * @param pixel SD of missing a landmark in pixels of the picture (screen pixels ÷ zoom)
 * @param toward for angles from level: 1 where zero points right on the picture, −1 left; without it the angle stays
 * within ±90
 */
export function photoAngle(
  placements: readonly Placement[],
  zero: PhotoZero,
  pixel: number,
  toward?: 1 | -1,
): PhotoAngle | null {
  if (placements.length === 0) return null;
  const values = placements.map((p) => (zero === 'level' && toward ? beyondUpright(p, toward) : angleOf(p, zero)));
  if (values.some((v) => !Number.isFinite(v))) return null;
  const n = values.length;
  const angle = values.reduce((s, v) => s + v, 0) / n;
  let variance = 0;
  for (const p of placements) {
    const limb = 1 / Math.max(1, distance(p.vertex, p.far));
    if (zero === 'straight' && p.near) {
      // The joint is shared by both lines: missing it turns them against each other.
      const other = 1 / Math.max(1, distance(p.near, p.vertex));
      variance += pixel ** 2 * (limb ** 2 + other ** 2 + (limb + other) ** 2);
    } else {
      const level = p.level ? 1 / Math.max(1, distance(p.level[0], p.level[1])) : 0;
      variance += 2 * pixel ** 2 * (limb ** 2 + level ** 2);
    }
  }
  const told = Math.sqrt(variance / n);
  const seen = n > 1 ? (Math.sqrt(values.reduce((s, v) => s + (v - angle) ** 2, 0) / (n - 1)) * Math.PI) / 180 : 0;
  const band = (1.96 * Math.max(told, seen)) / Math.sqrt(n);
  return { angle, likelyError: Math.hypot((band * 180) / Math.PI, GRID), placements: n };
}
