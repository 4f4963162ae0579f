import { describe, expect, it } from 'vitest';
import { ELEMENTS, SIDES } from '@/core/body';
import { recordSchema } from '@/core/formats/record';
import { infer } from '@/core/inference/infer';
import { headline } from '@/core/inference/words';
import { QUICK_BATTERY } from '@/core/assessment/batteries';
import { BATTERY, readoutOf } from '@/core/assessment/battery';
import { meanOf } from '@/core/assessment/reading';
import { readAll, simulateStudent } from './simulated-student';
import { publishedStudio } from './published.fixtures';

const takenAt = '2026-01-05T08:00:00.000Z';

describe('a simulated student', () => {
  it('is the same for the same seed', () => {
    const read = () => readAll(simulateStudent('x', 9), { takenAt });
    expect(read()).toEqual(read());
  });
  it('is short where it is told to be', () => {
    const s = simulateStudent('x', 3, [{ group: 'hamstrings', side: 'left', by: -2 }]);
    const g = ELEMENTS.findIndex((e) => e.id === 'hamstrings');
    expect(s.tolerances[g]).toBeLessThan(-1.4);
    expect(s.tolerances[g]).toBeGreaterThan(-2.6);
  });
  it('is read in every test on both sides, within what a joint can do', () => {
    const readings = readAll(simulateStudent('x', 4), { takenAt, trials: 3 });
    expect(readings).toHaveLength(QUICK_BATTERY.tests.reduce((s, t) => s + t.readouts.length, 0) * SIDES.length);
    for (const r of readings) {
      expect(r.trials).toHaveLength(3);
      const readout = readoutOf(r.test, r.readout);
      for (const v of r.trials) {
        expect(v).toBeGreaterThanOrEqual(readout?.min ?? Infinity);
        expect(v).toBeLessThanOrEqual(readout?.max ?? -Infinity);
      }
    }
  });
  it('only names places that the test asks about, or none when told so', () => {
    for (const r of readAll(simulateStudent('x', 5), { takenAt })) {
      const test = BATTERY.find((t) => t.id === r.test);
      expect(test?.sensations.map((s) => s.place)).toContain(r.placeFelt);
    }
    for (const r of readAll(simulateStudent('x', 5), { takenAt, places: false })) expect(r.placeFelt).toBeUndefined();
  });
  it('reads lower where it is shorter', () => {
    const slr = (by: number) =>
      meanOf(
        readAll(simulateStudent('x', 6, [{ group: 'hamstrings', side: 'right', by }]), { takenAt }).find(
          (r) => r.test === 'straight-leg-raise' && r.side === 'right',
        )?.trials ?? [],
      );
    expect(slr(-2.5)).toBeLessThan(slr(1) - 10);
  });
  it('takes only the tests that are wished', () => {
    const own = readAll(simulateStudent('x', 7), { takenAt, tests: ['prone-knee-bend'] });
    expect(new Set(own.map((r) => r.test))).toEqual(new Set(['prone-knee-bend']));
  });
});

const demo = publishedStudio();
// `derived` holds the file against what makes it.
describe('the demo studio', () => {
  it('tells nothing of a day that has not come: what was measured, taught, or became of a visit or a planned day', () => {
    const told = [
      ...demo.readings.map((r) => r.takenAt),
      ...demo.logs.map((l) => l.startedAt),
      ...demo.visits.filter((v) => v.became !== undefined).map((v) => v.day),
      ...demo.plans.flatMap((p) => Object.keys(p.marks)),
    ].map((at) => at.slice(0, 10));
    expect(told.length).toBeGreaterThan(100);
    expect(told.filter((day) => day > demo.exportedAt.slice(0, 10))).toEqual([]);
    expect(demo.visits.some((v) => v.day > demo.exportedAt)).toBe(true);
  });
  it('is a record like any other', () => expect(recordSchema.safeParse(demo).success).toBe(true));
  it.each([
    ['demo-maren', 'hamstrings'],
    ['demo-osk', 'psoas and iliacus'],
    ['demo-ilka', 'piriformis and deep rotators'],
  ])('%s is limited by the %s', (id, muscle) => {
    const student = demo.students.find((s) => s.id === id);
    if (!student) throw new Error('no student');
    expect(headline(infer(student, demo.readings).findings)).toContain(`limited by the ${muscle}`);
  });
  it('does not run a test that a caution locks', () =>
    expect(demo.readings.filter((r) => r.student === 'demo-ilka' && r.test === 'prone-knee-bend')).toEqual([]));
});
