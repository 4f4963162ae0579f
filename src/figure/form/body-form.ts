import {
  add,
  mix,
  norm,
  place,
  scale,
  SIDES,
  sized,
  sub,
  type Build,
  type FrameName,
  type Reach,
  type Side,
  type Skeleton,
  type Vec3,
} from '@/core/body';
import { armOf, type Arm, type Frame } from './arm';
import { column, strung, unit, type Ellipsoid, type Mass, type Part } from './ellipsoid';
import { handChains } from './hand';
import * as S from './sections';
import type { Section, SectionFrame, TubeSection } from './sections';

/** How a body is built beyond its lengths, and what its hands do. */
export interface FormWay {
  reach?: Partial<Record<Side, Reach>>;
  /** World direction of a strap in a hand. */
  straps?: Partial<Record<Side, Vec3>>;
  /** Height of the floor, metres. */
  floor: number;
  /** Width of the cells that it will be drawn on, metres. */
  cell: number;
  /** Months of a pregnancy. */
  pregnant?: number;
}

const PAIRED = new Set<SectionFrame>(['thigh', 'shank', 'foot', 'midfoot', 'toes']);
/** Cells wider than this show neither ears, toes nor fingers, metres. */
export const WIDE_CELL = 0.0085;

const sizeOf = (frame: SectionFrame, b: Build): Vec3 => {
  switch (frame) {
    case 'pelvis':
      return b.pelvis;
    case 'head':
      return [b.head, b.head, b.head];
    case 'thigh':
      return b.thigh;
    case 'shank':
      return b.shank;
    case 'foot':
    case 'midfoot':
    case 'toes':
      return b.foot;
    case 'arm':
      return [1, 1, 1];
    default:
      return b.spine;
  }
};

/** Forward bulge of the belly, metres: from flesh beyond the usual, and from the fourth month on. */
export function bellyOf(build: Build, pregnant = 0): number {
  const tall = build.spine[1];
  const flesh = Math.max(0, build.girth / tall - 1.06) * 0.16;
  return Math.min(0.16, Math.max(flesh, pregnant > 3 ? 0.016 * (pregnant - 3) : 0)) * tall;
}

/** The body's masses as ellipsoids on the computed frames: trunk, head, hair, ears, legs, arms. */
export function bodyForm(skeleton: Skeleton, way: FormWay): Mass[] {
  const shaped = new Shaping(skeleton, way);
  return [shaped.trunk(), ...shaped.head(), ...SIDES.map((s) => shaped.leg(s)), ...SIDES.map((s) => shaped.arm(s))];
}

/** The masses of one body, each for itself. */
class Shaping {
  private readonly arms: Readonly<Record<Side, Arm>>;

  constructor(
    private readonly skeleton: Skeleton,
    private readonly way: FormWay,
  ) {
    const arm = (s: Side): Arm =>
      armOf(skeleton, s, { reach: way.reach?.[s], strap: way.straps?.[s], floor: way.floor });
    this.arms = { left: arm('left'), right: arm('right') };
  }

  trunk(): Mass {
    const { build } = this.skeleton;
    const bulge = bellyOf(build, this.way.pregnant);
    const belly =
      bulge > 0.004 ? [this.chain(S.BELLY.map((r, i) => bulging(r, (S.BELLY_SHARE[i] * bulge) / build.girth)))] : [];
    const chains = [
      // Both sides at once, so that the mirror of a body is its mirror.
      ...SIDES.flatMap((s) => [
        this.armpit(s, [0.035, 0.125, 0.1], 0.012),
        this.armpit(s, [-0.05, 0.08, 0.098], -0.012),
      ]),
      this.chain(S.TRUNK),
      this.chain(S.NECK),
      ...belly,
      ...S.TRUNK_SIDES.flatMap((rows) => SIDES.map((s) => this.chain(rows, s))),
    ];
    return { name: 'trunk', nudge: 0, fill: 0.022, parts: [{ name: 'trunk', chains }] };
  }

  /** Fold of an arm-pit: from a place on the chest or the back to the upper arm. */
  private armpit(s: Side, [x, y, z]: Vec3, onArm: number): Ellipsoid[] {
    const { points: p } = this.skeleton;
    const length = norm(sub(p[`elbow_${s}`], p[`shoulder_${s}`]));
    const along = (t: number, ahead: number, r: number) =>
      this.section(['arm', ahead, -length * t, 0, r, r, r], s, this.arms[s].upper);
    return strung(
      [
        this.section(['thorax', x, y, z, 0.034, 0.034, 0.034], s),
        along(0.12, onArm, 0.036),
        along(0.3, onArm * 0.6, 0.03),
      ],
      this.way.cell,
    );
  }

