/**
 * Writes `src/core/body/data/tolerances.json`: where typical people stop each muscle line, from the tests' norms.
 * T = the largest elongation reached over the mean end positions of the line's own tests; σ = slope of elongation
 * along that test × the test's spread, at least 0.08 T and 0.03. Lines that no test brings to their end get the largest
 * value met anywhere plus one σ, and are marked as lower bounds. Run after any change of geometry: `npm run calibrate`.
 */
import { writeFileSync } from 'node:fs';
import { LINES } from '../src/core/body/lines';
import { halfFromDegrees, MuscleModel } from '../src/core/body/muscle-model';

type Angles = Parameters<typeof halfFromDegrees>[0];
interface Anchor {
  at: Angles;
  /** Direction of the movement, degrees per degree of the reading. */
  along: Angles;
  sd: number;
  source: string;
}

const pushed: Record<string, Anchor> = {
  'hip-extension': {
    at: { hipFlexion: -20 },
    along: { hipFlexion: -1 },
    sd: 8,
    source: 'passive hip extension, Soucie 2011 (18) and Roach & Miles 1991 (19 ± 8), rounded',
  },
  'prone-knee-bend': { at: { kneeFlexion: 130 }, along: { kneeFlexion: 1 }, sd: 12, source: 'rule of thumb 130 ± 12' },
  'kneeling-sit': {
    at: { hipFlexion: 90, kneeFlexion: 142 },
    along: { kneeFlexion: 1 },
    sd: 7,
    source: 'Soucie 2011 passive knee flexion, spread ours',
  },
  'straight-leg-raise': {
    at: { hipFlexion: 55 },
    along: { hipFlexion: 0.76 },
    sd: 9,
    source: 'Youdas 2005, women and men pooled, pelvic share 24 % removed',
  },
  'knee-extension-90-90': {
    at: { hipFlexion: 77, kneeFlexion: 33 },
    along: { kneeFlexion: -1 },
    sd: 10,
    source: 'Youdas 2005, pooled',
  },
  ober: {
    at: { hipFlexion: -8, hipAdduction: 19, kneeFlexion: 90 },
    along: { hipAdduction: 1 },
    sd: 7.6,
    source: 'Reese & Bandy 2003',
  },
  'modified-ober': {
    at: { hipFlexion: -8, hipAdduction: 23, kneeFlexion: 5 },
    along: { hipAdduction: 1 },
    sd: 6.9,
    source: 'Reese & Bandy 2003',
  },
  'inward-prone': {
    at: { hipRotation: 40, kneeFlexion: 90 },
    along: { hipRotation: 1 },
    sd: 9,
    source: 'Simoneau 1998, active 36 ± 9, 4 added for passive',
  },
  'outward-prone': {
    at: { hipRotation: -48, kneeFlexion: 90 },
    along: { hipRotation: -1 },
    sd: 10,
    source: 'Simoneau 1998, active 45 ± 10, 3 added for passive',
  },
  'inward-seated': {
    at: { hipFlexion: 85, hipRotation: 36, kneeFlexion: 90 },
    along: { hipRotation: 1 },
    sd: 8,
    source: 'Simoneau 1998, rounded',
  },
  'outward-seated': {
    at: { hipFlexion: 85, hipRotation: -42, kneeFlexion: 90 },
    along: { hipRotation: -1 },
    sd: 9,
    source: 'Simoneau 1998 and Boone & Azen 1979, rounded',
  },
  'knee-across': {
    at: { hipFlexion: 85, hipAdduction: 26, kneeFlexion: 110 },
    along: { hipAdduction: 1 },
    sd: 8,
    source: 'rule of thumb 20 ± 8 past the midline, pelvis share added',
  },
  'figure-four': {
    at: { hipFlexion: 90, hipAdduction: -39, hipRotation: -49, kneeFlexion: 124 },
    along: { hipRotation: -1 },
    sd: 10,
    source: 'rule of thumb; joint angles solved so that the ankle lies on the other thigh',
  },
  'knee-to-chest': {
    at: { hipFlexion: 112, kneeFlexion: 130 },
    along: { hipFlexion: 1 },
    sd: 10,
    source: 'Soucie 2011 passive (about 130), pelvic share of 18 removed, spread ours',
  },
  'abduction-straight': {
    at: { hipAdduction: -42 },
    along: { hipAdduction: -1 },
    sd: 9,
    source: 'Roach & Miles 1991 (42 ± 11)',
  },
  'abduction-bent': {
    at: { hipAdduction: -46, kneeFlexion: 90 },
    along: { hipAdduction: -1 },
    sd: 9,
    source: 'rule of thumb 45 ± 11',
  },
  'bent-knee-fall-out': {
    at: { hipFlexion: 50, hipAdduction: -42, hipRotation: -42, kneeFlexion: 100 },
    along: { hipAdduction: -0.7, hipRotation: -0.7 },
    sd: 9,
    source: 'rule of thumb',
  },
  straddle: {
    at: { hipFlexion: 70, hipAdduction: -50 },
    along: { hipAdduction: -1 },
    sd: 10,
    source: 'rule of thumb 100 ± 20 between the thighs',
  },
  'bound-soles': {
    at: { hipFlexion: 102, hipAdduction: -43, hipRotation: -38, kneeFlexion: 119 },
    along: { hipAdduction: -0.7, hipRotation: -0.7 },
    sd: 10,
    source: 'ours: makes the adductors the limit in bound soles; joint angles solved so that the soles meet',
  },
  'knee-to-wall': {
    at: { kneeFlexion: 70, ankleDorsiflexion: 33 },
    along: { ankleDorsiflexion: 1 },
    sd: 6,
    source: 'Bennell 1998 method; 10 ± 3.5 cm rule of thumb',
  },
  'straight-knee-lunge': {
    at: { ankleDorsiflexion: 26 },
    along: { ankleDorsiflexion: 1 },
    sd: 6,
    source: 'rule of thumb 33 ± 6 shin, joint share',
  },
};

