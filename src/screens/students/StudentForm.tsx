'use client';
import { say } from '@/core/languages/spoken';
import { zodResolver } from '@hookform/resolvers/zod';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMemo, useRef } from 'react';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import type { Student } from '@/core/students/student';
import { useUnkept } from '../shell/keeping';
import { LanguageSelect } from '../shell/LanguageSelect';
import type { UnitSystem } from '@/core/units';
import { BUILD_FIELDS, unitOfField, type BuildField } from './build-fields';
import { draftValues, factsDiffer, formSchemaIn, studentFrom, valuesOf, type FormValues } from './student-values';
import { TroubleFields } from './TroubleFields';
import { useKeptAsTyped } from './use-kept-as-typed';

/**
 * Adds a student by its button, or keeps an existing one as the teacher types. Bad input is answered at its field;
 * nothing typed is lost: `draft` takes what is typed for somebody new, so that a reload finds it again.
 */
export function StudentForm({
  student,
  onSave,
  onCancel,
  label,
  draft,
  factsOnly = false,
  units = 'metric',
}: {
  student: Student | null;
  onSave: (student: Student) => void;
  onCancel?: () => void;
  label?: string;
  draft?: { text: string | undefined; onChange: (text: string) => void };
  /** Without complaints and cautions, where the page has its own parts for them. */
  factsOnly?: boolean;
  /** In which height, weight and measures are typed. A form that is open does not change them. */
  units?: UnitSystem;
}) {
  const form = useForm<FormValues>({
    resolver: zodResolver(formSchemaIn(units)),
    defaultValues: { ...valuesOf(student, units), ...draftValues(draft?.text) },
    mode: 'onTouched',
  });
  const { register, control, handleSubmit, formState, getValues } = form;
  const frame = useRef<HTMLFormElement>(null);
  useKeptAsTyped({ form, frame, student, units, onSave, onDraft: draft?.onChange });
  const { errors } = formState;
  useUnkept(useDiffers(control, student, units));

  const text = (
    name: 'name' | 'height_cm' | 'mass_kg' | 'birthYear' | 'breathSeconds' | 'aim' | BuildField,
    labelText: string,
    help?: string,
  ) => (
    <TextField
      label={labelText}
      {...register(name)}
      error={Boolean(errors[name])}
      helperText={say(errors[name]?.message ?? help ?? '')}
      fullWidth
      slotProps={{ htmlInput: { inputMode: ['name', 'aim'].includes(name) ? 'text' : 'decimal', autoComplete: 'off' } }}
    />
  );

  return (
    <Box
      component="form"
      ref={frame}
      noValidate
      onSubmit={(e) => void handleSubmit((v) => onSave(studentFrom(v, student, units)))(e)}
      sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' }, maxWidth: 900 }}
    >
      <Box sx={{ gridColumn: '1 / -1' }}>{text('name', say('Name'))}</Box>
      {text('height_cm', units === 'metric' ? say('Height, cm') : say('Height, feet and inches'))}
      {text('mass_kg', units === 'metric' ? say('Mass, kg') : say('Weight, pounds'))}
      {text('birthYear', say('Year of birth'))}
      {text('breathSeconds', say('One slow breath, seconds'), say('Counted, or 6 as a rule of thumb'))}
      <Controller
        name="sexForNorms"
        control={control}
        render={({ field }) => (
          <TextField select label={say('Sex, for norms')} helperText={say('Optional; only picks the norm')} {...field}>
            <MenuItem value="">{say('not said')}</MenuItem>
            <MenuItem value="female">{say('female')}</MenuItem>
            <MenuItem value="male">{say('male')}</MenuItem>
          </TextField>
        )}
      />
      <Controller
        name="dominantLeg"
        control={control}
        render={({ field }) => (
          <TextField select label={say('Leg that leads')} {...field}>
            <MenuItem value="unknown">{say('not known')}</MenuItem>
            <MenuItem value="left">{say('left')}</MenuItem>
            <MenuItem value="right">{say('right')}</MenuItem>
          </TextField>
        )}
      />
      <Controller
        name="language"
        control={control}
        render={({ field: { value, onChange, ref, ...field } }) => (
          <LanguageSelect
            label={say('Language of their pages')}
            helperText={say('Their phone, sheets to take home, and lessons')}
            sx={{ gridColumn: 'span 2' }}
            {...field}
            inputRef={ref}
            value={value}
            onPick={onChange}
          />
        )}
      />
      <Box sx={{ gridColumn: '1 / -1' }}>{text('aim', say('Aim'), say('In the student’s own words'))}</Box>
      <Box
        component="details"
        open={BUILD_FIELDS.some(([f]) => Boolean(errors[f]) || getValues(f) !== '')}
        sx={{ gridColumn: '1 / -1' }}
      >
        <summary>{say('Measures of the build: optional, they make props and figures fit closer')}</summary>
        <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr 1fr', md: 'repeat(4, 1fr)' }, mt: 2 }}>
          {BUILD_FIELDS.map(([field, label, help]) => (
            <Box key={field}>{text(field, `${say(label)}, ${unitOfField(field, units)}`, help)}</Box>
          ))}
        </Box>
      </Box>
      {!factsOnly && <TroubleFields control={control} />}
      <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 2 }}>
        {label && (
          <Button type="submit" variant="contained">
            {label}
          </Button>
        )}
        {onCancel && <Button onClick={onCancel}>{say('Cancel')}</Button>}
      </Box>
    </Box>
  );
}

/** Whether what stands in the form is not what is stored of the student: typed a moment ago, or wrong. */
function useDiffers(control: Control<FormValues>, student: Student | null, units: UnitSystem): boolean {
  const values = useWatch({ control });
  return useMemo(() => student !== null && factsDiffer(values, student, units), [values, student, units]);
}
