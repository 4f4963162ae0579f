import { add, mix, place, scale, SIDES, sized, type Build, type FrameName, type Side, type Vec3 } from '@/core/body';
import { zeroLines } from '../field/contour';
import { blur } from '../field/grid';
import { fieldOf } from '../field/mass-field';
import { beads, column, strung, unit, type Ellipsoid } from '../form/ellipsoid';
import { curves } from '../line/fit';
import { moveTo, type P2 } from '../line/polyline';
import { seen } from '../projection';
import type { Paint } from '../scene';
import { masked } from './mask';
import { edgePath, type Page } from './page';

/** Beads of a bone: place in its frame (outward for the right side) and radius, metres at model size. */
type Bead = readonly [number, number, number, number];
interface Bone {
  name: string;
  frame: 'pelvis' | 'thigh' | 'shank' | 'foot';
  /** Point whose depth orders the bones, in the same frame. */
  middle: Vec3;
  lines: readonly (readonly Bead[])[];
}

/** Rim of the hip bone from its front spine to the back one, and the middle of its cup. */
const CREST: readonly Vec3[] = [
  [0, -0.002, 0.122],
  [-0.022, 0.045, 0.138],
  [-0.06, 0.078, 0.132],
  [-0.1, 0.085, 0.1],
  [-0.136, 0.058, 0.052],
];
const CUP: Vec3 = [-0.0707, -0.05, 0.088];
/** The blade of the hip bone as ribs from its rim to the cup. */
const BLADE: readonly (readonly Bead[])[] = Array.from({ length: 12 }, (_, k) => {
  const t = (k / 11) * (CREST.length - 1),
    i = Math.min(CREST.length - 2, Math.floor(t));
  const rim = mix(CREST[i], CREST[i + 1], t - i),
    half = mix(rim, CUP, 0.5);
  return [
    [...rim, 0.011],
    [...half, 0.015],
    [...CUP, 0.024],
  ] as const satisfies readonly Bead[];
});

const BONES: readonly Bone[] = [
  {
    name: 'hip-bone',
    frame: 'pelvis',
    middle: CUP,
    lines: [
      CREST.map((c): Bead => [...c, 0.009]),
      ...BLADE,
      [
        [...CUP, 0.024],
        [-0.045, -0.062, 0.045, 0.011],
        [-0.03, -0.082, 0.012, 0.012],
      ],
      [
        [...CUP, 0.026],
        [-0.105, -0.085, 0.072, 0.017],
        [-0.122, -0.118, 0.058, 0.017],
      ],
      [
        [-0.122, -0.118, 0.058, 0.015],
        [-0.075, -0.122, 0.034, 0.0085],
        [-0.032, -0.098, 0.012, 0.01],
      ],
    ],
  },
  {
    name: 'thigh-bone',
    frame: 'thigh',
    middle: [0, -0.2, 0],
    lines: [
      [
        [0, 0, 0, 0.0235],
        [0.001, 0.001, 0.001, 0.0235],
      ],
      [
        [0, 0, 0, 0.016],
        [-0.006, -0.012, 0.03, 0.0155],
        [-0.014, -0.022, 0.056, 0.018],
      ],
      [
        [-0.018, 0.0, 0.058, 0.0145],
        [-0.014, -0.03, 0.057, 0.0195],
        [-0.006, -0.075, 0.046, 0.0165],
        [0.007, -0.17, 0.03, 0.0135],
        [0.008, -0.28, 0.014, 0.0135],
        [0.003, -0.36, 0.004, 0.019],
      ],
      [
        [0.003, -0.345, 0.004, 0.017],
        [-0.002, -0.397, 0.02, 0.0225],
      ],
      [
        [0.003, -0.345, 0.004, 0.017],
        [-0.002, -0.399, -0.02, 0.0225],
      ],
    ],
  },
  {
    name: 'fibula',
    frame: 'shank',
    middle: [-0.01, -0.2, 0.03],
    lines: [
      [
        [-0.02, -0.045, 0.034, 0.0105],
        [-0.018, -0.08, 0.034, 0.0062],
        [-0.015, -0.25, 0.028, 0.0055],
        [-0.01, -0.39, 0.026, 0.0075],
        [-0.006, -0.437, 0.027, 0.0085],
      ],
    ],
  },
  {
    name: 'tibia',
    frame: 'shank',
    middle: [0.005, -0.2, -0.005],
    lines: [
      [
        [-0.004, -0.034, 0.02, 0.0165],
        [-0.004, -0.034, -0.02, 0.0175],
      ],
      [
        [0, -0.04, 0, 0.026],
        [0.012, -0.075, 0, 0.0185],
        [0.008, -0.14, -0.004, 0.0135],
        [0.003, -0.28, -0.006, 0.0115],
        [-0.001, -0.38, -0.006, 0.0155],
        [-0.001, -0.418, -0.006, 0.0185],
      ],
    ],
  },
  {
    name: 'heel-bone',
    frame: 'foot',
    middle: [0, 0, 0],
    lines: [
      [
        [0, -0.012, 0, 0.017],
        [-0.036, -0.036, 0, 0.02],
      ],
      [
        [0.005, -0.014, 0, 0.016],
        [0.045, -0.03, -0.008, 0.015],
      ],
    ],
  },
];

