import { daysBetween, daysLater } from '@/core/day-count';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { LogEntry } from '@/core/teaching/log';
import { AIMS, POSES } from '@/core/practice/practices.fixtures';
import { worthFor } from '@/core/ranking/rank';
import { readoutOf } from '@/core/assessment/battery';
import { detectableAt } from '@/core/assessment/definition';
import type { Reading } from '@/core/assessment/reading';
import { parseICS } from 'node-ical';
import { plannedOf, readCalendar, uidOf, writeCalendar, type DayOut } from './calendar';
import { asSaved, calendarDays } from './calendar-days';
import { changesOf, compared, together } from './change';
import { betterBy, type Point } from './point';
import { doneDoses } from './dose';
import { stuck, whyNoChange } from './no-change';
import { heldBack } from './hold-back';
import { catchUp, planSchema, planWeeks, progression, strengthDays, type WeeklyAim } from './plan';
import { retestsOf, tellsOf } from './retest';
import { gapChange, gapSentence } from './side-gap';
import { todayOf } from './today';
import { toleranceChanges } from './tolerance';
import { normals, reading, slr } from './readings.fixtures';
import { changeSentences, noChangeWords, togetherSentence } from './words';

describe('change of a reading', () => {
  const mdc = detectableAt(slr, 60);
  it('a worked example: further than the error, within it, and worse', () => {
    const at = (v: number) => changesOf([reading('2026-09-01', 50), reading('2026-10-10', v)])[0];
    expect(at(50 + mdc + 1)).toMatchObject({ verdict: 'changed', by: mdc + 1, detectable: mdc });
    expect(at(50 + mdc - 1)).toMatchObject({ verdict: 'too-small' });
    expect(at(50 - mdc - 1)).toMatchObject({ verdict: 'worse' });
    expect(at(50 + mdc + 1).low).toBeCloseTo(1, 9);
  });
  it('without a true change it says so at most once in twenty; with one and a half times the error at least four times in five', () => {
    const noise = normals(7);
    const sem = mdc / (1.96 * Math.SQRT2);
    const point = (value: number, day: string): Point => ({ id: day, day, value, warm: false });
    const said = (truth: number): number => {
      let changed = 0;
      for (let k = 0; k < 4000; k++) {
        const before = point(60 + sem * noise.next().value, '2026-09-01');
        const now = point(60 + truth + sem * noise.next().value, '2026-10-10');
        if (compared(slr, before, now).verdict === 'changed') changed += 1;
      }
      return changed / 4000;
    };
    expect(said(0)).toBeLessThanOrEqual(0.05);
    expect(said(1.5 * mdc)).toBeGreaterThanOrEqual(0.8);
  });
  it('several together: chance is held to one in twenty, and small changes add up', () => {
    const noise = normals(11);
    const sem = mdc / (1.96 * Math.SQRT2);
    const four = (truth: number) =>
      Array.from({ length: 4 }, () => ({ by: truth + sem * Math.SQRT2 * noise.next().value, detectable: mdc }));
    const share = (truth: number): number => {
      let k = 0;
      for (let i = 0; i < 3000; i++) if (together(four(truth))?.verdict !== 'too-small') k += 1;
      return k / 3000;
    };
    expect(share(0)).toBeLessThanOrEqual(0.06);
    expect(share(mdc)).toBeGreaterThan(0.9);
    expect(together([])).toBeNull();
    expect(togetherSentence({ z: 3, of: 3, verdict: 'changed' })).toContain('3 readings');
  });
  it('keeps to readings of the same way, one a day, and leaves out what hurt', () => {
    const list = [
      reading('2026-09-01', 50),
      reading('2026-09-01', 52, { takenAt: '2026-09-01T11:00:00.000Z' }),
      reading('2026-10-01', 70, { pain: true }),
      reading('2026-10-02', 66, { active: true }),
      reading('2026-10-03', 64, { variant: 'other-way' }),
    ];
    expect(changesOf(list)).toEqual([]);
    const [c] = changesOf([...list, reading('2026-11-01', 70)]);
    expect(c.points.map((p) => p.value)).toEqual([52, 70]);
  });
  it('warns of warm against cold, of another instrument, and of an extreme beginning', () => {
    const [c] = changesOf([
      reading('2026-09-01', 20, { instrument: 'goniometer' as Reading['instrument'] }),
      reading('2026-11-01', 60, { warm: true, instrument: 'inclinometer' }),
    ]);
    expect(c.caveats).toEqual(['warm', 'instrument', 'extreme']);
    expect(c.detectable).toBeCloseTo(1.5 * detectableAt(slr, 20), 9);
    expect(changeSentences(c)).toHaveLength(4);
  });
  it('less is better where less is better, and nearer to the middle where both ends matter', () => {
    const missing = readoutOf('knee-extension-90-90', 'missing-extension');
    expect(missing?.better).toBe('lower');
    expect(missing && betterBy(missing, 40, 30)).toBe(10);
    expect(
      betterBy({ ...slr, better: 'mid', movement: undefined, pelvisShares: undefined } as never, 20, 12, {
        mean: 10,
      } as never),
    ).toBe(8);
  });
});

