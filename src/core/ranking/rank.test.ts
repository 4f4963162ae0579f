import { describe, expect, it } from 'vitest';
import { buildOf, ELEMENTS, GROUPS, type GroupId, type Side } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import type { Aim } from '@/core/students/student';
import { fitRung } from '@/core/fit/fit';
import { USUAL_WAY } from '@/core/fit/way';
import { isSided, LIBRARY, shapeById } from '@/core/poses';
import { infer } from '@/core/inference/infer';
import { readAll, simulateStudent } from '@demo/simulated-student';
import guide from './data/typical-loads.json';
import { guidePoints } from './guide-points';
import { scored } from './scored.fixtures';
import { rankFirst, rankPoses, worthFor, worthOfLoad, worthOfStretch, type RankedPose } from './rank';
import { someOf } from '@/core/how-much.fixtures';

type Points = readonly (readonly (readonly number[])[])[];
const keyOf = (p: RankedPose) => `${p.pose}/${p.rung}/${p.side}`;

const BUILD = buildOf({ height_cm: 170, mass_kg: 65 });

const go = screen([], '2026-01-05');
const aim = (kind: Aim['kind'], group: GroupId, side: Side, weight = 1): Aim => ({ kind, group, side, weight });
function person(short: Partial<Record<GroupId, number>> = {}, side: Side = 'left'): Posterior {
  const mean = new Float32Array(DIMENSIONS);
  ELEMENTS.forEach((e, g) => (mean[(side === 'left' ? 0 : ELEMENT_COUNT) + g] = short[e.group] ?? 0));
  return { mean, draws: mean, drawCount: 1 };
}
const best = (aims: Aim[], posterior = person()) => rankPoses(posterior, BUILD, aims, go)[0];

describe('worth', () => {
  it('of a stretch begins at half and is whole at the comfortable 0.8', () => {
    expect(worthOfStretch(0.5)).toBe(0);
    expect(worthOfStretch(0.65)).toBeCloseTo(0.5, 9);
    expect(worthOfStretch(0.8)).toBe(1);
    expect(worthOfStretch(1.2)).toBe(1);
  });
  it('of a load is whole from half the capacity', () => {
    expect(worthOfLoad(0.2)).toBe(0);
    expect(worthOfLoad(0.35)).toBeCloseTo(0.5, 9);
    expect(worthOfLoad(0.7)).toBe(1);
  });
});

describe('the first pose', () => {
  it.each<[GroupId, string[]]>([
    [
      'hamstrings',
      ['strap-leg-raise', 'half-split', 'long-sitting-fold', 'chair-leg-fold', 'forward-hinge', 'triangle'],
    ],
    ['rectus-femoris', ['half-frog', 'shin-up-lunge', 'standing-bow']],
    ['deep-hip-flexor', ['low-lunge', 'warrior-one', 'high-lunge', 'standing-lunge-chair', 'hips-on-block']],
    [
      'deep-buttock',
      [
        'knee-across',
        'lying-figure-four',
        'chair-figure-four',
        'pigeon',
        'stacked-knees',
        'chair-knee-across',
        'leg-cradle',
      ],
    ],
    [
      'adductors',
      [
        'bound-soles',
        'wide-straddle',
        'easy-seat',
        'bound-soles-lying',
        'frog',
        'wide-squat',
        'side-angle',
        'happy-baby',
      ],
    ],
    ['lateral-hip', ['crossed-side-reach']],
  ])('for %s is one that reaches it', (group, poses) => {
    const top = best([aim('lengthen', group, 'left')]);
    expect(poses).toContain(top.pose);
    expect(top.score).toBeGreaterThan(0.4);
    expect(top.stretch.left[group]).toBeGreaterThan(0.6);
  });
  it('for load is one that loads', () =>
    expect(['single-leg-squat', 'single-leg-bridge', 'locust']).toContain(
      best([aim('strengthen', 'gluteus-maximus', 'left')]).pose,
    ));
  it('works the aimed side', () => {
    const top = best([aim('lengthen', 'rectus-femoris', 'right')]);
    expect(['right', 'both']).toContain(top.side);
  });
});

