import { describe, expect, it } from 'vitest';
import { coordinateIndex, DEG, HALF, newHalf, skeletonOf, type Side, type Vec3 } from '@/core/body';
import { norm, sub } from '@/core/body/vec3';
import { BATTERY, MAIN_TEST, modelledReadoutOf, MOVEMENTS, readoutOf, testById } from './battery';
import { bandOf, isModelled, normFor, type ModelledReadout } from './definition';
import { testAngle, testPosture } from './drawn';
import { latest, meanOf, readingSchema, spreadOf, STOP_REASONS, valueProblem, type Reading } from './reading';
import { sideGap } from './sides';
import { END_FEEL_WORDS, MOVEMENT_WORDS } from './words';

const readouts = BATTERY.flatMap((t) => t.readouts.map((r) => ({ test: t, readout: r, name: `${t.id} ${r.id}` })));
const readout = (test: string, id: string): ModelledReadout => {
  const r = modelledReadoutOf(test, id);
  if (!r) throw new Error('unknown');
  return r;
};

describe.each(readouts.filter((r) => isModelled(r.readout)))('$name', ({ readout: r }) => {
  it('moves the joint it is about, one degree for one degree or less where the pelvis shares', () => {
    if (!isModelled(r)) throw new Error('not modelled');
    const a = newHalf(),
      b = newHalf();
    const unit = 1 / (r.degreesPerUnit ?? 1);
    const norm = normFor(r, undefined);
    r.posture(norm.mean, {}, a);
    r.posture(norm.mean + unit, {}, b);
    const moved = Math.hypot(...Array.from(a, (v, i) => Math.abs(b[i] - v) / DEG));
    expect(moved).toBeGreaterThan(0.7);
    expect(moved).toBeLessThan(1.001);
  });
});

describe('norms', () => {
  it('are the student’s own where sex is told, else both together with the wider spread', () => {
    const slr = readout('straight-leg-raise', 'hip-flexion');
    expect(normFor(slr, 'female').mean).toBe(76.3);
    expect(normFor(slr, 'male').mean).toBe(68.5);
    const both = normFor(slr, undefined);
    expect(both.mean).toBeCloseTo(72.4, 1);
    expect(both.sd).toBeGreaterThan(8.2);
    expect(both.confidence).toBe('computed');
    expect(both.source).toBe('Youdas 2005');
  });
  it('count less as worse or better as the test means it', () => {
    const slr = readout('straight-leg-raise', 'hip-flexion'),
      missing = readout('knee-extension-90-90', 'missing-extension');
    expect(bandOf(slr, 66.8, normFor(slr, 'female'))).toBeCloseTo(-1, 6);
    expect(bandOf(missing, 38.6, normFor(missing, 'female'))).toBeCloseTo(-1, 6);
  });
});

describe('movements', () => {
  it('each have a main test that exists and a name', () => {
    for (const m of MOVEMENTS) {
      expect(readout(MAIN_TEST[m].test, MAIN_TEST[m].readout).movement).toBe(m);
      expect(MOVEMENT_WORDS[m]).toBeTruthy();
    }
  });
  it('unknown names are null, not a failure', () => {
    expect(testById('cartwheel')).toBeNull();
    expect(readoutOf('straight-leg-raise', 'smile')).toBeNull();
  });
  it('every end has words', () => {
    for (const r of STOP_REASONS) expect(END_FEEL_WORDS[r]).toBeTruthy();
  });
});

describe('the pelvis', () => {
  it('takes a quarter of a straight leg raise unless a second inclinometer reads it', () => {
    const half = newHalf();
    const slr = readout('straight-leg-raise', 'hip-flexion');
    slr.posture(80, {}, half);
    expect(half[HALF.hipFlexion] / DEG).toBeCloseTo(60.8, 6);
    slr.posture(80, { pelvicTilt: 30 }, half);
    expect(half[HALF.hipFlexion] / DEG).toBeCloseTo(50, 6);
  });
  it('counts hip extension in the hanging leg against the pelvis', () => {
    const half = newHalf();
    readout('modified-thomas', 'hip-extension').posture(5, { pelvicTilt: 10 }, half);
    expect(half[HALF.hipFlexion] / DEG).toBeCloseTo(-15, 6);
  });
});

