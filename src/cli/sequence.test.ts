import { describe, expect, it } from 'vitest';
import { publishedStudio } from '@demo/published.fixtures';
import { InputProblem } from './commands';
import { sequence } from './sequence';

const record = publishedStudio();
const told = (text: string) =>
  sequence(record, 'demo-maren', text) as {
    lines: { pose: string | null; perhaps: string[] }[];
    items: { pose: string; holdSeconds: number }[];
    proposals: { before: number; after: number }[];
  };

describe('a sequence on the command line', () => {
  it('tells what each line means, the practice, and what would help', () => {
    const { lines, items, proposals } = told('Child’s pose 2 min\ndog\ncrow\nPigeon 1 min\nCorpse pose 5 min');
    expect(lines.map((l) => l.pose)).toEqual(['childs', null, null, 'pigeon', 'resting-back']);
    expect(lines[1].perhaps).toContain('dog');
    expect(new Set(items.map((i) => i.pose))).toEqual(new Set(['childs', 'pigeon', 'resting-back']));
    for (const p of proposals) expect(p.after).toBeGreaterThan(p.before);
  });
  it('is refused with the field that is wrong', () => {
    const field = (student: string | undefined, text: string | undefined): string => {
      try {
        sequence(record, student, text);
      } catch (error) {
        if (error instanceof InputProblem) return error.field;
      }
      return 'nothing';
    };
    expect(field('demo-maren', undefined)).toBe('text');
    expect(field('demo-maren', '12\n---')).toBe('text');
    expect(field('nobody', 'pigeon')).toBe('student');
  });
});
