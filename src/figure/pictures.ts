import { wrap } from 'comlink';
import { draw } from './draw';
import type { PicturesDoor } from './pictures.worker';
import type { Detail, Drawing, Scene } from './scene';
import { Shelf, type DrawingKeeper } from './shelf';

/** Drawings that are kept, about 20 kB each. */
const KEPT = 500;
/** Drawings that are written to the shelf together. */
const TOGETHER = 12;
/** Drawings from the shelf that are handed out at once: a page that shows a whole list in one go stands still. */
const AT_ONCE = 3;

/** Something that waits for a drawing. */
interface Order {
  scene: Scene;
  detail: Detail;
  waiting: Set<(drawing: Drawing | null) => void>;
  /** It was looked for on the shelf. */
  looked: boolean;
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
 * itself. What was drawn on an earlier day is taken from the shelf.
 */
export class Pictures {
  readonly #kept = new Map<string, Drawing>();
  readonly #shelf = new Shelf();
  readonly #orders = new Map<string, Order>();
  #painter: Painter | null | undefined;
  #busy = false;

  constructor(private readonly start: () => Painter | null = startWorker) {}

  /** Says where drawings are kept beyond the life of the page. */
  keepIn(where: DrawingKeeper): void {
    this.#shelf.keepIn(where);
  }

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
    const order = this.#orders.get(word) ?? { scene, detail, waiting: new Set(), looked: false };
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
    for (;;) {
      if (this.#shelf.there) await this.#look();
      const first = this.#first();
      if (!first) break;
      const [word, order] = first;
      this.#orders.delete(word);
      const known = this.#kept.get(word);
      const drawing = known ?? (await this.#make(order));
      if (drawing && !known && order.detail !== 'moving') this.#shelf.put(word, drawing);
      this.#hand(word, order, drawing);
      this.#shelf.write(TOGETHER);
    }
    this.#shelf.write();
    this.#busy = false;
  }

  /** Hands out what is on the shelf of all that was asked for since the last look, until nothing new is asked for. */
  async #look(): Promise<void> {
    for (;;) {
      // Whoever asks together is looked for together.
      await Promise.resolve();
      const asked = [...this.#orders].filter(([, order]) => !order.looked);
      if (asked.length === 0) return;
      for (const [, order] of asked) order.looked = true;
      const found = await this.#shelf.find(asked.map(([word]) => word));
      let handed = 0;
      for (const [i, [word, order]] of asked.entries()) {
        const drawing = found[i];
        // Nobody may wait for it any longer, or somebody newer.
        if (!drawing || this.#orders.get(word) !== order) continue;
        this.#orders.delete(word);
        this.#hand(word, order, drawing);
        if (++handed % AT_ONCE === 0) await new Promise((done) => setTimeout(done));
      }
    }
  }

  #hand(word: string, order: Order, drawing: Drawing | null): void {
    if (drawing) this.#keep(word, drawing);
    for (const done of order.waiting) done(drawing);
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
