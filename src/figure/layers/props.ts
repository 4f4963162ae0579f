import { contactsOf, fleshOf, SIDES, type Points, type Side, type Skeleton, type Vec3 } from '@/core/body';
import { boxCorners, rollEnd, silhouette, solidField, type Solid, type Window } from '../field/solid';
import type { MassField } from '../field/grid';
import { hull } from '../line/hull';
import { n, seen, type Lens, type P3 } from '../projection';
import type { Detail, Paint, Scene, SceneProp } from '../scene';

/** What stands beside the body: solids that hide and are hidden, and walls, which are only hinted at. */
interface Furniture {
  solid: Solid;
  /** Lines of folded layers. */
  layers?: number;
  wall?: boolean;
}

const polygon = (q: readonly P3[], closed = true): string =>
  `M${q.map((p) => `${n(p[0])} ${n(p[1])}`).join('L')}${closed ? 'Z' : ''}`;
const box = (from: Vec3, to: Vec3): Furniture => ({ solid: { shape: 'box', from, to } });

/** Thickness of a wall and of a table's top, height of a table that is drawn, of a chair's back; metres. */
const WALL = 0.04;
const WALL_HEIGHT = 1.25;
const TABLE = { top: 0.06, legs: 0.55, length: 1.05, half: 0.34 };
const CHAIR = { half: 0.2, seat: 0.03, back: 0.4, post: 0.014, rail: 0.12 };
const BLOCK = { half: 0.07, deep: 0.11 };
const BLANKET = { half: 0.13, deep: 0.19, layer: 0.02 };
const UNDER = 0.05;
const BOLSTER = { half: 0.3, level: 0.1, most: 0.15 };

/**
 * Where a prop stands: the middle of the places it is under, half their distance ahead and outward, the flesh over
 * them; metres.
 */
interface Standing {
  prop: SceneProp;
  points: Points;
  floor: number;
  middle: Vec3;
  half: { ahead: number; out: number };
  flesh: number;
  /** True where it is under two places. */
  shared: boolean;
}

/** The pieces of one prop of a scene, by what it holds up. */
function piecesOf(prop: SceneProp, { points }: Skeleton, floor: number): Furniture[] {
  const own = points[prop.at] as Vec3 | undefined;
  if (!own) return [];
  const mate = prop.also ? points[prop.also] : undefined;
  // Between two points, under the lower of them.
  const middle: Vec3 = mate ? [(own[0] + mate[0]) / 2, Math.min(own[1], mate[1]), (own[2] + mate[2]) / 2] : own;
  const half = mate
    ? { ahead: Math.abs(own[0] - mate[0]) / 2, out: Math.abs(own[2] - mate[2]) / 2 }
    : { ahead: 0, out: 0 };
  return MADE[prop.kind]({ prop, points, floor, middle, half, flesh: fleshOf(prop.at), shared: mate !== undefined });
}

const MADE: Readonly<Record<SceneProp['kind'], (s: Standing) => Furniture[]>> = {
  table: tableOf,
  wall: wallOf,
  chair: chairOf,
  bolster: bolsterOf,
  block: (s) => [boxUnder(s, BLOCK)],
  blanket: (s) => {
    const layers = Math.max(2, Math.min(5, Math.round((topUnder(s) - s.floor) / BLANKET.layer)));
    return [{ ...boxUnder(s, BLANKET), layers }];
  },
  // Drawn over the body, see `strapPaints`.
  strap: () => [],
};

/** Height of what is under a place: most of the flesh is pressed flat. */
const topUnder = ({ floor, middle, flesh }: Standing, least = 0.02): number =>
  Math.max(floor + least, middle[1] - 0.8 * flesh);

function tableOf({ points: p, floor }: Standing): Furniture[] {
  const edge = (p.hip_left[0] + p.hip_right[0]) / 2 + 0.02;
  const leg = (x: number) => box([x, floor - TABLE.legs, 0.28], [x + 0.045, floor - TABLE.top, 0.325]);
  return [
    leg(edge - TABLE.length + 0.07),
    leg(edge - 0.08),
    box([edge - TABLE.length, floor - TABLE.top, -TABLE.half], [edge, floor, TABLE.half]),
  ];
}

