'use client';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { groupName, SIDE_MARK } from '@/core/body/words';
import { amongHundred } from '@/core/inference/words';
import type { GroupFinding } from '@/core/inference/statements';
import type { Aim, Student } from '@/core/students/student';
import type { Round } from '@/core/progress/rounds';
import { toleranceChanges } from '@/core/progress/tolerance';
import { VERDICT_WORDS } from '@/core/progress/words';
import type { LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { useFoundThen } from './use-found-then';

const NO_DAYS: readonly string[] = [];
const signed = (value: number): string => `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(1)}`;

/**
 * How far each muscle group let itself be lengthened in an earlier round, and now: read together from all readings of
 * each.
 */
export function ToleranceThen({
  student,
  readings,
  logs,
  base,
  now,
  aims,
}: {
  student: Student;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
  /** The round that is compared with. */
  base: Round | null;
  now: readonly GroupFinding[] | null;
  aims: readonly Aim[];
}) {
  'use memo';
  const then = useFoundThen(student, readings, logs, base ? [base.to] : NO_DAYS).get(base?.to ?? '')?.groups;
  if (!then || !now) return null;
  // What is aimed at is told in any case; of the rest only what can be told.
  const every = toleranceChanges(then, now);
  const changes = every.filter(
    (c) => c.verdict !== 'too-small' || aims.some((a) => a.group === c.group && a.side === c.side),
  );
  const still = every.length - changes.length;
  return (
    <Box component="section" aria-label="Tolerances then and now" sx={{ mb: 2 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        How far each muscle can lengthen
      </Typography>
      {changes.map((c) => (
        <Typography key={`${c.group}${c.side}`}>
          <span className="muscle">{groupName(c.group)}</span> {SIDE_MARK[c.side]} {c.side}: then{' '}
          {amongHundred(c.then.shareBelow)}, now {amongHundred(c.now.shareBelow)}: {VERDICT_WORDS[c.verdict]}.
        </Typography>
      ))}
      {changes.length > 0 && (
        <Box component="details" sx={{ fontSize: 14 }}>
          <summary>In numbers</summary>
          {changes.map((c) => (
            <Typography key={`${c.group}${c.side}`} sx={{ fontSize: 14 }}>
              {groupName(c.group)} {c.side}: from {signed(c.then.mean)} to {signed(c.now.mean)} SD of typical people (95
              % of the change between {signed(c.low)} and {signed(c.high)}).
            </Typography>
          ))}
        </Box>
      )}
      <Typography variant="caption" component="p">
        {changes.length === 0
          ? 'No change can be told from these readings'
          : `For ${still} others no change can be told`}
        . Each round is read by itself, so the intervals are rather too wide.
      </Typography>
    </Box>
  );
}
