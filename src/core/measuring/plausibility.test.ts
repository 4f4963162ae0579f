import { describe, expect, it } from 'vitest';
import { readoutOf } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import { valueDoubts, exchanged, pairsByDay, doubtQuestion, sidesSwapped, type HeldAgainst } from './plausibility';

const slr = readoutOf('straight-leg-raise', 'hip-flexion');
const wall = readoutOf('knee-to-wall', 'toe-distance');
if (!slr || !wall) throw new Error('unknown');
const reading = (
  value: number,
  side: 'left' | 'right',
  day = '2026-05-01',
  test = 'straight-leg-raise',
  readout = 'hip-flexion',
): Reading => ({
  id: `${test}${side}${day}`,
  student: 's',
  test,
  readout,
  side,
  trials: [value],
  unit: 'deg',
  takenAt: `${day}T10:00:00.000Z`,
});
const known = (more: Partial<HeldAgainst> = {}): HeldAgainst => ({
  readout: slr,
  side: 'left',
  sex: 'female',
  ...more,
});
const kinds = (value: number, k: HeldAgainst) => valueDoubts(value, k).map((d) => d.kind);

describe('an unlikely value', () => {
  it('is nothing to ask about when it is ordinary', () => {
    expect(valueDoubts(72, known())).toEqual([]);
    expect(doubtQuestion([])).toBeNull();
  });
  it('is far from the norm, from the other side, from last time, from what the rest expects', () => {
    expect(kinds(20, known())).toContain('norm');
    expect(kinds(45, known({ across: reading(85, 'right') }))).toContain('side');
    expect(kinds(60, known({ before: reading(95, 'left') }))).toContain('before');
    expect(kinds(60, known({ expected: { mean: 90, low: 82, high: 98 } }))).toContain('expected');
    expect(
      kinds(
        70,
        known({ across: reading(76, 'right'), before: reading(66, 'left'), expected: { mean: 74, low: 65, high: 83 } }),
      ),
    ).toEqual([]);
  });
  it('is asked about in one question that names what it is held against', () => {
    const q = doubtQuestion(valueDoubts(45, known({ across: reading(85, 'right') })));
    expect(q).toContain('right side reads 85°');
    expect(q).toMatch(/Keep it all the same\?$/);
  });
  it('may have been read in inches, and then the centimetres are offered', () => {
    const cm = (value: number, more: Partial<HeldAgainst> = {}) =>
      valueDoubts(value, { readout: wall, side: 'left', sex: undefined, ...more });
    const before = { ...reading(10, 'left', '2026-05-01', 'knee-to-wall', 'toe-distance'), unit: 'cm' as const };
    expect(cm(4, { before }).find((d) => d.kind === 'inches')?.instead).toBeCloseTo(10.2, 6);
    expect(cm(9.5, { before }).some((d) => d.kind === 'inches')).toBe(false);
    expect(cm(4).find((d) => d.kind === 'inches')?.instead).toBeCloseTo(10.2, 6);
  });
});

describe('swapped sides', () => {
  const first = { left: 50, right: 72 };
  it('are asked about when the difference turns round against every earlier session', () => {
    expect(sidesSwapped(slr, { left: 71, right: 52 }, [first])).toBe(true);
    expect(sidesSwapped(slr, { left: 71, right: 52 }, [first, { left: 55, right: 70 }])).toBe(true);
  });
  it('are not, when there is nothing to contradict or the difference is within the error', () => {
    expect(sidesSwapped(slr, { left: 71, right: 52 }, [])).toBe(false);
    expect(sidesSwapped(slr, { left: 66, right: 63 }, [first])).toBe(false);
    expect(sidesSwapped(slr, { left: 52, right: 71 }, [first])).toBe(false);
    expect(sidesSwapped(slr, { left: 71, right: 52 }, [first, { left: 66, right: 65 }])).toBe(false);
  });
  it('come from pairs of the same day, without the day at hand, and can be exchanged with their history kept', () => {
    const list = [
      reading(50, 'left'),
      reading(72, 'right'),
      reading(71, 'left', '2026-06-01'),
      reading(52, 'right', '2026-06-01'),
    ];
    expect(pairsByDay(list, 'straight-leg-raise', 'hip-flexion', '2026-06-01')).toEqual([first]);
    expect(pairsByDay([list[0]], 'straight-leg-raise', 'hip-flexion')).toEqual([]);
    const [a, b] = exchanged(list.slice(2), '2026-06-01T11:00:00.000Z');
    expect([a.side, b.side]).toEqual(['right', 'left']);
    expect(a.history).toHaveLength(1);
  });
});
