import { describe, expect, it } from 'vitest';
import { complaintNow, courseOf, toggleComplaint } from './complaints';
import type { Complaint } from './student';

describe('a tap on the body', () => {
  it('adds, joins both sides into one, and takes back', () => {
    let list: Complaint[] = toggleComplaint([], 'knee', 'left');
    expect(list).toEqual([{ place: 'knee', side: 'left' }]);
    list = toggleComplaint(list, 'knee', 'right');
    expect(list).toEqual([{ place: 'knee', side: 'both' }]);
    list = toggleComplaint(list, 'knee', 'left');
    expect(list).toEqual([{ place: 'knee', side: 'right' }]);
    expect(toggleComplaint(list, 'knee', 'right')).toEqual([]);
  });
  it('keeps what was said of other places', () => {
    const other: Complaint = { place: 'low-back', side: 'left', strength: 3 };
    expect(toggleComplaint([other], 'knee', 'right')).toEqual([other, { place: 'knee', side: 'right' }]);
  });
});

describe('the course of a complaint', () => {
  const c: Complaint = { place: 'knee', side: 'left', strength: 6 };
  it('remembers how it was, and says how it is', () => {
    const better = complaintNow(c, 'better', '2026-05-08', '2026-05-01');
    expect(better.strength).toBe(4);
    expect(better.course).toEqual([
      { on: '2026-05-01', strength: 6 },
      { on: '2026-05-08', strength: 4 },
    ]);
    expect(courseOf(better, '2026-05-08')).toBe('better');
  });
  it('can be said otherwise the same day without counting twice', () => {
    const first = complaintNow(c, 'worse', '2026-05-08', '2026-05-01');
    const second = complaintNow(first, 'gone', '2026-05-08', '2026-05-01');
    expect(second.course).toHaveLength(2);
    expect(second.strength).toBe(0);
    expect(courseOf(second, '2026-05-08')).toBe('gone');
    expect(courseOf(complaintNow(first, 'same', '2026-05-08', '2026-05-01'), '2026-05-08')).toBe('same');
  });
  it('stays on the scale, and is nothing where nothing was said', () => {
    expect(complaintNow({ ...c, strength: 10 }, 'worse', '2026-05-08', '2026-05-01').strength).toBe(10);
    expect(complaintNow({ place: 'knee', side: 'left' }, 'better', '2026-05-08', '2026-05-01').strength).toBe(3);
    expect(courseOf(c, '2026-05-08')).toBeNull();
  });
});
