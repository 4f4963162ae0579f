import { postureFrom, type FrameName, type Posture, type Side } from '@/core/body';
import { anglesFor, realName } from '@/core/poses/format';
import type { Context, DrawnAngle, Readout, TestDefinition } from './definition';

/**
 * Whole-body posture (radians) of a test at a reading, for the figure: lying as the test lies, other leg as it is held.
 */
export function testPosture(
  test: TestDefinition,
  readout: Readout,
  side: Side,
  value: number,
  context: Context,
): Posture {
  return postureFrom(anglesFor(test.drawn.angles(value, { readout, context }), side));
}

/** Where the angle of a read-out is drawn on a body in that test; null where the reading is no angle. */
export function testAngle(test: TestDefinition, readout: Readout, side: Side): DrawnAngle | null {
  if (readout.unit !== 'deg') return null;
  const angle = test.drawn.angle?.(readout.id);
  if (!angle) return null;
  const named = (name: string) => realName(name, side);
  const { zero } = angle;
  // A direction across the body is told for the right side and mirrored for the left.
  const own: DrawnAngle['zero'] =
    'along' in zero
      ? { along: named(zero.along) as FrameName }
      : side === 'left'
        ? ([zero[0], zero[1], -zero[2]] as const)
        : zero;
  return { vertex: named(angle.vertex), toward: named(angle.toward), zero: own };
}
