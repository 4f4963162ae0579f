import { say } from '@/core/languages/spoken';
import type { Placement, PicturePoint } from '@/core/measuring/photo';
import type { PhotoGuide } from '@/core/measuring/photo-marks';
import type { BoardPoint } from './PhotoBoard';

/** A picture to measure on, in its own pixels. */
export interface Shot {
  blob: Blob;
  url: string;
  width: number;
  height: number;
}

/** Where the points wait before they are placed: beside each other in the middle of the picture. */
export function waiting(guide: PhotoGuide, shot: Shot): BoardPoint[] {
  const { width: wide, height: high } = shot;
  const marks = guide.marks.map((m, i) => ({
    id: m.id,
    sign: 'ABC'[i],
    name: m.name,
    at: { x: wide * (0.35 + 0.15 * i), y: high * 0.45 },
  }));
  if (!guide.line) return marks;
  const line = [0, 1].map((i) => ({
    id: `line${i}`,
    sign: i === 0 ? 'L' : 'R',
    name: say('{{what}}, {{what2}} point', {
      what: say(guide.line ?? ''),
      what2: i === 0 ? say('first') : say('second'),
    }),
    // A level line starts along the picture's foot, so that leaving it there takes the picture as level.
    at:
      guide.zero === 'upright'
        ? { x: wide * 0.06, y: high * (0.9 - 0.6 * i) }
        : { x: wide * (0.06 + 0.88 * i), y: high * 0.93 },
  }));
  return [...marks, ...line];
}

/** What the points say where they stand; null before the joint and its limb are placed. */
export function placementOf(points: readonly BoardPoint[], guide: PhotoGuide): Placement | null {
  const at = (id: string): PicturePoint | null => points.find((p) => p.id === id)?.at ?? null;
  const vertex = at('vertex'),
    far = at('far');
  if (!vertex || !far) return null;
  const start = at('line0'),
    end = at('line1');
  // A plumb line is told as the level line across it.
  const level =
    start && end
      ? guide.zero === 'upright'
        ? ([start, { x: start.x - (end.y - start.y), y: start.y + (end.x - start.x) }] as const)
        : ([start, end] as const)
      : null;
  return { vertex, far, near: at('near'), level };
}
