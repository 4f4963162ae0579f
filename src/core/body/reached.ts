import { linesOfStructure } from './actions';
import { LINES } from './lines';
import { halfFromDegrees, type MuscleModel } from './muscle-model';
import { typicalEnd, type Manner } from './strands';
import { HANGING_ENDS, PUSHED_ENDS, type TestEnd } from './test-ends';

export interface Reached {
  id: string;
  name: string;
  /** SD from the typical end at the test's mean end: 0 is there, −1 one spread short of it. */
  z: number;
}

/** Nearer than this to its end at the test's mean end, a muscle is said to be reached by the test (our default). */
const NEAR = -1.3;

/** Length tests whose mean end brings a muscle near its own typical end while lengthening it; nearest first. */
export function testsReaching(model: MuscleModel, structure: string): Reached[] {
  const before = new Float64Array(model.lineCount),
    after = new Float64Array(model.lineCount);
  const best = (ends: Readonly<Record<string, TestEnd>>, manner: Manner): Reached[] =>
    Object.entries(ends).flatMap(([id, end]) => {
      const from = halfFromDegrees(end.at),
        step = halfFromDegrees(end.along);
      model.elongations(from, before);
      model.elongations(
        from.map((v, i) => v + step[i]),
        after,
      );
      let z = -Infinity;
      for (const i of linesOfStructure(structure)) {
        const typical = typicalEnd(LINES[i].line, manner);
        if (typical && !typical.lowerBound && after[i] > before[i] + 1e-6)
          z = Math.max(z, (before[i] - typical.end) / typical.sd);
      }
      return z >= NEAR ? [{ id, name: end.name, z }] : [];
    });
  return [...best(PUSHED_ENDS, 'pushed'), ...best(HANGING_ENDS, 'hanging')].sort((a, b) => b.z - a.z);
}
