import type { HomePlay, HomeReading } from '@/core/home/code';
import type { HomeTest } from '@/core/home/home-file';
import { button, h, picture, show } from './dom';
import type { Say } from '@/core/languages/as-written';
import { dayNow, sideWords, zoneNow, type Page } from './page';
import { allowSound, ring } from '@/instruments/bell';

/** The small tests, one after another; each may be left out. */
export function tests(page: Page, at = 0, taken: readonly HomeReading[] = [], startedAt = Date.now()): void {
  const { home, go, say } = page;
  const test = home.tests.at(at);
  if (!test) {
    ended(page, taken, startedAt);
    return;
  }
  const titled = [test.name, sideWords(test.side, say)].filter(Boolean).join(', ');
  const field = h('input', { id: 'value', type: 'text', inputmode: 'decimal' });
  const wrong = h('p', { role: 'alert', class: 'strong' });
  const next = (reading?: HomeReading): void => tests(page, at + 1, reading ? [...taken, reading] : taken, startedAt);
  const keep = (): void => {
    const value = Number(field.value.trim().replace(',', '.'));
    if (field.value.trim() === '' || !(value >= test.min && value <= test.max)) {
      wrong.textContent = say('Write a number of {{asks}} between {{min}} and {{max}}, or leave the test out.', {
        asks: test.asks,
        min: test.min,
        max: test.max,
      });
      field.focus();
      return;
    }
    next({ test: test.test, readout: test.readout, side: test.side, value });
  };
  show(
    h(
      'header',
      {},
      h('p', { class: 'quiet' }, say('Test {{number}} of {{of}}', { number: at + 1, of: home.tests.length })),
      button(say('Close'), go.cover),
    ),
    h('h1', {}, titled),
    h('div', { class: 'stage small' }, picture(home.pictures, test.picture, titled)),
    h('ol', {}, ...test.steps.map((s) => h('li', {}, s))),
    test.clock !== undefined && stopwatch(test.clock, field, say),
    h('label', { for: 'value' }, say('How many {{asks}}?', { asks: test.asks })),
    field,
    wrong,
    h('p', { class: 'quiet' }, say('Stop at pain or dizziness; then leave the test out and tell your teacher.')),
    h(
      'footer',
      {},
      button(say('Keep it'), keep, 'main'),
      button(say('Leave it out'), () => next()),
    ),
  );
}

/** All done or left out: what was taken waits to be shown to the teacher. */
function ended({ memory, go }: Page, taken: readonly HomeReading[], startedAt: number): void {
  if (taken.length === 0) {
    go.cover();
    return;
  }
  const play: HomePlay = {
    practice: '',
    startedAt,
    endedAt: Date.now(),
    day: dayNow(new Date(startedAt)),
    zone: zoneNow(),
    items: [],
    readings: taken,
  };
  memory.put({ plays: [...memory.now.plays, play] });
  go.giveBack();
}

function stopwatch(kind: NonNullable<HomeTest['clock']>, field: HTMLInputElement, say: Say): HTMLElement {
  let from = 0,
    timer: ReturnType<typeof setInterval> | undefined;
  const shown = h('span', { class: 'count' }, '0');
  const stop = (): void => {
    clearInterval(timer);
    timer = undefined;
    b.textContent = say('Start again');
    if (kind === 'up') field.value = ((Date.now() - from) / 1000).toFixed(1);
    else ring();
  };
  const b = button(say('Start'), () => {
    if (timer !== undefined) {
      stop();
      return;
    }
    allowSound();
    from = Date.now();
    b.textContent = say('Stop');
    timer = setInterval(() => {
      const s = (Date.now() - from) / 1000;
      shown.textContent = String(kind === 'up' ? Math.floor(s) : Math.max(0, Math.ceil(kind - s)));
      if ((kind !== 'up' && s >= kind) || !b.isConnected) stop();
    }, 100);
  });
  return h('div', { class: 'row' }, b, shown);
}
