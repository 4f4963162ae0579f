import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Keeper } from './kept';

/** The module as a build makes it, with a model of its own. */
async function withModel(model: string) {
  vi.resetModules();
  vi.stubEnv('KOLPOS_MODEL', model);
  return import('./kept');
}
function memory(): Keeper & { all: Map<string, unknown> } {
  const all = new Map<string, unknown>();
  return {
    all,
    get: (kind, name) => Promise.resolve(all.get(`${kind}/${name}`)),
    put: (kind, name, value) => Promise.resolve(void all.set(`${kind}/${name}`, value)),
  };
}
afterEach(() => vi.unstubAllEnvs());

describe('results', () => {
  it('are asked for once, and again only for another question', async () => {
    const { keepIn, keptOr } = await withModel('m1');
    keepIn(memory());
    const ask = vi.fn(() => Promise.resolve([1, 2]));
    expect(await keptOr('ranking', 'who', ask)).toEqual([1, 2]);
    expect(await keptOr('ranking', 'who', ask)).toEqual([1, 2]);
    expect(ask).toHaveBeenCalledTimes(1);
    await keptOr('ranking', 'who else', ask);
    await keptOr('inference', 'who', ask);
    expect(ask).toHaveBeenCalledTimes(3);
  });
  it('of an older model are not looked at', async () => {
    const where = memory();
    const first = await withModel('m1');
    first.keepIn(where);
    await first.keptOr('ranking', 'who', () => Promise.resolve('old'));
    const second = await withModel('m2');
    second.keepIn(where);
    expect(await second.keptOr('ranking', 'who', () => Promise.resolve('new'))).toBe('new');
  });
  it('that answer another question with the same name are not taken', async () => {
    const { keepIn, keptOr } = await withModel('m1');
    const where = memory();
    keepIn(where);
    await keptOr('ranking', 'who', () => Promise.resolve('a'));
    for (const name of where.all.keys()) where.all.set(name, { question: 'somebody else', value: 'b' });
    expect(await keptOr('ranking', 'who', () => Promise.resolve('a'))).toBe('a');
  });
  it('are worked out where nothing can be kept, and what was given up is not kept', async () => {
    const { keepIn, keptOr } = await withModel('m1');
    keepIn({ get: () => Promise.reject(new Error('blocked')), put: () => Promise.reject(new Error('full')) });
    expect(await keptOr('ranking', 'who', () => Promise.resolve(3))).toBe(3);
    const where = memory();
    keepIn(where);
    expect(await keptOr('ranking', 'who', () => Promise.resolve(null))).toBeNull();
    expect(where.all.size).toBe(0);
  });
  it('are never kept in development', async () => {
    const { keepIn, keptOr } = await withModel('');
    const where = memory();
    keepIn(where);
    await keptOr('ranking', 'who', () => Promise.resolve(1));
    expect(where.all.size).toBe(0);
  });
});
