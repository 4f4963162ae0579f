import { button, h, paintedBy, picture, show } from './dom';
import { STUDENT_FOOT } from '@/core/students/pain-words';
import { dayNow, dayWords, type Page } from './page';
import { allowSound } from '@/instruments/bell';

/**
 * The first screen: what there is to do, for which day, what to leave alone, and what waits to be shown to the teacher.
 */
export function cover(page: Page): void {
  const { home, memory, go, say } = page;
  const { plays, done, night } = memory.now;
  const today = dayNow();
  const old = today > home.renew;
  show(
    h(
      'header',
      {},
      h('h1', {}, home.name ? say('For {{name}}', { name: home.name }) : say('Your practice')),
      nightButton(page, night),
    ),
    ...notes(page, old),
    old ? null : halfWay(page),
    ...home.practices.map((p) => practiceCard(page, p)),
    home.week.length > 0 && week(page, done, today),
    home.avoid.length > 0 && card(say('Leave alone'), h('ul', {}, ...home.avoid.map((a) => h('li', {}, a)))),
    home.tests.length > 0 &&
      card(
        say('Small tests'),
        h('p', {}, say('Measures you can take by yourself, before the practice and not after it.')),
        button(say('Do the tests'), go.tests),
      ),
    plays.length > 0 &&
      card(
        say('For your teacher'),
        h('p', {}, say('{{count}} times to show.', { count: plays.length })),
        button(say('Show it'), go.giveBack),
      ),
    h('p', { class: 'quiet' }, say(STUDENT_FOOT)),
    h(
      'p',
      { class: 'quiet' },
      say('Made on {{day}}. Nothing leaves this phone by itself.', { day: dayWords(home.made) }),
    ),
  );
}

const card = (title: string, ...content: Parameters<typeof h>[2][]): HTMLElement =>
  h('section', { class: 'card' }, h('h2', {}, title), ...content);

/** Begins a practice by a press, which is when a phone lets a page sound. */
function begin({ go }: Page, id: string): void {
  allowSound();
  go.play(id);
}

/** What must be known first: a page too old to go by, a browser that keeps nothing. */
function notes({ home, memory, say }: Page, old: boolean): (HTMLElement | false)[] {
  return [
    old &&
      h(
        'p',
        { class: 'note strong', role: 'status' },
        say(
          'Made on {{day}}, more than six weeks ago. Bodies change: ask your teacher for a new one before you go on.',
          { day: dayWords(home.made) },
        ),
      ),
    !memory.lasts &&
      h(
        'p',
        { class: 'note' },
        say('This browser keeps nothing for this page: leave it open until your teacher has seen it.'),
      ),
  ];
}

/** A practice that was begun and not ended; null where there is none. */
function halfWay(page: Page): HTMLElement | null {
  const { memory, say } = page;
  const { running } = memory.now;
  if (!running) return null;
  const where = { title: titleOf(page, running.practice), number: running.index + 1, of: running.items.length };
  return h(
    'section',
    { class: 'card now' },
    h('h2', {}, say('You stopped half-way')),
    h('p', {}, say('{{title}}, shape {{number}} of {{of}}.', where)),
    button(say('Carry on where you were'), () => begin(page, running.practice), 'main'),
    button(say('Leave it'), () => {
      memory.put({ running: null });
      cover(page);
    }),
  );
}

function practiceCard(page: Page, p: Page['home']['practices'][number]): HTMLElement {
  const { home, say } = page;
  const long = [
    say('{{count}} minutes', { count: Math.round(p.seconds / 60) }),
    say('{{count}} shapes', { count: shapesIn(p.items) }),
  ];
  const pictures = p.items
    .filter(first)
    .slice(0, 4)
    .map((i) => picture(home.pictures, i.picture, i.name));
  return card(
    p.title,
    h('p', { class: 'quiet' }, long.join(' · ')),
    h('div', { class: 'row pictures' }, ...pictures),
    p.needs.length > 0 && h('p', { class: 'quiet' }, say('You will need: {{things}}.', { things: p.needs.join(', ') })),
    button(say('Start “{{title}}”', { title: p.title }), () => begin(page, p.id), 'main'),
  );
}

export function nightButton(page: Page, night: boolean): HTMLButtonElement {
  const { say } = page;
  const b = button(say(night ? 'Light' : 'Dim'), () => {
    const next = !page.memory.now.night;
    page.memory.put({ night: next });
    paintedBy(next);
    b.textContent = say(next ? 'Light' : 'Dim');
  });
  return b;
}

const titleOf = ({ home }: Page, id: string): string => home.practices.find((p) => p.id === id)?.title ?? '';
type Items = readonly { pose: string }[];
const first = (i: { pose: string }, k: number, all: Items): boolean => all.findIndex((x) => x.pose === i.pose) === k;
const shapesIn = (items: Items): number => new Set(items.map((i) => i.pose)).size;
function week(page: Page, done: readonly string[], today: string): HTMLElement {
  const { home, memory, say } = page;
  return h(
    'section',
    { class: 'card' },
    h('h2', {}, say('Your weeks')),
    h(
      'ul',
      { class: 'days' },
      ...home.week.map(({ day, practice }) => {
        const ticked = done.includes(day);
        const box = h('button', {
          type: 'button',
          role: 'checkbox',
          'aria-checked': String(ticked),
          class: ticked ? 'day ticked' : 'day',
          onclick: () => {
            memory.put({ done: ticked ? done.filter((d) => d !== day) : [...done, day] });
            cover(page);
          },
        });
        const words = day === today ? say('{{day}}, today', { day: dayWords(day) }) : dayWords(day);
        box.append(`${ticked ? '✓' : '○'} ${words}: ${titleOf(page, practice)}`);
        return h('li', {}, box);
      }),
    ),
  );
}
