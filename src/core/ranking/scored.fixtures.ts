import type { Build, Side } from '@/core/body';
import type { Screening } from '@/core/cautions/screen';
import { fitRung } from '@/core/fit/fit';
import { USUAL_WAY } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { rungOf } from '@/core/poses';
import type { Aim } from '@/core/students/student';
import { scorePose, type RankedPose } from './rank';

/** For tests that ask about one rung: what a ranking says of it, without fitting the other six hundred. */
export function scored(
  [pose, rung, side]: readonly [pose: string, rung: number, side: Side],
  { posterior, build }: { posterior: Posterior; build: Build },
  aims: readonly Aim[],
  screening: Screening,
): RankedPose {
  const found = rungOf(pose, rung);
  if (!found) throw new Error(`no ${pose}/${rung}`);
  const fit = fitRung({ shape: found.shape, rung, side }, { posterior, build }, { ...USUAL_WAY, under: screening });
  return scorePose(fit, aims, screening);
}
