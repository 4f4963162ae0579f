import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { daysLater, weekdayOf } from '../day-count';
import { movedDays, wholeWeeks } from './moved-days';
import { readRecord } from './read-record';
import { writeRecord } from './record';

const read = readRecord(readFileSync('public/demo.json', 'utf8'));
if (!read.ok) throw new Error('no demo');
const demo = read.record;
const days = (text: string): string[] => text.match(/\d{4}-\d{2}-\d{2}/g) ?? [];

describe('a record moved by days', () => {
  it('moves every day and moment alike, and nothing else', () => {
    const before = JSON.stringify(demo);
    const after = JSON.stringify(movedDays(demo, 406));
    expect(days(after)).toEqual(days(before).map((d) => daysLater(d, 406)));
    expect(days(before).length).toBeGreaterThan(100);
    expect(after.replace(/\d{4}-\d{2}-\d{2}/g, '')).toBe(before.replace(/\d{4}-\d{2}-\d{2}/g, ''));
  });

  it('is back where it was when moved back', () => expect(movedDays(movedDays(demo, 371), -371)).toEqual(demo));

  it('still opens as a file, with nothing set aside', () => {
    const opened = readRecord(writeRecord(movedDays(demo, 7 * 260)));
    expect(opened).toMatchObject({ ok: true, setAside: [] });
  });
});

describe('whole weeks', () => {
  it.each([
    ['2026-11-20', '2026-11-20', 0],
    ['2026-11-20', '2026-11-26', 0],
    ['2026-11-20', '2026-11-27', 7],
    ['2026-11-20', '2028-02-29', 462],
    ['2026-11-20', '2026-11-19', -7],
  ])('from %s to %s: %i days', (from, to, moved) => {
    expect(wholeWeeks(from, to)).toBe(moved);
    expect(weekdayOf(daysLater(from, moved))).toBe(weekdayOf(from));
  });
});
