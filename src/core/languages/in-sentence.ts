import { say, spokenLanguage } from './spoken';

/** An English name in the midst of a sentence; a numeral stays large: “warrior II”. */
export const inSentence = (name: string): string =>
  name.toLowerCase().replace(/\bi{1,3}\b/g, (numeral) => numeral.toUpperCase());

/** A name said to the teacher in the midst of a sentence. Other languages keep their capitals. */
export const within = (name: string): string => (spokenLanguage() === 'en' ? inSentence(name) : say(name));
