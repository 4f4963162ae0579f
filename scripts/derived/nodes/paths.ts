/**
 * Writes `src/core/poses/data/paths.json`: every rung of the library settled on its contacts, at entry, half-way and
 * full depth.
 */
import kept from '../../../src/core/poses/data/paths.json';
import { settlePath } from '../../../src/core/poses/settling/settle';
import { SKETCHES } from '../../../src/core/poses/shapes';
import { roughOf, type Rough } from '../../../src/core/poses/sketch';
import type { Maker } from '../node';

const FILE = 'src/core/poses/data/paths.json';
const rough = new Map(SKETCHES.flatMap(roughOf).map((r) => [`${r.id}/${r.rung}`, r]));

/** Nodes of a rung as they are stored: what does not change along the way is written once. */
function stored(r: Rough): object[] {
  const { path, hands, worst } = settlePath(r);
  const [entry, middle, full] = path;
  // An angle that is no longer there is 0, and written: what is left out keeps the entry's.
  const changes = (angles: typeof entry) =>
    Object.fromEntries(
      [...new Set([...Object.keys(entry), ...Object.keys(angles)])]
        .map((id) => [id, angles[id] ?? 0] as const)
        .filter(([id, v]) => v !== (entry[id] ?? 0)),
    );
  const cm = (m: number) => (m * 100).toFixed(1);
  if (worst.gap > 0.015 || worst.overlap > 0.01 || worst.sunk > 0.02 || worst.beyond > 0)
    console.log(
      `  ${r.id}/${r.rung} is not settled: gap ${cm(worst.gap)} cm, overlap ${cm(worst.overlap)} cm ${worst.pair}, sunk ${cm(worst.sunk)} cm, beyond ${cm(worst.beyond)} cm`,
    );
  return [entry, changes(middle), changes(full), ...(hands ? [hands] : [])];
}

export const maker: Maker = {
  pieces: {
    keys: () =>
      Object.fromEntries(
        [...rough].map(([key, r]) => [key, JSON.stringify(r, (_, v) => (v instanceof Set ? [...v].sort() : v))]),
      ),
    make: (key) => {
      const r = rough.get(key);
      if (!r) throw new Error(`There is no rung ${key}.`);
      return stored(r);
    },
    kept: () => kept,
  },
  files: async (pieces) => {
    const lines = [...rough.keys()].map((key) => `  ${JSON.stringify(key)}: ${JSON.stringify(pieces[key])}`);
    return { [FILE]: `{\n${lines.join(',\n')}\n}\n` };
  },
};
