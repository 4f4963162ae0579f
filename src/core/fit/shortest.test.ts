import { describe, expect, it } from 'vitest';
import { ELEMENT_IDS, ELEMENTS, SIDES, TYPICAL_BUILD, type Side } from '@/core/body';
import { MEMBER_WORDS } from '@/core/body/words';
import type { Posterior } from '@/core/inference';
import { DIMENSIONS, COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { shapeById } from '@/core/poses';
import { fitRung } from './fit';
import { shortestIn, shortestWords, stretchedName } from './shortest';
import { TYPICAL } from './typical';

const at = (id: string, side: Side): number => ELEMENT_IDS.indexOf(id) + (side === 'left' ? 0 : ELEMENT_COUNT);
const known = (mean: Float32Array): Posterior => ({ mean, draws: mean, drawCount: 1 });
function standing(of: Partial<Record<string, number>>, side: Side): Posterior {
  const mean = new Float32Array(DIMENSIONS);
  for (const [id, sd] of Object.entries(of)) mean[at(id, side)] = sd ?? 0;
  return known(mean);
}

/** Of a group, without the outer hip that is always about the muscle it is called by. */
const shortOf = (posterior: Posterior) => shortestIn(posterior).filter((x) => x.group !== 'lateral-hip');
const outerHip = (posterior: Posterior, side: Side) =>
  shortestIn(posterior).find((x) => x.group === 'lateral-hip' && x.side === side)?.elements;

describe('what of a group is short', () => {
  it('is nothing in typical people', () => expect(shortOf(TYPICAL)).toEqual([]));
  it('is the one muscle that is, on its own side', () =>
    expect(shortOf(standing({ soleus: -1.4 }, 'right'))).toEqual([
      { side: 'right', group: 'calf', elements: [at('soleus', 'right')] },
    ]));
  it('is nothing where all of it is short alike', () =>
    expect(shortOf(standing({ soleus: -1.4, gastrocnemius: -1.1 }, 'left'))).toEqual([]));
  it('is the muscle that the group is called by, unless another is the short one', () => {
    for (const side of SIDES) {
      expect(outerHip(TYPICAL, side)).toEqual([at('tensor-fasciae-latae', side)]);
      expect(outerHip(standing({ 'gluteals-front': -1.6 }, side), side)).toEqual([at('gluteals-front', side)]);
    }
  });
  it('is told by its name where it is not the whole', () => {
    const own = standing({ soleus: -1.4, 'gluteals-front': -1.6 }, 'left');
    expect(shortestWords(own, 'calf', 'left')).toBe('soleus');
    expect(shortestWords(own, 'calf', 'right')).toBeNull();
    expect(shortestWords(own, 'lateral-hip', 'left')).toBe('front of gluteus medius, with gluteus minimus');
    expect(shortestWords(own, 'lateral-hip', 'right')).toBeNull();
    expect(shortestWords(own, 'hamstrings', 'left')).toBeNull();
  });
  it('has a name for every muscle that is one of several', () => {
    const several = ELEMENTS.filter((e) => e.muscle && ELEMENTS.filter((x) => x.group === e.group).length > 1);
    expect(several.map((e) => e.id).sort()).toEqual(Object.keys(MEMBER_WORDS).sort());
  });
  it('is both of three that stand close together', () =>
    expect(shortOf(standing({ piriformis: -1.5, 'deep-external-rotators': -1.2 }, 'left'))[0].elements).toEqual([
      at('piriformis', 'left'),
      at('deep-external-rotators', 'left'),
    ]));
  it('leaves nothing out that is not sure to stand apart', () => {
    const { mean } = standing({ piriformis: -1.4 }, 'left');
    const draws = new Float32Array(10 * DIMENSIONS);
    for (let d = 0; d < 10; d++) {
      draws.set(mean, d * DIMENSIONS);
      // In three of ten draws it is the deep rotators as well.
      if (d < 3) draws[d * DIMENSIONS + at('deep-external-rotators', 'left')] = -1.4;
    }
    expect(shortOf({ mean, draws, drawCount: 10 })[0].elements).toEqual([
      at('piriformis', 'left'),
      at('deep-external-rotators', 'left'),
    ]);
  });
  it('is nothing where a muscle is only a little shorter than typical', () =>
    expect(shortOf(standing({ gracilis: -0.4, 'adductor-magnus': 0.8 }, 'left'))).toEqual([]));
});

describe('what of a group a pose stretches', () => {
  const named = (pose: string, rung: number, posterior = TYPICAL) => {
    const shape = shapeById(pose);
    if (!shape) throw new Error(pose);
    const fit = fitRung({ shape, rung, side: 'right' }, { posterior, build: TYPICAL_BUILD });
    return stretchedName(fit, 'lateral-hip', 'right', posterior);
  };
  const gluteals = 'front of gluteus medius, with gluteus minimus';
  it('is the gluteals where the thigh turns out over a bent hip, the tensor where it crosses behind', () => {
    expect(named('lying-figure-four', 1)).toBe(gluteals);
    expect(named('table-pigeon', 1)).toBe(gluteals);
    expect(named('crossed-side-reach', 1)).toBe('tensor fasciae latae');
    expect(named('low-lunge', 1)).toBe('tensor fasciae latae');
  });
  it('is told so too in somebody whose gluteals are what is short', () => {
    const own = standing({ 'gluteals-front': -1.6 }, 'right');
    expect(named('lying-figure-four', 1, own)).toBe(gluteals);
    expect(named('crossed-side-reach', 1, own)).toBe('tensor fasciae latae');
  });
  it('is the group where nothing of it stands for the rest', () => {
    const fit = { stretch: {} as never };
    expect(stretchedName(fit, 'hamstrings', 'left')).toBe('hamstrings');
  });
});
