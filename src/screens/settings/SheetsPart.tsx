'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { textOf } from '@/core/formats/text';
import type { Table } from '@/core/formats/sheets/table';
import { today } from '@/store/studio';
import { BringInButton, RefusedNote, type RefusedFile } from '../shell/BringIn';
import { saveFile } from '../shell/save-file';
import { useStudio } from '../shell/studio-context';

const SheetDialog = dynamic(() => import('./SheetDialog').then((m) => m.SheetDialog));

/** Tables for any program: readings, what was taught and students out, readings in. */
export function SheetsPart() {
  const { db, name } = useStudio();
  const [refused, setRefused] = useState<RefusedFile | null>(null);
  const [sheet, setSheet] = useState<{ file: string; table: Table } | null>(null);
  const out = async (what: 'readings' | 'log' | 'students') => {
    const [write, students, readings, logs] = await Promise.all([
      import('@/core/formats/sheets/write'),
      db.students.toArray(),
      what === 'readings' ? db.readings.toArray() : [],
      what === 'log' ? db.logs.toArray() : [],
    ]);
    const text =
      what === 'readings'
        ? write.readingsTable(readings, students)
        : what === 'log'
          ? write.logTable(logs, students)
          : write.studentsTable(students);
    saveFile(`kolpos-${name}-${what}-${today()}.csv`, text, 'text/csv');
  };
  const into = async (file: File) => {
    setRefused(null);
    const refuse = (message: string) => setRefused({ file: file.name, field: say('the table'), message });
    const read = textOf(new Uint8Array(await file.arrayBuffer()));
    if (!read.ok) {
      refuse(say('Its letters cannot be read. In your program for tables, save it as CSV in UTF-8.'));
      return;
    }
    const { readTable } = await import('@/core/formats/sheets/table');
    const answer = readTable(read.text);
    if (answer.ok) setSheet({ file: file.name, table: answer.table });
    else refuse(answer.why);
  };
  return (
    <Box component="section" aria-label={say('Spreadsheets')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Spreadsheets')}
      </Typography>
      <Typography sx={{ mb: 2 }}>
        {say(
          'Tables for any program, as CSV. Readings that you keep in a table of your own come in the same way. You see what each column means. What is not clear is asked before anything is kept.',
        )}
      </Typography>
      <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap' }}>
        <Button variant="outlined" onClick={() => void out('readings')}>
          {say('Readings')}
        </Button>
        <Button variant="outlined" onClick={() => void out('log')}>
          {say('Log')}
        </Button>
        <Button variant="outlined" onClick={() => void out('students')}>
          {say('Students')}
        </Button>
        <BringInButton
          words={say('Bring readings in from a table')}
          label={say('Table to bring in')}
          accept="text/csv,text/tab-separated-values,text/plain,.csv,.tsv,.txt"
          onFile={(file) => void into(file)}
        />
      </Box>
      {refused && <RefusedNote problem={refused} onClose={() => setRefused(null)} />}
      {sheet && <SheetDialog file={sheet.file} table={sheet.table} onClose={() => setSheet(null)} />}
    </Box>
  );
}
