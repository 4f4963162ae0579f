import { afterEach, describe, expect, it, vi } from 'vitest';
import { postureFrom } from '@/core/body';
import type { Painter } from './pictures';
import type { Detail, Drawing, Scene } from './scene';
import type { DrawingKeeper } from './shelf';
import { wordOf } from './word';

const scene = (knee: number): Scene => ({
  posture: postureFrom({ knee_flexion_right: knee }),
  view: { yaw: 0, pitch: 4 },
});
const drawn: Drawing = { paints: [], box: { x: 0, y: 0, width: 1, height: 1 }, points: {}, angles: [] };

function memory(): DrawingKeeper & { all: Map<string, unknown>; asked: number } {
  const all = new Map<string, unknown>();
  return {
    all,
    asked: 0,
    getAll(kind, names) {
      this.asked++;
      return Promise.resolve(names.map((name) => all.get(`${kind}/${name}`)));
    },
    putAll: (kind, rows) => Promise.resolve(rows.forEach((row) => all.set(`${kind}/${row.name}`, row.value))),
  };
}

/** A page of a build: its drawings, and how often its worker drew. */
async function page(where: DrawingKeeper, build = 'b1') {
  vi.resetModules();
  vi.stubEnv('KOLPOS_DRAWN_BY', build);
  const { Pictures } = await import('./pictures');
  const made: Detail[] = [];
  const painter: Painter = {
    draw: (_, detail) => {
      made.push(detail);
      return Promise.resolve(drawn);
    },
    gone: new Promise<never>(() => undefined),
  };
  const pictures = new Pictures(() => painter);
  pictures.keepIn(where);
  const all = (knees: readonly number[], detail: Detail = 'small') =>
    Promise.all(
      knees.map(
        (k) =>
          new Promise<Drawing | null>((done) => void pictures.ask(wordOf(scene(k), detail), scene(k), detail, done)),
      ),
    );
  return { all, made, pictures };
}
const KNEES = [10, 20, 30, 40, 50, 60, 70, 80];
afterEach(() => vi.unstubAllEnvs());

describe('drawings beyond the life of a page', () => {
  it('are there again on the next page, looked for together', async () => {
    const where = memory();
    const first = await page(where);
    await first.all(KNEES);
    expect(first.made).toHaveLength(KNEES.length);
    await vi.waitFor(() => expect(where.all.size).toBe(KNEES.length));
    where.asked = 0;
    const next = await page(where);
    expect(await next.all(KNEES)).toEqual(KNEES.map(() => drawn));
    expect(next.made).toEqual([]);
    expect(where.asked).toBe(1);
    expect(next.pictures.known(wordOf(scene(10), 'small'))).toBeDefined();
  });
  it('of another build, or of another scene by the same name, are not shown', async () => {
    const where = memory();
    await (await page(where)).all([10]);
    await vi.waitFor(() => expect(where.all.size).toBe(1));
    const newer = await page(where, 'b2');
    await newer.all([10]);
    expect(newer.made).toEqual(['small']);
    for (const name of where.all.keys()) where.all.set(name, { word: 'another scene', drawing: drawn });
    const same = await page(where);
    await same.all([10]);
    expect(same.made).toEqual(['small']);
  });
  it('are drawn anew where nothing can be kept, and quick ones never are', async () => {
    const full = await page({
      getAll: () => Promise.reject(new Error('blocked')),
      putAll: () => Promise.reject(new Error('full')),
    });
    expect(await full.all([10, 20])).toEqual([drawn, drawn]);
    const where = memory();
    const moving = await page(where);
    await moving.all([10], 'moving');
    await moving.all([20], 'large');
    await vi.waitFor(() => expect(where.all.size).toBe(1));
    const building = await page(where, '');
    await building.all([30]);
    expect(where.all.size).toBe(1);
  });
  it('of one studio are not written into the next', async () => {
    vi.resetModules();
    vi.stubEnv('KOLPOS_DRAWN_BY', 'b1');
    const { Shelf } = await import('./shelf');
    const first = memory(),
      second = memory(),
      shelf = new Shelf();
    shelf.keepIn(first);
    shelf.put('hers', drawn);
    shelf.keepIn(second);
    shelf.write();
    expect([first.all.size, second.all.size]).toEqual([1, 0]);
  });
  it('that nobody waits for any longer are not handed out', async () => {
    const where = memory();
    await (await page(where)).all([10]);
    await vi.waitFor(() => expect(where.all.size).toBe(1));
    const { pictures, all, made } = await page(where);
    const left = vi.fn();
    pictures.ask(wordOf(scene(10), 'small'), scene(10), 'small', left)();
    await all([20]);
    expect(left).not.toHaveBeenCalled();
    expect(made).toEqual(['small']);
  });
});
