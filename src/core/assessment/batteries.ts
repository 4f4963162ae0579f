import { BATTERY, type TestId } from './battery';
import type { TestPosition, TestDefinition } from './definition';

/** A set of tests that a teacher asks for. */
export interface Battery {
  id: 'quick' | 'full-length' | 'full-strength';
  name: string;
  tests: readonly TestDefinition[];
}

/**
 * What it costs to get from one position into another, in turns of the body: a quarter turn or getting up counts 1,
 * turning right over 2. Our reckoning; the same both ways.
 */
const TURNS: Readonly<Record<TestPosition, Readonly<Partial<Record<TestPosition, number>>>>> = {
  'table edge': { 'on the back': 1, sitting: 1, 'on the side': 2, 'on the front': 3, kneeling: 2, standing: 1 },
  'on the back': { 'on the side': 1, 'on the front': 2, sitting: 1, kneeling: 2, standing: 2 },
  'on the side': { 'on the front': 1, sitting: 2, kneeling: 2, standing: 3 },
  'on the front': { sitting: 3, kneeling: 1, standing: 2 },
  sitting: { kneeling: 2, standing: 1 },
  kneeling: { standing: 1 },
  standing: {},
};
/** Turns from one position into another. */
export const turnsBetween = (a: TestPosition, b: TestPosition): number =>
  a === b ? 0 : (TURNS[a][b] ?? TURNS[b][a] ?? 0);

/** Turns that an order of tests asks for, from the first to the last. */
export const turnsOf = (tests: readonly TestDefinition[]): number =>
  tests.slice(1).reduce((sum, t, i) => sum + turnsBetween(tests[i].position, t.position), 0);

/**
 * The same tests with the fewest turns. Tests of one position stay together in the order given, which no best order can
 * better; the order of positions is the shortest way through all of them, found exactly by dynamic programming over
 * subsets (Held & Karp 1962). Ties go to the order given.
 * @param from position the student is in now, if any: the way begins there
 */
export function fewestTurns(tests: readonly TestDefinition[], from?: TestPosition): TestDefinition[] {
  const positions = [...new Set(tests.map((t) => t.position))];
  const n = positions.length;
  if (n < 2) return [...tests];
  const firstStep = (to: TestPosition) => (from ? turnsBetween(from, to) : 0);
  const whole = (1 << n) - 1;
  const best = new Map<number, { cost: number; before: number }>();
  const key = (set: number, last: number) => set * n + last;
  for (let i = 0; i < n; i++) best.set(key(1 << i, i), { cost: firstStep(positions[i]), before: -1 });
  for (let set = 1; set <= whole; set++)
    for (let last = 0; last < n; last++) {
      const here = best.get(key(set, last));
      if (!here) continue;
      for (let next = 0; next < n; next++) {
        if (set & (1 << next)) continue;
        const cost = here.cost + turnsBetween(positions[last], positions[next]);
        const at = key(set | (1 << next), next);
        const known = best.get(at);
        if (!known || cost < known.cost) best.set(at, { cost, before: last });
      }
    }
  let last = 0;
  for (let i = 1; i < n; i++)
    if ((best.get(key(whole, i))?.cost ?? 0) <= (best.get(key(whole, last))?.cost ?? 0)) last = i;
  const order: TestPosition[] = [];
  for (let set = whole; last >= 0;) {
    order.unshift(positions[last]);
    const before = best.get(key(set, last))?.before ?? -1;
    set &= ~(1 << last);
    last = before;
  }
  return order.flatMap((p) => tests.filter((t) => t.position === p));
}

const QUICK: readonly TestId[] = [
  'modified-thomas',
  'straight-leg-raise',
  'knee-extension-90-90',
  'prone-knee-bend',
  'prone-hip-rotation',
];

/**
 * Strength: short strong efforts first, holds that tire last, each part in the order of fewest turns. With rests it
 * fills two sessions; the break lies between the parts.
 */
export function strengthOrder(tests: readonly TestDefinition[]): TestDefinition[] {
  const short = fewestTurns(tests.filter((t) => t.effort !== 'tiring'));
  return [
    ...short,
    ...fewestTurns(
      tests.filter((t) => t.effort === 'tiring'),
      short.at(-1)?.position,
    ),
  ];
}

/** Tests in the best order: length by fewest turns, then strength. */
export function orderOf(tests: readonly TestDefinition[]): TestDefinition[] {
  const length = fewestTurns(tests.filter((t) => t.kind !== 'strength'));
  return [...length, ...strengthOrder(tests.filter((t) => t.kind === 'strength'))];
}

/** The batteries that can be asked for by name, each in its best order. */
export const BATTERIES: readonly Battery[] = [
  { id: 'quick', name: 'Quick look', tests: fewestTurns(BATTERY.filter((t) => QUICK.includes(t.id))) },
  { id: 'full-length', name: 'Full length', tests: orderOf(BATTERY.filter((t) => t.kind !== 'strength')) },
  { id: 'full-strength', name: 'Full strength', tests: orderOf(BATTERY.filter((t) => t.kind === 'strength')) },
];
export const QUICK_BATTERY = BATTERIES[0];
