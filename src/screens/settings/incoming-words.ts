import { listing } from '@/core/languages/listing';
import { say } from '@/core/languages/spoken';
import type { StudentField } from '@/core/students/merge';
import type { BringInResult, ForStudent, Tally } from '@/store/bring-in';

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

const rows = (count: number, word: string): string => (count === 0 ? '' : `${count} ${word}`);

/** Entries by how they stand to what is here, in a few words; empty where nothing would change. */
export const tallyWords = ({ new: fresh, newer, older }: Tally): string =>
  [rows(fresh, say('new')), rows(newer, say('newer in the file')), rows(older, say('newer here'))]
    .filter(Boolean)
    .join(', ');

/** The same of one student, for whom something is always said. */
export const rowWords = (tally: Tally): string => tallyWords(tally) || (tally.same > 0 ? say('the same') : say('none'));

/** How a student of a file stands to who is here. */
export function studentWords({ standing, both }: Pick<ForStudent, 'standing' | 'both'>): string {
  if (both.length === 0) return say(STANDING[standing]);
  const named = [...new Set(both.map((f) => say(FIELDS[f] ?? 'other answers')))];
  return say('changed on both ({{named}}): of each the later one counts', { named: named.join(', ') });
}

const COUNTED = {
  students: ['student', 'students'],
  readings: ['reading', 'readings'],
  practices: ['practice', 'practices'],
  logs: ['lesson', 'lessons'],
  poses: ['own pose', 'own poses'],
  templates: ['template', 'templates'],
} as const satisfies Record<keyof BringInResult['counts'], readonly [string, string]>;

/** What a file brought, counted, such as “1 student, 16 readings and 2 lessons”. */
export function broughtWords(counts: BringInResult['counts']): string {
  const words = Object.entries(COUNTED).flatMap(([kind, [one, several]]) => {
    const count = counts[kind as keyof typeof COUNTED];
    return count === 0 ? [] : [`${count} ${say(count === 1 ? one : several)}`];
  });
  return words.length === 0 ? say('settings alone') : listing('en').format(words);
}

/** True where bringing it in would change nothing here. */
export const changesNothing = (students: readonly ForStudent[], others: Tally): boolean =>
  [...students.map((s) => s.rows), others].every((t) => t.new + t.newer === 0) &&
  students.every((s) => s.standing === 'same' || s.standing === 'older');
