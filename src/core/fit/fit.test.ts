import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENT_IDS, GROUPS, postureFrom, type Side } from '@/core/body';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { LIBRARY, shapeById } from '@/core/poses';
import { fitRung, readAt } from './fit';
import { FIRST_PULL, pullSd, sdAt, shareAt, SLACK_POSTURES } from '@/core/body';
import { USUAL_WAY } from './way';
import { stretchAt, typicalStretchAt } from './stretch';

const BUILD = buildOf({ height_cm: 170, mass_kg: 65 });

/** A posterior that is sure: the given elements differ from typical, SD, on a side or on both. */
function sureOf(short: Record<string, number> = {}, side?: Side): Posterior {
  const mean = new Float32Array(DIMENSIONS);
  for (const [id, x] of Object.entries(short)) {
    const g = ELEMENT_IDS.indexOf(id);
    if (side !== 'right') mean[g] = x;
    if (side !== 'left') mean[ELEMENT_COUNT + g] = x;
  }
  return { mean, draws: mean, drawCount: 1 };
}
const fit = (pose: string, rung: number, side: Side, posterior = sureOf()) => {
  const shape = shapeById(pose);
  if (!shape) throw new Error(`no ${pose}`);
  return fitRung({ shape, rung, side }, { posterior, build: BUILD });
};

describe('depth', () => {
  it('ends where the limiter reaches its comfortable share', () => {
    const f = fit('strap-leg-raise', 1, 'right');
    expect(f.limiter).toMatchObject({ group: 'hamstrings', side: 'right', probability: 1 });
    expect(f.depth).toBeGreaterThan(0.1);
    expect(f.depth).toBeLessThan(1);
    expect(f.stretch.right.hamstrings).toBeCloseTo(USUAL_WAY.share, 1);
  });
  it('is less in a shorter student and more in a longer one', () => {
    const depth = (x: number) => fit('strap-leg-raise', 1, 'left', sureOf({ hamstrings: x })).depth;
    expect(depth(-2)).toBeLessThan(depth(0));
    expect(depth(2)).toBeGreaterThan(depth(0));
  });
  it('is the whole rung where nothing stops it', () => {
    const f = fit('bridge', 1, 'right', sureOf(Object.fromEntries(ELEMENT_IDS.map((id) => [id, 3]))));
    expect(f).toMatchObject({ full: true, depth: 1, beyondEntry: false, side: 'both' });
  });
  it('says when even the entry asks too much', () => {
    const f = fit('half-split', 2, 'right', sureOf({ hamstrings: -4 }));
    expect(f.beyondEntry).toBe(true);
    expect(f.depth).toBe(0);
  });
  it('does not let a short psoas stop a straight leg raise', () =>
    expect(fit('strap-leg-raise', 1, 'right', sureOf({ 'deep-hip-flexor': -4 })).limiter.group).toBe('hamstrings'));
  it('follows the short side: the other side is not held back by it', () => {
    const p = sureOf({ hamstrings: -2.5 }, 'left');
    expect(fit('strap-leg-raise', 1, 'left', p).depth).toBeLessThan(fit('strap-leg-raise', 1, 'right', p).depth);
  });
  it('is the same on both sides of a person who is the same on both sides', () => {
    for (const shape of LIBRARY.filter((s) => s.sided)) {
      const right = fitRung({ shape, rung: 1, side: 'right' }, { posterior: sureOf(), build: BUILD }),
        left = fitRung({ shape, rung: 1, side: 'left' }, { posterior: sureOf(), build: BUILD });
      expect(left.depth).toBeCloseTo(right.depth, 6);
      for (const g of GROUPS) expect(left.stretch.left[g]).toBeCloseTo(right.stretch.right[g], 6);
    }
  });
});

describe('a typical student gets into most of the library', () => {
  const fits = LIBRARY.flatMap((s) =>
    s.rungs.map((r, i) => ({
      level: r.level,
      f: fitRung({ shape: s, rung: i + 1, side: 'right' }, { posterior: sureOf(), build: BUILD }),
    })),
  );
  const beyond = (level: number) => fits.filter((x) => x.level === level && x.f.beyondEntry).length;
  const count = (level: number) => fits.filter((x) => x.level === level).length;
  it('can begin nearly every mild rung, most of the middle and not all of the demanding', () => {
    expect(beyond(1)).toBeLessThanOrEqual(0.06 * count(1));
    expect(beyond(2)).toBeLessThanOrEqual(0.14 * count(2));
    expect(beyond(3)).toBeGreaterThan(0);
    expect(beyond(3)).toBeLessThanOrEqual(0.3 * count(3));
  });
  it.each([
    ['low-lunge', 2, 'deep-hip-flexor'],
    ['shin-up-lunge', 1, 'rectus-femoris'],
    ['half-frog', 1, 'rectus-femoris'],
    ['long-sitting-fold', 1, 'hamstrings'],
    ['half-split', 1, 'hamstrings'],
    ['lying-figure-four', 2, 'deep-buttock'],
    ['bound-soles', 2, 'adductors'],
    ['crossed-side-reach', 2, 'lateral-hip'],
  ] as const)('%s %i is mostly about %s', (pose, rung, group) => {
    const f = fit(pose, rung, 'right');
    expect(f.stretch.right[group]).toBeGreaterThan(0.7);
  });
});

