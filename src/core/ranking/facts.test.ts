import { describe, expect, it } from 'vitest';
import { ELEMENT_IDS, TYPICAL_BUILD, type GroupId, type Side } from '@/core/body';
import { fitRung, type FittedPose } from '@/core/fit/fit';
import { pathTable } from '@/core/fit/path';
import { pullSd } from '@/core/body';
import { StrandModel } from '@/core/body';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { rungOf, shapeById } from '@/core/poses';
import { typicalFits } from './reaching';

/**
 * What poses do in typical people, as practitioners say it: each row one statement, held against the computation. `s`
 * is the stretch of a group at the fitted depth, `at` the same at a given depth, `w` the work of a group or muscle;
 * right side worked.
 */
const fits = new Map(typicalFits().map((f) => [`${f.pose}/${f.rung}`, f]));
function fit(pose: string, rung: number): FittedPose {
  const f = fits.get(`${pose}/${rung}`);
  if (!f) throw new Error(`no ${pose} ${rung}`);
  return f;
}
const s = (pose: string, rung: number, group: GroupId, side: Side = 'right'): number =>
  fit(pose, rung).stretch[side][group];
const w = (pose: string, rung: number, what: string, side: Side = 'right'): number =>
  fit(pose, rung).work.find((x) => x.structure === what && x.side === side)?.load ?? 0;
const both = (pose: string, rung: number, what: string): number =>
  Math.max(w(pose, rung, what, 'left'), w(pose, rung, what, 'right'));
const model = new StrandModel();
function at(pose: string, rung: number, element: string, depth: number, side: Side = 'right'): number {
  const found = rungOf(pose, rung);
  if (!found) throw new Error(`no ${pose} ${rung}`);
  const table = pathTable(found.rung, 0, 0, model);
  const e = ELEMENT_IDS.indexOf(element) + (side === 'left' ? 0 : ELEMENT_COUNT);
  return 1 + table[Math.round(depth * 20) * DIMENSIONS + e] / pullSd(e % ELEMENT_COUNT);
}
const strain = (pose: string, rung: number, id: string): number =>
  Math.max(0, ...fit(pose, rung).strains.filter((x) => x.id === id).map((x) => x.share));