/** Sections of the sacrum in the pelvis: place in the middle plane, then half sizes; metres at model size. */
const SACRUM = [
  [-0.122, 0.072, 0.018, 0.02, 0.046],
  [-0.14, 0.035, 0.016, 0.024, 0.04],
  [-0.156, 0, 0.013, 0.024, 0.028],
  [-0.158, -0.035, 0.01, 0.02, 0.013],
  [-0.15, -0.058, 0.006, 0.012, 0.007],
] as const;

/** Shares of the way from sacrum to chest at which the five vertebrae of the low back lie. */
const LUMBAR = [0.07, 0.27, 0.46, 0.64, 0.83];
const WAIST_AT = 0.53;
const THORACIC = 10;
const RIBS = 7;

/** Masses of trunk and legs, which bones of the trunk are seen through. */
const TRUNK = /^(trunk|leg)/;
const ofLeg = (side: Side): RegExp => new RegExp(`^(leg_${side}|trunk)$`);

/** Bones to orient by: hip bones, sacrum, column, near half of the ribs, thigh and shin bones, kneecaps, heels. */
export function bonePaints(page: Page): Paint[] {
  const bones = new Bones(page);
  return [...bones.ribs(), ...bones.column(), ...bones.solids()];
}

/** A bone as chains of beads, what hides it, and how far away its middle lies. */
interface Solid {
  name: string;
  depth: number;
  chains: Ellipsoid[][];
  own: RegExp;
  /** Creases between its chains that are filled, metres. */
  fill?: number;
}

/** The bones of one body on one page. */
class Bones {
  constructor(private readonly page: Page) {}

  /** All that are more than lines, from far to near. */
  solids(): Paint[] {
    const all = [this.sacrum(), ...SIDES.flatMap((side) => [...this.longOf(side), this.kneecap(side)])];
    return all.sort((a, b) => b.depth - a.depth).flatMap((s) => this.paintsOf(s));
  }

  private sacrum(): Solid {
    const { skeleton, lens, fields } = this.page;
    const { turn } = skeleton.frames.pelvis;
    const beadsOf = SACRUM.map(([x, y, a, b, c]): Ellipsoid => ({
      at: this.at('pelvis', [x, y, 0]),
      axes: [scale(column(turn, 0), a), scale(column(turn, 1), b), scale(column(turn, 2), c)],
    }));
    const chains = [strung(beadsOf, fields[0].step)];
    return { name: 'sacrum', depth: seen(lens, skeleton.points.sacrum)[2], chains, own: TRUNK };
  }

  /** Hip bone, thigh, shin and heel of a side. */
  private longOf(side: Side): Solid[] {
    const out = side === 'right' ? 1 : -1;
    return BONES.map((bone) => {
      const inPelvis = bone.frame === 'pelvis';
      const frame = (inPelvis ? 'pelvis' : `${bone.frame}_${side}`) as FrameName;
      const on = (v: readonly number[]): Vec3 => this.at(frame, [v[0], v[1], v[2] * out]);
      return {
        name: bone.name,
        depth: seen(this.page.lens, on(bone.middle))[2],
        chains: bone.lines.map((line) => beads(line.map((b) => [on(b), b[3]] as const))),
        own: inPelvis ? TRUNK : ofLeg(side),
        fill: inPelvis ? 0.01 : 0.006,
      };
    });
  }

  private kneecap(side: Side): Solid {
    const { frames, points: p } = this.page.skeleton;
    const thigh = frames[`thigh_${side}`].turn,
      shank = frames[`shank_${side}`].turn;
    const ahead = unit(add(column(thigh, 0), column(shank, 0)));
    const middle = add(p[`knee_${side}`], scale(ahead, 0.04));
    const chain = beads([
      [add(middle, scale(column(thigh, 1), 0.006)), 0.0165],
      [add(middle, scale(column(shank, 1), -0.008)), 0.013],
    ]);
    return { name: 'kneecap', depth: seen(this.page.lens, middle)[2] - 0.01, chains: [chain], own: ofLeg(side) };
  }

