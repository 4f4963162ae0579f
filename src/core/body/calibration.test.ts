import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

/** What a script would write, without letting it. */
const printed = (script: string): string =>
  execFileSync('node', ['--import', 'tsx', script, '--print'], {
    encoding: 'utf8',
    env: { ...process.env, TSX_TSCONFIG_PATH: 'tsconfig.json' },
  });

it('the committed tolerances are what the calibration script writes', () =>
  expect(printed('scripts/calibrate.ts')).toBe(readFileSync('src/core/body/data/tolerances.json', 'utf8')));

it('the tables of docs/model.md are what the model computes', () =>
  expect(printed('scripts/model-tables.ts')).toBe(readFileSync('docs/model.md', 'utf8')));
