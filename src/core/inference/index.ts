export * from './findings';
export { isLimited, LIMITED, ONE_NAME, tellsOfMuscle } from './statements';
export {
  ELEMENT_COUNT,
  DIMENSIONS,
  infer,
  inferring,
  MODEL_VERSION,
  type Inference,
  type Inferred,
  type InferOptions,
  type Posterior,
} from './infer';
export type { FeltInPose } from './pose-places';
export { ASK_AT_MOST, SETTLED_AT, type Question, type Settling, type Suggestion } from './question';
export type { Doubt } from './consistency';
export { CONTROL_GAP, controlGap, JOINT_IDS, type Hint, type JointId } from './hints';
export { ERROR, errorScale, modelError, contextOf } from './likelihood';
export { endFeelGiven, isFeltAt, placeGiven } from './evidence';
export { StopTable, stopTableFor } from './stop-table';
export { LATENT, tolerancesFrom } from './prior';
export { Random } from './random';
export { shortBelow, worstMember } from './summarise';
export { groupStrength, summariseStrength, type StrengthFinding } from './strength';
export { atComplaints, type AtComplaint } from './at-complaint';
export { limitsOf, readLimits, restsOn, writeLimits, type Limit, type LimitsOf } from './limits';
export { capacities, type Capacity } from './capacity';
export type { Carrier } from './influence';
export type { Draws } from './hamiltonian-sampler';
