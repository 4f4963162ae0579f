import type { Maker } from './node';

/** People made in one piece. */
const AT_ONCE = 25;

/**
 * Long trials in pieces of some people each, so that every core has work.
 * @param sizes people of each trial, a multiple of a batch
 * @param make a batch of a trial: how many, from which number on
 */
export function inBatches<Name extends string>(
  sizes: Readonly<Record<Name, number>>,
  make: (name: Name, count: number, from: number) => unknown,
) {
  const names = Object.keys(sizes) as Name[];
  const keysOf = (name: Name): string[] =>
    Array.from({ length: sizes[name] / AT_ONCE }, (_, i) => `${name}:${i * AT_ONCE}`);
  const pieces: NonNullable<Maker['pieces']> = {
    keys: () => Object.fromEntries(names.flatMap(keysOf).map((key) => [key, ''])),
    make: (key) => {
      const [name, from] = key.split(':');
      return make(name as Name, AT_ONCE, Number(from));
    },
    kept: () => ({}),
  };
  return {
    pieces,
    /** What the batches of a trial made, in their order. */
    all: <T>(name: Name, made: Readonly<Record<string, unknown>>): T[] => keysOf(name).map((key) => made[key] as T),
  };
}
