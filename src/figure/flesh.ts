import { mirrored, place, sized, type Build, type FrameName, type Side, type Skeleton, type Vec3 } from '@/core/body';

/** A ball of flesh, metres in the world. Neighbours in a chain are joined by their common tangents. */
export interface Ball {
  at: Vec3;
  radius: number;
}

/** One limb or the trunk: chains of balls whose union is its shape. */
export interface Limb {
  name: 'trunk' | 'head' | `${'leg' | 'arm'}_${Side}`;
  chains: Ball[][];
  /** Points whose mean distance from the viewer decides the painting order, and a push towards the viewer (metres). */
  depthOf: readonly string[];
  nudge: number;
  /** Balls of plain flesh painted over the limb's own outline where it grows out of the trunk. */
  root: Ball[];
}

/** x forward, y up, z outwards of the frame, then the radius; metres at model size, shaped by eye. */
type Shape = readonly (readonly [number, number, number, number])[];

const THIGH: Shape = [
  [-0.012, 0.0, -0.004, 0.088],
  [0.0, -0.07, 0.002, 0.083],
  [0.008, -0.16, 0.008, 0.076],
  [0.01, -0.26, 0.006, 0.064],
  [0.008, -0.345, 0.002, 0.053],
  [0.006, -0.405, 0, 0.051],
];
const KNEECAP: Shape = [
  [0.014, -0.36, 0, 0.044],
  [0.02, -0.4, 0, 0.04],
  [0.016, -0.425, 0, 0.036],
];
const SHANK: Shape = [
  [0.002, 0.0, 0, 0.05],
  [-0.004, -0.06, 0, 0.048],
  [-0.014, -0.125, -0.002, 0.054],
  [-0.012, -0.19, -0.001, 0.05],
  [-0.006, -0.27, 0, 0.04],
  [-0.004, -0.35, 0, 0.032],
  [-0.004, -0.415, 0, 0.033],
];
const HEEL: Shape = [
  [-0.01, 0.0, 0, 0.034],
  [-0.034, -0.03, 0, 0.03],
  [-0.046, -0.048, 0, 0.026],
];
const INSTEP: Shape = [
  [0.0, -0.002, 0, 0.036],
  [0.05, -0.026, 0, 0.03],
];
/** In the frames of the middle foot and of the toes, which bend. */
const FOREFOOT: Shape = [
  [0.05, -0.023, 0, 0.024],
  [0.082, -0.032, 0.002, 0.021],
];
const TOES: Shape = [
  [0.01, -0.011, 0, 0.019],
  [0.058, -0.017, 0, 0.013],
];
const HEEL_SOLE: Shape = [
  [-0.046, -0.048, 0, 0.026],
  [0.04, -0.052, 0, 0.022],
];
const BALL_SOLE: Shape = [[0.08, -0.032, 0.002, 0.02]];
const BUTTOCK: Shape = [
  [-0.125, -0.005, 0.058, 0.07],
  [-0.122, -0.06, 0.062, 0.078],
  [-0.1, -0.11, 0.074, 0.07],
];
const FLANK_PELVIS: Shape = [
  [-0.072, -0.07, 0.082, 0.09],
  [-0.072, -0.01, 0.078, 0.082],
  [-0.075, 0.05, 0.062, 0.076],
];
const BELLY_PELVIS: Shape = [
  [-0.045, -0.085, 0.03, 0.06],
  [-0.045, -0.02, 0.03, 0.064],
  [-0.055, 0.05, 0.02, 0.07],
];
/** In the frame of the lower back. */
const WAIST: Shape = [
  [0.025, -0.03, 0.06, 0.076],
  [0.035, 0.05, 0.056, 0.072],
  [0.038, 0.11, 0.058, 0.073],
];
const RIBS: Shape = [
  [0.02, -0.03, 0.062, 0.076],
  [0.014, 0.04, 0.07, 0.082],
  [0.006, 0.11, 0.078, 0.08],
  [0.0, 0.17, 0.082, 0.062],
];
const CHEST: Shape = [
  [0.035, 0.02, 0.03, 0.074],
  [0.034, 0.09, 0.034, 0.078],
  [0.02, 0.16, 0.03, 0.062],
];
const SHOULDER_BLADE: Shape = [
  [-0.03, 0.05, 0.055, 0.058],
  [-0.036, 0.13, 0.06, 0.056],
  [-0.014, 0.19, 0.05, 0.048],
];
const COLLAR: Shape = [
  [0.0, 0.215, 0.03, 0.046],
  [0.0, 0.205, 0.09, 0.047],
  [0.0, 0.192, 0.15, 0.05],
];
const NECK: Shape = [
  [-0.004, 0.19, 0, 0.062],
  [0.0, 0.235, 0, 0.05],
];
const THROAT: Shape = [
  [0.0, 0.0, 0, 0.05],
  [0.006, 0.05, 0, 0.048],
  [0.01, 0.09, 0, 0.052],
];
/** In the head's frame, from the nape. */
const SKULL: Shape = [
  [0.004, 0.13, 0, 0.078],
  [0.006, 0.165, 0, 0.084],
  [0.022, 0.175, 0, 0.08],
];
const FACE: Shape = [
  [0.035, 0.155, 0, 0.066],
  [0.058, 0.11, 0, 0.046],
  [0.072, 0.075, 0, 0.026],
];
const NOSE: Shape = [
  [0.088, 0.145, 0, 0.012],
  [0.108, 0.118, 0, 0.01],
  [0.095, 0.11, 0, 0.012],
];
/** Share of the way from joint to joint, then the radius: arms that reach have no frame of their own. */
const UPPER_ARM: readonly (readonly [number, number])[] = [
  [0, 0.052],
  [0.2, 0.051],
  [0.45, 0.043],
  [0.75, 0.037],
  [1, 0.034],
];
const FOREARM: readonly (readonly [number, number])[] = [
  [0, 0.034],
  [0.2, 0.037],
  [0.45, 0.034],
  [0.75, 0.026],
  [1, 0.022],
];
const HAND: readonly (readonly [number, number])[] = [
  [0, 0.022],
  [0.35, 0.028],
  [0.7, 0.024],
  [1.15, 0.011],
];

