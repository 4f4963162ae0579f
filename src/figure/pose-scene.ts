import { say } from '@/core/languages/spoken';
import { postureFrom, type Build, type Side } from '@/core/body';
import { anglesAt, reachFor, rungOf } from '@/core/poses';
import type { Scene } from './draw';
import { sceneProps } from './scene-props';

/**
 * How a rung at a depth is drawn, with its words: seen so that the worked side is the near one; null for a pose that is
 * not here.
 */
export function poseScene(
  pose: string,
  rung: number,
  side: Side | 'both',
  depth: number,
  build?: Build,
): (Scene & { label: string }) | null {
  const found = rungOf(pose, rung);
  if (!found) return null;
  const worked: Side = side === 'both' ? 'right' : side;
  const yaw = found.shape.yaw ?? 12;
  return {
    posture: postureFrom(anglesAt(found.rung, worked, depth)),
    build,
    reach: reachFor(found.rung, worked),
    props: sceneProps(found.rung, worked),
    view: { yaw: worked === 'right' ? yaw : 180 - yaw, pitch: found.shape.pitch ?? 12 },
    label: `${say(found.shape.name)}, ${say(found.rung.name)}${side === 'both' ? '' : `, ${say(side)}`}.`,
  };
}
