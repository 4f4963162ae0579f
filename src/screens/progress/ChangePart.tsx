'use client';
import { say } from '@/core/languages/spoken';
import { dayWords } from '@/core/day-words';
import { firstName } from '@/core/students/called';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { useMemo } from 'react';
import type { AimsOf } from '@/core/aims/for-student';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { SIDE_MARK } from '@/core/body/words';
import type { Inference } from '@/core/inference';
import type { Student } from '@/core/students/student';
import { aimKey } from '@/core/practice/aim-key';
import { aimVerdicts } from '@/core/progress/aim-verdict';
import { changesOf, type ReadingChange } from '@/core/progress/change';
import { doneDoses } from '@/core/progress/dose';
import { baseRound, roundsOf } from '@/core/progress/rounds';
import { gapChange, gapSentence } from '@/core/progress/side-gap';
import { changeSentences, noChangeWords, togetherSentence, VERDICT_WORDS } from '@/core/progress/words';
import type { RankedPose } from '@/core/ranking/rank';
import type { LogEntry } from '@/core/teaching/log';
import { readoutOf, testById } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import { today } from '@/store/studio';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { ToleranceThen } from './ToleranceThen';
import { ChangeChart } from './ChangeChart';
import { ThenNow } from './ThenNow';
import { useBuild } from '../students/use-build';
import type { Build } from '@/core/body';
import { dayOf } from '@/core/day-of';
import { plural } from '@/core/plural';
import { ageOn } from '@/core/students/age';

/**
 * Verdicts against the error of measuring, aim by aim, with the dose beside them; then every reading that was taken
 * twice.
 */
