export * from './format';
export { demandsOf } from './demands';
export { LIBRARY, rungOf, shapeById } from './library';
export { propWords } from './words';
