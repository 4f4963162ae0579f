import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import { useMemo } from 'react';
import { skeletonOf, type Build, type Side } from '@/core/body';
import { contextOf } from '@/core/inference/context';
import { readoutOf, testById } from '@/core/assessment/battery';
import { isModelled } from '@/core/assessment/definition';
import { testAngle, testPosture } from '@/core/assessment/drawn';
import { latest, readWithUnit, type Reading } from '@/core/assessment/reading';
import type { ReadingChange } from '@/core/progress/change';
import { sharedBox } from '@/figure/draw';
import { Figure } from '@/figure/Figure';
import { propsOf, viewOf } from '@/figure/test-scene';

/** The body at the test then, pale, and now over it; nothing for tests that have no picture of their values. */
export function ThenNow({
  change,
  readings,
  build,
}: {
  change: ReadingChange;
  readings: readonly Reading[];
  build: Build;
}) {
  'use memo';
  const drawn = useMemo(() => {
    const test = testById(change.test),
      readout = readoutOf(change.test, change.readout);
    if (!test || !readout || (test.drawn.byModel && !isModelled(readout))) return null;
    const side: Side = change.side === 'left' ? 'left' : 'right';
    const context = contextOf({ test: test.id, readout: readout.id, side }, latest(readings));
    const view = viewOf(test, readout, side);
    const mark = testAngle(test, readout, side);
    const [then, now] = [change.first.value, change.last.value].map((value) => ({
      posture: testPosture(test, readout, side, value, context),
      angle: mark ? { ...mark, label: readWithUnit(readout, value) } : undefined,
    }));
    const paper = sharedBox(
      [then, now].map((q) => ({ skeleton: skeletonOf(q.posture, {}, build) })),
      view,
    );
    return { then, now, view, paper, props: propsOf(test), name: test.name };
  }, [change, readings, build]);
  if (!drawn) return null;
  const { then, now, view, paper, props, name } = drawn;
  const same = { view, paper, build, height: 150, detail: 'medium' as const };
  return (
    <Box sx={{ position: 'relative', height: 150, my: 0.5 }}>
      <Box aria-hidden sx={{ position: 'absolute', inset: 0, opacity: 0.4 }}>
        <Figure label={say('then')} posture={then.posture} props={props} {...same} />
      </Box>
      <Box sx={{ position: 'absolute', inset: 0 }}>
        <Figure
          label={say('{{name}}: now at {{what}}, and pale behind it then at {{what2}}.', {
            name,
            what: now.angle?.label ?? say('the newest reading'),
            what2: then.angle?.label ?? say('the first'),
          })}
          {...now}
          {...same}
          ground={false}
        />
      </Box>
    </Box>
  );
}
