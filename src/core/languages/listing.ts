import { LOCALES } from './language';
import { spokenLanguage } from './spoken';

/**
 * Words one after another as the teacher's language has them: "a, b and c".
 * @param english which English: `en` with a comma before the last, `en-GB` without
 */
export const listing = (english: 'en' | 'en-GB', options?: Intl.ListFormatOptions) => ({
  format: (words: readonly string[]): string => {
    const language = spokenLanguage();
    return new Intl.ListFormat(language === 'en' ? english : LOCALES[language], options).format(words);
  },
});
