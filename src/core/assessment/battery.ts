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
import { ober } from './battery/ober';
import { faber } from './battery/faber';
import { bentKneeFallOut } from './battery/bent-knee-fall-out';
import { figureFour } from './battery/figure-four';
import { straddle } from './battery/straddle';
import { kneelingSit } from './battery/kneeling-sit';
import { sitAndReach } from './battery/sit-and-reach';
import { standingPelvicTilt } from './battery/standing-pelvic-tilt';
import { pronePressUp } from './battery/prone-press-up';
import { trochantericVersion } from './battery/trochanteric-version';
import { deepSquat } from './battery/deep-squat';
import { lumbarBend, mobilityScore, slump } from './battery/nerve-and-whole';
import { chairStands, stepDownTest } from './battery/strength-everyday';
import { seatedHipFlexionHold, seatedRotationStrength, seatedKneeExtension } from './battery/strength-sitting';
import {
  proneHipExtension,
  proneKneeFlexion,
  sideLyingAbduction,
  sideLyingAdduction,
  singleLegBridge,
  adductorSqueeze,
} from './battery/strength-lying';
import { wallSit, heelRaises, singleLegStance } from './battery/strength-standing';
import { doubleLegLowering, frontPlank, sidePlank, trunkExtensionHold } from './battery/strength-trunk';
import {
  isModelled,
  type ModelledReadout,
  type Movement,
  type Readout,
  type ReadoutId,
  type TestDefinition,
} from './definition';

/** Tests of length, of how the body is built, and of the whole chain. */
const LENGTH = [
  modifiedThomas,
  straightLegRaise,
  kneeExtension9090,
  kneeToChest,
  kneeToOppositeShoulder,
  faber,
  bentKneeFallOut,
  supineAbduction,
  ober,
  modifiedOber,
  proneKneeBend,
  proneHipRotation,
  trochantericVersion,
  pronePressUp,
  seatedHipRotation,
  figureFour,
  straddle,
  sitAndReach,
  kneelingSit,
  kneeToWall,
  straightKneeLunge,
  standingPelvicTilt,
  deepSquat,
  slump,
  lumbarBend,
  mobilityScore,
] as const;

/** Tests of strength and of endurance. */
const STRENGTH = [
  seatedHipFlexionHold,
  seatedRotationStrength,
  seatedKneeExtension,
  proneHipExtension,
  proneKneeFlexion,
  sideLyingAbduction,
  sideLyingAdduction,
  adductorSqueeze,
  doubleLegLowering,
  singleLegStance,
  stepDownTest,
  chairStands,
  singleLegBridge,
  heelRaises,
  wallSit,
  frontPlank,
  sidePlank,
  trunkExtensionHold,
] as const;

/** Every test that Kolpos knows; `batteries.ts` says which are asked for and in which order. */
export const BATTERY: readonly KnownTest[] = [...LENGTH, ...STRENGTH];
/** Names of the tests, as readings keep them. What a file holds may be another: `testById` tells. */
export type TestId = (typeof LENGTH | typeof STRENGTH)[number]['id'];

export type KnownTest = TestDefinition<TestId>;

export const testById = (id: string): KnownTest | null => BATTERY.find((t) => t.id === id) ?? null;

/** Whether a reading, or what else names a test, is of this test (and read-out). */
export const isOf = (r: { test: string; readout?: string }, test: TestId, readout?: ReadoutId): boolean =>
  r.test === test && (readout === undefined || r.readout === readout);

/** A read-out of a test, or null where either name is unknown. */
export const readoutOf = (test: string, readout: string): Readout | null =>
  testById(test)?.readouts.find((r) => r.id === readout) ?? null;

/** What may stop a read-out, by the field's own ranks: its own list, else its test's; empty for what is unknown. */
export const limitersOf = (test: string, readout: string): TestDefinition['limiters'] =>
  readoutOf(test, readout)?.limiters ?? testById(test)?.limiters ?? [];

/** A read-out that the body model can use, or null. */
export function modelledReadoutOf(test: string, readout: string): ModelledReadout | null {
  const found = readoutOf(test, readout);
  return found && isModelled(found) ? found : null;
}

/** The test that asks for a movement most directly; others add evidence. */
export const MAIN_TEST: Readonly<Record<Movement, { test: TestId; readout: ReadoutId }>> = {
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
  kneeling: { test: 'kneeling-sit', readout: 'heel-gap' },
};
export const MOVEMENTS = Object.keys(MAIN_TEST) as Movement[];
