import { describe, expect, it } from 'vitest';
import { ELEMENT_IDS, ELEMENTS, LINES, SIDES, skeletonOf } from '@/core/body';
import { PLACE_WORDS } from '@/core/students/words';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { PLACES } from '@/core/students/student';
import { BATTERY } from './battery';
import { detectableAt, isModelled, normOf, UNITS } from './definition';
import { testAngle, testPosture } from './drawn';
import { valueProblem, withUnit } from './reading';

/** Names that the field uses for what is not muscle, beside the model's own elements. */
const NOT_MUSCLE = ['hip-version', 'lumbar-spine', 'femoral-nerve', 'guarding', 'transversus-abdominis'];
const KNOWN = new Set([
  ...ELEMENT_IDS,
  ...ELEMENTS.flatMap((e) => e.structures),
  ...LINES.map((l) => l.structure),
  ...NOT_MUSCLE,
]);

/** The tests of the tables with their read-outs; `torque` stands for the push in any of its forms. */
const WANTED: Readonly<Record<string, readonly string[]>> = {
  'modified-thomas': ['hip-extension', 'knee-flexion', 'hip-abduction'],
  'prone-knee-bend': ['knee-flexion'],
  'straight-leg-raise': ['hip-flexion'],
  'knee-extension-90-90': ['missing-extension'],
  ober: ['hip-adduction'],
  'modified-ober': ['hip-adduction'],
  'prone-hip-rotation': ['internal-rotation', 'external-rotation'],
  'seated-hip-rotation': ['internal-rotation', 'external-rotation'],
  'knee-to-chest': ['hip-flexion'],
  faber: ['knee-height'],
  'figure-four': ['shin-angle', 'trunk-lean'],
  'knee-to-opposite-shoulder': ['hip-adduction'],
  'supine-abduction': ['straight-knee', 'bent-knee'],
  'bent-knee-fall-out': ['knee-height'],
  straddle: ['angle-between-thighs'],
  'knee-to-wall': ['toe-distance', 'shin-angle'],
  'straight-knee-lunge': ['ankle-dorsiflexion'],
  'kneeling-sit': ['heel-gap', 'instep-gap'],
  'sit-and-reach': ['reach'],
  'standing-pelvic-tilt': ['tilt'],
  'prone-press-up': ['height', 'grade'],
  'trochanteric-version': ['version'],
  'deep-squat': ['grade'],
  'seated-hip-flexion-hold': ['hold', 'grade', 'torque'],
  'prone-hip-extension': ['hold', 'grade', 'torque'],
  'single-leg-bridge': ['hold'],
  'side-lying-abduction': ['hold', 'torque'],
  'side-lying-adduction': ['hold', 'torque'],
  'seated-rotation-strength': ['internal-torque', 'external-torque'],
  'prone-knee-flexion': ['torque', 'grade'],
  'seated-knee-extension': ['torque'],
  'wall-sit': ['hold'],
  'heel-raises': ['count'],
  'double-leg-lowering': ['loss-angle'],
  'front-plank': ['hold'],
  'side-plank': ['hold'],
  'single-leg-stance': ['hold', 'grade'],
  'trunk-extension-hold': ['hold'],
  'adductor-squeeze': ['torque'],
  slump: ['answer'],
  'mobility-score': ['points'],
  'lumbar-bend': ['gain'],
  'chair-stands': ['count'],
  'step-down-test': ['grade'],
};

it('every test of the tables is there with its read-outs', () => {
  for (const [id, readouts] of Object.entries(WANTED)) {
    const test = BATTERY.find((t) => t.id === id);
    expect(test, id).toBeDefined();
    for (const r of readouts)
      expect(
        test?.readouts.map((x) => x.id),
        id,
      ).toContain(r);
  }
  expect(BATTERY.map((t) => t.id).sort()).toEqual(Object.keys(WANTED).sort());
});