describe('testing again', () => {
  it('counts days in the calendar, over months, leap years and changes of the clock', () => {
    expect(daysLater('2026-10-20', 14)).toBe('2026-11-03');
    expect(daysLater('2028-02-28', 1)).toBe('2028-02-29');
    expect(daysBetween('2026-03-20', '2026-04-03')).toBe(14);
  });
  it('asks for what aims rest on first, by kind: length later than what hurt, pushes later still', () => {
    const list = [
      reading('2026-11-01', 50),
      reading('2026-11-01', 50, { side: 'right' }),
      reading('2026-11-01', 1.1, { test: 'hip-extension-push', readout: 'push', unit: 'Nm_kg' }),
    ];
    const due = retestsOf(list, AIMS, '2026-12-06');
    expect(due[0]).toMatchObject({
      test: 'straight-leg-raise',
      side: 'left',
      due: '2026-12-06',
      inDays: 0,
      why: 'length',
    });
    expect(due[0].aims).toContain('lengthen:hamstrings:left');
    expect(due.find((d) => d.side === 'right')?.aims).toEqual([]);
    expect(due.find((d) => d.why === 'strength')?.due).toBe('2026-12-20');
    expect(retestsOf([reading('2026-11-01', 50, { pain: true })], [], '2026-11-02')[0]).toMatchObject({
      why: 'painful',
      inDays: 13,
    });
    expect(tellsOf(list[0], { kind: 'strengthen', group: 'hamstrings', side: 'left' })).toBe(false);
  });
});

describe('dose done', () => {
  const log = (day: string, doneSeconds: number): LogEntry => {
    const r = POSES.find((p) => p.side === 'left' && worthFor(p, AIMS[0]).worth > 0.8);
    if (!r) throw new Error('no pose for the aim');
    return {
      id: day,
      student: 's',
      practice: 'p',
      title: 't',
      startedAt: `${day}T10:00:00.000Z`,
      endedAt: `${day}T10:30:00.000Z`,
      items: [{ pose: r.pose, rung: r.rung, side: 'left', plannedSeconds: 120, doneSeconds, skipped: false }],
      note: '',
    };
  };
  it('counts useful minutes truly done, and days, within the days asked for', () => {
    const logs = [log('2026-11-01', 120), log('2026-11-03', 60), log('2026-11-04', 5), log('2026-12-01', 600)];
    const done = doneDoses(logs, AIMS, POSES, '2026-11-01', '2026-11-07');
    const own = done.find((d) => d.aim === AIMS[0]);
    expect(own?.days).toBe(2);
    expect(own?.minutes).toBeGreaterThan((0.8 * 185) / 60);
    expect(own?.minutes).toBeLessThanOrEqual(185 / 60);
    expect(doneDoses([], AIMS, POSES, '2026-11-01', '2026-11-07').every((d) => d.minutes === 0)).toBe(true);
  });
});

