import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { screenOf } from '@/core/cautions/screen';
import { nextStep } from '@/core/progress/next-step';
import type { YogaClass } from '@/core/classes/class';
import { byTime, visitsWithTaught, type Visit } from '@/core/visits/visit';
import type { PlanChoice } from '@/core/progress/plan';
import { todayOf } from '@/core/progress/today';
import type { Practice } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import { feltIn, type LogEntry } from '@/core/teaching/log';
import { finds } from '@/core/text-search';
import type { Reading } from '@/core/assessment/reading';
import { today, type Memo } from '@/store/studio';
import { ShowMore } from '../shell/ShowMore';
import { useStudio } from '../shell/studio-context';
import { StudentCard } from './StudentCard';
import { useLimits } from './use-limits';

/** Cards that are drawn at once, and as many more each time. */
const AT_ONCE = 12;
/** From so many students on, a name is looked for rather than seen. */
const MANY = 9;

/** Students as cards: who comes today first, then whom was worked with last. */
export function People({
  students,
  readings,
  practices,
  logs,
  plans,
  classes,
  visits,
  memos,
}: {
  students: readonly Student[];
  readings: readonly Reading[];
  practices: readonly Practice[];
  logs: readonly LogEntry[];
  plans: readonly PlanChoice[];
  classes: readonly YogaClass[];
  /** Visits of today. */
  visits: readonly Visit[];
  memos: readonly Memo[];
}) {
  const { db } = useStudio();
  const [text, setText] = useState('');
  const [shown, setShown] = useState(AT_ONCE);
  const people = useMemo(() => {
    const by = <T extends { student: string }>(rows: readonly T[]): Map<string, T[]> => {
      const out = new Map<string, T[]>();
      for (const row of rows) {
        const own = out.get(row.student);
        if (own) own.push(row);
        else out.set(row.student, [row]);
      }
      return out;
    };
    const day = today();
    const comes = new Map<string, string>();
    const seen = visitsWithTaught(
      visits,
      logs,
      classes.map((c) => c.id),
    );
    for (const visit of seen.sort(byTime).reverse())
      if (visit.became === undefined)
        for (const id of visit.student ? [visit.student] : (classes.find((c) => c.id === visit.class)?.students ?? []))
          comes.set(id, visit.at ?? '');
    const own = { readings: by(readings), logs: by(logs), practices: by(practices) };
    return students
      .map((student) => {
        const hers = own.readings.get(student.id) ?? [],
          taught = own.logs.get(student.id) ?? [];
        const here = todayOf(
          plans.find((p) => p.student === student.id),
          taught,
          hers,
          day,
        );
        return {
          student,
          readings: hers,
          felt: feltIn(taught),
          today: here,
          /** The hour at which she comes today; null where she does not. */
          comes: comes.get(student.id) ?? null,
          next: nextStep(student, hers, own.practices.get(student.id) ?? [], here, screenOf(student, day)),
          last: hers.reduce((t, r) => (r.takenAt > t ? r.takenAt : t), ''),
        };
      })
      .sort(
        (a, b) =>
          Number(b.comes !== null) - Number(a.comes !== null) ||
          (a.comes ?? '').localeCompare(b.comes ?? '') ||
          Number(b.today.practice !== null) - Number(a.today.practice !== null) ||
          (b.last < a.last ? -1 : 1),
      );
  }, [students, readings, practices, logs, plans, classes, visits]);
  const wanted = text.trim();
  const found = useMemo(
    () => people.filter((p) => wanted === '' || finds(p.student.name, wanted)).slice(0, shown),
    [people, wanted, shown],
  );
  const limits = useLimits(db, found, memos);
  return (
    <>
      {students.length >= MANY && (
        <TextField
          size="small"
          label={say('Find a student')}
          value={text}
          onChange={(e) => setText(e.target.value)}
          sx={{ mt: 1, width: 280 }}
        />
      )}
      <Box
        component="ul"
        aria-label={say('Students')}
        sx={{
          listStyle: 'none',
          m: 0,
          mt: 2,
          p: 0,
          display: 'grid',
          gap: 1.5,
          gridTemplateColumns: 'repeat(auto-fill, minmax(min(310px, 100%), 1fr))',
        }}
      >
        {found.map((p) => (
          <StudentCard key={p.student.id} {...p} limits={limits.get(p.student.id) ?? null} />
        ))}
      </Box>
      {found.length === 0 && <Typography sx={{ mt: 2 }}>{say('Nobody here is called that.')}</Typography>}
      {!wanted && <ShowMore all={people.length} shown={shown} step={AT_ONCE} onShow={setShown} />}
    </>
  );
}
