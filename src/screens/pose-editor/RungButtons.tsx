import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { OwnShape } from '@/core/poses/schema';

/** Rungs that a pose may have. */
const MOST_RUNGS = 6;

/** The rungs of a pose: which one is open, one more, one less. */
export function RungButtons({
  rungs,
  at,
  onOpen,
  onAdd,
  onRemove,
}: {
  rungs: OwnShape['rungs'];
  /** Place of the open one, from 0. */
  at: number;
  onOpen: (at: number) => void;
  onAdd: () => void;
  onRemove: () => void;
}) {
  'use memo';
  return (
    <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', alignItems: 'center', mt: 1 }}>
      <Typography variant="h3" sx={{ mr: 1 }}>
        {say('Rungs')}
      </Typography>
      {rungs.map((r, k) => (
        <Button
          key={`${k}${r.name}`}
          size="small"
          aria-current={k === at ? 'step' : undefined}
          sx={{ fontWeight: k === at ? 700 : 400, maxWidth: 190 }}
          onClick={() => onOpen(k)}
        >
          {k + 1} · {say(r.name)}
        </Button>
      ))}
      <Button size="small" disabled={rungs.length >= MOST_RUNGS} onClick={onAdd}>
        {say('+ a further rung')}
      </Button>
      {rungs.length > 1 && (
        <Button size="small" onClick={onRemove}>
          {say('Remove this rung')}
        </Button>
      )}
    </Box>
  );
}
