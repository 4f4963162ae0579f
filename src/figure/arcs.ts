import {
  coordinateIndex,
  DEG,
  multiply,
  rotationZXY,
  skeletonOf,
  type Build,
  type HALF_NAMES,
  type Posture,
  type Side,
  type Vec3,
} from '@/core/body';
import type { AngleMark } from './draw';

type Name = (typeof HALF_NAMES)[number];

/** Angles that an arc can show at a joint, and how small an angle is left out, degrees. */
const SHOWN: readonly Name[] = ['hip_flexion', 'hip_adduction', 'hip_rotation', 'knee_flexion', 'ankle_dorsiflexion'];
const LEAST_DEG = 3;

const column = (m: Float64Array, c: number, sign: 1 | -1): Vec3 => [sign * m[c], sign * m[c + 3], sign * m[c + 6]];

/**
 * Arcs with their numbers for the joint angles of one leg that are not nought. Each lies in the plane that its angle
 * turns in: flexion from the pelvis, then adduction from there, rotation at the shin of a bent knee.
 */
export function legArcs(q: Posture, side: Side, names: readonly Name[], build?: Build): AngleMark[] {
  const { frames } = skeletonOf(q, {}, build);
  const at = (name: Name): number => q[coordinateIndex(`${name}_${side}`)];
  const m = side === 'right' ? 1 : -1;
  const fresh = () => new Float64Array(9);
  const turned = (f: number, a: number, r: number) =>
    multiply(frames.pelvis.turn, rotationZXY(f, m * a, m * r, fresh()), fresh());
  const flexion = at('hip_flexion'),
    adduction = at('hip_adduction');
  const mark = (vertex: string, zero: Vec3, toward: Vec3, angle: number): AngleMark => ({
    vertex: `${vertex}_${side}`,
    zero,
    toward,
    label: `${Math.round(Math.abs(angle) / DEG)}°`,
  });
  return SHOWN.filter((n) => names.includes(n) && Math.abs(at(n)) >= LEAST_DEG * DEG).flatMap((name): AngleMark[] => {
    const angle = at(name);
    switch (name) {
      case 'hip_flexion':
        return [mark('hip', column(frames.pelvis.turn, 1, -1), column(turned(flexion, 0, 0), 1, -1), angle)];
      case 'hip_adduction':
        return [mark('hip', column(turned(flexion, 0, 0), 1, -1), column(turned(flexion, adduction, 0), 1, -1), angle)];
      case 'hip_rotation': {
        // Seen only where the shin stands off the thigh.
        if (at('knee_flexion') < 30 * DEG) return [];
        const straight = multiply(
          turned(flexion, adduction, 0),
          rotationZXY(-at('knee_flexion'), 0, 0, fresh()),
          fresh(),
        );
        return [mark('shin', column(straight, 1, -1), column(frames[`shank_${side}`].turn, 1, -1), angle)];
      }
      case 'knee_flexion':
        return [
          mark('shin', column(frames[`thigh_${side}`].turn, 1, -1), column(frames[`shank_${side}`].turn, 1, -1), angle),
        ];
      default:
        return [
          mark('ankle', column(frames[`shank_${side}`].turn, 0, 1), column(frames[`foot_${side}`].turn, 0, 1), angle),
        ];
    }
  });
}