describe.each(BATTERY.map((t) => [t.id, t] as const))('%s', (_id, test) => {
  it('says in whole sentences what it is for, how it is done and when to take care', () => {
    for (const text of [test.purpose, test.start, test.hold, test.move, test.end, test.care]) {
      expect(text).toMatch(/^[A-Z].{8,}\.$/s);
      expect(text).not.toMatch(/!|diagnos/i);
    }
    expect(test.spoils.length).toBeGreaterThan(1);
    if (test.kind === 'strength') expect(test.effort).toBeDefined();
  });
  it('names only structures, places and cautions that exist', () => {
    expect(test.limiters.length).toBeGreaterThan(0);
    for (const { structure } of [...test.limiters, ...test.readouts.flatMap((r) => r.limiters ?? [])])
      expect(KNOWN).toContain(structure);
    for (const s of test.sensations) {
      expect(PLACES).toContain(s.place);
      expect(PLACE_WORDS[s.place]).toBeTruthy();
    }
    const cautions = CAUTIONS.map((c) => c.id);
    for (const v of test.variants ?? []) {
      expect(v.how).toMatch(/[.]$/);
      for (const c of v.opens ?? []) expect(cautions).toContain(c);
      for (const r of v.readouts ?? []) expect(test.readouts.map((x) => x.id)).toContain(r);
    }
  });
  it('stops at a place that means harm, and never at a plain stretch', () => {
    const stops = test.sensations.filter((s) => s.action === 'stop').map((s) => s.place);
    expect(stops.length).toBeGreaterThan(0);
    for (const plain of ['back-thigh', 'front-thigh', 'inner-thigh-long', 'deep-buttock'] as const)
      expect(stops).not.toContain(plain);
  });
  it('is drawn for both sides, with its angle on points that the body has', () => {
    for (const side of SIDES)
      for (const r of test.readouts)
        for (const value of [r.min, normOf(r, undefined)?.mean ?? (r.min + r.max) / 2, r.max]) {
          const { points, frames } = skeletonOf(testPosture(test, r, side, value, {}));
          for (const p of Object.values(points)) for (const v of p) expect(Number.isFinite(v)).toBe(true);
          const mark = testAngle(test, r, side);
          if (!mark) continue;
          expect(points).toHaveProperty(mark.vertex);
          expect(points).toHaveProperty(mark.toward);
          if ('along' in mark.zero) expect(frames).toHaveProperty(mark.zero.along);
        }
  });
});

describe.each(BATTERY.flatMap((t) => t.readouts.map((r) => [`${t.id} ${r.id}`, t, r] as const)))(
  '%s',
  (_name, test, r) => {
    it('has a name, a zero, a unit, a range and an error with its source', () => {
      expect(r.name).toMatch(/^[A-Z]/);
      expect(r.zero.length).toBeGreaterThan(3);
      expect(UNITS).toContain(r.unit);
      expect(r.max).toBeGreaterThan(r.min);
      expect(r.detectable).toBeGreaterThan(0);
      expect(r.detectableSource.length).toBeGreaterThan(5);
      expect(detectableAt(r, r.max)).toBeGreaterThanOrEqual(r.detectable);
      if (r.insteadOf) expect(test.readouts.map((x) => x.id)).toContain(r.insteadOf);
      if (r.unit === 'grade') expect(r.grades).toHaveLength(r.max - r.min + 1);
    });
    it('has norms inside its range, each with its source; published ones name an author and a year', () => {
      for (const n of r.norms) {
        expect(n.source.length).toBeGreaterThan(5);
        expect(n.group.length).toBeGreaterThan(2);
        expect(n.sd).toBeGreaterThan(0);
        expect(n.mean).toBeGreaterThanOrEqual(r.min);
        expect(n.mean).toBeLessThanOrEqual(r.max);
        if (n.confidence === 'published') expect(n.source).toMatch(/[A-Z].* (19|20)\d\d/);
      }
      if (isModelled(r)) expect(r.norms.some((n) => n.primary)).toBe(true);
      // Only the press-up has nobody to be compared with.
      if (r.norms.length === 0) expect(test.id).toBe('prone-press-up');
    });
    it('refuses what cannot be and takes what can', () => {
      const whole = Math.round((r.min + r.max) / 2);
      expect(valueProblem(test.id, r.id, whole)).toBeNull();
      expect(valueProblem(test.id, r.id, r.max + 1)).toContain(withUnit(r, r.max));
      expect(valueProblem(test.id, r.id, Number.NaN)).toMatch(/^Type/);
    });
  },
);
