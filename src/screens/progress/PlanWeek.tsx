'use client';
import { daysBetween } from '@/core/day-count';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { format, parseISO } from 'date-fns';
import { aimWords } from '@/core/practice/words';
import { catchUp, progression, type Plan, type PlanChoice, type PlannedDay } from '@/core/progress/plan';
import type { HeldBack } from '@/core/progress/hold-back';
import { HELD_BACK_WORDS, PROGRESSION_WORDS } from '@/core/progress/words';
import { today } from '@/store/studio';

/** The week that a chosen day is in: what each of its days is for, done or missed, and where a missed one could go. */
export function PlanWeek({
  plan,
  choice,
  chosen,
  name,
  held,
  onPut,
}: {
  plan: Plan;
  choice: PlanChoice;
  chosen: string;
  name: string;
  /** What speaks against asking for more just now. */
  held: readonly HeldBack[];
  onPut: (next: PlanChoice, did: string) => void;
}) {
  const week = Math.max(0, Math.min(choice.weeks - 1, Math.floor(daysBetween(choice.start, chosen) / 7)));
  const days = plan.days.filter((d) => d.week === week);
  const asked = progression(week, choice.held);
  const asksMore = ['longer', 'next-rung'].includes(asked);
  const mark = (marked: PlannedDay, to: 'done' | 'missed' | null) => {
    const marks = { ...choice.marks };
    if (to) marks[marked.was] = to;
    else delete marks[marked.was];
    onPut({ ...choice, marks }, to === 'done' ? 'Done.' : to === 'missed' ? 'Missed; that happens.' : 'Open again.');
  };
  const move = (moved: PlannedDay, to: string) => {
    const marks = { ...choice.marks };
    delete marks[moved.was];
    onPut(
      { ...choice, marks, moved: { ...choice.moved, [moved.was]: to } },
      `Moved to ${format(parseISO(to), 'EEEE')}.`,
    );
  };
  return (
    <Box component="section" aria-label={`Week ${week + 1} of ${choice.weeks}`}>
      <Typography variant="h2">
        Week {week + 1} of {choice.weeks}, for {name}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {PROGRESSION_WORDS[asked]}
        {held.length > 0 && asksMore && ` Now rather as it is: ${held.map((h) => HELD_BACK_WORDS[h]).join(', ')}.`}
        {choice.held?.includes(week) && (
          <Button
            size="small"
            className="no-print"
            onClick={() =>
              onPut({ ...choice, held: choice.held?.filter((w) => w !== week) }, 'It asks for more again.')
            }
          >
            Ask for more again
          </Button>
        )}
      </Typography>
      {days.map((d) => {
        const other = d.mark === 'missed' ? catchUp(plan, d, today()) : null;
        const stretched = Object.entries(d.stretch).filter(([, m]) => m > 0.05);
        return (
          <Box key={d.was} component="article" sx={{ borderTop: '1px solid var(--line)', py: 1, breakInside: 'avoid' }}>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, alignItems: 'center' }}>
              <Typography sx={{ fontWeight: 700, flex: 1, minWidth: 190 }}>
                ☐ {format(parseISO(d.day), 'EEEE d MMMM')} · {d.minutes} minutes
                {d.day !== d.was ? ` (was ${format(parseISO(d.was), 'EEEE')})` : ''}
              </Typography>
              <ToggleButtonGroup
                exclusive
                size="small"
                className="no-print"
                aria-label={`What became of ${format(parseISO(d.day), 'EEEE d MMMM')}`}
                value={d.mark}
                onChange={(_, to: 'done' | 'missed' | null) => mark(d, to)}
              >
                <ToggleButton value="done">done</ToggleButton>
                <ToggleButton value="missed">missed</ToggleButton>
              </ToggleButtonGroup>
            </Box>
            {stretched.length > 0 && (
              <Typography sx={{ fontSize: 15 }}>
                {stretched
                  .map(
                    ([key, m]) =>
                      `${aimWords(key.replace(/^lengthen and strengthen/, 'lengthen'))} ${m.toFixed(1)} min`,
                  )
                  .join(', ')}
              </Typography>
            )}
            {d.strength.length > 0 && (
              <Typography sx={{ fontSize: 15 }}>
                {d.strength.map((key) => aimWords(key.replace(/^lengthen and strengthen/, 'strengthen'))).join(', ')}
              </Typography>
            )}
            {d.retest.length > 0 && (
              <Typography sx={{ fontSize: 15, fontWeight: 700 }}>
                Before it: test {d.retest.join(' and ')} again, cold.
              </Typography>
            )}
            {d.mark === 'missed' && (
              <Box className="no-print">
                {other ? (
                  <Button size="small" onClick={() => move(d, other)}>
                    Do it on {format(parseISO(other), 'EEEE')}
                  </Button>
                ) : (
                  <Typography variant="caption">Nothing to make up for: the next day goes on as planned.</Typography>
                )}
              </Box>
            )}
          </Box>
        );
      })}
      {days.length === 0 && <Typography>No practice in this week.</Typography>}
    </Box>
  );
}
