import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { LIBRARY } from '@/core/poses';
import manifest from './made-from.json';
import { LENGTHENED } from './field';
import { fingerprintOf } from './fingerprint';
import { downstreamOf, GRAPH } from './graph';
import { table, withParts } from './marks';

describe('the graph of what is derived', () => {
  it('names modules and files that are there, each after what it is made from, and each file once', () => {
    const before = new Set<string>();
    for (const node of GRAPH) {
      expect(existsSync(node.module), node.module).toBe(true);
      for (const file of node.files) expect(existsSync(file), file).toBe(true);
      for (const id of node.after) expect(before.has(id), `${node.id} after ${id}`).toBe(true);
      before.add(node.id);
    }
    const files = GRAPH.flatMap((n) => n.files);
    expect(new Set(files).size).toBe(files.length);
    expect(Object.keys(manifest).sort()).toEqual([...before].sort());
  });
  it('takes along what comes after', () => {
    expect(downstreamOf(['tolerances']).has('demo')).toBe(true);
    expect([...downstreamOf(['schemas'])]).toEqual(['schemas']);
  });
});

describe('a fingerprint', () => {
  // Inside the project, where its paths and packages are found.
  const folder = mkdtempSync('scripts/derived/.tmp-');
  afterAll(() => rmSync(folder, { recursive: true }));
  const of = async (code: string, data = '{"a":1}') => {
    writeFileSync(join(folder, 'data.json'), data);
    writeFileSync(join(folder, 'code.ts'), code);
    return fingerprintOf(join(folder, 'code.ts'));
  };
  const code = "import d from './data.json';\nexport const twice = (x: number) => 2 * x + d.a;\n";
  it('does not change with comments and format', async () =>
    expect(await of(`/** Doubles. */\n${code.replace('2 * x', '2*x')}`)).toBe(await of(code)));
  it('changes with code and with the data that it reads', async () => {
    const was = await of(code);
    expect(await of(code.replace('2 * x', '3 * x'))).not.toBe(was);
    expect(await of(code, '{"a":2}')).not.toBe(was);
  });
  it('leaves out what the node writes itself', async () => {
    const own = [join(folder, 'data.json')];
    await of(code, '{"a":5}');
    const blind = await fingerprintOf(join(folder, 'code.ts'), own);
    await of(code, '{"a":6}');
    expect(await fingerprintOf(join(folder, 'code.ts'), own)).toBe(blind);
  });
});

describe('computed parts of a page', () => {
  it('stand within a line or on lines of their own', () => {
    const page = 'There are <!-- n: computed -->3<!-- end --> of them.\n\n<!-- t: computed -->old<!-- end -->\n';
    const out = withParts(page, { n: '4', t: table(['a'], [['b']]) }, 'page');
    expect(out).toContain('There are <!-- n: computed -->4<!-- end --> of them.');
    expect(out).toContain('<!-- t: computed -->\n\n| a |\n| --- |\n| b |\n\n<!-- end -->');
    expect(withParts(out, { n: '4' }, 'page')).toBe(out);
  });
  it('need their marks', () => expect(() => withParts('nothing', { n: '1' }, 'page.md')).toThrow('page.md'));
});

describe('poses-checked', () => {
  const page = readFileSync('docs/poses-checked.md', 'utf8');
  const rows = page.split('\n').filter((l) => l.startsWith('| '));
  it.each(Object.entries(LENGTHENED))('tells of the rungs of %s what they lengthen', (id, told) => {
    const name = LIBRARY.find((s) => s.id === id)?.name;
    const own = rows.filter((l) => l.startsWith(`| ${name}: `));
    expect(own.length).toBeGreaterThan(0);
    expect(told.groups.some((g) => own.some((l) => l.includes(`${g} 0.`) || l.includes(`${g} 1.`)))).toBe(true);
  });
});
