'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { ELEMENTS, postureFrom } from '@/core/body';
import { GROUP_WORDS, SIDE_MARK } from '@/core/body/words';
import { screen } from '@/core/cautions/screen';
import type { Inference, MovementFinding, StructureFinding } from '@/core/limits';
import { bandWords, headline, inHundred, leadingMovement, limiterWords } from '@/core/limits/words';
import type { Student } from '@/core/people/student';
import { PLACE_WORDS } from '@/core/people/words';
import { readoutOf, testById } from '@/core/tests/battery';
import { lockOf } from '@/core/tests/locks';
import { MOVEMENT_WORDS } from '@/core/tests/words';
import { meanOf, withUnit, type Reading } from '@/core/tests/reading';
import { Figure } from '@/figure/Figure';
import { today } from '@/store/studio';
import { seaTint } from '@/figure/scales';
import type { Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { LateProgress } from '../shell/LateProgress';
import { useStudio } from '../shell/studio-context';
import { AimList } from './AimList';
import { derivedFrom } from '@/core/measuring/derived';
import { WorkedOut } from '../measure/WorkedOut';
import { StrengthList } from './StrengthList';
import { ToleranceChart } from './ToleranceChart';

const STANDING = postureFrom({
  shoulder_adduction_left: -12,
  shoulder_adduction_right: -12,
  hip_adduction_left: -4,
  hip_adduction_right: -4,
});
const VIEWS = [
  { yaw: -84, pitch: 3 },
  { yaw: 96, pitch: 3 },
] as const;
type Opened = { movement: MovementFinding } | { structure: StructureFinding };

/** What limits, how sure, and the aims that follow. Every number opens to what it rests on. */
export function FindingsStep({
  student,
  readings,
  inference,
}: {
  student: Student;
  readings: readonly Reading[];
  inference: Answer<Inference>;
}) {
  const { base } = useStudio();
  const [opened, setOpened] = useState<Opened | null>(null);
  const findings = inference.value?.findings ?? null;
  const tints = useMemo(() => {
    const lead = findings ? leadingMovement(findings) : null;
    if (!findings || !lead) return [];
    return findings.movements.flatMap((m) =>
      m.limiters
        .slice(0, 1)
        .flatMap((l) =>
          m.band < -0.8
            ? ELEMENTS.filter((e) => e.group === l.structure).flatMap((e) =>
                e.structures.map((structure) => ({ structure, side: m.side, fill: seaTint(Math.min(1, -m.band / 2)) })),
              )
            : [],
        ),
    );
  }, [findings]);

  if (readings.length === 0)
    return (
      <EmptyChart
        title="Findings begin with a reading"
        action={
          <Button variant="contained" component={Link} href={`${base}/student?id=${student.id}&step=measure`}>
            Measure
          </Button>
        }
      >
        Here Kolpos says what stops each movement, how sure it is, and which test would tell more.
      </EmptyChart>
    );
  if (inference.failed)
    return (
      <Typography role="alert">
        The findings could not be computed. Your readings are kept. ({inference.failed})
      </Typography>
    );
  if (!findings)
    return (
      <Box role="status">
        <LateProgress busy label="Computing findings" />
        <Typography color="text.secondary">Reading {readings.length} readings …</Typography>
      </Box>
    );
  const derived = derivedFrom(readings, student).filter((d) => !d.id.startsWith('gap-'));
  const lead = leadingMovement(findings);
  const screening = screen(student.cautions, today());
  const next = findings.next
    .filter((n) => {
      const test = testById(n.test);
      return n.gain > 0.05 && test !== null && lockOf(screening, test) === null;
    })
    .slice(0, 2);
  const sorted = [...findings.movements].sort((a, b) => a.band - b.band);
  return (
    <>
      <LateProgress busy={inference.busy} label="Computing findings" />
      <Box
        sx={{
          display: 'grid',
          gap: 3,
          gridTemplateColumns: { xs: '1fr', md: '1fr 1.25fr', lg: 'minmax(260px, 1fr) minmax(430px, 1.35fr) 240px' },
          alignItems: 'start',
        }}
      >
        <Box>
          <Typography variant="h1" sx={{ mb: 1 }}>
            {headline(findings)}
          </Typography>
          {lead && lead.band < -1 && (
            <Typography sx={{ color: 'var(--ink-2)', mb: 2 }}>
              The movement is {bandWords(lead.band)}. That it is the {GROUP_WORDS[lead.limiters[0].structure].plain}:{' '}
              {inHundred(lead.limiters[0].probability)}.
            </Typography>
          )}
          <Box component="ul" sx={{ listStyle: 'none', m: 0, p: 0 }}>
            {sorted.map((m) => (
              <Box component="li" key={`${m.movement}${m.side}`} sx={{ borderBottom: '1px solid var(--line)' }}>
                <Box
                  component="button"
                  type="button"
                  onClick={() => setOpened({ movement: m })}
                  sx={{
                    all: 'unset',
                    boxSizing: 'border-box',
                    cursor: 'pointer',
                    width: '100%',
                    display: 'flex',
                    gap: 1,
                    py: 0.9,
                    '&:focus-visible': { outline: '2px solid var(--act)' },
                  }}
                >
                  <Box sx={{ flex: 1 }}>
                    <div>
                      {SIDE_MARK[m.side]} {m.side} {MOVEMENT_WORDS[m.movement]}{' '}
                      <span className="num">{m.measured === null ? '' : withUnit(unitOf(m), m.measured)}</span>
                    </div>
                    <Box className="muscle" sx={{ fontSize: 16, color: 'var(--ink-2)' }}>
                      {m.band >= -0.5 && m.band <= 1 ? `within typical; ${limiterWords(m)}` : limiterWords(m)}
                    </Box>
                  </Box>
                  <Box
                    aria-hidden="true"
                    sx={{ width: 7, bgcolor: seaTint(Math.min(1, Math.max(0, 0.35 - m.band * 0.3))) }}
                  />
                </Box>
              </Box>
            ))}
          </Box>
          {next.length > 0 && (
            <Box sx={{ mt: 2 }}>
              <Typography variant="h2">What would tell more</Typography>
              {next.map((n) => (
                <Typography key={n.test + n.side}>
                  {testById(n.test)?.name}, {n.side} {SIDE_MARK[n.side]}{' '}
                  <Typography component="span" variant="caption">
                    ({n.gain.toFixed(2)} bit)
                  </Typography>
                </Typography>
              ))}
            </Box>
          )}
        </Box>
        <Box sx={{ border: '1px solid var(--line)', borderRadius: 1.5, bgcolor: 'var(--surface)', p: 2 }}>
          <Typography variant="h2" sx={{ mb: 1 }}>
            How far each lets itself be lengthened
          </Typography>
          <ToleranceChart structures={findings.structures} onOpen={(structure) => setOpened({ structure })} />
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', height: 252, mt: 0.5 }}>
            {VIEWS.map((view, i) => (
              <Figure
                key={i}
                label={
                  i === 0
                    ? 'The body from the front, what limits tinted.'
                    : 'The body from the back, what limits tinted.'
                }
                posture={STANDING}
                tints={tints}
                view={view}
                turns
              />
            ))}
          </Box>
          <Typography variant="caption" component="p">
            Tinted: what stops a movement that is below typical; the deeper the water, the further below.
          </Typography>
          <StrengthList student={student} readings={readings} />
          <WorkedOut values={derived} />
        </Box>
        <Box sx={{ gridColumn: { md: '1 / -1', lg: 'auto' } }}>
          <AimList student={student} findings={findings} />
          <Button
            fullWidth
            variant="contained"
            component={Link}
            href={`${base}/student?id=${student.id}&step=poses`}
            sx={{ mt: 1.5 }}
          >
            Rank poses for these aims
          </Button>
          <Typography variant="caption" component="p" sx={{ mt: 2 }}>
            {findings.diagnostics.readings} readings, {findings.diagnostics.samples} draws, effective{' '}
            {findings.diagnostics.effective}, R-hat {findings.diagnostics.rhat}. {findings.model.note}
          </Typography>
        </Box>
      </Box>
      <Dialog
        open={opened !== null}
        onClose={() => setOpened(null)}
        maxWidth="sm"
        fullWidth
        aria-labelledby="source-title"
      >
        {opened && 'movement' in opened && <MovementSource m={opened.movement} readings={readings} />}
        {opened && 'structure' in opened && <StructureSource f={opened.structure} />}
        <Button sx={{ m: 2 }} onClick={() => setOpened(null)}>
          Close
        </Button>
      </Dialog>
    </>
  );
}

/** The unit that a movement is told in: that of its main read-out. */
const unitOf = (m: MovementFinding) => readoutOf(m.test, m.readout) ?? { unit: 'deg' as const };

function MovementSource({ m, readings }: { m: MovementFinding; readings: readonly Reading[] }) {
  return (
    <>
      <DialogTitle id="source-title">
        {SIDE_MARK[m.side]} {m.side} {MOVEMENT_WORDS[m.movement]}
      </DialogTitle>
      <DialogContent>
        <Typography>
          Expected end {withUnit(unitOf(m), m.end.mean)} (8 in 10 sure:{' '}
          {withUnit(unitOf(m), Math.min(m.end.low, m.end.high))} to{' '}
          {withUnit(unitOf(m), Math.max(m.end.low, m.end.high))}), typical {withUnit(unitOf(m), m.norm.mean)} ±{' '}
          {m.norm.sd} ({m.norm.source}).
        </Typography>
        <Typography sx={{ mt: 1 }}>What stops it, as the share of draws in which each has the largest part:</Typography>
        <ul>
          {m.limiters.map((l) => (
            <li key={l.structure}>
              <span className="muscle">{GROUP_WORDS[l.structure].name}</span> ({GROUP_WORDS[l.structure].plain}):{' '}
              {inHundred(l.probability)}
            </li>
          ))}
        </ul>
        <Typography>It rests on these readings, and on all others of both sides through the model:</Typography>
        <ul>
          {readings
            .filter((r) => m.readings.includes(r.id))
            .map((r) => (
              <li key={r.id}>
                {testById(r.test)?.name}, {readoutOf(r.test, r.readout)?.name}:{' '}
                {r.trials.map((t) => withUnit(r, t)).join(', ')} (mean {meanOf(r.trials).toFixed(1)})
                {r.placeFelt ? `, felt ${PLACE_WORDS[r.placeFelt]}` : ''}
              </li>
            ))}
        </ul>
        {m.carriers.length > 0 && m.limiters[0] && (
          <>
            <Typography>
              That it is the <span className="muscle">{GROUP_WORDS[m.limiters[0].structure].name}</span>,{' '}
              {inHundred(m.limiters[0].probability)}, rests most on these readings:
            </Typography>
            <ul>
              {m.carriers.map((c) => {
                const r = readings.find((x) => x.id === c.reading);
                return r ? (
                  <li key={c.reading}>
                    {testById(r.test)?.name}, {readoutOf(r.test, r.readout)?.name.toLowerCase()}: without it{' '}
                    {inHundred(c.without)}
                  </li>
                ) : null;
              })}
            </ul>
          </>
        )}
        {m.plain && (
          <Typography>
            Without any model, by the usual limiter of the test and the place felt: {GROUP_WORDS[m.plain].name}
            {m.plain === m.limiters[0]?.structure ? ', the same' : ', so take it with more care'}.
          </Typography>
        )}
      </DialogContent>
    </>
  );
}

function StructureSource({ f }: { f: StructureFinding }) {
  return (
    <>
      <DialogTitle id="source-title">
        <span className="muscle">{GROUP_WORDS[f.structure].name}</span> {SIDE_MARK[f.side]} {f.side}
      </DialogTitle>
      <DialogContent>
        <Typography>
          {GROUP_WORDS[f.structure].plain}. Members told as one: {f.members.join(', ')}.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          Tolerance {f.tolerance.mean.toFixed(2)} SD (8 in 10 sure: {f.tolerance.low.toFixed(2)} to{' '}
          {f.tolerance.high.toFixed(2)}); typical people {f.typical.mean.toFixed(2)} ± {f.typical.sd.toFixed(2)}, both
          for the least tolerant member.
        </Typography>
        <Typography sx={{ mt: 1 }}>
          Of 100 typical people {Math.round(f.shareBelow * 100)} have less. Called short only above 70 in 100: here{' '}
          {inHundred(f.shortProbability)}.
        </Typography>
      </DialogContent>
    </>
  );
}
