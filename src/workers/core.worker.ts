import { expose } from 'comlink';
import { hiddenValue } from '@demo/hidden';
import { demoStudio } from '@demo/studio';
import { screen } from '@/core/cautions/screen';
import { questionOf, type AskedQuestion } from '@/core/fit/asked';
import {
  infer,
  inferring,
  type FeltInPose,
  type Findings,
  type Inference,
  type Inferred,
  type Posterior,
} from '@/core/limits';
import { buildOfStudent, type Aim, type Student } from '@/core/people/student';
import { buildPractice, type BuildOptions, type BuiltPractice } from '@/core/practice/build';
import { settledRung } from '@/core/bench/settled';
import type { FittedPose } from '@/core/fit/fit';
import type { Comfort, FitWay } from '@/core/fit/way';
import { suits, type Suits } from '@/core/ranking/suits';
import type { AimDefaults } from '@/core/aims/defaults';
import { rungOf, setOwnShapes, type Rung, type Shape } from '@/core/poses';
import { rankFirst, ranking, warmUp, type RankedPose } from '@/core/ranking/rank';
import { reaching, typicalFits, type ReachingPose } from '@/core/ranking/reaching';
import type { Reading, ReadingSide } from '@/core/tests/reading';
import { newestOnly } from './interruptible';

type InferredStudent = Inferred & Pick<Student, 'height_cm' | 'mass_kg'>;

const inferNewest = newestOnly(),
  rankNewest = newestOnly();

/** What follows from readings, kept: a class is asked about pose after pose. */
const inferredBefore = new Map<string, Inference>();
function inferredOnce(student: Student, readings: Reading[], felt: FeltInPose[]): Inference {
  const { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg } = student;
  const person = { id, sexForNorms, measures, birthYear, complaints, height_cm, mass_kg };
  const key = JSON.stringify([person, readings, felt]);
  let known = inferredBefore.get(key);
  if (!known) inferredBefore.set(key, (known = infer(person, readings, { felt, next: false })));
  return known;
}

let warm = false;
/** Poses are likely to be ranked after findings: what that needs for anybody is worked out while the page is read. */
function warmOnce(): void {
  if (warm) return;
  warm = true;
  void newestOnly()(warmUp());
}

type RankedStudent = Pick<Student, 'height_cm' | 'mass_kg' | 'measures' | 'cautions'>;

const door = {
  /** Findings; null where a newer question came while computing: then nobody waits for this one. */
  infer: (
    student: InferredStudent,
    readings: Reading[],
    felt: FeltInPose[] = [],
    asked: AskedQuestion | null = null,
  ): Promise<Inference | null> =>
    inferNewest(
      inferring(student, readings, { felt, question: asked ? questionOf(asked, student) : undefined }),
    ).finally(warmOnce),
  /** A first ranking at once: the likely best in full, the rest in a rough order. */
  rankFirst: (posterior: Posterior, student: RankedStudent, aims: Aim[], way: FitWay): RankedPose[] =>
    rankFirst(posterior, buildOfStudent(student), aims, screen(student.cautions), way),
  /** The whole ranking; null where a newer one was asked for meanwhile. */
  rank: (posterior: Posterior, student: RankedStudent, aims: Aim[], way: FitWay): Promise<RankedPose[] | null> =>
    rankNewest(ranking(posterior, buildOfStudent(student), aims, screen(student.cautions), way)),
  /** How a rung suits a student, from all her readings; null where the pose is not there. */
  suits: (
    pose: string,
    rung: number,
    student: Student,
    readings: Reading[],
    felt: FeltInPose[],
    year: number,
    settings: { aims: AimDefaults; comfort: Comfort },
  ): Suits | null => {
    const found = rungOf(pose, rung);
    return found && suits(found.shape, rung, student, readings, inferredOnce(student, readings, felt), year, settings);
  },
  /** Findings from some of the readings alone: what was known on an earlier day, read as today. */
  foundThen: (student: Student, readings: Reading[], felt: FeltInPose[]): Findings =>
    inferredOnce(student, readings, felt).findings,
  /** The teacher's own poses, told before anything that may speak of them. */
  setOwnShapes: (all: Shape[], offered: Shape[]): void => setOwnShapes(all, offered),
  /** A rung put on what it touches, entry, half-way and full. */
  settle: (shape: Shape, rung: number): Rung => settledRung(shape, rung),
  /** The library in typical people: where each rung ends, right side worked. */
  library: (): FittedPose[] => typicalFits(),
  /** Poses that lengthen or load a muscle in typical people, best first. */
  reaching: (structure: string): ReachingPose[] => reaching(structure),
  build: (ranked: RankedPose[], aims: Aim[], options: BuildOptions): Promise<BuiltPractice> =>
    buildPractice(ranked, aims, options),
  demo: () => demoStudio(),
  /** What the simulated student of the demo hides in a read-out. */
  hidden: (student: Pick<Student, 'id' | 'sexForNorms'>, test: string, readout: string, side: ReadingSide): number =>
    hiddenValue(student, test, readout, side),
};
export type CoreDoor = typeof door;
expose(door);
