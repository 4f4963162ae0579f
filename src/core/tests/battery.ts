import { kneeExtension9090 } from './battery/knee-extension-90-90';
import { kneeToChest } from './battery/knee-to-chest';
import { kneeToOppositeShoulder } from './battery/knee-to-opposite-shoulder';
import { kneeToWall } from './battery/knee-to-wall';
import { modifiedOber } from './battery/modified-ober';
import { modifiedThomas } from './battery/modified-thomas';
import { proneHipRotation } from './battery/prone-hip-rotation';
import { proneKneeBend } from './battery/prone-knee-bend';
import { seatedHipRotation } from './battery/seated-hip-rotation';
import { straightKneeLunge } from './battery/straight-knee-lunge';
import { straightLegRaise } from './battery/straight-leg-raise';
import { supineAbduction } from './battery/supine-abduction';
import type { Movement, Readout, TestDefinition } from './definition';

/** Every test that Kolpos knows; `batteries.ts` says which are asked for and in which order. */
export const BATTERY: readonly TestDefinition[] = [
  modifiedThomas,
  straightLegRaise,
  kneeExtension9090,
  kneeToChest,
  kneeToOppositeShoulder,
  supineAbduction,
  modifiedOber,
  proneKneeBend,
  proneHipRotation,
  seatedHipRotation,
  kneeToWall,
  straightKneeLunge,
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
  'hip-flexion-knee-bent': { test: 'knee-to-chest', readout: 'hip-flexion' },
  'hip-abduction': { test: 'supine-abduction', readout: 'straight-knee' },
  'cross-body': { test: 'knee-to-opposite-shoulder', readout: 'hip-adduction' },
  'internal-rotation-flexed': { test: 'seated-hip-rotation', readout: 'internal-rotation' },
  'external-rotation-flexed': { test: 'seated-hip-rotation', readout: 'external-rotation' },
  'ankle-dorsiflexion-knee-straight': { test: 'straight-knee-lunge', readout: 'ankle-dorsiflexion' },
  'ankle-dorsiflexion-knee-bent': { test: 'knee-to-wall', readout: 'shin-angle' },
};
export const MOVEMENTS = Object.keys(MAIN_TEST) as Movement[];