  private paintsOf({ name, chains, own, fill = 0.006 }: Solid): Paint[] {
    const { lens, fields, detail } = this.page;
    const F = fieldOf({ name, nudge: 0, fill, parts: [{ name, chains }] }, lens, fields[0].step);
    const g = masked(F, own, fields, 0.002);
    blur(g, F.w, F.h, 1);
    const path = zeroLines(F, g)
      .map((l) => edgePath(l, detail))
      .join('');
    return path ? [{ role: 'bone', path }] : [];
  }

  /** Thin hoops, the near half of each. */
  ribs(): Paint[] {
    let path = '';
    for (let k = 0; k < RIBS; k++)
      for (const out of [-1, 1]) {
        const hoop = this.hoop(k, out);
        if (hoop.length >= 4) path += moveTo(hoop[0]) + curves(hoop, 0.0006);
      }
    return path ? [{ role: 'rib', path }] : [];
  }

  /** What is seen of one rib. @param out 1 to the right, −1 to the left */
  private hoop(k: number, out: number): P2[] {
    const { skeleton, lens } = this.page;
    const { turn } = skeleton.frames.thorax;
    const y = 0.005 + k * 0.026,
      wide = 0.1 + 0.024 * Math.sin(((k + 0.6) / 8) * Math.PI);
    const hoop: P2[] = [];
    for (let i = 0; i < 15; i++) {
      const a = (i / 14) * Math.PI * (k < 1 ? 0.62 : 0.93),
        c = Math.cos(a),
        s = Math.sin(a);
      // Its outward normal in the world: only what looks this way is drawn.
      const away = [0, 1, 2].reduce((sum, r) => sum + lens[6 + r] * (turn[3 * r] * -c + turn[3 * r + 2] * out * s), 0);
      if (away >= 0.35) continue;
      const q = seen(
        lens,
        this.at('thorax', [-0.012 - 0.062 * c + 0.011 * (1 - c), y + 0.03 * c + 0.01, out * wide * s]),
      );
      hoop.push([q[0], q[1]]);
    }
    return hoop;
  }

  /** A rounded box for each vertebra. */
  column(): Paint[] {
    const path = [...this.lowBack(), ...this.chest()].map((v) => this.boxOf(v)).join('');
    return [{ role: 'bone', path }];
  }

  private lowBack(): Vertebra[] {
    const { frames, points: p } = this.page.skeleton;
    return LUMBAR.map((t) => {
      const c =
        t < WAIST_AT
          ? mix(p.lumbosacral, p.waist, t / WAIST_AT)
          : mix(p.waist, p.thorax, (t - WAIST_AT) / (1 - WAIST_AT));
      const { turn } = t < 0.35 ? frames.lower : frames.upper;
      return { at: add(c, scale(column(turn, 0), -0.004)), half: [0.018, 0.0125, 0.022], turn };
    });
  }

  private chest(): Vertebra[] {
    const { turn } = this.page.skeleton.frames.thorax;
    return Array.from({ length: THORACIC }, (_, k) => {
      const s = k / (THORACIC - 1);
      return {
        at: this.at('thorax', [-0.022 - 0.03 * Math.sin(Math.PI * s) + 0.02 * s, 0.012 + 0.215 * s, 0]),
        half: [0.014 - 0.003 * s, 0.0085, 0.017 - 0.005 * s],
        turn,
      };
    });
  }

  private boxOf({ at, half, turn }: Vertebra): string {
    const { lens } = this.page;
    const q = seen(lens, at);
    const axes = ([0, 1, 2] as const).map((k) => seen(lens, scale(column(turn, k), half[k])));
    const outline: P2[] = Array.from({ length: 20 }, (_, i) => {
      const a = (i * Math.PI) / 10,
        dx = Math.cos(a),
        dy = Math.sin(a);
      let x = q[0],
        y = q[1];
      for (const e of axes) {
        const u = Math.tanh((e[0] * dx + e[1] * dy) / 0.006);
        x += e[0] * u;
        y += e[1] * u;
      }
      return [x, y];
    });
    outline.push(outline[0]);
    return `${moveTo(outline[0])}${curves(outline, 0.0006, 2.5)}Z`;
  }

  /** A place of a frame at model size, in the world. */
  private at(frame: FrameName, v: Vec3): Vec3 {
    const { frames, build } = this.page.skeleton;
    return place(frames[frame].turn, sized(v, sizeIn(frame, build)), frames[frame].at);
  }
}

/** Middle, half sizes and turn of a vertebra. */
interface Vertebra {
  at: Vec3;
  half: readonly [number, number, number];
  turn: Float64Array;
}

function sizeIn(frame: FrameName, build: Build): Vec3 {
  if (frame === 'pelvis') return build.pelvis;
  if (frame.startsWith('thigh')) return build.thigh;
  if (frame.startsWith('shank')) return build.shank;
  return frame.startsWith('foot') ? build.foot : build.spine;
}
