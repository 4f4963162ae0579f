import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';

const page = readFileSync('docs/words.md', 'utf8');
const sources = ['src/core', 'src/store'].flatMap((from) =>
  readdirSync(from, { recursive: true, encoding: 'utf8' })
    .filter((f) => /\.ts$/.test(f) && !/\.(test|fixtures)\.ts$/.test(f))
    .map((f) => ({ file: `${from}/${f}`, text: readFileSync(`${from}/${f}`, 'utf8') })),
);
const declares = (name: string): boolean =>
  sources.some(({ text }) =>
    new RegExp(`^export (?:const|function\\*?|class|interface|type) ${name}\\b`, 'm').test(text),
  );
const [told, given] = page.split('## Words that are not used');

describe('the words of the code', () => {
  const rows = Array.from(
    told.matchAll(/^\| ([a-z][a-z -]*?) +\| (.+?) +\| `(\w+)` +\|$/gm),
    ([, word, means, name]) => ({ word, means, name }),
  );
  it('are each told once, by a name that the code has', () => {
    expect(rows.length).toBeGreaterThan(45);
    expect(rows.map((r) => r.word).filter((w, i, all) => all.indexOf(w) !== i)).toEqual([]);
    expect(rows.filter((r) => !declares(r.name))).toEqual([]);
    // Nothing stands in a table of the page that this test does not read.
    expect(told.match(/^\| (?!word|-)/gm)).toHaveLength(rows.length);
  });
  it('that were given up are in no name any more', () => {
    const names = Array.from(given.matchAll(/^\| `(\w+\/?)`/gm), (m) => m[1]);
    expect(names.length).toBeGreaterThan(4);
    for (const name of names)
      if (name.endsWith('/')) expect(readdirSync('src/core'), name).not.toContain(name.slice(0, -1));
      else
        expect(
          sources
            .filter(({ text }) =>
              new RegExp(`\\b(?:const|let|function|interface|type) ${name}\\b|\\b${name}\\??:`).test(text),
            )
            .map(({ file }) => file)
            .filter((file) => !/formats\/older-words|wrap/.test(file)),
          name,
        ).toEqual([]);
  });
});