describe('the drawn test', () => {
  const angleShown = (id: string, name: string, side: Side, value: number) => {
    const test = testById(id);
    if (!test) throw new Error('unknown');
    const r = readout(id, name);
    const { points: p, frames } = skeletonOf(testPosture(test, r, side, value, {}));
    const mark = testAngle(test, r, side);
    if (!mark) throw new Error('no angle');
    const to = sub(p[mark.toward], p[mark.vertex]);
    const turn = 'along' in mark.zero ? frames[mark.zero.along].turn : null;
    const zero = turn ? ([-turn[1], -turn[4], -turn[7]] as const) : (mark.zero as Vec3);
    const cosine = (to[0] * zero[0] + to[1] * zero[1] + to[2] * zero[2]) / (norm(to) * norm(zero));
    return Math.acos(Math.max(-1, Math.min(1, cosine))) / DEG;
  };
  it.each([
    ['straight-leg-raise', 'hip-flexion', 64],
    ['knee-extension-90-90', 'missing-extension', 30],
    ['prone-knee-bend', 'knee-flexion', 110],
    ['modified-thomas', 'knee-flexion', 50],
    ['prone-hip-rotation', 'internal-rotation', 38],
    ['prone-hip-rotation', 'external-rotation', 41],
    ['knee-to-chest', 'hip-flexion', 110],
    ['supine-abduction', 'straight-knee', 38],
    ['straight-knee-lunge', 'ankle-dorsiflexion', 30],
    ['knee-to-wall', 'shin-angle', 35],
  ] as const)('%s %s shows the angle that is typed', (id, name, value) => {
    for (const side of ['left', 'right'] as const) expect(angleShown(id, name, side, value)).toBeCloseTo(value, 1);
  });
  it('crosses the legs sitting so that the shin rises by the reading', () => {
    for (const value of [0, 10, 20, 30])
      expect(Math.abs(angleShown('figure-four', 'shin-angle', 'right', value) - value)).toBeLessThan(9);
  });
  it('lies the way the test lies', () => {
    const posture = (id: string, name: string) => {
      const test = testById(id);
      if (!test) throw new Error('unknown');
      return testPosture(test, readout(id, name), 'right', 20, {});
    };
    const tilt = coordinateIndex('pelvis_tilt');
    expect(posture('prone-knee-bend', 'knee-flexion')[tilt] / DEG).toBeCloseTo(90, 6);
    expect(posture('straight-leg-raise', 'hip-flexion')[tilt] / DEG).toBeLessThan(-85);
  });
});

describe('a reading', () => {
  const reading: Reading = {
    id: 'r1',
    student: 's',
    test: 'straight-leg-raise',
    readout: 'hip-flexion',
    side: 'left',
    trials: [60, 62],
    unit: 'deg',
    takenAt: '2026-05-01T10:00:00.000Z',
  };
  it('is refused where no joint gets, with the range in the answer', () => {
    expect(valueProblem('straight-leg-raise', 'hip-flexion', 64)).toBeNull();
    expect(valueProblem('straight-leg-raise', 'hip-flexion', 190)).toContain('10° to 150°');
    expect(valueProblem('straight-leg-raise', 'hip-flexion', Number.NaN)).toContain('Type a number');
    expect(valueProblem('cartwheel', 'height', 3)).toContain('cartwheel');
  });
  it('has a mean and a spread', () => {
    expect(meanOf([60, 62, 67])).toBeCloseTo(63, 9);
    expect(spreadOf([60, 62, 67])).toBe(7);
  });
  it('keeps its shape', () => {
    expect(readingSchema.safeParse(reading).success).toBe(true);
    for (const broken of [
      { ...reading, trials: [] },
      { ...reading, trials: [1, 2, 3, 4] },
      { ...reading, side: 'middle' },
      { ...reading, takenAt: 'yesterday' },
      { ...reading, placeFelt: 'soul' },
    ])
      expect(readingSchema.safeParse(broken).success).toBe(false);
  });
  it('stands beside the other side, with the error of measuring', () => {
    const slr = readout('straight-leg-raise', 'hip-flexion');
    const right = { ...reading, id: 'r9', side: 'right' as const, trials: [75, 73] };
    const gap = (side: Side) => sideGap([reading, right], 'straight-leg-raise', slr, side);
    expect(gap('left')).toEqual({ gap: -13, detectable: 9, beyondError: true });
    expect(gap('right')?.gap).toBe(13);
    expect(sideGap([reading, { ...right, trials: [65] }], 'straight-leg-raise', slr, 'left')?.beyondError).toBe(false);
    expect(sideGap([reading], 'straight-leg-raise', slr, 'left')).toBeNull();
  });
  it('is history once a newer one is there', () => {
    const newer = { ...reading, id: 'r2', takenAt: '2026-06-01T10:00:00.000Z' };
    const right = { ...reading, id: 'r3', side: 'right' as const };
    expect(latest([reading, newer, right]).map((r) => r.id)).toEqual(['r2', 'r3']);
    expect(latest([newer, reading]).map((r) => r.id)).toEqual(['r2']);
  });
});
