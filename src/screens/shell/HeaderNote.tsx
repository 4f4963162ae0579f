import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Popover from '@mui/material/Popover';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useState } from 'react';
import { weekdayWords } from '@/core/day-words';
import type { Student } from '@/core/students/student';
import { nextVisit, visitsWithTaught } from '@/core/visits/visit';
import { changeStudent } from '@/store/changes';
import { hourNow, today } from '@/store/studio';
import { KeptText } from '../students/ask/KeptText';
import { useStudio } from './studio-context';

/** When a student comes next, and a note that is in sight on every step. */
export function HeaderNote({ student }: { student: Student }) {
  const { db, base } = useStudio();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const next = useLiveQuery(async () => {
    const [visits, classes, logs] = await Promise.all([
      db.visits.where('day').aboveOrEqual(today()).toArray(),
      db.classes.toArray(),
      db.logs.where('student').equals(student.id).toArray(),
    ]);
    const own = classes.filter((c) => c.students.includes(student.id)).map((c) => c.id);
    const seen = visitsWithTaught(
      visits,
      logs,
      classes.map((c) => c.id),
    );
    return nextVisit(seen, student.id, own, today(), hourNow());
  }, [db, student.id]);
  const small = { fontSize: 14, p: 0, minWidth: 0, textTransform: 'none', textAlign: 'left', lineHeight: 1.4 } as const;
  return (
    <Box sx={{ display: 'flex', flexWrap: 'wrap', columnGap: 1.5, alignItems: 'baseline' }}>
      {next && (
        <Box component={Link} href={`${base}/daybook`} sx={{ fontSize: 14, color: 'var(--act)' }}>
          {next.day === today() ? say('Today') : weekdayWords(next.day)}
          {next.at && `, ${next.at}`}
        </Box>
      )}
      <Button size="small" sx={{ ...small, overflowWrap: 'anywhere' }} onClick={(e) => setAnchor(e.currentTarget)}>
        {student.note ? say('Note: {{note}}', { note: student.note }) : say('Add a note')}
      </Button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      >
        <Box sx={{ p: 2, width: 360, maxWidth: '90vw' }}>
          <KeptText
            label={say('Note, seen on every step')}
            value={student.note ?? ''}
            max={400}
            lines={2}
            help={say('For you. Of all papers only the page of everything kept tells it.')}
            onKeep={(text) => void changeStudent(db, student.id, { note: text === '' ? undefined : text })}
          />
        </Box>
      </Popover>
    </Box>
  );
}
