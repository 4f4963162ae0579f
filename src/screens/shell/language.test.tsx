// @vitest-environment happy-dom
import { cleanup, render } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { asWritten } from '@/core/languages/as-written';
import { readWithUnit, withUnit } from '@/core/assessment/reading';
import { within } from '@/core/languages/in-sentence';
import { firstKnown } from '@/core/languages/language';
import { listing } from '@/core/languages/listing';
import { decimals } from '@/core/languages/decimals';
import { sayWith } from '@/core/languages/say';
import { say, speak, spokenLanguage } from '@/core/languages/spoken';
import { sayIn } from '@/core/languages/catalogues';
import { screenOf } from '@/core/cautions/screen';
import { mayTakePart } from '@/core/classes/may-take-part';
import { themeName } from '@/core/classes/themes';
import { pointsWords, pointWords } from '@/core/pose-editor/words';
import type { Student } from '@/core/students/student';
import { plural } from '@/core/plural';
import { dayWords, weekdayWords } from '@/core/day-words';
import { languageChosen } from './chosen-language';
import { Said } from './Said';

const GERMAN = sayWith('de', {
  'Open <1>{{what}}</1>, then <2>build</2>.': '<2>Baue</2>, dann öffne <1>{{what}}</1>.',
  'Straight leg raise': 'Gestrecktes Beinheben',
  '{{value}} is kept': '{{value}} ist aufbewahrt',
  readings: 'Messwerte',
});
afterEach(() => {
  cleanup();
  speak('en', asWritten);
});

describe('the language of the application', () => {
  it('is the one chosen on this device, among other cookies', () => {
    expect(languageChosen('a=b; kolpos-language=de; c=d')).toBe('de');
    expect(languageChosen('kolpos-language=xx')).toBeUndefined();
    expect(languageChosen('')).toBeUndefined();
  });
  it('is else the first of the browser’s that there is', () => {
    expect(firstKnown(['fr-FR', 'de-AT;q=0.8', 'en;q=0.5'])).toBe('de');
    expect(firstKnown(['fr', 'it'])).toBe('en');
    expect(firstKnown([])).toBe('en');
  });
  it('is English until another speaks', () => {
    expect([spokenLanguage(), say('Straight leg raise'), within('Straight leg raise')]).toEqual([
      'en',
      'Straight leg raise',
      'straight leg raise',
    ]);
    speak('de', GERMAN);
    expect([spokenLanguage(), say('Straight leg raise'), within('Straight leg raise')]).toEqual([
      'de',
      'Gestrecktes Beinheben',
      'Gestrecktes Beinheben',
    ]);
    expect(plural(3, 'reading')).toBe('Messwerte');
  });
  it('has its own lists, days and decimals', () => {
    const list = listing('en');
    expect(list.format(['a', 'b', 'c'])).toBe('a, b, and c');
    expect(dayWords('2026-10-07')).toBe('7 Oct 2026');
    speak('de', GERMAN);
    expect(list.format(['a', 'b', 'c'])).toBe('a, b und c');
    expect(dayWords('2026-10-07', 'long')).toBe('7. Oktober 2026');
    expect(weekdayWords('2026-10-07')).toBe('Mittwoch, 7. Oktober');
    expect(say('{{value}} is kept', { value: '9.5 cm' })).toBe('9,5 cm ist aufbewahrt');
    expect(say('{{value}} is kept', { value: 'Ms. 2.0 and more' })).toBe('Ms. 2.0 and more ist aufbewahrt');
    // What goes into a file or a sheet of another language stays as it is.
    expect([readWithUnit({ unit: 'cm' }, -9.54), withUnit({ unit: 'cm' }, -9.54)]).toEqual(['−9,5 cm', '−9.5 cm']);
    expect([decimals('−3.25', 'de'), decimals('3.25', 'en'), decimals('12', 'de')]).toEqual(['−3,25', '3.25', '12']);
  });
});

describe('a sentence with parts', () => {
  const parts = [<a key="1" href="#there" />, <strong key="2" />];
  const shown = () =>
    render(<Said text="Open <1>{{what}}</1>, then <2>build</2>." values={{ what: 'it' }} parts={parts} />).container;
  it('gives each what stands in it, in the order of the language', () => {
    expect(shown().innerHTML).toBe('Open <a href="#there">it</a>, then <strong>build</strong>.');
    speak('de', GERMAN);
    cleanup();
    expect(shown().innerHTML).toBe('<strong>Baue</strong>, dann öffne <a href="#there">it</a>.');
  });
  it('shows what nobody has a part for as text', () => {
    expect(render(<Said text="a <3>b</3>" parts={parts} />).container.textContent).toBe('a b');
  });
});

describe('what was English for long', () => {
  it('is said: how somebody of a class stands, what a week is about, points of the bench', () => {
    speak('de', sayIn('de'));
    const student = { cautions: [{ caution: 'knee-injury', side: 'left' }], redFlags: undefined } as unknown as Student;
    const { cautions, stopped } = mayTakePart(student, screenOf(student, '2026-12-02'));
    expect(cautions).toEqual(['Verletzung von Kniebändern oder Meniskus, links']);
    expect(stopped).toMatch(/^Die neun Fragen/);
    expect(themeName('back')).toBe('Die Rückseiten der Beine');
    expect([pointWords('ball_left'), pointsWords('knee_left'), pointWords('crown')]).toEqual([
      'Fußballen links',
      'beide: Knie',
      'Scheitel',
    ]);
    speak('en', asWritten);
    expect([pointWords('ball_left'), pointsWords('knee_left')]).toEqual(['left ball of the foot', 'both: knee']);
  });
});
