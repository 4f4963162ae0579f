'use client';
import { useEffect, useState } from 'react';
import type { Language } from '@/core/languages/language';
import { deviceChoice } from '../shell/device-choice';
import { IN_ENGLISH, toldIn, type Told } from '../shell/their-language';

/** What is read and heard in a lesson, and in which language. */
export type Lesson = Told;

const CHOICE = deviceChoice('kolpos-lesson-language', ['theirs', 'english']);

/** Another language that a lesson can be said in, and whether it is. */
export interface OtherLanguage {
  language: Language;
  on: boolean;
  put: (on: boolean) => void;
}

/**
 * A lesson in the language of those who are taught, or in English where the teacher wants that: chosen on this device.
 * @param theirs the language of whoever is taught
 */
export function useLessonLanguage(theirs: Language): { lesson: Lesson; other: OtherLanguage | null } {
  const on = CHOICE.use() === 'theirs';
  const lesson = useLoaded(on ? theirs : 'en');
  if (theirs === 'en') return { lesson, other: null };
  return { lesson, other: { language: theirs, on, put: (to) => CHOICE.set(to ? 'theirs' : 'english') } };
}

/** The sentences of a language, fetched where it is another; English until they are here. */
function useLoaded(language: Language): Lesson {
  const [loaded, setLoaded] = useState(IN_ENGLISH);
  useEffect(() => {
    if (language === 'en') return;
    let current = true;
    void toldIn(language).then((told) => current && setLoaded(told));
    return () => {
      current = false;
    };
  }, [language]);
  return loaded.language === language ? loaded : IN_ENGLISH;
}
