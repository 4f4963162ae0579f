import { describe, expect, it } from 'vitest';
import { answered, answerTo, FURTHER, QUESTIONS, unanswered } from './red-flags';
import type { RedFlags } from '@/core/students/red-flags';

const student = (cautions: { caution: string; cleared?: { by: string; on: string } }[] = [], redFlags?: RedFlags) => ({
  cautions,
  redFlags,
});
const DAY = '2026-11-28';

describe('the nine questions', () => {
  it('are nine, each about a caution that closes everything', () => {
    expect(QUESTIONS).toHaveLength(9);
    for (const q of QUESTIONS) expect(q.rules).toBe('all');
  });
  it('are all open for somebody new, and each answer takes one away', () => {
    let s = student();
    expect(unanswered(s)).toHaveLength(9);
    for (const [i, q] of QUESTIONS.entries()) {
      s = { ...s, ...answered(s, q.id, 'no', DAY) };
      expect(unanswered(s)).toHaveLength(8 - i);
    }
    expect(s.cautions).toEqual([]);
    expect(s.redFlags?.on).toBe(DAY);
  });
  it.each(['yes', 'unsure'] as const)('"%s" puts the caution up, and "no" takes down what it put up', (answer) => {
    const yes = answered(student(), 'hot-calf', answer, DAY);
    expect(yes.cautions).toEqual([{ caution: 'hot-calf' }]);
    expect(answered(yes, 'hot-calf', answer, DAY).cautions).toHaveLength(1);
    expect(answered(yes, 'hot-calf', 'no', DAY).cautions).toEqual([]);
  });
  it('"no" leaves alone what was told otherwise', () => {
    const told = student([{ caution: 'hot-calf' }]);
    expect(answered(told, 'hot-calf', 'no', DAY).cautions).toEqual([{ caution: 'hot-calf' }]);
  });
  it('are told apart: asked and yes, asked and no, not asked; what stands counts as yes', () => {
    const s = {
      cautions: [{ caution: 'neck' }],
      redFlags: { on: DAY, answers: { 'hot-calf': 'no' as const } },
      askedNo: ['reflux'],
    };
    expect(['neck', 'reflux', 'touch', 'hot-calf'].map((id) => answerTo(s, id, DAY))).toEqual([
      'yes',
      'no',
      null,
      'no',
    ]);
    expect(answerTo({ ...s, cautions: [{ caution: 'hot-calf' }] }, 'hot-calf', DAY)).toBe('yes');
    expect(answerTo({ ...s, cautions: [{ caution: 'neck', until: DAY }] }, 'neck', DAY)).toBeNull();
    expect(FURTHER.some((c) => QUESTIONS.includes(c))).toBe(false);
  });
  it('"yes" again after it was lifted puts it up anew', () => {
    const lifted = student([{ caution: 'hot-calf', cleared: { by: 'her GP', on: DAY } }]);
    expect(answered(lifted, 'hot-calf', 'yes', DAY).cautions).toEqual([{ caution: 'hot-calf' }]);
    expect(answered(lifted, 'hot-calf', 'no', DAY).cautions).toEqual(lifted.cautions);
  });
});
