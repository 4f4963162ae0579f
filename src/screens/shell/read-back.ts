import { say } from '@/core/languages/spoken';
import type { SetAside } from '@/core/formats/set-aside';

/**
 * What of a file that was just written could not be brought in again; null where the reader could not be fetched. It
 * knows the whole library, which no page needs to write a file.
 */
export const readBack = (text: string): Promise<readonly SetAside[] | null> =>
  import('@/store/read-back').then(
    (reader) => reader.notReadBack(text),
    () => null,
  );

/** What is said where a file was saved and nobody could read it back. */
export const notReadWords = (): string =>
  say('The file is saved, but Kolpos could not be reached to read it back. Save it once more later to be sure.');
