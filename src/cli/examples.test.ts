import { copyFileSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { amount } from '@/core/how-much.fixtures';
import { run } from './run';
import { usage } from './usage';

/** The examples of docs/cli.md, as they stand there: words, the file they are written to, the names the answer has. */
interface Example {
  line: string;
  words: string[];
  to: string | null;
  has: string[];
}
const [, block] = /```sh\n([\s\S]*?)```/.exec(readFileSync('docs/cli.md', 'utf8')) ?? [];
const EXAMPLES = (block ?? '')
  .split('\n')
  .filter((l) => l.startsWith('bin/kolpos '))
  .map((line): Example => {
    const [command, names = ''] = line.replace('bin/kolpos ', '').split(/\s+# /);
    const [said, to = null] = command.split(' > ');
    const words = Array.from(said.matchAll(/'([^']*)'|(\S+)/g), (m) => m[1] ?? m[2]);
    return { line, words, to, has: names.split(' ').filter(Boolean) };
  });

const folder = mkdtempSync(join(tmpdir(), 'kolpos-'));
afterAll(() => rmSync(folder, { recursive: true }));
const here = (word: string): string => (word.endsWith('.json') ? join(folder, word) : word);

describe('the examples of the handbook', () => {
  it('are ten and more, and name only commands that there are', () => {
    expect(EXAMPLES.length).toBeGreaterThanOrEqual(10);
    for (const { words } of EXAMPLES) expect(usage(words[0])).toContain(`bin/kolpos ${words[0]}`);
  });
  // What `demo` prints is held against this file by `derived`; making it once more is left to a full run.
  beforeAll(() => copyFileSync('public/demo.json', here('studio.json')));
  const asked = EXAMPLES.filter(({ words }) => words[0] !== 'demo' || amount(0, 1));
  // One after the other: the first writes what the others read.
  it.each(asked.map((e) => [e.line, e] as const))('%s', async (_, { words, to, has }) => {
    const answer = await run(words.map(here));
    if (to) {
      const out = answer instanceof Uint8Array || typeof answer === 'string' ? answer : JSON.stringify(answer);
      writeFileSync(join(folder, to), out);
      expect(statSync(join(folder, to)).size).toBeGreaterThan(500);
    } else expect(has.length).toBeGreaterThan(0);
    const told: readonly unknown[] = Array.isArray(answer) ? answer : [answer];
    expect(told.length).toBeGreaterThan(0);
    for (const one of told) for (const name of has) expect(one).toHaveProperty(name);
  });
});
