import { describe, expect, it } from 'vitest';
import type { Question } from '@/core/inference';
import { infer } from '@/core/inference/infer';
import { readAt } from '@/core/inference/readings.fixtures';
import { questionOf } from './asked';

const settle = (question: Question) => {
  const readings = [readAt('modified-thomas', 'hip-extension', -1.8)];
  const q = infer({ id: 's' }, readings, { next: false, question }).findings.question;
  if (!q) throw new Error('no answer');
  return q;
};

describe('a question about a pose', () => {
  const person = { height_cm: 170, mass_kg: 65 };
  it('has limiters of its own and tests of both sides', () => {
    const question = questionOf({ side: 'left', pose: { id: 'low-lunge', rung: 1 }, asked: 0, closed: [] }, person);
    if (!question) throw new Error('no question');
    const q = settle(question);
    expect(q.movement).toBeNull();
    expect(q.limiters.reduce((s, l) => s + l.probability, 0)).toBeGreaterThan(0.9);
  });
  it('of another library is nothing', () =>
    expect(
      questionOf({ side: 'left', pose: { id: 'cartwheel', rung: 1 }, asked: 0, closed: [] }, person),
    ).toBeUndefined());
});
