import fc from 'fast-check';
import { expect, it } from 'vitest';
import { canonicalText } from './canonical';

it('is the same for the same content, in whatever order its keys come', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const turned = (v: unknown): unknown =>
        Array.isArray(v)
          ? v.map(turned)
          : typeof v === 'object' && v !== null
            ? Object.fromEntries(
                Object.entries(v)
                  .reverse()
                  .map(([k, w]) => [k, turned(w)]),
              )
            : v;
      expect(canonicalText(turned(value))).toBe(canonicalText(value));
      expect(JSON.parse(canonicalText(value))).toEqual(JSON.parse(JSON.stringify(value)));
    }),
  );
});
it('tells other content apart, and nothing from a field without a value', () => {
  expect(canonicalText({ a: 1, b: undefined })).toBe(canonicalText({ a: 1 }));
  expect(canonicalText({ a: [1, 2] })).not.toBe(canonicalText({ a: [2, 1] }));
  expect(canonicalText(undefined)).toBe('');
});
