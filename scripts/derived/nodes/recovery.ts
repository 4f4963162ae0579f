/**
 * Writes `docs/recovery.json`: how the inference fares on made-up students of a world that differs from what it
 * believes. A test runs the first students of the other world and of that under stress anew and compares them with
 * the file.
 */
import { joined, quest, recover, type Quest, type Recovery } from '../../../demo/recovery';
import { digestOf, questSummary, saidSummary, summaryOf, type RecoveryFile } from '../../../demo/recovery-summary';
import { ANOTHER_WORLD, AS_BELIEVED, UNDER_STRESS } from '../../../demo/world';
import { inBatches } from '../batches';
import type { Maker } from '../node';

const MAKE = {
  world: (count: number, from: number) => recover(ANOTHER_WORLD, count, { from }),
  stress: (count: number, from: number) => recover(UNDER_STRESS, count, { from, geometries: 10 }),
  believed: (count: number, from: number) => recover(AS_BELIEVED, count, { from }),
  proposed: (count: number, from: number) => quest(ANOTHER_WORLD, count, 'proposed', { from }),
  listed: (count: number, from: number) => quest(ANOTHER_WORLD, count, 'listed', { from, most: 16 }),
};
const { pieces, all } = inBatches(
  { world: 400, stress: 150, believed: 150, proposed: 150, listed: 150 },
  (part, count, from) => MAKE[part](count, from),
);

export const maker: Maker = {
  pieces,
  files: async (made, version) => {
    const world = joined(all<Recovery>('world', made)),
      stress = joined(all<Recovery>('stress', made));
    const file: RecoveryFile = {
      comment:
        'Written by npm run derived recovery; shown in docs/model.md. digest, by student: right, said and sum of stated probabilities.',
      version,
      world: { ...summaryOf(world), digest: digestOf(world) },
      stress: { ...summaryOf(stress), digest: digestOf(stress) },
      believed: saidSummary(joined(all<Recovery>('believed', made)).said),
      proposed: questSummary(all<Quest[]>('proposed', made).flat()),
      listed: questSummary(all<Quest[]>('listed', made).flat()),
    };
    return { 'docs/recovery.json': JSON.stringify(file) };
  },
};
