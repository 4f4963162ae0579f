import { readoutOf, testById } from '@/core/assessment/battery';
import { wordsOf } from '@/core/text-search';
import { readoutsFor, sideIn, type NamedReadout } from './names';
import type { Table } from './table';

/** What a column of a foreign table holds. */

export const PLAIN_ROLES = [
  'student',
  'day',
  'time',
  'test',
  'measured',
  'side',
  'value',
  'unit',
  'trials',
  'felt',
  'ended',
  'pain',
  'distant',
  'seen',
  'active',
  'warm',
  'home',
  'way',
  'instrument',
  'skip',
] as const;
export type PlainRole = (typeof PLAIN_ROLES)[number];
/** A column of values of one read-out; its side from its name, else from the column of sides. */
export interface ReadoutRole extends NamedReadout {
  side: 'left' | 'right' | 'both' | 'column';
}
export type Role = PlainRole | ReadoutRole;
export const isReadout = (role: Role): role is ReadoutRole => typeof role !== 'string';

export const ROLE_WORDS: Readonly<Record<PlainRole, string>> = {
  student: 'who',
  day: 'day',
  time: 'time',
  test: 'which test',
  measured: 'what was measured in it',
  side: 'side',
  value: 'value',
  unit: 'unit',
  trials: 'single trials',
  felt: 'felt where',
  ended: 'ended by',
  pain: 'ended in pain',
  distant: 'whether moving head or ankle changes it',
  seen: 'what spoiled it',
  active: 'moved alone',
  warm: 'taken warm',
  home: 'taken alone, at home',
  way: 'way it was done',
  instrument: 'instrument',
  skip: 'left out',
};

const NAMES: Readonly<Record<Exclude<PlainRole, 'skip'>, readonly string[]>> = {
  student: [
    'student',
    'name',
    'client',
    'person',
    'pupil',
    'who',
    'participant',
    'schuler',
    'schulerin',
    'teilnehmer',
    'kunde',
  ],
  day: ['day', 'date', 'datum', 'tag', 'tested on', 'measured on'],
  time: ['time', 'time utc', 'hour', 'uhrzeit', 'zeit'],
  test: ['test', 'assessment', 'which test'],
  measured: ['measured', 'readout', 'read out', 'movement', 'what'],
  side: ['side', 'leg', 'seite', 'bein', 'l r', 'left right'],
  value: ['value', 'reading', 'result', 'wert', 'ergebnis', 'measurement', 'angle', 'degrees'],
  unit: ['unit', 'units', 'einheit'],
  trials: ['trials', 'single trials'],
  felt: ['felt', 'felt where', 'place felt', 'where felt'],
  ended: ['ended by', 'end', 'end feel', 'endfeel', 'stopped by'],
  pain: ['pain', 'hurt', 'painful', 'schmerz'],
  distant: ['moving head or ankle'],
  seen: ['seen', 'compensations'],
  active: ['moved alone', 'active', 'aktiv'],
  warm: ['warm', 'warmed up', 'taken warm'],
  home: ['at home', 'home', 'zu hause'],
  way: ['way', 'variant', 'variante'],
  instrument: ['instrument', 'device', 'gerat'],
};

/** What each column most likely holds, by its name; what says nothing is left out. Each plain role once. */
export function rolesOf({ columns }: Pick<Table, 'columns'>): Role[] {
  const taken = new Set<PlainRole>();
  return columns.map((name) => {
    const said = wordsOf(name).join(' ');
    const plain = PLAIN_ROLES.find((role) => role !== 'skip' && !taken.has(role) && NAMES[role].includes(said));
    if (plain) {
      taken.add(plain);
      return plain;
    }
    // A column of a test is one where no doubt is: all else is chosen by the teacher.
    const found = readoutsFor(name);
    const [best] = found;
    return found.length === 1 && best.sure === 1 ? readoutRole(best, name) : 'skip';
  });
}

/** A column of this read-out, with the side that its name tells. */
export function readoutRole({ test, readout }: NamedReadout, name: string): ReadoutRole {
  if (testById(test)?.sided === false) return { test, readout, side: 'both' };
  const side = sideIn(name);
  return { test, readout, side: side === 'left' || side === 'right' ? side : 'column' };
}

/** What is missing to read anything with these roles; null where nothing is. */
export function missingRole(roles: readonly Role[]): string | null {
  const has = (role: PlainRole): boolean => roles.includes(role);
  const wide = roles.some(isReadout);
  if (!wide && !has('value')) return 'Say which column holds the values, or which columns are tests of their own.';
  if (!wide && !has('test')) return 'Say which column names the test.';
  if (roles.some((r) => isReadout(r) && !readoutOf(r.test, r.readout)))
    return 'A column names a test that is not known.';
  return null;
}
