import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import { kindOf, latest, readingSchema, type Reading } from '@/core/assessment/reading';
import { LIBRARY } from '@/core/poses';
import { without } from '@/core/practice/without';
import { hurtIn } from '@/core/students/hurt';
import { logSchema } from '@/core/teaching/log';
import { writeHomeCode, type HomePlay } from './code';
import { result, returned, T0 } from './home.fixtures';
import { takeIn, type Here } from './take-in';

const [shape] = LIBRARY;
const here = (more: Partial<Here> = {}): Here => ({
  students: [{ id: 'hazel', name: 'Hazel Kiln' }],
  practices: [{ id: 'p1', title: 'Before the wheel' }],
  logs: new Set(),
  readings: new Set(),
  now: T0 + 3_600_000,
  ...more,
});
const taken = (play: Partial<HomePlay>, at = here()) => {
  const answer = takeIn(writeHomeCode(returned(play)), at);
  if (!answer.ok) throw new Error(answer.message);
  return answer.taken[0];
};
const refused = (text: string, at = here()): string => {
  const answer = takeIn(text, at);
  if (answer.ok) throw new Error('expected a refusal');
  return answer.message;
};

describe('what comes back', () => {
  it('becomes a log entry of that day, done at home', () => {
    const { log, known, student } = taken({
      items: [
        result(shape.id, 'left', { placeFelt: 'back-thigh', strength: 4 }),
        result(shape.id, 'right', { doneSeconds: 20, stopped: true, pain: 'pinching' }),
      ],
    });
    expect(student.name).toBe('Hazel Kiln');
    expect(known).toBe(false);
    expect(logSchema.parse(log)).toMatchObject({
      source: 'home',
      title: 'Before the wheel',
      day: '2026-11-20',
      zone: 'Europe/London',
    });
    expect(log?.items[1]).toMatchObject({ stopped: true, pain: 'pinching', doneSeconds: 20 });
    expect(hurtIn(log ? [log] : [])).toMatchObject([{ pose: shape.id, side: 'right', kind: 'pinching' }]);
  });
  it('is the same entry however often it is given back, and known once it is there', () => {
    const play = { items: [result(shape.id, 'left')] };
    const first = taken(play);
    expect(taken(play).log?.id).toBe(first.log?.id);
    expect(taken(play, here({ logs: new Set([first.log?.id ?? '']) })).known).toBe(true);
    expect(taken({ ...play, startedAt: T0 + 60_000, endedAt: T0 + 120_000 }).log?.id).not.toBe(first.log?.id);
  });
  it('has tests as readings of hers, in no place of what the teacher read', () => {
    const { readings, log } = taken({
      practice: '',
      items: [],
      readings: [
        { test: 'knee-to-wall', readout: 'toe-distance', side: 'left', value: 9.5 },
        { test: 'chair-stands', readout: 'count', side: 'both', value: 14 },
      ],
    });
    expect(log).toBeNull();
    expect(readings.map((r) => [r.test, r.trials, r.unit, r.atHome])).toEqual([
      ['knee-to-wall', [9.5], 'cm', true],
      ['chair-stands', [14], 'reps', true],
    ]);
    const teachers: Reading = { ...without(readings[0], 'atHome'), id: 'hers', takenAt: '2026-11-01T09:00:00.000Z' };
    expect(kindOf(teachers)).not.toBe(kindOf(readings[0]));
    expect(latest([teachers, readings[0]])).toEqual([teachers]);
    expect(latest([readings[0]])).toEqual([readings[0]]);
  });
  it('leaves out what cannot be, and says so', () => {
    const { log, readings, leftOut } = taken({
      items: [result(shape.id, 'left'), result('no-such-shape', 'both'), result(shape.id, 'right', { strength: 30 })],
      readings: [
        { test: 'knee-to-wall', readout: 'toe-distance', side: 'left', value: 90 },
        { test: 'knee-to-wall', readout: 'toe-distance', side: 'both', value: 9 },
        { test: 'nothing', readout: 'x', side: 'left', value: 1 },
      ],
    });
    expect(log?.items).toHaveLength(1);
    expect(readings).toEqual([]);
    expect(leftOut).toHaveLength(5);
  });
  it('is refused with a reason where nothing of it can be', () => {
    expect(refused('')).toMatch(/begins with KOLPOS1/);
    expect(refused('x'.repeat(1_000_001))).toMatch(/longer/);
    expect(refused(writeHomeCode(returned()).replace('hazel', 'haze1'))).toMatch(/lost on the way/);
    expect(refused(writeHomeCode({ ...returned(), student: 'somebody' }))).toMatch(/not in this studio/);
    const items = [result(shape.id, 'left')];
    const at = (play: Partial<HomePlay>) => refused(writeHomeCode(returned({ items, ...play })));
    expect(at({ startedAt: T0 + 1e9, endedAt: T0 + 1e9 })).toMatch(/future/);
    expect(at({ startedAt: 0, endedAt: 1000 })).toMatch(/year/);
    expect(at({ endedAt: T0 + 1e9 })).toMatch(/longer than a day/);
    expect(at({ day: 'yesterday' })).toMatch(/cannot be/);
    expect(at({ items: [] })).toMatch(/Nothing was done/);
    expect(at({ items: [result('no-such-shape', 'left')] })).toMatch(/Nothing in it can be kept/);
  });
  it('never makes what the schemas refuse, whatever is said', () => {
    fc.assert(
      fc.property(
        fc.record({
          pose: fc.constantFrom(shape.id, 'x'),
          plannedSeconds: fc.nat(),
          doneSeconds: fc.nat(),
          strength: fc.nat(40),
          value: fc.double(),
          test: fc.constantFrom(...BATTERY.map((t) => t.id), '__proto__'),
          day: fc.constantFrom('2026-11-20', '2026-02-31', ''),
          lasted: fc.nat(),
        }),
        ({ pose, value, test, day, lasted, ...rest }) => {
          const readout = BATTERY.find((t) => t.id === test)?.readouts[0].id ?? 'x';
          const answer = takeIn(
            writeHomeCode(
              returned({
                day,
                endedAt: T0 + lasted,
                items: [result(pose, 'left', rest)],
                readings: [{ test, readout, side: 'left', value }],
              }),
            ),
            here(),
          );
          if (!answer.ok) return;
          for (const { log, readings } of answer.taken) {
            if (log) logSchema.parse(log);
            for (const r of readings) readingSchema.parse(r);
          }
        },
      ),
      { numRuns: 300 },
    );
  });
});
