import { describe, expect, it } from 'vitest';
import { AIM_DEFAULTS } from '@/core/aims/defaults';
import { doseFor } from '@/core/aims/dose';
import type { AimsOf } from '@/core/aims/for-student';
import type { PeakGap } from '@/core/practice/peak';
import { weeklyAims } from './weekly-aims';

const dose = doseFor('lengthen', { age: 34 }, AIM_DEFAULTS);
const aimed = {
  work: [{ kind: 'lengthen', group: 'hamstrings', side: 'left', weight: 0.9 }],
  standing: [
    { kind: 'lengthen', group: 'hamstrings', side: 'left', weight: 0.9, dose },
    { kind: 'leave', group: 'calf', side: 'left', weight: 0, dose: { stretch: null, strength: null, sources: [] } },
  ],
} as unknown as AimsOf;
const gap = {
  pose: 'front-split',
  top: 1,
  length: [
    { group: 'hamstrings', side: 'left', asked: 1.4, comfortable: 0.8 },
    { group: 'deep-hip-flexor', side: 'right', asked: 1.2, comfortable: 0.8 },
  ],
  strength: [{ group: 'gluteus-maximus', side: 'right', asked: 0.8 }],
  joints: [],
} as unknown as PeakGap;

describe('what a week should hold', () => {
  it('is the dose of each standing aim', () => {
    expect(weeklyAims(aimed)).toEqual([
      { key: 'lengthen:hamstrings:left', minutes: dose.stretch?.minutesPerWeek, strengthDays: 0 },
    ]);
    expect(weeklyAims(null, gap, {}, AIM_DEFAULTS)).toEqual([]);
  });
  it('and of what a peak asks beyond them, each once', () => {
    const week = weeklyAims(aimed, gap, { age: 34 }, AIM_DEFAULTS);
    const keys = week.map((w) => w.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).toContain('lengthen:deep-hip-flexor:right');
    expect(week.find((w) => w.key === 'strengthen:gluteus-maximus:right')?.strengthDays).toBeGreaterThan(0);
    expect(week.find((w) => w.key === 'lengthen:deep-hip-flexor:right')?.minutes).toBe(dose.stretch?.minutesPerWeek);
  });
});
