/** Elements without a framework. Text is always text: nothing given is ever read as markup but our own drawings. */

type Child = Node | string | null | false;
type Props = Partial<Record<'class' | 'id' | 'role' | 'type' | 'inputmode' | 'lang' | 'for' | 'value', string>> &
  Partial<Record<`aria-${string}` | `data-${string}`, string>> & { onclick?: () => void; disabled?: boolean };

export function h<K extends keyof HTMLElementTagNameMap>(
  tag: K,
  props: Props = {},
  ...children: readonly Child[]
): HTMLElementTagNameMap[K] {
  const element = document.createElement(tag);
  for (const [name, value] of Object.entries(props)) {
    if (name === 'onclick' && typeof value === 'function') element.addEventListener('click', value);
    else if (name === 'disabled') element.toggleAttribute('disabled', value === true);
    else if (typeof value === 'string') element.setAttribute(name, value);
  }
  element.append(...children.filter((c): c is Node | string => c !== null && c !== false));
  return element;
}

/** One of our own drawings; mirrored where its key asks for it. */
export function picture(pictures: Readonly<Record<string, string>>, key: string, words: string): HTMLElement {
  const mirrored = key.startsWith('~');
  const box = h('div', { class: mirrored ? 'picture mirrored' : 'picture', role: 'img', 'aria-label': words });
  const drawn = new DOMParser().parseFromString(pictures[mirrored ? key.slice(1) : key] ?? '', 'image/svg+xml');
  if (drawn.documentElement.nodeName === 'svg') box.append(document.importNode(drawn.documentElement, true));
  return box;
}

export const button = (words: string, onclick: () => void, kind = ''): HTMLButtonElement =>
  h('button', { type: 'button', class: kind, onclick }, words);

/** Day or night, as the colours are told by. */
export const paintedBy = (night: boolean): void =>
  void (document.documentElement.dataset.muiColorScheme = night ? 'dark' : 'light');

/** Shows a screen and puts the focus on its heading, so that it is spoken. */
export function show(...children: readonly Child[]): void {
  const app = document.getElementById('app');
  if (!app) return;
  app.replaceChildren(...children.filter((c): c is Node | string => c !== null && c !== false));
  const head = app.querySelector('h1');
  head?.setAttribute('tabindex', '-1');
  head?.focus({ preventScroll: true });
  window.scrollTo(0, 0);
}
