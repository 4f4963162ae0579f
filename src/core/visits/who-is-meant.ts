import { wordsOf } from '@/core/text-search';
import type { Comer } from './visit';

interface Named {
  id: string;
  name: string;
}

/**
 * Whose an event is, by its title: whoever’s whole name stands in it, else whoever alone has the first name in it; null
 * where nobody is meant or it could be two.
 */
export function whoIsMeant(title: string, students: readonly Named[], classes: readonly Named[]): Comer | null {
  const said = new Set(wordsOf(title));
  const has = (words: readonly string[]): boolean => words.length > 0 && words.every((w) => said.has(w));
  const one = <T>(list: readonly T[]): T | null => (list.length === 1 ? list[0] : null);
  const whole = [
    ...classes.filter((c) => has(wordsOf(c.name))).map((c): Comer => ({ kind: 'class', id: c.id })),
    ...students.filter((s) => has(wordsOf(s.name))).map((s): Comer => ({ kind: 'student', id: s.id })),
  ];
  if (whole.length > 0) return one(whole);
  const first = one(students.filter((s) => has(wordsOf(s.name).slice(0, 1))));
  return first && { kind: 'student', id: first.id };
}
