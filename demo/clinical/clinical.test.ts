import { describe, expect, it } from 'vitest';
import { CLINICAL_CASES, judge } from './index';

describe.each(Object.entries(CLINICAL_CASES))('as a clinician would say it: %s', (_, cases) => {
  it.each(cases.map((c) => [c.name, c] as const))('%s', (_name, c) => expect(judge(c).wrong).toEqual([]));
});

describe('the judge', () => {
  const [first] = Object.values(CLINICAL_CASES)[0];
  it('disagrees where something else is expected', () => {
    expect(judge({ ...first, expected: { short: ['calf'] } }).wrong).toEqual(['calf not short']);
    expect(judge({ ...first, expected: { noAims: first.expected.aims } }).wrong).toHaveLength(1);
    expect(judge({ ...first, expected: { hints: ['nerve'], refer: true, next: [] } }).wrong).toHaveLength(3);
  });
});
