import { describe, expect, it } from 'vitest';
import table from '../../../docs/cautions.json';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { mostOf, type Demand } from '@/core/cautions/demands';
import { closes } from '@/core/cautions/rules';
import { screen, verdictOf, type Screening } from '@/core/cautions/screen';
import { demandsOf, LIBRARY, rungOf, type Rung, type Shape } from '@/core/poses';
import { asksOfPosture } from '@/core/poses/demands';
import { postureFrom } from '@/core/body';
import { BATTERY, testById } from './battery';
import { alone, cautionTable, staysGood } from './caution-table';
import { demandsOfTest } from './demands';
import { lockOf, testLimits, verdictOfTest } from './locks';

const RUNGS = LIBRARY.flatMap((shape) => shape.rungs.map((rung, i) => ({ shape, rung, key: `${shape.id}/${i + 1}` })));
const asked = (key: string, demand: Demand): number => {
  const [pose, n] = key.split('/');
  const found = rungOf(pose, Number(n));
  if (!found) throw new Error(key);
  return mostOf(demandsOf(found.shape, found.rung), demand);
};
const stateOf = (s: Screening, shape: Shape, rung: Rung) => verdictOf(s, demandsOf(shape, rung)).state;

describe('the table of every caution', () => {
  it('is what the docs say: after a change run npm run derived', () => {
    expect(JSON.parse(JSON.stringify(cautionTable()))).toEqual(table);
  });
});

/** What each caution must close, by what the rung is. The same holds for every rung like it, listed or not. */
const MUST: readonly [string, string, (shape: Shape, rung: Rung, key: string) => boolean][] = [
  ['hip-replacement', 'hips bent beyond 92°', (_s, _r, k) => asked(k, 'hip-bend') > 92],
  ['hip-replacement', 'turned in beyond 12°', (_s, _r, k) => asked(k, 'turning-in') > 12],
  ['hip-replacement', 'deer and the turned chair', (s, _r, k) => s.id === 'deer' || k === 'chair-rotation/2'],
  ['hip-replacement-front', 'a thigh 10° behind', (_s, _r, k) => asked(k, 'hip-behind') > 10],
  ['pregnancy-middle', 'flat on the back', (s, _r, k) => s.id === 'resting-back' || asked(k, 'lying-on-back') > 0],
  ['pregnancy-middle', 'the front', (s) => s.position === 'on the front'],
  ['pregnancy-middle', 'splits and level 3', (s, r) => s.id.endsWith('-split') && r.level === 3],
  [
    'pregnancy-middle',
    'camel and pigeon at their deepest',
    (_s, _r, k) => ['camel/3', 'pigeon/3', 'frog/2'].includes(k),
  ],
  ['pregnancy-late', 'all but sitting and side', (s) => s.position !== 'seated' && s.position !== 'on the side'],
  ['osteoporosis', 'twists', (_s, _r, k) => asked(k, 'twist') > 10],
  ['osteoporosis', 'a rounded chest', (_s, _r, k) => asked(k, 'chest-rounding') > 20],
  ['osteoporosis', 'level 3', (_s, r) => r.level === 3],
  ['groin-pinch', 'deep bends', (_s, _r, k) => asked(k, 'hip-bend') > 112 || k === 'squat/1'],
  ['groin-pinch', 'turning in while bent', (_s, _r, k) => asked(k, 'turning-in-bent') > 12],
  [
    'low-back-leg-pain',
    'leg lowering, boat and thigh hold',
    (s) => ['leg-lowering', 'boat', 'thigh-hold'].includes(s.id),
  ],
  ['bone-stress', 'one leg', (_s, _r, k) => asked(k, 'one-leg') > 0],
  ['eye-pressure', 'heads that hang', (s, _r, k) => s.id === 'childs' || s.id === 'dog' || k === 'forward-hinge/2'],
  ['eye-pressure', 'strong holds', (_s, r) => r.kind === 'strength'],
  ['older-adult', 'level 3', (_s, r) => r.level === 3],
  ['sit-bone', 'hips beyond 100°', (_s, _r, k) => asked(k, 'hip-bend') > 100],
  ['after-birth', 'loaded bellies', (_s, _r, k) => ['leg-lowering/1', 'boat/1', 'plank/1', 'side-split/1'].includes(k)],
  ['wrist-or-shoulder', 'planks and dogs', (s) => ['plank', 'dog', 'side-plank', 'bird-dog'].includes(s.id)],
  ['neck', 'the crown of the head', (_s, _r, k) => k === 'wheel/1' || asked(k, 'head-low') > 5],
  ['knee-replacement', 'kneeling', (s) => s.position === 'kneeling'],
  ['reflux', 'the front and hanging heads', (s) => s.position === 'on the front' || s.id === 'dog'],
  ['blood-pressure', 'strong holds from level 2', (_s, r) => r.kind === 'strength' && r.level > 1],
  ['slipped-vertebra', 'arching', (_s, _r, k) => asked(k, 'low-back-arching') > 10],
  [
    'ankle-or-foot',
    'sitting back on the feet',
    (_s, _r, k) => ['hero/3', 'reclining-hero/3', 'instep-stretch/3', 'childs/1'].includes(k),
  ],
  ['ankle-or-foot', 'heel raises and one leg', (s, _r, k) => s.id === 'calf-raise' || asked(k, 'one-leg') > 0],
  [
    'spine-fixed',
    'folds, arches and twists of the back',
    (_s, _r, k) => asked(k, 'twist') > 15 || asked(k, 'low-back-arching') > 20,
  ],
  ['spine-fixed', 'boat and leg lowering', (_s, _r, k) => asked(k, 'legs-held-up') > 0],
  [
    'torn-muscle',
    'splits, and everything above level 1',
    (s, r) => ['front-split', 'side-split'].includes(s.id) || r.level > 1,
  ],
  ['hernia-or-prolapse', 'hands and one leg that carry the body', (s) => s.id === 'three-leg-dog'],
  ['headaches', 'heads that hang', (s, _r, k) => s.id === 'dog' || asked(k, 'head-low') > 10],
  ['short-of-breath', 'the front and folded bellies', (s) => s.position === 'on the front' || s.id === 'childs'],
  ['movement-illness', 'one leg', (_s, _r, k) => asked(k, 'one-leg') > 0],
  ['tailbone', 'a low back that rounds far', (_s, _r, k) => asked(k, 'low-back-rounding') > 25],
];

