import { say } from '@/core/languages/spoken';
import { parse, type ParseError } from 'jsonc-parser';
import type { z } from 'zod';

/**
 * What every Kolpos file has in common: it is JSON with a format and a version, and what is wrong is named with its
 * place.
 */

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
  } catch {
    return fail(
      text.trim() === '' ? say('the file') : say('line {{count}}', { count: lineOf(text) }),
      say('This is not complete JSON. Was the file cut short or opened in a word processor?'),
    );
  }
  if (typeof data !== 'object' || data === null || Array.isArray(data))
    return fail(say('the file'), say('This is not {{name}}.', { name }));
  const head = data as Record<string, unknown>;
  if (head.format !== format)
    return fail('format', say('This is not {{name}}: "format" must be "{{format}}".', { name, format }));
  if (typeof head.version === 'number' && head.version > newest)
    return fail(
      'version',
      say('This file was written by a newer Kolpos (version {{count}}). Update Kolpos, then bring it in.', {
        count: head.version,
      }),
    );
  return { ok: true, data: head };
}

/** The first thing that a schema finds wrong. */
export function firstIssue(error: z.ZodError): Failed {
  const issue = error.issues[0];
  return fail(pathOf(issue.path), issue.message);
}

/** A path as it is told, for example `students[2].height_cm`. */
export const pathOf = (path: readonly PropertyKey[]): string =>
  path.reduce<string>((s, p) => (typeof p === 'number' ? `${s}[${p}]` : s ? `${s}.${String(p)}` : String(p)), '') ||
  say('the file');

/** Line at which a text stops being JSON, from 1. Engines tell it each in their own words, or not at all. */
function lineOf(text: string): number {
  const errors: ParseError[] = [];
  parse(text, errors, { disallowComments: true });
  const at = errors[0]?.offset ?? text.length;
  return text.slice(0, at).split('\n').length;
}
