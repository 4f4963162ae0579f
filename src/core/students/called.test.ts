import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CALLED, calledAs, fileNameOf } from './called';

describe('how a student is called where others may see it', () => {
  it('is as wished', () => {
    expect(CALLED.map((c) => calledAs('Maren Tide', c))).toEqual(['', 'M. T.', 'Maren']);
    expect(CALLED.map((c) => calledAs('  ', c))).toEqual(['', '', '']);
    expect(calledAs('Łucja', 'initials')).toBe('Ł.');
  });
});

describe('the name of a file', () => {
  it('keeps letters of any alphabet and the day', () => {
    expect(fileNameOf(['practice', 'M. T.', '2026-11-29'], '.pdf')).toBe('practice-M-T-2026-11-29.pdf');
    expect(fileNameOf(['practice', '', '2026-11-29'], '.pdf')).toBe('practice-2026-11-29.pdf');
    expect(fileNameOf(['Ирина Щукина'], '.pdf')).toBe('Ирина-Щукина.pdf');
    expect(fileNameOf(['../..', '?:*'], '.pdf')).toBe('kolpos.pdf');
  });
  it('never holds what leads out of a folder or is refused', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ unit: 'grapheme' }), { maxLength: 4 }), (parts) => {
        expect(fileNameOf(parts, '.pdf')).toMatch(/^[\p{L}\p{M}\p{N}-]+\.pdf$/u);
      }),
    );
  });
});
