import { describe, expect, it } from 'vitest';
import {
  angleProblem,
  coordinateIndex,
  DEG,
  floorUnder,
  fleshOf,
  GROUPS,
  skeletonOf,
  type GroupId,
  type Side,
} from '@/core/body';
import { anglesAt, anglesFor, LIBRARY, postureAt, propWords, reachFor, rungOf, shapeById } from './index';

const rungs = LIBRARY.flatMap((shape) => shape.rungs.map((rung, i) => ({ shape, rung, name: `${shape.id} ${i + 1}` })));
const points = (id: string, n: number, side: Side, depth: number) => {
  const found = rungOf(id, n);
  if (!found) throw new Error(`no ${id}`);
  return skeletonOf(postureAt(found.rung, side, depth), reachFor(found.rung, side)).points;
};

describe('the library', () => {
  it('has at least sixteen shapes of two rungs', () => {
    expect(LIBRARY.length).toBeGreaterThanOrEqual(16);
    for (const s of LIBRARY) expect(s.rungs.length).toBeGreaterThanOrEqual(2);
    expect(new Set(LIBRARY.map((s) => s.id)).size).toBe(LIBRARY.length);
  });
  it.each<GroupId>([
    'deep-hip-flexor',
    'rectus-femoris',
    'lateral-hip',
    'hamstrings',
    'deep-buttock',
    'adductors',
    'gluteus-maximus',
  ])('reaches %s by stretch', (group) =>
    expect(LIBRARY.filter((s) => s.reaches.includes(group)).length).toBeGreaterThanOrEqual(1),
  );
  it.each<GroupId>(['gluteus-maximus', 'deep-hip-flexor'])('loads %s', (group) =>
    expect(rungs.filter(({ rung }) => (rung.load?.[group] ?? 0) > 0.2).length).toBeGreaterThanOrEqual(2),
  );
  it('answers unknown shapes and rungs with null', () => {
    expect(shapeById('cartwheel')).toBeNull();
    expect(rungOf('pigeon', 9)).toBeNull();
    expect(rungOf('pigeon', 0)).toBeNull();
  });
});

describe.each(rungs)('$name', ({ shape, rung }) => {
  it('stays within the joints of very mobile people along its whole path', () => {
    for (const side of ['left', 'right'] as const)
      for (const depth of [0, 0.5, 1]) expect(angleProblem(anglesAt(rung, side, depth))).toBeNull();
  });
  it('has holds, phases, cues and costs in their ranges', () => {
    expect(rung.hold[0]).toBeLessThan(rung.hold[1]);
    expect(rung.phases.length).toBeGreaterThan(0);
    for (const cue of Object.values(shape.cues)) expect(cue).toMatch(/\.$/);
    expect(rung.knee).toBeGreaterThanOrEqual(0);
    expect(rung.knee).toBeLessThanOrEqual(1);
    for (const [group, load] of Object.entries(rung.load ?? {})) {
      expect(GROUPS).toContain(group);
      expect(load).toBeGreaterThan(0);
      expect(load).toBeLessThanOrEqual(1);
    }
  });
  it('names only points that the body has for hands and supports', () => {
    const names = Object.keys(skeletonOf(postureAt(rung, 'left', 0.5)).points);
    const real = (name: string) => name.replace('_worked', '_left').replace('_other', '_right');
    for (const s of rung.supports ?? []) expect(names).toContain(real(s.under));
    for (const r of Object.values(rung.reach ?? {})) expect(names).toContain(real(r.to));
  });
  it('is the mirror image when the other side is worked', () => {
    const at = (side: Side) => skeletonOf(postureAt(rung, side, 0.7)).points;
    const right = at('right'),
      left = at('left');
    for (const joint of ['knee', 'ankle', 'toe']) {
      const [x, y, z] = right[`${joint}_right`];
      const [a, b, c] = left[`${joint}_left`];
      expect([x, y, z].map((v) => v.toFixed(6))).toEqual([a, b, -c].map((v) => v.toFixed(6)));
    }
  });
});

describe('shapes look like what they are called', () => {
  it('soles meet in bound soles', () => {
    for (const n of [1, 2]) {
      const p = points('bound-soles', n, 'right', 1);
      expect(Math.abs(p.heel_left[2] - p.heel_right[2])).toBeLessThan(0.14);
      expect(p.knee_right[2] - p.knee_left[2]).toBeGreaterThan(0.5);
    }
  });
  it('the ankle lies on the other thigh in figure-four', () => {
    const p = points('lying-figure-four', 1, 'right', 1);
    const thigh = p.thigh_left,
      knee = p.knee_left;
    const middle = [0, 1, 2].map((k) => (thigh[k] + knee[k]) / 2);
    expect(Math.hypot(...[0, 1, 2].map((k) => p.ankle_right[k] - middle[k]))).toBeLessThan(0.22);
  });
  it.each([
    ['low-lunge', 1, ['knee_right', 'ball_left']],
    ['half-split', 1, ['knee_left', 'heel_right']],
    ['bridge', 1, ['ball_left', 'ball_right']],
    ['pigeon', 1, ['ankle_right', 'knee_left']],
  ] as const)('%s rung %i touches the floor with %j', (id, n, touching) => {
    const p = points(id, n, 'right', 1);
    const floor = floorUnder(p, false);
    for (const name of touching) expect(p[name][1] - fleshOf(name) - floor).toBeLessThan(0.16);
  });
});

describe('angles for a side', () => {
  it('puts worked and other on their sides and doubles both', () => {
    expect(anglesFor({ hip_flexion_worked: 5, knee_flexion_other: 7, elbow_flexion_both: 9 }, 'left')).toEqual({
      hip_flexion_left: 5,
      knee_flexion_right: 7,
      elbow_flexion_left: 9,
      elbow_flexion_right: 9,
    });
  });
  it('mirrors the trunk for the left', () => {
    expect(anglesFor({ lumbar_bend: 10, lumbar_flexion: 4 }, 'left')).toEqual({ lumbar_bend: -10, lumbar_flexion: 4 });
    expect(anglesFor({ lumbar_bend: 10 }, 'right')).toEqual({ lumbar_bend: 10 });
  });
  it('goes straight from entry to full', () => {
    const found = rungOf('low-lunge', 1);
    if (!found) throw new Error('no lunge');
    const half = postureAt(found.rung, 'right', 0.5)[coordinateIndex('hip_flexion_right')] / DEG;
    const begin = anglesAt(found.rung, 'right', 0).hip_flexion_right,
      end = anglesAt(found.rung, 'right', 1).hip_flexion_right;
    expect(half).toBeCloseTo((begin + end) / 2, 6);
  });
});

describe('words for props', () => {
  it.each([
    ['strap', null, 'strap'],
    ['blanket', 6, 'blanket, folded 6 cm high'],
    ['block', 11, 'block, 11 cm high'],
    ['bolster', 44, 'bolster on a chair seat or stacked, 44 cm high'],
  ] as const)('%s %s', (prop, height, words) => expect(propWords(prop, height)).toBe(words));
});
