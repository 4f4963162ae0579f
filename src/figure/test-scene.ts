import type { Side } from '@/core/body';
import type { Readout, TestDefinition } from '@/core/assessment/definition';
import type { SceneProp } from './draw';
import type { View } from './projection';

/** Furniture of a test. */
export const propsOf = (test: TestDefinition): readonly SceneProp[] => test.drawn.props ?? [];

/** From where a read-out reads best. */
export function viewOf({ drawn: { view } }: TestDefinition, readout: Readout, side: Side): View {
  const { yaw, pitch } = typeof view === 'function' ? view(readout.id) : view;
  // Told for the right side; for the left the mirror, about the plane between front and back.
  return { yaw: side === 'right' ? yaw : 180 - yaw, pitch };
}
