export * from './coordinates';
export * from './half-body';
export * from './vec3';
export { LINES, LINE_IDS, lineIndex, type LineDefinition } from './lines';
export { JOINTS, MuscleModel, halfFromDegrees } from './muscle-model';
export { PROXIES } from './proxies';
export { STRAND_IDS, StrandModel, typicalEnd, type Manner } from './strands';
export * from './structures';
export {
  fleshOf,
  floorUnder,
  MODEL_HEIGHT,
  skeletonOf,
  type FrameName,
  type Points,
  type Reach,
  type Skeleton,
} from './skeleton';
export { linePaths, type LinePath } from './line-path';
