import { describe, expect, it } from 'vitest';
import { feetWords, halfInches, heightWords, lengthFrom, weightFrom, weightWords } from './units';

describe('lengths and weights in words', () => {
  it.each([
    [178, '5 ft 10 in'],
    [182.88, '6 ft'],
    [182, '6 ft'],
    [20, '8 in'],
    [0, '0 in'],
    [240, '7 ft 10 in'],
  ])('%s cm is %s', (cm, words) => expect(feetWords(cm)).toBe(words));
  it('what must be long enough is never told too short by more than a quarter of an inch', () => {
    for (let cm = 100; cm < 300; cm += 0.7) {
      const [, feet = 0, inches = 0] = /^(?:(\d+) ft)? ?(?:(\d+) in)?$/.exec(feetWords(cm, true)) ?? [];
      expect((Number(feet) * 12 + Number(inches)) * 2.54).toBeGreaterThanOrEqual(cm - 0.64);
    }
  });
  it('follow the units that are chosen', () => {
    expect(heightWords(178, 'metric')).toBe('178 cm');
    expect(heightWords(178, 'imperial')).toBe('5 ft 10 in');
    expect(weightWords(66, 'metric')).toBe('66 kg');
    expect(weightWords(66, 'imperial')).toBe('146 lb');
    expect([10, 15, 23].map(halfInches)).toEqual([4, 6, 9]);
  });
});

describe('a length that is typed', () => {
  it.each(['178', '178 cm', '178cm', '1.78 m', '1,78 m'])('%s is 178 cm', (text) =>
    expect(lengthFrom(text, 'metric', true)).toBe(178),
  );
  it.each([`5'10"`, `5' 10`, '5 ft 10 in', '5ft10', '5 feet 10 inches', '5’10”', '70 in', '70"'])(
    '%s is 177.8 cm, whatever is asked in',
    (text) => {
      expect(lengthFrom(text, 'metric', true)).toBe(177.8);
      expect(lengthFrom(text, 'imperial', true)).toBe(177.8);
    },
  );
  it('a bare number is of the units that are asked in', () => {
    expect(lengthFrom('70', 'imperial', true)).toBe(177.8);
    expect(lengthFrom('5 10', 'imperial', true)).toBe(177.8);
    expect(lengthFrom('6', 'imperial', true)).toBe(182.9);
    expect(lengthFrom('6', 'imperial')).toBe(15.2);
    expect(lengthFrom('6', 'metric')).toBe(6);
  });
  it.each(['', 'tall', '5 feet tall', '1e', '5--10', '-3 ft'])('"%s" is none', (text) => {
    expect(lengthFrom(text, 'imperial', true)).toBeNaN();
    expect(lengthFrom(text, 'metric', true)).toBeNaN();
  });
});

describe('a weight that is typed', () => {
  it.each([
    ['66', 'metric', 66],
    ['66,5', 'metric', 66.5],
    ['146 lb', 'metric', 66.2],
    ['146', 'imperial', 66.2],
    ['66 kg', 'imperial', 66],
    ['10 st 4', 'imperial', 65.3],
    ['10st', 'metric', 63.5],
    ['10 stone 4 lb', 'metric', 65.3],
  ] as const)('%s asked in %s is %s kg', (text, units, kg) => expect(weightFrom(text, units)).toBe(kg));
  it.each(['', 'light', 'ten stone'])('"%s" is none', (text) => expect(weightFrom(text, 'metric')).toBeNaN());
});
