/** Writes the computed tables of `docs/model.md` between their marks. */
import { readFileSync } from 'node:fs';
import recovery from '../../../docs/recovery.json';
import type { OtherWorld } from '../../../demo/other-recovery';
import type { OtherWorldFile, RecoveryFile } from '../../../demo/recovery-summary';
import {
  COORDINATE_WORDS,
  curveOf,
  HALF,
  HALF_NAMES,
  halfFromDegrees,
  HANGING_ENDS,
  LINE_STRUCTURES,
  LINES,
  lineWords,
  MuscleModel,
  newHalf,
  PUSHED_ENDS,
  resistanceAt,
  StrandModel,
  typicalEnd,
} from '../../../src/core/body';
import { GROUP_WORDS } from '../../../src/core/body/words';
import { table, withParts } from '../marks';
import type { Maker } from '../node';
import otherWorld from '../../../docs/other-world.json';
import { otherWorldTables } from './other-world-tables';
import { recoveryTables } from './recovery-tables';

const PAGE = 'docs/model.md';
/** The tables that the model alone computes. */
function modelTables(): Record<string, string> {
  const strands = new StrandModel();
  const muscles = new MuscleModel();

  const lines = table(
    ['line', 'structure', 'fibre cm', 'force N', 'typical end (fibres)', 'confidence'],
    LINES.map((l) => {
      const end = typicalEnd(l.line, 'pushed');
      const told = end ? `${end.lowerBound ? '≥ ' : ''}${end.end.toFixed(2)} ± ${end.sd.toFixed(2)}` : 'none';
      return [l.line, l.structure, (l.fibreLength_m * 100).toFixed(1), String(l.maximumForce_N), told, l.confidence];
    }),
  );

  const ends = [
    ...Object.values(PUSHED_ENDS).map((e) => ({ e, manner: 'pushed' as const })),
    ...Object.values(HANGING_ENDS).map((e) => ({ e, manner: 'hanging' as const })),
  ].filter(({ e }) => e.named.length > 0);
  const validation = table(
    ['test, at its mean end', 'named by the field', 'resists most in the model', 'then', 'z of the first'],
    ends.map(({ e, manner }) => {
      const [first, second] = resistanceAt(strands, halfFromDegrees(e.at), e.along, manner);
      const say = (r: typeof first | undefined) =>
        r ? `${GROUP_WORDS[r.group].name} ${Math.round(100 * r.share)} %` : '–';
      const named = e.named.map((g) => GROUP_WORDS[g as keyof typeof GROUP_WORDS].name).join(' or ');
      return [
        e.name,
        named,
        say(first),
        second && second.share >= 0.01 ? say(second) : '–',
        (Math.abs(first.z) < 0.05 ? 0 : first.z).toFixed(1),
      ];
    }),
  );

  const reversals = table(
    ['muscle', 'about', 'below', 'above', 'hip flexion'],
    LINE_STRUCTURES.flatMap((structure) =>
      curveOf(muscles, newHalf(), structure, HALF.hipFlexion)
        .reversals.filter((r) => r.at_deg > -25 && r.at_deg < 125)
        .map((r) => [
          r.line ? `${structure}, ${lineWords(r.line)}` : structure,
          COORDINATE_WORDS[HALF_NAMES[r.about]].name,
          r.below,
          r.above,
          `${Math.round(r.at_deg)}°`,
        ]),
    ),
  );
  return { lines, validation, reversals };
}

export const maker: Maker = {
  files: async () => {
    const parts = {
      ...modelTables(),
      ...recoveryTables(recovery as unknown as RecoveryFile),
      ...otherWorldTables(otherWorld as unknown as OtherWorldFile<OtherWorld>),
    };
    return { [PAGE]: withParts(readFileSync(PAGE, 'utf8'), parts, PAGE) };
  },
};
