import { wrap } from 'comlink';
import { draw } from './draw';
import type { PicturesDoor } from './pictures.worker';
import type { Detail, Drawing, Scene } from './scene';

/** Drawings that are kept, about 20 kB each. */
const KEPT = 500;

/** Something that waits for a drawing. */
interface Order {
  scene: Scene;
  detail: Detail;
  waiting: Set<(drawing: Drawing | null) => void>;
}

/** Whoever draws beside the page, and a promise that fails when it is gone. */
export interface Painter {
  draw: (scene: Scene, detail: Detail) => Promise<Drawing>;
  gone: Promise<never>;
}

/** The worker; null where there is none or the browser blocks it. */
function startWorker(): Painter | null {
  if (typeof Worker === 'undefined') return null;
  try {
    const worker = new Worker(new URL('./pictures.worker.ts', import.meta.url), { type: 'module' });
    const gone = new Promise<never>((_, fail) => {
      // A worker that did not load or died answers nothing more: whoever waits must hear of it.
      worker.onerror = () => fail(new Error('The worker that draws is gone.'));
    });
    gone.catch(() => undefined);
    const door = wrap<PicturesDoor>(worker);
    return { draw: (scene, detail) => door.draw(scene, detail), gone };
  } catch {
    return null;
  }
}

/**
 * Drawings made beside the page, one at a time and newest wishes only: what nobody waits for any longer is not drawn.
 * Those made are kept, the least used forgotten first. Where there is no worker, or it is gone, the page draws by
 * itself.
 */
export class Pictures {
  readonly #kept = new Map<string, Drawing>();
  readonly #orders = new Map<string, Order>();
  #painter: Painter | null | undefined;
  #busy = false;

  constructor(private readonly start: () => Painter | null = startWorker) {}

  /** A drawing that is there already. */
  known(word: string): Drawing | undefined {
    const drawing = this.#kept.get(word);
    if (drawing) {
      this.#kept.delete(word);
      this.#kept.set(word, drawing);
    }
    return drawing;
  }

  /** Asks for a drawing; the answer stops it. `done` is given null where it could not be drawn. */
  ask(word: string, scene: Scene, detail: Detail, done: (drawing: Drawing | null) => void): () => void {
    const order = this.#orders.get(word) ?? { scene, detail, waiting: new Set() };
    order.waiting.add(done);
    this.#orders.set(word, order);
    void this.#next();
    return () => {
      order.waiting.delete(done);
      if (order.waiting.size === 0 && this.#orders.get(word) === order) this.#orders.delete(word);
    };
  }

  async #next(): Promise<void> {
    if (this.#busy) return;
    this.#busy = true;
    for (let first = this.#first(); first; first = this.#first()) {
      const [word, order] = first;
      this.#orders.delete(word);
      const drawing = this.#kept.get(word) ?? (await this.#make(order));
      if (drawing) this.#keep(word, drawing);
      for (const done of order.waiting) done(drawing);
    }
    this.#busy = false;
  }

  /** The large picture before the list beside it, else the oldest wish. */
  #first(): [string, Order] | undefined {
    let oldest: [string, Order] | undefined;
    for (const entry of this.#orders) {
      if (entry[1].detail === 'large') return entry;
      oldest ??= entry;
    }
    return oldest;
  }

  async #make({ scene, detail }: Order): Promise<Drawing | null> {
    if (this.#painter === undefined) this.#painter = this.start();
    const painter = this.#painter;
    if (painter)
      try {
        return await Promise.race([painter.draw(scene, detail), painter.gone]);
      } catch {
        this.#painter = null;
      }
    try {
      return draw(scene, detail);
    } catch {
      return null;
    }
  }

  #keep(word: string, drawing: Drawing): void {
    this.#kept.set(word, drawing);
    if (this.#kept.size <= KEPT) return;
    const oldest = this.#kept.keys().next().value;
    if (oldest !== undefined) this.#kept.delete(oldest);
  }
}

/** The page's own. */
export const pictures = new Pictures();
