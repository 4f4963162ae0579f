import type { HomeStep } from '@/core/home/home-file';
import { PAIN_SAYS } from '@/core/students/pain-words';
import type { PainKind } from '@/core/students/hurt';
import { button, h, show } from './dom';

/** What to do when it hurts, by what it was like; the clock stands meanwhile. */

const KINDS: readonly (readonly [PainKind, string])[] = [
  ['sharp', 'Sharp'],
  ['pinching', 'Pinching'],
  ['pulling', 'Pulling hard'],
  ['tingling', 'Tingling or numb'],
  ['dizzy', 'Dizzy'],
  ['breathless', 'Short of breath'],
];
/** After these, alone, a practice is over for today. */
const ENDS: ReadonlySet<PainKind> = new Set(['sharp', 'tingling', 'dizzy', 'breathless']);

export function pain(
  item: HomeStep,
  then: { never: () => void; stopped: (kind: PainKind, goOn: boolean) => void },
): void {
  show(
    h('h1', {}, 'Come out slowly. Rest.'),
    h('p', {}, `${item.name}: what is it like?`),
    h('div', { class: 'choices' }, ...KINDS.map(([kind, words]) => button(words, () => after(item, kind, then)))),
    h('footer', {}, button('It was nothing, go back', then.never)),
  );
}

function after(
  item: HomeStep,
  kind: PainKind,
  { stopped }: { stopped: (kind: PainKind, goOn: boolean) => void },
): void {
  show(
    h('h1', {}, 'What to do now'),
    h('p', { class: 'big' }, PAIN_SAYS[kind]),
    h(
      'p',
      {},
      `Leave “${item.name}” alone until you have spoken with your teacher. It is noted in what you bring back.`,
    ),
    h(
      'footer',
      {},
      button('Stop here for today', () => stopped(kind, false), 'main'),
      ENDS.has(kind) ? null : button('Go on with the next shape, gently', () => stopped(kind, true)),
    ),
  );
}
