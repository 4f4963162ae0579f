/**
 * Writes `docs/other-world.json`: how the inference fares in a world that shares nothing with it but the body's lines
 * and the tests' joint paths, and what each truth costs that is otherwise there. A test makes some of its people anew.
 */
import { OTHER_WORLDS, recoverElsewhere, type OtherWorld } from '../../../demo/other-recovery';
import type { Said } from '../../../demo/recovery';
import { digestOf, saidSummary, type OtherWorldFile } from '../../../demo/recovery-summary';
import { inBatches } from '../batches';
import type { Maker } from '../node';

const NAMES = Object.keys(OTHER_WORLDS) as OtherWorld[];
/** Values of a record by the names of the worlds. */
const byWorld = <T>(of: (name: OtherWorld) => T) =>
  Object.fromEntries(NAMES.map((name) => [name, of(name)])) as Record<OtherWorld, T>;
const { pieces, all } = inBatches(
  byWorld((name) => OTHER_WORLDS[name].students),
  recoverElsewhere,
);

export const maker: Maker = {
  pieces,
  files: async (made, version) => {
    const said = byWorld((name) => all<Said[]>(name, made).flat());
    const file: OtherWorldFile<OtherWorld> = {
      comment:
        'Written by npm run derived other-world; shown in docs/model.md. digest, by person of the usual world: right, said and sum of stated probabilities.',
      version,
      worlds: byWorld((name) => saidSummary(said[name])),
      digest: digestOf({ said: said.usual }),
    };
    return { 'docs/other-world.json': JSON.stringify(file) };
  },
};
