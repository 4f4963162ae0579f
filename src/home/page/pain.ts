import { capital } from '@/core/capital';
import type { Say } from '@/core/languages/as-written';
import type { HomeStep } from '@/core/home/home-file';
import { PAIN_KINDS, type PainKind } from '@/core/students/pain-kinds';
import { PAIN_SAYS } from '@/core/students/pain-words';
import { PAIN_WORDS } from '@/core/students/words';
import { button, h, show } from './dom';

/** What to do when it hurts, by what it was like; the clock stands meanwhile. */

/** After these, alone, a practice is over for today. */
const ENDS: ReadonlySet<PainKind> = new Set(['sharp', 'tingling', 'dizzy', 'breathless']);

interface Then {
  never: () => void;
  /** Told as soon as it is said. */
  was: (kind: PainKind) => void;
  goOn: () => void;
  end: () => void;
}

export function pain(item: HomeStep, say: Say, then: Then): void {
  show(
    h('h1', {}, say('Come out slowly. Rest.')),
    h('p', {}, say('{{name}}: what is it like?', { name: item.name })),
    h(
      'div',
      { class: 'choices' },
      ...PAIN_KINDS.map((kind) =>
        button(capital(say(PAIN_WORDS[kind])), () => {
          then.was(kind);
          after(item, kind, say, then);
        }),
      ),
    ),
    h('footer', {}, button(say('It was nothing, go back'), then.never)),
  );
}

function after(item: HomeStep, kind: PainKind, say: Say, { goOn, end }: Then): void {
  show(
    h('h1', {}, say('What to do now')),
    h('p', { class: 'big' }, say(PAIN_SAYS[kind])),
    h(
      'p',
      {},
      say('Leave “{{name}}” alone until you have spoken with your teacher. It is noted in what you bring back.', {
        name: item.name,
      }),
    ),
    h(
      'footer',
      {},
      button(say('Stop here for today'), end, 'main'),
      ENDS.has(kind) ? null : button(say('Go on with the next shape, gently'), goOn),
    ),
  );
}