function sizeOfFrame(frame: FrameName, build: Build): Vec3 {
  if (frame === 'pelvis') return build.pelvis;
  if (frame === 'head') return [build.head, build.head, build.head];
  if (frame.startsWith('thigh')) return build.thigh;
  if (frame.startsWith('shank')) return build.shank;
  if (/^(foot|midfoot|toes)/.test(frame)) return build.foot;
  return build.spine;
}

/** The shape of the whole body at a posture, limb by limb; `coarse` leaves out the balls that only smooth. */
export function bodyShape(skeleton: Skeleton, coarse = false): Limb[] {
  const smooth = coarse ? (balls: readonly Ball[]): Ball[] => [...balls] : smoothed;
  const { points: p, frames, build } = skeleton;
  const plain = (frame: FrameName, shape: Shape, side: Side = 'right'): Ball[] => {
    const size = sizeOfFrame(frame, build);
    return shape.map(([x, y, z, radius]) => ({
      at: place(frames[frame].turn, sized(mirrored([x, y, z], side), size), frames[frame].at),
      radius: radius * build.girth,
    }));
  };
  const chain = (frame: FrameName, shape: Shape, side: Side = 'right'): Ball[] => smooth(plain(frame, shape, side));
  const between = (a: Vec3, b: Vec3, profile: readonly (readonly [number, number])[]): Ball[] =>
    smooth(
      profile.map(([t, radius]) => ({
        at: [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, a[2] + (b[2] - a[2]) * t],
        radius: radius * build.girth,
      })),
    );
  const sides: readonly Side[] = ['left', 'right'];
  const trunk: Ball[][] = [
    ...sides.flatMap((s) => {
      const waist = chain('lower', WAIST, s);
      return [
        chain('pelvis', BUTTOCK, s),
        smooth([...chain('pelvis', FLANK_PELVIS, s), ...waist]),
        chain('pelvis', BELLY_PELVIS, s),
        smooth([waist[waist.length - 1], ...chain('thorax', RIBS, s)]),
        chain('thorax', CHEST, s),
        chain('thorax', SHOULDER_BLADE, s),
        chain('thorax', COLLAR, s),
      ];
    }),
    ...spans(chain('pelvis', FLANK_PELVIS, 'left'), chain('pelvis', FLANK_PELVIS)),
    ...spans(chain('pelvis', BUTTOCK, 'left'), chain('pelvis', BUTTOCK)),
    ...spans(chain('lower', WAIST, 'left'), chain('lower', WAIST)),
    ...spans(chain('thorax', RIBS, 'left'), chain('thorax', RIBS)),
    ...spans(chain('thorax', CHEST, 'left'), chain('thorax', CHEST)),
    ...spans(chain('thorax', COLLAR, 'left'), chain('thorax', COLLAR)),
    [...chain('thorax', NECK), ...chain('head', THROAT)],
  ];
  return [
    { name: 'trunk', chains: trunk, depthOf: ['thorax', 'pelvis'], nudge: 0, root: [] },
    {
      name: 'head',
      chains: [chain('head', SKULL), chain('head', FACE), chain('head', NOSE)],
      depthOf: ['head'],
      nudge: 0.01,
      root: chain('head', [
        [0.008, 0.075, 0, 0.046],
        [0.014, 0.115, 0, 0.05],
      ]),
    },
    ...sides.flatMap((s): Limb[] => [
      {
        name: `leg_${s}`,
        chains: [
          chain(`thigh_${s}`, THIGH, s),
          chain(`thigh_${s}`, KNEECAP, s),
          chain(`shank_${s}`, SHANK, s),
          chain(`foot_${s}`, HEEL, s),
          smooth([
            ...plain(`foot_${s}`, INSTEP, s),
            ...plain(`midfoot_${s}`, FOREFOOT, s),
            ...plain(`toes_${s}`, TOES, s),
          ]),
          smooth([...plain(`foot_${s}`, HEEL_SOLE, s), ...plain(`midfoot_${s}`, BALL_SOLE, s)]),
        ],
        depthOf: [`hip_${s}`, `knee_${s}`],
        nudge: 0.03,
        root: chain(
          'pelvis',
          [
            [-0.076, 0.0, 0.066, 0.07],
            [-0.08, -0.045, 0.07, 0.072],
          ],
          s,
        ),
      },
      {
        name: `arm_${s}`,
        chains: [
          between(p[`shoulder_${s}`], p[`elbow_${s}`], UPPER_ARM),
          between(p[`elbow_${s}`], p[`wrist_${s}`], FOREARM),
          between(p[`wrist_${s}`], p[`hand_${s}`], HAND),
        ],
        depthOf: [`shoulder_${s}`, `elbow_${s}`, `wrist_${s}`],
        nudge: -0.02,
        root: chain(
          'thorax',
          [
            [0.0, 0.195, 0.085, 0.043],
            [0.0, 0.19, 0.125, 0.043],
          ],
          s,
        ),
      },
    ]),
  ];
}

/** Bars across from each ball of one chain to its fellow on the other side. */
const spans = (a: Ball[], b: Ball[]): Ball[][] => a.map((ball, i) => [ball, b[i]]);

/** Two balls more between each pair, on a Catmull–Rom curve through places and radii. */
function smoothed(balls: readonly Ball[]): Ball[] {
  const out: Ball[] = [];
  for (let i = 0; i + 1 < balls.length; i++) {
    const [a, b, c, d] = [balls[Math.max(0, i - 1)], balls[i], balls[i + 1], balls[Math.min(balls.length - 1, i + 2)]];
    out.push(b);
    for (const t of [1 / 3, 2 / 3]) {
      const curve = (of: (ball: Ball) => number): number => {
        const [p, q, r, s] = [of(a), of(b), of(c), of(d)];
        return 0.5 * (2 * q + (r - p) * t + (2 * p - 5 * q + 4 * r - s) * t * t + (3 * q - p - 3 * r + s) * t * t * t);
      };
      out.push({
        at: [curve((o) => o.at[0]), curve((o) => o.at[1]), curve((o) => o.at[2])],
        radius: curve((o) => o.radius),
      });
    }
  }
  out.push(balls[balls.length - 1]);
  return out;
}
