import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import type { ReadoutId, TestDefinition } from '@/core/assessment/definition';

/** Which number of a test is read, where it has several. */
export function ReadoutChips({
  test,
  chosen,
  onChoose,
}: {
  test: TestDefinition;
  /** Id of the read-out. */
  chosen: string;
  onChoose: (readout: ReadoutId) => void;
}) {
  'use memo';
  if (test.readouts.length < 2) return null;
  return (
    <Box role="group" aria-label={say('What is read')} sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, mb: 0.5 }}>
      {test.readouts.map((r) => (
        <Chip
          key={r.id}
          label={say(r.name)}
          clickable
          aria-pressed={r.id === chosen}
          color={r.id === chosen ? 'primary' : 'default'}
          variant={r.id === chosen ? 'filled' : 'outlined'}
          onClick={() => onChoose(r.id)}
          sx={{ height: 30 }}
        />
      ))}
    </Box>
  );
}
