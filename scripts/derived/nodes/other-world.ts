/**
 * Writes `docs/other-world.json`: how the inference fares in a world that shares nothing with it but the body's lines and
 * the tests' joint paths, and what each truth costs that is otherwise there. A test makes some of its people anew.
 */
import {
  OTHER_WORLDS,
  otherSummary,
  recoverElsewhere,
  type OtherSummary,
  type OtherWorld,
} from '../../../demo/other-recovery';
import type { Said } from '../../../demo/recovery';
import type { Maker } from '../node';

/** People made in one piece. */
const AT_ONCE = 25;
const NAMES = Object.keys(OTHER_WORLDS) as OtherWorld[];

const keysOf = (name: OtherWorld): string[] =>
  Array.from({ length: OTHER_WORLDS[name].students / AT_ONCE }, (_, i) => `${name}:${i * AT_ONCE}`);

/** The file: a summary by world, with each of its first people's right and all statements. */
export interface OtherWorldFile {
  comment: string;
  version: string;
  worlds: Record<OtherWorld, OtherSummary>;
  digest: [right: number, said: number][];
}

export const maker: Maker = {
  pieces: {
    keys: () => Object.fromEntries(NAMES.flatMap(keysOf).map((key) => [key, ''])),
    make: (key) => {
      const [name, from] = key.split(':');
      return recoverElsewhere(name as OtherWorld, AT_ONCE, Number(from));
    },
    kept: () => ({}),
  },
  files: async (pieces, version) => {
    const all = (name: OtherWorld) => keysOf(name).flatMap((key) => pieces[key] as Said[]);
    const first = all('usual').filter((s) => s.student < AT_ONCE);
    const file: OtherWorldFile = {
      comment:
        'Written by npm run derived other-world; shown in docs/model.md. digest, by person of the usual world: right and said.',
      version,
      worlds: Object.fromEntries(NAMES.map((name) => [name, otherSummary(all(name))])) as OtherWorldFile['worlds'],
      digest: Array.from({ length: AT_ONCE }, (_, k) => {
        const own = first.filter((s) => s.student === k);
        return [own.filter((s) => s.engine === s.truth).length, own.length];
      }),
    };
    return { 'docs/other-world.json': JSON.stringify(file) };
  },
};
