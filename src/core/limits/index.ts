export * from './findings';
export { ELEMENT_COUNT, DIMENSIONS, infer, MODEL_VERSION, type Inference, type Posterior } from './infer';
export { ERROR, errorScale, contextOf } from './likelihood';
export { placeGiven } from './evidence';
export { StopTable, stopTableFor } from './stop-table';
export { LATENT, tolerancesFrom } from './prior';
export { Random } from './random';
export { SHORT_AT, worstMember } from './summarise';
