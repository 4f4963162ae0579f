import type { z } from 'zod';

/** What every Kolpos file has in common: it is JSON with a format and a version, and what is wrong is named with its place. */

export interface FileProblem {
  /** Where in the file, for example `students[2].height_cm`. */
  field: string;
  message: string;
}
export type Failed = { ok: false; problem: FileProblem };

export const fail = (field: string, message: string): Failed => ({ ok: false, problem: { field, message } });

/** The JSON of a file with the given format and at most the given version, unchecked beyond that. Never throws. */
export function readJson(
  text: string,
  format: string,
  name: string,
  newest: number,
): { ok: true; data: Record<string, unknown> } | Failed {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    const line = lineOf(text, error instanceof Error ? error.message : '');
    return fail(
      line ? `line ${line}` : 'the file',
      'This is not complete JSON. Was the file cut short or opened in a word processor?',
    );
  }
  if (typeof data !== 'object' || data === null || Array.isArray(data)) return fail('the file', `This is not ${name}.`);
  const head = data as Record<string, unknown>;
  if (head.format !== format) return fail('format', `This is not ${name}: "format" must be "${format}".`);
  if (typeof head.version === 'number' && head.version > newest)
    return fail(
      'version',
      `This file was written by a newer Kolpos (version ${head.version}). Update Kolpos, then bring it in.`,
    );
  return { ok: true, data: head };
}

/** The first thing that a schema finds wrong. */
export function firstIssue(error: z.ZodError): Failed {
  const issue = error.issues[0];
  return fail(pathOf(issue.path), issue.message);
}

const pathOf = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((s, p) => (typeof p === 'number' ? `${s}[${p}]` : s ? `${s}.${String(p)}` : String(p)), '') ||
  'the file';

function lineOf(text: string, message: string): number | null {
  const at = /position (\d+)/.exec(message);
  return at ? text.slice(0, Number(at[1])).split('\n').length : text.length > 0 ? text.split('\n').length : null;
}
