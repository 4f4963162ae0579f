import { createInstance } from 'i18next';
import { asWritten, type Say } from './as-written';
import { decimals } from './decimals';
import type { Language } from './language';
import type { Phrases } from './phrases';

/** Says English sentences in a language, by its phrases. English needs none. */
export function sayWith(language: Language, phrases: Phrases): Say {
  if (language === 'en') return asWritten;
  const i18n = createInstance({
    lng: language,
    fallbackLng: false,
    resources: { [language]: { translation: phrases } },
    // The keys are sentences, with colons and full stops of their own.
    keySeparator: false,
    nsSeparator: false,
    // Nothing is escaped: sentences are text. A number in one has the decimals of the language.
    interpolation: { escapeValue: true, escape: (value: string) => decimals(value, language) },
    showSupportNotice: false,
    initAsync: false,
  });
  void i18n.init();
  // What is in no phrase is somebody's own words: nothing in them is looked up or filled in as if it were ours.
  return (english, values = {}) =>
    i18n.exists(english, values) ? i18n.t(english, values) : asWritten(english, values);
}
