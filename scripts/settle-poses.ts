/**
 * Writes `src/core/poses/data/paths.json`: every rung of the library settled on its contacts, at entry, half-way and full
 * depth. Run after a change of a sketch or of the body: `npm run settle-poses`; with ids only those shapes are settled anew.
 */
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { settlePath } from '../src/core/poses/settle';
import { roughOf } from '../src/core/poses/sketch';
import { SKETCHES } from '../src/core/poses/shapes';

const file = 'src/core/poses/data/paths.json';
const only = process.argv.slice(2);
const known: Record<string, unknown> = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : {};
const out: Record<string, unknown> = {};
const cm = (m: number) => (m * 100).toFixed(1);
let bad = 0;
for (const sketch of SKETCHES)
  for (const rough of roughOf(sketch)) {
    const key = `${rough.id}/${rough.rung}`;
    if (only.length > 0 && !only.includes(rough.id) && key in known) {
      out[key] = known[key];
      continue;
    }
    const { path, worst } = settlePath(rough);
    const [entry, middle, full] = path;
    // What does not change along the way is written once.
    const changes = (angles: typeof entry) => Object.fromEntries(Object.entries(angles).filter(([id, v]) => v !== entry[id]));
    out[key] = [entry, changes(middle), changes(full)];
    if (worst.gap > 0.015 || worst.overlap > 0.005 || worst.beyond > 0) {
      bad += 1;
      console.log(`${key}: gap ${cm(worst.gap)} cm, overlap ${cm(worst.overlap)} cm, beyond ${cm(worst.beyond)} cm`);
    }
  }
writeFileSync(file, `{\n${Object.entries(out).map(([k, v]) => `  ${JSON.stringify(k)}: ${JSON.stringify(v)}`).join(',\n')}\n}\n`);
console.log(`${Object.keys(out).length} rungs, ${bad} with something left`);
