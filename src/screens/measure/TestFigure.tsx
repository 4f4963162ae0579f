'use client';
import { useMemo } from 'react';
import type { Build, Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import { contextOf } from '@/core/limits';
import type { Readout, TestDefinition } from '@/core/tests/definition';
import { testAngle, testPosture } from '@/core/tests/drawn';
import { latest, type Reading } from '@/core/tests/reading';
import { Figure } from '@/figure/Figure';
import { seaTint } from '@/figure/scales';

/** From where a movement reads best: turning is seen along the thigh, drifting from above. */
function viewOf(readout: Readout, side: Side) {
  if (readout.id === 'hip-abduction') return { yaw: side === 'right' ? -35 : 215, pitch: 60 };
  if (readout.id.endsWith('rotation')) return { yaw: side === 'right' ? -70 : 250, pitch: 20 };
  return { yaw: side === 'right' ? 10 : 170, pitch: 8 };
}

/** The body in a test at a value, degrees: muscles tinted as in typical people, the angle marked. */
export function TestFigure({
  test,
  readout,
  side,
  value,
  readings,
  build,
}: {
  test: TestDefinition;
  readout: Readout;
  side: Side;
  value: number;
  readings: readonly Reading[];
  build?: Build;
}) {
  const scene = useMemo(() => {
    const context = contextOf({ test: test.id, readout: readout.id, side }, latest(readings));
    const posture = testPosture(test, readout, side, value, context);
    return {
      posture,
      build,
      tints: stretchAt(posture, undefined, build)
        .filter((t) => t.side === side && t.stretch > 0.35)
        .map((t) => ({ structure: t.structure, side: t.side, fill: seaTint(t.stretch) })),
      props: test.position === 'table edge' ? [{ kind: 'table' as const, at: 'pelvis' }] : [],
      angle: { ...testAngle(test, readout, side), label: `${Math.round(value)}°` },
      view: viewOf(readout, side),
    };
  }, [test, readout, side, value, readings, build]);
  return <Figure label={`${test.name}, ${side} side, at ${Math.round(value)} degrees.`} turns {...scene} />;
}
