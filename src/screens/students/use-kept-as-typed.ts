import { useEffect, useEffectEvent, useRef, type RefObject } from 'react';
import { useWatch, type UseFormReturn } from 'react-hook-form';
import type { Student } from '@/core/students/student';
import type { UnitSystem } from '@/core/units';
import { sameRow } from '@/store/saved-row';
import { FORM_FIELDS, studentFrom, validOf, valuesOf, type FormField, type FormValues } from './student-values';

/** Milliseconds without typing after which a valid change is kept. */
const PAUSE = 400;

/**
 * Keeps what is typed after a pause, field by field: what is wrong waits in its field with its message and keeps
 * nothing else from being kept, and a field that nobody typed in is never written, so that what another tab or another
 * part of the page changed meanwhile stands.
 */
export function useKeptAsTyped({
  form: { control, trigger, setValue, getValues },
  frame,
  student,
  units,
  onSave,
  onDraft,
}: {
  form: UseFormReturn<FormValues>;
  frame: RefObject<HTMLFormElement | null>;
  student: Student | null;
  units: UnitSystem;
  onSave: (student: Student) => void;
  /** Takes what is typed for somebody new. */
  onDraft: ((text: string) => void) | undefined;
}): void {
  const values = useWatch({ control });
  const typedText = JSON.stringify(values);
  const seen = useRef(typedText);
  /** What was stored when a field was last in step with it: a field that says something else was typed in. */
  const inStep = useRef(valuesOf(student, units));

  const typedIn = (now: FormValues) => FORM_FIELDS.filter((field) => !sameRow(now[field], inStep.current[field]));
  const store = useEffectEvent(() => {
    if (!student) return;
    const now = { ...getValues() };
    const valid = validOf(now, typedIn(now), student, units);
    if (!valid) return;
    onSave(studentFrom(valid.values, student, units));
    for (const field of valid.fields) copy(field, now, inStep.current);
  });
  const keep = useEffectEvent(() => {
    seen.current = typedText;
    if (!student) {
      onDraft?.(typedText);
      return;
    }
    // What is wrong is told wherever it is: a height may not go with a thigh that nobody typed now.
    void trigger();
    store();
  });

  const follow = useEffectEvent(() => {
    if (!student) return;
    const stored = valuesOf(student, units);
    for (const field of FORM_FIELDS) {
      const now = getValues(field);
      if (sameRow(now, stored[field])) {
        copy(field, stored, inStep.current);
        continue;
      }
      // Typed and not kept yet, or wrong; or the cursor stands in it, and she may be about to type.
      if (!sameRow(now, inStep.current[field]) || isIn(frame.current, field)) continue;
      setValue(field, stored[field]);
      copy(field, stored, inStep.current);
    }
  });

  const pause = student ? PAUSE : 0;
  useEffect(() => {
    if (typedText === seen.current) return;
    // Only typing puts it off: what is drawn anew for another reason must not keep it waiting.
    const timer = setTimeout(() => keep(), pause);
    return () => clearTimeout(timer);
  }, [typedText, pause]);
  useEffect(() => follow(), [student, units]);
  useEffect(() => {
    const form = frame.current;
    // What is typed does not wait where she goes on; a field that was left out because the cursor stood in it follows.
    const left = () => {
      store();
      follow();
    };
    const gone = () => store();
    form?.addEventListener('focusout', left);
    window.addEventListener('pagehide', gone);
    return () => {
      form?.removeEventListener('focusout', left);
      window.removeEventListener('pagehide', gone);
      store();
    };
  }, [frame]);
}

/** One field of one set of values into another. */
function copy<F extends FormField>(field: F, from: FormValues, to: FormValues): void {
  to[field] = from[field];
}

const isIn = (form: HTMLFormElement | null, field: FormField): boolean => {
  const at = document.activeElement;
  return at !== null && form !== null && form.contains(at) && at.getAttribute('name') === field;
};