describe('when nothing moved', () => {
  const flat = changesOf(['2026-08-01', '2026-09-05', '2026-10-10'].map((d) => reading(d, 50)));
  it('is told after two rounds only', () => {
    expect(stuck(flat)).toBe(true);
    expect(stuck(changesOf([reading('2026-08-01', 50), reading('2026-09-05', 50)]))).toBe(false);
    expect(stuck(changesOf(['2026-08-01', '2026-09-05', '2026-10-10'].map((d, k) => reading(d, 50 + 15 * k))))).toBe(
      false,
    );
  });
  it('names the reasons that can be computed, the dose first, and one at least', () => {
    const hint = (kind: string) => ({ kind, side: 'left', facts: {}, from: [], refer: false }) as never;
    const reasons = whyNoChange(
      AIMS[0],
      { done: 4, wanted: 30 },
      ['calf'],
      [hint('joint'), hint('guarding'), hint('nerve')],
    );
    expect(reasons.map((r) => r.kind)).toEqual(['dose', 'other-limiter', 'joint', 'nerve', 'guarding']);
    expect(whyNoChange(AIMS[0], { done: 30, wanted: 30 }, ['hamstrings'], []).map((r) => r.kind)).toEqual(['unclear']);
    for (const r of [...reasons, { kind: 'unclear' as const }]) expect(noChangeWords(r)).toMatch(/[.:]/);
  });
});

describe('weeks ahead', () => {
  const weekly = fc.record({ minutes: fc.constantFrom(0, 3, 6, 7.5, 10), strengthDays: fc.constantFrom(0, 0, 2, 3) });
  const asked = fc.record({
    aims: fc.array(weekly, { minLength: 1, maxLength: 8 }),
    days: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 7 }),
    minutes: fc.constantFrom(5, 10, 20, 45),
    weeks: fc.integer({ min: 1, max: 12 }),
  });
  it('for 200 sets of aims: on the days given, strength with a day between, doses held or said to be short', () => {
    fc.assert(
      fc.property(asked, ({ aims, days, minutes, weeks }) => {
        const list: WeeklyAim[] = aims.map((a, i) => ({ key: `a${i}`, ...a }));
        const plan = planWeeks(list, planSchema.parse({ student: 's', start: '2026-11-30', weeks, days, minutes }));
        expect(plan.days).toHaveLength(weeks * days.length);
        const weekdays = plan.days.map((d) => new Date(`${d.day}T00:00:00Z`).getUTCDay() || 7);
        for (const d of weekdays) expect(days).toContain(d);
        const strong = plan.days.filter((d) => d.strength.length > 0).map((d) => d.day);
        strong.slice(1).forEach((d, i) => expect(daysBetween(strong[i], d)).toBeGreaterThanOrEqual(2));
        for (const d of plan.days) {
          expect(d.minutes).toBeLessThanOrEqual(minutes);
          for (const m of Object.values(d.stretch)) expect(m).toBeLessThanOrEqual(4);
        }
        const first = plan.days.filter((d) => d.week === 0);
        for (const a of list) {
          const given = first.reduce((s, d) => s + (d.stretch[a.key] ?? 0), 0);
          const short = plan.short.find((s) => s.key === a.key && s.kind === 'stretch');
          if (!short) expect(given).toBeGreaterThanOrEqual(a.minutes - 0.15);
          else expect(short.given).toBeCloseTo(given, 1);
          const work = first.filter((d) => d.strength.includes(a.key)).length;
          const weak = plan.short.find((s) => s.key === a.key && s.kind === 'strength');
          expect(weak ? weak.given : a.strengthDays).toBe(work);
        }
      }),
      { numRuns: 200 },
    );
  });
  it('chooses the most days of strength that have a day between, across the end of the week too', () => {
    expect(strengthDays([1, 2, 3, 4, 5, 6, 7], 3)).toEqual([1, 3, 5]);
    expect(strengthDays([1, 7], 2)).toHaveLength(1);
    expect(strengthDays([1, 4], 3)).toEqual([1, 4]);
    expect(strengthDays([6, 7], 3)).toEqual([6]);
    expect(strengthDays([1, 3, 5], 0)).toEqual([]);
  });
  const choice = planSchema.parse({ student: 's', start: '2026-11-30', weeks: 8, days: [1, 3, 5], minutes: 20 });
  const list: WeeklyAim[] = [
    { key: 'length', minutes: 6, strengthDays: 0 },
    { key: 'work', minutes: 0, strengthDays: 2 },
  ];
  it('a lighter week every fourth, and testing again when it is worth while', () => {
    const plan = planWeeks(list, choice);
    expect([...new Set(plan.days.filter((d) => d.light).map((d) => d.week))]).toEqual([3, 7]);
    const tests = plan.days.filter((d) => d.retest.length > 0);
    expect(tests.map((d) => [d.day, d.retest])).toEqual([
      ['2027-01-04', ['length']],
      ['2027-01-18', ['strength']],
    ]);
    expect([0, 1, 2, 3].map((week) => progression(week))).toEqual(['as-they-are', 'longer', 'next-rung', 'light']);
  });
  it('a missed day finds another one in its week, away from other strength, or none', () => {
    const plan = planWeeks(list, planSchema.parse({ ...choice, marks: { '2026-11-30': 'missed' } }));
    const missed = plan.days.find((d) => d.mark === 'missed');
    if (!missed) throw new Error('nothing missed');
    const day = catchUp(plan, missed, '2026-12-01');
    expect(day).not.toBeNull();
    expect(plan.days.some((d) => d.day === day)).toBe(false);
    if (missed.strength.length > 0)
      for (const d of plan.days.filter((x) => x !== missed && x.strength.length > 0))
        expect(Math.abs(daysBetween(d.day, day ?? ''))).toBeGreaterThanOrEqual(2);
    expect(catchUp(plan, missed, '2026-12-07')).toBeNull();
    const moved = planWeeks(list, planSchema.parse({ ...choice, moved: { '2026-11-30': day } }));
    expect(moved.days[0]).toMatchObject({ day, was: '2026-11-30' });
  });
});

