export * from './format';
export { demandsAt, demandsOf } from './demands';
export { hurtBefore, verdictOfRung, whyClosed } from './verdict';
export { isKnown } from './known';
export { isSided, sameSide } from './sided';
export { allShapes, LIBRARY, rungOf, setOwnShapes, shapeById } from './library';
export { GIVE_WORDS, KIND_WORDS, LEVEL_WORDS, namesOf, propWords } from './words';
