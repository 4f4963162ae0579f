import { describe, expect, it } from 'vitest';
import { MAIN_TEST } from '@/core/assessment/battery';
import type { Movement } from '@/core/assessment/definition';
import type { Student } from '@/core/students/student';
import { reading } from './readings.fixtures';
import { foundLines, timelineOf, type Story } from './timeline';

const student = {
  createdAt: '2026-09-30T10:00:00.000Z',
  askedOn: '2026-10-01',
  aim: 'Row without the pull.',
  cautions: [
    { caution: 'low-back-ache', since: 'last winter' },
    { caution: 'sciatic', since: '2026-10-02', cleared: { by: 'Dr Reed', on: '2026-10-20' } },
  ],
  complaints: [
    {
      place: 'back-thigh',
      side: 'left',
      course: [
        { on: '2026-10-01', strength: 6 },
        { on: '2026-10-20', strength: 3 },
      ],
    },
  ],
  aimChoices: [
    { group: 'hamstrings', side: 'left', kind: 'lengthen', weight: 0.9, on: '2026-10-01' },
    {
      group: 'calf',
      side: 'right',
      kind: 'leave',
      weight: 0.5,
      on: '2026-10-04',
      note: 'Tender still.',
      proposed: { kind: 'lengthen', weight: 0.6 },
    },
  ],
} as unknown as Student;
const limiter = (group: string, probability: number) => ({ group, probability });
const movement = (side: string, name: Movement, band: number, clarity: string, ...limiters: object[]) =>
  ({ side, movement: name, ...MAIN_TEST[name], band, clarity, limiters, plain: null }) as never;
const story: Story = {
  student,
  readings: [reading('2026-10-01', 50), reading('2026-10-01', 40, { pain: true })],
  practices: [{ title: 'Slip', minutes: 20, createdAt: '2026-10-04T10:00:00.000Z' } as never],
  logs: [
    {
      title: 'Slip',
      startedAt: '2026-10-05T10:00:00.000Z',
      items: [{ skipped: false, stopped: true }, { skipped: true }],
      note: 'Calm.',
    } as never,
  ],
  plan: {
    student: 's',
    start: '2026-10-05',
    weeks: 4,
    days: [2, 4],
    minutes: 20,
    marks: { '2026-10-06': 'done', '2026-10-08': 'missed' },
    moved: { '2026-10-06': '2026-10-07' },
  },
  found: new Map([
    [
      '2026-10-01',
      { movements: [movement('left', 'hip-flexion-knee-straight', -2, 'one', limiter('hamstrings', 0.87))] },
    ],
  ]),
};

describe('the timeline', () => {
  const days = timelineOf(story);
  const on = (day: string) => days.find((d) => d.day === day)?.lines ?? [];
  it('holds everything by its day, the newest first', () => {
    expect(days.map((d) => d.day)).toEqual([
      '2026-10-20',
      '2026-10-08',
      '2026-10-07',
      '2026-10-05',
      '2026-10-04',
      '2026-10-02',
      '2026-10-01',
      '2026-09-30',
    ]);
  });
  it('tells a day in the order of working: asked, tested, found, aims', () => {
    expect(on('2026-10-01')).toEqual([
      { kind: 'asked', text: 'Asked: “Row without the pull.”' },
      { kind: 'asked', text: 'Back of the thigh left: 6 of 10.' },
      { kind: 'tested', text: '2 readings: Straight leg raise; 1 ended in pain.' },
      { kind: 'read', text: 'Left, short: straight leg raise (hamstrings, 87 in 100).' },
      { kind: 'aims', text: 'Lengthen: hamstrings left.' },
    ]);
    expect(on('2026-10-05').map((l) => l.text)).toEqual([
      '“Slip”, 1 of 2 items; stopped for pain. Calm.',
      '4 weeks begin, 2 days of 20 minutes.',
    ]);
  });
  it('complaints have a course, cautions an end, the teacher’s word stands beside what was proposed', () => {
    expect(on('2026-10-20').map((l) => l.text)).toEqual([
      expect.stringMatching(/^Caution lifted by Dr Reed/),
      'Back of the thigh left: 3 of 10, 6 before.',
    ]);
    expect(on('2026-10-04')[0].text).toBe('Leave alone: calf right; proposed: lengthen. Tender still.');
  });
  it('days done and missed stand where they were done', () => {
    expect(on('2026-10-07')[0].text).toBe('A planned day, done.');
    expect(on('2026-10-08')[0].text).toBe('A planned day, missed.');
  });
});

describe('what was found then', () => {
  it('each side by itself: what is most short first, three at most, the rest counted', () => {
    const many = (['hip-extension', 'hip-abduction', 'cross-body', 'kneeling'] as const).map((m, k) =>
      movement('left', m, -1.5 - k, 'unclear', limiter('hamstrings', 0.4), limiter('adductors', 0.3)),
    );
    const [left, right] = foundLines({ movements: [...many, movement('right', 'hip-extension', 0.3, 'one')] });
    expect(left).toMatch(/^Left, short: sitting back on the heels \(not clear: .*; and 1 more\.$/);
    expect(right).toBe('Right: every movement measured goes about as far as in most.');
  });
  it('a side that was not measured says nothing', () => expect(foundLines({ movements: [] })).toEqual([]));
});
