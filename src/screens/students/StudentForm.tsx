'use client';
import { zodResolver } from '@hookform/resolvers/zod';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useEffect, useEffectEvent, useRef } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { z } from 'zod';
import { CAUTIONS, cautionById } from '@/core/cautions/catalogue';
import { screen } from '@/core/cautions/screen';
import { LANGUAGES, languageOf } from '@/core/languages/language';
import { PLACES, studentSchema, type Student } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { newId, now, today } from '@/store/studio';
import { BUILD_FIELDS, buildProblems, buildShape, buildTexts, measuresFrom, type BuildField } from './build-fields';
import { LanguageSelect } from '../shell/LanguageSelect';

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
const formSchema = fieldsSchema.superRefine((v, context) => {
  for (const { field, message } of buildProblems(v, value(v.height_cm), value(v.mass_kg)))
    context.addIssue({ code: 'custom', path: [field], message });
});
type FormValues = z.infer<typeof formSchema>;

const SIDES_SAID = ['left', 'right', 'both'] as const;
const COMPLAINTS = PLACES.filter((p) => p !== 'nowhere').flatMap((p) => SIDES_SAID.map((s) => `${p}|${s}`));
const complaintLabel = (v: string): string => {
  const [place, side] = v.split('|');
  const known = PLACES.find((p) => p === place);
  return known ? `${PLACE_WORDS[known]}, ${side === 'both' ? 'both sides' : side}` : v;
};

