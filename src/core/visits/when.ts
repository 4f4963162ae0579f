import { say } from '@/core/languages/spoken';
import { numberIn } from '@/core/number-in';
import { hourSchema } from '@/core/progress/plan';
import { VISIT_MINUTES, type Visit } from './visit';

/** When a visit is and how long it lasts, as a visit keeps it; or which field is wrong, in words. */
export type When =
  { ok: true; when: Pick<Visit, 'at' | 'minutes'> } | { ok: false; of: 'at' | 'minutes'; words: string };

/** Reads the hour (`17:30`, empty where the day alone is said) and the minutes of a visit as they were typed. */
export function whenTyped(at: string, minutes: string): When {
  if (at !== '' && !hourSchema.safeParse(at).success)
    return { ok: false, of: 'at', words: say('An hour is typed as 17:30.') };
  const lasts = numberIn(minutes);
  if (!Number.isInteger(lasts) || lasts < VISIT_MINUTES.least || lasts > VISIT_MINUTES.most)
    return {
      ok: false,
      of: 'minutes',
      words: say('Whole minutes, {{least}} to {{most}}.', { least: VISIT_MINUTES.least, most: VISIT_MINUTES.most }),
    };
  return { ok: true, when: { ...(at !== '' && { at }), minutes: lasts } };
}