describe('what cautions close in the library', () => {
  it.each(MUST)('%s: %s', (caution, _words, is) => {
    const s = alone(caution);
    const like = RUNGS.filter(({ shape, rung, key }) => is(shape, rung, key));
    expect(like.length).toBeGreaterThan(0);
    expect(like.filter(({ shape, rung }) => stateOf(s, shape, rung) !== 'closed').map((r) => r.key)).toEqual([]);
  });
  it('keeps very mobile students off the ends and at 30 seconds', () => {
    for (const { shape, rung, key } of RUNGS) {
      const v = verdictOf(alone('very-mobile'), demandsOf(shape, rung));
      if (asked(key, 'end-of-range') <= -1 || v.state === 'closed') continue;
      expect(v.hold_s, key).toBeLessThanOrEqual(30);
      expect(v.share, key).toBeLessThanOrEqual(0.65);
    }
  });
  it('leaves something good under every caution that does not stop everything', () => {
    for (const c of CAUTIONS) {
      const good = staysGood(alone(c.id));
      if (c.rules === 'all') expect(good).toEqual([]);
      else expect(good.length, c.id).toBeGreaterThan(2);
    }
  });
  it('closes and limits by both of two cautions, whatever they are', () => {
    const some = CAUTIONS.filter((c) => c.rules !== 'all');
    for (const [i, a] of some.entries()) {
      const b = some[(i * 7 + 3) % some.length];
      const both = screen([{ caution: a.id }, { caution: b.id }], '');
      for (const { shape, rung, key } of RUNGS) {
        const [va, vb, v] = [alone(a.id), alone(b.id), both].map((s) => verdictOf(s, demandsOf(shape, rung)));
        const shut = va.state === 'closed' || vb.state === 'closed';
        expect(v.state === 'closed', `${a.id} + ${b.id}: ${key}`).toBe(shut);
        if (shut) continue;
        expect(v.depth).toBe(Math.min(va.depth, vb.depth));
        expect(v.hold_s ?? Infinity).toBe(Math.min(va.hold_s ?? Infinity, vb.hold_s ?? Infinity));
        expect(v.share ?? 1).toBe(Math.min(va.share ?? 1, vb.share ?? 1));
      }
    }
  });
});

