import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { rungOf } from '@/core/poses';
import type { Rechecked } from '@/core/practice/recheck';

/** Shape and rung as they are called. */
export const nameOf = (taught: { pose: string; rung: number }): string => {
  const found = rungOf(taught.pose, taught.rung);
  return found ? `${say(found.shape.name)}, ${say(found.rung.name)}` : taught.pose;
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
      const instead = change.to
        ? say('{{name}} stands in its place', { name: nameOf(change.to) })
        : say('it is left out');
      out.push(
        say('{{name}} is closed ({{why}}); {{instead}}.', {
          name: nameOf(change),
          why: change.why.join('; '),
          instead,
        }),
      );
      continue;
    }
    const key = say('Held for {{count}} s at most ({{why}}): ', {
      count: Math.round(change.to_s),
      why: change.why.join('; '),
    });
    shorter.set(key, [...(shorter.get(key) ?? []), say(rungOf(change.pose, change.rung)?.shape.name ?? change.pose)]);
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
            {say('Use these changes')}
          </Button>
        )
      }
    >
      <Typography sx={{ fontWeight: 600 }}>{say('Something has changed since this was made:')}</Typography>
      {recheckedWords(changes).map((words) => (
        <Typography key={words}>{words}</Typography>
      ))}
    </Alert>
  );
}
