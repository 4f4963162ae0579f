import { readdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { describe, expect, it } from 'vitest';

interface Rules {
  forbidden: { name: string; from: { path?: string } }[];
}
/** Folders of the core in the order that the rules hold them to. */
const ordered = (createRequire(import.meta.url)('../.dependency-cruiser.cjs') as Rules).forbidden
  .filter((r) => r.name.startsWith('core-order-'))
  .map((r) => r.name.replace('core-order-', ''));
const page = readFileSync('docs/architecture.md', 'utf8');

/** Every file under these folders, from the root of the repository. */
const filesUnder = (...folders: readonly string[]): string[] =>
  folders
    .flatMap((from) => readdirSync(from, { recursive: true, encoding: 'utf8' }).map((file) => `${from}/${file}`))
    // What other tests write for a moment, in folders that begin with a dot, is none of the repository's.
    .filter((file) => !file.includes('/.'));

it('gives no name of the core two meanings', () => {
  const at = new Map<string, string[]>();
  for (const file of filesUnder('src/core').filter((f) => /\.ts$/.test(f) && !/\.(test|fixtures)\.ts$/.test(f))) {
    const declared = readFileSync(file, 'utf8').matchAll(
      /^export (?:abstract |async )?(?:const|let|function\*?|class|interface|type|enum) (\w+)/gm,
    );
    // A type and the values of it may share a name, and so may a function's overloads: one file, one meaning.
    for (const name of new Set(Array.from(declared, ([, n]) => n))) at.set(name, [...(at.get(name) ?? []), file]);
  }
  expect(at.size).toBeGreaterThan(500);
  expect(Object.fromEntries([...at].filter(([, files]) => files.length > 1))).toEqual({});
});

describe('the page on how it is built', () => {
  const told = Array.from(page.matchAll(/^\| `([a-z-]+)`/gm), (m) => m[1]);
  const folders = readdirSync('src/core', { withFileTypes: true }).flatMap((f) => (f.isDirectory() ? [f.name] : []));
  it('tells every folder of the core once, in the order of the rules', () => {
    expect(told.slice(0, -1)).toEqual(ordered);
    expect([...told].sort()).toEqual([...folders].sort());
  });
  it('names files and folders that there are', () => {
    for (const [, file] of page.matchAll(/`((?:store|practice|src)\/[\w/.-]+\.ts)`/g))
      expect(() =>
        readFileSync(file.startsWith('src/') ? file : file.startsWith('practice') ? `src/core/${file}` : `src/${file}`),
      ).not.toThrow();
    for (const [, folder] of page.matchAll(/\["(\w+):/g))
      if (!/^(reading|database|inference|findings|posterior|log|core)$/.test(folder))
        expect(readdirSync(`src/${folder}`).length).toBeGreaterThan(0);
  });
});

it('leaves out before a commit only tests that there are', () => {
  const tests = filesUnder('src', 'demo', 'scripts').filter((file) => /\.test\.tsx?$/.test(file));
  const slow = JSON.parse(readFileSync('vitest.slow.json', 'utf8')) as string[];
  expect(slow.filter((name) => !tests.some((file) => `/${file}`.includes(`/${name}.test.`)))).toEqual([]);
});

it('keeps comments within the width that the formatter gives the code', () => {
  const { printWidth } = JSON.parse(readFileSync('.prettierrc.json', 'utf8')) as { printWidth: number };
  const wide = filesUnder('src', 'demo', 'scripts', 'bench', 'e2e')
    .filter((file) => /\.tsx?$/.test(file))
    .flatMap((file) =>
      readFileSync(file, 'utf8')
        .split('\n')
        .flatMap((line, i) => (line.length > printWidth && /^\s*(\/\/|\/?\*)/.test(line) ? [`${file}:${i + 1}`] : [])),
    );
  expect(wide).toEqual([]);
});
