'use client';
import { say } from '@/core/languages/spoken';
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
    onPut(
      { ...choice, marks },
      to === 'done' ? say('Done.') : to === 'missed' ? say('Missed; that happens.') : say('Open again.'),
    );
  };
  const move = (moved: PlannedDay, to: string) => {
    const marks = { ...choice.marks };
    delete marks[moved.was];
    onPut(
      { ...choice, marks, moved: { ...choice.moved, [moved.was]: to } },
      say('Moved to {{format}}.', { format: format(parseISO(to), say('EEEE')) }),
    );
  };
  return (
    <Box component="section" aria-label={say('Week {{what}} of {{weeks}}', { what: week + 1, weeks: choice.weeks })}>
      <Typography variant="h2">
        {say('Week {{what}} of {{weeks}}, for {{name}}', { what: week + 1, weeks: choice.weeks, name })}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say(PROGRESSION_WORDS[asked])}
        {held.length > 0 &&
          asksMore &&
          say(' Now rather as it is: {{held}}.', { held: held.map((h) => say(HELD_BACK_WORDS[h])).join(', ') })}
        {choice.held?.includes(week) && (
          <Button
            size="small"
            className="no-print"
            onClick={() =>
              onPut({ ...choice, held: choice.held?.filter((w) => w !== week) }, say('It asks for more again.'))
            }
          >
            {say('Ask for more again')}
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
                {say('☐ {{format}} · {{count}} minutes{{what}}', {
                  format: format(parseISO(d.day), say('EEEE d MMMM')),
                  count: d.minutes,
                  what:
                    d.day !== d.was ? say(' (was {{format}})', { format: format(parseISO(d.was), say('EEEE')) }) : '',
                })}
              </Typography>
              <ToggleButtonGroup
                exclusive
                size="small"
                className="no-print"
                aria-label={say('What became of {{format}}', { format: format(parseISO(d.day), say('EEEE d MMMM')) })}
                value={d.mark}
                onChange={(_, to: 'done' | 'missed' | null) => mark(d, to)}
              >
                <ToggleButton value="done">{say('done')}</ToggleButton>
                <ToggleButton value="missed">{say('missed')}</ToggleButton>
              </ToggleButtonGroup>
            </Box>
            {stretched.length > 0 && (
              <Typography sx={{ fontSize: 15 }}>
                {stretched
                  .map(([key, m]) =>
                    say('{{aim}} {{m}} min', {
                      aim: aimWords(key.replace(/^lengthen and strengthen/, 'lengthen')),
                      m: m.toFixed(1),
                    }),
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
                {say('Before it: test {{retest}} again, cold.', { retest: d.retest.join(say(' and ')) })}
              </Typography>
            )}
            {d.mark === 'missed' && (
              <Box className="no-print">
                {other ? (
                  <Button size="small" onClick={() => move(d, other)}>
                    {say('Do it on {{format}}', { format: format(parseISO(other), say('EEEE')) })}
                  </Button>
                ) : (
                  <Typography variant="caption">
                    {say('Nothing to make up for: the next day goes on as planned.')}
                  </Typography>
                )}
              </Box>
            )}
          </Box>
        );
      })}
      {days.length === 0 && <Typography>{say('No practice in this week.')}</Typography>}
    </Box>
  );
}
