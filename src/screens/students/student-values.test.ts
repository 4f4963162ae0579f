import { describe, expect, it } from 'vitest';
import { formSchemaIn, studentFrom, validOf, valuesOf, type FormValues } from './student-values';

const typed = (over: object = {}) => ({
  ...valuesOf(null, 'imperial'),
  name: 'Sedge Kilnbank',
  height_cm: "5'10",
  mass_kg: '146',
  birthYear: '1988',
  ...over,
});
const wrong = (units: 'metric' | 'imperial', over: object) => {
  const parsed = formSchemaIn(units).safeParse(typed(over));
  return parsed.success ? [] : parsed.error.issues.map((i) => `${String(i.path[0])}: ${i.message}`);
};

describe('a student as typed in feet and pounds', () => {
  it('is kept in centimetres and kilograms', () => {
    expect(wrong('imperial', {})).toEqual([]);
    expect(studentFrom(typed(), null, 'imperial')).toMatchObject({ height_cm: 177.8, mass_kg: 66.2 });
    expect(studentFrom(typed({ height_cm: '178 cm', mass_kg: '66 kg' }), null, 'imperial')).toMatchObject({
      height_cm: 178,
      mass_kg: 66,
    });
  });
  it('keeps to the millimetre what nobody typed anew', () => {
    const known = studentFrom(typed({ height_cm: '178 cm', mass_kg: '66 kg' }), null, 'imperial');
    const shown = valuesOf(known, 'imperial');
    expect([shown.height_cm, shown.mass_kg]).toEqual(['5 ft 10 in', '146']);
    const after = studentFrom({ ...shown, aim: 'Row.' }, known, 'imperial');
    expect(after).toMatchObject({ height_cm: 178, mass_kg: 66, aim: 'Row.' });
    expect(studentFrom({ ...shown, height_cm: '5 ft 11' }, known, 'imperial').height_cm).toBe(180.3);
  });
  it('nonsense and what no body has is answered in these units', () => {
    expect(wrong('imperial', { height_cm: 'tall' })).toEqual([
      'height_cm: Type feet and inches, for example 5 ft 7.',
      'height_cm: Between 3 ft and 7 ft 6 in.',
    ]);
    expect(wrong('imperial', { height_cm: '9 ft' })).toEqual(['height_cm: Between 3 ft and 7 ft 6 in.']);
    expect(wrong('imperial', { mass_kg: '20' })).toEqual(['mass_kg: Between 45 and 550 lb.']);
    expect(wrong('metric', { height_cm: '172', mass_kg: '999' })).toEqual(['mass_kg: Between 20 and 250 kg.']);
  });
  it('metric fields understand feet where they are written', () => {
    expect(wrong('metric', { mass_kg: '146 lb' })).toEqual([]);
    expect(studentFrom(typed({ mass_kg: '146 lb' }), null, 'metric')).toMatchObject({
      height_cm: 177.8,
      mass_kg: 66.2,
    });
  });
});

describe('what can be kept of what was typed', () => {
  const known = studentFrom(
    { ...valuesOf(null, 'metric'), ...typed({ height_cm: '178', mass_kg: '66', thigh_cm: '44' }) },
    null,
    'metric',
  );
  const kept = (over: Partial<FormValues>) =>
    validOf({ ...valuesOf(known, 'metric'), ...over }, Object.keys(over) as (keyof FormValues)[], known, 'metric')
      ?.fields ?? [];
  it('is what is right, whatever is wrong beside it', () => {
    expect(kept({ name: 'Sedge', aim: 'Row.' })).toEqual(['name', 'aim']);
    expect(kept({ height_cm: 'tall', mass_kg: '71', birthYear: '3000' })).toEqual(['mass_kg']);
    expect(kept({ height_cm: 'tall' })).toEqual([]);
  });
  it('leaves out what does not go with something that nobody typed now', () => {
    // At 120 cm a thigh of 44 cm is not one: told at the thigh, for a height that was typed.
    expect(kept({ height_cm: '120', name: 'Sedge' })).toEqual(['name']);
    expect(kept({ height_cm: '120', thigh_cm: '30' })).toEqual(['height_cm', 'thigh_cm']);
  });
});
