import type { HomeItem, HomePractice, HomeStep } from '@/core/home/home-file';
import { clock } from '@/core/practice/clock';
import { setWords } from '@/core/practice/taught-order';
import { setSeconds } from '@/core/practice/timing';
import { countOf, IN } from '@/core/teaching/moment';
import { advance, secondsLeft, startPlayer, wake, type PlayerEvent } from '@/core/teaching/player';
import { button, h, picture, show } from './dom';
import { finish } from './finish';
import { nightButton } from './cover';
import { pain } from './pain';
import type { HomePlayer } from './kept';
import type { Say } from '@/core/languages/as-written';
import { pageLanguage, sideWords, type Page } from './page';
import { ring } from '@/instruments/bell';
import { hush, speak } from '@/instruments/speak';
import { stayAwake } from './awake';

/** A practice being done: one shape large, what is left of it, and the few things that a hand or a toe can press. */

/** Milliseconds between looks at the clock. */
const TICK = 250;

/** A line of its own for each sixth of a hold: long enough to be read lying down. */
const lineOf = (item: HomeStep, share: number, say: Say): string => {
  const lines = [
    ...item.keep,
    ...(item.feel ? [say('You may feel it: {{place}}.', { place: item.feel })] : []),
    say('Slow breaths, and nothing sharp.'),
  ];
  return lines[Math.min(lines.length - 1, Math.floor(share * lines.length))];
};

export class Play {
  #state: HomePlayer;
  #timer: ReturnType<typeof setInterval> | undefined;
  /** What is on the screen: drawn anew only where it changes. */
  #shown = '';

