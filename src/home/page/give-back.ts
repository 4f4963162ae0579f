import encodeQR from 'qr';
import { writeHomeCode, type HomePlay } from '@/core/home/code';
import { clock } from '@/core/practice/clock';
import { button, h, show } from './dom';
import type { Say } from '@/core/languages/as-written';
import { dayWords, type Page } from './page';

/** What was done, for the teacher: a square code to photograph, a line to send, or a small file. */

/** Bytes that a square code on a phone can still hold and be read from. */
const MOST_IN_CODE = 1400;

const lineOf = ({ home }: Page, play: HomePlay): string =>
  writeHomeCode({ file: home.id, student: home.student, play });

export function giveBack(page: Page, at = page.memory.now.plays.length - 1): void {
  const { memory, home, say } = page;
  const { plays } = memory.now;
  const play = plays.at(at);
  if (!play) {
    page.go.cover();
    return;
  }
  const line = lineOf(page, play);
  const title = home.practices.find((p) => p.id === play.practice)?.title ?? say('Small tests');
  const all = plays.map((p) => lineOf(page, p)).join('\n');
  const told = h('p', { role: 'status', class: 'quiet' });
  const tell = (words: string): void => void (told.textContent = words);
  show(
    h('h1', {}, say('For your teacher')),
    h('p', {}, `${doneWords(play, title, say)}.`),
    line.length <= MOST_IN_CODE
      ? code(line, say)
      : h('p', {}, say('This was too much for a square code: send the line, or save the file.')),
    h('p', { class: 'quiet' }, say('Your teacher photographs this square. Or send what is in it:')),
    h(
      'div',
      { class: 'row' },
      button(
        say('Copy the line'),
        () =>
          void copy(all).then((ok) =>
            tell(say(ok ? 'Copied: paste it into a message.' : 'Copying is not allowed here: save the file.')),
          ),
      ),
      button(say('Save a file'), () => save(all)),
      'share' in navigator
        ? button(say('Send …'), () => void navigator.share({ text: all }).catch(() => undefined))
        : null,
    ),
    told,
    plays.length > 1 &&
      h(
        'div',
        { class: 'row' },
        button(say('Earlier'), () => giveBack(page, Math.max(0, at - 1))),
        h('span', { class: 'quiet' }, say('{{number}} of {{of}}', { number: at + 1, of: plays.length })),
        button(say('Later'), () => giveBack(page, Math.min(plays.length - 1, at + 1))),
      ),
    h(
      'footer',
      {},
      button(
        say('My teacher has it'),
        () => {
          memory.put({ plays: plays.filter((p) => p !== play) });
          if (memory.now.plays.length > 0) giveBack(page);
          else page.go.cover();
        },
        'main',
      ),
      button(say('Not yet'), page.go.cover),
    ),
  );
}

function doneWords({ day, items }: HomePlay, title: string, say: Say): string {
  const held = clock(items.reduce((s, r) => s + r.doneSeconds, 0));
  return items.length === 0
    ? say('{{day}}: {{title}}', { day: dayWords(day), title })
    : say('{{day}}: {{title}}, {{time}} minutes held', { day: dayWords(day), title, time: held });
}

function code(line: string, say: Say): HTMLElement {
  const label = say('Square code of what you did');
  const box = h('div', { class: 'code', role: 'img', 'aria-label': label, 'data-line': line });
  const drawn = new DOMParser().parseFromString(encodeQR(line, 'svg', { ecc: 'low', border: 4 }), 'image/svg+xml');
  box.append(document.importNode(drawn.documentElement, true));
  return box;
}

async function copy(text: string): Promise<boolean> {
  try {
    await navigator.clipboard.writeText(text);
    return true;
  } catch {
    return false;
  }
}

function save(text: string): void {
  const a = document.createElement('a');
  a.href = URL.createObjectURL(new Blob([`${text}\n`], { type: 'text/plain' }));
  a.download = 'for-my-teacher.txt';
  a.click();
  setTimeout(() => URL.revokeObjectURL(a.href), 60_000);
}
