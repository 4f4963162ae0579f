import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoStudio } from '@demo/studio';
import { readRecord, recordJsonSchema, recordSchema, writeRecord, type KolposRecord } from './record';

const demo = await demoStudio();
const text = writeRecord(demo);
const broken = (change: (r: KolposRecord) => unknown) => {
  const copy = JSON.parse(text) as KolposRecord;
  return readRecord(JSON.stringify(change(copy) ?? copy));
};
const problem = (change: (r: KolposRecord) => unknown) => {
  const result = broken(change);
  return result.ok ? null : result.problem;
};

describe('a record', () => {
  it('comes back as it went out', () => {
    const result = readRecord(text);
    expect(result.ok).toBe(true);
    if (result.ok) expect(writeRecord(result.record)).toBe(text);
  });
  it('is written in a stable order, whatever order it came in', () =>
    expect(writeRecord({ ...demo, readings: [...demo.readings].reverse() })).toBe(text));
  it('keeps every field of every entry', () => {
    const result = readRecord(text);
    if (!result.ok) throw new Error(result.problem.message);
    const byId = <T extends { id: string }>(list: T[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    expect(result.record.students).toEqual(byId(demo.students));
    expect(result.record.practices).toEqual(byId(demo.practices));
  });
});

describe('older records', () => {
  it.each([1, 2, 3])('version %s opens, with what it did not have left empty', (version) => {
    const { format, exportedAt, students, readings, practices, logs } = JSON.parse(text) as KolposRecord;
    const result = readRecord(JSON.stringify({ format, version, exportedAt, students, readings, practices, logs }));
    if (!result.ok) throw new Error(result.problem.message);
    expect(result.record).toMatchObject({ poses: [], templates: [], plans: [], classes: [], settings: {} });
    expect(result.record.students).toHaveLength(demo.students.length);
  });
});

describe('classes in a record', () => {
  it('come back with their people, and are written by their ids', () => {
    const more = { ...demo.classes[0], id: 'a-class', name: 'Monday' };
    const result = readRecord(writeRecord({ ...demo, classes: [...demo.classes, more] }));
    if (!result.ok) throw new Error(result.problem.message);
    expect(result.record.classes).toEqual([more, ...demo.classes]);
  });
  it('somebody who is not in the file is named with the place', () =>
    expect(problem((r) => void r.classes[0].students.push('ghost'))).toMatchObject({
      field: `classes[0].students[${demo.classes[0].students.length}]`,
      message: expect.stringContaining('ghost') as unknown,
    }));
  it('more than can be watched are refused', () =>
    expect(
      problem((r) => void (r.classes[0].students = Array.from({ length: 40 }, () => demo.students[0].id)))?.field,
    ).toBe('classes[0].students'));
  it('an id that stands twice is told', () =>
    expect(problem((r) => void r.classes.push(r.classes[0]))?.field).toBe('classes[1].id'));
});

describe('a file that cannot be read says where', () => {
  it.each<[string, string, string]>([
    ['cut short', text.slice(0, 500), 'line'],
    ['nothing at all', '', 'the file'],
    ['a list', '[]', 'the file'],
    ['another format', '{"format":"shopping/list","version":1}', 'format'],
  ])('%s', (_, content, field) => {
    const result = readRecord(content);
    expect(result.ok).toBe(false);
    if (!result.ok) {
      expect(result.problem.field).toContain(field);
      expect(result.problem.message.length).toBeGreaterThan(10);
    }
  });
  it('a newer version: asks for an update', () =>
    expect(problem((r) => ({ ...r, version: 9 }))).toMatchObject({
      field: 'version',
      message: expect.stringContaining('newer Kolpos') as unknown,
    }));
  it('a wrong number in a student', () =>
    expect(problem((r) => void (r.students[1].height_cm = 17))?.field).toBe('students[1].height_cm'));
  it('a missing name', () => expect(problem((r) => void (r.students[0].name = '  '))?.field).toBe('students[0].name'));
  it('a value that no joint reaches', () => {
    const p = problem((r) => void (r.readings[3].trials[1] = 400));
    expect(p?.field).toBe('readings[3].trials[1]');
    expect(p?.message).toContain('is possible here');
  });
  it('a reading of nobody', () =>
    expect(problem((r) => void (r.readings[2].student = 'ghost'))?.field).toBe('readings[2].student'));
  it('an id that stands twice', () =>
    expect(problem((r) => void (r.readings[5].id = r.readings[4].id))?.message).toContain('a second time'));
  it('a date that is none', () =>
    expect(problem((r) => void (r.practices[0].createdAt = 'last Tuesday'))?.field).toBe('practices[0].createdAt'));
});

describe('500 damaged files', () => {
  it('never throw, and never come out as something that does not fit the schema', () => {
    fc.assert(
      fc.property(
        fc.nat(text.length - 1),
        fc.nat(40),
        fc.oneof(
          fc.constant(''),
          fc.string({ maxLength: 12 }),
          fc.constantFrom('null', '-1', '1e999', '"', '{', '[]', ','),
        ),
        (at, cut, put) => {
          const damaged = text.slice(0, at) + put + text.slice(at + cut);
          const result = readRecord(damaged);
          if (result.ok) expect(recordSchema.safeParse(result.record).success).toBe(true);
          else {
            expect(result.problem.field.length).toBeGreaterThan(0);
            expect(result.problem.message.length).toBeGreaterThan(0);
          }
        },
      ),
      { numRuns: 500 },
    );
  });
  it('name the field when a value is replaced by nonsense', () => {
    const flat: (string | number)[][] = [];
    const walk = (value: unknown, path: (string | number)[]) => {
      if (Array.isArray(value)) value.slice(0, 3).forEach((v, i) => walk(v, [...path, i]));
      else if (value && typeof value === 'object') Object.entries(value).forEach(([k, v]) => walk(v, [...path, k]));
      else flat.push(path);
    };
    walk(JSON.parse(text), []);
    fc.assert(
      fc.property(fc.constantFrom(...flat), (path) => {
        const copy = JSON.parse(text) as Record<string, unknown>;
        let at: Record<string | number, unknown> = copy;
        for (const step of path.slice(0, -1)) at = at[step] as Record<string | number, unknown>;
        at[path[path.length - 1]] = { nonsense: true };
        const result = readRecord(JSON.stringify(copy));
        expect(result.ok).toBe(false);
        if (!result.ok) expect(result.problem.field).toContain(String(path[0]));
      }),
      { numRuns: 200 },
    );
  });
});

describe('the published schema', () => {
  it('is what the code says', () => {
    const published = JSON.parse(readFileSync('public/record.schema.json', 'utf8')) as unknown;
    expect(published).toEqual(JSON.parse(JSON.stringify(recordJsonSchema())));
  });
});
