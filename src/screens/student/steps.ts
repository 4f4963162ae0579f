import dynamic from 'next/dynamic';
import { useEffect } from 'react';
import type { STEPS } from '../shell/PlottedCourse';

type Step = (typeof STEPS)[number];

/** Scripts of the steps, each fetched when its step is opened, or before, while nothing else is to be done. */
const SCRIPTS = {
  ask: () => import('../students/AskStep'),
  measure: () => import('../measure/MeasureStep'),
  findings: () => import('../findings/FindingsStep'),
  poses: () => import('../poses/PosesStep'),
  practice: () => import('../practice/PracticeStep'),
  progress: () => import('../progress/ProgressStep'),
} as const;

export const AskStep = dynamic(() => SCRIPTS.ask().then((m) => m.AskStep));
export const MeasureStep = dynamic(() => SCRIPTS.measure().then((m) => m.MeasureStep));
export const FindingsStep = dynamic(() => SCRIPTS.findings().then((m) => m.FindingsStep));
export const PosesStep = dynamic(() => SCRIPTS.poses().then((m) => m.PosesStep));
export const PracticeStep = dynamic(() => SCRIPTS.practice().then((m) => m.PracticeStep));
export const ProgressStep = dynamic(() => SCRIPTS.progress().then((m) => m.ProgressStep));

/** After so long the open step is drawn and what it asked for is under way, ms. */
const SETTLED = 4000;

/**
 * Fetches the scripts of the other steps once the open one has settled, one after the other: going on is then at once.
 */
export function useStepsAhead(open: Step): void {
  useEffect(() => {
    const timer = setTimeout(() => {
      void (async () => {
        for (const [step, fetch] of Object.entries(SCRIPTS)) if (step !== open) await fetch().catch(() => undefined);
      })();
    }, SETTLED);
    return () => clearTimeout(timer);
  }, [open]);
}
