import { add, floorOf, skeletonOf, type Skeleton, type Vec3 } from '@/core/body';
import { blur, shared, THERE, type MassField } from './field/grid';
import { fieldOf } from './field/mass-field';
import { fillet } from './field/union';
import { bodyForm } from './form/body-form';
import type { Mass } from './form/ellipsoid';
import { anglePaint } from './layers/angles';
import { bonePaints } from './layers/bones';
import { inkPaints } from './layers/ink';
import { musclePaints } from './layers/muscles';
import { GROWN, isFine, type Page } from './layers/page';
import { propsOf, strapPaints, strapsOf } from './layers/props';
import { skinPaints } from './layers/skin';
import { lensOf, seen, UNIT, type View } from './projection';
import type { Box, Detail, Drawing, Paint, Scene, Shown } from './scene';

export type { AngleMark, Box, Detail, Drawing, Paint, Role, Scene, SceneProp, Shown, Tint } from './scene';

/** Width of a cell, metres: a pixel or two at the size that a detail is for. */
const CELL: Readonly<Record<Detail, number>> = { moving: 0.01, small: 0.009, medium: 0.006, large: 0.005 };
/** Width of the pen, metres. */
const PEN: Readonly<Record<Detail, number>> = { moving: 0.0058, small: 0.011, medium: 0.0068, large: 0.0054 };

/** A scene worked out in space, ready to be seen from any side. */
export interface Prepared {
  scene: Scene;
  detail: Detail;
  skeleton: Skeleton;
  masses: Mass[];
  /** Height of the floor, or of a table's top; metres. */
  floor: number;
}

/** The half of drawing that turning the figure does not change. */
export function prepare(scene: Scene, detail: Detail = 'large'): Prepared {
  const skeleton = skeletonOf(scene.posture, scene.reach, scene.build);
  const table = scene.props?.find((q) => q.kind === 'table');
  const floor = table ? skeleton.points[table.at][1] - 0.09 : floorOf(skeleton.points, scene.reach ?? {});
  const masses = bodyForm(skeleton, {
    reach: scene.reach,
    straps: strapsOf(scene, skeleton),
    floor,
    cell: CELL[detail],
    pregnant: scene.build?.pregnant,
  });
  return { scene, detail, skeleton, masses, floor };
}

/** A scene as paths, painted far to near. Metres on paper at the size of the scene's build. */
export const draw = (scene: Scene, detail: Detail = 'large'): Drawing => paint(prepare(scene, detail), scene.view);

const shownOf = (scene: Scene): Shown => scene.shown ?? (scene.tints?.length ? 'muscles' : 'skin');

/** The same for a scene that is prepared, from any side. */
export function paint({ scene, detail, skeleton, masses, floor }: Prepared, view: View): Drawing {
  const lens = lensOf(view);
  const step = CELL[detail];
  const body = masses.map((mass) => fieldOf(mass, lens, step));
  const passes = Math.max(1, Math.min(3, Math.round((0.0045 / step) ** 2)));
  for (const F of body) if (!F.name.startsWith('ear')) blur(F.f, F.w, F.h, F.name === 'head' ? 1 : passes);
  for (const { of, to, fill, reach } of GROWN)
    for (const A of body) if (of.test(A.name)) for (const B of body) if (to.test(B.name)) fillet(A, B, fill, reach);
  const shown = shownOf(scene);
  const order = farToNear(body);
  const far = farOf(order);
  const bounds = boundsOf(body);
  const { x, y, width, height } = bounds;
  const props =
    scene.ground === false
      ? { paints: [], fields: [] }
      : propsOf(scene, { skeleton, floor, lens, detail, step, window: [x, y, x + width, y + height] });
  const page: Page = {
    scene,
    skeleton,
    floor,
    lens,
    detail,
    fields: [...body, ...props.fields],
    ghosts: shown === 'skin' ? new Set() : hanging(body),
    far,
    bare: shown !== 'skin',
    pen: PEN[detail] * (scene.zoom ?? 1),
  };
  const { paints: skin, hems, hair } = skinPaints(page, order);
  // A forehead is not hidden by the hair that would stand before it, were it not for the hairline.
  const inked = hair ? page.fields.map((F) => (F.name === 'hair' ? { ...F, f: hair } : F)) : page.fields;
  const paints: Paint[] = [
    ...props.paints,
    ...skin,
    ...strapPaints(scene, skeleton, lens),
    ...(shown !== 'skin' && isFine(detail) ? bonePaints(page) : []),
    ...(shown === 'bones' ? [] : musclePaints(page)),
    ...inkPaints({ ...page, fields: inked }, order, hems),
  ];
  return {
    paints,
    box: framed(bounds, paints, detail),
    points: Object.fromEntries(
      Object.entries(skeleton.points).map(([name, at]) => {
        const [x, y, depth] = seen(lens, at);
        return [name, { x, y, depth }];
      }),
    ),
    angles: [...(scene.angle ? [scene.angle] : []), ...(scene.angles ?? [])].map((a) => anglePaint(a, skeleton, lens)),
  };
}

/** Mean depth of a mass's rim, metres, from every seventh cell. */
function depthOf(F: MassField): number {
  let sum = 0,
    count = 0;
  for (let i = 0; i < F.f.length; i += 7)
    if (F.f[i] > 0 && F.rim[i] < THERE) {
      sum += F.rim[i];
      count++;
    }
  return count ? sum / count : 0;
}

