import { digest } from '@/core/digest';
import type { Drawing } from './scene';

/** Where drawings are kept beyond the life of a page: whoever has a database gives one. */
export interface DrawingKeeper {
  getAll(kind: string, names: readonly string[]): Promise<unknown[]>;
  putAll(kind: string, rows: readonly { name: string; value: unknown }[]): Promise<void>;
}

/**
 * Fingerprint of the code and data that draw, set when the application is built: what an older one drew is not shown.
 * Empty in development, where nothing is kept.
 */
const DRAWN_BY = process.env.KOLPOS_DRAWN_BY ?? '';

/** A drawing with the whole word of its scene: two words may share a digest. */
interface Shelved {
  word: string;
  drawing: Drawing;
}
const KIND = 'drawing';
const nameOf = (word: string): string => `${DRAWN_BY}/${digest(word)}`;

/** Drawings that outlive the page. What cannot be read or written, on a full disk, is drawn anew. */
export class Shelf {
  #keeper: DrawingKeeper | null = null;
  #new: { name: string; value: Shelved }[] = [];

  /** Says where drawings are kept from now on. What was drawn until then stays with where it was drawn for. */
  keepIn(where: DrawingKeeper): void {
    this.write();
    this.#keeper = where;
  }

  get there(): boolean {
    return this.#keeper !== null && DRAWN_BY !== '';
  }

  /** The drawings of these words, in their order; null where there is none. */
  async find(words: readonly string[]): Promise<(Drawing | null)[]> {
    const rows = await this.#keeper?.getAll(KIND, words.map(nameOf)).catch(() => undefined);
    return words.map((word, i) => {
      const row = rows?.[i] as Shelved | undefined;
      return row?.word === word ? row.drawing : null;
    });
  }

  /** Takes a drawing; it is written with the next `write`. */
  put(word: string, drawing: Drawing): void {
    if (this.there) this.#new.push({ name: nameOf(word), value: { word, drawing } });
  }

  /** Writes what was put, once there are so many. */
  write(atLeast = 1): void {
    if (this.#new.length < atLeast) return;
    const rows = this.#new;
    this.#new = [];
    void this.#keeper?.putAll(KIND, rows).catch(() => undefined);
  }
}