  constructor(
    private readonly page: Page,
    practice: HomePractice,
  ) {
    const { running } = page.memory.now;
    const now = Date.now();
    this.#state =
      running?.practice === practice.id
        ? (wake(running, now) as HomePlayer)
        : (startPlayer(practice.id, page.home.student, practice.items, now, practice.pace) as HomePlayer);
    this.#do({ type: 'resume' });
    stayAwake(true);
    this.#timer = setInterval(() => this.#do({ type: 'tick' }), TICK);
    // A phone that is laid aside may end the page at any moment.
    document.addEventListener('visibilitychange', this.#keep);
  }

  readonly #keep = (): void => this.page.memory.put({ running: this.#state });

  #leave(): void {
    clearInterval(this.#timer);
    document.removeEventListener('visibilitychange', this.#keep);
    stayAwake(false);
    hush();
  }

  #do(event: PlayerEvent): void {
    const before = this.#state;
    this.#state = advance(before, event, Date.now()) as HomePlayer;
    const { index, stage } = this.#state;
    const moved = index !== before.index || stage !== before.stage;
    if (moved && this.page.memory.now.bell && stage !== 'moving' && event.type === 'tick') ring();
    if (moved || event.type !== 'tick') this.#keep();
    if (stage === 'finished') {
      this.#leave();
      finish(this.page, this.#state);
      return;
    }
    this.#draw(moved);
  }

  /**
   * Ends the shape at once, so that it is written down even if the phone is laid aside here; what it was like may
   * follow.
   */
  #hurts(): void {
    const item = this.#item(),
      before = advance(this.#state, { type: 'pause' }, Date.now()) as HomePlayer;
    const put = (state: HomePlayer): void => {
      this.#state = state;
      this.#keep();
    };
    hush();
    clearInterval(this.#timer);
    put(advance(before, { type: 'stop-item' }, Date.now()) as HomePlayer);
    pain(item, this.page.say, {
      never: () => {
        put(before);
        this.#again();
      },
      was: (kind) => put(advance(this.#state, { type: 'pain', item: item.id, kind }, Date.now()) as HomePlayer),
      goOn: () => this.#again(),
      end: () => {
        put(advance(this.#state, { type: 'finish' }, Date.now()) as HomePlayer);
        this.#leave();
        finish(this.page, this.#state);
      },
    });
  }

  #again(): void {
    this.#shown = '';
    this.#timer = setInterval(() => this.#do({ type: 'tick' }), TICK);
    this.#do({ type: this.#state.stage === 'finished' ? 'tick' : 'pause' });
  }

  #item(): HomeItem {
    return this.#state.items[Math.min(this.#state.index, this.#state.items.length - 1)];
  }

  #easier(): void {
    const item = this.#item();
    if (!item.easier) return;
    // Its other side, if that is still to come, becomes easier too.
    const twin = this.#state.items
      .slice(this.#state.index + 1)
      .find((i) => i.pose === item.pose && i.rung === item.rung && i.side !== item.side);
    this.#do({ type: 'exchange', now: item.easier, twin: twin?.easier ?? null });
  }

  #draw(moved: boolean): void {
    const s = this.#state,
      item = this.#item(),
      { say } = this.page;
    const word = [s.index, s.stage, s.running, item.id, s.items.length].join();
    if (word !== this.#shown) {
      this.#shown = word;
      this.#screen();
      if (moved && this.page.memory.now.voice && s.stage === 'moving')
        speak([item.name, sideWords(item.side, say), item.enter].filter(Boolean).join('. '), pageLanguage());
    }
    const count = countOf(s);
    const put = (id: string, text: string): void => {
      const at = document.getElementById(id);
      if (at && at.textContent !== text) at.textContent = text;
    };
    put('left', clock(secondsLeft(s)));
    put('count', s.stage === 'moving' ? String(Math.ceil(s.left)) : this.#countWords());
    put('line', s.stage === 'moving' ? item.enter : lineOf(item, 1 - s.left / setSeconds(item), say));
    document.getElementById('breath')?.style.setProperty('--breath', String(count ? breathAt(count.breath) : 0));
  }

  #countWords(): string {
    const count = countOf(this.#state);
    if (!count) return '';
    const { say } = this.page;
    return count.of > 1
      ? say('{{number}} of {{of}}', { number: count.time, of: count.of })
      : say('{{count}} breaths', { count: count.breathsLeft });
  }

  #screen(): void {
    const focused = document.activeElement?.getAttribute('data-key');
    show(this.#head(), this.#stage(), this.#what(), this.#ways());
    // Whoever goes by keys stays where she was.
    if (focused) document.querySelector<HTMLElement>(`[data-key="${focused}"]`)?.focus({ preventScroll: true });
  }

  /** Where in the practice she is, what may sound, and the way out. */
  #head(): HTMLElement {
    const s = this.#state,
      { memory, say } = this.page;
    const close = button(say('Close'), () => {
      this.#do({ type: 'pause' });
      this.#keep();
      this.#leave();
      this.page.go.cover();
    });
    return h(
      'header',
      {},
      h(
        'p',
        { class: 'quiet' },
        `${say('{{number}} of {{of}}', { number: s.index + 1, of: s.items.length })} · `,
        h('span', { id: 'left' }),
        ` ${say('left', { context: 'time' })}`,
      ),
      h(
        'div',
        { class: 'row' },
        this.#toggle('bell', 'Bell'),
        this.#toggle('voice', 'Voice'),
        nightButton(this.page, memory.now.night),
        keyed(close, 'close'),
      ),
    );
  }

  #toggle(name: 'voice' | 'bell', words: string): HTMLButtonElement {
    const { memory, say } = this.page;
    const b = button(say(words), () => {
      memory.put({ [name]: !memory.now[name] });
      b.setAttribute('aria-pressed', String(memory.now[name]));
      if (name === 'voice' && !memory.now.voice) hush();
    });
    b.setAttribute('aria-pressed', String(memory.now[name]));
    return b;
  }

  #stage(): HTMLElement {
    const item = this.#item(),
      { home, say } = this.page;
    const told = [item.name, item.sub, sideWords(item.side, say)].filter(Boolean).join(', ');
    return h('div', { class: 'stage' }, picture(home.pictures, item.picture, told));
  }

  /** The shape's name, side and set, with room for what changes every second. */
  #what(): HTMLElement {
    const item = this.#item(),
      { say } = this.page;
    const moving = this.#state.stage === 'moving';
    return h(
      'div',
      { class: 'what' },
      h('h1', { 'aria-live': 'polite' }, moving ? say('Next: {{name}}', { name: item.name }) : item.name),
      h('p', {}, [item.sub, sideWords(item.side, say), setWords(item, say)].filter(Boolean).join(' · ')),
      item.props.length > 0 && h('p', { class: 'quiet' }, item.props.join('; ')),
      h('p', { class: 'count' }, h('span', { id: 'breath', 'aria-hidden': 'true' }), h('span', { id: 'count' })),
      h('p', { id: 'line' }),
    );
  }

  /** What can be done about it; pain always first. */
  #ways(): HTMLElement {
    const s = this.#state,
      { say } = this.page;
    const on = button(
      say(s.running ? 'Pause' : 'Go on'),
      () => this.#do({ type: s.running ? 'pause' : 'resume' }),
      'main',
    );
    return h(
      'footer',
      {},
      keyed(
        button(say('That hurts'), () => this.#hurts(), 'hurts'),
        'hurts',
      ),
      keyed(on, 'pause'),
      keyed(
        button(say('Back'), () => this.#do({ type: 'back' })),
        'back',
      ),
      keyed(
        button(say(s.stage === 'moving' ? 'I am there' : 'Next'), () => this.#do({ type: 'next' })),
        'next',
      ),
      this.#item().easier
        ? keyed(
            button(say('Easier'), () => this.#easier()),
            'easier',
          )
        : null,
    );
  }
}

/** A button by which the focus is found again when the screen is made anew. */
function keyed(b: HTMLButtonElement, key: string): HTMLButtonElement {
  b.dataset.key = key;
  return b;
}

/** How full a breath is, 0–1, from where in it she is. */
const breathAt = (share: number): number => (share < IN ? share / IN : 1 - (share - IN) / (1 - IN));
