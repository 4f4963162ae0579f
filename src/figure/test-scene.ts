import type { Side } from '@/core/body';
import type { TestPosition, Readout, TestDefinition } from '@/core/assessment/definition';
import type { SceneProp } from './draw';
import type { View } from './projection';

/** What a test lies or sits on. */
const FURNITURE: Partial<Record<TestPosition, readonly SceneProp[]>> = {
  'table edge': [{ kind: 'table', at: 'pelvis' }],
  sitting: [
    { kind: 'bolster', at: 'buttock_left' },
    { kind: 'bolster', at: 'buttock_right' },
  ],
};

/** Furniture of a test: its own, else that of its position. */
export const propsOf = (test: TestDefinition): readonly SceneProp[] =>
  test.drawn ? (test.drawn.props ?? []) : (FURNITURE[test.position] ?? []);

/** From where a movement reads best: turning is seen along the thigh, drifting from above. */
export function viewOf(test: TestDefinition, readout: Readout, side: Side): View {
  if (test.drawn) {
    const { yaw, pitch } = test.drawn.view;
    // Told for the right side; for the left the mirror, about the plane between front and back.
    return { yaw: side === 'right' ? yaw : 180 - yaw, pitch };
  }
  if (test.position === 'on the side') return { yaw: side === 'right' ? -78 : 258, pitch: 12 };
  if (readout.movement === 'hip-abduction' || readout.id === 'hip-abduction')
    return { yaw: side === 'right' ? -35 : 215, pitch: 60 };
  if (readout.id.endsWith('rotation')) return { yaw: side === 'right' ? -70 : 250, pitch: 20 };
  if (readout.movement === 'cross-body') return { yaw: side === 'right' ? -60 : 240, pitch: 18 };
  return { yaw: side === 'right' ? 10 : 170, pitch: 8 };
}
