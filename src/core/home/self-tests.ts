import type { Screening } from '@/core/cautions/screen';
import { readoutOf, testById, type TestId } from '@/core/assessment/battery';
import type { ReadoutId } from '@/core/assessment/definition';
import { verdictOfTest } from '@/core/assessment/locks';
import type { HomeTest } from './home-file';

/**
 * Tests that one person can do, and read without looking where she cannot: what they are on her own page. Words and
 * choice are ours.
 */
interface Alone {
  test: TestId;
  readout: ReadoutId;
  asks: string;
  steps: readonly string[];
  clock?: HomeTest['clock'];
}

export const ALONE: readonly Alone[] = [
  {
    test: 'knee-to-wall',
    readout: 'toe-distance',
    asks: 'centimetres',
    steps: [
      'Stand at a wall with a ruler or tape on the floor, without shoes.',
      'Put the foot straight to the wall, knee in line with the second toe. The heel stays down, all the time.',
      'Bring the knee to the wall. Slide the foot back, a little at a time, as long as knee and wall still touch.',
      'Read from the wall to the big toe. Do it three times; write down the middle one.',
    ],
  },
  {
    test: 'single-leg-stance',
    readout: 'hold',
    asks: 'seconds',
    clock: 'up',
    steps: [
      'Stand an arm away from a wall or a heavy table, so that you can hold on at any moment. No shoes, eyes open.',
      'Press start, then lift the other foot off the floor, hands on the hips.',
      'Press stop when the lifted foot touches anything, the standing foot moves, or a hand leaves the hip. One minute is enough.',
    ],
  },
  {
    test: 'chair-stands',
    readout: 'count',
    asks: 'full stands',
    clock: 30,
    steps: [
      'Put a steady chair with its back to the wall. Sit in the middle, feet flat, arms crossed on the chest.',
      'Press start. Stand up fully and sit down, as often as is safe in 30 seconds. The bell ends it.',
      'Count the full stands. Stop at once at any pain, or if you feel dizzy.',
    ],
  },
];

/**
 * Tests that a student may do alone: those that nothing of her screening closes or limits. None where a lesson may not
 * be given at all.
 */
export function homeTests(screening: Screening): Omit<HomeTest, 'picture'>[] {
  if (screening.stopped) return [];
  return ALONE.flatMap(({ test, readout, asks, steps, clock }) => {
    const definition = testById(test),
      of = readoutOf(test, readout);
    // With nobody beside her a limit is kept by not doing it.
    if (!definition || !of || verdictOfTest(screening, definition).state !== 'open') return [];
    return (definition.sided ? (['left', 'right'] as const) : (['both'] as const)).map((side) => ({
      test,
      readout,
      side,
      name: definition.name,
      asks,
      min: of.min,
      max: of.max,
      steps,
      ...(clock !== undefined && { clock }),
    }));
  });
}
