export * from './format';
export { demandsOf } from './demands';
export { allShapes, LIBRARY, rungOf, setOwnShapes, shapeById } from './library';
export { GIVE_WORDS, KIND_WORDS, LEVEL_WORDS, propWords } from './words';
