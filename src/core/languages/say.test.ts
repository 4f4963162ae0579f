import { describe, expect, it } from 'vitest';
import { asWritten, ONE } from './as-written';
import { dateIn, languageOf, languageOfAll } from './language';
import { sayWith } from './say';

describe('English', () => {
  it('is said as it is written, with what stands in it', () => {
    expect(asWritten('For {{name}}', { name: 'Sedge' })).toBe('For Sedge');
    expect(asWritten('{{a}} and {{b}}', { a: 1 })).toBe('1 and {{b}}');
    expect(asWritten('Tail heavy.')).toBe('Tail heavy.');
    expect(asWritten('left', { context: 'stem' })).toBe('left');
  });
  it('has one of what is written for many', () => {
    for (const [many, one] of Object.entries(ONE)) {
      expect(asWritten(many, { count: 1 })).toBe(one);
      expect(asWritten(many, { count: 3 })).toContain('3');
    }
  });
});

describe('another language', () => {
  const say = sayWith('de', {
    '{{count}} breaths': '{{count}} Atemzüge',
    '{{count}} breaths_one': '1 Atemzug',
    left: 'links',
    left_stem: 'link',
    'On the {{side}} foot: now.': 'Auf dem {{side}}en Fuß: jetzt.',
    '{{height}} cm': '{{height, number}} cm',
  });
  it('has plurals, words that are two by their place, and numbers as it writes them', () => {
    expect([1, 2, 0].map((count) => say('{{count}} breaths', { count }))).toEqual([
      '1 Atemzug',
      '2 Atemzüge',
      '0 Atemzüge',
    ]);
    expect([say('left'), say('left', { context: 'stem' }), say('left', { context: 'elsewhere' })]).toEqual([
      'links',
      'link',
      'links',
    ]);
    expect(say('On the {{side}} foot: now.', { side: say('left', { context: 'stem' }) })).toBe(
      'Auf dem linken Fuß: jetzt.',
    );
    expect(say('{{height}} cm', { height: 12.5 })).toBe('12,5 cm');
  });
  it('leaves a teacher’s own words as they are, whatever they hold', () => {
    for (const own of [
      'Soft knee, 1.5 breaths.',
      'a_b & <c>',
      'dots: and.colon',
      'constructor',
      '',
      '{{x}}',
      '$t(left)',
    ])
      expect(say(own)).toBe(own);
    expect(say('On the {{side}} foot: now.', { side: '$t(left) {{side}} <b>' })).toBe(
      'Auf dem $t(left) {{side}} <b>en Fuß: jetzt.',
    );
  });
});

describe('languages', () => {
  it('are English where nothing that is known is said', () => {
    expect([languageOf('de'), languageOf('xx'), languageOf(undefined)]).toEqual(['de', 'en', 'en']);
  });
  it('are that of everybody where all have the same', () => {
    expect(languageOfAll(['de', 'de'])).toBe('de');
    expect([[], [undefined], ['de', undefined], ['de', 'en']].map(languageOfAll)).toEqual(['en', 'en', 'en', 'en']);
  });
  it('write a day as they do', () => {
    const day = new Date(2026, 11, 3);
    expect([dateIn('en', day), dateIn('de', day)]).toEqual(['3 December 2026', '3. Dezember 2026']);
  });
});
