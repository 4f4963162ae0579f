import { z } from 'zod';
import { LANGUAGES, languageOf } from '@/core/languages/language';
import { studentSchema, type Student } from '@/core/students/student';
import { newId, now } from '@/store/studio';
import { buildProblems, buildShape, buildTexts, measuresFrom } from './build-fields';

const YEAR = new Date().getFullYear();
const value = (text: string): number => Number(text.replace(',', '.'));
const typed = (least: number, most: number, unit: string) =>
  z
    .string()
    .trim()
    .refine(
      (v) => v !== '' && Number.isFinite(Number(v.replace(',', '.'))),
      `Type a number, for example ${Math.round((least + most) / 2)}.`,
    )
    .refine(
      (v) => Number(v.replace(',', '.')) >= least && Number(v.replace(',', '.')) <= most,
      `Between ${least} and ${most}${unit}.`,
    );

const fieldsSchema = z.object({
  ...buildShape,
  name: z.string().trim().min(1, 'A name, so that you find the student again.').max(80),
  height_cm: typed(90, 230, ' cm'),
  mass_kg: typed(20, 250, ' kg'),
  birthYear: typed(1900, YEAR, ''),
  sexForNorms: z.enum(['', 'female', 'male']),
  dominantLeg: z.enum(['left', 'right', 'unknown']),
  language: z.enum(LANGUAGES),
  aim: z.string().max(400),
  breathSeconds: typed(2, 20, ' seconds'),
  complaints: z.array(z.string()),
  cautions: z.array(z.string()),
});
export const formSchema = fieldsSchema.superRefine((v, context) => {
  for (const { field, message } of buildProblems(v, value(v.height_cm), value(v.mass_kg)))
    context.addIssue({ code: 'custom', path: [field], message });
});
export type FormValues = z.infer<typeof formSchema>;

/** What was typed before a reload, as far as it still fits; anything else is left out. */
export function draftValues(text: string | undefined): Partial<FormValues> {
  if (!text) return {};
  const loose = z
    .object({
      ...fieldsSchema.shape,
      height_cm: z.string(),
      mass_kg: z.string(),
      birthYear: z.string(),
      breathSeconds: z.string(),
      name: z.string(),
    })
    .partial();
  try {
    const parsed = loose.safeParse(JSON.parse(text));
    return parsed.success ? parsed.data : {};
  } catch {
    return {};
  }
}

/** What the form shows of a student, or of nobody yet. */
export const valuesOf = (s: Student | null): FormValues => ({
  ...buildTexts(s?.measures),
  name: s?.name ?? '',
  height_cm: s ? String(s.height_cm) : '',
  mass_kg: s ? String(s.mass_kg) : '',
  birthYear: s ? String(s.birthYear) : '',
  sexForNorms: s?.sexForNorms ?? '',
  dominantLeg: s?.dominantLeg ?? 'unknown',
  language: languageOf(s?.language),
  aim: s?.aim ?? '',
  breathSeconds: String(s?.breathSeconds ?? 6),
  complaints: s?.complaints.map((c) => `${c.place}|${c.side}`) ?? [],
  cautions: [...new Set(s?.cautions.map((c) => c.caution))],
});

/** The student that these values describe; what the form does not show stays as it was. */
export function studentFrom(v: FormValues, student: Student | null): Student {
  const time = now();
  return studentSchema.parse({
    ...student,
    id: student?.id ?? newId(),
    name: v.name,
    height_cm: value(v.height_cm),
    mass_kg: value(v.mass_kg),
    measures: measuresFrom(v),
    birthYear: Math.round(value(v.birthYear)),
    sexForNorms: v.sexForNorms === '' ? undefined : v.sexForNorms,
    dominantLeg: v.dominantLeg,
    // English is what is meant where nothing is said.
    language: v.language === 'en' && !student?.language ? undefined : v.language,
    aim: v.aim,
    complaints: v.complaints.map((c) => {
      const [place, side] = c.split('|');
      return student?.complaints.find((x) => x.place === place && x.side === side) ?? { place, side };
    }),
    cautions: v.cautions.flatMap((caution) => {
      // One that was lifted or is over and stands again has two entries: both are kept.
      const own = student?.cautions.filter((c) => c.caution === caution) ?? [];
      return own.length > 0 ? own : [{ caution }];
    }),
    breathSeconds: value(v.breathSeconds),
    archived: student?.archived ?? false,
    createdAt: student?.createdAt ?? time,
    updatedAt: time,
  });
}
