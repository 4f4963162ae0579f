/**
 * Writes `src/core/ranking/data/typical-loads.json`: loads and strains of every rung in typical people at entry, half-way and
 * full depth, which tell the ranking where to look first. Run after a change of poses or statics: `npm run typical-loads`.
 */
import { writeFileSync } from 'node:fs';
import { guidePoints } from '../src/core/ranking/guide-points';
import { LIBRARY } from '../src/core/poses';

const lines = LIBRARY.flatMap((shape) =>
  shape.rungs.map(
    (_, i) => `  ${JSON.stringify(`${shape.id}/${i + 1}`)}: ${JSON.stringify(guidePoints(shape, i + 1))}`,
  ),
);
writeFileSync('src/core/ranking/data/typical-loads.json', `{\n${lines.join(',\n')}\n}\n`);
console.log(`${lines.length} rungs`);
