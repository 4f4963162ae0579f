import type { HomePlay } from '@/core/home/code';
import type { HomeItem } from '@/core/home/home-file';
import type { PlayerState } from '@/core/teaching/player';

/**
 * What stays on the phone between days. Where a browser keeps nothing for a file, it lasts as long as the page is open,
 * and that is said.
 */

export type HomePlayer = Omit<PlayerState, 'items'> & { items: HomeItem[] };

export interface Kept {
  /** Practised and not shown to the teacher yet, oldest first. */
  plays: HomePlay[];
  /** Under way. */
  running: HomePlayer | null;
  /** Days of the week plan that were ticked, or practised. */
  done: string[];
  night: boolean;
  voice: boolean;
  bell: boolean;
}

const EMPTY: Kept = { plays: [], running: null, done: [], night: false, voice: false, bell: true };
/** Plays that are kept: the teacher hears of the newest. */
const MOST_PLAYS = 60;

export class Memory {
  #kept: Kept;
  /** False where the browser keeps nothing. */
  lasts = true;
  readonly #key: string;

  constructor(file: string) {
    this.#key = `kolpos-home-${file}`;
    this.#kept = { ...EMPTY, ...this.#read() };
  }

  #read(): Partial<Kept> {
    try {
      const text = localStorage.getItem(this.#key);
      const data: unknown = text === null ? {} : JSON.parse(text);
      return typeof data === 'object' && data !== null ? data : {};
    } catch {
      this.lasts = false;
      return {};
    }
  }

  get now(): Readonly<Kept> {
    return this.#kept;
  }

  put(change: Partial<Kept>): void {
    this.#kept = { ...this.#kept, ...change, plays: (change.plays ?? this.#kept.plays).slice(-MOST_PLAYS) };
    try {
      localStorage.setItem(this.#key, JSON.stringify(this.#kept));
    } catch {
      this.lasts = false;
    }
  }
}
