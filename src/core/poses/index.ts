export * from './format';
export { LIBRARY, rungOf, shapeById } from './library';
export { propWords } from './words';