/** A test that each caution must lock, and one that it leaves open. */
const TESTS: readonly [string, readonly string[], readonly string[]][] = [
  ['ankle-or-foot', ['kneeling-sit', 'heel-raises', 'single-leg-stance'], ['straight-leg-raise', 'modified-thomas']],
  ['spine-fixed', ['sit-and-reach', 'prone-press-up', 'double-leg-lowering'], ['modified-ober']],
  ['torn-muscle', ['front-plank', 'trunk-extension-hold'], ['trochanteric-version']],
  [
    'hip-replacement',
    ['knee-to-chest', 'knee-to-opposite-shoulder', 'seated-hip-rotation', 'prone-hip-rotation', 'deep-squat'],
    ['straight-leg-raise'],
  ],
  [
    'hip-replacement-front',
    ['modified-thomas', 'faber', 'prone-hip-rotation', 'side-lying-abduction'],
    ['knee-to-chest'],
  ],
  [
    'pregnancy-middle',
    ['prone-knee-bend', 'prone-press-up', 'front-plank', 'double-leg-lowering'],
    ['seated-hip-rotation'],
  ],
  [
    'pregnancy-late',
    ['straight-leg-raise', 'prone-knee-bend', 'straddle', 'deep-squat', 'single-leg-stance'],
    ['seated-hip-rotation'],
  ],
  ['osteoporosis', ['sit-and-reach', 'double-leg-lowering', 'trunk-extension-hold'], ['modified-ober']],
  ['groin-pinch', ['knee-to-opposite-shoulder', 'deep-squat'], ['straight-leg-raise']],
  ['knee-injury', ['prone-knee-bend', 'kneeling-sit', 'ober', 'figure-four'], ['straight-leg-raise', 'modified-ober']],
  ['sit-bone', ['knee-extension-90-90', 'sit-and-reach', 'straight-leg-raise'], ['prone-knee-bend']],
  ['sciatic', ['straight-leg-raise', 'knee-extension-90-90', 'sit-and-reach'], ['prone-knee-bend']],
  ['outer-hip', ['ober', 'modified-ober', 'side-plank', 'single-leg-stance'], ['straight-leg-raise']],
  [
    'bone-stress',
    ['single-leg-stance', 'heel-raises', 'single-leg-bridge', 'deep-squat', 'wall-sit'],
    ['straight-leg-raise'],
  ],
  ['eye-pressure', ['wall-sit', 'front-plank'], ['straight-leg-raise']],
  [
    'young',
    ['trochanteric-version', 'adductor-squeeze', 'seated-knee-extension', 'prone-knee-flexion'],
    ['straight-leg-raise'],
  ],
  ['wrist-or-shoulder', ['front-plank', 'side-plank', 'prone-press-up'], ['trunk-extension-hold']],
  ['dizziness', ['single-leg-stance'], ['heel-raises']],
  ['very-mobile', ['prone-press-up'], ['single-leg-stance']],
  ['spinal-narrowing', ['prone-press-up', 'modified-thomas'], ['straight-leg-raise']],
  ['pubic-pain', ['adductor-squeeze', 'bent-knee-fall-out', 'straddle'], ['prone-knee-bend']],
  ['knee-replacement', ['kneeling-sit', 'prone-knee-bend', 'deep-squat', 'wall-sit'], ['straight-leg-raise']],
];

describe('what cautions close in the battery', () => {
  it.each(TESTS)('%s', (caution, shut, open) => {
    const s = alone(caution);
    const state = (id: string) => {
      const test = testById(id);
      if (!test) throw new Error(id);
      return verdictOfTest(s, test).state;
    };
    expect(shut.filter((id) => state(id) !== 'closed')).toEqual([]);
    expect(open.filter((id) => state(id) === 'closed')).toEqual([]);
  });
  it('opens another way only where every caution that locks the test allows it', () => {
    const test = testById('straight-leg-raise');
    if (!test) throw new Error('no test');
    expect(lockOf(alone('low-back-leg-pain'), test)?.open.map((v) => v.id) ?? []).toEqual(['other-knee-bent']);
    const two = screen([{ caution: 'low-back-leg-pain' }, { caution: 'pregnancy-late' }], '');
    expect(lockOf(two, test)?.open).toEqual([]);
    expect(lockOf(alone('heart-uncleared'), test)?.open).toEqual([]);
  });
  it('tells how far a test goes that is only limited', () => {
    const says = (caution: string, id: string) => {
      const test = testById(id);
      if (!test) throw new Error(id);
      return testLimits(alone(caution), test);
    };
    expect(says('very-mobile', 'straight-leg-raise')).toEqual([
      'Very mobile joints: only to the first light pull, never to the end.',
    ]);
    expect(says('knee-injury', 'prone-hip-rotation')).toContain(
      'Knee ligament or meniscus injury: stop before the shin used as a lever on the knee.',
    );
    expect(says('very-mobile', 'prone-press-up')).toEqual([]);
    expect(says('touch', 'straight-leg-raise')).toEqual([]);
  });
  it('locks a test that nobody has listed, by what it is', () => {
    const squat = testById('deep-squat');
    if (!squat) throw new Error('no test');
    expect(verdictOfTest(alone('groin-pinch'), { ...squat, id: 'made-up-today' }).state).toBe('closed');
    const prone = { ...squat, id: 'another', position: 'on the front' as const };
    expect(mostOf(demandsOfTest(prone), 'lying-on-front')).toBe(1);
  });
});