describe('the order', () => {
  const aims = [aim('lengthen', 'hamstrings', 'left')];
  it('has every rung and side once, best first', () => {
    const all = rankPoses(person(), BUILD, aims, go);
    const expected = LIBRARY.reduce((s, x) => s + x.rungs.reduce((n, r) => n + (isSided(x, r) ? 2 : 1), 0), 0);
    expect(all).toHaveLength(expected);
    expect(new Set(all.map((r) => `${r.pose}/${r.rung}/${r.side}`)).size).toBe(expected);
    for (let i = 1; i < all.length; i++) expect(all[i].score).toBeLessThanOrEqual(all[i - 1].score);
  });
  it('puts what a caution forbids last and names the caution', () => {
    const all = rankPoses(person(), BUILD, aims, screen([{ caution: 'sciatic' }], '2026-01-05'));
    const firstForbidden = all.findIndex((r) => r.cautions.length > 0);
    expect(firstForbidden).toBeGreaterThan(0);
    expect(all.slice(firstForbidden).every((r) => r.cautions.length > 0)).toBe(true);
    expect(all[firstForbidden].cautions[0]).toContain('Tingling');
  });
  it('takes over from a ranking without cautions only what they leave as it was', () => {
    const careful = screen([{ caution: 'very-mobile' }], '2026-01-05');
    const body = person({ hamstrings: -1.37 });
    const aims = [aim('lengthen', 'hamstrings', 'left')];
    const freely = new Map(rankPoses(body, BUILD, aims, go).map((p) => [keyOf(p), p.depth]));
    const after = rankPoses(body, BUILD, aims, careful);
    const shallower = after.filter((p) => p.depth < (freely.get(keyOf(p)) ?? 0));
    expect(shallower.length).toBeGreaterThan(20);
    for (const p of [...someOf(shallower, 12), ...someOf(after, 12)]) {
      const shape = shapeById(p.pose);
      const side = p.side === 'both' ? 'right' : p.side;
      if (shape)
        expect(p).toMatchObject(
          fitRung({ shape, rung: p.rung, side }, { posterior: body, build: BUILD }, { ...USUAL_WAY, under: careful }),
        );
    }
  });
  it('counts a rung whose entry is out of reach as a cost', () => {
    const body = { posterior: person({ hamstrings: -4 }), build: BUILD };
    const stiff = scored(['half-split', 2, 'left'], body, aims, go);
    expect(stiff.beyondEntry).toBe(true);
    expect(stiff.costs.beyond).toBeGreaterThan(0);
  });
  it('counts against a pose what should be left alone', () => {
    const cost = (list: Aim[]) =>
      rankPoses(person(), BUILD, list, go).find((r) => r.pose === 'long-sitting-fold' && r.rung === 1)?.costs
        .leaveAlone ?? 0;
    expect(cost(aims)).toBe(0);
    expect(cost([...aims, aim('leave', 'hamstrings', 'right')])).toBeGreaterThan(0.1);
  });
  it('opens its score: what it gives less what it costs', () => {
    for (const r of rankPoses(person(), BUILD, aims, go).slice(0, 10)) {
      const gain = r.gives.reduce((s, g) => s + g.worth * g.aim.weight, 0);
      const cost = Object.values(r.costs).reduce((s, v) => s + v, 0);
      expect(r.score).toBeCloseTo(Math.max(0, Math.min(1, gain - cost)), 9);
    }
  });
});

describe('what does not count', () => {
  it('a resting shape is rest, whatever it lengthens in a short muscle', () => {
    const body = { posterior: person({ 'deep-hip-flexor': -3 }), build: BUILD };
    shapeById('resting-back')?.rungs.forEach((_, i) => {
      const r = scored(['resting-back', i + 1, 'left'], body, [aim('lengthen', 'deep-hip-flexor', 'left')], go);
      expect(r.gives).toEqual([]);
      expect(r.score).toBe(0);
    });
    expect.assertions(8);
  });
  it('an aim for a muscle that does not exist', () => {
    const [first] = rankPoses(person(), BUILD, [], go);
    expect(worthFor(first, { kind: 'lengthen', group: 'eyebrow', side: 'left', weight: 1 })).toEqual({ worth: 0 });
  });
});

