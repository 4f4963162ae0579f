/**
 * Writes `src/core/ranking/data/typical-loads.json`: loads and strains of every rung in typical people at entry,
 * half-way and full depth, which tell the ranking where to look first.
 */
import { LIBRARY, type Rung, type Shape } from '../../../src/core/poses';
import kept from '../../../src/core/ranking/data/typical-loads.json';
import { guidePoints } from '../../../src/core/ranking/guide-points';
import type { Maker } from '../node';

const rungs = new Map<string, { shape: Shape; rung: Rung; number: number }>(
  LIBRARY.flatMap((shape) =>
    shape.rungs.map((rung, i) => [`${shape.id}/${i + 1}`, { shape, rung, number: i + 1 }] as const),
  ),
);

export const maker: Maker = {
  pieces: {
    // Of a rung, what the statics read: not its words.
    keys: () =>
      Object.fromEntries(
        [...rungs].map(([key, { shape, rung }]) => [
          key,
          JSON.stringify({ sided: shape.sided, position: shape.position, ...rung, name: '', enter: '' }),
        ]),
      ),
    make: (key) => {
      const found = rungs.get(key);
      if (!found) throw new Error(`There is no rung ${key}.`);
      return guidePoints(found.shape, found.number);
    },
    kept: () => kept,
  },
  files: async (pieces) => {
    const lines = [...rungs.keys()].map((key) => `  ${JSON.stringify(key)}: ${JSON.stringify(pieces[key])}`);
    return { 'src/core/ranking/data/typical-loads.json': `{\n${lines.join(',\n')}\n}\n` };
  },
};
