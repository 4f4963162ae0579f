/** Writes the battery table of `docs/measuring.md` and the counts told in README and docs, between their marks. */
import { readFileSync } from 'node:fs';
import { LIBRARY } from '../../../src/core/poses';
import { BATTERY } from '../../../src/core/tests/battery';
import { isModelled, type TestDefinition } from '../../../src/core/tests/definition';
import { UNIT_SIGNS } from '../../../src/core/tests/reading';
import { table, withParts } from '../marks';
import type { Maker } from '../node';

const length = BATTERY.filter((t) => t.kind !== 'strength'),
  strength = BATTERY.filter((t) => t.kind === 'strength');

const small = (text: string) => `${text[0].toLowerCase()}${text.slice(1)}`;
const battery = (tests: readonly TestDefinition[]) =>
  table(
    ['test', 'id', 'position', 'read-outs'],
    tests.map((t) => [
      t.name,
      `\`${t.id}\``,
      t.position,
      t.readouts
        .map(
          (r) =>
            `${small(r.name)} (${[UNIT_SIGNS[r.unit].trim() || 'grade', ...(isModelled(r) ? ['model'] : [])].join(', ')})`,
        )
        .join('; '),
    ]),
  );

const counts = {
  shapes: String(LIBRARY.length),
  rungs: String(LIBRARY.reduce((s, shape) => s + shape.rungs.length, 0)),
  tests: String(BATTERY.length),
  'length-tests': String(length.length),
  'strength-tests': String(strength.length),
};

const page = (path: string, parts: Record<string, string>) => [
  path,
  withParts(readFileSync(path, 'utf8'), parts, path),
];

export const maker: Maker = {
  files: async () =>
    Object.fromEntries([
      page('README.md', counts),
      page('docs/steps.md', counts),
      page('docs/numbers.md', { shapes: counts.shapes, rungs: counts.rungs }),
      page('docs/poses.md', { shapes: counts.shapes, rungs: counts.rungs }),
      page('docs/measuring.md', { 'battery-length': battery(length), 'battery-strength': battery(strength) }),
    ]) as Record<string, string>,
};
