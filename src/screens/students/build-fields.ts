import { say } from '@/core/languages/spoken';
import { z } from 'zod';
import { measuresProblem, type Measures } from '@/core/body';
import type { Student } from '@/core/students/student';
import { CM_PER_INCH, lengthFrom, type UnitSystem } from '@/core/units';
import { numberIn } from '@/core/number-in';

/** Optional measures as they are typed, each with its label (its unit follows) and how to take it. */
export const BUILD_FIELDS = [
  ['thigh_cm', 'Thigh', 'Outer hip knob to the outer knee gap'],
  ['shank_cm', 'Shin', 'Outer knee gap to the outer ankle knob'],
  ['foot_cm', 'Foot', 'Heel to the longest toe'],
  ['trunk_cm', 'Trunk', 'Outer hip knob to the tip of the shoulder'],
  ['pelvisWidth_cm', 'Pelvis', 'Between the front hip bones'],
  ['versionLeft', 'Thigh bone twist left', 'As a clinician measured it; 12 is usual'],
  ['versionRight', 'Thigh bone twist right', 'As a clinician measured it; 12 is usual'],
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

const LENGTHS = ['thigh_cm', 'shank_cm', 'foot_cm', 'trunk_cm', 'pelvisWidth_cm'] as const satisfies BuildField[];
const isLength = (field: BuildField): field is (typeof LENGTHS)[number] =>
  (LENGTHS as readonly BuildField[]).includes(field);

/** In what a field is asked. */
export const unitOfField = (field: BuildField, units: UnitSystem): string =>
  isLength(field) ? (units === 'metric' ? 'cm' : 'inches') : 'degrees';

/** What was typed as a number of centimetres or degrees; undefined where nothing was. */
function typedIn(texts: BuildTexts, field: BuildField, units: UnitSystem): number | undefined {
  const typed = texts[field].trim();
  if (typed === '') return undefined;
  return isLength(field) ? lengthFrom(typed, units) : numberIn(typed);
}

/**
 * Measures that were typed; what is empty is left out, undefined when all are.
 * @param before what stands: a field that says it as it was shown leaves it as it is, to the millimetre
 */
export function measuresFrom(texts: BuildTexts, units: UnitSystem, before: Student['measures']): Student['measures'] {
  const shown = buildTexts(before, units);
  const version = { left: typedIn(texts, 'versionLeft', units), right: typedIn(texts, 'versionRight', units) };
  const lengths = Object.fromEntries(
    LENGTHS.map((field) => [field, texts[field] === shown[field] ? before?.[field] : typedIn(texts, field, units)]),
  );
  const twisted = version.left !== undefined || version.right !== undefined;
  if (!twisted && Object.values(lengths).every((v) => v === undefined)) return undefined;
  return { ...lengths, ...(twisted ? { femoralVersion_deg: version } : {}) };
}

/** What stands in the fields for a student. */
export function buildTexts(measures: Student['measures'], units: UnitSystem): BuildTexts {
  const typed = (value: number | undefined) => (value === undefined ? '' : String(value));
  const length = (value: number | undefined) =>
    value === undefined || units === 'metric' ? typed(value) : typed(Math.round((10 * value) / CM_PER_INCH) / 10);
  return {
    thigh_cm: length(measures?.thigh_cm),
    shank_cm: length(measures?.shank_cm),
    foot_cm: length(measures?.foot_cm),
    trunk_cm: length(measures?.trunk_cm),
    pelvisWidth_cm: length(measures?.pelvisWidth_cm),
    versionLeft: typed(measures?.femoralVersion_deg?.left),
    versionRight: typed(measures?.femoralVersion_deg?.right),
  };
}

/** Fields in which something is wrong, each with a plain sentence; height and weight are asked elsewhere. */
export function buildProblems(
  texts: BuildTexts,
  height_cm: number,
  mass_kg: number,
  units: UnitSystem,
): { field: BuildField; message: string }[] {
  const problems: { field: BuildField; message: string }[] = [];
  for (const [field] of BUILD_FIELDS) {
    const value = typedIn(texts, field, units);
    if (value === undefined) continue;
    if (!Number.isFinite(value)) {
      problems.push({ field, message: say('Type a number, or leave it empty.') });
      continue;
    }
    if (!Number.isFinite(height_cm) || !Number.isFinite(mass_kg)) continue;
    const alone: Measures = isLength(field)
      ? { height_cm, mass_kg, [field]: value }
      : { height_cm, mass_kg, femoralVersion_deg: { left: value } };
    const problem = measuresProblem(alone);
    if (problem && problem.field !== 'height_cm' && problem.field !== 'mass_kg')
      // The core tells its bounds in centimetres.
      problems.push({
        field,
        message:
          units === 'imperial' && isLength(field)
            ? say('This does not go with the height: check both.')
            : problem.message,
      });
  }
  return problems;
}
