import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { spokenNumber, typedNumber, typedValue } from './typed';

describe('typed numbers', () => {
  it.each([
    ['64', 64],
    [' 64,5 ', 64.5],
    ['−6', -6],
    ['-6°', -6],
    ['12 cm', 12],
    ['30 s', 30],
    ['12×', 12],
  ])('%s', (text, value) => expect(typedNumber(text)).toBe(value));
  it.each(['', '   ', 'lots', '6 4', '--3', '1.2.3', 'NaN°'])('“%s” is none', (text) =>
    expect(typedNumber(text)).toBeNaN(),
  );
  it('inches become centimetres where centimetres are asked, and nothing else', () => {
    expect(typedValue('4 in', { unit: 'cm' })).toBe(10.2);
    expect(typedValue('4"', { unit: 'cm' })).toBe(10.2);
    expect(typedValue('4 in', { unit: 'deg' })).toBeNaN();
  });
});

describe('spoken numbers', () => {
  it.each([
    ['sixty four', 64],
    ['sixty-four degrees', 64],
    ['64', 64],
    ['minus six', -6],
    ['minus 6', -6],
    ['a hundred and twelve', 112],
    ['one hundred', 100],
    ['nine point five', 9.5],
    ['nine and a half centimetres', 9.5],
    ['zero', 0],
    ['twelve point two five', 12.25],
  ])('“%s”', (said, value) => expect(spokenNumber(said)).toBe(value));
  it('hears nothing in words without a number', () => expect(spokenNumber('the leg is up')).toBeNull());
  it('reads every whole number back from its digits', () =>
    fc.assert(fc.property(fc.integer({ min: -180, max: 360 }), (v) => spokenNumber(`about ${v} degrees`) === v)));
});