function wallOf({ prop, points, floor, middle: c, flesh }: Standing): Furniture[] {
  if (!prop.side) return leaning(points, floor);
  if (prop.side === 'beside') {
    const s = Math.sign(c[2]) || 1,
      z = c[2] + s * flesh;
    return [{ ...box([c[0] - 0.5, floor, z], [c[0] + 0.5, floor + WALL_HEIGHT, z + s * WALL]), wall: true }];
  }
  const a = prop.side === 'ahead' ? 1 : -1,
    x = c[0] + a * flesh;
  return [{ ...box([x, floor, -0.4], [x + a * WALL, floor + WALL_HEIGHT, 0.4]), wall: true }];
}

function chairOf(standing: Standing): Furniture[] {
  const { prop, points: p, floor, middle: c, shared } = standing;
  const top = topUnder(standing, 0.1),
    k = CHAIR.half - CHAIR.post;
  // Its back stands away from the body's middle; behind, where somebody sits on it; ahead of whoever stands and lays a
  // shin on it.
  const away = Math.sign(c[0] - (p.pelvis[0] + p.thorax[0]) / 2) || -1;
  const shin = shared && /^(knee|ankle)/.test(prop.at);
  const back = shin ? 1 : Math.abs(c[0]) < 0.12 ? -1 : away;
  const high = top + CHAIR.back;
  const post = (x: number, z: number): Furniture =>
    box(
      [c[0] + x - CHAIR.post, floor, c[2] + z - CHAIR.post],
      [c[0] + x + CHAIR.post, Math.sign(x) === back ? high : top, c[2] + z + CHAIR.post],
    );
  return [
    ...[-k, k].flatMap((x) => [post(x, -k), post(x, k)]),
    box([c[0] - CHAIR.half, top - CHAIR.seat, c[2] - CHAIR.half], [c[0] + CHAIR.half, top, c[2] + CHAIR.half]),
    box([c[0] + back * k - 0.01, high - CHAIR.rail, c[2] - k], [c[0] + back * k + 0.01, high, c[2] + k]),
  ];
}

function bolsterOf(standing: Standing): Furniture[] {
  const { prop, floor, middle: c, half } = standing;
  const upright = Math.max(0.03, (topUnder(standing) - floor) / 2);
  return [
    {
      solid: {
        shape: 'roll',
        at: [c[0], floor + upright, c[2]],
        along: /back|head|chest|waist/.test(prop.at) ? 0 : 2,
        half: BOLSTER.half,
        level: Math.max(upright, Math.min(BOLSTER.most, BOLSTER.level + half.ahead)),
        upright,
      },
    },
  ];
}

/** One piece under two places reaches a little beyond both. */
function boxUnder(standing: Standing, size: { half: number; deep: number }): Furniture {
  const { floor, middle: c, half } = standing;
  const wide = Math.max(size.half, half.ahead + UNDER),
    deep = Math.max(size.deep, half.out + UNDER);
  return box([c[0] - wide, floor, c[2] - deep], [c[0] + wide, topUnder(standing), c[2] + deep]);
}

/** A hand is held out to a wall from this distance off its shoulder, metres. */
const HELD_OUT = 0.32;

/** A wall that hands lean on: ahead or beside, where a hand is held out level; none where no hand is. */
function leaning(p: Points, floor: number): Furniture[] {
  for (const s of SIDES) {
    const hand = p[`hand_${s}`],
      shoulder = p[`shoulder_${s}`];
    const ahead = hand[0] - shoulder[0],
      out = Math.abs(hand[2]) - Math.abs(shoulder[2]);
    if (hand[1] < floor + 0.5) continue;
    if (ahead > HELD_OUT && ahead > out) {
      const x = hand[0] + 0.03;
      return [{ ...box([x, floor, -0.4], [x + WALL, floor + WALL_HEIGHT, 0.4]), wall: true }];
    }
    if (out > HELD_OUT) {
      const side = Math.sign(hand[2]),
        z = hand[2] + side * 0.03;
      return [{ ...box([hand[0] - 0.5, floor, z], [hand[0] + 0.5, floor + WALL_HEIGHT, z + side * WALL]), wall: true }];
    }
  }
  return [];
}

