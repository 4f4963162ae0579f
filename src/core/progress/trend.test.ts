import { daysLater } from '@/core/day-count';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changesOf } from './change';
import type { Point } from './point';
import { normals, reading, slr } from './readings.fixtures';
import { trendOf } from './trend';
import { changeSentences } from './words';

const sem = slr.detectable / (1.96 * Math.SQRT2);
const days = [0, 30, 60, 90].map((d) => daysLater('2026-06-01', d));
const point = (day: string, value: number, more: Partial<Point> = {}): Point => ({
  id: day,
  day,
  value,
  warm: false,
  ...more,
});

describe('all days of a reading together', () => {
  it('a worked example: four months a month apart, 4° each', () => {
    const trend = trendOf(
      slr,
      days.map((d, k) => point(d, 50 + 4 * k)),
    );
    expect(trend?.perMonth).toBeCloseTo(4, 9);
    // Standard error of a slope: SEM / sqrt(sum of squared months about their mean) = SEM / sqrt(5).
    expect((trend?.high ?? 0) - 4).toBeCloseTo((1.96 * sem) / Math.sqrt(5), 6);
    expect(trend?.ends.map((v) => Math.round(v))).toEqual([50, 62]);
    expect(trend?.even).toBe(true);
  });
  it('without a true change it tells one in at most one of twenty, and finds what first and last alone would miss', () => {
    const noise = normals(23);
    const share = (perMonth: number, verdict: 'told' | 'ends'): number => {
      let said = 0;
      for (let k = 0; k < 3000; k++) {
        const points = days.map((d, m) => point(d, 60 + perMonth * m + sem * noise.next().value));
        const by = points[3].value - points[0].value;
        if (verdict === 'told' ? trendOf(slr, points)?.verdict !== 'too-small' : Math.abs(by) >= slr.detectable) said++;
      }
      return said / 3000;
    };
    expect(share(0, 'told')).toBeLessThanOrEqual(0.06);
    const some = slr.detectable / 3;
    expect(share(some, 'told')).toBeGreaterThan(share(some, 'ends'));
  });
  it('says where it did not go evenly', () => {
    const jump = [50, 50 + 4 * slr.detectable, 50, 50 + 4 * slr.detectable].map((v, k) => point(days[k], v));
    expect(trendOf(slr, jump)?.even).toBe(false);
    const [c] = changesOf(jump.map((p) => reading(p.day, p.value)));
    expect(changeSentences(c).join(' ')).toContain('did not go evenly');
  });
  it('another instrument counts less', () => {
    const plain = days.slice(0, 3).map((d, k) => point(d, 50 + k, { instrument: 'inclinometer' }));
    const mixed = plain.map((p, k) => (k === 2 ? { ...p, instrument: 'goniometer' as const } : p));
    const width = (points: Point[]) => {
      const t = trendOf(slr, points);
      return t ? t.high - t.low : 0;
    };
    expect(width(mixed)).toBeGreaterThan(width(plain));
  });
  it('less is better where less is better', () => {
    const [c] = changesOf(
      days.map((d, k) => reading(d, 50 - 12 * k, { test: 'knee-extension-90-90', readout: 'missing-extension' })),
    );
    expect(c.trend?.verdict).toBe('changed');
    expect(c.trend?.perMonth).toBeCloseTo(12, 6);
    expect(changeSentences(c).join(' ')).toContain('better a month');
  });
  it('needs three days; moving all days or all values moves nothing else', () => {
    expect(trendOf(slr, [point(days[0], 50), point(days[1], 60)])).toBeNull();
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 20, max: 90 }), { minLength: 3, maxLength: 4 }),
        fc.integer({ min: 1, max: 20 }),
        (values, by) => {
          const at = (shift: number, more: number) =>
            trendOf(
              slr,
              values.map((v, k) => point(daysLater(days[k], shift), v + more)),
            );
          expect(at(by, 0)?.perMonth).toBeCloseTo(at(0, 0)?.perMonth ?? NaN, 6);
          expect(at(0, by)?.perMonth).toBeCloseTo(at(0, 0)?.perMonth ?? NaN, 6);
        },
      ),
    );
  });
});
