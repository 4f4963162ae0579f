import { Random } from '@/core/inference/random';
import { isModelled, type Readout } from '@/core/assessment/definition';
import type { ForceSource, HoldClock, TiltSource } from '@/instruments/sources';

/** Degrees by which one trial of a steady hand scatters about the truth. */
const SCATTER = 1.5;
/** Seconds that a limb takes to its end. */
const RAISE = 1.2;

/** Scatter of one trial about the truth, in the unit of the reading. */
const trialScatter = (readout: Readout): number =>
  isModelled(readout) ? SCATTER / (readout.degreesPerUnit ?? 1) : readout.detectable / 6;

/**
 * A limb that is raised to its end in a little over a second and held there, with tremor and a slow drift, until the
 * teacher stops.
 * @param hidden degrees of the reading
 */
export function simulatedTilt(hidden: number, readout: Readout, trial: number): TiltSource {
  let timer: ReturnType<typeof setInterval> | null = null;
  return {
    name: 'simulated limb',
    simulated: true,
    start(onSample) {
      const random = new Random(Math.round(Math.abs(hidden) * 100) + 31 * trial + 7);
      const end = hidden + trialScatter(readout) * random.normal();
      const begin = performance.now();
      let wander = 0;
      timer = setInterval(() => {
        const at = performance.now();
        const t = (at - begin) / 1000;
        const raised = t < RAISE ? end * (1 - (1 - t / RAISE) ** 2) : end;
        wander = 0.97 * wander + 0.05 * random.normal();
        onSample({ at, degrees: raised + wander + 0.25 * random.normal() });
      }, 20);
      return Promise.resolve(null);
    },
    stop() {
      if (timer) clearInterval(timer);
      timer = null;
    },
  };
}

/**
 * A push that builds up over a second and a half, is held for four seconds with a tremor, and let go.
 * @param newtons the true push on the pad
 */
export function simulatedForce(newtons: number, trial: number): ForceSource {
  let timer: ReturnType<typeof setInterval> | null = null;
  return {
    name: 'simulated push',
    simulated: true,
    start(onSample) {
      const random = new Random(Math.round(newtons * 10) + 17 * trial);
      const top = newtons * (1 + 0.04 * random.normal());
      const begin = performance.now();
      timer = setInterval(() => {
        const at = performance.now();
        const t = (at - begin) / 1000;
        const shape = t < 1.5 ? (t / 1.5) ** 1.5 : t < 5.5 ? 1 - 0.01 * (t - 1.5) : Math.max(0, 1 - (t - 5.5) / 0.4);
        onSample({ at, newtons: Math.max(0, top * shape + 0.012 * top * random.normal()) });
      }, 25);
      return Promise.resolve(null);
    },
    stop() {
      if (timer) clearInterval(timer);
      timer = null;
    },
  };
}

/** Newtons on the pad of a simulated student with this torque, N·m/kg, where the pad sits at `lever_cm`. */
export const simulatedNewtons = (torque: number, mass_kg: number, lever_cm: number, gravity_Nm: number): number =>
  Math.max(5, (torque * mass_kg - gravity_Nm) / (lever_cm / 100));

/** How many times faster than life the stand-in's clock goes. */
export const FASTER = 12;

/** A clock that runs faster than life, with a student who lets go after so many seconds of its own time. */
export function simulatedClock(seconds: number, trial: number): HoldClock {
  const random = new Random(Math.round(seconds * 10) + trial);
  return {
    name: `simulated student, ${FASTER} times as fast`,
    simulated: true,
    now: () => performance.now() * FASTER,
    letsGoAfter: Math.max(1, seconds * (1 + 0.05 * random.normal())) * 1000,
  };
}
