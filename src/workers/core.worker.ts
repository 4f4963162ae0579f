import { expose } from 'comlink';
import { hiddenValue } from '@demo/hidden';
import { demoStudio } from '@demo/studio';
import { screen } from '@/core/cautions/screen';
import { questionOf, type AskedQuestion } from '@/core/fit/asked';
import { inferring, type FeltInPose, type Inference, type Inferred, type Posterior } from '@/core/limits';
import { buildOfStudent, type Aim, type Student } from '@/core/people/student';
import { buildPractice, type BuildOptions, type BuiltPractice } from '@/core/practice/build';
import { rankPoses, type RankedPose } from '@/core/ranking/rank';
import type { Reading, ReadingSide } from '@/core/tests/reading';

type InferredStudent = Inferred & Pick<Student, 'height_cm' | 'mass_kg'>;

/** Milliseconds of computing after which the worker looks whether something newer has come. */
const BREATH_MS = 25;
const pause = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });
let newest = 0;

const door = {
  /** Findings; null where a newer question came while computing: then nobody waits for this one. */
  infer: async (
    student: InferredStudent,
    readings: Reading[],
    felt: FeltInPose[] = [],
    asked: AskedQuestion | null = null,
  ): Promise<Inference | null> => {
    const mine = ++newest;
    const question = asked ? questionOf(asked, student) : undefined;
    const steps = inferring(student, readings, { felt, question });
    let since = performance.now();
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (performance.now() - since < BREATH_MS) continue;
      await pause();
      if (mine !== newest) return null;
      since = performance.now();
    }
  },
  rank: (
    posterior: Posterior,
    student: Pick<Student, 'height_cm' | 'mass_kg' | 'measures' | 'cautions'>,
    aims: Aim[],
  ): RankedPose[] => rankPoses(posterior, buildOfStudent(student), aims, screen(student.cautions)),
  build: (ranked: RankedPose[], aims: Aim[], options: BuildOptions): BuiltPractice =>
    buildPractice(ranked, aims, options),
  demo: () => demoStudio(),
  /** What the simulated student of the demo hides in a read-out. */
  hidden: (student: Pick<Student, 'id' | 'sexForNorms'>, test: string, readout: string, side: ReadingSide): number =>
    hiddenValue(student, test, readout, side),
};
export type CoreDoor = typeof door;
expose(door);
