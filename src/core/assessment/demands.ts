import { coordinateIndex, DEG, floorOf, groupOf, SIDES, skeletonOf, type Posture, type Side } from '@/core/body';
import { FROM_BELOW, type Asks, type AsksAlong, type AsksOfSides, type Demand } from '@/core/cautions/demands';
import { asksOfPosture, LIES_ON_BELLY, LIES_ON_HIP, turnedOverKnee } from '@/core/poses/demands';
import { isModelled, type Readout, type TestDefinition } from './definition';
import { testPosture } from './drawn';

/** Knee from which the shin is a lever, degrees. Ours. */
const LEVER = 60;
/** Up to here a knee that turns with the thigh is not twisted, degrees. Ours. */
const SQUARE = 95;
/** A hand this near to the floor with the shoulder this far above it carries, metres. Ours. */
const NEAR = 0.13,
  ABOVE = 0.14;
/** A foot this far above the other does not stand, metres. Ours. */
const LIFTED = 0.05;
/** A leg is in the air from here, and straight up to here, degrees. Ours. */
const LEG_UP = 20;
/** Movements in which a hand moves the thigh by the shin. */
const BY_THE_SHIN = /rotation|hip-adduction/;

/** Readings at which a test is looked at: where it begins, where most people come to, and one SD freer. */
function readingsOf(r: Readout): readonly [number, number[]] {
  const norm = r.norms.find((n) => n.primary) ?? r.norms[0];
  const within = (v: number): number => Math.min(r.max, Math.max(r.min, v));
  const mean = norm?.mean ?? (r.min + r.max) / 2;
  if (!norm || r.unit !== 'deg' || r.better === 'mid') return [mean, [mean]];
  const freer = r.better === 'lower' ? -1 : 1;
  // A gap is begun from as stiff people have it; its widest possible is no beginning.
  return [freer > 0 ? r.min : within(mean + 2 * norm.sd), [mean, within(mean + freer * norm.sd)]];
}

/** How much a test asks of the muscles: 2 a hold that tires, 1 a push or lifts, 0 nothing. */
function workOf(test: TestDefinition): number {
  if (test.kind !== 'strength') return 0;
  const units = new Set(test.readouts.map((r) => r.unit));
  if (units.has('s')) return test.effort === 'tiring' ? 2 : units.has('Nm_kg') ? 1 : 0;
  return units.has('deg') ? 2 : 1;
}

const kept = new WeakMap<TestDefinition, AsksAlong>(),
  keptOfLegs = new WeakMap<TestDefinition, Record<Leg, AsksAlong>>();
/** The leg that is tested, and the other; a test is read as its right leg is tested. */
type Leg = 'tested' | 'other';
const SIDES_OF: Readonly<Record<Leg, readonly Side[]>> = { tested: ['right'], other: ['left'] };

/**
 * What a test asks of the body that cautions speak about, from its position, its way and what it is read for: where it
 * begins, and the most of all its read-outs where they end.
 */
export function demandsOfTest(test: TestDefinition): AsksAlong {
  let own = kept.get(test);
  if (!own) kept.set(test, (own = asksOf(test)));
  return own;
}

/**
 * The same with the sides told apart, of a test done on a side; where both legs are tested at once each is asked what
 * either is.
 */
export function demandsOfTestSide(test: TestDefinition, side: Side): AsksOfSides {
  const whole = demandsOfTest(test);
  if (!test.sided) return { whole, left: whole, right: whole };
  let legs = keptOfLegs.get(test);
  if (!legs) keptOfLegs.set(test, (legs = { tested: asksOf(test, 'tested'), other: asksOf(test, 'other') }));
  return side === 'left'
    ? { whole, left: legs.tested, right: legs.other }
    : { whole, left: legs.other, right: legs.tested };
}

/** What a test asks where it begins and where it ends. @param leg of which leg; both where none is told */
function asksOf(test: TestDefinition, leg?: Leg): AsksAlong {
  const first: Most = {},
    last: Most = {};
  for (const readout of test.readouts) {
    if (!isModelled(readout) && test.drawn.byModel) continue;
    const [begins, ends] = readingsOf(readout);
    askedAt(test, readout, begins, first, leg);
    for (const value of ends) askedAt(test, readout, value, last, leg);
  }
  return [first, last].map((most) => {
    wholeOf(test, most, leg);
    return Object.fromEntries(Object.entries(most).filter(([d, n]) => n > 0 || FROM_BELOW.has(d as Demand))) as Asks;
  });
}

type Most = Partial<Record<Demand, number>>;
const ask = (most: Most, demand: Demand, n: number): void => {
  most[demand] = Math.max(most[demand] ?? -Infinity, n);
};

