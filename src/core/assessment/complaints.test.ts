import { describe, expect, it } from 'vitest';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { screen, stands } from '@/core/cautions/screen';
import { PLACES, studentSchema } from '@/core/students/student';
import { BATTERY } from './battery';
import { complaintById, COMPLAINTS, soundsLike, testsFor } from './complaints';

describe('the catalogue of complaints', () => {
  it('has 26, names only tests and cautions that exist, and never a diagnosis', () => {
    expect(COMPLAINTS).toHaveLength(26);
    const tests = BATTERY.map((t) => t.id),
      cautions = CAUTIONS.map((c) => c.id);
    expect(new Set(COMPLAINTS.map((c) => c.id)).size).toBe(COMPLAINTS.length);
    for (const c of COMPLAINTS) {
      for (const t of c.tests) expect(tests).toContain(t);
      if (c.caution) expect(cautions).toContain(c.caution);
      for (const text of [c.begin, c.refer]) expect(text).toMatch(/\.$/);
      for (const text of [c.says, ...c.ideas]) expect(text).not.toMatch(/diagnos|syndrome|tendinopathy|arthritis/i);
    }
  });
  it('has something to say for every place, and nothing to test where a doctor comes first', () => {
    for (const p of PLACES) expect(soundsLike(p).length, p).toBeGreaterThan(0);
    for (const id of ['calf-swollen', 'night-any']) {
      expect(complaintById(id)?.tests).toEqual([]);
      expect(CAUTIONS.find((c) => c.id === complaintById(id)?.caution)?.level).toBe('refer-now');
    }
    expect(complaintById('hiccups')).toBeNull();
  });
});

describe('tests to look at first', () => {
  it('are the most telling ones of what it sounds like, with the reason', () => {
    const list = testsFor([{ place: 'back-thigh', sounds: 'back-thigh' }]);
    expect(list.map((s) => s.test)).toEqual(['straight-leg-raise', 'knee-extension-90-90', 'slump']);
    expect(list[0].because).toEqual(['The middle of the back thigh pulls']);
  });
  it('come first when several complaints ask for them', () => {
    const list = testsFor([
      { place: 'front-hip-crease', sounds: 'front-after-sitting' },
      { place: 'low-back', sounds: 'back-bending-back' },
    ]);
    expect(list[0].test).toBe('modified-thomas');
    expect(list[0].because).toHaveLength(2);
  });
  it('are told for a place alone too, and are none without a complaint', () => {
    expect(testsFor([{ place: 'calf-high' }]).map((s) => s.test)).toContain('straight-knee-lunge');
    expect(testsFor([])).toEqual([]);
  });
});

describe('a caution in time', () => {
  const told = { caution: 'recent-surgery', until: '2026-06-01' };
  it('stands until its day and not after', () => {
    expect(stands(told, '2026-05-31')).toBe(true);
    expect(stands(told, '2026-06-01')).toBe(false);
    expect(screen([told], '2026-05-31').stopped).toBe(true);
    expect(screen([told], '2026-06-02').level).toBe('go');
  });
  it('counts no more once somebody lifted it, and the entry stays', () => {
    const cleared = { caution: 'numb-saddle', cleared: { by: 'hospital, Dr on duty', on: '2026-05-02' } };
    expect(screen([cleared], '2026-05-03')).toMatchObject({ level: 'go', stopped: false });
  });
});

describe('a student', () => {
  const student = {
    id: 's',
    name: 'Wren',
    height_cm: 170,
    mass_kg: 60,
    birthYear: 1990,
    dominantLeg: 'left',
    aim: '',
    complaints: [{ place: 'outer-hip', side: 'left' }],
    cautions: [{ caution: 'touch' }],
    breathSeconds: 6,
    archived: false,
    createdAt: '2026-05-01T10:00:00.000Z',
    updatedAt: '2026-05-01T10:00:00.000Z',
  };
  it('of an older file is still a student', () => expect(studentSchema.safeParse(student).success).toBe(true));
  it('may say when, how, how strong and since when', () => {
    const complaint = {
      place: 'outer-hip',
      side: 'left',
      times: ['night', 'walking'],
      quality: 'ache',
      strength: 4,
      since: 'spring',
      course: [{ on: '2026-05-01', strength: 6 }],
    };
    expect(studentSchema.safeParse({ ...student, complaints: [complaint] }).success).toBe(true);
    for (const wrong of [{ strength: 11 }, { strength: 2.5 }, { quality: 'purple' }, { times: ['tuesdays'] }])
      expect(studentSchema.safeParse({ ...student, complaints: [{ ...complaint, ...wrong }] }).success).toBe(false);
  });
  it('is refused with a day that is none, or a caution lifted by nobody', () => {
    for (const c of [
      { caution: 'touch', until: 'soon' },
      { caution: 'touch', cleared: { by: ' ', on: '2026-05-01' } },
    ])
      expect(studentSchema.safeParse({ ...student, cautions: [c] }).success).toBe(false);
  });
});