describe('hips above the shoulders', () => {
  const low = (pose: string, rung: number): number => {
    const found = rungOf(pose, rung);
    if (!found) throw new Error(pose);
    return mostOf(demandsOf(found.shape, found.rung), 'head-low');
  };
  it('run down to the head from a full bridge on, and not in a small lift or lying flat', () => {
    const closes_cm = 4;
    for (const [pose, rung] of [
      ['bridge', 2],
      ['single-leg-bridge', 1],
      ['supported-bridge', 2],
      ['legs-up-wall', 2],
    ] as const)
      expect(low(pose, rung), `${pose}/${rung}`).toBeGreaterThan(closes_cm);
    for (const [pose, rung] of [
      ['bridge', 1],
      ['resting-back', 2],
      ['knee-to-chest', 1],
    ] as const)
      expect(low(pose, rung), `${pose}/${rung}`).toBeLessThanOrEqual(closes_cm);
  });
});

/** Joint angles just inside and just outside of what a demand counts from, degrees. */
const EDGES: readonly [Demand, Record<string, number>, Record<string, number>, number?][] = [
  ['hip-bend', { hip_flexion_left: 89 }, { hip_flexion_left: 91 }, 90],
  ['hip-behind', { hip_flexion_right: -7 }, { hip_flexion_right: -9 }],
  ['crossing', { hip_adduction_left: 11 }, { hip_adduction_left: 13 }],
  ['crossing-bent', { hip_flexion_left: 61, hip_adduction_left: 4 }, { hip_flexion_left: 61, hip_adduction_left: 6 }],
  ['wide', { hip_adduction_right: -34 }, { hip_adduction_right: -36 }],
  ['turning-in', { hip_rotation_left: 14 }, { hip_rotation_left: 16 }],
  [
    'turning-in-bent',
    { hip_flexion_right: 59, hip_rotation_right: 30 },
    { hip_flexion_right: 61, hip_rotation_right: 30 },
  ],
  ['turning-out-straight', { hip_rotation_left: -19 }, { hip_rotation_left: -21 }],
  ['legs-uneven', { hip_flexion_left: 59 }, { hip_flexion_left: 61 }],
  ['knee-bend', { knee_flexion_left: 119 }, { knee_flexion_left: 121 }],
  ['knee-twist', { knee_flexion_left: 59, hip_rotation_left: -60 }, { knee_flexion_left: 61, hip_rotation_left: -60 }],
  ['back-of-leg', { hip_flexion_left: 71 }, { hip_flexion_left: 73 }],
  ['outer-hip-pressed', { hip_adduction_left: 15 }, { hip_adduction_left: 17 }],
  ['low-back-rounding', { lumbar_flexion: 24 }, { lumbar_flexion: 26 }],
  ['low-back-arching', { lumbar_flexion: -11 }, { lumbar_flexion: -13 }],
  ['chest-rounding', { thorax_flexion: 19 }, { thorax_flexion: 21 }],
  ['twist', { lumbar_rotation: 5, thorax_rotation: 9 }, { lumbar_rotation: 5, thorax_rotation: 11 }],
  ['neck-bend', { neck_flexion: -47 }, { neck_flexion: -49 }],
  ['belly-pressed', { hip_flexion_left: 90, lumbar_flexion: 14 }, { hip_flexion_left: 90, lumbar_flexion: 16 }],
  ['head-low', { pelvis_tilt: 90, neck_flexion: 25 }, { pelvis_tilt: 120, neck_flexion: 25 }],
  ['lying-on-back', { pelvis_tilt: -45 }, { pelvis_tilt: -80 }],
  ['end-of-range', { hip_flexion_left: 70, knee_flexion_left: 90 }, { hip_flexion_left: 115 }],
];

