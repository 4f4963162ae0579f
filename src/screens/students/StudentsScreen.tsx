'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { screenOf } from '@/core/cautions/screen';
import type { Student } from '@/core/students/student';
import { changeStudent, saveStudent } from '@/store/changes';
import { today } from '@/store/studio';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { Opening } from '../shell/Opening';
import { StudentMenu } from './StudentMenu';
import { useUnits } from '../settings/use-units';
import { StudentForm } from './StudentForm';
import { finds } from '@/core/text-search';

/** Where what is typed for a new student waits until she is added. */
const DRAFT = 'new-student';

/** The list of students; adding and archiving. */
export function StudentsScreen() {
  const { db, base } = useStudio();
  const router = useRouter();
  const undo = useUndo();
  const adding = useSearchParams().get('add') === '1';
  const [search, setSearch] = useState('');
  const [archived, setArchived] = useState(false);
  const students = useLiveQuery(() => db.students.orderBy('name').toArray(), [db]);
  const draft = useLiveQuery(async () => ({ text: (await db.memos.get(DRAFT))?.value }), [db]);
  const units = useUnits();
  if (!students || !draft || !units) return <Opening />;
  const forgetDraft = () => db.memos.delete(DRAFT);

  if (adding)
    return (
      <Box sx={{ p: 3 }}>
        <Typography variant="h1" gutterBottom>
          {say('A new student')}
        </Typography>
        <StudentForm
          student={null}
          units={units}
          label={say('Add student')}
          draft={{ text: draft.text, onChange: (value) => void db.memos.put({ key: DRAFT, value }) }}
          onCancel={() => void forgetDraft().then(() => router.push(`${base}/students`))}
          onSave={(s) =>
            void saveStudent(db, s).then(async (change) => {
              await forgetDraft();
              undo(say('{{name}} is added.', { name: s.name }), change);
              // Asked before measured.
              router.push(`${base}/student?id=${s.id}&step=ask`);
            })
          }
        />
      </Box>
    );
  if (students.length === 0)
    return (
      <EmptyChart
        title={say('No students yet')}
        action={
          <Button variant="contained" component={Link} href={`${base}/students?add=1`}>
            {say('Add the first student')}
          </Button>
        }
      >
        {say('Here you keep the people you work with. Everything stays in this browser and in the files you take out.')}
      </EmptyChart>
    );
  const archive = async (person: Student, to: boolean) =>
    undo(
      to ? say('{{name}} is archived.', { name: person.name }) : say('{{name}} is back.', { name: person.name }),
      await changeStudent(db, person.id, { archived: to }),
    );
  const shown = students.filter((s) => s.archived === archived && finds(s.name, search));
  return (
    <Box sx={{ p: 3, maxWidth: 860 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 2, alignItems: 'center', mb: 2 }}>
        <Typography variant="h1" sx={{ flex: 1 }}>
          {say('Students')}
        </Typography>
        <FormControlLabel
          control={<Switch checked={archived} onChange={(_, v) => setArchived(v)} />}
          label={say('Archived')}
        />
        <Button component={Link} href={`${base}/overview`}>
          {say('Overview')}
        </Button>
        <TextField label={say('Find')} value={search} onChange={(e) => setSearch(e.target.value)} />
        <Button variant="contained" component={Link} href={`${base}/students?add=1`}>
          {say('Add student')}
        </Button>
      </Box>
      {shown.length === 0 && (
        <Typography color="text.secondary">
          {say('Nobody by that name{{what}}.', { what: archived ? say(' in the archive') : '' })}
        </Typography>
      )}
      <Box component="ul" sx={{ m: 0, p: 0, listStyle: 'none', borderTop: '1px solid var(--line)' }}>
        {shown.map((s) => (
          <Box
            component="li"
            key={s.id}
            sx={{ display: 'flex', alignItems: 'center', gap: 2, borderBottom: '1px solid var(--line)', py: 1.25 }}
          >
            <Box sx={{ flex: 1, minWidth: 0 }}>
              <Box
                component={Link}
                href={`${base}/student?id=${s.id}&step=measure`}
                sx={{ color: 'var(--act)', fontWeight: 700, fontSize: 17 }}
              >
                {s.name}
              </Box>
              <Typography variant="caption" component="p">
                {s.aim || say('no aim written down')}
              </Typography>
            </Box>
            {screenOf(s, today()).cautions.length > 0 && (
              <Typography sx={{ color: 'var(--caution)', fontSize: 14 }}>{say('▲ caution')}</Typography>
            )}
            <Button
              size="small"
              component={Link}
              href={`${base}/student?id=${s.id}&step=ask`}
              aria-label={say('Edit {{name}}', { name: s.name })}
            >
              {say('Edit')}
            </Button>
            <Button
              size="small"
              onClick={() => void archive(s, !s.archived)}
              aria-label={`${s.archived ? say('Bring back') : say('Archive')} ${s.name}`}
            >
              {s.archived ? say('Bring back') : say('Archive')}
            </Button>
            <StudentMenu student={s} />
          </Box>
        ))}
      </Box>
    </Box>
  );
}
