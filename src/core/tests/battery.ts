import { kneeExtension9090 } from './battery/knee-extension-90-90';
import { modifiedThomas } from './battery/modified-thomas';
import { proneHipRotation } from './battery/prone-hip-rotation';
import { proneKneeBend } from './battery/prone-knee-bend';
import { straightLegRaise } from './battery/straight-leg-raise';
import type { Movement, Readout, TestDefinition } from './definition';

/** The battery, ordered so that the student is turned over as seldom as possible. */
export const BATTERY: readonly TestDefinition[] = [
  modifiedThomas,
  straightLegRaise,
  kneeExtension9090,
  proneKneeBend,
  proneHipRotation,
];

export const testById = (id: string): TestDefinition | null => BATTERY.find((t) => t.id === id) ?? null;

/** A read-out of a test, or null where either name is unknown. */
export const readoutOf = (test: string, readout: string): Readout | null =>
  testById(test)?.readouts.find((r) => r.id === readout) ?? null;

/** The test that asks for a movement most directly; others add evidence. */
export const MAIN_TEST: Readonly<Record<Movement, { test: string; readout: string }>> = {
  'hip-extension': { test: 'modified-thomas', readout: 'hip-extension' },
  'knee-flexion-hip-extended': { test: 'prone-knee-bend', readout: 'knee-flexion' },
  'hip-flexion-knee-straight': { test: 'straight-leg-raise', readout: 'hip-flexion' },
  'hip-adduction': { test: 'modified-thomas', readout: 'hip-abduction' },
  'internal-rotation-extended': { test: 'prone-hip-rotation', readout: 'internal-rotation' },
  'external-rotation-extended': { test: 'prone-hip-rotation', readout: 'external-rotation' },
};
export const MOVEMENTS = Object.keys(MAIN_TEST) as Movement[];
