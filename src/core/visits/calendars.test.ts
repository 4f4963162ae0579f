import { describe, expect, it } from 'vitest';
import { plannedOf, writeCalendar } from '@/core/progress/calendar';
import { readEvents, type CalendarEvent } from './read-events';
import { visitsFrom } from './from-events';
import { visitDays, visitIdOf } from './visit-calendar';
import type { Visit } from './visit';
import { whoIsMeant } from './who-is-meant';

const calendar = (...events: string[][]): string =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//test//EN',
    ...events.flatMap((e) => ['BEGIN:VEVENT', ...e, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');
const read = (text: string, from = '2026-11-01', to = '2026-12-31') => {
  const answer = readEvents(text, from, to);
  if (!answer.ok) throw new Error(answer.problem.message);
  return answer;
};
const short = (e: CalendarEvent) =>
  `${e.day} ${e.at ?? 'all day'} ${e.minutes} ${e.title}${e.cancelled ? ' (off)' : ''}`;

describe('events of a calendar', () => {
  it('stand at the hour that is written, as a whole day, and with what lasts oddly as an hour', () => {
    const { events } = read(
      calendar(
        [
          'UID:a',
          'DTSTART;TZID=Somewhere/Else:20261203T171500',
          'DTEND;TZID=Somewhere/Else:20261203T183000',
          'SUMMARY:Maren',
        ],
        ['UID:b', 'DTSTART;VALUE=DATE:20261204', 'SUMMARY:Regatta'],
        ['UID:c', 'DTSTART:20261205T090000', 'DURATION:PT50M', 'SUMMARY:Ilka'],
      ),
    );
    expect(events.map(short)).toEqual([
      '2026-12-03 17:15 75 Maren',
      '2026-12-04 all day 60 Regatta',
      '2026-12-05 09:00 50 Ilka',
    ]);
  });
  it('in Greenwich time stand as this machine’s wall shows them', () => {
    const { events } = read(calendar(['UID:a', 'DTSTART:20261203T171500Z', 'DTEND:20261203T181500Z', 'SUMMARY:Maren']));
    const here = new Date(Date.UTC(2026, 11, 3, 17, 15));
    const two = (n: number) => String(n).padStart(2, '0');
    expect(events[0]).toMatchObject({
      day: here.toLocaleDateString('sv'),
      at: `${two(here.getHours())}:${two(here.getMinutes())}`,
      minutes: 60,
    });
  });
  it('come again by their rule, moved and called off where that was done by hand, and only within the days asked for', () => {
    const weekly = calendar(
      [
        'UID:w',
        'DTSTART:20261112T070000',
        'DTEND:20261112T080000',
        'RRULE:FREQ=WEEKLY',
        'EXDATE:20261126T070000',
        'SUMMARY:Thursday',
      ],
      [
        'UID:w',
        'RECURRENCE-ID:20261203T070000',
        'DTSTART:20261204T073000',
        'DTEND:20261204T083000',
        'SUMMARY:Thursday, moved',
      ],
      [
        'UID:w',
        'RECURRENCE-ID:20261210T070000',
        'DTSTART:20261210T070000',
        'DTEND:20261210T080000',
        'STATUS:CANCELLED',
        'SUMMARY:Thursday',
      ],
    );
    expect(read(weekly, '2026-11-15', '2026-12-20').events.map(short)).toEqual([
      '2026-11-19 07:00 60 Thursday',
      '2026-12-04 07:30 60 Thursday, moved',
      '2026-12-10 07:00 60 Thursday (off)',
      '2026-12-17 07:00 60 Thursday',
    ]);
    // Each day keeps its own name, so that the same file again changes nothing.
    const keys = read(weekly).events.map((e) => visitIdOf(e));
    expect(new Set(keys).size).toBe(keys.length);
    expect(read(weekly).events.map((e) => visitIdOf(e))).toEqual(keys);
    for (const id of keys) expect(id.length).toBeLessThanOrEqual(64);
  });
  it('of nonsense are none, said in words', () => {
    for (const text of ['', 'nonsense', 'BEGIN:VCALENDAR\r\nBEGIN:VEVENT', 'BEGIN:VCARD\r\nEND:VCARD\r\n'])
      expect(readEvents(text, '2026-01-01', '2026-12-31')).toMatchObject({
        ok: false,
        problem: { message: expect.stringMatching(/cannot|not a calendar/) as string },
      });
    expect(read(calendar(['UID:x', 'SUMMARY:no day']))).toEqual({ ok: true, events: [], outside: 0 });
  });
});

describe('whose an event is', () => {
  const students = [
    { id: 'm', name: 'Maren Tideway' },
    { id: 'i', name: 'Ilka Rushmere' },
    { id: 'i2', name: 'Ilka Fenn' },
  ];
  const classes = [{ id: 'c', name: 'Thursday before the flood tide' }];
  const who = (title: string) => whoIsMeant(title, students, classes)?.id ?? null;
  it('is told by the whole name, or by a first name that only one has', () => {
    expect(who('Yoga with Maren')).toBe('m');
    expect(who('tideway, maren (hips)')).toBe('m');
    expect(who('Ilka')).toBeNull();
    expect(who('Ilka Fenn 45')).toBe('i2');
    expect(who('Thursday – before the flood tide')).toBe('c');
    expect(who('Dentist')).toBeNull();
    expect(who('')).toBeNull();
    expect(who('Ilka Fenn and Maren Tideway')).toBeNull();
  });
});

describe('visits as a calendar', () => {
  const visit = (more: Partial<Visit>): Visit => ({
    id: 'v1',
    student: 'm',
    day: '2026-12-03',
    at: '17:00',
    minutes: 60,
    createdAt: '2026-11-01T08:00:00.000Z',
    updatedAt: '2026-11-01T08:00:00.000Z',
    ...more,
  });
  it('come back as the same visits; a name goes out only as wished', () => {
    const list = [
      visit({}),
      visit({ id: 'v2', student: undefined, class: 'c', at: undefined }),
      visit({ id: 'v3', became: 'off', at: '09:00' }),
    ];
    const named = (v: Visit): string => (v.class ? 'Thursday' : 'Maren Tideway');
    const text = writeCalendar(visitDays(list, named, 'initials'), Date.UTC(2026, 10, 29));
    expect(text).not.toMatch(/Tideway/);
    const back = read(text).events;
    expect(back.map((e) => [visitIdOf(e), short(e)])).toEqual([
      ['v2', '2026-12-03 all day 60 Thursday'],
      ['v3', '2026-12-03 09:00 60 M. T. (off)'],
      ['v1', '2026-12-03 17:00 60 M. T.'],
    ]);
    expect(back.some((e) => plannedOf(e.key))).toBe(false);
    expect(visitDays([visit({})], named, 'nobody')[0].title).toBe('A student');
  });
});

describe('events become visits', () => {
  const event = (more: Partial<CalendarEvent> = {}): CalendarEvent => ({
    key: 'a',
    day: '2026-12-03',
    at: '17:00',
    minutes: 60,
    title: 'Maren',
    cancelled: false,
    ...more,
  });
  const NOW = '2026-11-30T08:00:00.000Z';
  const maren = () => ({ kind: 'student' as const, id: 'm' });
  const [first] = visitsFrom([event()], new Map(), maren, NOW);
  const stood = new Map([[first.id, first]]);
  it('of whom is chosen, and none of nobody or of what was called off before it came here', () => {
    expect(first).toMatchObject({ student: 'm', day: '2026-12-03', at: '17:00', minutes: 60 });
    expect(visitsFrom([event()], new Map(), () => null, NOW)).toEqual([]);
    expect(visitsFrom([event({ cancelled: true })], new Map(), maren, NOW)).toEqual([]);
  });
  it('the same again is none, moved is moved, called off there is called off here', () => {
    expect(visitsFrom([event()], stood, () => null, NOW)).toEqual([]);
    expect(visitsFrom([event({ at: undefined })], stood, () => null, NOW)[0].at).toBeUndefined();
    expect(visitsFrom([event({ cancelled: true })], stood, () => null, NOW)).toMatchObject([{ became: 'off' }]);
  });
  it('what was said of a visit here stays when it moves', () => {
    const came = new Map([[first.id, { ...first, became: 'missed' as const }]]);
    expect(visitsFrom([event({ day: '2026-12-04' })], came, maren, NOW)).toMatchObject([
      { id: first.id, day: '2026-12-04', became: 'missed', student: 'm', createdAt: first.createdAt },
    ]);
  });
});
