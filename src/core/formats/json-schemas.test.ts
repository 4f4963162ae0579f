import Ajv2020 from 'ajv/dist/2020';
import addFormats from 'ajv-formats';
import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { propertyWords } from './described';
import { JSON_SCHEMAS, type SchemaName } from './json-schemas';
import { PROPERTY_WORDS } from './property-words';
import { writeRecord } from './record';

const names = Object.keys(JSON_SCHEMAS) as SchemaName[];
type Json = Record<string, unknown>;

/** Every property of a schema with the property it stands in. */
function properties(schema: unknown, parent = ''): [parent: string, name: string, of: Json][] {
  if (Array.isArray(schema)) return schema.flatMap((s) => properties(s, parent));
  if (typeof schema !== 'object' || schema === null) return [];
  return Object.entries(schema).flatMap(([key, value]) =>
    key === 'properties'
      ? Object.entries(value as Record<string, Json>).flatMap(([name, of]) => [
          [parent, name, of] as [string, string, Json],
          ...properties(of, name),
        ])
      : properties(value, parent),
  );
}
const all = names.flatMap((name) => properties(JSON_SCHEMAS[name]()));

describe('the published schemas', () => {
  it.each(names)('%s: is what the code says, with a name of its own', (name) => {
    const published = JSON.parse(readFileSync(`public/${name}.schema.json`, 'utf8')) as Json;
    expect(JSON.parse(JSON.stringify(JSON_SCHEMAS[name]()))).toEqual(published);
    expect(published.$id).toMatch(new RegExp(`^urn:kolpos:schema:${name}:\\d+$`));
  });
  it('describe every property', () => {
    expect(all.length).toBeGreaterThan(400);
    expect(all.filter(([, , of]) => typeof of.description !== 'string').map(([p, n]) => `${p}.${n}`)).toEqual([]);
  });
  it('leave no words over', () => {
    const used = new Set(all.map(([parent, name]) => propertyWords(parent, name)));
    expect(Object.entries(PROPERTY_WORDS).filter(([, words]) => !used.has(words))).toEqual([]);
  });
});

describe('to another reader of JSON Schema', () => {
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  addFormats(ajv);
  const holds = ajv.compile(JSON_SCHEMAS.record());
  const demo = (): Json => JSON.parse(writeRecord(publishedStudio())) as Json;

  it('the demo studio is a record', () => {
    const fits = holds(demo());
    expect(holds.errors ?? []).toEqual([]);
    expect(fits).toBe(true);
  });
  it.each([
    ['without a name', (r: Json) => delete (r.students as Json[])[0].name],
    ['with a side that is none', (r: Json) => ((r.readings as Json[])[0].side = 'middle')],
    ['from another program', (r: Json) => (r.format = 'cats/record')],
    ['with a rung that no pose has', (r: Json) => (((r.practices as Json[])[0].items as Json[])[0].rung = 12)],
  ])('a file %s is none', (_, spoil) => {
    const record = demo();
    spoil(record);
    expect(holds(record)).toBe(false);
  });
});
