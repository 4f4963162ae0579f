import { describe, expect, it } from 'vitest';
import { cautionById } from '@/core/cautions/catalogue';
import { PAIN_KINDS } from '@/core/students/hurt';
import { PLACES } from '@/core/students/student';
import { painPointsTo } from './pain-points-to';

describe('what a pain in a test points to', () => {
  it('follows the kind first, then the place', () => {
    expect(painPointsTo('back-thigh', 'tingling')).toBe('sciatic');
    expect(painPointsTo('front-hip-crease', 'pinching')).toBe('groin-pinch');
    expect(painPointsTo('sit-bone', 'sharp')).toBe('sit-bone');
    expect(painPointsTo('knee', 'sharp')).toBe('knee-injury');
    expect(painPointsTo(undefined, 'dizzy')).toBe('dizziness');
    expect(painPointsTo(undefined, 'breathless')).toBe('heart-uncleared');
    expect(painPointsTo(undefined, undefined)).toBeNull();
    // Deep in the buttock alone is no sign of a nerve.
    expect(painPointsTo('deep-buttock', 'pulling')).toBeNull();
    expect(painPointsTo('front-thigh', 'pulling')).toBeNull();
  });
  it('is always a caution that there is', () => {
    for (const place of [undefined, ...PLACES])
      for (const kind of [undefined, ...PAIN_KINDS]) {
        const id = painPointsTo(place, kind);
        if (id !== null) expect(cautionById(id), `${place} ${kind}`).toBeTruthy();
      }
  });
});
