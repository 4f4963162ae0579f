import { describe, expect, it } from 'vitest';
import { writeHomeCode } from '@/core/home/code';
import { result, returned, T0 } from '@/core/home/home.fixtures';
import { takeIn } from '@/core/home/take-in';
import { LIBRARY } from '@/core/poses';
import { readRecord } from './read-record';
import { writeRecord } from './record';

const [shape] = LIBRARY;

describe('what came back from home', () => {
  it('goes out with everything and comes in again', () => {
    const answer = takeIn(
      writeHomeCode(
        returned({
          items: [result(shape.id, 'left')],
          readings: [{ test: 'knee-to-wall', readout: 'toe-distance', side: 'left', value: 9.5 }],
        }),
      ),
      { students: [{ id: 'hazel', name: 'Hazel Kiln' }], practices: [], logs: new Set(), readings: new Set(), now: T0 },
    );
    if (!answer.ok) throw new Error(answer.message);
    const [{ log, readings }] = answer.taken;
    const student = {
      id: 'hazel',
      name: 'Hazel Kiln',
      height_cm: 168,
      mass_kg: 60,
      birthYear: 1980,
      dominantLeg: 'right' as const,
      aim: '',
      complaints: [],
      cautions: [],
      breathSeconds: 6,
      archived: false,
      createdAt: '2026-11-01T09:00:00.000Z',
      updatedAt: '2026-11-01T09:00:00.000Z',
    };
    const text = writeRecord({
      exportedAt: '2026-11-21T09:00:00.000Z',
      students: [student],
      readings,
      practices: [],
      logs: log ? [log] : [],
    });
    const read = readRecord(text);
    expect(read.ok && read.setAside).toEqual([]);
    expect(read.ok && read.record.logs[0].source).toBe('home');
    expect(read.ok && read.record.readings[0].atHome).toBe(true);
  });
});
