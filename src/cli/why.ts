import { behind } from '@/core/ranking/behind';
import { behindSentences } from '@/core/ranking/behind-words';
import { rungOf, shapeById } from '@/core/poses';
import type { KolposRecord } from '@/core/formats/record';
import type { Aim } from '@/core/students/student';
import { InputProblem, ranked } from './commands';

/**
 * Why a rung stands where it stands for a student: each side of it, in sentences and as the figures behind them.
 * @throws InputProblem where there is no such pose, rung or side
 */
export function why(
  record: KolposRecord,
  { student, wanted, seed }: { student?: string; wanted: Aim[] | null; seed: number },
  { pose, rung, side }: { pose?: string; rung: number; side?: string },
): unknown {
  if (!pose || !shapeById(pose))
    throw new InputProblem(`There is no pose "${pose ?? ''}": name one with --pose ID.`, 'pose');
  if (!rungOf(pose, rung)) throw new InputProblem(`The pose "${pose}" has no rung ${rung}.`, 'rung');
  const { aims, poses } = ranked(record, student, wanted, seed);
  const own = poses.filter(
    (p) => p.pose === pose && p.rung === rung && (!side || p.side === side || p.side === 'both'),
  );
  if (own.length === 0) throw new InputProblem('A side is left or right.', 'side');
  return own.map((p) => {
    const b = behind(poses, p, aims);
    const named = (r: typeof b.first) => r && { pose: r.pose, rung: r.rung, side: r.side, score: r.score };
    return {
      ...b,
      pose: p.pose,
      rung: p.rung,
      side: p.side,
      score: p.score,
      first: named(b.first),
      rungAbove: named(b.rung),
      sentences: behindSentences(b),
    };
  });
}
