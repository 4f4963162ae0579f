/**
 * Writes `docs/practice-trial.json`: 300 made-up requests and what is true of the practices built for them. Run after a change of
 * poses, ranking or practice: `npm run practice-trial`. A test holds all to the promises and builds some anew.
 */
import { writeFileSync } from 'node:fs';
import { STUDENTS, trialOf, type TrialRow } from '../demo/practice-trial';

const rows: TrialRow[] = [];
for (let student = 0; student < STUDENTS; student++) {
  const start = performance.now();
  const own = await trialOf(student);
  rows.push(...own);
  console.log(`student ${student}: ${((performance.now() - start) / own.length).toFixed(0)} ms a request`);
}
writeFileSync('docs/practice-trial.json', `[\n${rows.map((r) => `  ${JSON.stringify(r)}`).join(',\n')}\n]\n`);
const fits = rows.filter((r) => r.change === null);
const usual = fits.filter((r) => r.minutes >= 15 && r.minutes <= 60);
const share = (list: readonly TrialRow[], by: (r: TrialRow) => boolean) =>
  `${list.filter(by).length} of ${list.length} (${((100 * list.filter(by).length) / list.length).toFixed(0)} %)`;
console.log(
  'fits',
  share(rows, (r) => r.change === null),
);
console.log(
  'time within 2 %',
  share(fits, (r) => Math.abs(r.off) <= 2),
);
console.log(
  'gap within 1 %, 15 to 60 minutes',
  share(usual, (r) => r.gap <= 0.01),
);
console.log(
  'gap within 1 %, all',
  share(fits, (r) => r.gap <= 0.01),
);
console.log(
  'order proved',
  share(fits, (r) => r.orderExact),
);
console.log(
  'forbidden, one-sided, against wishes',
  fits.reduce((s, r) => s + r.forbidden + r.oneSided + r.against, 0),
);
