import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HALF_NAMES, MUSCLES } from '@/core/body';
import { readState, usualOver, writeState, type AtlasState } from './atlas-state';

const read = (query: string) => readState(new URLSearchParams(query));

describe('the atlas in the address', () => {
  it('begins with a muscle, a side, standing', () =>
    expect(read('')).toEqual({
      muscle: 'piriformis',
      side: 'right',
      beside: null,
      shown: 'one',
      over: HALF_NAMES.indexOf('hip_flexion'),
      angles: {},
    }));
  it('comes back as it was written, whatever is chosen', () => {
    const state = fc.record({
      muscle: fc.constantFrom(...MUSCLES.map((m) => m.structure)),
      side: fc.constantFrom('left' as const, 'right' as const),
      beside: fc.constantFrom(null, 'sartorius', 'soleus'),
      shown: fc.constantFrom('one' as const, 'partners' as const, 'all' as const),
      over: fc.integer({ min: 0, max: HALF_NAMES.length - 1 }),
      angles: fc.record({
        hip_flexion: fc.integer({ min: 1, max: 120 }),
        knee_flexion: fc.integer({ min: 1, max: 150 }),
      }),
    });
    fc.assert(
      fc.property(state, (s: AtlasState) => {
        fc.pre(s.beside !== s.muscle);
        expect(read(writeState(s))).toEqual(s);
      }),
    );
  });
  it('leaves out what makes no sense instead of failing', () => {
    const s = read(
      'muscle=eyebrow&side=middle&beside=piriformis&show=none&over=tail&at=hip_flexion:900,tail:3,knee_flexion:40,x',
    );
    expect(s.muscle).toBe('piriformis');
    expect(s.side).toBe('right');
    expect(s.beside).toBeNull();
    expect(s.angles).toEqual({ knee_flexion: 40 });
    expect(read('at=hip_flexion:NaN,hip_flexion:,hip_rotation:1e9').angles).toEqual({});
    fc.assert(fc.property(fc.string(), (junk) => void read(`at=${junk}&muscle=${junk}&over=${junk}`)));
  });
  it('runs a muscle over a joint that it crosses', () => {
    expect(HALF_NAMES[usualOver('vasti')]).toBe('knee_flexion');
    expect(HALF_NAMES[usualOver('soleus')]).toBe('ankle_dorsiflexion');
    expect(HALF_NAMES[usualOver('obliques')]).toBe('lumbar_flexion');
    expect(HALF_NAMES[usualOver('gracilis')]).toBe('hip_flexion');
  });
});
