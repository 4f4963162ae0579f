/** Writes `docs/practice-trial.json`: 300 made-up requests and what is true of the practices built for them. */
import { STUDENTS, trialOf, type PracticeTrial, type TrialRow } from '../../../demo/practice-trial';
import type { Maker } from '../node';

export const maker: Maker = {
  pieces: {
    keys: () => Object.fromEntries(Array.from({ length: STUDENTS }, (_, i) => [`student-${i}`, ''])),
    make: (key) => trialOf(Number(key.replace('student-', ''))),
    kept: () => ({}),
  },
  files: async (pieces, version) => {
    const rows = Array.from({ length: STUDENTS }, (_, i) => pieces[`student-${i}`] as TrialRow[]).flat();
    const file: PracticeTrial = { comment: 'Written by npm run derived practice-trial.', version, rows };
    return { 'docs/practice-trial.json': JSON.stringify(file) };
  },
};
