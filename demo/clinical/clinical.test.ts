import { describe, expect, it } from 'vitest';
import { GRAPH } from '../../scripts/derived/graph';
import { maker } from '../../scripts/derived/nodes/findings-checked';
import { formatted, offBy } from '../../scripts/derived/texts';
import { CLINICAL_CASES, judge } from './index';

describe.each(Object.entries(CLINICAL_CASES))('as a clinician would say it: %s', (_, cases) => {
  it.each(cases.map((c) => [c.name, c] as const))('%s', (_name, c) => expect(judge(c, true).wrong).toEqual([]));
});

describe('the judge', () => {
  const [first] = Object.values(CLINICAL_CASES)[0];
  it('disagrees where something else is expected', () => {
    expect(judge({ ...first, expected: { short: ['calf'] } }).wrong).toEqual(['calf not short']);
    expect(judge({ ...first, expected: { noAims: first.expected.aims } }).wrong).toHaveLength(1);
    expect(judge({ ...first, expected: { hints: ['nerve'], refer: true, next: [] } }).wrong).toHaveLength(3);
  });
});

describe('docs/findings-checked.md', () => {
  // `npm run derived -- --check` leaves that to this test: the cases are judged once.
  it('tells of every case what is shown today', async () => {
    const tolerance = GRAPH.find((n) => n.id === 'findings-checked')?.tolerance;
    if (!tolerance) throw new Error('findings-checked is not derived');
    for (const [path, text] of Object.entries((await maker.files({}, '')) ?? {}))
      expect(offBy(path, await formatted(path, text), tolerance)).toEqual([]);
  });
});
