'use client';
import { say } from '@/core/languages/spoken';
import { useMemo } from 'react';
import { SIDES, skeletonOf, type Build, type Posture, type Side } from '@/core/body';
import { stretchAt } from '@/core/fit/stretch';
import { contextOf } from '@/core/inference/context';
import { PLACE_WORDS } from '@/core/students/words';
import type { Place } from '@/core/students/student';
import type { Readout, TestDefinition, Variant } from '@/core/assessment/definition';
import { testAngle, testPosture } from '@/core/assessment/drawn';
import { latest, readWithUnit, withUnit, type Reading, type ReadingSide } from '@/core/assessment/reading';
import type { Tint } from '@/figure/draw';
import { Figure, type BodyMark } from '@/figure/Figure';
import { placePoint } from '@/figure/places';
import { projector, type View } from '@/figure/projection';
import { landTint, seaTint } from '@/figure/scales';
import { propsOf, viewOf } from '@/figure/test-scene';

/** Point that is dragged to set a value, where dragging makes sense. */
function knobOf(test: TestDefinition, readout: Readout, side: Side): string | null {
  const mark = testAngle(test, readout, side);
  if (mark) return mark.toward;
  if (readout.id === 'knee-height') return `knee_${side}`;
  if (readout.id === 'angle-between-thighs') return `ankle_${side}`;
  if (readout.id === 'reach') return `hand_${side}`;
  return null;
}

/** Steps that a drag searches in, in the unit of the reading. */
const STEP: Partial<Record<Readout['unit'], number>> = { deg: 1, cm: 0.5 };

/** Muscles that a test of length lengthens here, in sea tints, as in typical people. */
const lengthened = (posture: Posture, side: Side, build?: Build): Tint[] =>
  stretchAt(posture, undefined, build)
    .filter((t) => t.side === side && t.stretch > 0.35)
    .map((t) => ({ structure: t.structure, side: t.side, fill: seaTint(t.stretch) }));

/** Muscles that a test of strength loads, in land tints: the chief ones darkest. */
const workers = (test: TestDefinition, side: ReadingSide): Tint[] =>
  (side === 'both' ? SIDES : [side]).flatMap((s) =>
    test.limiters.map((l) => ({ structure: l.structure, side: s, fill: landTint(l.weight / 3) })),
  );

interface TestFigureProps {
  test: TestDefinition;
  readout: Readout;
  side: ReadingSide;
  /** The way it is done, where not the usual one. */
  variant?: Variant;
  value: number;
  readings: readonly Reading[];
  build?: Build;
  /** Set by dragging the limb. */
  onSet?: (value: number) => void;
  felt?: { chosen: string | undefined; onChoose: (place: Place | undefined) => void };
}

/** The body in a test at a value: muscles tinted as in typical people, the angle marked, the limb to be dragged. */
export function TestFigure(props: TestFigureProps) {
  'use memo';
  const { test, readout, side: readSide, variant, value, readings, build, onSet, felt } = props;
  const side: Side = readSide === 'left' ? 'left' : 'right';
  const scene = useMemo(() => {
    const context = contextOf({ test: test.id, readout: readout.id, side, variant: variant?.id }, latest(readings));
    const posture = testPosture(test, readout, side, value, context);
    const mark = testAngle(test, readout, side);
    return {
      posture,
      build,
      tints: test.kind === 'strength' ? workers(test, readSide) : lengthened(posture, side, build),
      props: propsOf(test),
      angle: mark ? { ...mark, label: readWithUnit(readout, value) } : undefined,
      view: viewOf(test, readout, side),
    };
  }, [test, readout, side, readSide, variant, value, readings, build]);
  const marks = useMemo((): BodyMark[] | undefined => {
    if (!felt) return undefined;
    const skeleton = skeletonOf(scene.posture, {}, build);
    return test.sensations.flatMap((s) => {
      const at = placePoint(skeleton, s.place, side);
      if (!at) return [];
      const chosen = felt.chosen === s.place;
      return [
        {
          id: s.place,
          at,
          label: say('felt: {{place}}', { place: say(PLACE_WORDS[s.place]) }),
          chosen,
          stops: s.action === 'stop',
          onChoose: () => felt.onChoose(chosen ? undefined : s.place),
        },
      ];
    });
  }, [felt, scene, build, test, side]);
  const point = onSet ? knobOf(test, readout, side) : null;
  const onDrag = (to: { x: number; y: number }, view: View) => {
    const step = STEP[readout.unit];
    if (!point || !onSet || !step) return;
    const context = contextOf({ test: test.id, readout: readout.id, side, variant: variant?.id }, latest(readings));
    const project = projector(view);
    let best = value,
      least = Infinity;
    for (let tried = readout.min; tried <= readout.max + 1e-9; tried += step) {
      const at = project(skeletonOf(testPosture(test, readout, side, tried, context), {}, build).points[point]);
      const far = (at.x - to.x) ** 2 + (at.y - to.y) ** 2;
      if (far < least) {
        least = far;
        best = tried;
      }
    }
    if (best !== value) onSet(best);
  };
  const whose = readSide === 'both' ? '' : say(', {{side}} side', { side: say(side) });
  return (
    <Figure
      label={say('{{name}}{{whose}}, at {{withUnit}}.', {
        name: say(test.name),
        whose,
        withUnit: withUnit(readout, value),
      })}
      turns
      marks={marks}
      knobs={point ? [{ point, label: say('Drag to set the reading'), onDrag }] : undefined}
      {...scene}
    />
  );
}