/** What one read-out asks at a reading. */
function askedAt(test: TestDefinition, readout: Readout, value: number, most: Most, leg: Leg | undefined): void {
  const sides = leg ? SIDES_OF[leg] : SIDES;
  const lying = test.position === 'table edge' || test.position.startsWith('on the');
  const q = testPosture(test, readout, 'right', value, {});
  // A leg that lies while the pelvis curls above it is not behind the body.
  if (test.drawn.byModel && test.position === 'on the back') {
    const other = coordinateIndex('hip_flexion_left');
    q[other] = Math.max(0, q[other]);
  }
  // A hand may hold the other leg behind the thigh: how far its knee bends is hers to choose.
  if (test.drawn.byModel)
    q[coordinateIndex('knee_flexion_left')] = Math.min(q[coordinateIndex('knee_flexion_left')], 90 * DEG);
  const knee = q[coordinateIndex('knee_flexion_right')] / DEG;
  const byHand = isModelled(readout)
    ? readout.manner === 'pushed' && BY_THE_SHIN.test(readout.movement)
    : test.kind === 'alignment';
  for (const [demand, n] of Object.entries(asksOfPosture(q, {}, undefined, sides)) as [Demand, number][]) {
    if (demand === 'lying-on-back' && !lying) continue;
    // At a right angle the turning thigh takes the shin along: what the knee bears is the lever.
    if (demand === 'knee-twist' && byHand && knee <= SQUARE) continue;
    ask(most, demand, n);
  }
  supportOf(test, q, most, sides);
  if (leg !== 'other' && byHand && knee >= LEVER)
    ask(most, 'knee-levered', isModelled(readout) && readout.movement === 'hip-adduction' ? 2 : 1);
}

/** Positions in which both legs bear, whichever is tested. */
const BEARS_BOTH: readonly TestDefinition['position'][] = ['standing', 'kneeling', 'on the side'];

/** What the whole test asks, at any reading. */
function wholeOf(test: TestDefinition, most: Most, leg: Leg | undefined): void {
  if (test.position === 'on the front') {
    ask(most, 'lying-on-front', 1);
    ask(most, 'belly-pressed', LIES_ON_BELLY);
  }
  if (test.position === 'kneeling') ask(most, 'kneeling', 1);
  if (test.position === 'sitting') ask(most, 'seated', 1);
  if (test.position !== 'sitting' && test.position !== 'on the side') ask(most, 'not-seated-or-side', 1);
  const work = workOf(test);
  if (work === 0) return;
  ask(most, 'strong-work', work);
  // The leg that is not tested does not push, but for the one that somebody stands or leans on.
  if (leg === 'other' && !BEARS_BOTH.includes(test.position)) return;
  const chief = test.limiters.filter((l) => l.weight === 3).map((l) => groupOf(l.structure));
  if (chief.includes('adductors')) ask(most, 'adductor-work', work);
  if (chief.includes('deep-hip-flexor')) ask(most, 'hip-flexor-work', work);
  if (chief.includes('lateral-hip')) ask(most, 'abductor-work', work);
  if (chief.includes('calf')) ask(most, 'calf-work', work);
  if (/knee-(extension|flexion)/.test(test.id)) ask(most, 'knee-work', work);
}

/** What carries the body in a test, seen from where its limbs are above the floor. */
function supportOf(test: TestDefinition, q: Posture, most: Most, sides: readonly Side[]): void {
  const { points } = skeletonOf(q);
  // Whoever lies on the side lies on the hip that is lower: the other one, where the upper leg is tested.
  const lower = points.hip_left[1] < points.hip_right[1] ? 'left' : 'right';
  if (test.position === 'on the side' && sides.includes(lower)) ask(most, 'outer-hip-pressed', LIES_ON_HIP);
  const floor = floorOf(points, {});
  const props = test.drawn.props?.map((p) => p.kind) ?? [];
  if (test.position === 'standing') {
    for (const side of sides) {
      ask(most, 'knee-bend-loaded', q[coordinateIndex(`knee_flexion_${side}`)] / DEG);
      ask(most, 'knee-turned-loaded', turnedOverKnee(q, side));
    }
    const foot = (side: Side): number => ['heel', 'ball', 'toe'].reduce((s, p) => s + points[`${p}_${side}`][1] / 3, 0);
    // Where the model draws the leg the feet stand apart, one before the other, and each at a height of its own.
    if (!test.drawn.byModel && Math.abs(foot('left') - foot('right')) > LIFTED) {
      const stands = foot('left') < foot('right') ? 'left' : 'right';
      if (sides.includes(stands)) ask(most, 'one-leg', 1);
      if (!test.held) ask(most, 'balance-alone', 1);
    }
  }
  if ((test.position === 'on the front' || test.position === 'on the side') && !props.includes('table'))
    for (const side of sides)
      for (const part of ['wrist', 'elbow'])
        if (
          points[`${part}_${side}`][1] < floor + NEAR &&
          points[`shoulder_${side}`][1] > floor + ABOVE &&
          points.chest[1] > floor + ABOVE
        )
          ask(most, 'weight-on-hands', 1);
  const up = (side: Side): boolean =>
    q[coordinateIndex(`hip_flexion_${side}`)] / DEG >= LEG_UP &&
    Math.abs(q[coordinateIndex(`knee_flexion_${side}`)]) < LEG_UP * DEG;
  if (test.kind === 'strength' && (test.position === 'on the back' || test.position === 'sitting') && SIDES.every(up))
    ask(most, 'legs-held-up', 1);
}
