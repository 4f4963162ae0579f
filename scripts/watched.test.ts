import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { expect, it } from 'vitest';
import { descendants } from './descendants';

const AT = mkdtempSync(join(tmpdir(), 'kolpos-watched-'));
const watched = (seconds: string, ...command: string[]) =>
  spawnSync(resolve('node_modules/.bin/tsx'), [resolve('scripts/watched.ts'), seconds, ...command], {
    encoding: 'utf8',
    cwd: AT,
  });

it('a command that speaks and ends is left alone, its words and its code are passed on', () => {
  const run = watched('60', 'node', '-e', 'console.log("ashore"); console.error("afloat"); process.exit(7)');
  expect({ code: run.status, out: run.stdout, err: run.stderr }).toEqual({ code: 7, out: 'ashore\n', err: 'afloat\n' });
});

it('one that computes for ever is ended, in its children too, and what it was doing is told', () => {
  const endless = 'function roundAndRound() { for (;;) Math.sqrt(2); } roundAndRound()';
  const outer = `require("child_process").spawn(process.execPath, ["-e", ${JSON.stringify(endless)}]); setInterval(() => {}, 9e5)`;
  const run = watched('4', 'node', '-e', outer);
  expect(run.status).toBe(75);
  expect(run.stdout).toContain('Nothing was said for 4 s');
  expect(run.stdout).toContain('roundAndRound');
});

it('asks for a command and a time', () => {
  expect(watched('soon', 'node').status).toBe(2);
});

it('finds the children of children, and nobody else’s', () => {
  const all = [
    { pid: 1, parent: 0, command: 'init' },
    { pid: 5, parent: 1, command: 'a' },
    { pid: 6, parent: 5, command: 'b' },
    { pid: 7, parent: 6, command: 'c' },
    { pid: 8, parent: 1, command: 'd' },
  ];
  expect(descendants(5, all).map((p) => p.pid)).toEqual([5, 6, 7]);
});
