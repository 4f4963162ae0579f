import type { ForceSample } from '@/core/measuring/force';
import type { TiltSample } from '@/core/measuring/inclinometer';

/** A stream that can be started and stopped. `start` answers with a problem in the teacher's words, or null. */
interface Stream<Sample> {
  name: string;
  /** True for the stand-ins that ship with the demo. */
  simulated: boolean;
  start(onSample: (sample: Sample) => void): Promise<string | null>;
  stop(): void;
}

export type TiltSource = Stream<TiltSample>;
export type ForceSource = Stream<ForceSample>;

/** A picture taken or brought in. */
export interface CameraSource {
  name: string;
  simulated: boolean;
  take(): Promise<Blob>;
}

/** A clock for holds: milliseconds that only grow. A stand-in may run faster and say when its student lets go. */
export interface HoldClock {
  name: string;
  simulated: boolean;
  now(): number;
  /** Milliseconds of its own time after which the simulated student lets go; null with a real student. */
  letsGoAfter: number | null;
}

export const realClock: HoldClock = {
  name: 'stopwatch',
  simulated: false,
  now: () => performance.now(),
  letsGoAfter: null,
};
