'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
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
    <Box component="section" aria-label={say('Tolerances then and now')} sx={{ mb: 2 }}>
      <Typography variant="h2" sx={{ mb: 0.5 }}>
        {say('How far each muscle can lengthen')}
      </Typography>
      {changes.map((c) => (
        <Typography key={`${c.group}${c.side}`}>
          <Said
            text={'<1>{{groupName}}</1> {{side}} {{side2}}: then {{amongHundred}}, now {{amongHundred2}}: {{verdict}}.'}
            values={{
              groupName: groupName(c.group),
              side: SIDE_MARK[c.side],
              side2: say(c.side),
              amongHundred: amongHundred(c.then.shareBelow),
              amongHundred2: amongHundred(c.now.shareBelow),
              verdict: say(VERDICT_WORDS[c.verdict]),
            }}
            parts={[<span key="1" className="muscle" />]}
          />
        </Typography>
      ))}
      {changes.length > 0 && (
        <Box component="details" sx={{ fontSize: 14 }}>
          <summary>{say('In numbers')}</summary>
          {changes.map((c) => (
            <Typography key={`${c.group}${c.side}`} sx={{ fontSize: 14 }}>
              {say(
                '{{groupName}} {{side}}: from {{signed}} to {{signed2}} SD of typical people (95 % of the change between {{signed3}} and {{signed4}}).',
                {
                  groupName: groupName(c.group),
                  side: say(c.side),
                  signed: signed(c.then.mean),
                  signed2: signed(c.now.mean),
                  signed3: signed(c.low),
                  signed4: signed(c.high),
                },
              )}
            </Typography>
          ))}
        </Box>
      )}
      <Typography variant="caption" component="p">
        {say('{{what}}. Each round is read by itself, so the intervals are rather too wide.', {
          what:
            changes.length === 0
              ? say('No change can be told from these readings')
              : say('For {{count}} others no change can be told', { count: still }),
        })}
      </Typography>
    </Box>
  );
}
