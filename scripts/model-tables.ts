/**
 * Writes the computed tables of `docs/model.md` between their marks: the lines, what resists at the mean end of every
 * length test, and the reversals. Run after any change of geometry or tolerances: `npm run model-tables`. With `--print`
 * the page goes to standard output instead; a test compares it with the committed one.
 */
import { readFileSync, writeFileSync } from 'node:fs';
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
} from '../src/core/body';
import { GROUP_WORDS } from '../src/core/body/words';

const page = new URL('../docs/model.md', import.meta.url);
const row = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
const table = (head: readonly string[], rows: readonly (readonly string[])[]) =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');

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

let text = readFileSync(page, 'utf8');
for (const [name, content] of Object.entries({ lines, validation, reversals })) {
  const marks = new RegExp(`(<!-- ${name}: computed -->\n)[\\s\\S]*?(<!-- end -->)`);
  if (!marks.test(text)) throw new Error(`docs/model.md has no marks for "${name}"`);
  text = text.replace(marks, (_, open: string, close: string) => `${open}\n${content}\n\n${close}`);
}
if (process.argv.includes('--print')) process.stdout.write(text);
else writeFileSync(page, text);
