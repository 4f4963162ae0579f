/**
 * Words that have changed since a file or a row was written, said as they are said now. What is not of the old kind
 * stays as it is.
 */

/** Key of the setting that holds what is wished of a student's practices. */
const WISHES = 'wishes/';

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v);

/** A request for a practice with its style under that name: until version 6 of a record it stood under `arc`. */
function request(value: unknown): unknown {
  if (!isObject(value) || !('arc' in value)) return value;
  const { arc, ...rest } = value;
  return { style: arc, ...rest };
}

/** A practice, template or class with its request in the words of today. */
export const inWordsOfToday = (row: unknown): unknown =>
  isObject(row) && 'request' in row ? { ...row, request: request(row.request) } : row;

/** A setting's text in the words of today. */
export function settingOfToday(key: string, text: string): string {
  if (!key.startsWith(WISHES)) return text;
  try {
    return JSON.stringify(request(JSON.parse(text)));
  } catch {
    return text;
  }
}