/** What was typed before a reload, as far as it still fits; anything else is left out. */
function draftValues(text: string | undefined): Partial<FormValues> {
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

const valuesOf = (s: Student | null): FormValues => ({
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
function studentFrom(v: FormValues, student: Student | null): Student {
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

/** Milliseconds without typing after which a valid change is kept. */
const PAUSE = 400;

/**
 * Adds a student by its button, or keeps an existing one as the teacher types. Bad input is answered at its field; nothing
 * typed is lost: `draft` takes what is typed for somebody new, so that a reload finds it again.
 */
export function StudentForm({
  student,
  onSave,
  onCancel,
  label,
  draft,
  factsOnly = false,
}: {
  student: Student | null;
  onSave: (s: Student) => void;
  onCancel?: () => void;
  label?: string;
  draft?: { text: string | undefined; onChange: (text: string) => void };
  /** Without complaints and cautions, where the page has its own parts for them. */
  factsOnly?: boolean;
}) {
  const { register, control, handleSubmit, formState, reset, getValues } = useForm<FormValues>({
    resolver: zodResolver(formSchema),
    defaultValues: { ...valuesOf(student), ...draftValues(draft?.text) },
    mode: 'onTouched',
  });
  const frame = useRef<HTMLFormElement>(null);
  const values = useWatch({ control });
  const cautions = useWatch({ control, name: 'cautions' });
  const screening = screen(
    cautions.map((caution) => ({ caution })),
    today(),
  );
  const typedText = JSON.stringify(values);
  const seen = useRef(typedText);
  const keep = useEffectEvent(() => {
    seen.current = typedText;
    if (student) void handleSubmit((v) => onSave(studentFrom(v, student)))();
    else draft?.onChange(typedText);
  });
  const pause = student ? PAUSE : 0;
  useEffect(() => {
    if (typedText === seen.current) return;
    // Only typing puts it off: what is drawn anew for another reason must not keep it waiting.
    const timer = setTimeout(() => keep(), pause);
    return () => clearTimeout(timer);
  }, [typedText, pause]);
  useEffect(() => {
    // A change from another tab comes in while nobody types here.
    // What is typed and not kept yet stays: a change elsewhere on the page must not wipe it away.
    if (!student || typedText !== seen.current || frame.current?.contains(document.activeElement)) return;
    const fresh = valuesOf(student);
    if (JSON.stringify(fresh) === JSON.stringify(getValues())) return;
    seen.current = JSON.stringify(fresh);
    reset(fresh);
  }, [student, typedText, reset, getValues]);
  const { errors } = formState;

  const text = (
    name: 'name' | 'height_cm' | 'mass_kg' | 'birthYear' | 'breathSeconds' | 'aim' | BuildField,
    labelText: string,
    help?: string,
  ) => (
    <TextField
      label={labelText}
      {...register(name)}
      error={Boolean(errors[name])}
      helperText={errors[name]?.message ?? help}
      fullWidth
      slotProps={{ htmlInput: { inputMode: ['name', 'aim'].includes(name) ? 'text' : 'decimal', autoComplete: 'off' } }}
    />
  );

  return (
    <Box
      component="form"
      ref={frame}
      noValidate
      onSubmit={(e) => void handleSubmit((v) => onSave(studentFrom(v, student)))(e)}
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' }, maxWidth: 900 }}
    >
      <Box sx={{ gridColumn: '1 / -1' }}>{text('name', 'Name')}</Box>
      {text('height_cm', 'Height, cm')}
      {text('mass_kg', 'Mass, kg')}
      {text('birthYear', 'Year of birth')}
      {text('breathSeconds', 'One slow breath, seconds', 'Counted, or 6 as a rule of thumb')}
      <Controller
        name="sexForNorms"
        control={control}
        render={({ field }) => (
          <TextField select label="Sex, for norms" helperText="Optional; only picks the norm" {...field}>
            <MenuItem value="">not said</MenuItem>
            <MenuItem value="female">female</MenuItem>
            <MenuItem value="male">male</MenuItem>
          </TextField>
        )}
      />
      <Controller
        name="dominantLeg"
        control={control}
        render={({ field }) => (
          <TextField select label="Leg that leads" {...field}>
            <MenuItem value="unknown">not known</MenuItem>
            <MenuItem value="left">left</MenuItem>
            <MenuItem value="right">right</MenuItem>
          </TextField>
        )}
      />
      <Controller
        name="language"
        control={control}
        render={({ field: { value, onChange, ref, ...field } }) => (
          <LanguageSelect
            label="Language of their pages"
            helperText="What plays on their phone, and the sheet to take home"
            sx={{ gridColumn: 'span 2' }}
            {...field}
            inputRef={ref}
            value={value}
            onPick={onChange}
          />
        )}
      />
      <Box sx={{ gridColumn: '1 / -1' }}>{text('aim', 'Aim', 'In the student’s own words')}</Box>
      <Box
        component="details"
        open={BUILD_FIELDS.some(([f]) => Boolean(errors[f]) || getValues(f) !== '')}
        sx={{ gridColumn: '1 / -1' }}
      >
        <summary>Measures of the build: optional, they make props and figures fit closer</summary>
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' }, mt: 2 }}>
          {BUILD_FIELDS.map(([field, label, help]) => (
            <Box key={field}>{text(field, label, help)}</Box>
          ))}
        </Box>
      </Box>
      {!factsOnly && (
        <>
          <Controller
            name="complaints"
            control={control}
            render={({ field }) => (
              <Autocomplete
                multiple
                options={COMPLAINTS}
                value={field.value}
                onChange={(_, v) => field.onChange(v)}
                getOptionLabel={complaintLabel}
                sx={{ gridColumn: '1 / -1' }}
                renderInput={(p) => <TextField {...p} label="Where it bothers" />}
              />
            )}
          />
          <Controller
            name="cautions"
            control={control}
            render={({ field }) => (
              <Autocomplete
                multiple
                options={CAUTIONS.map((c) => c.id)}
                value={field.value}
                onChange={(_, v) => field.onChange(v)}
                getOptionLabel={(id) => cautionById(id)?.name ?? id}
                sx={{ gridColumn: '1 / -1' }}
                renderInput={(p) => (
                  <TextField
                    {...p}
                    label="Cautions"
                    helperText="Ask about each before you test. Kolpos does not diagnose."
                  />
                )}
              />
            )}
          />
          {screening.cautions.length > 0 && (
            <Box
              role="status"
              sx={{
                gridColumn: '1 / -1',
                bgcolor: 'var(--caution-pale)',
                color: 'var(--caution)',
                borderRadius: 1.5,
                p: 1.5,
              }}
            >
              {screening.cautions.map((c) => (
                <Typography key={c.id} sx={{ fontSize: 15 }}>
                  ▲{' '}
                  <strong>
                    {c.level === 'refer-now'
                      ? 'Refer now'
                      : c.level === 'refer-first'
                        ? 'Refer first'
                        : c.level === 'adapt'
                          ? 'Adapt'
                          : 'Note'}
                    :
                  </strong>{' '}
                  {c.message}
                </Typography>
              ))}
            </Box>
          )}
        </>
      )}
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 2 }}>
        {label && (
          <Button type="submit" variant="contained">
            {label}
          </Button>
        )}
        {onCancel && <Button onClick={onCancel}>Cancel</Button>}
      </Box>
    </Box>
  );
}
