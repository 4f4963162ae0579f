/**
 * Writes `docs/recovery.json`: how the inference fares on made-up students of a world that differs from what it believes.
 * A test runs the first students of each world anew and compares them with the file.
 */
import { joined, quest, recover, type Quest, type Recovery } from '../../../demo/recovery';
import { digestOf, questSummary, summaryOf, type RecoveryFile } from '../../../demo/recovery-summary';
import { ANOTHER_WORLD, UNDER_STRESS } from '../../../demo/world';
import type { Maker } from '../node';

/** Students made in one piece. */
const AT_ONCE = 25;

const PARTS = {
  world: { students: 400, make: (from: number) => recover(ANOTHER_WORLD, AT_ONCE, { from }) },
  stress: { students: 150, make: (from: number) => recover(UNDER_STRESS, AT_ONCE, { from, geometries: 10 }) },
  proposed: { students: 150, make: (from: number) => quest(ANOTHER_WORLD, AT_ONCE, 'proposed', { from }) },
  listed: { students: 150, make: (from: number) => quest(ANOTHER_WORLD, AT_ONCE, 'listed', { from, most: 16 }) },
} as const;
type Part = keyof typeof PARTS;

const keysOf = (part: Part): string[] =>
  Array.from({ length: PARTS[part].students / AT_ONCE }, (_, i) => `${part}:${i * AT_ONCE}`);

export const maker: Maker = {
  pieces: {
    keys: () => Object.fromEntries((Object.keys(PARTS) as Part[]).flatMap(keysOf).map((key) => [key, ''])),
    make: (key) => {
      const [part, from] = key.split(':');
      return PARTS[part as Part].make(Number(from));
    },
    kept: () => ({}),
  },
  files: async (pieces, version) => {
    const all = <T>(part: Part) => keysOf(part).map((key) => pieces[key] as T);
    const world = joined(all<Recovery>('world')),
      stress = joined(all<Recovery>('stress'));
    const file: RecoveryFile = {
      comment:
        'Written by npm run derived recovery; shown in docs/model.md. digest, by student: right, said and sum of stated probabilities.',
      version,
      world: { ...summaryOf(world), digest: digestOf(world) },
      stress: { ...summaryOf(stress), digest: digestOf(stress) },
      proposed: questSummary(all<Quest[]>('proposed').flat()),
      listed: questSummary(all<Quest[]>('listed').flat()),
    };
    return { 'docs/recovery.json': JSON.stringify(file) };
  },
};
