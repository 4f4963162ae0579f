import { type Side } from '@/core/body';
import type { Draws, Question } from '@/core/inference';
import type { Movement, TestPosition } from '@/core/assessment/definition';
import { buildOfStudent, type Student } from '@/core/students/student';
import { shapeById } from '@/core/poses';
import { limitersInPose } from './fit';

/** A question in plain data, as it is kept and sent to the worker: what stops a movement, or a rung of a pose. */
export interface AskedQuestion {
  side: Side;
  movement?: Movement;
  pose?: { id: string; rung: number };
  /** Tests taken for it so far. */
  asked: number;
  /** Tests that must not be done. */
  closed: string[];
  from?: TestPosition;
}

/** The question as the inference takes it; undefined for a pose that is not in the library any more. */
export function questionOf(
  asked: AskedQuestion,
  student: Pick<Student, 'height_cm' | 'mass_kg' | 'measures'>,
): Question | undefined {
  const { side, movement, pose, ...rest } = asked;
  if (movement) return { side, movement, ...rest };
  const shape = pose && shapeById(pose.id);
  if (!pose || !shape?.rungs[pose.rung - 1]) return undefined;
  const build = buildOfStudent(student);
  return {
    side,
    ...rest,
    labels: (draws: Draws) =>
      limitersInPose({ shape, rung: pose.rung, side }, draws.x, draws.chains * draws.perChain, build),
  };
}
