import { say } from '@/core/languages/spoken';
import type { Build } from '@/core/body';
import type { DrawnBody } from '@/figure/bodies';
import type { MadeHome } from '@/core/home/make-home';
import { homeHtml, homeName, MOST_BYTES, type HomeParts } from '@/home/html';
import { filled, wishesOf } from '@/home/with-pictures';
import { sayIn } from '@/core/languages/catalogues';
import type { Language } from '@/core/languages/language';
import { seal } from '@/store/sealing';
import { drawnAll } from './drawn';

export interface HomeMade {
  name: string;
  html: string;
  bytes: number;
}

/** The page that plays, from this server or from what the browser kept of it. */
async function parts(): Promise<HomeParts> {
  const answer = await fetch('/home-page');
  if (!answer.ok)
    throw new Error('The part that plays on a phone could not be loaded. Try again when the server is there.');
  return (await answer.json()) as HomeParts;
}

/** The file to give, drawn and whole; locked where there is a passphrase. Rejects with a sentence. */
export async function makeFile(
  made: MadeHome,
  build: Build,
  passphrase: string | null,
  look: { body: DrawnBody; language: Language },
): Promise<HomeMade> {
  const [page, drawn] = await Promise.all([parts(), drawnAll(wishesOf(made, build))]);
  const file = filled(made, drawn);
  const { title, file: name } = homeName(file, look.language);
  const text = JSON.stringify(file);
  // A locked file says nobody's name, not even in its title.
  const html =
    passphrase === null
      ? homeHtml(title, text, page, look)
      : homeHtml(sayIn(look.language)(say('A practice')), await seal(text, passphrase), page, look);
  const bytes = new Blob([html]).size;
  // What is locked is written in longer letters: a third more.
  if (bytes > MOST_BYTES * (passphrase === null ? 1 : 1.4))
    throw new Error('It became too large for a phone: leave out a practice.');
  return { name, html, bytes };
}
