import { say } from '@/core/languages/spoken';
import Delete from '@mui/icons-material/DeleteOutlined';
import Box from '@mui/material/Box';
import IconButton from '@mui/material/IconButton';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { weekdayWords } from '@/core/day-words';
import { BECAME, BECAME_WORDS, CLASS_BECAME_WORDS, clashesWith, endOf, type SeenVisit } from '@/core/visits/visit';
import { changeVisit, removeVisits } from '@/store/visits';
import { Pick } from '../shell/Pick';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import type { DayBook } from './use-day-book';

/** One visit: when, who, what became of it; moved to another day, or removed. */
export function VisitRow({
  visit,
  book,
  dated = false,
  movable = true,
}: {
  visit: SeenVisit;
  book: DayBook;
  /** Says the day too, where it stands among other days. */
  dated?: boolean;
  movable?: boolean;
}) {
  const { db, base } = useStudio();
  const undo = useUndo();
  const name = book.nameOf(visit);
  const ofClass = visit.class !== undefined;
  const words = ofClass ? CLASS_BECAME_WORDS : BECAME_WORDS;
  const change = async (part: Parameters<typeof changeVisit>[2], did: string) =>
    undo(did, await changeVisit(db, visit.id, part));
  const clashes = clashesWith(visit, book.visits);
  return (
    <Box
      component="li"
      sx={{
        display: 'flex',
        flexWrap: 'wrap',
        alignItems: 'center',
        gap: 1,
        py: 0.75,
        borderTop: '1px solid var(--line)',
      }}
    >
      <Typography className="num" sx={{ width: 104, color: visit.became === 'off' ? 'var(--ink-2)' : undefined }}>
        {visit.at ? `${visit.at} – ${endOf(visit)}` : say('some time')}
      </Typography>
      <Box sx={{ flex: '1 1 160px', minWidth: 0 }}>
        <Typography
          component={Link}
          href={ofClass ? `${base}/class?id=${visit.class ?? ''}` : `${base}/student?id=${visit.student ?? ''}`}
          sx={{
            fontWeight: 700,
            color: 'var(--act)',
            overflowWrap: 'anywhere',
            textDecoration: visit.became === 'off' ? 'line-through' : undefined,
          }}
        >
          {name}
        </Typography>
        {dated && (
          <Typography variant="caption" component="p">
            {weekdayWords(visit.day)}
          </Typography>
        )}
        {visit.taught && (
          <Typography variant="caption" component="p">
            {say('a lesson of this day is in the log')}
          </Typography>
        )}
        {clashes.length > 0 && (
          <Typography variant="caption" component="p" sx={{ color: 'var(--caution)' }}>
            {say('at the same time as {{clashes}}', { clashes: clashes.map((c) => book.nameOf(c)).join(', ') })}
          </Typography>
        )}
      </Box>
      <Box
        role="group"
        aria-label={say('What became of it: {{name}}', { name })}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5 }}
      >
        {BECAME.map((b) => (
          <Pick
            key={b}
            label={say(words[b])}
            on={visit.became === b}
            press={() =>
              // What follows from a lesson is only written down, not taken back.
              void change(
                { became: visit.became === b && !visit.taught ? undefined : b },
                visit.became === b && !visit.taught
                  ? say('{{name}}: nothing is said any more.', { name })
                  : `${name}: ${say(words[b])}.`,
              )
            }
          />
        ))}
      </Box>
      {movable && (
        <TextField
          size="small"
          type="date"
          value={visit.day}
          onChange={(e) => {
            const day = e.target.value;
            if (/^\d{4}-\d{2}-\d{2}$/.test(day) && day >= '2000-01-01' && day <= '2099-12-31')
              void change({ day }, say('{{name}} comes on {{weekday}}.', { name, weekday: weekdayWords(day) }));
          }}
          slotProps={{ htmlInput: { 'aria-label': say('Day of {{name}}’s visit', { name }) } }}
          sx={{ width: 150 }}
        />
      )}
      {movable && (
        <IconButton
          size="small"
          aria-label={say('Remove the visit of {{name}} on {{weekday}}', { name, weekday: weekdayWords(visit.day) })}
          onClick={() =>
            void removeVisits(db, [visit.id], name).then((c) =>
              undo(
                say('The visit of {{name}} on {{weekday}} is removed.', { name, weekday: weekdayWords(visit.day) }),
                c,
              ),
            )
          }
        >
          <Delete fontSize="small" />
        </IconButton>
      )}
    </Box>
  );
}
