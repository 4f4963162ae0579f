import { readFileSync } from 'node:fs';
import { readRecord } from '@/core/formats/read-record';
import type { KolposRecord } from '@/core/formats/record';

/**
 * The demo studio as it is published, a copy of its own each time: making it takes seconds, reading it does not.
 * `derived` holds the file against what makes it.
 */
export function publishedStudio(): KolposRecord {
  const read = readRecord(readFileSync('public/demo.json', 'utf8'));
  if (!read.ok) throw new Error(read.problem.message);
  return read.record;
}
