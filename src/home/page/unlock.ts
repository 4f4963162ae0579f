import { openCipher } from '@/core/formats/cipher';
import type { Say } from '@/core/languages/as-written';
import { h, show } from './dom';

interface Locked {
  kdf: { iterations: number; salt: string };
  cipher: { iv: string };
  data: string;
}

/** Asks for the passphrase of a locked file until it opens. */
export function unlocked(text: string, say: Say, then: (inside: string) => void): void {
  const { kdf, cipher, data } = JSON.parse(text) as Locked;
  const field = h('input', { id: 'passphrase', type: 'password' });
  field.autocomplete = 'off';
  const told = h('p', { role: 'alert', class: 'strong' });
  const form = h(
    'form',
    {},
    h('label', { for: 'passphrase' }, say('Passphrase')),
    field,
    told,
    h('footer', {}, h('button', { type: 'submit', class: 'main' }, say('Open'))),
  );
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    told.textContent = say('One moment …');
    openCipher({ ...kdf, iv: cipher.iv, data }, field.value).then(then, () => {
      told.textContent = say('That does not open it. Look at capitals and blanks, or ask your teacher.');
    });
  });
  show(
    h('h1', {}, say('Your practice is locked')),
    h('p', {}, say('Your teacher told you the words that open it.')),
    form,
  );
}
