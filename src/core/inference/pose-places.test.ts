import { describe, expect, it } from 'vitest';
import { StrandModel } from '@/core/body';
import { infer } from './infer';
import { Random } from './random';
import { Likelihood } from './likelihood';
import { feltTerms, type FeltInPose } from './pose-places';
import { DIMENSIONS } from './prior';
import { readAt } from './readings.fixtures';

const model = new StrandModel();
const felt = (pose: string, place: FeltInPose['place'], more: Partial<FeltInPose> = {}): FeltInPose => ({
  log: 'l',
  pose,
  rung: 1,
  side: 'left',
  place,
  ...more,
});

describe('places felt in taught poses', () => {
  it('count once a pose, side and place, whatever their order; unknown poses do not count', () => {
    const many = [
      felt('low-lunge', 'front-thigh'),
      felt('low-lunge', 'front-thigh', { log: 'm' }),
      felt('cartwheel', 'knee'),
    ];
    expect(feltTerms(many, model)).toHaveLength(1);
    expect(feltTerms([...many].reverse(), model)).toEqual(feltTerms(many, model));
    expect(feltTerms([felt('bound-soles', 'inner-thigh-high', { side: 'both' })], model)).toHaveLength(2);
    expect(feltTerms([felt('low-lunge', 'front-thigh', { rung: 9 })], model)).toEqual([]);
  });
  it('have their gradient right', () => {
    const likelihood = new Likelihood([], feltTerms([felt('low-lunge', 'front-thigh')], model));
    const random = new Random(4);
    const x = Float64Array.from({ length: DIMENSIONS }, () => random.normal());
    const gradient = new Float64Array(DIMENSIONS);
    expect(likelihood.withGradient(x, gradient)).toBeCloseTo(likelihood.at(x), 10);
    for (let i = 0; i < DIMENSIONS; i++) {
      const up = Float64Array.from(x),
        down = Float64Array.from(x);
      up[i] += 1e-4;
      down[i] -= 1e-4;
      expect(gradient[i]).toBeCloseTo((likelihood.at(up) - likelihood.at(down)) / 2e-4, 5);
    }
  });
  it('move an ambiguous movement towards what was felt, and the findings say that they counted', () => {
    const thomas = [readAt('modified-thomas', 'hip-extension', -1.8)];
    const share = (place: FeltInPose['place']) => {
      const f = infer({ id: 's' }, thomas, { next: false, felt: [felt('shin-up-lunge', place)] }).findings;
      expect(f.diagnostics.places).toBe(1);
      return f.movements[0].limiters.find((l) => l.group === 'rectus-femoris')?.probability ?? 0;
    };
    expect(share('front-thigh')).toBeGreaterThan(share('front-hip-crease') + 0.1);
  });
});
