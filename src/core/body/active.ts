import { LINES } from './lines';
import { UNKNOWN_END } from './passive';
import { typicalEnd } from './strands';

/** Width of the active force–length curve (Thelen 2003). */
const WIDTH = 0.45;

/**
 * Where a line is strongest, fibre lengths beyond anatomical position: half-way to its typical end, so that muscles
 * which are short in standing, such as the front of the thigh, are strong where they are used. Ours; published optima
 * are for single muscles.
 */
const OPTIMUM = LINES.map((l) => Math.max(0, typicalEnd(l.line, 'pushed')?.end ?? UNKNOWN_END) / 2);

/**
 * Share of its greatest force that a line can make at an elongation: the Gaussian curve of Thelen 2003 about its
 * optimum.
 */
export const activeShare = (line: number, elongation: number): number =>
  Math.exp(-((elongation - OPTIMUM[line]) ** 2) / WIDTH);
