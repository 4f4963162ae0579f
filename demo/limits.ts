import type { KolposRecord } from '@/core/formats/record';
import { limitsOf, writeLimits } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { feltIn } from '@/core/teaching/log';

/**
 * What limits each of the demo's students, as a browser would keep it beside her readings: the first page is painted at
 * once.
 */
export const demoLimits = (record: KolposRecord): Record<string, string> =>
  Object.fromEntries(
    record.students.flatMap((student) => {
      // In the order in which a database has them.
      const readings = record.readings.filter((r) => r.student === student.id).sort((a, b) => (a.id < b.id ? -1 : 1));
      if (readings.length === 0) return [];
      const felt = feltIn(record.logs.filter((l) => l.student === student.id));
      const { findings } = infer(student, readings, { felt, next: false });
      return [[student.id, writeLimits({ student, readings, felt }, limitsOf(findings.movements))]];
    }),
  );
