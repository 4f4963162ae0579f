import type { StudentField } from '@/core/students/merge';
import type { ForStudent, Tally } from '@/store/bring-in';

const STANDING: Record<ForStudent['standing'], string> = {
  new: 'new here',
  newer: 'newer in the file',
  older: 'newer here, stays',
  same: 'the same',
  both: 'changed on both',
};

/** What answers of a student are called, where both machines changed them. */
const FIELDS: Partial<Record<StudentField, string>> = {
  name: 'name',
  height_cm: 'height',
  mass_kg: 'weight',
  aim: 'aim',
  daily: 'daily life',
  activity: 'other activity',
  practised: 'practice so far',
  clinician: 'what a clinician said',
  complaints: 'complaints',
  cautions: 'cautions',
  aimChoices: 'aims',
  consent: 'consent',
  redFlags: 'the nine questions',
};

const rows = (n: number, word: string): string => (n === 0 ? '' : `${n} ${word}`);

/** Entries by how they stand to what is here, in a few words; empty where all are the same. */
export const tallyWords = ({ new: fresh, newer, older }: Tally): string =>
  [rows(fresh, 'new'), rows(newer, 'newer in the file'), rows(older, 'newer here')].filter(Boolean).join(', ');

/** How a student of a file stands to who is here. */
export function studentWords({ standing, both }: Pick<ForStudent, 'standing' | 'both'>): string {
  if (both.length === 0) return STANDING[standing];
  const named = [...new Set(both.map((f) => FIELDS[f] ?? 'other answers'))];
  return `changed on both (${named.join(', ')}): of each the later one counts`;
}

/** True where bringing it in would change nothing here. */
export const changesNothing = (students: readonly ForStudent[], others: Tally): boolean =>
  [...students.map((s) => s.rows), others].every((t) => t.new + t.newer === 0) &&
  students.every((s) => s.standing === 'same' || s.standing === 'older');
