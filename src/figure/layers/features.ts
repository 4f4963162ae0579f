import { place, sized, type FrameName, type Vec3 } from '@/core/body';
import { NOTHING, sample, sampleLeast } from '../field/grid';
import { smooth, type P2 } from '../line/polyline';
import { seen } from '../projection';
import type { Page } from './page';

/**
 * A line on the skin itself: its frame, points of the right side in it (metres at model size), how thick, how deep it
 * may lie.
 */
interface Feature {
  frame: FrameName;
  points: readonly Vec3[];
  /** Share of the pen. */
  width: number;
  /** Metres by which the drawn surface may lie before it. */
  slack: number;
  /** Hidden by cloth. */
  skin?: boolean;
}
const FEATURES: readonly Feature[] = [
  // Edge of the jaw.
  {
    frame: 'head',
    width: 0.5,
    slack: 0.022,
    points: [
      [0.012, 0.088, 0.062],
      [0.02, 0.07, 0.057],
      [0.035, 0.058, 0.05],
      [0.055, 0.046, 0.037],
      [0.074, 0.038, 0.02],
    ],
  },
  // A closed eye.
  {
    frame: 'head',
    width: 0.5,
    slack: 0.014,
    points: [
      [0.094, 0.1385, 0.016],
      [0.0935, 0.1345, 0.024],
      [0.088, 0.1335, 0.034],
      [0.08, 0.1365, 0.042],
    ],
  },
  // Collar bone.
  {
    frame: 'thorax',
    width: 0.45,
    slack: 0.024,
    skin: true,
    points: [
      [0.042, 0.186, 0.02],
      [0.048, 0.19, 0.045],
      [0.044, 0.198, 0.075],
      [0.034, 0.206, 0.105],
      [0.022, 0.21, 0.13],
    ],
  },
];
/** Pieces between two given points. */
const PIECES = 5;

/** What can be seen of the lines on the skin, and their width as a share of the pen. */
export function featuresOf({ skeleton, lens, fields, bare }: Page): { line: P2[]; width: number }[] {
  const { frames, build } = skeleton;
  const head: Vec3 = [build.head, build.head, build.head];
  const out: { line: P2[]; width: number }[] = [];
  for (const { frame, points, width, slack, skin } of FEATURES) {
    if (skin && !bare) continue;
    const size = frame === 'head' ? head : build.spine;
    for (const m of [-1, 1]) {
      const drawn = points.map(([x, y, z]) =>
        seen(lens, place(frames[frame].turn, sized([x, y, z * m], size), frames[frame].at)),
      );
      let run: P2[] = [];
      const end = (): void => {
        if (run.length > 4) out.push({ line: smooth(run, 3), width });
        run = [];
      };
      const steps = (drawn.length - 1) * PIECES;
      for (let k = 0; k <= steps; k++) {
        const i = Math.min(drawn.length - 2, Math.floor(k / PIECES)),
          t = k / PIECES - i;
        const [x, y, z] = [0, 1, 2].map((j) => drawn[i][j] + (drawn[i + 1][j] - drawn[i][j]) * t);
        let on = false,
          hidden = false;
        for (const B of fields) {
          const front = sampleLeast(B, B.front, x, y, NOTHING);
          if (front < z - slack) hidden = true;
          if (Math.abs(front - z) < slack + 0.012 && sample(B, B.f, x, y, -1) > 0.002) on = true;
        }
        if (on && !hidden) run.push([x, y]);
        else end();
      }
      end();
    }
  }
  return out;
}
