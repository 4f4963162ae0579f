import { asWritten, type Say } from './as-written';
import { AVOID } from './de/avoid';
import { CUES } from './de/cues';
import { DEEPEN } from './de/deepen';
import { FOUND } from './de/found';
import { LEAVE } from './de/leave';
import { LESSON } from './de/lesson';
import { MOVE_WORDS } from './de/moves';
import { PAGE } from './de/page';
import { POSE_NAMES } from './de/pose-names';
import { PROGRESS_SHEET } from './de/progress-sheet';
import { RUNG_NAMES } from './de/rung-names';
import { SHEET } from './de/sheet';
import { TEACHER } from './de/teacher';
import type { Language } from './language';
import type { Phrases } from './phrases';
import { sayWith } from './say';

const ALL: Readonly<Record<Exclude<Language, 'en'>, { page: Phrases; all: Phrases }>> = {
  de: {
    page: PAGE,
    all: {
      ...TEACHER,
      ...PAGE,
      ...SHEET,
      ...PROGRESS_SHEET,
      ...FOUND,
      ...AVOID,
      ...MOVE_WORDS,
      ...CUES,
      ...DEEPEN,
      ...LEAVE,
      ...LESSON,
      ...RUNG_NAMES,
      ...POSE_NAMES,
    },
  },
};

/** Sentences of the page on a phone, which carries them itself. */
export const pagePhrases = (language: Language): Phrases => (language === 'en' ? {} : ALL[language].page);

/** Every sentence of a language by the English. */
export const phrasesOf = (language: Language): Phrases => (language === 'en' ? {} : ALL[language].all);

const known = new Map<Language, Say>();
/** Says everything in a language: a student's own pages, a lesson, and what a teacher sees. */
export function sayIn(language: Language): Say {
  if (language === 'en') return asWritten;
  let say = known.get(language);
  if (!say) known.set(language, (say = sayWith(language, ALL[language].all)));
  return say;
}
