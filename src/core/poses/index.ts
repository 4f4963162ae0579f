export * from './format';
export { demandsAt, demandsOf, demandsOfSide } from './demands';
export { asksUnder, hurtBefore, verdictOfRung, whyClosed } from './verdict';
export { isKnown } from './known';
export { isSided, sameSide } from './sided';
export { allShapes, LIBRARY, rungOf, shapeById } from './library';
export { ownShapes, setOwnShapes } from './own';
export { GIVE_WORDS, KIND_WORDS, LEVEL_WORDS, namesOf, propWords } from './words';
export type { PoseId } from './shapes';
