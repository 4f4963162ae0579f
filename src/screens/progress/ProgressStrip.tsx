import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { VERDICT_WORDS } from '@/core/progress/words';
import type { SheetChange } from '@/core/progress/student-sheet';
import { drawStrip } from '@/pdf/progress-page';

const WIDTH = 320,
  HEIGHT = 28;

/** Two readings on a line, with what can come from the measuring alone and what is typical. */
export function ProgressStrip({ change }: { change: SheetChange }) {
  'use memo';
  const { box, line, error, typical, then, now, radius } = drawStrip(change, WIDTH, HEIGHT);
  const rect = ([x, y, width, height]: readonly [number, number, number, number]) => ({ x, y, width, height });
  return (
    <Box
      component="svg"
      viewBox={`0 0 ${box[0]} ${box[1]}`}
      role="img"
      aria-label={say('{{then}} then, {{now}} now: {{verdict}}', {
        then: change.then,
        now: change.now,
        verdict: say(VERDICT_WORDS[change.verdict]),
      })}
      sx={{ width: '100%', maxWidth: WIDTH, display: 'block', printColorAdjust: 'exact' }}
    >
      {typical && <rect {...rect(typical)} fill="var(--sea-1)" />}
      <rect {...rect(error)} fill="var(--land-1)" />
      <line x1={line[0]} y1={line[1]} x2={line[2]} y2={line[3]} stroke="var(--contour)" />
      <circle cx={then[0]} cy={then[1]} r={radius} fill="var(--surface)" stroke="var(--ink)" strokeWidth={1.75} />
      <circle cx={now[0]} cy={now[1]} r={radius} fill="var(--ink)" />
    </Box>
  );
}
