import { describe, expect, it } from 'vitest';
import { ELEMENTS, halfFromDegrees } from '@/core/body';
import { freedom } from './degrees-of-freedom';
import { EndTorque } from './end-feel';

const feel = new EndTorque();
const sum = (columns: Float64Array[], name: string): number => columns.reduce((s, c) => s + c[freedom(name)], 0);

describe('what holds a limb that is let go', () => {
  it('is nothing where nothing is stretched', () => {
    expect(feel.of(halfFromDegrees({}), 'right')).toEqual([]);
  });

  it('pulls back from where it is stretched, on the side that is asked for', () => {
    const opened = feel.of(halfFromDegrees({ hipAdduction: -40 }), 'left');
    // Opened wide, the inner thigh closes: adduction rises.
    expect(sum(opened, 'hip_adduction_left')).toBeGreaterThan(10);
    expect(sum(opened, 'hip_adduction_right')).toBe(0);
    const extended = feel.of(halfFromDegrees({ hipFlexion: -20 }), 'right');
    expect(sum(extended, 'hip_flexion_right')).toBeGreaterThan(15);
  });

  it('rises towards her own end, and later in a longer body', () => {
    const at = (deg: number, tolerance = 0) =>
      sum(
        feel.of(halfFromDegrees({ hipAdduction: -deg }), 'right', new Array(ELEMENTS.length).fill(tolerance)),
        'hip_adduction_right',
      );
    expect(at(30)).toBeLessThan(at(36));
    expect(at(36)).toBeLessThan(at(42));
    expect(at(42, 1.5)).toBeLessThan(at(42));
  });

  it('never gives more than a joint has at its end, however far it is taken', () => {
    for (const c of feel.of(halfFromDegrees({ hipFlexion: 130, hipAdduction: -70, hipRotation: -70 }), 'right'))
      expect(Math.hypot(...c)).toBeLessThanOrEqual(57);
  });
});
