import { aimsFor } from '@/core/aims/for-student';
import type { AimDefaults } from '@/core/aims/defaults';
import { screenOf } from '@/core/cautions/screen';
import { fitRung, type FittedPose } from '@/core/fit/fit';
import type { PosedRung } from '@/core/fit/posed-rung';
import { stretchedName } from '@/core/fit/shortest';
import { wayFor, type Comfort } from '@/core/fit/way';
import { summariseStrength, type Inference } from '@/core/inference';
import { buildOfStudent, type Student } from '@/core/students/student';
import { isSided } from '@/core/poses';
import type { Reading } from '@/core/assessment/reading';
import { scorePose, type RankedPose } from './rank';

/** How a rung suits one student: her better side, scored for her own aims. */
export interface Suits {
  student: string;
  fit: Pick<FittedPose, 'side' | 'depth' | 'full' | 'beyondEntry' | 'limiter'> & {
    /** Name of what stops it first. */
    stops: string;
  };
  /** What it gives her aims less what it costs, 0–1; null where she has no aims. */
  score: number | null;
  gives: RankedPose['gives'];
  cautions: string[];
}

/** A student, all her readings, and what follows from them. */
export interface WhoSuits {
  student: Student;
  readings: readonly Reading[];
  inference: Pick<Inference, 'findings' | 'posterior'>;
}

/**
 * A rung of a pose in one student: what `rankPoses` would say of it, without ranking the rest.
 * @param day the day it is, `YYYY-MM-DD`, for her age and her cautions
 */
export function suits(
  { shape, rung }: Pick<PosedRung, 'shape' | 'rung'>,
  { student, readings, inference }: WhoSuits,
  day: string,
  settings: { aims?: AimDefaults; comfort?: Comfort } = {},
): Suits {
  const { findings, posterior } = inference;
  const year = Number(day.slice(0, 4));
  const strength = summariseStrength(readings, { sexForNorms: student.sexForNorms, age: year - student.birthYear });
  const screening = screenOf(student, day);
  const way = { ...wayFor(findings.hints, strength, settings.comfort), under: screening };
  const { work } = aimsFor(student, readings, findings, year, settings.aims);
  const build = buildOfStudent(student);
  const sides = isSided(shape, shape.rungs[rung - 1]) ? (['left', 'right'] as const) : (['right'] as const);
  const [best] = sides
    .map((side) => scorePose(fitRung({ shape, rung, side }, { posterior, build }, way), work, screening))
    .sort((a, b) => b.score - a.score || b.depth - a.depth);
  const { side, depth, full, beyondEntry, limiter, score, gives, cautions } = best;
  const stops = stretchedName(best, limiter.group, limiter.side, posterior);
  return {
    student: student.id,
    fit: { side, depth, full, beyondEntry, limiter, stops },
    score: work.length > 0 ? score : null,
    gives,
    cautions,
  };
}
