import { add, dot, norm, scale, sub, type Skeleton, type Vec3 } from '@/core/body';
import { n, seen, type Lens } from '../projection';
import type { AngleMark, Drawing } from '../scene';

/** Radius of an angle's arc, reach of its zero line, and how far beyond the arc its number stands; metres. */
const ARC = 0.2;
const ZERO_LINE = 0.34;
const NUMBER = 0.13;

/** An angle as an arc from its zero line along the great circle to the limb. */
export function anglePaint(mark: AngleMark, { points: p, frames }: Skeleton, lens: Lens): Drawing['angles'][number] {
  const vertex = p[mark.vertex];
  const unit = (v: Vec3): Vec3 => scale(v, 1 / Math.max(1e-9, norm(v)));
  const to = unit(typeof mark.toward === 'string' ? sub(p[mark.toward], vertex) : mark.toward);
  const axis = (turn: Float64Array): Vec3 => [-turn[1], -turn[4], -turn[7]];
  const from = unit('along' in mark.zero ? axis(frames[mark.zero.along].turn) : mark.zero);
  const angle = Math.acos(Math.max(-1, Math.min(1, dot(from, to))));
  const steps = Math.max(2, Math.ceil(angle / 0.12));
  const at = (t: number, radius: number): { x: number; y: number } => {
    // A straight line stands in where both directions coincide.
    const s = Math.sin(angle);
    const a = s < 1e-6 ? 1 - t : Math.sin((1 - t) * angle) / s,
      b = s < 1e-6 ? t : Math.sin(t * angle) / s;
    const [x, y] = seen(lens, add(vertex, scale(add(scale(from, a), scale(to, b)), radius)));
    return { x, y };
  };
  const path = (points: { x: number; y: number }[]) => `M${points.map((q) => `${n(q.x)} ${n(q.y)}`).join('L')}`;
  const [x, y] = seen(lens, vertex);
  return {
    arc: path(Array.from({ length: steps + 1 }, (_, i) => at(i / steps, ARC))),
    zero: path([{ x, y }, at(0, ZERO_LINE)]),
    label: mark.label,
    at: at(0.5, ARC + NUMBER),
  };
}
