import { say, spokenLanguage } from '@/core/languages/spoken';
import { z } from 'zod';
import { LANGUAGES, languageOf } from '@/core/languages/language';
import { studentSchema, type Student } from '@/core/students/student';
import { heightWords, KG_PER_POUND, lengthFrom, weightFrom, type UnitSystem } from '@/core/units';
import { sameRow } from '@/store/saved-row';
import { newId, now } from '@/store/studio';
import { buildProblems, buildShape, buildTexts, measuresFrom } from './build-fields';
import { numberIn } from '@/core/number-in';

const YEAR = new Date().getFullYear();
const typed = (least: number, most: number, unit: string) =>
  z
    .string()
    .trim()
    .refine((v) => Number.isFinite(numberIn(v)), {
      error: () => say('Type a number, for example {{count}}.', { count: Math.round((least + most) / 2) }),
    })
    .refine((v) => numberIn(v) >= least && numberIn(v) <= most, {
      error: () => say('Between {{least}} and {{most}}{{unit}}.', { least, most, unit: unit && ` ${say(unit)}` }),
    });

const HEIGHT_CM = { least: 90, most: 230 } as const;
const MASS_KG = { least: 20, most: 250 } as const;

/**
 * A text that `read` understands and that lies between bounds; what is wrong is told with an example and the bounds in
 * words.
 */
const measured = (
  read: (text: string) => number,
  { least, most }: { least: number; most: number },
  words: { example: string; between: string },
) =>
  z
    .string()
    .trim()
    .refine((v) => Number.isFinite(read(v)), { error: () => say('Type {{example}}.', { example: say(words.example) }) })
    .refine((v) => read(v) >= least && read(v) <= most, {
      error: () => say('Between {{between}}.', { between: say(words.between) }),
    });

/** How height and weight are typed and told, in each system of units. */
const BODY = {
  metric: {
    height: { example: 'a number, for example 160', between: '90 and 230 cm' },
    mass: { example: 'a number, for example 65', between: '20 and 250 kg' },
  },
  imperial: {
    height: { example: 'feet and inches, for example 5 ft 7', between: '3 ft and 7 ft 6 in' },
    mass: { example: 'pounds, for example 150', between: '45 and 550 lb' },
  },
} as const;

const heightFrom = (text: string, units: UnitSystem): number => lengthFrom(text, units, true);

const fieldsIn = (units: UnitSystem) =>
  fieldsSchema.extend({
    height_cm: measured((v) => heightFrom(v, units), HEIGHT_CM, BODY[units].height),
    mass_kg: measured((v) => weightFrom(v, units), MASS_KG, BODY[units].mass),
  });

const fieldsSchema = z.object({
  ...buildShape,
  name: z.string().trim().min(1, 'A name, so that you find the student again.').max(80),
  height_cm: z.string(),
  mass_kg: z.string(),
  birthYear: typed(1900, YEAR, ''),
  sexForNorms: z.enum(['', 'female', 'male']),
  dominantLeg: z.enum(['left', 'right', 'unknown']),
  language: z.enum(LANGUAGES),
  aim: z.string().max(400),
  breathSeconds: typed(2, 20, 'seconds'),
  complaints: z.array(z.string()),
  cautions: z.array(z.string()),
});
export const formSchemaIn = (units: UnitSystem) =>
  fieldsIn(units).superRefine((v, context) => {
    const body = [heightFrom(v.height_cm, units), weightFrom(v.mass_kg, units)] as const;
    for (const { field, message } of buildProblems(v, ...body, units))
      context.addIssue({ code: 'custom', path: [field], message });
  });
export type FormValues = z.infer<typeof fieldsSchema>;
export type FormField = keyof FormValues;
export const FORM_FIELDS = Object.keys(fieldsSchema.shape) as FormField[];

/** What was typed before a reload, as far as it still fits; anything else is left out. */
export function draftValues(text: string | undefined): Partial<FormValues> {
  if (!text) return {};
  const loose = z
    .object({ ...fieldsSchema.shape, birthYear: z.string(), breathSeconds: z.string(), name: z.string() })
    .partial();
  try {
    const parsed = loose.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : {};
  } catch {
    return {};
  }
}

/** Height and weight as they are typed: a metric field names its unit itself. */
function bodyTexts(student: Student | null, units: UnitSystem): Pick<FormValues, 'height_cm' | 'mass_kg'> {
  if (!student) return { height_cm: '', mass_kg: '' };
  return units === 'metric'
    ? { height_cm: String(student.height_cm), mass_kg: String(student.mass_kg) }
    : { height_cm: heightWords(student.height_cm, units), mass_kg: String(Math.round(student.mass_kg / KG_PER_POUND)) };
}

