import { describe, expect, it } from 'vitest';
import { copyOf } from '@/core/pose-editor/edit';
import { shapeById } from '@/core/poses';
import { AIMS, build } from '@/core/practice/practices.fixtures';
import { requestOf } from '@/core/practice/request';
import { readPractice, writePractice } from './practice';

const built = await build(10);
const plan = {
  title: 'Before the tide turns',
  minutes: 10,
  items: built.items.map((i, k) => (k === 1 ? { ...i, note: 'her sore knee', locked: true, cues: ['Slowly.'] } : i)),
  aims: [...AIMS],
  request: requestOf({ minutes: 10 }),
};
const shape = shapeById('wide-squat');
if (!shape) throw new Error('no wide squat');
const own = copyOf(shape, 'own-slip-squat', '2026-11-20T12:00:00.000Z');

describe('a practice file', () => {
  it('comes back as it was, without notes and without the student', () => {
    const text = writePractice({ ...plan, student: 'secret', id: 'p' } as never, []);
    expect(text).not.toMatch(/secret|sore knee|locked/);
    const back = readPractice(text);
    expect(back).toMatchObject({ ok: true, plan: { title: plan.title, minutes: 10 }, poses: [] });
    if (!back.ok) return;
    expect(back.plan.items.map((i) => [i.pose, i.rung, i.side, i.breaths])).toEqual(
      plan.items.map((i) => [i.pose, i.rung, i.side, i.breaths]),
    );
    expect(back.plan.items[1].cues).toEqual(['Slowly.']);
    expect(writePractice(back.plan, [])).toBe(text);
  });
  it('takes along own poses that it uses, and no others', () => {
    const uses = { ...plan, items: [{ ...plan.items[1], pose: own.id, rung: 1, side: 'both' as const }] };
    const text = writePractice(uses, [own, { ...own, id: 'own-other' }]);
    const back = readPractice(text);
    expect(back.ok && back.poses.map((p) => p.id)).toEqual([own.id]);
  });
  it('of version 1 opens with its style, which had another name there', () => {
    const flowing = { ...plan, request: requestOf({ minutes: 10, style: 'flow' }) };
    const file = JSON.parse(writePractice(flowing, [])) as { version: number; practice: { request: object } };
    const { style, ...request } = flowing.request;
    const older = { ...file, version: 1, practice: { ...file.practice, request: { ...request, arc: style } } };
    const back = readPractice(JSON.stringify(older));
    expect(back.ok && back.plan.request).toEqual(flowing.request);
  });
  it('names what is wrong with its place', () => {
    const file = JSON.parse(writePractice(plan, [])) as { practice: { items: Record<string, unknown>[] } };
    const broken = (change: (f: typeof file) => void): unknown => {
      const copy = structuredClone(file);
      change(copy);
      const r = readPractice(JSON.stringify(copy));
      return r.ok ? 'ok' : r.problem.field;
    };
    expect(broken((f) => (f.practice.items[2].pose = 'nothing-of-the-kind'))).toBe('practice.items[2].pose');
    expect(broken((f) => (f.practice.items[0].breaths = 0))).toBe('practice.items[0].breaths');
    expect(broken((f) => (f.practice.items[1].id = f.practice.items[0].id))).toBe('practice.items[1].id');
    expect(broken((f) => (f.practice.items = []))).toBe('practice.items');
    expect(readPractice('{"format":"kolpos/practice","version":9}')).toMatchObject({
      ok: false,
      problem: { field: 'version' },
    });
    expect(readPractice('not json')).toMatchObject({ ok: false });
    expect(readPractice('{"format":"kolpos/record"}')).toMatchObject({ ok: false, problem: { field: 'format' } });
  });
});
