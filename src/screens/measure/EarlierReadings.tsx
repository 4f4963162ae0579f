'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { format } from 'date-fns';
import { useState } from 'react';
import { typedValue } from '@/core/measuring/typed';
import { PLACE_WORDS } from '@/core/students/words';
import type { Readout, TestDefinition } from '@/core/assessment/definition';
import {
  corrected,
  meanOf,
  valueProblem,
  readWithUnit,
  withUnit,
  type Reading,
  type ReadingSide,
} from '@/core/assessment/reading';
import { INSTRUMENT_WORDS } from '@/core/assessment/words';
import { removeReadings, replaceReadings } from '@/store/changes';
import { now } from '@/store/studio';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';

/**
 * What was kept for this read-out and side: each can be put right, with what it was before kept beside it, or removed.
 */
export function EarlierReadings({
  test,
  readout,
  side,
  readings,
}: {
  test: TestDefinition;
  readout: Readout;
  side: ReadingSide;
  readings: readonly Reading[];
}) {
  const { db } = useStudio();
  const undo = useUndo();
  const [editing, setEditing] = useState<{ id: string; text: string; problem: string | null } | null>(null);
  const own = readings
    .filter((r) => r.test === test.id && r.readout === readout.id && r.side === side)
    .sort((a, b) => (a.takenAt < b.takenAt ? 1 : -1));
  if (own.length === 0) return <Box sx={{ pb: 1 }} />;
  const save = async (reading: Reading) => {
    if (!editing) return;
    const trials = editing.text
      .split(/[;/ ]+/)
      .filter(Boolean)
      .map((t) => typedValue(t, readout));
    const problem =
      trials.length === 0 || trials.length > 3
        ? say('One to three values, with a space between them.')
        : trials.map((t) => valueProblem(test.id, readout.id, t)).find((p) => p !== null);
    if (problem) return setEditing({ ...editing, problem });
    const kept = await replaceReadings(db, [corrected(reading, { trials }, now())]);
    setEditing(null);
    undo(
      say('{{name}} is corrected: {{withUnit}}.', {
        name: say(readout.name),
        withUnit: withUnit(readout, meanOf(trials)),
      }),
      kept,
    );
  };
  return (
    <Box component="details" sx={{ pb: 1 }}>
      <Box component="summary" sx={{ fontSize: 14, cursor: 'pointer' }}>
        {say('Kept so far: {{count}}', { count: own.length })}
      </Box>
      <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
        {own.map((r) => (
          <Box component="li" key={r.id} sx={{ fontSize: 14, mb: 0.5 }}>
            {format(new Date(r.takenAt), say('d MMM yyyy, HH:mm'))}:{' '}
            {editing?.id === r.id ? (
              <Box
                component="form"
                onSubmit={(e) => {
                  e.preventDefault();
                  void save(r);
                }}
                sx={{ display: 'inline-flex', gap: 1, alignItems: 'flex-start' }}
              >
                <TextField
                  label={say('Trials')}
                  value={editing.text}
                  autoFocus
                  error={editing.problem !== null}
                  helperText={editing.problem}
                  onChange={(e) => setEditing({ id: r.id, text: e.target.value, problem: null })}
                />
                <Button type="submit">{say('Save the correction')}</Button>
                <Button onClick={() => setEditing(null)}>{say('Leave it')}</Button>
              </Box>
            ) : (
              <>
                <strong>{r.trials.map((t) => readWithUnit(readout, t)).join(', ')}</strong>
                {[
                  r.variant && say(test.variants?.find((v) => v.id === r.variant)?.name ?? ''),
                  r.active === true && say('alone'),
                  r.placeFelt && say(PLACE_WORDS[r.placeFelt]),
                  r.pain && say('ended by pain'),
                  r.instrument && say(INSTRUMENT_WORDS[r.instrument]),
                  r.compensations?.length &&
                    say('seen: {{compensations}}', { compensations: r.compensations.map((c) => say(c)).join(', ') }),
                ]
                  .filter(Boolean)
                  .map((t) => ` · ${String(t)}`)}
                {r.history?.map((h, i) => (
                  <Typography key={i} variant="caption" component="span">
                    {' '}
                    {say('(before: {{trials}}, changed {{format}})', {
                      trials: h.trials.map((t) => readWithUnit(readout, t)).join(', '),
                      format: format(new Date(h.changedAt), say('d MMM HH:mm')),
                    })}
                  </Typography>
                ))}
                {readout.unit !== 'Nm_kg' && (
                  <Button
                    size="small"
                    onClick={() => setEditing({ id: r.id, text: r.trials.join(' '), problem: null })}
                  >
                    {say('Correct this value')}
                  </Button>
                )}
                <Button
                  size="small"
                  onClick={() =>
                    void removeReadings(db, [r.id]).then((kept) =>
                      undo(say('{{name}} is taken out.', { name: say(readout.name) }), kept),
                    )
                  }
                >
                  {say('Take out')}
                </Button>
              </>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
