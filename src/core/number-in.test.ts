import { expect, it } from 'vitest';
import { numberIn } from './number-in';

it.each([
  ['7', 7],
  [' 7,5 ', 7.5],
  ['−3.25', -3.25],
  ['–3', -3],
  ['+0,4', 0.4],
  ['', NaN],
  ['  ', NaN],
  ['seven', NaN],
  ['1,2,3', NaN],
] as const)('“%s” is %d', (text, number) => expect(numberIn(text)).toBe(number));
