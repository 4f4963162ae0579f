/**
 * Writes `src/core/body/data/tolerances.json`: where typical people stop each muscle line, from the tests' norms.
 * T = the largest elongation reached over the mean end positions of the line's own tests; σ = slope of elongation
 * along that test × the test's spread, at least 0.08 T and 0.03. Lines that no test brings to their end get the largest
 * value met anywhere plus one σ, and are marked as lower bounds.
 */
import { LINES } from '../../../src/core/body/lines';
import { halfFromDegrees, MuscleModel } from '../../../src/core/body/muscle-model';
import type { Maker } from '../node';
import { HANGING_ENDS, PUSHED_ENDS, type HalfAngles, type TestEnd } from '../../../src/core/body/test-ends';

/** The tests that bring each structure to its end. */
const own: Record<string, string[]> = {
  psoas: ['hip-extension'],
  iliacus: ['hip-extension'],
  'rectus-femoris': ['prone-knee-bend'],
  vasti: ['kneeling-sit'],
  'tensor-fasciae-latae': ['ober', 'modified-ober'],
  'gluteus-maximus': ['knee-to-chest', 'knee-across', 'figure-four'],
  piriformis: ['knee-across', 'figure-four', 'inward-prone'],
  'deep-external-rotators': ['inward-prone', 'inward-seated', 'abduction-bent'],
  'adductors-short': ['abduction-straight', 'abduction-bent', 'bent-knee-fall-out', 'bound-soles'],
  pectineus: ['abduction-straight', 'abduction-bent', 'bent-knee-fall-out'],
  'adductor-magnus': ['bound-soles', 'straddle', 'knee-to-chest', 'figure-four'],
  gracilis: ['abduction-straight', 'straddle'],
  hamstrings: ['straight-leg-raise', 'knee-extension-90-90'],
  gastrocnemius: ['straight-knee-lunge'],
  soleus: ['knee-to-wall'],
  'ankle-dorsiflexors': ['instep-gap'],
  'erector-spinae': ['spine-forward'],
  'quadratus-lumborum': ['spine-aside'],
  'rectus-abdominis': ['spine-back'],
  obliques: ['spine-aside', 'spine-back', 'spine-turn', 'spine-turn-back'],
};
const ownByLine: Record<string, string[]> = {
  'gluteus-medius-middle': ['figure-four', 'bound-soles', 'knee-across', 'inward-prone'],
  'gluteus-medius-posterior': ['figure-four', 'bound-soles', 'knee-across', 'inward-prone'],
};
/** Structures whose spread is that of their own test; others have at least 8 % of their end. */
const OWN_SPREAD: readonly string[] = ['vasti'];
const ownHanging: Record<string, string> = {
  psoas: 'thomas-hip',
  iliacus: 'thomas-hip',
  'rectus-femoris': 'thomas-knee',
  'tensor-fasciae-latae': 'thomas-drift',
};

const model = new MuscleModel();
const out = new Float64Array(model.lineCount);
const elongation = (angles: HalfAngles, line: number) => model.elongations(halfFromDegrees(angles), out)[line];

function step(angles: HalfAngles, along: HalfAngles, by: number): HalfAngles {
  const moved: Record<string, number> = { ...angles };
  for (const [name, v] of Object.entries(along)) moved[name] = (moved[name] ?? 0) + v * by;
  return moved as HalfAngles;
}

function calibrate(line: number, anchors: [string, TestEnd][], lowerBound: boolean) {
  const [id, best] = anchors.reduce((a, b) => (elongation(b[1].at, line) > elongation(a[1].at, line) ? b : a));
  const end = elongation(best.at, line);
  const slope =
    (elongation(step(best.at, best.along, 0.5), line) - elongation(step(best.at, best.along, -0.5), line)) * best.sd;
  // Where one joint alone brings a muscle to its end, people spread as the test says.
  const least = OWN_SPREAD.includes(LINES[line].structure) ? 0 : 0.08 * Math.abs(end);
  const sd = Math.max(Math.abs(slope), least, 0.03);
  const round = (v: number) => Math.round(v * 1e4) / 1e4;
  return { end: round(end + (lowerBound ? sd : 0)), sd: round(sd), lowerBound, anchor: `${id}: ${best.source}` };
}

function calibrated(): Record<string, unknown> {
  const strands: Record<string, unknown> = {};
  LINES.forEach((line, i) => {
    if (['sartorius', 'biceps-femoris-short-head'].includes(line.structure)) return;
    const tests = ownByLine[line.line] ?? own[line.structure];
    const anchors = Object.entries(PUSHED_ENDS).filter(([id]) => !tests || tests.includes(id));
    const entry: Record<string, unknown> = { pushed: calibrate(i, anchors, !tests) };
    const hang = ownHanging[line.structure];
    if (hang) entry.hanging = calibrate(i, [[hang, HANGING_ENDS[hang]]], false);
    strands[line.line] = entry;
  });
  return strands;
}

export const maker: Maker = {
  files: async () => {
    const rows = Object.entries(calibrated()).map(([id, v]) => `  ${JSON.stringify(id)}: ${JSON.stringify(v)}`);
    return {
      'src/core/body/data/tolerances.json': `{\n "note": "Written by npm run derived tolerances; do not edit by hand.",\n "strands": {\n${rows.join(',\n')}\n }\n}\n`,
    };
  },
};
