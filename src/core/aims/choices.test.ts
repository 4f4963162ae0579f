import { describe, expect, it } from 'vitest';
import { studentSchema, type Aim, type AimChoice, type Student } from '@/core/students/student';
import { infer } from '@/core/inference/infer';
import { publishedStudio } from '@demo/published.fixtures';
import { standingAims, withChoice, workAims } from './choices';
import { AIM_DEFAULTS, aimDefaultsSchema, MOST_MINUTES } from './defaults';
import { doseFor } from './dose';
import { aimsFor } from './for-student';
import type { ProposedAim } from './propose';
import { doseWords } from './words';

const student = publishedStudio().students[0];
const proposal = (group: ProposedAim['group'], over: Partial<ProposedAim> = {}): ProposedAim => ({
  kind: 'lengthen',
  group,
  side: 'left',
  weight: 0.8,
  reasons: [{ kind: 'short', probability: 0.9 }],
  opposite: null,
  dose: doseFor('lengthen', {}, AIM_DEFAULTS),
  avoid: [],
  school: null,
  ...over,
});
const proposed = [proposal('hamstrings'), proposal('calf', { weight: 0.5 })];
const wish = (over: Partial<AimChoice> = {}): AimChoice => ({
  group: 'hamstrings',
  side: 'left',
  kind: 'strengthen',
  weight: 0.4,
  ...over,
});
const said = (who: Student, list = proposed) => standingAims(who, list).map((a) => `${a.kind} ${a.group} ${a.weight}`);

describe('the teacher’s word', () => {
  it('stands before the proposal, which is kept beside it', () => {
    const changed = withChoice(student, proposed, wish(), '2026-11-20');
    expect(studentSchema.safeParse(changed).success).toBe(true);
    expect(said(changed)).toEqual(['lengthen calf 0.5', 'strengthen hamstrings 0.4']);
    const own = standingAims(changed, proposed).find((a) => a.group === 'hamstrings');
    expect(own?.proposed?.kind).toBe('lengthen');
    expect(own?.choice).toMatchObject({ on: '2026-11-20', proposed: { kind: 'lengthen', weight: 0.8 } });
  });
  it('leaves the rest to follow new findings', () => {
    const changed = withChoice(student, proposed, wish(), '2026-11-20');
    expect(said(changed, [proposal('hamstrings'), proposal('vasti')])).toEqual([
      'lengthen vasti 0.8',
      'strengthen hamstrings 0.4',
    ]);
    expect(said(changed, [])).toEqual(['strengthen hamstrings 0.4']);
  });
  it('is taken back by choosing what is proposed', () => {
    const changed = withChoice(student, proposed, wish(), '2026-11-20');
    const back = withChoice(changed, proposed, wish({ kind: 'lengthen', weight: 0.8 }), '2026-11-21');
    expect(back.aimChoices).toBeUndefined();
    expect(said(back)).toEqual(said(student));
  });
  it('leaves a proposal out without forgetting it, and removes what only she wanted', () => {
    const out = withChoice(student, proposed, wish({ kind: 'none' }), '2026-11-20');
    expect(said(out)).toEqual(['lengthen calf 0.5', 'none hamstrings 0.4']);
    expect(workAims(standingAims(out, proposed)).map((a) => a.group)).toEqual(['calf']);
    const added = withChoice(student, proposed, wish({ group: 'adductors' }), '2026-11-20');
    expect(said(added)).toContain('strengthen adductors 0.4');
    expect(
      withChoice(added, proposed, wish({ group: 'adductors', kind: 'none' }), '2026-11-20').aimChoices,
    ).toBeUndefined();
  });
  it('takes an older complete list as it is, until she changes something', () => {
    const aims: Aim[] = [
      { kind: 'lengthen', group: 'adductors', side: 'right', weight: 0.6 },
      { kind: 'strengthen', group: 'adductors', side: 'right', weight: 0.3 },
    ];
    const older = { ...student, aims };
    expect(said(older)).toEqual(['both adductors 0.6', 'none calf 0.5', 'none hamstrings 0.8']);
    const changed = withChoice(older, proposed, wish(), '2026-11-20');
    expect(changed.aims).toBeUndefined();
    expect(said(changed)).toEqual(['both adductors 0.6', 'strengthen hamstrings 0.4', 'none calf 0.5']);
  });
  it('becomes what ranking can work with', () => {
    const work = workAims([
      { group: 'calf', side: 'left', kind: 'both', weight: 0.5 },
      { group: 'hamstrings', side: 'left', kind: 'refer', weight: 1 },
      { group: 'vasti', side: 'left', kind: 'none', weight: 1 },
    ]);
    expect(work.map((a) => `${a.kind} ${a.group}`)).toEqual(['lengthen calf', 'strengthen calf', 'leave hamstrings']);
  });
});

describe('a chosen aim', () => {
  it('has the dose of this student: longer holds from 65 on, also where only the teacher wants it', () => {
    const { findings } = infer(student, [], { next: false });
    const who = { ...student, aimChoices: [wish({ kind: 'lengthen' })] };
    const seconds = (birthYear: number) =>
      aimsFor({ ...who, birthYear }, [], findings, 2026).standing[0].dose.stretch?.seconds;
    expect(seconds(1950)).toBe(60);
    expect(seconds(1990)).toBe(30);
    expect(aimsFor({ ...who, aimChoices: [wish()] }, [], findings, 2026).standing[0].dose).toMatchObject({
      stretch: null,
      strength: { sets: 3 },
    });
  });
});

describe('a week’s dose', () => {
  it('is three times thirty seconds on five days, or sets on three', () => {
    expect(doseWords(doseFor('lengthen', {}, AIM_DEFAULTS))).toBe('3 × 30 s on 5 days (7.5 min a week)');
    expect(doseWords(doseFor('strengthen', {}, AIM_DEFAULTS))).toBe('3 × 10 on 3 days, never two in a row');
    expect(doseFor('both', {}, AIM_DEFAULTS)).toMatchObject({ stretch: { seconds: 30 }, strength: { sets: 3 } });
    expect(doseWords(doseFor('leave', {}, AIM_DEFAULTS))).toBe('');
    expect(doseFor('refer', {}, AIM_DEFAULTS).sources).toEqual([]);
  });
  it('holds longer from 65 on, shorter in the very mobile, and never more minutes than still help', () => {
    expect(doseFor('lengthen', { age: 70 }, AIM_DEFAULTS).stretch?.seconds).toBe(60);
    expect(doseFor('lengthen', { age: 70, mobile: true }, AIM_DEFAULTS).stretch?.seconds).toBe(30);
    for (const holdSeconds of [10, 30, 90, 300])
      for (const stretchDays of [2, 5, 7]) {
        const { stretch } = doseFor('lengthen', {}, { ...AIM_DEFAULTS, holdSeconds, stretchDays, holds: 10 });
        expect(stretch && (stretch.holds === 1 || stretch.minutesPerWeek <= MOST_MINUTES)).toBe(true);
      }
  });
  it('has defaults that a file can hold', () => {
    expect(aimDefaultsSchema.safeParse(AIM_DEFAULTS).success).toBe(true);
    expect(aimDefaultsSchema.safeParse({ holdSeconds: 0 }).success).toBe(false);
  });
});
