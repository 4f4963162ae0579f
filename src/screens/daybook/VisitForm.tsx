import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { weekdayWords } from '@/core/day-words';
import { hourSchema } from '@/core/progress/plan';
import { clashesWith, fieldOf, VISIT_MINUTES, weekly, type Visit } from '@/core/visits/visit';
import { saveVisits } from '@/store/visits';
import { newId, now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { ComerPick, type CanCome } from './ComerPick';
import type { DayBook } from './use-day-book';

/** How often a visit is repeated. */
const WEEKS = [1, 4, 8, 12, 26] as const;

/** Adds a visit on the day that is chosen, once or every week. */
export function VisitForm({ book, day, from }: { book: DayBook; day: string; from: readonly CanCome[] }) {
  const { db } = useStudio();
  const undo = useUndo();
  const [who, setWho] = useState<CanCome | null>(null);
  const [at, setAt] = useState('');
  const [minutes, setMinutes] = useState('60');
  const [weeks, setWeeks] = useState(1);
  const [problem, setProblem] = useState<{ of: 'who' | 'minutes' | 'at'; words: string } | null>(null);
  const add = async () => {
    const lasts = Number(minutes.replace(',', '.'));
    if (!who) return setProblem({ of: 'who', words: 'Choose who comes.' });
    if (at !== '' && !hourSchema.safeParse(at).success)
      return setProblem({ of: 'at', words: 'An hour is typed as 17:30.' });
    if (!Number.isInteger(lasts) || lasts < VISIT_MINUTES.least || lasts > VISIT_MINUTES.most)
      return setProblem({ of: 'minutes', words: `Whole minutes, ${VISIT_MINUTES.least} to ${VISIT_MINUTES.most}.` });
    setProblem(null);
    const time = now();
    const first: Visit = {
      id: newId(),
      ...fieldOf(who),
      day,
      ...(at !== '' && { at }),
      minutes: lasts,
      createdAt: time,
      updatedAt: time,
    };
    const all = weekly(first, weeks, newId);
    const clash = all.flatMap((v) => clashesWith(v, book.visits).map((other) => ({ v, other })))[0];
    const change = await saveVisits(db, all);
    const said =
      all.length === 1
        ? `${who.name} comes on ${weekdayWords(day)}.`
        : `${all.length} visits of ${who.name} are in the book.`;
    undo(
      clash
        ? `${said} On ${weekdayWords(clash.v.day)} ${book.nameOf(clash.other)} comes at ${clash.other.at ?? ''} too.`
        : said,
      change,
    );
    setWho(null);
    return undefined;
  };
  const told = (of: 'who' | 'minutes' | 'at') => (problem?.of === of ? problem.words : undefined);
  return (
    <Box
      component="form"
      aria-label="Add a visit"
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' }}
    >
      <ComerPick label="Who comes" from={from} value={who} error={told('who')} width={220} onChange={setWho} />
      <TextField
        size="small"
        type="time"
        label="At"
        value={at}
        onChange={(e) => setAt(e.target.value)}
        error={told('at') !== undefined}
        helperText={told('at')}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ width: 116 }}
      />
      <TextField
        size="small"
        label="Minutes"
        value={minutes}
        onChange={(e) => setMinutes(e.target.value)}
        error={told('minutes') !== undefined}
        helperText={told('minutes')}
        slotProps={{ htmlInput: { inputMode: 'numeric' } }}
        sx={{ width: 88 }}
      />
      <TextField
        select
        size="small"
        label="How often"
        value={weeks}
        onChange={(e) => setWeeks(Number(e.target.value))}
        slotProps={{ select: { native: true } }}
        sx={{ width: 166 }}
      >
        {WEEKS.map((n) => (
          <option key={n} value={n}>
            {n === 1 ? 'once' : `every week, ${n} times`}
          </option>
        ))}
      </TextField>
      <Button type="submit" variant="contained">
        Add
      </Button>
    </Box>
  );
}
