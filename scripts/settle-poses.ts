/**
 * Writes `src/core/poses/data/paths.json`: every rung of the library settled on its contacts, at entry, half-way and full
 * depth. Run after a change of a sketch or of the body: `npm run settle-poses`; with ids only those shapes are settled anew.
 */
import { fork } from 'node:child_process';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { settlePath } from '../src/core/poses/settle';
import { roughOf } from '../src/core/poses/sketch';
import { SKETCHES } from '../src/core/poses/shapes';

const FILE = 'src/core/poses/data/paths.json';
/** Processes at once. */
const PARTS = 2;
const cm = (m: number) => (m * 100).toFixed(1);
const rough = SKETCHES.flatMap(roughOf);
const keyOf = (r: (typeof rough)[number]) => `${r.id}/${r.rung}`;

/** Settled nodes of a rung as they are stored: what does not change along the way is written once. */
function stored(r: (typeof rough)[number]): { key: string; nodes: object; left: string } {
  const { path, worst } = settlePath(r);
  const [entry, middle, full] = path;
  const changes = (angles: typeof entry) =>
    Object.fromEntries(Object.entries(angles).filter(([id, v]) => v !== entry[id]));
  const bad = worst.gap > 0.015 || worst.overlap > 0.01 || worst.beyond > 0;
  const left = `gap ${cm(worst.gap)} cm, overlap ${cm(worst.overlap)} cm ${worst.pair}, beyond ${cm(worst.beyond)} cm`;
  return { key: keyOf(r), nodes: [entry, changes(middle), changes(full)], left: bad ? left : '' };
}

if (process.send) {
  const wanted = new Set(process.argv.slice(2));
  for (const r of rough) if (wanted.has(keyOf(r))) process.send(stored(r));
  process.disconnect();
} else {
  const only = process.argv.slice(2);
  const known = existsSync(FILE) ? (JSON.parse(readFileSync(FILE, 'utf8')) as Record<string, object>) : {};
  const todo = rough.filter((r) => only.length === 0 || only.includes(r.id) || !(keyOf(r) in known)).map(keyOf);
  let bad = 0;
  await Promise.all(
    Array.from({ length: PARTS }, (_, part) => {
      const child = fork(
        fileURLToPath(import.meta.url),
        todo.filter((_, i) => i % PARTS === part),
        { execArgv: process.execArgv },
      );
      child.on('message', (m: ReturnType<typeof stored>) => {
        known[m.key] = m.nodes;
        if (m.left === '') return;
        bad += 1;
        console.log(`${m.key}: ${m.left}`);
      });
      return new Promise((done) => child.on('exit', done));
    }),
  );
  const lines = rough.map((r) => `  ${JSON.stringify(keyOf(r))}: ${JSON.stringify(known[keyOf(r)])}`);
  writeFileSync(FILE, `{\n${lines.join(',\n')}\n}\n`);
  console.log(`${todo.length} of ${rough.length} rungs settled, ${bad} with something left`);
}
