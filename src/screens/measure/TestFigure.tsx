'use client';
import { useMemo } from 'react';
import type { Build, Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import { contextOf } from '@/core/limits';
import type { Position, Readout, TestDefinition } from '@/core/tests/definition';
import { testAngle, testPosture } from '@/core/tests/drawn';
import { latest, type Reading } from '@/core/tests/reading';
import type { SceneProp } from '@/figure/draw';
import { Figure } from '@/figure/Figure';
import { seaTint } from '@/figure/scales';

/** What a test lies or sits on. */
const FURNITURE: Partial<Record<Position, readonly SceneProp[]>> = {
  'table edge': [{ kind: 'table', at: 'pelvis' }],
  sitting: [
    { kind: 'bolster', at: 'buttock_left' },
    { kind: 'bolster', at: 'buttock_right' },
  ],
};

/** From where a movement reads best: turning is seen along the thigh, drifting from above. */
function viewOf(test: TestDefinition, readout: Readout, side: Side) {
  if (test.position === 'on the side') return { yaw: side === 'right' ? -78 : 258, pitch: 12 };
  if (readout.movement === 'hip-abduction' || readout.id === 'hip-abduction')
    return { yaw: side === 'right' ? -35 : 215, pitch: 60 };
  if (readout.id.endsWith('rotation')) return { yaw: side === 'right' ? -70 : 250, pitch: 20 };
  if (readout.movement === 'cross-body') return { yaw: side === 'right' ? -60 : 240, pitch: 18 };
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
      props: FURNITURE[test.position] ?? [],
      angle: { ...testAngle(test, readout, side), label: `${Math.round(value)}°` },
      view: viewOf(test, readout, side),
    };
  }, [test, readout, side, value, readings, build]);
  return <Figure label={`${test.name}, ${side} side, at ${Math.round(value)} degrees.`} turns {...scene} />;
}
