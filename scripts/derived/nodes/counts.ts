/** Writes the battery table of `docs/measuring.md` and the counts told in README and docs, between their marks. */
import { readFileSync } from 'node:fs';
import type { PracticeTrial } from '../../../demo/practice-trial';
import trial from '../../../docs/practice-trial.json';
import recovery from '../../../docs/recovery.json';
import { LIBRARY } from '../../../src/core/poses';
import { BATTERY } from '../../../src/core/assessment/battery';
import { isModelled, type TestDefinition } from '../../../src/core/assessment/definition';
import { UNIT_SIGNS } from '../../../src/core/assessment/reading';
import { table, withParts } from '../marks';
import type { Maker } from '../node';

const length = BATTERY.filter((t) => t.kind !== 'strength'),
  strength = BATTERY.filter((t) => t.kind === 'strength');

const small = (text: string) => `${text[0].toLowerCase()}${text.slice(1)}`;
const battery = (tests: readonly TestDefinition[]) =>
  table(
    ['test', 'clinical name', 'id', 'position', 'read-outs'],
    tests.map((t) => [
      t.name,
      t.clinical,
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

const hundred = (share: number) => `${Math.round(100 * share)} %`;
const { world, stress } = recovery;
const told = [
  `of ${world.statements.toLocaleString('en')} statements about movements and poses of ${world.students} students ${hundred(world.right)} named the limiter`,
  `(the usual limiter alone, of movements: ${hundred(world.usual)}); of those stated at 80 in 100 or more ${hundred(world.rightSure)};`,
  `80 % intervals covered ${hundred(world.covered)}. With the geometry of the whole body wrong by 0.6 SD, ${hundred(stress.right)} and ${hundred(stress.rightSure)}.`,
].join(' ');
const fits = (trial as unknown as PracticeTrial).rows.filter((r) => r.change === null);
const usual = fits.filter((r) => r.minutes >= 15 && r.minutes <= 60);
const trialParts = {
  'trial-fits': String(fits.length),
  'trial-gap': `${usual.filter((r) => r.gap <= 0.01).length} of ${usual.length}`,
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
      page('docs/numbers.md', {
        shapes: counts.shapes,
        rungs: counts.rungs,
        'recovery-told': told,
        'trial-gap': trialParts['trial-gap'],
      }),
      page('docs/practice.md', trialParts),
      page('docs/poses.md', { shapes: counts.shapes, rungs: counts.rungs }),
      page('docs/measuring.md', { 'battery-length': battery(length), 'battery-strength': battery(strength) }),
    ]) as Record<string, string>,
};
