export * from './format';
export { LIBRARY, rungOf, shapeById } from './library';
