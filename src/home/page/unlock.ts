import { openCipher } from '@/core/formats/cipher';
import { h, show } from './dom';

interface Locked {
  kdf: { iterations: number; salt: string };
  cipher: { iv: string };
  data: string;
}

/** Asks for the passphrase of a locked file until it opens. */
export function unlocked(text: string, then: (inside: string) => void): void {
  const { kdf, cipher, data } = JSON.parse(text) as Locked;
  const field = h('input', { id: 'passphrase', type: 'password' });
  field.autocomplete = 'off';
  const told = h('p', { role: 'alert', class: 'strong' });
  const form = h(
    'form',
    {},
    h('label', { for: 'passphrase' }, 'Passphrase'),
    field,
    told,
    h('footer', {}, h('button', { type: 'submit', class: 'main' }, 'Open')),
  );
  form.addEventListener('submit', (event) => {
    event.preventDefault();
    told.textContent = 'One moment …';
    openCipher({ ...kdf, iv: cipher.iv, data }, field.value).then(then, () => {
      told.textContent = 'That does not open it. Look at capitals and blanks, or ask your teacher.';
    });
  });
  show(h('h1', {}, 'Your practice is locked'), h('p', {}, 'Your teacher told you the words that open it.'), form);
}
