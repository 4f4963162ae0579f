import { expect, it } from 'vitest';
import { counted, plural } from './plural';

it('has a word for one and another for none and several', () => {
  expect([0, 1, 2].map((n) => counted(n, 'day'))).toEqual(['0 days', '1 day', '2 days']);
  expect([0, 1, 2].map((n) => counted(n, 'entry', 'entries'))).toEqual(['0 entries', '1 entry', '2 entries']);
  expect([1, 4].map((n) => plural(n, 'is', 'are'))).toEqual(['is', 'are']);
});
