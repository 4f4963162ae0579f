import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';

it('the committed tolerances are what the calibration script writes', () => {
  const file = 'src/core/body/data/tolerances.json';
  const committed = readFileSync(file, 'utf8');
  const written = execFileSync('node', ['--import', 'tsx', 'scripts/calibrate.ts', '--print'], {
    encoding: 'utf8',
    env: { ...process.env, TSX_TSCONFIG_PATH: 'tsconfig.json' },
  });
  expect(written).toBe(committed);
});
