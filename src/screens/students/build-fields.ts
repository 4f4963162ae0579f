import { z } from 'zod';
import { measuresProblem, type Measures } from '@/core/body';
import type { Student } from '@/core/students/student';

/** Optional measures as they are typed, each with its label and how to take it. */
export const BUILD_FIELDS = [
  ['thigh_cm', 'Thigh, cm', 'Outer hip knob to the outer knee gap'],
  ['shank_cm', 'Shin, cm', 'Outer knee gap to the outer ankle knob'],
  ['foot_cm', 'Foot, cm', 'Heel to the longest toe'],
  ['trunk_cm', 'Trunk, cm', 'Outer hip knob to the tip of the shoulder'],
  ['pelvisWidth_cm', 'Pelvis, cm', 'Between the front hip bones'],
  ['versionLeft', 'Thigh bone twist left, degrees', 'As a clinician measured it; 12 is usual'],
  ['versionRight', 'Thigh bone twist right, degrees', 'As a clinician measured it; 12 is usual'],
] as const;
export type BuildField = (typeof BUILD_FIELDS)[number][0];
export type BuildTexts = Record<BuildField, string>;

const text = z.string().trim();
export const buildShape = {
  thigh_cm: text,
  shank_cm: text,
  foot_cm: text,
  trunk_cm: text,
  pelvisWidth_cm: text,
  versionLeft: text,
  versionRight: text,
};

const number = (typed: string): number | undefined =>
  typed.trim() === '' ? undefined : Number(typed.trim().replace(',', '.'));

/** Measures that were typed; what is empty is left out, undefined when all are. */
export function measuresFrom(t: BuildTexts): Student['measures'] {
  const version = { left: number(t.versionLeft), right: number(t.versionRight) };
  const lengths = {
    thigh_cm: number(t.thigh_cm),
    shank_cm: number(t.shank_cm),
    foot_cm: number(t.foot_cm),
    trunk_cm: number(t.trunk_cm),
    pelvisWidth_cm: number(t.pelvisWidth_cm),
  };
  const twisted = version.left !== undefined || version.right !== undefined;
  if (!twisted && Object.values(lengths).every((v) => v === undefined)) return undefined;
  return { ...lengths, ...(twisted ? { femoralVersion_deg: version } : {}) };
}

/** What stands in the fields for a student. */
export function buildTexts(measures: Student['measures']): BuildTexts {
  const say = (v: number | undefined) => (v === undefined ? '' : String(v));
  return {
    thigh_cm: say(measures?.thigh_cm),
    shank_cm: say(measures?.shank_cm),
    foot_cm: say(measures?.foot_cm),
    trunk_cm: say(measures?.trunk_cm),
    pelvisWidth_cm: say(measures?.pelvisWidth_cm),
    versionLeft: say(measures?.femoralVersion_deg?.left),
    versionRight: say(measures?.femoralVersion_deg?.right),
  };
}

/** Fields in which something is wrong, each with a plain sentence; height and weight are asked elsewhere. */
export function buildProblems(
  t: BuildTexts,
  height_cm: number,
  mass_kg: number,
): { field: BuildField; message: string }[] {
  const problems: { field: BuildField; message: string }[] = [];
  for (const [field] of BUILD_FIELDS) {
    const value = number(t[field]);
    if (value === undefined) continue;
    if (!Number.isFinite(value)) {
      problems.push({ field, message: 'Type a number, or leave it empty.' });
      continue;
    }
    if (!Number.isFinite(height_cm) || !Number.isFinite(mass_kg)) continue;
    const alone: Measures =
      field === 'versionLeft' || field === 'versionRight'
        ? { height_cm, mass_kg, femoralVersion_deg: { left: value } }
        : { height_cm, mass_kg, [field]: value };
    const problem = measuresProblem(alone);
    if (problem && problem.field !== 'height_cm' && problem.field !== 'mass_kg')
      problems.push({ field, message: problem.message });
  }
  return problems;
}
