'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Tab from '@mui/material/Tab';
import Tabs from '@mui/material/Tabs';
import Typography from '@mui/material/Typography';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import type { AimsOf } from '@/core/aims/for-student';
import type { FitWay } from '@/core/fit/way';
import type { Inference } from '@/core/inference';
import type { Student } from '@/core/students/student';
import type { Practice } from '@/core/practice/practice';
import type { LogEntry } from '@/core/teaching/log';
import type { Reading } from '@/core/assessment/reading';
import { useRanking, type Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { ChangePart } from './ChangePart';
import { LogPart } from './LogPart';
import { PlanPart } from './PlanPart';
import { RetestPart } from './RetestPart';

const PARTS = [
  ['log', 'Log'],
  ['change', 'What changed'],
  ['again', 'Test again'],
  ['weeks', 'Weeks ahead'],
] as const;
type Part = (typeof PARTS)[number][0];

/**
 * What was done, what changed, what is to be tested again, and the weeks ahead. The part that is open stands in the
 * address.
 */
export function ProgressStep({
  student,
  readings,
  logs,
  practices,
  inference,
  aimed,
  way,
}: {
  student: Student;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
  practices: readonly Practice[];
  inference: Answer<Inference>;
  aimed: AimsOf | null;
  way: FitWay;
}) {
  'use memo';
  const router = useRouter();
  const pathname = usePathname();
  const params = useSearchParams();
  const part = PARTS.find(([p]) => p === params.get('part'))?.[0] ?? 'log';
  const aims = aimed?.work ?? null;
  const { whole: ranked } = useRanking(logs.length > 0 ? student : undefined, inference.value, aims, way);
  if (readings.length === 0 && logs.length === 0)
    return (
      <EmptyChart title={say('Nothing written down yet')}>
        {say('What you measure and teach is kept here, newest first: practices with what was felt, and every reading.')}
      </EmptyChart>
    );
  const go = (to: Part) => {
    const next = new URLSearchParams(params);
    next.set('part', to);
    router.replace(`${pathname}?${next.toString()}`);
  };
  return (
    <Box sx={{ maxWidth: 980 }}>
      <Typography variant="h1" gutterBottom className="no-print">
        {say('Progress of {{name}}', { name: student.name })}
      </Typography>
      <Tabs
        value={part}
        onChange={(_, to: Part) => go(to)}
        aria-label={say('Parts of progress')}
        className="no-print"
        variant="scrollable"
        sx={{ mb: 2, borderBottom: '1px solid var(--line)' }}
      >
        {PARTS.map(([id, label]) => (
          <Tab key={id} value={id} label={say(label)} id={`part-${id}`} aria-controls="progress-part" />
        ))}
      </Tabs>
      <Box role="tabpanel" id="progress-part" aria-labelledby={`part-${part}`}>
        {part === 'log' && <LogPart student={student} readings={readings} logs={logs} practices={practices} />}
        {part === 'change' && (
          <ChangePart
            student={student}
            readings={readings}
            logs={logs}
            inference={inference.value}
            aimed={aimed}
            ranked={ranked}
          />
        )}
        {part === 'again' && <RetestPart student={student} readings={readings} aims={aims ?? []} />}
        {part === 'weeks' && (
          <PlanPart student={student} logs={logs} aimed={aimed} inference={inference.value} way={way} />
        )}
      </Box>
    </Box>
  );
}
