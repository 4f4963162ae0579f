import Typography from '@mui/material/Typography';
import { SIDE_MARK } from '@/core/body/words';
import type { FittedPose } from '@/core/fit/fit';
import { KIND_WORDS, LEVEL_WORDS, rungOf } from '@/core/poses';

/** What a pose is called, which rung of it this is, and what stands against it. */
export function PoseHead({
  fit,
  cautions,
  limits,
}: {
  fit: Pick<FittedPose, 'pose' | 'rung' | 'side'>;
  /** What closes it, in words. */
  cautions: readonly string[];
  /** What cautions or pain leave of it, in words. */
  limits: readonly string[];
}) {
  'use memo';
  const found = rungOf(fit.pose, fit.rung);
  if (!found) return null;
  const { shape, rung } = found;
  return (
    <>
      <Typography variant="h1">
        {shape.name} {SIDE_MARK[fit.side]}
      </Typography>
      <Typography sx={{ color: 'var(--ink-2)' }}>
        {shape.plain && `${shape.plain} · `}
        {fit.side === 'both' ? 'both sides at once' : `${fit.side} side`} · {rung.name}
        {shape.sanskrit ? ` · ${shape.sanskrit}` : ''} · {LEVEL_WORDS[rung.level]}, {KIND_WORDS[rung.kind]} ·{' '}
        {shape.position}
      </Typography>
      {cautions.length > 0 && (
        <Typography sx={{ mt: 0.5, color: 'var(--caution)', bgcolor: 'var(--caution-pale)', px: 1, fontWeight: 600 }}>
          ▲ Not with: {cautions.join('; ')}
        </Typography>
      )}
      {limits.length > 0 && <Typography sx={{ mt: 0.5, color: 'var(--caution)' }}>▲ {limits.join('; ')}</Typography>}
    </>
  );
}
