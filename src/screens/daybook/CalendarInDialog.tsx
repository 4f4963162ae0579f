import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { weekdayWords } from '@/core/day-words';
import { visitsFrom } from '@/core/visits/from-events';
import { visitBehind } from '@/core/visits/visit-calendar';
import { whoIsMeant } from '@/core/visits/who-is-meant';
import type { CalendarEvent } from '@/core/visits/read-events';
import { now } from '@/store/studio';
import { saveVisits } from '@/store/visits';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { ComerPick, type CanCome } from './ComerPick';
import type { DayBook } from './use-day-book';

/** Asks once for each title whose its events are; what nobody is chosen for stays out. */
export function CalendarInDialog({
  book,
  canCome,
  events,
  onClose,
}: {
  book: DayBook;
  canCome: readonly CanCome[];
  events: readonly CalendarEvent[];
  onClose: () => void;
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const { stored } = book;
  // Events of visits that Kolpos sent out itself are whose they were.
  const titles = useMemo(() => {
    const out = new Map<string, CalendarEvent[]>();
    for (const event of events) {
      if (stored.has(visitBehind(event.key) ?? '')) continue;
      out.set(event.title, [...(out.get(event.title) ?? []), event]);
    }
    return [...out];
  }, [events, stored]);
  const [whose, setWhose] = useState<ReadonlyMap<string, CanCome | null>>(
    () =>
      new Map(
        titles.map(([title]) => {
          const meant = whoIsMeant(title, book.students, book.classes);
          return [title, canCome.find((c) => c.id === meant?.id) ?? null];
        }),
      ),
  );
  const wanted = visitsFrom(events, stored, (title) => whose.get(title) ?? null, now());
  const added = wanted.filter((v) => !stored.has(v.id)).length,
    changed = wanted.length - added;
  const told = [
    added > 0 && say('{{count}} added', { count: added }),
    changed > 0 && say('{{count}} changed', { count: changed }),
  ]
    .filter((w) => w !== false)
    .join(', ');
  const keep = async () => {
    const change = await saveVisits(db, wanted);
    undo(say('The day book has {{told}}.', { told }), change);
    onClose();
  };
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="calendar-in">
      <DialogTitle id="calendar-in">{say('Whose are these events?')}</DialogTitle>
      <DialogContent>
        <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          {titles.map(([title, own]) => (
            <Box
              component="li"
              key={title}
              sx={{
                display: 'flex',
                flexWrap: 'wrap',
                alignItems: 'center',
                gap: 1.5,
                py: 1,
                borderBottom: '1px solid var(--line)',
              }}
            >
              <Box sx={{ flex: '1 1 220px', minWidth: 0 }}>
                <Typography sx={{ fontWeight: 600, overflowWrap: 'anywhere' }}>
                  {title || say('without a title')}
                </Typography>
                <Typography variant="caption" component="p">
                  {own.length === 1
                    ? weekdayWords(own[0].day)
                    : say('{{count}} times, first on {{weekday}}', {
                        count: own.length,
                        weekday: weekdayWords(own[0].day),
                      })}
                  {own[0].at && `, ${own[0].at}`}
                </Typography>
              </Box>
              <ComerPick
                label={say('Whose is “{{what}}”', { what: title || say('without a title') })}
                from={canCome}
                value={whose.get(title) ?? null}
                onChange={(who) => setWhose(new Map([...whose, [title, who]]))}
              />
            </Box>
          ))}
          {titles.length === 0 && (
            <Typography component="li">{say('All of these are in the day book already.')}</Typography>
          )}
        </Box>
        <Typography variant="caption" component="p" sx={{ mt: 1 }}>
          {say('Leave a field empty to leave its events out.')}
        </Typography>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{say('Cancel')}</Button>
        <Button variant="contained" disabled={wanted.length === 0} onClick={() => void keep()}>
          {wanted.length === 0 ? say('Nothing to add') : say('Into the day book: {{told}}', { told })}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