export function ChangePart({
  student,
  readings,
  logs,
  inference,
  aimed,
  ranked,
}: {
  student: Student;
  readings: readonly Reading[];
  logs: readonly LogEntry[];
  inference: Inference | null;
  aimed: AimsOf | null;
  ranked: readonly RankedPose[] | null;
}) {
  const { sexForNorms: sex, birthYear } = student;
  const build = useBuild(student);
  const { base: root } = useStudio();
  const router = useRouter();
  const pathname = usePathname();
  const params = useSearchParams();
  const rounds = useMemo(() => roundsOf(readings.map((r) => dayOf(r))), [readings]);
  const base = useMemo(() => baseRound(rounds, params.get('since')), [rounds, params]);
  const changes = useMemo(
    () => changesOf(readings, { sex, age: ageOn(birthYear, today()) }, base?.from),
    [readings, sex, birthYear, base],
  );
  const practised = useMemo(() => [...new Set(logs.map((l) => dayOf(l)))].sort(), [logs]);
  const aims = aimed?.work ?? [];
  const since = changes.reduce((d, c) => (c.first.day < d ? c.first.day : d), today());
  const done = useMemo(
    () => (ranked && aimed ? doneDoses(logs, aimed.work, ranked, since, today()) : null),
    [logs, aimed, ranked, since],
  );
  if (changes.length === 0)
    return (
      <EmptyChart title={say('Nothing was tested twice yet')}>
        {say(
          'A change needs two days of the same reading, taken the same way. “Test again” tells when it is worth while.',
        )}
      </EmptyChart>
    );
  const told = aimed
    ? aimVerdicts(changes, aimed, done, inference?.findings ?? null, { from: since, to: today() })
    : [];
  const compareWith = (from: string) => {
    const next = new URLSearchParams(params);
    next.set('since', from);
    router.replace(`${pathname}?${next.toString()}`);
  };
  return (
    <>
      <Box className="no-print" sx={{ display: 'flex', flexWrap: 'wrap', gap: 1.5, alignItems: 'center', mb: 2 }}>
        {base && rounds.length > 2 && (
          <TextField
            select
            size="small"
            label={say('Compare with the round of')}
            value={base.from}
            onChange={(e) => compareWith(e.target.value)}
            sx={{ minWidth: 230 }}
          >
            {rounds.slice(0, -1).map((r, k) => (
              <MenuItem key={r.from} value={r.from}>
                {dayWords(r.from)}
                {k === 0 ? say(', the first') : k === rounds.length - 2 ? say(', the last but one') : ''}
              </MenuItem>
            ))}
          </TextField>
        )}
        <Button
          variant="outlined"
          component={Link}
          href={`${root}/sheet/progress?id=${student.id}${base ? `&since=${base.from}` : ''}`}
        >
          {say('Sheet for {{firstName}}', { firstName: firstName(student.name) })}
        </Button>
      </Box>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' }, mb: 2 }}>
        {told.map(({ aim, all, done: dose, asked, why }) => {
          return (
            <Box
              key={aimKey(aim)}
              component="section"
              aria-label={`${say(AIM_WORDS[aim.kind])} ${aimedName(aim)} ${say(aim.side)}`}
              sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2 }}
            >
              <Typography variant="h2" sx={{ fontSize: 18 }}>
                {say(AIM_WORDS[aim.kind])} <span className="muscle">{aimedName(aim)}</span> {SIDE_MARK[aim.side]}{' '}
                {say(aim.side)}: {say(VERDICT_WORDS[all.verdict])}
              </Typography>
              <Typography>{togetherSentence(all)}</Typography>
              {dose && (
                <Typography>
                  {say(
                    'Done since then: {{minutes}} useful minutes on {{count}} {{plural}}{{what}}. That they stand beside each other does not say that one made the other.',
                    {
                      minutes: dose.minutes.toFixed(1),
                      count: dose.days,
                      plural: plural(dose.days, 'day'),
                      what:
                        asked !== null ? say('; {{asked}} minutes were asked for', { asked: asked.toFixed(0) }) : '',
                    },
                  )}
                </Typography>
              )}
              {why.length > 0 && (
                <Box component="ul" sx={{ m: 0, pl: 2.5 }}>
                  {why.map((r) => (
                    <li key={r.kind}>{noChangeWords(r)}</li>
                  ))}
                </Box>
              )}
            </Box>
          );
        })}
      </Box>
      <Typography variant="h2" sx={{ mt: 1, mb: 1 }}>
        {say('Reading by reading')}
      </Typography>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {changes.map((c) => (
          <OneChange key={c.kind} change={c} all={changes} practised={practised} readings={readings} build={build} />
        ))}
      </Box>
      <Typography variant="caption" component="p" sx={{ mt: 1 }}>
        {say(
          'Ochre: nothing can be told within it. Water: what is typical. Dashed: three days or more as one line. Small strokes below: days on which {{firstName}} practised here.',
          { firstName: firstName(student.name) },
        )}
      </Typography>
      <ToleranceThen
        student={student}
        readings={readings}
        logs={logs}
        base={base}
        now={inference?.findings.groups ?? null}
        aims={aims}
      />
    </>
  );
}

function OneChange({
  change,
  all,
  practised,
  readings,
  build,
}: {
  change: ReadingChange;
  all: readonly ReadingChange[];
  practised: readonly string[];
  readings: readonly Reading[];
  build: Build;
}) {
  const gap = gapChange(change, all);
  const readout = readoutOf(change.test, change.readout);
  return (
    <Box
      component="article"
      sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 1.5 }}
    >
      <Typography sx={{ fontWeight: 700 }}>
        {say(testById(change.test)?.name ?? change.test)}
        {change.side === 'both' ? '' : ` ${SIDE_MARK[change.side]} ${say(change.side)}`}
        {change.active ? say(', alone') : ''}
        {change.atHome ? say(', at home') : ''}: {say(VERDICT_WORDS[change.verdict])}
      </Typography>
      <Typography variant="caption" component="p">
        {say(readout?.name ?? '')}
      </Typography>
      <ThenNow change={change} readings={readings} build={build} />
      <ChangeChart change={change} practised={practised} />
      {[...changeSentences(change), ...(gap ? [gapSentence(gap, change)] : [])].map((s) => (
        <Typography key={s} sx={{ fontSize: 14 }}>
          {s}
        </Typography>
      ))}
    </Box>
  );
}
