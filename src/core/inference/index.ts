/**
 * What findings are, and how they are told. What computes them (`infer.ts` and what it stands on) is asked for by its
 * own file: a page that only shows findings does not fetch it.
 */
export * from './findings';
export { isLimited, LIMITED, ONE_NAME, tellsOfMuscle } from './statements';
export type { Inference, Inferred, InferOptions, Posterior } from './infer';
export { MODEL_VERSION } from './version';
export type { FeltInPose } from './pose-places';
export type { Question, Settling, Suggestion } from './question';
export type { Doubt } from './consistency';
export { CONTROL_GAP, controlGap, JOINT_IDS, type Hint, type JointId } from './hints';
export { endFeelGiven, isFeltAt, placeGiven } from './evidence';
export { groupStrength, summariseStrength, type StrengthFinding } from './strength';
export { atComplaints, type AtComplaint } from './at-complaint';
export { limitsOf, readLimits, restsOn, writeLimits, type Limit, type LimitsOf } from './limits';
export { capacities, type Capacity } from './capacity';
export type { Carrier } from './influence';
export type { Draws } from './hamiltonian-sampler';
