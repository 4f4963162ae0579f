import type { Build, Side } from '@/core/body';
import type { Posterior } from '@/core/inference';
import type { Rung, Shape } from '@/core/poses';

/** A rung of a shape, from 1, with the side that is worked. */
export interface PosedRung {
  shape: Shape;
  rung: number;
  side: Side;
}

/** What of a student a pose is fitted to: tolerances and size. */
export interface StudentBody {
  posterior: Posterior;
  build: Build;
}

export const rungIn = ({ shape, rung }: Pick<PosedRung, 'shape' | 'rung'>): Rung => shape.rungs[rung - 1];