type Fact = readonly [words: string, more: () => number, less: () => number];
const FACTS: readonly Fact[] = [
  // Lengthening.
  ['strap leg raise: hamstrings before anything else of the raised leg', () => s('strap-leg-raise', 2, 'hamstrings'), () => s('strap-leg-raise', 2, 'gluteus-maximus')],
  ['leg raise with the knee straight pulls the hamstrings more than knee to chest', () => s('strap-leg-raise', 1, 'hamstrings'), () => s('knee-to-chest', 1, 'hamstrings')],
  ['knee to chest is for the buttock, not for the hamstrings', () => s('knee-to-chest', 1, 'gluteus-maximus'), () => s('knee-to-chest', 1, 'hamstrings')],
  ['knee to chest lengthens the large buttock muscle more than a leg raise', () => at('knee-to-chest', 2, 'gluteus-maximus', 1), () => at('strap-leg-raise', 2, 'gluteus-maximus', 0.5)],
  ['bent-knee fold on blocks: less hamstrings than with straight legs', () => at('bent-knee-fold', 3, 'hamstrings', 1), () => at('bent-knee-fold', 1, 'hamstrings', 1)],
  ['low lunge reaches the deep hip flexor of the kneeling leg, not of the other', () => s('low-lunge', 2, 'deep-hip-flexor'), () => s('low-lunge', 2, 'deep-hip-flexor', 'left')],
  ['half-kneel upright beats the spilled one for the front of the hip', () => at('low-lunge', 1, 'deep-hip-flexor', 0.5), () => at('low-lunge', 3, 'deep-hip-flexor', 0.5)],
  ['back shin up: the two-joint thigh muscle is longer than in the low lunge', () => at('shin-up-lunge', 1, 'rectus-femoris', 1), () => at('low-lunge', 1, 'rectus-femoris', 1)],
  ['back shin up: the two-joint thigh muscle overtakes the deep hip flexor', () => s('shin-up-lunge', 1, 'rectus-femoris'), () => s('shin-up-lunge', 1, 'deep-hip-flexor')],
  ['half frog lengthens the front of the thigh more than lying face down with straight legs', () => at('half-frog', 1, 'rectus-femoris', 1), () => at('locust', 1, 'rectus-femoris', 0)],
  ['hero bends the knee: vasti, not rectus femoris', () => s('hero', 1, 'vasti'), () => s('hero', 1, 'rectus-femoris')],
  ['standing bow lengthens the front of the thigh of the held leg', () => s('standing-bow', 1, 'rectus-femoris'), () => s('standing-bow', 1, 'rectus-femoris', 'left')],
  ['knee across lengthens the deep buttock more than knee to chest', () => at('knee-across', 1, 'piriformis', 1), () => at('knee-to-chest', 1, 'piriformis', 0)],
  ['figure-four reaches the deep buttock', () => s('lying-figure-four', 1, 'deep-buttock'), () => s('lying-figure-four', 1, 'hamstrings')],
  ['the deep buttock by two routes: across and turned out, both above half', () => Math.min(s('knee-across', 1, 'deep-buttock'), s('lying-figure-four', 1, 'deep-buttock')), () => 0.5],
  ['pigeon reaches the front leg’s buttock and the back leg’s hip flexor at once', () => Math.min(at('pigeon', 1, 'piriformis', 1), at('pigeon', 1, 'deep-hip-flexor', 1, 'left')), () => 0.5],
  ['stacked knees: deep buttock of the upper leg', () => s('stacked-knees', 1, 'deep-buttock'), () => s('stacked-knees', 1, 'hamstrings')],
  ['crossed-leg side reach: outer front of the hip behind', () => s('crossed-side-reach', 1, 'lateral-hip'), () => s('crossed-side-reach', 1, 'lateral-hip', 'left')],
  ['bound soles: inner thigh before hamstrings', () => s('bound-soles', 1, 'adductors'), () => s('bound-soles', 1, 'hamstrings')],
  ['wide straddle: hamstrings mask the inner thigh when folding', () => s('wide-straddle', 2, 'hamstrings'), () => s('wide-straddle', 2, 'adductors')],
  ['straddle on a lifted seat reaches the inner thigh more than a long-sitting fold', () => at('wide-straddle', 1, 'adductors-short', 1), () => at('long-sitting-fold', 1, 'adductors-short', 1)],
  ['leg out to the side with a strap: inner thigh more than leg across', () => at('strap-leg-aside', 1, 'adductors-short', 1), () => at('strap-leg-across', 1, 'adductors-short', 1)],
  ['leg across with a strap: outer hip more than leg out to the side', () => at('strap-leg-across', 2, 'gluteus-medius-back', 1), () => at('strap-leg-aside', 2, 'gluteus-medius-back', 1)],
  ['side lunge reaches the inner thigh of the straight leg', () => s('lateral-lunge', 1, 'adductors'), () => s('lateral-lunge', 1, 'deep-hip-flexor')],
  ['calf at the wall, knee straight: the two-joint calf muscle more than with the knee bent', () => at('wall-calf-stretch', 1, 'gastrocnemius', 1) - at('wall-calf-stretch', 1, 'soleus', 1), () => at('wall-calf-stretch', 2, 'gastrocnemius', 1) - at('wall-calf-stretch', 2, 'soleus', 1)],
  ['dog with the other knee bent keeps the stretch in the straight leg’s calf', () => at('dog', 3, 'gastrocnemius', 1), () => at('dog', 3, 'gastrocnemius', 1, 'left')],
  ['long-sitting fold with bent knees goes deeper at the hip than with straight ones', () => fit('long-sitting-fold', 1).angles.hip_flexion_right, () => fit('long-sitting-fold', 2).angles.hip_flexion_right],
  ['half split: back of the front leg', () => s('half-split', 1, 'hamstrings'), () => s('half-split', 1, 'hamstrings', 'left')],
  ['triangle: hamstrings of the leg that is bent over', () => s('triangle', 1, 'hamstrings'), () => s('triangle', 1, 'hamstrings', 'left')],
  ['hips on a block: front of the long leg’s hip', () => at('hips-on-block', 1, 'deep-hip-flexor', 1), () => at('hips-on-block', 1, 'deep-hip-flexor', 1, 'left')],
  // Work.
  ['chair shape loads the thigh front', () => both('chair-pose', 2, 'vasti'), () => 0.3],
  ['chair shape, deep, loads the buttock more than the small one', () => both('chair-pose', 2, 'gluteus-maximus'), () => both('chair-pose', 1, 'gluteus-maximus')],
  ['wall sit: the lower, the harder for the thigh', () => both('wall-sit', 3, 'vasti'), () => both('wall-sit', 1, 'vasti')],
  ['locust works the back of the hip with its front long', () => Math.min(both('locust', 2, 'hamstrings') * 2, s('locust', 2, 'deep-hip-flexor')), () => 0.3],
  ['heel raise on one foot costs about twice that on two', () => w('calf-raise', 2, 'soleus'), () => 1.4 * w('calf-raise', 1, 'soleus')],
  ['one-leg stand loads the abductors of the standing side', () => w('standing-leg-aside', 1, 'gluteus-medius', 'left'), () => w('standing-leg-aside', 1, 'gluteus-medius')],
  ['leg lift lying on the side loads the abductors of the upper leg', () => w('side-lift', 2, 'gluteus-medius'), () => w('side-lift', 2, 'gluteus-medius', 'left')],
  ['airplane loads the buttock of the standing leg', () => w('airplane', 3, 'gluteus-maximus', 'left'), () => w('airplane', 3, 'gluteus-maximus')],
  ['leg lowering with long legs asks more of the front of the hip than with bent ones', () => both('leg-lowering', 3, 'psoas'), () => both('leg-lowering', 1, 'psoas')],
  ['knee lift standing loads the deep hip flexor of the lifted leg', () => w('standing-knee-lift', 1, 'psoas'), () => w('standing-knee-lift', 1, 'psoas', 'left')],
  ['squeeze on a chair works the inner thigh', () => both('chair-squeeze', 2, 'adductor-magnus') + both('chair-squeeze', 2, 'adductors-short'), () => both('chair-rest', 1, 'adductor-magnus') + both('chair-rest', 1, 'adductors-short') + 0.1],
  ['bridge on one leg works the buttock more than on two', () => w('single-leg-bridge', 2, 'gluteus-maximus'), () => w('bridge', 1, 'gluteus-maximus')],
  ['warrior facing the side loads the front thigh', () => w('warrior-two', 1, 'vasti'), () => w('warrior-two', 1, 'vasti', 'left')],
  ['boat loads the front of the hip', () => both('boat', 2, 'psoas'), () => 0.2],
  ['squat: the whole calf and thigh on the shins press the kneecap more than a chair shape', () => strain('squat', 2, 'kneecap'), () => strain('chair-pose', 1, 'kneecap')],
  ['rounded fold loads the rounded low back more than a long-backed hinge', () => strain('long-sitting-fold', 3, 'low-back-flexed'), () => strain('forward-hinge', 1, 'low-back-flexed')],
  ['camel arches the low back even at its mild rung, the upright lunge does not', () => -fit('camel', 1).angles.lumbar_flexion, () => 2 + Math.abs(fit('low-lunge', 1).angles.lumbar_flexion ?? 0)],
];