/** The Thomas test at its typical end: thigh 5° below the table, pelvis rolled back 6°, knee 52°, drift 16°. */
const thomas: Angles = { hipFlexion: -11, hipAdduction: -15.6, kneeFlexion: 52.5 };
const hanging: Record<string, Anchor> = {
  'thomas-hip': { at: thomas, along: { hipFlexion: -1 }, sd: 8, source: 'modified Thomas, rule of thumb 5 ± 8' },
  'thomas-knee': { at: thomas, along: { kneeFlexion: 1 }, sd: 7.6, source: 'Harvey 1998 (52.5 ± 7.6)' },
  'thomas-drift': { at: thomas, along: { hipAdduction: 1 }, sd: 5.8, source: 'Harvey 1998 (15.6 ± 5.8)' },
};

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
};
const ownByLine: Record<string, string[]> = {
  'gluteus-medius-middle': ['figure-four', 'bound-soles', 'knee-across', 'inward-prone'],
  'gluteus-medius-posterior': ['figure-four', 'bound-soles', 'knee-across', 'inward-prone'],
};
const ownHanging: Record<string, string> = {
  psoas: 'thomas-hip',
  iliacus: 'thomas-hip',
  'rectus-femoris': 'thomas-knee',
  'tensor-fasciae-latae': 'thomas-drift',
};

const model = new MuscleModel();
const out = new Float64Array(model.lineCount);
const elongation = (angles: Angles, line: number) => model.elongations(halfFromDegrees(angles), out)[line];

function step(angles: Angles, along: Angles, by: number): Angles {
  const moved: Record<string, number> = { ...angles };
  for (const [name, v] of Object.entries(along)) moved[name] = (moved[name] ?? 0) + v * by;
  return moved as Angles;
}

function calibrate(line: number, anchors: [string, Anchor][], lowerBound: boolean) {
  const [id, best] = anchors.reduce((a, b) => (elongation(b[1].at, line) > elongation(a[1].at, line) ? b : a));
  const end = elongation(best.at, line);
  const slope =
    (elongation(step(best.at, best.along, 0.5), line) - elongation(step(best.at, best.along, -0.5), line)) * best.sd;
  const sd = Math.max(Math.abs(slope), 0.08 * Math.abs(end), 0.03);
  const round = (v: number) => Math.round(v * 1e4) / 1e4;
  return { end: round(end + (lowerBound ? sd : 0)), sd: round(sd), lowerBound, anchor: `${id}: ${best.source}` };
}

const strands: Record<string, unknown> = {};
LINES.forEach((line, i) => {
  if (['sartorius', 'biceps-femoris-short-head'].includes(line.structure)) return;
  if (['erector-spinae', 'quadratus-lumborum', 'rectus-abdominis'].includes(line.structure)) return;
  const tests = ownByLine[line.line] ?? own[line.structure];
  const anchors = Object.entries(pushed).filter(([id]) => !tests || tests.includes(id));
  const entry: Record<string, unknown> = { pushed: calibrate(i, anchors, !tests) };
  const hang = ownHanging[line.structure];
  if (hang) entry.hanging = calibrate(i, [[hang, hanging[hang]]], false);
  strands[line.line] = entry;
});

const target = new URL('../src/core/body/data/tolerances.json', import.meta.url);
const rows = Object.entries(strands).map(([id, v]) => `  ${JSON.stringify(id)}: ${JSON.stringify(v)}`);
const text = `{\n "note": "Written by npm run calibrate; do not edit by hand.",\n "strands": {\n${rows.join(',\n')}\n }\n}\n`;
// With --print the file is left alone: a test compares what would be written with what is committed.
if (process.argv.includes('--print')) process.stdout.write(text);
else writeFileSync(target, text);
