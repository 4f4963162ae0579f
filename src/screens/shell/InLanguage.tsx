'use client';
import { ThemeProvider, type Theme } from '@mui/material/styles';
import { Fragment, useSyncExternalStore, type ReactNode } from 'react';
import type { Language } from '@/core/languages/language';
import { speak } from '@/core/languages/spoken';
import { wantedLanguage } from './chosen-language';
import type { Parts } from './day-locales';
import { Opening } from './Opening';

/** A language that is spoken, and what the interface library says in it by itself. */
interface Spoken {
  language: Language;
  parts?: Parts;
}
const ENGLISH: Spoken = { language: 'en' };

/** What is spoken; null while its sentences are fetched, undefined before anybody has asked. */
let spoken: Spoken | null | undefined;
const listeners = new Set<() => void>();

function begin(): Spoken | null {
  const language = wantedLanguage();
  if (language === 'en') return ENGLISH;
  void Promise.all([import('@/core/languages/catalogues'), import('./day-locales')])
    .then(([{ sayIn }, { partsIn, speakDays }]): Spoken => {
      speakDays(language);
      speak(language, sayIn(language));
      return { language, parts: partsIn(language) };
    })
    // Without its sentences it is said in English, as it is written.
    .catch(() => ENGLISH)
    .then((now) => {
      spoken = now;
      document.documentElement.lang = now.language;
      for (const tell of listeners) tell();
    });
  return null;
}
const current = (): Spoken | null => (spoken === undefined ? (spoken = begin()) : spoken);
const subscribe = (tell: () => void): (() => void) => {
  listeners.add(tell);
  return () => listeners.delete(tell);
};

/**
 * What is shown waits for the teacher's language. English is there at once.
 * @param asked the language that the server was asked for: a page that was kept may have been asked in another
 */
export function InLanguage({ asked, children }: { asked: Language; children: ReactNode }) {
  const now = useSyncExternalStore(subscribe, current, () => (asked === 'en' ? ENGLISH : null));
  if (now === null) return <Opening />;
  const { language, parts } = now;
  // Another language is another page: whatever remembers a sentence begins anew.
  const page = <Fragment key={language}>{children}</Fragment>;
  if (!parts) return page;
  return (
    <ThemeProvider theme={(outer: Theme) => ({ ...outer, components: withParts(outer.components, parts) })}>
      {page}
    </ThemeProvider>
  );
}

/** What the theme says of each part, with words of another language beside it. */
const withParts = (own: Theme['components'], words: Parts): Theme['components'] => {
  const ours = own as Readonly<Partial<Parts>> | undefined;
  const both = Object.entries(words).map(([name, { defaultProps }]) => [
    name,
    { ...ours?.[name], defaultProps: { ...ours?.[name]?.defaultProps, ...defaultProps } },
  ]);
  return { ...own, ...(Object.fromEntries(both) as Theme['components']) };
};
