/**
 * Holds two printed tables beside each other: `bench/against.ts BEFORE NOW`. Ends with 1 where something became slower
 * by a fifth.
 */
import { readFileSync } from 'node:fs';
import { compared, drift, isSlower, rowsOf, SLOWER } from './table';

const [before, now] = process.argv.slice(2).map((file) => rowsOf(readFileSync(file, 'utf8')));
const rows = compared(before, now);
const by = drift(rows);
const say = (ms: number): string => (ms < 1 ? `${(1000 * ms).toFixed(0)} µs` : `${ms.toFixed(ms < 10 ? 1 : 0)} ms`);
const width = Math.max(...rows.map((r) => r.what.length));
for (const r of rows) {
  const mark = isSlower(r, by) ? '  slower' : r.ratio / by < 1 / (1 + SLOWER) ? '  faster' : '';
  process.stdout.write(
    `${r.what.padEnd(width)}  ${say(r.before).padStart(8)} → ${say(r.now).padStart(8)}  × ${r.ratio.toFixed(2)}${mark}\n`,
  );
}
const slower = rows.filter((r) => isSlower(r, by)).length;
process.stdout.write(`${rows.length} rows in both, ${slower} slower by more than a fifth\n`);
if (Math.abs(by - 1) > SLOWER)
  process.stdout.write(
    `Most rows are × ${by.toFixed(2)}: the machine did something else meanwhile, or all of it changed. Run it again.\n`,
  );
process.exitCode = slower > 0 ? 1 : 0;
