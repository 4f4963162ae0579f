import { describe, expect, it } from 'vitest';
import type { Complaint } from '@/core/students/student';
import { COMPLAINTS } from '@/core/assessment/complaints';
import { atComplaints } from './at-complaint';
import { complaintFound, complaintTitle } from './complaint-words';
import { infer } from './infer';
import type { Reading } from '@/core/assessment/reading';
import { readAt, readOf } from './readings.fixtures';

const person = { id: 's', birthYear: 1985 };
const met = (complaint: Complaint, readings: Reading[]) => {
  const { findings } = infer({ ...person, complaints: [complaint] }, readings, { next: false });
  return atComplaints([complaint], findings, readings, {})[0];
};
const thigh: Complaint = { place: 'back-thigh', side: 'left', sounds: 'back-thigh' };

describe('what was found where it bothers her', () => {
  it('a short movement there comes first, on her side only', () => {
    const rows = [
      readOf('straight-leg-raise', 'hip-flexion', 45),
      readOf('straight-leg-raise', 'hip-flexion', 45, { side: 'right' }),
    ];
    const left = met(thigh, rows);
    expect(left.limited.map((m) => m.side)).toEqual(['left']);
    expect(complaintFound(left)).toMatch(
      /^Straight leg raise on the left is .*less than typical: limited by the hamstrings\.$/,
    );
    expect(complaintTitle(left)).toBe('back of the thigh, left');
    expect(met({ ...thigh, side: 'both' }, rows).limited).toHaveLength(2);
  });
  it('what was looked at and is fine is said, with what was not looked at', () => {
    const fine = met(thigh, [readOf('straight-leg-raise', 'hip-flexion', 80)]);
    expect(fine.limited).toEqual([]);
    expect(complaintFound(fine)).toMatch(/Nothing short or weak in the one test that looks there. Not tested yet: /);
  });
  it('a sign of the nerve is told before any muscle', () => {
    const found = met({ place: 'deep-buttock', side: 'left', sounds: 'buttock-leg' }, [
      readOf('straight-leg-raise', 'hip-flexion', 45, { distant: 'changes' }),
    ]);
    expect(found.hints.map((h) => h.kind)).toContain('nerve');
    expect(complaintFound(found)).toMatch(/look at that first\.$/);
  });
  it('a poor reading that no model speaks of is not called nothing', () => {
    const found = met({ place: 'groin-pinch', side: 'left', sounds: 'groin-pinch-deep' }, [
      readOf('deep-squat', 'grade', 0, { side: 'both' }),
    ]);
    expect(found.low).toEqual(['deep-squat']);
    expect(complaintFound(found)).toBe('“Deep squat” reads less than typical.');
  });
  it('a reading elsewhere says nothing about it', () => {
    const elsewhere = met(thigh, [readAt('prone-knee-bend', 'knee-flexion', -2)]);
    expect(elsewhere.read).toEqual([]);
    expect(complaintFound(elsewhere)).toMatch(/Nothing is measured there yet/);
  });
  it('pain is said as pain, never as a short muscle', () => {
    const readings = [readOf('straight-leg-raise', 'hip-flexion', 40, { pain: true })];
    const { findings } = infer({ ...person, complaints: [thigh] }, readings, { next: false });
    const [found] = atComplaints([thigh], findings, readings, {});
    expect(complaintFound(found)).toMatch(/ended in pain .* no stretch follows/);
  });
  it('every pattern and place leads to a sentence', () => {
    const { findings } = infer(person, [], { next: false });
    for (const p of COMPLAINTS)
      for (const place of p.places) {
        const [found] = atComplaints([{ place, side: 'right', sounds: p.id }], findings, [], {});
        expect(complaintFound(found)).toMatch(/\.$/);
      }
  });
});
