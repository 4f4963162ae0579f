'use client';
import { listing } from '@/core/languages/listing';
import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useEffect } from 'react';
import { takeOut } from '@/store/take-out';
import { today } from '@/store/studio';
import { writeUnsaved } from '@/store/write-unsaved';
import { type HeldRow } from '@/store/unsaved';
import { saveFile } from './save-file';
import { useStudio } from './studio-context';
import { useUnsaved } from './use-unsaved';
import { plural } from '@/core/plural';

/** What a row of each table is called, one and several; other tables hold where somebody was in her work. */
const CALLED: Readonly<Record<string, readonly [string, string]>> = {
  students: ['student', 'students'],
  readings: ['reading', 'readings'],
  practices: ['practice', 'practices'],
  logs: ['lesson', 'lessons'],
  poses: ['own pose', 'own poses'],
  templates: ['template', 'templates'],
  plans: ['plan of weeks', 'plans of weeks'],
  classes: ['class', 'classes'],
  visits: ['visit', 'visits'],
  memos: ['setting', 'settings'],
};
const OTHER = ['place you were at', 'places you were at'] as const;

/** Held rows counted in words, such as “2 readings and 1 lesson”. */
export function heldWords(rows: readonly Pick<HeldRow, 'table'>[]): string {
  const counts = new Map<readonly [string, string], number>();
  for (const { table } of rows) {
    const called = CALLED[table] ?? OTHER;
    counts.set(called, (counts.get(called) ?? 0) + 1);
  }
  const words = [...counts].map(([[one, several], n]) => `${n} ${say(n === 1 ? one : several)}`);
  return listing('en', { type: 'conjunction' }).format(words);
}

/**
 * Says loudly what could only be kept in memory, and offers the two ways out; the browser asks before it closes the
 * page.
 */
export function UnsavedNote() {
  const { db, name } = useStudio();
  const { rows, reason } = useUnsaved();
  const own = rows.filter((r) => r.database === db.name);
  const any = rows.length > 0;
  useEffect(() => {
    if (!any) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [any]);
  if (own.length === 0) return null;
  return (
    <Alert
      severity="error"
      variant="filled"
      sx={{ borderRadius: 0, fontSize: 16 }}
      action={
        <>
          <Button
            color="inherit"
            onClick={() => void takeOut(db).then((text) => saveFile(`kolpos-${name}-${today()}-rescue.json`, text))}
          >
            {say('Save everything as a file')}
          </Button>
          <Button color="inherit" onClick={() => void writeUnsaved(db)}>
            {say('Try again')}
          </Button>
        </>
      }
    >
      {say(
        '{{held}} {{plural}} only in this page’s memory: {{reason}}. Do not close it before you have saved a file or made room.',
        { held: heldWords(own), plural: plural(own.length, 'is', 'are'), reason },
      )}
    </Alert>
  );
}
