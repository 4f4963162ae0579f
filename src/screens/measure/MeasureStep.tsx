'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useLiveQuery } from 'dexie-react-hooks';
import Link from 'next/link';
import { useState } from 'react';
import { SIDES, type Side } from '@/core/body';
import { screen, testLock } from '@/core/cautions/screen';
import type { Inference } from '@/core/limits';
import type { Student } from '@/core/people/student';
import { BATTERIES, fewestTurns, QUICK_BATTERY } from '@/core/tests/batteries';
import { BATTERY, testById } from '@/core/tests/battery';
import { latest, type Reading } from '@/core/tests/reading';
import type { Answer } from '@/workers/use-core';
import { EmptyChart } from '../shell/EmptyChart';
import { useStudio } from '../shell/studio-context';
import { LiveFindings } from './LiveFindings';
import { ReadingPanel } from './ReadingPanel';

interface Place {
  test: string;
  readout: string;
  side: Side;
}

/** The queue of tests, the one being done, and what each reading changes. */
export function MeasureStep({
  student,
  readings,
  inference,
}: {
  student: Student;
  readings: readonly Reading[];
  inference: Answer<Inference>;
}) {
  const { base, db } = useStudio();
  const batteryKey = `battery/${student.id}`;
  const wished = useLiveQuery(() => db.memos.get(batteryKey), [db, batteryKey])?.value;
  const battery = BATTERIES.find((b) => b.id === wished) ?? QUICK_BATTERY;
  const screening = screen(student.cautions);
  const known = latest(readings);
  const has = (p: Place) => known.some((r) => r.test === p.test && r.readout === p.readout && r.side === p.side);
  const [chosen, setChosen] = useState<Place | null>(null);
  // What was asked for, what has been read before, and what was chosen by itself.
  const tests = fewestTurns(
    BATTERY.filter((t) => battery.tests.includes(t) || known.some((r) => r.test === t.id) || chosen?.test === t.id),
  );
  const order: Place[] = tests
    .filter((t) => !testLock(screening, t.id))
    .flatMap((t) => SIDES.toReversed().flatMap((side) => t.readouts.map((r) => ({ test: t.id, readout: r.id, side }))));
  const [skipped, setSkipped] = useState<readonly string[]>([]);
  const here = chosen && order.some((p) => p.test === chosen.test) ? chosen : (order.find((p) => !has(p)) ?? order[0]);

  if (screening.stopped || !here)
    return (
      <EmptyChart title="No tests for now">
        {screening.cautions.find((c) => c.tests === 'all')?.message ?? 'Every test is locked by a caution.'} When it is
        cleared, take the caution off under Ask.
      </EmptyChart>
    );
  const test = testById(here.test);
  const readout = test?.readouts.find((r) => r.id === here.readout);
  if (!test || !readout) return null;
  const forward = (from: Place) => {
    const i = order.findIndex((p) => p.test === from.test && p.readout === from.readout && p.side === from.side);
    const rest = [...order.slice(i + 1), ...order.slice(0, i)];
    setChosen(rest.find((p) => !has(p) && !skipped.includes(p.test)) ?? rest[0] ?? null);
  };
  const positions = [...new Set(tests.map((t) => t.position))];
  const doneCount = order.filter(has).length;

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2.5,
        gridTemplateColumns: { xs: '1fr', md: '210px minmax(0, 1fr)', lg: '210px minmax(0, 1fr) 240px' },
        alignItems: 'start',
      }}
    >
      <Box component="nav" aria-label="Tests" sx={{ order: { xs: 2, md: 0 } }}>
        <Typography variant="h2">Tests, fewest turns</Typography>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={battery.id}
          aria-label="Which tests"
          onChange={(_, id: string | null) => id && void db.memos.put({ key: batteryKey, value: id })}
          sx={{ my: 0.5, '& .MuiToggleButton-root': { py: 0.25 } }}
        >
          {BATTERIES.map((b) => (
            <ToggleButton key={b.id} value={b.id}>
              {b.name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        <Typography variant="caption" component="p" sx={{ mb: 1 }}>
          {doneCount} of {order.length} readings
        </Typography>
        {doneCount === order.length && (
          <Button
            variant="contained"
            fullWidth
            component={Link}
            href={`${base}/student?id=${student.id}&step=findings`}
            sx={{ mb: 1.5 }}
          >
            All read: see the findings
          </Button>
        )}
        {positions.map((position) => (
          <Box key={position} sx={{ mb: 1.5 }}>
            <Typography variant="caption" component="p" sx={{ borderBottom: '1px solid var(--line)', mb: 0.5 }}>
              {position}
            </Typography>
            {tests
              .filter((t) => t.position === position)
              .map((t) => {
                const lock = testLock(screening, t.id);
                const count = SIDES.flatMap((side) =>
                  t.readouts.map((r) => has({ test: t.id, readout: r.id, side })),
                ).filter(Boolean).length;
                const all = t.readouts.length * 2;
                const active = t.id === test.id;
                if (lock)
                  return (
                    <Box
                      key={t.id}
                      sx={{
                        p: 1,
                        color: 'var(--caution)',
                        bgcolor: 'var(--caution-pale)',
                        borderRadius: 1.5,
                        fontSize: 14,
                        mb: 0.5,
                      }}
                    >
                      ▲ {t.name}: locked by “{lock.name.toLowerCase()}”
                    </Box>
                  );
                return (
                  <Box
                    key={t.id}
                    component="button"
                    type="button"
                    aria-current={active}
                    onClick={() => setChosen({ test: t.id, readout: t.readouts[0].id, side: here.side })}
                    sx={{
                      all: 'unset',
                      boxSizing: 'border-box',
                      cursor: 'pointer',
                      display: 'flex',
                      gap: 1,
                      width: '100%',
                      p: 1,
                      borderRadius: 1.5,
                      bgcolor: active ? 'var(--act)' : undefined,
                      color: active ? 'var(--paper)' : 'var(--ink)',
                      '&:focus-visible': { outline: '2px solid var(--act)', outlineOffset: 2 },
                    }}
                  >
                    <span style={{ flex: 1 }}>{t.name}</span>
                    <span className="num" style={{ fontSize: 13 }}>
                      {skipped.includes(t.id) ? 'skipped' : count === all ? 'done' : `${count}/${all}`}
                    </span>
                  </Box>
                );
              })}
          </Box>
        ))}
      </Box>
      <ReadingPanel
        key={`${here.test}/${here.readout}/${here.side}`}
        student={student}
        test={test}
        readout={readout}
        side={here.side}
        readings={readings}
        onChoose={(change) => setChosen({ ...here, ...change })}
        onKept={() => forward(here)}
        onSkip={() => {
          setSkipped([...skipped, test.id]);
          const next = order.find((p) => p.test !== test.id && !has(p) && !skipped.includes(p.test));
          setChosen(next ?? order.find((p) => p.test !== test.id) ?? here);
        }}
      />
      <LiveFindings
        inference={inference}
        readings={known}
        readout={readout}
        test={test.id}
        side={here.side}
        onTest={(next) => setChosen({ ...next, readout: testById(next.test)?.readouts[0].id ?? here.readout })}
      />
    </Box>
  );
}