describe('probability of the limiter', () => {
  it('is the share of draws in which it is first', () => {
    const short = sureOf({ 'deep-hip-flexor': -2 }).mean,
      long = sureOf({ 'deep-hip-flexor': 4, 'rectus-femoris': -3, 'hip-capsule-front': 4 }).mean;
    const draws = new Float32Array(4 * DIMENSIONS);
    [short, short, short, long].forEach((d, i) => draws.set(d, i * DIMENSIONS));
    const f = fit('low-lunge', 1, 'right', { mean: short, draws, drawCount: 4 });
    expect(f.limiter.group).toBe('deep-hip-flexor');
    expect(f.limiter.probability).toBeCloseTo(0.75, 6);
  });
});

describe('props', () => {
  it('are as high as the gap under the body at that depth, and grow with the person', () => {
    const shape = shapeById('half-split');
    if (!shape) throw new Error('no shape');
    const small = fitRung(
        { shape, rung: 1, side: 'right' },
        { posterior: sureOf(), build: buildOf({ height_cm: 150, mass_kg: 65 }) },
      ),
      tall = fitRung(
        { shape, rung: 1, side: 'right' },
        { posterior: sureOf(), build: buildOf({ height_cm: 190, mass_kg: 65 }) },
      );
    const height = (f: typeof small) => f.props.find((p) => p.prop === 'block')?.height_cm ?? 0;
    expect(height(small)).toBeGreaterThan(10);
    expect(height(tall)).toBeGreaterThan(height(small));
  });
  it('have a length where they only hold: a loop round the foot and both strands to the hand', () => {
    const [strap] = fit('strap-leg-raise', 1, 'right').props;
    expect(strap).toMatchObject({ prop: 'strap', height_cm: null });
    expect(strap.length_cm).toBeGreaterThan(120);
    expect(strap.length_cm).toBeLessThan(300);
  });
});

describe('stretch of single muscles', () => {
  it('is nothing far from the end and above 1 beyond it', () => {
    const at = (hip: number) =>
      stretchAt(postureFrom({ hip_flexion_left: hip })).find((s) => s.structure === 'hamstrings' && s.side === 'left')
        ?.stretch ?? 0;
    expect(at(0)).toBe(0);
    expect(at(55)).toBeGreaterThan(0.85);
    expect(at(90)).toBeGreaterThan(1);
  });
  it('counts against the student’s own tolerance', () => {
    const p = sureOf({ hamstrings: -2 });
    const of = (tolerances?: ArrayLike<number>) =>
      stretchAt(postureFrom({ hip_flexion_left: 50 }), tolerances).find(
        (s) => s.structure === 'hamstrings' && s.side === 'left',
      )?.stretch ?? 0;
    expect(of(p.mean) - of()).toBeCloseTo(2 / pullSd(ELEMENT_IDS.indexOf('hamstrings')), 6);
  });
  it.each(Object.entries(SLACK_POSTURES))('is nothing in typical people %s', (_, angles) => {
    for (const s of [...stretchAt(postureFrom(angles)), ...typicalStretchAt(postureFrom(angles))])
      expect(s.stretch, s.structure).toBeLessThan(0.15);
  });
  it('goes both ways between SD and shares, never on a longer scale than the first pull', () => {
    ELEMENT_IDS.forEach((_, e) => {
      expect(shareAt(e, sdAt(e, 0.8))).toBeCloseTo(0.8, 9);
      expect(shareAt(e, 0)).toBe(1);
      expect(pullSd(e)).toBeLessThanOrEqual(FIRST_PULL);
    });
  });
});

describe('femoral version in a fit', () => {
  it('takes outward turning from one side and gives it to the other way of twisting', () => {
    const shape = shapeById('lying-figure-four');
    if (!shape) throw new Error('no lying-figure-four');
    const reach = (version: number) => {
      const build = buildOf({ height_cm: 170, mass_kg: 65, femoralVersion_deg: { left: version } });
      return fitRung({ shape, rung: 1, side: 'left' }, { posterior: sureOf(), build }).depth;
    };
    // The deep buttock turns the thigh inward there and is lengthened by turning out: a neck twisted further forward
    // stands further out already.
    expect(reach(27)).toBeLessThan(reach(12));
    expect(reach(-3)).toBeGreaterThan(reach(12));
  });
});

describe('a rung read at another depth', () => {
  const shape = shapeById('strap-leg-raise');
  if (!shape) throw new Error('no strap-leg-raise');
  const read = (depth: number) =>
    readAt({ shape, rung: 2, side: 'right' }, depth, { posterior: sureOf(), build: BUILD });
  it('says at the fitted depth what the fit says', () => {
    const f = fit('strap-leg-raise', 2, 'right');
    expect(read(f.depth).stretch).toEqual(f.stretch);
    expect(read(f.depth).strains.length).toBe(f.strains.length);
  });
  it('follows the depth', () =>
    expect(read(0.9).stretch.right.hamstrings).toBeGreaterThan(read(0.1).stretch.right.hamstrings + 0.2));
});