/** Masses by the depth of their rims; hair and ears with their head. */
function farToNear(body: readonly MassField[]): MassField[] {
  const placed = body.map((F) => ({ F, z: depthOf(F) - F.nudge }));
  const head = placed.find((q) => q.F.name === 'head')?.z ?? 0;
  for (const q of placed) {
    if (q.F.name === 'hair') q.z = head - 0.001;
    if (q.F.name.startsWith('ear')) q.z = q.z > head - 0.012 ? head + 0.001 : head - 0.002;
  }
  return placed.sort((a, b) => b.z - a.z).map((q) => q.F);
}

/** Masses that lie behind the trunk by more than this are drawn lighter, metres. */
const BEYOND = 0.05;
function farOf(order: readonly MassField[]): Set<string> {
  const trunk = order.find((F) => F.name === 'trunk');
  const z = trunk ? depthOf(trunk) : 0;
  return new Set(order.filter((F) => depthOf(F) > z + BEYOND).map((F) => F.name));
}

/** An arm that hangs before hip or leg over more than this is only hinted at, square metres. */
const BEFORE = 0.012;
function hanging(body: readonly MassField[]): Set<string> {
  const out = new Set<string>();
  for (const A of body) {
    if (!A.name.startsWith('arm')) continue;
    let over = 0;
    for (const B of body) {
      if (!B.name.startsWith('leg') && B.name !== 'trunk') continue;
      const { i0, i1, j0, j1, di, dj } = shared(A, B);
      for (let j = j0; j < j1; j += 2)
        for (let i = i0; i < i1; i += 2) {
          const a = j * A.w + i,
            b = (j - dj) * B.w + i - di;
          if (A.f[a] > 0 && B.f[b] > 0.01 && A.front[a] < B.front[b] - 0.01) over++;
        }
    }
    if (over * 4 * A.step * A.step > BEFORE) out.add(A.name);
  }
  return out;
}

function boundsOf(body: readonly MassField[]): Box {
  const x = Math.min(...body.map((F) => F.i0 * F.step)),
    y = Math.min(...body.map((F) => F.j0 * F.step));
  return {
    x,
    y,
    width: Math.max(...body.map((F) => (F.i0 + F.w) * F.step)) - x,
    height: Math.max(...body.map((F) => (F.j0 + F.h) * F.step)) - y,
  };
}

/** Free paper round the picture, metres. */
const MARGIN = 0.03;
const GROUND = new Set(['mat', 'prop', 'wall', 'strap']);

/** Bounds of the body and of what it stands on. */
function framed(body: Box, paints: readonly Paint[], detail: Detail): Box {
  let x0 = body.x,
    y0 = body.y,
    x1 = body.x + body.width,
    y1 = body.y + body.height;
  for (const { role, path } of paints) {
    if (!GROUND.has(role)) continue;
    for (const [, x, y] of path.matchAll(/[ML](-?\d+) (-?\d+)/g)) {
      x0 = Math.min(x0, Number(x) * UNIT);
      x1 = Math.max(x1, Number(x) * UNIT);
      y0 = Math.min(y0, Number(y) * UNIT);
      y1 = Math.max(y1, Number(y) * UNIT);
    }
  }
  const pad = detail === 'small' ? MARGIN / 2 : MARGIN;
  return { x: x0 - pad, y: y0 - pad, width: x1 - x0 + 2 * pad, height: y1 - y0 + 2 * pad };
}

/** Flesh and air round a body's points, metres. */
const AROUND = 0.14;

/**
 * A part of the body seen from near: a named point, an offset from it in the world, and half the width shown, metres.
 */
export interface Near {
  point: string;
  offset: Vec3;
  reach: number;
}

/** Bounds that do not change while the figure turns about the vertical: as wide as the body from its widest side. */
export function steadyBox({ skeleton, floor }: Pick<Prepared, 'skeleton' | 'floor'>, view: View, near?: Near): Box {
  const lens = lensOf(view);
  if (near) {
    const [x, y] = seen(lens, add(skeleton.points[near.point], near.offset));
    return { x: x - near.reach, y: y - near.reach, width: 2 * near.reach, height: 2 * near.reach };
  }
  const all = Object.values(skeleton.points);
  const middle = (k: 0 | 1 | 2): number => (Math.min(...all.map((v) => v[k])) + Math.max(...all.map((v) => v[k]))) / 2;
  const centre: Vec3 = [middle(0), middle(1), middle(2)];
  const around = Math.max(...all.map((v) => Math.hypot(v[0] - centre[0], v[2] - centre[2]))) + AROUND;
  const pitch = (Math.abs(view.pitch) * Math.PI) / 180;
  const tall = Math.max(...all.map((v) => Math.abs(v[1] - centre[1])), centre[1] - floor) + AROUND;
  const half = tall * Math.cos(pitch) + around * Math.sin(pitch);
  const [x, y] = seen(lens, centre);
  return { x: x - around, y: y - half, width: 2 * around, height: 2 * half };
}

/** Bounds that hold several bodies drawn over each other from the same side. */
export function sharedBox(bodies: readonly Pick<Prepared, 'skeleton'>[], view: View): Box {
  const lens = lensOf(view);
  const all = bodies.flatMap((b) => Object.values(b.skeleton.points).map((p) => seen(lens, p)));
  const x = Math.min(...all.map((p) => p[0])) - AROUND,
    y = Math.min(...all.map((p) => p[1])) - AROUND;
  return {
    x,
    y,
    width: Math.max(...all.map((p) => p[0])) + AROUND - x,
    height: Math.max(...all.map((p) => p[1])) + AROUND - y,
  };
}
