/**
 * What stands in a sentence for `{{name}}`; `count` chooses the plural, `context` another word where one English word
 * is two.
 */
export type Values = Readonly<Record<string, string | number>>;

/**
 * A sentence as it is written in English, said in some language. What is in no catalogue, a teacher's own words, stays
 * as it is.
 */
export type Say = (english: string, values?: Values) => string;

/** English for one, where the sentence is written for many. */
export const ONE: Readonly<Record<string, string>> = {
  'You practised on {{count}} days, {{minutes}} minutes in poses.':
    'You practised on 1 day, {{minutes}} minutes in poses.',
  '{{count}} grades': '1 grade',
  '{{count}} breaths': '1 breath',
  '{{count}} breaths left': '1 breath left',
  '{{count}} minutes': '1 minute',
  '{{count}} shapes': '1 shape',
  '{{count}} times to show.': 'One time to show.',
  'a blanket in {{count}} folds': 'one fold of a blanket',
};

/** English, as it is written. */
export const asWritten: Say = (english, values) => {
  if (!values) return english;
  const sentence = values.count === 1 ? (ONE[english] ?? english) : english;
  return sentence.replace(/\{\{(\w+)\}\}/g, (all, name: string) => String(values[name] ?? all));
};
