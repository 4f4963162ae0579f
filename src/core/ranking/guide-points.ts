import { GROUPS, TYPICAL_BUILD } from '@/core/body';
import { workedAt } from '@/core/fit/fit';
import { TYPICAL } from '@/core/fit/typical';
import type { Shape } from '@/core/poses';
import { GUIDED_STRAINS } from './guide';

type Point = readonly [worked: number[], other: number[], strains: number[]];

/** Zeros at the end are not written. */
function cut(list: readonly number[]): number[] {
  let n = list.length;
  while (n > 0 && list[n - 1] === 0) n--;
  return list.slice(0, n);
}

/** The guide's figures of a rung at entry, half-way and full depth in typical people, hundredths. */
export function guidePoints(shape: Shape, rung: number): Point[] {
  return [0, 0.5, 1].map((depth): Point => {
    const { load, strains } = workedAt(
      { shape, rung, side: 'right' },
      depth,
      { posterior: TYPICAL, build: TYPICAL_BUILD },
      { cold: true },
    );
    const hundredths = (v: number | undefined) => Math.round(100 * (v ?? 0));
    return [
      cut(GROUPS.map((g) => hundredths(load.right[g]))),
      cut(GROUPS.map((g) => hundredths(load.left[g]))),
      cut(
        GUIDED_STRAINS.map((id) => hundredths(Math.max(0, ...strains.filter((s) => s.id === id).map((s) => s.share)))),
      ),
    ];
  });
}
