import { say } from '@/core/languages/spoken';
import type { Student } from '@/core/students/student';
import type { Moments } from './moments';
import type { Aside } from './set-aside';

/** Nobody is older. */
const OLDEST = 120;
/**
 * Kilograms by the square of the height in metres that no living adult has; only against slips of the decimal point.
 */
const THINNEST = 8,
  HEAVIEST = 110;

/** Why a student of a file cannot be somebody; null where she can. */
export function whyNobody(s: Student, written: string): { at: string; why: string } | null {
  const year = Number(written.slice(0, 4));
  if (s.birthYear > year)
    return { at: 'birthYear', why: say('Born in {{count}}, after this file was written.', { count: s.birthYear }) };
  if (year - s.birthYear > OLDEST)
    return {
      at: 'birthYear',
      why: say('Born in {{birthYear}}: nobody is {{what}} years old.', {
        birthYear: s.birthYear,
        what: year - s.birthYear,
      }),
    };
  const mass = s.mass_kg / (s.height_cm / 100) ** 2;
  return mass < THINNEST || mass > HEAVIEST
    ? {
        at: 'mass_kg',
        why: say('{{mass_kg}} kg does not go with {{height_cm}} cm: check both.', {
          mass_kg: s.mass_kg,
          height_cm: s.height_cm,
        }),
      }
    : null;
}

/**
 * A student without what cannot be true of her. Whatever opens something or counts as asked is dropped where its day
 * cannot be: the caution then stands, the pose stays closed and the questions are asked again.
 * @param where her place in the file
 */
export function soundStudent(s: Student, where: string, moments: Moments, written: string, aside: Aside): Student {
  const sound = { ...s };
  for (const field of ['redFlags', 'consent'] as const) {
    const day = s[field]?.on;
    const why = day === undefined ? null : moments.past(day);
    if (why) {
      aside.put(`${where}.${field}.on`, say('{{why}} It counts as not asked.', { why }), s[field]);
      sound[field] = undefined;
    }
  }
  const asked = s.askedOn === undefined ? null : moments.past(s.askedOn);
  if (asked) {
    aside.put(`${where}.askedOn`, say('{{asked}} It counts as not asked.', { asked }), s.askedOn);
    sound.askedOn = undefined;
  }
  sound.cautions = s.cautions.map((c, i) => {
    const until = longPast(c.until);
    const cleared = c.cleared === undefined ? null : moments.past(c.cleared.on);
    if (until) aside.put(`${where}.cautions[${i}].until`, say('{{until}} The caution stands.', { until }), c.until);
    if (cleared)
      aside.put(`${where}.cautions[${i}].cleared.on`, say('{{cleared}} The caution stands.', { cleared }), c.cleared);
    const allowed = c.allowed?.filter((a, k) => {
      const why = moments.past(a.on);
      if (why) aside.put(`${where}.cautions[${i}].allowed[${k}].on`, say('{{why}} It is not allowed.', { why }), a);
      return why === null;
    });
    return {
      ...c,
      ...(until && { until: undefined }),
      ...(cleared && { cleared: undefined }),
      ...(allowed && { allowed: allowed.length > 0 ? allowed : undefined }),
    };
  });
  sound.hurt = s.hurt?.map((h, i) => {
    const cleared = h.cleared === undefined ? null : moments.past(h.cleared.on);
    const on = moments.past(h.on);
    if (cleared)
      aside.put(`${where}.hurt[${i}].cleared.on`, say('{{cleared}} The pose stays closed.', { cleared }), h.cleared);
    if (on)
      aside.put(
        `${where}.hurt[${i}].on`,
        say('{{on}} The pose stays closed, with the day of the file in its place.', { on }),
        h.on,
      );
    return { ...h, ...(cleared && { cleared: undefined }), ...(on && { on: written.slice(0, 10) }) };
  });
  sound.complaints = s.complaints.map((c, i) =>
    c.course
      ? {
          ...c,
          course: aside.sift(`${where}.complaints[${i}].course`, c.course, (p) => {
            const why = moments.past(p.on);
            return why ? { at: 'on', why } : null;
          }),
        }
      : c,
  );
  return sound;
}

const longPast = (day: string | undefined): string | null =>
  day === undefined || day >= '1990-01-01' ? null : say('{{until}} is long past: check the year.', { until: day });