  head(): Mass[] {
    const mass = (name: string, nudge: number, fill: number, chains: Ellipsoid[][]): Mass => ({
      name,
      nudge,
      fill,
      parts: [{ name, chains }],
    });
    const skull = [...S.HEAD.map((rows) => this.chain(rows)), ...SIDES.map((s) => this.chain(S.JAW, s))];
    const hair = S.HAIR.map((rows) => this.chain(rows));
    const ears =
      this.way.cell > WIDE_CELL ? [] : SIDES.map((s) => mass(`ear_${s}`, 0.013, 0.01, [this.chain(S.EAR, s)]));
    return [mass('head', 0.01, 0.008, skull), mass('hair', 0.012, 0.012, hair), ...ears];
  }

  leg(s: Side): Mass {
    const toes =
      this.way.cell > WIDE_CELL
        ? [S.BLUNT_TOES]
        : S.TOES.map(([z, x, r]): Section[] => [
            ['toes', 0.012, -0.01, z * 0.95, r * 1.1, r, r],
            ['toes', x * 0.6, -0.009, z, r, r * 0.95, r],
            ['toes', x, -0.0245 + r, z, r * 1.05, r * 0.92, r * 1.02],
          ]);
    const part = (name: string, rows: readonly (readonly Section[])[]): Part => ({
      name: `${name}_${s}`,
      chains: rows.map((r) => this.chain(r, s)),
    });
    const thigh = part('thigh', S.THIGH);
    thigh.chains.push(this.kneecap(s));
    return {
      name: `leg_${s}`,
      nudge: 0.03,
      fill: 0.022,
      parts: [thigh, part('shank', S.SHANK), part('foot', [...S.FOOT, ...toes])],
    };
  }

  /** Ahead of the joint, between the fronts of both bones. */
  private kneecap(s: Side): Ellipsoid[] {
    const { points: p, frames, build } = this.skeleton;
    const thigh = frames[`thigh_${s}`].turn,
      shank = frames[`shank_${s}`].turn;
    const ahead = unit(add(column(thigh, 0), column(shank, 0))),
      up = unit(add(column(thigh, 1), column(shank, 1)));
    const g = build.girth;
    const at = add(mix(p[`knee_${s}`], p[`shin_${s}`], 0.5), scale(ahead, 0.027 * g));
    const cap: Ellipsoid = {
      at,
      axes: [scale(ahead, 0.026 * g), scale(up, 0.03 * g), scale(column(thigh, 2), 0.031 * g)],
    };
    return strung([cap, { ...cap, at: add(at, scale(up, -0.004)) }], this.way.cell);
  }

  arm(s: Side): Mass {
    const { points: p, build } = this.skeleton;
    const { cell } = this.way;
    const own = this.arms[s];
    const tube = (frame: Frame, length: number, rows: readonly TubeSection[]): Ellipsoid[] =>
      rows.map(([t, x, a, b]) => this.section(['arm', x, -length * t, 0, a, Math.min(a, b) * 0.9, b], s, frame));
    const upper = norm(sub(p[`elbow_${s}`], p[`shoulder_${s}`])),
      fore = norm(sub(p[`wrist_${s}`], p[`elbow_${s}`]));
    const k = build.arm,
      thin = k / build.girth;
    // The thumb lies to the left of a right hand that hangs with its palm ahead.
    const hand = handChains(
      ([x, y, z], [a, b, c]) => this.section(['arm', x * k, y * k, -z * k, a * thin, b * thin, c * thin], s, own.hand),
      own.curl,
      own.grips,
      cell,
    );
    return {
      name: `arm_${s}`,
      nudge: -0.02,
      fill: 0.012,
      parts: [
        { name: `upper-arm_${s}`, chains: [strung(tube(own.upper, upper, S.UPPER_ARM), cell)] },
        {
          name: `forearm_${s}`,
          chains: [strung([...tube(own.fore, fore, S.FOREARM), ...tube(own.wrist, fore, S.WRIST)], cell)],
        },
        { name: `hand_${s}`, chains: hand },
      ],
    };
  }

  private chain(rows: readonly Section[], side: Side = 'right'): Ellipsoid[] {
    return strung(
      rows.map((r) => this.section(r, side)),
      this.way.cell,
    );
  }

  /** One section as an ellipsoid, in its own frame or in one that is given. */
  private section(row: Section, side: Side, own?: Frame): Ellipsoid {
    const { frames, build } = this.skeleton;
    const name = (PAIRED.has(row[0]) ? `${row[0]}_${side}` : row[0]) as FrameName;
    const { turn, at } = own ?? frames[name];
    const thick = row[0] === 'head' ? build.head : build.girth;
    const out = side === 'right' ? 1 : -1;
    return {
      at: place(turn, sized([row[1], row[2], row[3] * out], sizeOf(row[0], build)), at),
      axes: [
        scale(column(turn, 0), row[4] * thick),
        scale(column(turn, 1), row[5] * thick),
        scale(column(turn, 2), row[6] * thick),
      ],
    };
  }
}

/** A section of the belly pushed forward by half a bulge and as much deeper, metres. */
const bulging = ([frame, x, y, z, a, b, c]: Section, by: number): Section => [
  frame,
  x + by * 0.5,
  y,
  z,
  a + by * 0.5,
  b + by * 0.25,
  c + by * 0.25,
];