/** Depth of a solid's middle. */
const depthOf = (s: Solid, m: Lens): number =>
  seen(
    m,
    s.shape === 'roll' ? s.at : [(s.from[0] + s.to[0]) / 2, (s.from[1] + s.to[1]) / 2, (s.from[2] + s.to[2]) / 2],
  )[2];

/**
 * What props are drawn on: the body that they hold up, the floor and how it is all seen; cells of `step` metres within
 * a window.
 */
interface Room {
  skeleton: Skeleton;
  floor: number;
  lens: Lens;
  detail: Detail;
  step: number;
  window: Window;
}

/** Ground, shadows and props of a scene from far to near, and the fields of what can hide the body. */
export function propsOf(
  scene: Scene,
  { skeleton, floor, lens, detail, step, window }: Room,
): { paints: Paint[]; fields: MassField[] } {
  const paints: Paint[] = [];
  const onTable = scene.props?.some((q) => q.kind === 'table') === true;
  const small = detail === 'small';
  if (!onTable) {
    // A lying body in a thumbnail would shrink to the size of its mat.
    if (!small) paints.push(mat(skeleton, floor, lens));
    if (detail !== 'moving' && !small) paints.push(...shadows(skeleton, floor, lens));
  }
  const pieces = (scene.props ?? [])
    .flatMap((q) => piecesOf(q, skeleton, floor))
    .sort((a, b) => depthOf(b.solid, lens) - depthOf(a.solid, lens));
  const fields: MassField[] = [];
  pieces.forEach((piece, i) => {
    paints.push(...solidPaints(piece, lens, small));
    if (piece.wall) return;
    const field = solidField(`prop_${i}`, piece.solid, lens, step, window);
    if (field) fields.push(field);
  });
  return { paints, fields };
}

/** As long as what is on it, at least a mat's width. */
function mat({ points }: Skeleton, floor: number, lens: Lens): Paint {
  const all = Object.values(points);
  const x0 = Math.min(...all.map((q) => q[0])) - 0.1,
    x1 = Math.max(...all.map((q) => q[0])) + 0.1;
  const z0 = Math.min(-0.32, Math.min(...all.map((q) => q[2])) - 0.06),
    z1 = Math.max(0.32, Math.max(...all.map((q) => q[2])) + 0.06);
  const corners = [
    [x0, z0],
    [x1, z0],
    [x1, z1],
    [x0, z1],
  ].map(([x, z]) => seen(lens, [x, floor, z]));
  return { role: 'mat', path: polygon(hull([...corners, ...corners.map(([x, y, z]): P3 => [x, y + 0.007, z])])) };
}

/** Where flesh presses on the floor: an oval a little wider than what touches. */
const shadows = ({ points }: Skeleton, floor: number, lens: Lens): Paint[] =>
  contactsOf(points, floor).map((name) => {
    const q = points[name],
      r = 0.8 * fleshOf(name) + 0.03;
    const oval = Array.from({ length: 20 }, (_, i) =>
      seen(lens, [q[0] + r * 1.15 * Math.cos((i * Math.PI) / 10), floor, q[2] + r * Math.sin((i * Math.PI) / 10)]),
    );
    return { role: 'shadow', path: polygon(oval) };
  });

