import type { Readout, TestDefinition } from '@/core/assessment/definition';
import type { Reading, ReadingSide } from '@/core/assessment/reading';
import type { Build } from '@/core/body';

/** What an instrument gives back: a value in the unit of the field, with what is known about it. */
export interface Taken {
  value: number;
  /** Absent where the value was only said. */
  instrument?: Reading['instrument'];
  likelyError?: number;
  failure?: string;
}

export interface InstrumentProps {
  test: TestDefinition;
  readout: Readout;
  side: ReadingSide;
  /** Number of the trial that is being taken, from 1. */
  trial: number;
  /** What the simulated student of the demo hides, in the unit of the reading; null with real students only. */
  hidden: number | null;
  build?: Build;
  student: string;
  readings: readonly Reading[];
  onTake: (taken: Taken) => void;
  onClose: () => void;
}
