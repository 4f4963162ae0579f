import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { rungOf } from '@/core/poses';
import type { Rechecked } from '@/core/practice/recheck';

/** Shape and rung as they are called. */
export const nameOf = (taught: { pose: string; rung: number }): string => {
  const found = rungOf(taught.pose, taught.rung);
  return found ? `${found.shape.name}, ${found.rung.name}` : taught.pose;
};

/**
 * What cautions or pain that came later changed in a practice, as sentences; holds that are alike shortened stand
 * together.
 */
export function recheckedWords(changes: readonly Rechecked[]): string[] {
  const shorter = new Map<string, string[]>();
  const out: string[] = [];
  for (const change of changes) {
    if (change.kind === 'closed') {
      const instead = change.to ? `${nameOf(change.to)} stands in its place` : 'it is left out';
      out.push(`${nameOf(change)} is closed (${change.why.join('; ')}); ${instead}.`);
      continue;
    }
    const key = `Held for ${Math.round(change.to_s)} s at most (${change.why.join('; ')}): `;
    shorter.set(key, [...(shorter.get(key) ?? []), rungOf(change.pose, change.rung)?.shape.name ?? change.pose]);
  }
  return [...out, ...[...shorter].map(([key, names]) => `${key}${[...new Set(names)].join(', ')}.`)];
}

/** Told wherever a practice is opened, printed or taught that cautions or pain have changed since it was made. */
export function RecheckedNote({ changes, onKeep }: { changes: readonly Rechecked[]; onKeep?: () => void }) {
  'use memo';
  if (changes.length === 0) return null;
  return (
    <Alert
      severity="warning"
      role="status"
      sx={{ mb: 2 }}
      action={
        onKeep && (
          <Button color="inherit" size="small" onClick={onKeep}>
            Use these changes
          </Button>
        )
      }
    >
      <Typography sx={{ fontWeight: 600 }}>Something has changed since this was made:</Typography>
      {recheckedWords(changes).map((words) => (
        <Typography key={words}>{words}</Typography>
      ))}
    </Alert>
  );
}
