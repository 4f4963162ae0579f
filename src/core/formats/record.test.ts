import { describe, expect, it } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { requestOf } from '@/core/practice/request';
import { readRecord } from './read-record';
import { writeRecord, type KolposRecord } from './record';

const demo = publishedStudio();
const text = writeRecord(demo);
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
  it('of version 6 open with the style of each practice and wish, which had another name there', () => {
    const file = JSON.parse(
      writeRecord({
        ...demo,
        practices: demo.practices.map((p) => ({ ...p, request: requestOf({ minutes: 30, style: 'quiet' }) })),
        settings: { 'wishes/demo-osk': JSON.stringify({ style: 'flow' }) },
      }),
    ) as Record<string, unknown>;
    const older = { ...file, version: 6 };
    const result = readRecord(
      JSON.stringify(older, (key, value: unknown) =>
        key === 'request'
          ? Object.fromEntries(
              Object.entries(value as object).map(([k, v]) => [k === 'style' ? 'arc' : k, v as unknown]),
            )
          : key === 'wishes/demo-osk'
            ? '{"arc":"flow"}'
            : value,
      ),
    );
    if (!result.ok) throw new Error(result.problem.message);
    expect(result.setAside).toEqual([]);
    expect(result.record.practices.map((p) => p.request?.style)).toEqual(demo.practices.map(() => 'quiet'));
    expect(result.record.settings).toEqual({ 'wishes/demo-osk': '{"style":"flow"}' });
  });
});

describe('classes in a record', () => {
  it('come back with their people, and are written by their ids', () => {
    const more = { ...demo.classes[0], id: 'a-class', name: 'Monday' };
    const result = readRecord(writeRecord({ ...demo, classes: [...demo.classes, more] }));
    if (!result.ok) throw new Error(result.problem.message);
    expect(result.record.classes).toEqual([more, ...demo.classes]);
  });
});