describe('iCalendar', () => {
  const days = ['2026-12-31', '2027-01-02', '2028-02-29'].map((day) => ({
    uid: uidOf('s.1', day),
    day,
    title: 'Practice, 20 minutes; bring a strap',
    description: 'Lengthen hamstrings left, “slowly”.\nNothing that hurts.',
  }));
  const NOW = Date.UTC(2026, 10, 29, 12);
  const out = (more: Partial<DayOut> = {}): DayOut[] => days.map((d) => ({ ...d, minutes: 20, ...more }));
  it('comes back as it went out, through a reader that is not ours', () => {
    const text = writeCalendar(out(), NOW);
    expect(text).toContain('BEGIN:VCALENDAR');
    expect(text).toMatch(/DTSTART;VALUE=DATE:20261231/);
    for (const line of text.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(readCalendar(text)).toEqual({ ok: true, days });
    expect(plannedOf(days[0].uid)).toEqual({ student: 's.1', was: '2026-12-31' });
    expect(plannedOf('somebody@else')).toBeNull();
  });
  it('is what the standard wants, and what a reader of another house reads', () => {
    const whole = writeCalendar(out(), NOW);
    expect(whole).toMatch(/^BEGIN:VCALENDAR\r\nPRODID:-\/\/Kolpos\/\/.+\r\nVERSION:2\.0\r\n/);
    expect(whole).toMatch(/\r\nEND:VCALENDAR\r\n$/);
    expect(whole.match(/DTSTAMP:20261129T120000Z/g)).toHaveLength(3);
    expect(whole.match(/TRANSP:TRANSPARENT/g)).toHaveLength(3);
    expect(whole).toContain('DTEND;VALUE=DATE:20270101');
    const hour = writeCalendar(out({ at: '18:30' }), NOW);
    expect(hour).toContain('DTSTART:20261231T183000\r\n');
    expect(hour).toContain('DURATION:PT20M');
    expect(hour).not.toMatch(/DTEND|P1DT|VALUE=DATE/);
    const versions = [NOW, NOW + 3 * 60_000].map((at) => Number(/SEQUENCE:(\d+)/.exec(writeCalendar(out(), at))?.[1]));
    expect(versions[1]).toBeGreaterThan(versions[0]);
    for (const text of [whole, hour, writeCalendar(out({ cancelled: true }), NOW)]) {
      const read = Object.values(parseICS(text)).filter((e) => e?.type === 'VEVENT');
      expect(read).toHaveLength(3);
      expect(read.map((e) => e?.uid)).toEqual(days.map((d) => d.uid));
      for (const e of read) expect(e).toMatchObject({ summary: days[0].title, description: days[0].description });
    }
    const [called] = Object.values(parseICS(writeCalendar(out({ cancelled: true }), NOW))).filter(
      (e) => e?.type === 'VEVENT',
    );
    expect(called).toMatchObject({ status: 'CANCELLED' });
  });
  it('names nobody but as wished, and calls off what was saved and is planned no more', () => {
    const before = planSchema.parse({ student: 's', start: '2026-11-30', weeks: 1, days: [1, 3], minutes: 20 });
    const saved = asSaved(before, planWeeks([], before));
    expect(saved.saved).toEqual(['2026-11-30', '2026-12-02']);
    const now = { ...saved, days: [1, 4] };
    const told = calendarDays(planWeeks([], now), now, 'Maren Tideway', 'nobody');
    expect(told.map((d) => [d.day, d.cancelled ?? false])).toEqual([
      ['2026-11-30', false],
      ['2026-12-03', false],
      ['2026-12-02', true],
    ]);
    expect(JSON.stringify(told)).not.toMatch(/Maren|Tideway/);
    const titles = (called: 'initials' | 'first-name') =>
      calendarDays(planWeeks([], before), before, 'Maren Tideway', called)[0].title;
    expect(titles('initials')).toBe('M. T.: Practice, 20 minutes');
    expect(titles('first-name')).toBe('Maren: Practice, 20 minutes');
  });
  const event = (lines: string) => `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${lines}END:VCALENDAR\r\n`;
  const one = (lines: string) => readCalendar(event(`BEGIN:VEVENT\r\nUID:u\r\nSUMMARY:a\r\n${lines}END:VEVENT\r\n`));
  it.each([
    ['a whole day', 'DTSTART;VALUE=DATE:20261025\r\n', '2026-10-25'],
    ['a time of no zone', 'DTSTART:20261025T233000\r\n', '2026-10-25'],
    ['late in UTC', 'DTSTART:20261231T233000Z\r\n', '2026-12-31'],
    ['a folded line', 'DTSTART;VALUE=\r\n DATE:20270301\r\n', '2027-03-01'],
  ])('%s is the day on which it begins', (_, lines, day) => {
    const read = one(lines);
    expect(read.ok && read.days[0].day).toBe(day);
  });
  it('in the hour that comes twice, the day is the one of its own zone', () => {
    const zone =
      'BEGIN:VTIMEZONE\r\nTZID:Estuary\r\nBEGIN:DAYLIGHT\r\nDTSTART:19810329T010000\r\nTZOFFSETFROM:+0000\r\nTZOFFSETTO:+0100\r\nRRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU\r\nEND:DAYLIGHT\r\nBEGIN:STANDARD\r\nDTSTART:19961027T020000\r\nTZOFFSETFROM:+0100\r\nTZOFFSETTO:+0000\r\nRRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU\r\nEND:STANDARD\r\nEND:VTIMEZONE\r\n';
    const read = readCalendar(
      event(`${zone}BEGIN:VEVENT\r\nUID:u\r\nDTSTART;TZID=Estuary:20261025T013000\r\nEND:VEVENT\r\n`),
    );
    expect(read.ok && read.days[0].day).toBe('2026-10-25');
  });
  it('what was called off is gone, and what is no calendar is answered', () => {
    expect(one('DTSTART;VALUE=DATE:20261025\r\nSTATUS:CANCELLED\r\n')).toEqual({ ok: true, days: [] });
    expect(readCalendar('BEGIN:VCALENDAR\r\nBEGIN:VEVENT').ok).toBe(false);
    expect(readCalendar('nonsense').ok).toBe(false);
    expect(readCalendar('').ok).toBe(false);
  });
});

describe('today', () => {
  const choice = planSchema.parse({ student: 's', start: '2026-11-23', weeks: 2, days: [1, 3, 5], minutes: 20 });
  const log = { startedAt: '2026-11-25T10:00:00.000Z' } as LogEntry;
  it('tells what is planned and not done, what was left without a mark, and what is due again', () => {
    expect(todayOf(choice, [], [], '2026-11-25')).toEqual({ practice: 20, open: 1, due: 0 });
    expect(todayOf(choice, [log], [], '2026-11-25')).toEqual({ practice: null, open: 1, due: 0 });
    expect(todayOf({ ...choice, marks: { '2026-11-23': 'missed' } }, [log], [], '2026-11-26').open).toBe(0);
    const readings = [reading('2026-10-01', 50), reading('2024-10-01', 50, { side: 'right' })];
    expect(todayOf(undefined, [], readings, '2026-11-25')).toEqual({ practice: null, open: 0, due: 1 });
  });
});

describe('tolerances then and now', () => {
  const finding = (mean: number, half: number) =>
    ({ group: 'hamstrings', side: 'left', tolerance: { mean, low: mean - half, high: mean + half } }) as never;
  it('a change is told only where the interval of the difference leaves nothing out', () => {
    expect(toleranceChanges([finding(-3, 0.5)], [finding(-1, 0.5)])[0]).toMatchObject({ by: 2, verdict: 'changed' });
    expect(toleranceChanges([finding(-3, 1.5)], [finding(-1, 1.5)])[0]).toMatchObject({ verdict: 'too-small' });
    expect(toleranceChanges([finding(0, 0.3)], [finding(-1.5, 0.3)])[0]).toMatchObject({ verdict: 'worse' });
    expect(toleranceChanges([], [finding(0, 1)])).toEqual([]);
    const [c] = toleranceChanges([finding(0, 1.2816)], [finding(1, 1.2816)]);
    expect(c.high - c.by).toBeCloseTo(1.96 * Math.SQRT2, 6);
  });
});

describe('sides and steps', () => {
  it('tells the difference of the sides then and now, where both were read on both days', () => {
    const all = changesOf([
      reading('2026-09-01', 40),
      reading('2026-10-10', 58),
      reading('2026-09-01', 66, { side: 'right' }),
      reading('2026-10-10', 66, { side: 'right' }),
    ]);
    const left = all.find((c) => c.side === 'left');
    const gap = left && gapChange(left, all);
    expect(gap).toMatchObject({ then: 26, now: 8 });
    if (left && gap) expect(gapSentence(gap, left)).toContain('26°');
    if (left) expect(gapChange(left, [left])).toBeNull();
  });
  it('nothing more is asked for after pain, too much, or practices that were not finished', () => {
    const log = (day: string, more: object): LogEntry =>
      ({
        startedAt: `${day}T10:00:00.000Z`,
        items: [{ plannedSeconds: 100, doneSeconds: 100, skipped: false, ...more }],
      }) as unknown as LogEntry;
    const fine = log('2026-11-01', {});
    expect(heldBack([fine, fine])).toEqual([]);
    expect(heldBack([fine])).toEqual(['too-few']);
    expect(heldBack([fine, log('2026-11-02', { stopped: true })])).toEqual(['pain']);
    expect(heldBack([fine, log('2026-11-02', { strength: 8 })])).toEqual(['too-strong']);
    expect(heldBack([fine, log('2026-11-02', { doneSeconds: 10 })])).toEqual(['unfinished']);
    // Older than the last two is over.
    expect(heldBack([log('2026-10-01', { stopped: true }), fine, fine])).toEqual([]);
  });
});
