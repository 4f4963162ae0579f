import { aimsFor } from '@/core/aims/for-student';
import type { AimDefaults } from '@/core/aims/defaults';
import { poseConflicts, screen } from '@/core/cautions/screen';
import { fitRung, type FittedPose } from '@/core/fit/fit';
import { wayFor, type Comfort } from '@/core/fit/way';
import { summariseStrength, type Inference } from '@/core/inference';
import { buildOfStudent, type Student } from '@/core/students/student';
import { demandsOf, type Shape } from '@/core/poses';
import type { Reading } from '@/core/assessment/reading';
import { scorePose, type RankedPose } from './rank';

/** How a rung suits one student: her better side, scored for her own aims. */
export interface Suits {
  student: string;
  fit: Pick<FittedPose, 'side' | 'depth' | 'full' | 'beyondEntry' | 'limiter'>;
  /** What it gives her aims less what it costs, 0–1; null where she has no aims. */
  score: number | null;
  gives: RankedPose['gives'];
  cautions: string[];
}

/**
 * A rung of a pose in one student: what `rankPoses` would say of it, without ranking the rest.
 * @param readings all of hers, @param inference what follows from them, @param year the year it is, for her age
 */
export function suits(
  shape: Shape,
  rung: number,
  student: Student,
  readings: readonly Reading[],
  inference: Pick<Inference, 'findings' | 'posterior'>,
  year: number,
  settings: { aims?: AimDefaults; comfort?: Comfort } = {},
): Suits {
  const { findings, posterior } = inference;
  const strength = summariseStrength(readings, { sexForNorms: student.sexForNorms, age: year - student.birthYear });
  const way = wayFor(findings.hints, strength, settings.comfort);
  const { work } = aimsFor(student, readings, findings, year, settings.aims);
  const screening = screen(student.cautions);
  const build = buildOfStudent(student);
  const sides = shape.sided ? (['left', 'right'] as const) : (['right'] as const);
  const [best] = sides
    .map((side) => scorePose(fitRung(shape, rung, side, posterior, build, way), work, screening))
    .sort((a, b) => b.score - a.score || b.depth - a.depth);
  const { side, depth, full, beyondEntry, limiter, score, gives } = best;
  return {
    student: student.id,
    fit: { side, depth, full, beyondEntry, limiter },
    score: work.length > 0 ? score : null,
    gives,
    cautions: poseConflicts(screening, demandsOf(shape, shape.rungs[rung - 1])).map((c) => c.name),
  };
}