/** What the form shows of a student, or of nobody yet. */
export const valuesOf = (student: Student | null, units: UnitSystem): FormValues => ({
  ...buildTexts(student?.measures, units),
  name: student?.name ?? '',
  ...bodyTexts(student, units),
  birthYear: student ? String(student.birthYear) : '',
  sexForNorms: student?.sexForNorms ?? '',
  dominantLeg: student?.dominantLeg ?? 'unknown',
  language: student ? languageOf(student.language) : spokenLanguage(),
  aim: student?.aim ?? '',
  breathSeconds: String(student?.breathSeconds ?? 6),
  complaints: student?.complaints.map((c) => `${c.place}|${c.side}`) ?? [],
  cautions: [...new Set(student?.cautions.map((c) => c.caution))],
});

/** What the form of a student knows; complaints, cautions and the rest belong to the other parts of the step. */
export const FACTS = [
  'name',
  'height_cm',
  'mass_kg',
  'measures',
  'birthYear',
  'sexForNorms',
  'dominantLeg',
  'language',
  'aim',
  'breathSeconds',
] as const satisfies readonly (keyof Student)[];

/** The student that these values describe; what the form does not show stays as it was. */
export const studentFrom = (values: FormValues, student: Student | null, units: UnitSystem): Student =>
  studentSchema.parse(described(values, student, units));

/**
 * What can be kept of what was typed: the typed fields that are right, on what is stored; null where none is. What is
 * wrong in one field, or between two, leaves only those out.
 */
export function validOf(
  now: FormValues,
  typed: readonly FormField[],
  student: Student,
  units: UnitSystem,
): { values: FormValues; fields: FormField[] } | null {
  const stored = valuesOf(student, units);
  const readWith = (fields: readonly FormField[]) =>
    formSchemaIn(units).safeParse({ ...stored, ...Object.fromEntries(fields.map((field) => [field, now[field]])) });
  let fields = [...typed];
  while (fields.length > 0) {
    const read = readWith(fields);
    if (read.success) return { values: read.data, fields };
    const wrong = new Set(read.error.issues.map((issue) => issue.path[0]));
    const right = fields.filter((field) => !wrong.has(field));
    // What does not fit may be told at a field that nobody typed in: then each is asked about alone.
    const left = right.length < fields.length ? right : fields.filter((field) => readWith([field]).success);
    if (left.length === fields.length) return null;
    fields = left;
  }
  return null;
}

/** Whether what stands in the form is not what is stored of the student's facts: typed a moment ago, or wrong. */
export function factsDiffer(values: Partial<FormValues>, student: Student, units: UnitSystem): boolean {
  if (sameRow(values, valuesOf(student, units))) return false;
  const read = formSchemaIn(units).safeParse(values);
  const next = read.success ? studentSchema.safeParse(described(read.data, student, units)).data : undefined;
  const factsOf = (of: Student) => Object.fromEntries(FACTS.map((fact) => [fact, of[fact]]));
  return !next || !sameRow(factsOf(next), factsOf(student));
}

function described(values: FormValues, student: Student | null, units: UnitSystem): unknown {
  const time = now();
  // What is told in whole inches or pounds is kept to the millimetre where nobody typed it anew.
  const shown = bodyTexts(student, units);
  return {
    ...student,
    id: student?.id ?? newId(),
    name: values.name,
    height_cm:
      student && values.height_cm === shown.height_cm ? student.height_cm : heightFrom(values.height_cm, units),
    mass_kg: student && values.mass_kg === shown.mass_kg ? student.mass_kg : weightFrom(values.mass_kg, units),
    measures: measuresFrom(values, units, student?.measures),
    birthYear: Math.round(numberIn(values.birthYear)),
    sexForNorms: values.sexForNorms === '' ? undefined : values.sexForNorms,
    dominantLeg: values.dominantLeg,
    // English is what is meant where nothing is said.
    language: values.language === 'en' && !student?.language ? undefined : values.language,
    aim: values.aim,
    complaints: values.complaints.map((c) => {
      const [place, side] = c.split('|');
      return student?.complaints.find((x) => x.place === place && x.side === side) ?? { place, side };
    }),
    cautions: values.cautions.flatMap((caution) => {
      // One that was lifted or is over and stands again has two entries: both are kept.
      const own = student?.cautions.filter((c) => c.caution === caution) ?? [];
      return own.length > 0 ? own : [{ caution }];
    }),
    breathSeconds: numberIn(values.breathSeconds),
    archived: student?.archived ?? false,
    createdAt: student?.createdAt ?? time,
    updatedAt: time,
  };
}
