export * from './format';
export { demandsOf } from './demands';
export { LIBRARY, rungOf, shapeById } from './library';
export { GIVE_WORDS, KIND_WORDS, LEVEL_WORDS, propWords } from './words';
