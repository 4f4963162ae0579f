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
  if (s.birthYear > year) return { at: 'birthYear', why: `Born in ${s.birthYear}, after this file was written.` };
  if (year - s.birthYear > OLDEST)
    return { at: 'birthYear', why: `Born in ${s.birthYear}: nobody is ${year - s.birthYear} years old.` };
  const mass = s.mass_kg / (s.height_cm / 100) ** 2;
  return mass < THINNEST || mass > HEAVIEST
    ? { at: 'mass_kg', why: `${s.mass_kg} kg does not go with ${s.height_cm} cm: check both.` }
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
      aside.put(`${where}.${field}.on`, `${why} It counts as not asked.`, s[field]);
      sound[field] = undefined;
    }
  }
  const asked = s.askedOn === undefined ? null : moments.past(s.askedOn);
  if (asked) {
    aside.put(`${where}.askedOn`, `${asked} It counts as not asked.`, s.askedOn);
    sound.askedOn = undefined;
  }
  sound.cautions = s.cautions.map((c, i) => {
    const until = c.until === undefined || c.until >= '1990-01-01' ? null : `${c.until} is long past: check the year.`;
    const cleared = c.cleared === undefined ? null : moments.past(c.cleared.on);
    if (until) aside.put(`${where}.cautions[${i}].until`, `${until} The caution stands.`, c.until);
    if (cleared) aside.put(`${where}.cautions[${i}].cleared.on`, `${cleared} The caution stands.`, c.cleared);
    const allowed = c.allowed?.filter((a, k) => {
      const why = moments.past(a.on);
      if (why) aside.put(`${where}.cautions[${i}].allowed[${k}].on`, `${why} It is not allowed.`, a);
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
    if (cleared) aside.put(`${where}.hurt[${i}].cleared.on`, `${cleared} The pose stays closed.`, h.cleared);
    if (on)
      aside.put(`${where}.hurt[${i}].on`, `${on} The pose stays closed, with the day of the file in its place.`, h.on);
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
