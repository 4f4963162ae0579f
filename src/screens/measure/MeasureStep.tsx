'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useState } from 'react';
import { testLimits } from '@/core/assessment/locks';
import { screenOf, stopOf } from '@/core/cautions/screen';
import type { Inference } from '@/core/inference';
import { derivedFrom } from '@/core/measuring/derived';
import { exchanged } from '@/core/measuring/plausibility';
import type { Aim, Student } from '@/core/students/student';
import { testById } from '@/core/assessment/battery';
import { latest, type Reading } from '@/core/assessment/reading';
import { replaceReadings } from '@/store/changes';
import { now, today } from '@/store/studio';
import type { Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { useUndo } from '../shell/use-undo';
import { batteriesFor, placeFrom, queueFor, swappedPair, testsIn, type Place } from './course';
import { LiveFindings } from './LiveFindings';
import { OwnTestsDialog } from './OwnTestsDialog';
import { PainAsked } from './PainAsked';
import { QuestionBar } from './QuestionBar';
import { ReadingPanel } from './ReadingPanel';
import { TestQueue } from './TestQueue';
import type { LeadingQuestion } from './use-question';
import { useSession } from './use-session';
import { WorkedOut } from './WorkedOut';

/** The queue of tests, the one being done, and what each reading changes. */
export function MeasureStep({
  student,
  readings,
  inference,
  aims,
  question,
}: {
  student: Student;
  readings: readonly Reading[];
  inference: Answer<Inference>;
  aims: readonly Aim[] | null;
  question: LeadingQuestion;
}) {
  const { base, db } = useStudio();
  const router = useRouter();
  const undo = useUndo();
  const { session, sideOrder, change } = useSession(student.id);
  const [chosen, setChosen] = useState<Place | null>(placeFrom(useSearchParams().get('at')));
  const [choosing, setChoosing] = useState(false);
  const [pained, setPained] = useState<Reading | null>(null);
  const [pair, setPair] = useState<{ pair: Reading[]; name: string } | null>(null);
  const screening = useMemo(() => screenOf(student, today()), [student]);
  const known = useMemo(() => latest(readings), [readings]);
  const derived = useMemo(() => derivedFrom(readings, student), [readings, student]);
  if (!session) return null;

  const batteries = batteriesFor(student, aims, session.own);
  const battery = batteries.find((b) => b.id === session.battery) ?? batteries[0];
  const queue = queueFor({
    tests: testsIn(battery, readings, session.startedAt, chosen?.test),
    readings,
    since: session.startedAt,
    screening,
    skipped: session.skipped,
    sideOrder,
    gains: inference.value?.findings.next ?? [],
  });
  const { entries, stations, isRead } = queue;
  const waiting = stations.filter((p) => !session.skipped.some((s) => s.test === p.test));
  const fits = (p: Place | null | undefined): Place | null =>
    p && entries.some((e) => e.test.id === p.test && (!e.lock || e.lock.open.some((v) => v.id === p.variant)))
      ? p
      : null;
  const kept = session.here as Place | undefined;
  const resumed = kept && !isRead(kept) ? fits(kept) : null;
  const here = fits(chosen) ?? resumed ?? waiting.find((p) => !isRead(p)) ?? stations[0];

  if (screening.stopped || !here)
    return (
      <EmptyChart title="No tests for now">
        {stopOf(screening)?.message ?? 'Every test is locked by a caution.'} When it is cleared, say by whom under Ask:
        the reason stays on record.
      </EmptyChart>
    );
  const test = testById(here.test);
  const readout = test?.readouts.find((r) => r.id === here.readout) ?? test?.readouts[0];
  if (!test || !readout) return null;
  const lock = entries.find((e) => e.test.id === test.id)?.lock ?? null;
  const go = (to: Place | undefined) => {
    if (!to) return;
    setChosen(to);
    change({ here: to });
  };
  const same = (a: Place, b: Place) => a.test === b.test && a.readout === b.readout && a.side === b.side;
  const next = (leaving?: string): Place | undefined => {
    const i = stations.findIndex((p) => same(p, here));
    const rest = [...stations.slice(i + 1), ...stations.slice(0, Math.max(0, i))].filter((p) => p.test !== leaving);
    return rest.find((p) => !isRead(p) && !session.skipped.some((s) => s.test === p.test)) ?? rest[0];
  };
  const firstOf = (id: string, side = here.side, variant?: string): Place | undefined => {
    const own = stations.filter((p) => p.test === id && p.variant === variant);
    const t = testById(id);
    if (!t) return undefined;
    if (variant && own.length === 0) {
      const only = t.variants?.find((v) => v.id === variant)?.readouts?.[0];
      return { test: id, readout: only ?? t.readouts[0].id, side, variant };
    }
    return (
      own.find((p) => p.side === side && !isRead(p)) ??
      own.find((p) => !isRead(p)) ??
      own.find((p) => p.side === side) ?? {
        test: id,
        readout: t.readouts[0].id,
        side: t.sided ? (side === 'both' ? 'right' : side) : 'both',
        variant,
      }
    );
  };
  const movement = inference.value?.findings.movements.find(
    (m) => m.test === test.id && m.readout === readout.id && m.side === here.side && m.measured === null,
  );
  const doneCount = stations.filter(isRead).length;
  const openNext = (inference.value?.findings.next ?? []).filter((n) => {
    const e = entries.find((x) => x.test.id === n.test);
    return !e?.lock && !session.skipped.some((s) => s.test === n.test);
  });

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: { xs: 'minmax(0, 1fr)', md: '210px minmax(0, 1fr)', lg: '210px minmax(0, 1fr) 240px' },
        alignItems: 'start',
      }}
    >
      <TestQueue
        entries={entries}
        batteries={batteries}
        battery={battery.id}
        here={here.test}
        done={doneCount}
        all={stations.length}
        warm={session.warm}
        order={
          battery.id === 'full-strength'
            ? 'Short strong efforts first, holds that tire last: split it over two days.'
            : 'Fewest turns of the body; within a position what would tell most comes first.'
        }
        onBattery={(id) => {
          setChosen(null);
          change({ battery: id, here: undefined });
        }}
        onOwn={() => setChoosing(true)}
        onTest={(id, variant) => go(firstOf(id, here.side, variant))}
        onUnskip={(id) => {
          change({ skipped: session.skipped.filter((s) => s.test !== id) });
          go(firstOf(id));
        }}
        onWarm={(warm) => change({ warm })}
        footer={
          <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mb: 1 }}>
            {doneCount === stations.length && (
              <Button
                variant="contained"
                fullWidth
                component={Link}
                href={`${base}/student?id=${student.id}&step=findings`}
              >
                All read: see the findings
              </Button>
            )}
            {doneCount > 0 && (
              <Button
                size="small"
                onClick={() => {
                  setChosen(null);
                  change({ startedAt: now(), skipped: [], here: undefined });
                }}
              >
                Test again
              </Button>
            )}
            {doneCount < stations.length && (
              <Button
                size="small"
                onClick={() => {
                  change({ here, parkedAt: now() });
                  router.push(base);
                }}
              >
                Park it
              </Button>
            )}
          </Box>
        }
      />
      <Box sx={{ minWidth: 0, order: { xs: 1, md: 0 } }}>
        {question.asked && (
          <QuestionBar
            asked={question.asked}
            settling={inference.value?.findings.question ?? null}
            busy={inference.busy}
            onLeave={question.leave}
            onTest={(s) => go(firstOf(s.test, s.side, s.variant))}
          />
        )}
        {pair && (
          <Box role="alert" sx={{ p: 1.25, mb: 1, bgcolor: 'var(--act-pale)', borderRadius: 1.5 }}>
            <Typography sx={{ fontWeight: 600 }}>
              {pair.name}: today left and right stand the other way round than in every earlier session. Were the sides
              swapped?
            </Typography>
            <Button
              size="small"
              variant="contained"
              sx={{ mr: 1, mt: 0.5 }}
              onClick={() => {
                void replaceReadings(db, exchanged(pair.pair, now())).then((done) =>
                  undo(`${pair.name}: left and right are exchanged.`, done),
                );
                setPair(null);
              }}
            >
              Swap them
            </Button>
            <Button size="small" sx={{ mt: 0.5 }} onClick={() => setPair(null)}>
              They are right
            </Button>
          </Box>
        )}
        {testLimits(screening, test).map((words) => (
          <Typography key={words} role="note" sx={{ color: 'var(--caution)', fontWeight: 600 }}>
            ▲ {words}
          </Typography>
        ))}
        <ReadingPanel
          key={`${here.test}/${readout.id}/${here.side}/${here.variant ?? ''}`}
          student={student}
          test={test}
          readout={readout}
          side={here.side}
          variant={test.variants?.find((v) => v.id === here.variant)}
          locked={lock !== null}
          warm={session.warm}
          readings={readings}
          expected={movement?.end}
          onChoose={({ variant, ...rest }) =>
            go({ ...here, ...rest, variant: variant === undefined ? here.variant : (variant ?? undefined) })
          }
          onKept={(reading) => {
            const found = swappedPair(readings, reading, readout);
            setPair(found ? { pair: found, name: readout.name } : null);
            // A question leads: after its own read-outs the teacher waits for what would tell next.
            const onward = next();
            if (!question.asked || (onward?.test === here.test && onward.side === here.side)) go(onward);
          }}
          onSkip={(reason) => {
            change({ skipped: [...session.skipped.filter((s) => s.test !== test.id), { test: test.id, reason }] });
            go(next(test.id));
          }}
          onPain={setPained}
        />
      </Box>
      <Box component="aside" aria-label="What it tells" sx={{ order: 3, gridColumn: { md: '2', lg: 'auto' } }}>
        <LiveFindings
          inference={inference}
          readings={known}
          readout={readout}
          test={test.id}
          side={here.side}
          person={student}
          next={openNext}
          onTest={(n) => go(firstOf(n.test, n.side, n.variant))}
        />
        <WorkedOut
          values={derived.filter(
            (d) => !d.id.startsWith('gap-') && d.from.some((id) => known.find((r) => r.id === id)?.test === test.id),
          )}
        />
      </Box>
      {pained && <PainAsked reading={pained} student={student} onClose={() => setPained(null)} />}
      {choosing && (
        <OwnTestsDialog
          chosen={session.own.length > 0 ? session.own : battery.tests.map((t) => t.id)}
          onClose={() => setChoosing(false)}
          onUse={(own) => {
            setChoosing(false);
            setChosen(null);
            change({ own, battery: 'own', here: undefined });
          }}
        />
      )}
    </Box>
  );
}
