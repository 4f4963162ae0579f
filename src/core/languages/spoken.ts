import { asWritten, type Say } from './as-written';
import type { Language } from './language';

/**
 * The language of the application itself: one for the whole program, put once, before anything is shown. What a student
 * is given has a language of its own and is told which; everything else speaks through here.
 */
let spoken: { language: Language; say: Say } = { language: 'en', say: asWritten };

/** Says a sentence to the teacher. Not for a module's own constants: they are made before a language is there. */
export const say: Say = (english, values) => spoken.say(english, values);

/** The language the teacher is spoken to in. */
export const spokenLanguage = (): Language => spoken.language;

/** From now on the application speaks this language. */
export function speak(language: Language, to: Say): void {
  spoken = { language, say: to };
}
