import { describe, expect, it } from 'vitest';
import { writeHomeCode } from '@/core/home/code';
import { publishedStudio } from '@demo/published.fixtures';
import { home, homeRead } from './home';
import { InputProblem } from './commands';

const record = publishedStudio();
const asked = { practices: ['demo-practice'], named: true, tests: false };

describe('a practice for the phone', () => {
  it('is one page that says the practice and no name beyond the first', () => {
    const html = home(record, 'demo-maren', asked, 1);
    expect(html.startsWith('<!doctype html>')).toBe(true);
    expect(html).toContain('"title":"Before rowing"');
    expect(html).not.toContain('Tideway');
  });
  it('is refused with the field that is wrong', () => {
    const field = (student: string, practices: string[], of = record): string => {
      try {
        home(of, student, { ...asked, practices }, 1);
      } catch (error) {
        if (error instanceof InputProblem) return error.field;
      }
      return 'nothing';
    };
    expect(field('nobody', ['demo-practice'])).toBe('student');
    expect(field('demo-maren', [])).toBe('practice');
    expect(field('demo-osk', ['demo-practice'])).toBe('practice');
    const students = record.students.map((s) => ({ ...s, cautions: [{ caution: 'from-a-newer-version' }] }));
    expect(field('demo-maren', ['demo-practice'], { ...record, students })).toBe('cautions');
  });
});

describe('what comes back', () => {
  const [{ pose, rung, side }] = record.practices[0].items;
  const startedAt = Date.now() - 3_600_000;
  const line = writeHomeCode({
    file: 'f',
    student: 'demo-maren',
    play: {
      practice: 'demo-practice',
      startedAt,
      endedAt: startedAt + 60_000,
      day: new Date(startedAt).toISOString().slice(0, 10),
      zone: 'UTC',
      items: [{ pose, rung, side, plannedSeconds: 60, doneSeconds: 60, skipped: false }],
      readings: [],
    },
  });
  it('is told as the log entry that it would become', () => {
    expect(homeRead(`Here: ${line}`, record)).toMatchObject([
      { student: 'demo-maren', known: false, leftOut: [], log: { source: 'home', practice: 'demo-practice' } },
    ]);
  });
  it('is told as it is where no record is named', () => {
    expect(homeRead(`Here: ${line}`, null)).toMatchObject({ damaged: 0, returned: [{ student: 'demo-maren' }] });
    expect(() => homeRead('KOLPOS1 nothing', null)).toThrow(/begins with KOLPOS1/);
  });
  it('is refused with a sentence where it is damaged, or a file that is not there', () => {
    expect(() => homeRead(line.replace('demo-maren', 'demo-karen'), record)).toThrow(/lost on the way/);
    expect(() => homeRead('no-such-file.txt', record)).toThrow(/cannot be read/);
  });
});
