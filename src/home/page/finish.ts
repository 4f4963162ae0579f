import type { HomePlay, HomeResult } from '@/core/home/code';
import type { HomeItem } from '@/core/home/home-file';
import { clock } from '@/core/practice/clock';
import type { Place } from '@/core/students/place-names';
import { PLACE_WORDS } from '@/core/students/words';
import { STRENGTHS } from '@/core/teaching/strengths';
import { button, h, show } from './dom';
import type { HomePlayer } from './kept';
import type { Say } from '@/core/languages/as-written';
import { dayNow, sideWords, zoneNow, type Page } from './page';

/** The end of a practice: what was done is kept, and a few shapes are asked about, which may be left out. */

/** Shapes that are asked about, the longest holds. */
const ASKED = 4;
const PLACES: readonly Place[] = [
  'front-hip-crease',
  'front-thigh',
  'outer-hip',
  'deep-buttock',
  'back-thigh',
  'inner-thigh-high',
  'calf-high',
  'low-back',
  'nowhere',
];
export function finish(page: Page, state: HomePlayer): void {
  const { memory, say } = page;
  const results = resultsOf(state);
  const asked = askedOf(state, results);
  const hurt = results.some((r) => r.stopped);
  const day = dayNow(new Date(state.startedAt));
  const end = (): void => {
    // Kept once, whatever way she leaves from here.
    const play: HomePlay = {
      practice: state.practice,
      startedAt: state.startedAt,
      endedAt: Math.max(Date.now(), state.startedAt),
      day,
      zone: zoneNow(),
      items: results,
      readings: [],
    };
    const before = memory.now.plays.filter((p) => p.startedAt !== state.startedAt);
    memory.put({ running: null, plays: [...before, play] });
  };
  const done = results.reduce((s, r) => s + r.doneSeconds, 0);
  if (results.every((r) => r.doneSeconds === 0 && !r.stopped)) {
    memory.put({ running: null });
    page.go.cover();
    return;
  }
  if (page.home.week.some((d) => d.day === day) && !hurt) memory.put({ done: [...new Set([...memory.now.done, day])] });
  end();
  show(
    h('h1', {}, say(hurt ? 'Rest a while.' : 'Well done.')),
    h('p', {}, say('{{time}} minutes held. Lie or sit a moment longer, then get up slowly.', { time: clock(done) })),
    asked.length > 0 && h('h2', {}, say('Where did you feel it?')),
    asked.length > 0 && h('p', { class: 'quiet' }, say('It helps your teacher. Leave out what you do not know.')),
    ...asked.map(({ item, result }) => question({ item, result }, say, end)),
    h('footer', {}, button(say('For my teacher'), page.go.giveBack, 'main'), button(say('Later'), page.go.cover)),
  );
}

/** What was done, from the player's own account; shapes that were never reached are left out. */
function resultsOf(state: HomePlayer): HomeResult[] {
  return state.items.flatMap((i) => {
    const r = state.results.find((x) => x.item === i.id);
    if (!r) return [];
    const { pose, rung, side, plannedSeconds, doneSeconds, skipped, stopped, pain } = r;
    return [
      { pose, rung, side, plannedSeconds, doneSeconds, skipped, ...(stopped && { stopped, ...(pain && { pain }) }) },
    ];
  });
}

interface Asked {
  item: HomeItem;
  result: HomeResult;
}
const askedOf = (state: HomePlayer, results: readonly HomeResult[]): Asked[] =>
  results
    .flatMap((result) => {
      const item = state.items.find((i) => i.pose === result.pose && i.rung === result.rung && i.side === result.side);
      return item && item.feel && !result.skipped && !result.stopped && result.doneSeconds >= 10
        ? [{ item, result }]
        : [];
    })
    // Of several sets one is asked about.
    .filter(({ item }, k, all) => all.findIndex((x) => x.item === item) === k)
    .sort((a, b) => b.result.doneSeconds - a.result.doneSeconds)
    .slice(0, ASKED);

function question({ item, result }: Asked, say: Say, keep: () => void): HTMLElement {
  const chips = <T>(label: string, all: readonly (readonly [T, string])[], put: (v: T) => void): HTMLElement => {
    const made = all.map(([value, words]) => {
      const b = button(say(words), () => {
        put(value);
        for (const other of made) other.setAttribute('aria-pressed', String(other === b));
        keep();
      });
      b.setAttribute('aria-pressed', 'false');
      return b;
    });
    return h('div', { class: 'chips', role: 'group', 'aria-label': say(label) }, ...made);
  };
  const titled = [item.name, sideWords(item.side, say)].filter(Boolean).join(', ');
  return h(
    'section',
    { class: 'card', 'aria-label': titled },
    h('h3', {}, titled),
    chips(
      'Felt where?',
      PLACES.map((p) => [p, PLACE_WORDS[p]] as const),
      (p) => (result.placeFelt = p),
    ),
    chips('How strong?', STRENGTHS, (s) => (result.strength = s)),
  );
}