describe('what poses do', () => {
  it('has at least forty facts', () => expect(FACTS.length).toBeGreaterThanOrEqual(40));
  it.each(FACTS.map(([words, more, less]) => ({ words, more, less })))('$words', ({ more, less }) => {
    expect(more()).toBeGreaterThan(less());
  });
});

describe('ladders rise', () => {
  const NEXT = (id: string): [number, number][] => shapeById(id)?.rungs.slice(1).map((_, i) => [i + 1, i + 2]) ?? [];
  it.each([
    ['strap-leg-raise', 'hamstrings'],
    ['knee-across', 'gluteus-maximus'],
    ['forward-hinge', 'hamstrings'],
    ['bent-knee-fold', 'hamstrings'],
    ['wide-fold', 'hamstrings'],
    ['triangle', 'hamstrings'],
    ['pyramid', 'hamstrings'],
    ['desk-dog', 'hamstrings'],
    ['chair-leg-fold', 'hamstrings'],
    ['chair-figure-four', 'gluteus-maximus'],
    ['hero', 'vasti'],
    ['camel', 'deep-hip-flexor'],
    ['wall-calf-stretch', 'soleus'],
  ])('%s asks more of %s rung by rung', (id, element) => {
    for (const [a, b] of NEXT(id)) expect(at(id, b, element, 1), `${id} ${b}`).toBeGreaterThan(at(id, a, element, 1) - 0.02);
  });
  it.each([
    ['wall-sit', 'vasti'],
    ['leg-lowering', 'psoas'],
    ['chair-stand', 'vasti'],
    ['standing-leg-aside', 'gluteus-medius'],
  ])('%s works %s harder rung by rung', (id, structure) => {
    for (const [a, b] of NEXT(id)) expect(both(id, b, structure)).toBeGreaterThan(both(id, a, structure) - 0.02);
  });
});

describe('a shape fitted twice', () => {
  it('is the same to the last figure shown, whatever was computed between', () => {
    const shape = shapeById('chair-pose');
    if (!shape) throw new Error('no chair-pose');
    const mean = new Float32Array(DIMENSIONS);
    const once = () => fitRung({ shape, rung: 2, side: 'right' }, { posterior: { mean, draws: mean, drawCount: 1 }, build: TYPICAL_BUILD });
    const a = once();
    fitRung({ shape, rung: 1, side: 'right' }, { posterior: { mean, draws: mean, drawCount: 1 }, build: TYPICAL_BUILD });
    const b = once();
    for (const x of a.work) expect(b.work.find((y) => y.structure === x.structure && y.side === x.side)?.load).toBeCloseTo(x.load, 6);
  });
});
