import { expose } from 'comlink';
import { hiddenValue } from '@demo/hidden';
import { demoStudio } from '@demo/studio';
import { screen } from '@/core/cautions/screen';
import { questionOf, type AskedQuestion } from '@/core/fit/asked';
import { inferring, type FeltInPose, type Inference, type Inferred, type Posterior } from '@/core/limits';
import { buildOfStudent, type Aim, type Student } from '@/core/people/student';
import { buildPractice, type BuildOptions, type BuiltPractice } from '@/core/practice/build';
import { settledRung } from '@/core/bench/settled';
import type { FittedPose } from '@/core/fit/fit';
import { setOwnShapes, type Rung, type Shape } from '@/core/poses';
import { rankPoses, type RankedPose } from '@/core/ranking/rank';
import { reaching, typicalFits, type ReachingPose } from '@/core/ranking/reaching';
import type { Reading, ReadingSide } from '@/core/tests/reading';
import { newestOnly } from './interruptible';

type InferredStudent = Inferred & Pick<Student, 'height_cm' | 'mass_kg'>;

const inferNewest = newestOnly();

const door = {
  /** Findings; null where a newer question came while computing: then nobody waits for this one. */
  infer: (
    student: InferredStudent,
    readings: Reading[],
    felt: FeltInPose[] = [],
    asked: AskedQuestion | null = null,
  ): Promise<Inference | null> =>
    inferNewest(inferring(student, readings, { felt, question: asked ? questionOf(asked, student) : undefined })),
  rank: (
    posterior: Posterior,
    student: Pick<Student, 'height_cm' | 'mass_kg' | 'measures' | 'cautions'>,
    aims: Aim[],
  ): RankedPose[] => rankPoses(posterior, buildOfStudent(student), aims, screen(student.cautions)),
  /** The teacher's own poses, told before anything that may speak of them. */
  setOwnShapes: (all: Shape[], offered: Shape[]): void => setOwnShapes(all, offered),
  /** A rung put on what it touches, entry, half-way and full. */
  settle: (shape: Shape, rung: number): Rung => settledRung(shape, rung),
  /** The library in typical people: where each rung ends, right side worked. */
  library: (): FittedPose[] => typicalFits(),
  /** Poses that lengthen or load a muscle in typical people, best first. */
  reaching: (structure: string): ReachingPose[] => reaching(structure),
  build: (ranked: RankedPose[], aims: Aim[], options: BuildOptions): BuiltPractice =>
    buildPractice(ranked, aims, options),
  demo: () => demoStudio(),
  /** What the simulated student of the demo hides in a read-out. */
  hidden: (student: Pick<Student, 'id' | 'sexForNorms'>, test: string, readout: string, side: ReadingSide): number =>
    hiddenValue(student, test, readout, side),
};
export type CoreDoor = typeof door;
expose(door);