/** Faces that look this way, edges, layers. */
function solidPaints({ solid: s, layers = 0, wall }: Furniture, m: Lens, small: boolean): Paint[] {
  const outline = polygon(silhouette(s, m));
  if (wall) return [{ role: 'wall', path: outline }];
  const out: Paint[] = [{ role: 'prop', path: outline }];
  if (s.shape === 'roll') {
    const near = (s.along === 0 ? m[6] : m[8]) < 0 ? 1 : -1;
    out.push({ role: 'prop-side', path: polygon(rollEnd(s, near).map((p) => seen(m, p))) });
    if (!small)
      out.push({
        role: 'prop-edge',
        path: [1, 0.55].map((k) => polygon(rollEnd(s, near, k).map((p) => seen(m, p)))).join(''),
      });
  } else {
    const corners = boxCorners(
      [Math.min(s.from[0], s.to[0]), Math.min(s.from[1], s.to[1]), Math.min(s.from[2], s.to[2])],
      [Math.max(s.from[0], s.to[0]), Math.max(s.from[1], s.to[1]), Math.max(s.from[2], s.to[2])],
    );
    const at = (x: number, y: number, z: number): P3 => seen(m, corners[4 * x + 2 * y + z]);
    const fx = m[6] < 0 ? 1 : 0,
      fz = m[8] < 0 ? 1 : 0,
      // The lid when seen from above, the underside from below.
      fy = m[7] < 0 ? 1 : 0;
    const sideX = [at(fx, 0, 0), at(fx, 1, 0), at(fx, 1, 1), at(fx, 0, 1)],
      sideZ = [at(0, 0, fz), at(1, 0, fz), at(1, 1, fz), at(0, 1, fz)];
    out.push({ role: 'prop-side', path: polygon(Math.abs(m[6]) < Math.abs(m[8]) ? sideX : sideZ) });
    let edges =
      polygon([at(fx, fy, 1 - fz), at(fx, fy, fz), at(1 - fx, fy, fz)], false) +
      polygon([at(fx, fy, fz), at(fx, 1 - fy, fz)], false);
    for (let k = 1; k < layers && !small; k++) {
      const part = (x: number, z: number): P3 => {
        const a = at(x, 0, z),
          b = at(x, 1, z),
          t = k / layers;
        return [a[0] + (b[0] - a[0]) * t, a[1] + (b[1] - a[1]) * t, 0];
      };
      edges += polygon([part(fx, 1 - fz), part(fx, fz), part(1 - fx, fz)], false);
    }
    out.push({ role: 'prop-edge', path: edges });
  }
  out.push({ role: 'prop-outline', path: outline });
  return out;
}

/** World direction of each strap, by the hand that holds it. */
export function strapsOf(scene: Scene, { points: p }: Skeleton): Partial<Record<Side, Vec3>> {
  const out: Partial<Record<Side, Vec3>> = {};
  for (const q of scene.props ?? []) {
    const to = q.kind === 'strap' && q.to ? p[q.to] : undefined;
    if (!to || !q.to) continue;
    const from = p[q.at];
    const d = Math.hypot(to[0] - from[0], to[1] - from[1], to[2] - from[2]) || 1;
    out[q.to.endsWith('left') ? 'left' : 'right'] = [
      (to[0] - from[0]) / d,
      (to[1] - from[1]) / d,
      (to[2] - from[2]) / d,
    ];
  }
  return out;
}

/** Half the width of a strap, metres. */
const STRAP = 0.014;

/** A strap: one band from the hand round the ball of the foot, its loop across the sole. */
export function strapPaints(scene: Scene, { points: p, frames }: Skeleton, lens: Lens): Paint[] {
  const out: Paint[] = [];
  for (const q of scene.props ?? []) {
    if (q.kind !== 'strap' || !q.to || !(q.to in p)) continue;
    const side: Side = q.at.endsWith('left') ? 'left' : 'right';
    const t = frames[`midfoot_${side}`].turn;
    const foot = p[q.at],
      hand = p[q.to.replace('wrist', 'hand')];
    const onFoot = (out_: number, down: number): P3 =>
      seen(lens, [
        foot[0] + t[2] * out_ - t[1] * down,
        foot[1] + t[5] * out_ - t[4] * down,
        foot[2] + t[8] * out_ - t[7] * down,
      ]);
    const from = seen(lens, hand);
    // Both edges of the loop leave the sole and meet in the hand: one band, as wide there as the foot is seen.
    const a = onFoot(0.044, 0.014),
      b = onFoot(-0.044, 0.014);
    const l = Math.hypot(a[0] - from[0], a[1] - from[1]) || 1;
    const nx = (-(a[1] - from[1]) / l) * STRAP,
      ny = ((a[0] - from[0]) / l) * STRAP;
    const spread = (a[0] - b[0]) * nx + (a[1] - b[1]) * ny > 0 ? 1 : -1;
    out.push({
      role: 'strap',
      path: polygon([
        [from[0] + nx * 0.6 * spread, from[1] + ny * 0.6 * spread, 0],
        [a[0] + nx * 0.5 * spread, a[1] + ny * 0.5 * spread, 0],
        [b[0] - nx * 0.5 * spread, b[1] - ny * 0.5 * spread, 0],
        [from[0] - nx * 0.6 * spread, from[1] - ny * 0.6 * spread, 0],
      ]),
    });
  }
  return out;
}
