import { say } from '@/core/languages/spoken';
import { fail, type Failed } from './json';

/**
 * The text of a file's bytes, which must be UTF-8: in any other encoding names would come in garbled without a word.
 * Never throws.
 */
export function textOf(bytes: Uint8Array): { ok: true; text: string } | Failed {
  try {
    return { ok: true, text: new TextDecoder('utf-8', { fatal: true }).decode(bytes) };
  } catch {
    return fail(
      say('the file'),
      say('Its letters are not in UTF-8. Was it saved by another program? Save it as UTF-8 and try again.'),
    );
  }
}
