'use client';
import { say } from '@/core/languages/spoken';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { saveClass } from '@/store/edits';
import { newId, now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { Opening } from '../shell/Opening';

/** Students who practise together: every class with who is in it, and a new one by its name. */
export function ClassesScreen() {
  const { db, base } = useStudio();
  const router = useRouter();
  const undo = useUndo();
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const data = useLiveQuery(async () => {
    const [classes, students] = await Promise.all([db.classes.orderBy('name').toArray(), db.students.toArray()]);
    return { classes, students };
  }, [db]);
  if (!data) return <Opening />;
  const firstNames = (ids: readonly string[]) =>
    data.students
      .filter((s) => ids.includes(s.id))
      .map((s) => firstName(s.name))
      .join(', ');
  const add = async () => {
    const said = name.trim();
    if (said === '') {
      setProblem(say('Give the class a name, for example its day.'));
      return;
    }
    const time = now();
    const id = newId();
    const change = await saveClass(db, {
      id,
      name: said.slice(0, 80),
      students: [],
      items: [],
      aims: [],
      createdAt: time,
      updatedAt: time,
    });
    undo(say('“{{said}}” is added.', { said }), change);
    router.push(`${base}/class?id=${id}`);
  };
  return (
    <Box sx={{ p: 3, maxWidth: 860 }}>
      <Typography variant="h1" gutterBottom>
        {say('Classes')}
      </Typography>
      <Typography sx={{ mb: 2 }}>
        {say(
          'Several students at once: what they share, one practice that serves most of them, and each one’s own rung of it.',
        )}
      </Typography>
      <Box component="ul" sx={{ m: 0, mb: 3, p: 0, listStyle: 'none', borderTop: '1px solid var(--line)' }}>
        {data.classes.map((c) => (
          <Box component="li" key={c.id} sx={{ borderBottom: '1px solid var(--line)', py: 1.25 }}>
            <Box
              component={Link}
              href={`${base}/class?id=${c.id}`}
              sx={{ color: 'var(--act)', fontWeight: 700, fontSize: 17 }}
            >
              {c.name}
            </Box>
            <Typography variant="caption" component="p">
              {firstNames(c.students) || say('nobody yet')}
              {c.items.length > 0 && c.request
                ? say(' · a practice of {{count}} minutes', { count: c.request.minutes })
                : ''}
            </Typography>
          </Box>
        ))}
        {data.classes.length === 0 && (
          <Typography component="li" color="text.secondary" sx={{ py: 1.25 }}>
            {say('No class yet.')}
          </Typography>
        )}
      </Box>
      <Box
        component="form"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
        sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start' }}
      >
        <TextField
          label={say('Name of a new class')}
          value={name}
          onChange={(e) => {
            setName(e.target.value);
            setProblem(null);
          }}
          error={problem !== null}
          helperText={problem}
          sx={{ width: 320 }}
        />
        <Button type="submit" variant="contained">
          {say('Add class')}
        </Button>
      </Box>
    </Box>
  );
}
