'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { format } from 'date-fns';
import { SIDE_MARK } from '@/core/body/words';
import { PLACE_WORDS } from '@/core/students/words';
import { testById } from '@/core/assessment/battery';
import { meanOf, readWithUnit, type Reading } from '@/core/assessment/reading';
import { END_FEEL_WORDS } from '@/core/assessment/words';
import { removeReadings } from '@/store/changes';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { testName } from './log-words';

/** Every reading, newest first, with what was felt and a way to remove it. */
export function ReadingsTable({ readings }: { readings: readonly Reading[] }) {
  'use memo';
  const { db } = useStudio();
  const undo = useUndo();
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        sx={{
          width: '100%',
          borderCollapse: 'collapse',
          '& td:nth-of-type(-n + 1), & td:nth-of-type(3), & td:nth-of-type(4)': { whiteSpace: 'nowrap' },
          '& td, & th': { textAlign: 'left', borderBottom: '1px solid var(--line)', py: 0.75, pr: 2, fontSize: 14 },
        }}
      >
        <thead>
          <tr>
            <th>{say('When')}</th>
            <th>{say('Test')}</th>
            <th>{say('Side')}</th>
            <th>{say('Trials')}</th>
            <th>{say('Felt, end')}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {readings.map((r) => (
            <tr key={r.id}>
              <td className="num">{format(new Date(r.takenAt), say('d MMM yyyy'))}</td>
              <td>{testName(r)}</td>
              <td>{r.side === 'both' ? say('both') : `${SIDE_MARK[r.side]} ${say(r.side)}`}</td>
              <td className="num">
                {r.trials.map((t) => readWithUnit(r, t)).join(', ')}
                {r.trials.length > 1
                  ? say(' (mean {{mean}})', { mean: meanOf(r.trials).toFixed(r.unit === 'Nm_kg' ? 2 : 1) })
                  : ''}
              </td>
              <td>
                {r.placeFelt ? say(PLACE_WORDS[r.placeFelt]) : ''}
                {r.endFeel ? `${r.placeFelt ? ', ' : ''}${say(END_FEEL_WORDS[r.endFeel])}` : ''}
                {r.variant
                  ? ` · ${say(testById(r.test)?.variants?.find((v) => v.id === r.variant)?.name ?? r.variant)}`
                  : ''}
                {r.active ? say(' · alone') : ''}
                {r.atHome ? say(' · read by the student at home') : ''}
                {r.compensations?.length
                  ? say(' · seen: {{compensations}}', { compensations: r.compensations.map((c) => say(c)).join(', ') })
                  : ''}
                {r.history?.length ? say(' · corrected') : ''}
              </td>
              <td>
                <Button
                  size="small"
                  aria-label={say('Remove reading {{what}} {{side}}', {
                    what: say(testById(r.test)?.name ?? r.test),
                    side: say(r.side),
                  })}
                  onClick={() => void removeReadings(db, [r.id]).then((c) => undo(say('The reading is removed.'), c))}
                >
                  {say('Remove')}
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Box>
    </Box>
  );
}