describe('demands that are read from the angles', () => {
  it.each(EDGES)('%s, just inside and just outside', (demand, inside, outside, over) => {
    const s: Screening = {
      level: 'adapt',
      stopped: false,
      hurt: [],
      cautions: [{ ...CAUTIONS[0], id: 'x', level: 'adapt', rules: [closes(demand, over)] }],
    };
    const at = (angles: Record<string, number>) => verdictOf(s, [asksOfPosture(postureFrom(angles))]).state;
    expect(at(inside)).toBe('open');
    expect(at(outside)).toBe('closed');
  });
});

/**
 * Demands that come of what carries the body and what a rung or test is for: one rung and one test each that ask it,
 * and one that does not.
 */
const CARRIED: readonly [Demand, string, string, string | null, string | null][] = [
  ['lying-on-front', 'locust/1', 'plank/1', 'prone-knee-bend', 'straight-leg-raise'],
  ['lying-on-back', 'resting-back/1', 'chair-rest/1', 'straight-leg-raise', 'seated-hip-rotation'],
  ['not-seated-or-side', 'tree/2', 'side-leg-lift/1', 'wall-sit', 'side-plank'],
  ['kneeling', 'low-lunge/1', 'warrior-one/1', 'kneeling-sit', 'straight-leg-raise'],
  ['one-leg', 'tree/2', 'tree/1', 'single-leg-stance', 'wall-sit'],
  ['balance-alone', 'airplane/3', 'wall-side-press/1', 'single-leg-stance', 'heel-raises'],
  ['weight-on-hands', 'plank/1', 'bridge/1', 'front-plank', 'trunk-extension-hold'],
  ['weight-on-head', 'wheel/1', 'childs/1', null, null],
  ['legs-held-up', 'leg-lowering/1', 'bridge/1', 'double-leg-lowering', 'adductor-squeeze'],
  ['strong-work', 'plank/2', 'childs/1', 'front-plank', 'straight-leg-raise'],
  ['knee-bend-loaded', 'squat/1', 'knee-to-chest/1', 'wall-sit', 'knee-to-chest'],
  ['knee-turned-loaded', 'eagle/1', 'warrior-two/2', null, null],
  ['knee-levered', '', '', 'prone-hip-rotation', 'straight-leg-raise'],
  ['adductor-work', 'chair-squeeze/1', 'plank/1', 'adductor-squeeze', 'wall-sit'],
  ['abductor-work', 'side-lift/1', 'plank/1', 'side-lying-abduction', 'wall-sit'],
  ['hip-flexor-work', 'boat/1', 'bridge/1', 'seated-hip-flexion-hold', 'wall-sit'],
  ['knee-work', 'chair-pose/2', 'plank/1', 'seated-knee-extension', 'wall-sit'],
];

describe('demands that come of what carries the body or of what it is for', () => {
  it.each(CARRIED)('%s', (demand, pose, freePose, test, freeTest) => {
    if (pose) {
      expect(asked(pose, demand), pose).toBeGreaterThan(0);
      expect(asked(freePose, demand), freePose).toBeLessThanOrEqual(0);
    }
    for (const [id, is] of [
      [test, true],
      [freeTest, false],
    ] as const) {
      const found = id === null ? null : testById(id);
      if (found) expect(mostOf(demandsOfTest(found), demand) > 0, found.id).toBe(is);
    }
  });
  it('asks what a shape lies on, whatever it calls itself', () => {
    const [flat] = LIBRARY.filter((x) => x.id === 'resting-back').map((x) => x.rungs[1]);
    expect(mostOf(demandsOf({ position: 'seated', works: [] }, { ...flat }), 'lying-on-back')).toBe(1);
    const [prone] = LIBRARY.filter((x) => x.position === 'on the front').flatMap((x) => x.rungs);
    const named = { ...prone, contacts: [{ point: 'chest', on: 'floor' as const }] };
    expect(mostOf(demandsOf({ position: 'kneeling', works: [] }, named), 'lying-on-front')).toBe(1);
    const bare = { ...prone, contacts: [] };
    expect(mostOf(demandsOf({ position: 'on the front', works: [] }, bare), 'lying-on-front')).toBe(1);
    expect(mostOf(demandsOf({ position: 'kneeling', works: [] }, { ...bare }), 'lying-on-front')).toBeLessThan(1);
  });
  it('gives every rung and test its numbers', () => {
    for (const { shape, rung, key } of RUNGS)
      for (const asks of demandsOf(shape, rung))
        for (const n of Object.values(asks)) expect(Number.isFinite(n), key).toBe(true);
    for (const t of BATTERY)
      for (const asks of demandsOfTest(t))
        for (const n of Object.values(asks)) expect(Number.isFinite(n), t.id).toBe(true);
  });
});
