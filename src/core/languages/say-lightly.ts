import { asWritten, type Say } from './as-written';
import type { Language } from './language';
import type { Phrases } from './phrases';

/**
 * The same as `sayWith` for the page on a phone, which is given away as one file: no package goes along that is larger
 * than the page, or that could ask for anything from anywhere. Knows plurals, context and what stands in a sentence; a
 * test holds the two to each other.
 */
export function sayLightly(language: Language, phrases: Phrases): Say {
  if (language === 'en') return asWritten;
  const plural = new Intl.PluralRules(language);
  return (english, values = {}) => {
    const { count, context } = values;
    const endings = [
      ...(context === undefined ? [] : [`_${context}`]),
      ...(typeof count === 'number' ? [`_${plural.select(count)}`] : []),
      '',
    ];
    const found = endings.map((e) => english + e).find((key) => Object.hasOwn(phrases, key));
    return asWritten(found === undefined ? english : phrases[found], values);
  };
}
