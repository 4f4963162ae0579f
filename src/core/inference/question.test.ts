import { describe, expect, it } from 'vitest';
import { BATTERY } from '@/core/assessment/battery';
import type { Question } from './index';
import { infer } from './infer';
import { SETTLED_AT } from './settled-at';
import { readAt } from './readings.fixtures';

const THOMAS = [readAt('modified-thomas', 'hip-extension', -1.8)];
const settle = (question: Question, readings = THOMAS) => {
  const q = infer({ id: 's' }, readings, { next: false, question }).findings.question;
  if (!q) throw new Error('no answer');
  return q;
};
const hip: Question = { side: 'left', movement: 'hip-extension' };

describe('one question', () => {
  const open = settle(hip);
  it('offers what would tell most, best first net of turns, with the two it tells apart', () => {
    expect(open.state).toBe('ask');
    expect(open.limiters[0].probability).toBeLessThan(SETTLED_AT);
    expect(open.tests.length).toBeGreaterThan(0);
    expect(open.tests.length).toBeLessThanOrEqual(4);
    expect(open.between).toHaveLength(2);
    for (const t of open.tests) {
      expect(t.gain).toBeGreaterThan(0);
      expect(t.side).toBe('left');
    }
  });
  it('offers another way of the test at hand before a far one', () =>
    expect(open.tests.some((t) => t.test === 'modified-thomas' && t.variant === 'knee-straight')).toBe(true));
  it('leaves out what is read and what a caution closes', () => {
    const [best] = open.tests;
    const closed = settle({ ...hip, closed: [best.test] });
    expect(closed.tests.map((t) => t.test)).not.toContain(best.test);
  });
  it('counts the turns it costs', () => {
    const lying = settle({ ...hip, from: 'on the front' });
    for (const t of lying.tests) {
      const here = BATTERY.find((x) => x.id === t.test)?.position === 'on the front';
      expect(t.turns === 0).toBe(here);
    }
  });
  it('is settled by readings that settle it', () => {
    const done = settle(hip, [
      ...THOMAS,
      readAt('modified-thomas', 'hip-extension', -1.8, { variant: 'knee-straight', placeFelt: 'front-hip-crease' }),
      readAt('prone-knee-bend', 'knee-flexion', 1),
    ]);
    expect(done.limiters[0].group).toBe('deep-hip-flexor');
    expect(done.state).toBe('settled');
    expect(done.tests).toEqual([]);
  });
  it('is given up after four tests, or where every test is closed', () => {
    expect(settle({ ...hip, asked: 4 }).state).toBe('cannot');
    expect(settle({ ...hip, closed: BATTERY.map((t) => t.id) })).toMatchObject({ state: 'cannot', tests: [] });
  });
  it('is none where none is asked', () =>
    expect(infer({ id: 's' }, THOMAS, { next: false }).findings.question).toBeNull());
});
