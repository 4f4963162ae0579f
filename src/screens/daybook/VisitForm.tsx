import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { weekdayWords } from '@/core/day-words';
import { clashesWith, fieldOf, weekly, type Visit } from '@/core/visits/visit';
import { whenTyped } from '@/core/visits/when';
import { saveVisits } from '@/store/visits';
import { newId, now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { ComerPick, type CanCome } from './ComerPick';
import { WhenFields, type WhenTexts } from './WhenFields';
import type { DayBook } from './use-day-book';

/** How often a visit is repeated. */
const WEEKS = [1, 4, 8, 12, 26] as const;

/** Adds a visit on the day that is chosen, once or every week. */
export function VisitForm({ book, day, from }: { book: DayBook; day: string; from: readonly CanCome[] }) {
  const { db } = useStudio();
  const undo = useUndo();
  const [who, setWho] = useState<CanCome | null>(null);
  const [texts, setTexts] = useState<WhenTexts>({ at: '', minutes: '60' });
  const [weeks, setWeeks] = useState(1);
  const [problem, setProblem] = useState<{ of: 'who' | 'minutes' | 'at'; words: string } | null>(null);
  const add = async () => {
    if (!who) return setProblem({ of: 'who', words: say('Choose who comes.') });
    const typed = whenTyped(texts.at, texts.minutes);
    if (!typed.ok) return setProblem(typed);
    setProblem(null);
    const time = now();
    const first: Visit = { id: newId(), ...fieldOf(who), day, ...typed.when, createdAt: time, updatedAt: time };
    const all = weekly(first, weeks, newId);
    const clash = all.flatMap((v) => clashesWith(v, book.visits).map((other) => ({ v, other })))[0];
    const change = await saveVisits(db, all);
    const said =
      all.length === 1
        ? say('{{name}} comes on {{weekday}}.', { name: who.name, weekday: weekdayWords(day) })
        : say('{{count}} visits of {{name}} are in the book.', { count: all.length, name: who.name });
    undo(
      clash
        ? say('{{said}} On {{weekday}} {{name}} comes at {{what}} too.', {
            said,
            weekday: weekdayWords(clash.v.day),
            name: book.nameOf(clash.other),
            what: clash.other.at ?? '',
          })
        : said,
      change,
    );
    setWho(null);
    return undefined;
  };
  return (
    <Box
      component="form"
      aria-label={say('Add a visit')}
      noValidate
      onSubmit={(e) => {
        e.preventDefault();
        void add();
      }}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'flex-start' }}
    >
      <ComerPick
        label={say('Who comes')}
        from={from}
        value={who}
        error={problem?.of === 'who' ? problem.words : undefined}
        width={220}
        onChange={setWho}
      />
      <WhenFields
        texts={texts}
        labels={{ at: say('At'), minutes: say('Minutes') }}
        problem={problem}
        onChange={setTexts}
      />
      <TextField
        select
        size="small"
        label={say('How often')}
        value={weeks}
        onChange={(e) => setWeeks(Number(e.target.value))}
        slotProps={{ select: { native: true } }}
        sx={{ width: 166 }}
      >
        {WEEKS.map((n) => (
          <option key={n} value={n}>
            {n === 1 ? say('once') : say('every week, {{count}} times', { count: n })}
          </option>
        ))}
      </TextField>
      <Button type="submit" variant="contained">
        {say('Add')}
      </Button>
    </Box>
  );
}
