import { describe, expect, it } from 'vitest';
import { sayIn } from '@/core/languages/catalogues';
import type { Aim } from '@/core/students/student';
import type { LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { changesOf } from './change';
import { progressSheet, stripOf } from './student-sheet';
import { reading, slr } from './readings.fixtures';

const about = {
  name: 'Maren',
  complaints: [
    {
      place: 'low-back' as const,
      side: 'both' as const,
      course: [
        { on: '2026-06-01', strength: 8 },
        { on: '2026-09-01', strength: 6 },
        { on: '2026-10-10', strength: 3 },
      ],
    },
    { place: 'knee' as const, side: 'left' as const, course: [{ on: '2026-10-10', strength: 2 }] },
  ],
};
const hamstrings: Aim = { kind: 'lengthen', group: 'hamstrings', side: 'left', weight: 0.9 };
const plainly = { lengthen: ['the back of the thigh, left'], strengthen: [], refer: false };
const log = (day: string, seconds: number): LogEntry =>
  ({
    startedAt: `${day}T10:00:00.000Z`,
    items: [{ doneSeconds: seconds }, { doneSeconds: seconds }],
  }) as unknown as LogEntry;
const twice = (from: number, to: number, more: Partial<Reading> = {}) => [
  reading('2026-09-01', from, more),
  reading('2026-10-10', to, more),
];
const sheetOf = (list: Reading[], logs: LogEntry[] = [], aims: Aim[] = [hamstrings]) => {
  const sheet = progressSheet(about, changesOf(list), { readings: list, logs, aims, plainly, today: '2026-10-12' });
  if (!sheet) throw new Error('no sheet');
  return sheet;
};

describe('the student’s progress sheet', () => {
  it('tells further, less far, or about the same, with what measuring alone can make', () => {
    const far = slr.detectable + 4;
    const words = (to: number) => sheetOf(twice(50, to)).told[0];
    expect(words(50 + far)).toMatchObject({
      title: 'Left: straight leg raise',
      then: '50°',
      now: `${50 + far}°`,
      words: `${far}° further, more than the ${slr.detectable}° that can come from the measuring alone.`,
    });
    expect(words(50 - far).words).toContain('less far');
    expect(words(52).words).toMatch(/^About the same/);
    expect(sheetOf([reading('2026-09-01', 50), reading('2026-10-10', 90, { warm: true })]).told[0].words).toContain(
      'warm',
    );
  });
  it('has what aims rest on first; what changed is always told, the rest by name', () => {
    const sides = ['left', 'right'] as const;
    const others = ['knee-to-wall', 'knee-extension-90-90', 'prone-knee-bend'].flatMap((test) =>
      sides.flatMap((side) => {
        const readout =
          { 'knee-to-wall': 'toe-distance', 'knee-extension-90-90': 'missing-extension' }[test] ?? 'knee-flexion';
        return twice(10, 10, { test, readout, side, unit: test === 'knee-to-wall' ? 'cm' : 'deg' });
      }),
    );
    const sheet = sheetOf([...others, ...twice(50, 51), ...twice(50, 80, { side: 'right' })]);
    expect(sheet.told).toHaveLength(6);
    expect(sheet.told[0].title).toMatch(/^Left/);
    expect(sheet.told.some((c) => c.title === 'Right: straight leg raise' && c.verdict === 'changed')).toBe(true);
    expect(sheet.same).toHaveLength(2);
  });
  it('tells what was done and said between the two rounds, not before', () => {
    const sheet = sheetOf(twice(50, 60), [log('2026-08-20', 600), log('2026-09-03', 300), log('2026-09-10', 330)]);
    expect(sheet.practised).toBe('You practised on 2 days, 21 minutes in poses.');
    expect(sheet.complaints).toEqual(['What you said of the low back: 6 of 10 then, 3 now.']);
    expect(sheetOf(twice(50, 60)).practised).toContain('No practice');
  });
  it('goes on with the aims, and tells when measuring is worth while again', () => {
    expect(sheetOf(twice(50, 60))).toMatchObject({
      from: '2026-09-01',
      to: '2026-10-10',
      goingOn: ['Give room to the back of the thigh, left.'],
      again: '2026-11-14',
    });
    expect(sheetOf(twice(50, 60), [], []).again).toBeNull();
  });
  it('is not there where nothing was read twice', () =>
    expect(progressSheet(about, [], { readings: [], logs: [], aims: [], plainly, today: '2026-10-12' })).toBeNull());
});

describe('two readings on a line', () => {
  it('better lies to the right, also where less is better; all of it within the line', () => {
    const [more] = changesOf(twice(50, 80));
    const [less] = changesOf(twice(50, 20, { test: 'knee-extension-90-90', readout: 'missing-extension' }));
    for (const [c, readout] of [
      [more, slr],
      [less, { ...slr, better: 'lower' as const }],
    ] as const) {
      const strip = stripOf(c, readout);
      expect(strip.now).toBeGreaterThan(strip.then);
      expect(strip.error[0]).toBeLessThan(strip.then);
      expect(strip.error[1]).toBeGreaterThan(strip.then);
      const all = [strip.then, strip.now, ...strip.error, ...(strip.typical ?? [])];
      expect(Math.min(...all)).toBeGreaterThanOrEqual(0);
      expect(Math.max(...all)).toBeLessThanOrEqual(1);
    }
  });
  it('is told in her language', () => {
    const list = twice(50, 50 + slr.detectable + 4);
    const sheet = progressSheet(about, changesOf(list), {
      readings: list,
      logs: [log('2026-09-20', 600), log('2026-09-21', 600)],
      aims: [hamstrings],
      plainly,
      today: '2026-10-12',
      say: sayIn('de'),
    });
    expect(sheet?.told[0].title).toMatch(/^Links: Gestrecktes Beinheben/);
    expect(sheet?.told[0].words).toMatch(/ weiter, mehr als die \d+°, die allein vom Messen kommen können\.$/);
    expect(sheet?.practised).toBe('Du hast an 2 Tagen geübt, 40 Minuten in Haltungen.');
    expect(sheet?.complaints).toEqual(['Was du gesagt hast: unterer Rücken, damals 6 von 10, jetzt 3.']);
  });
});