describe('the first ranking', () => {
  it('has the same best poses as the whole one, each shape once, and shows nothing that is guessed as known', () => {
    const asked = [
      [3, 'hamstrings'],
      [4, 'deep-buttock'],
      [5, 'deep-hip-flexor'],
    ] as const;
    for (const [seed, group] of someOf(asked, 1)) {
      const person = simulateStudent(`first-${seed}`, seed, [{ group, side: 'left', by: -2 }], 'female');
      const readings = readAll(person, { takenAt: '2026-01-01T00:00:00.000Z' });
      const { posterior } = infer({ id: person.id, sexForNorms: 'female' }, readings, { next: false });
      const build = buildOf({ height_cm: 171 + seed, mass_kg: 66 });
      const aims: Aim[] = [
        { kind: 'lengthen', group, side: 'left', weight: 1 },
        { kind: 'strengthen', group: 'gluteus-maximus', side: 'right', weight: 0.6 },
      ];
      const first = rankFirst(posterior, build, aims, screen([], '2026-01-05'));
      const whole = rankPoses(posterior, build, aims, screen([], '2026-01-05'));
      expect(first).toHaveLength(whole.length);
      const known = new Map(whole.map((p) => [keyOf(p), p]));
      const full = first.filter((p) => !p.rough);
      expect(full.length).toBeGreaterThanOrEqual(14);
      for (const p of full) expect(p).toEqual(known.get(keyOf(p)));
      // One rung a shape, as a list shows them: the best dozen stand among the first's best.
      const shapes = (list: readonly RankedPose[]) => [...new Set(list.map((p) => `${p.pose}/${p.side}`))];
      const best = shapes(whole).slice(0, 12);
      expect(best.filter((s) => shapes(first).slice(0, 20).includes(s)).length).toBeGreaterThanOrEqual(11);
    }
  });

  it('the guide of typical loads is what the statics say today', () => {
    for (const shape of LIBRARY.filter((_, i) => i % 9 === 0))
      shape.rungs.forEach((_, i) => {
        const stored = (guide as unknown as Record<string, Points>)[`${shape.id}/${i + 1}`];
        guidePoints(shape, i + 1).forEach((point, depth) =>
          point.forEach((list, part) => {
            for (let k = 0; k < GROUPS.length; k++)
              expect(Math.abs((list[k] ?? 0) - (stored[depth][part][k] ?? 0))).toBeLessThanOrEqual(1);
          }),
        );
      });
    const all = LIBRARY.flatMap((s) => s.rungs.map((_, i) => `${s.id}/${i + 1}`));
    expect(Object.keys(guide).sort()).toEqual([...all].sort());
  });
});

describe('what a shape warns of itself', () => {
  const BODIES = [
    ['a typical body', person()],
    ['a short front of the hip', person({ 'deep-hip-flexor': -1.5 })],
    ['a short front of hip and thigh', person({ 'deep-hip-flexor': -1.5, 'rectus-femoris': -1.5 })],
  ] as const;
  it.each(someOf(BODIES, 2))('ranks behind its clean rungs for the front of the hip: %s', (_, posterior) => {
    for (const aims of [
      [aim('lengthen', 'deep-hip-flexor', 'left')],
      [aim('lengthen', 'deep-hip-flexor', 'left'), aim('lengthen', 'rectus-femoris', 'left')],
    ]) {
      const list = rankPoses(posterior, BUILD, aims, go);
      expect(LIBRARY.some((s) => s.rungs.some((r) => r.loose))).toBe(true);
      for (const shape of LIBRARY)
        shape.rungs.forEach((rung, i) => {
          if (!rung.loose) return;
          const of = (n: number) =>
            list.find((r) => r.pose === shape.id && r.rung === n && r.side === 'left')?.score ?? 0;
          expect(Math.max(...shape.rungs.flatMap((r, k) => (r.loose ? [] : [of(k + 1)])))).toBeGreaterThan(of(i + 1));
        });
    }
  });

  it('an upright low lunge is among the first for a short psoas, and its knees are spared', () => {
    const list = rankPoses(
      person({ 'deep-hip-flexor': -1.5 }),
      BUILD,
      [aim('lengthen', 'deep-hip-flexor', 'left')],
      go,
    );
    const at = list.findIndex((r) => r.pose === 'low-lunge' && r.rung === 1 && r.side === 'left');
    expect(new Set(list.slice(0, at).map((r) => r.pose)).size).toBeLessThan(6);
    expect(list[at].costs.knee).toBeLessThan(0.1);
  });
});

describe('an aim for a group of which one muscle is short', () => {
  const shortIn = (id: string) => {
    const mean = new Float32Array(DIMENSIONS);
    mean[ELEMENT_COUNT + ELEMENTS.findIndex((e) => e.id === id)] = -1.8;
    return { mean, draws: mean, drawCount: 1 };
  };
  const kneeOf = (p: RankedPose) => p.angles.knee_flexion_right ?? 0;
  const calf = (id: string) =>
    rankPoses(shortIn(id), BUILD, [aim('lengthen', 'calf', 'right')], go).filter((p) => p.score > 0.6);
  it('is served with the knee straight where it is the gastrocnemius', () => {
    const list = calf('gastrocnemius');
    expect(list.length).toBeGreaterThan(3);
    expect(list.filter((p) => kneeOf(p) > 60).map(keyOf)).toEqual([]);
  });
  it('is served with the knee bent, too, where it is the soleus', () => {
    const list = calf('soleus');
    expect(list.length).toBeGreaterThan(1);
    expect(Math.max(...list.map(kneeOf))).toBeGreaterThan(60);
  });
  it('says the share of the short one', () => {
    for (const p of calf('soleus').slice(0, 3))
      expect(p.gives[0].stretch).toBeCloseTo(p.ofShortest?.right.calf ?? NaN, 9);
  });
});
