import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useSnackbar } from 'notistack';
import { useState } from 'react';
import { MOST_STUDENTS, type YogaClass } from '@/core/classes/class';
import { Pick as PickChip } from '../shell/Pick';
import { useStudio } from '../shell/studio-context';
import type { ClassData } from './use-class';
import type { KeepClass } from './use-class-building';

/** Who is in a class: each to be taken out by a press, others found by their name. */
export function WhoComes({
  one,
  students,
  people,
  keep,
}: Pick<ClassData, 'students' | 'people'> & { one: YogaClass; keep: KeepClass }) {
  'use memo';
  const { base } = useStudio();
  const { enqueueSnackbar } = useSnackbar();
  const [find, setFind] = useState('');
  const toggle = (id: string, who: string) => {
    const isIn = one.students.includes(id);
    if (!isIn && one.students.length >= MOST_STUDENTS) {
      enqueueSnackbar(say('A class holds {{count}}.', { count: MOST_STUDENTS }), { variant: 'info' });
      return;
    }
    const without = (yogaClass: YogaClass): string[] => yogaClass.students.filter((s) => s !== id);
    void keep(
      (c) => ({ ...c, students: isIn ? without(c) : [...without(c), id] }),
      isIn ? say('{{who}} is not in it.', { who }) : say('{{who}} is in it.', { who }),
    );
  };
  return (
    <Box
      role="group"
      aria-label={say('Who comes')}
      className="no-print"
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center', mb: 2 }}
    >
      <Typography sx={{ mr: 0.5 }}>{say('Who comes')}</Typography>
      {people.map(({ student: s }) => (
        <PickChip key={s.id} label={s.name} on press={() => toggle(s.id, s.name)} />
      ))}
      {students.length === 0 ? (
        <Button component={Link} href={`${base}/students?add=1`}>
          {say('Add the first student')}
        </Button>
      ) : (
        <Autocomplete
          options={students.filter((s) => !one.students.includes(s.id))}
          getOptionLabel={(s) => s.name}
          getOptionKey={(s) => s.id}
          value={null}
          inputValue={find}
          onInputChange={(_, text, reason) => setFind(reason === 'input' ? text : '')}
          size="small"
          sx={{ width: 220 }}
          noOptionsText={say('Nobody else by that name.')}
          onChange={(_, s) => s && toggle(s.id, s.name)}
          renderInput={(params) => <TextField {...params} label={say('Add a student')} />}
        />
      )}
    </Box>
  );
}
