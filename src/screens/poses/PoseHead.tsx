import { say } from '@/core/languages/spoken';
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
        {say(shape.name)} {SIDE_MARK[fit.side]}
      </Typography>
      <Typography sx={{ color: 'var(--ink-2)' }}>
        {shape.plain && `${say(shape.plain)} · `}
        {fit.side === 'both' ? say('both sides at once') : say('{{side}} side', { side: say(fit.side) })} ·{' '}
        {say(rung.name)}
        {shape.sanskrit ? ` · ${say(shape.sanskrit)}` : ''} · {say(LEVEL_WORDS[rung.level])},{' '}
        {say(KIND_WORDS[rung.kind])} · {say(shape.position)}
      </Typography>
      {cautions.length > 0 && (
        <Typography sx={{ mt: 0.5, color: 'var(--caution)', bgcolor: 'var(--caution-pale)', px: 1, fontWeight: 600 }}>
          {say('▲ Not with: {{cautions}}', { cautions: cautions.join('; ') })}
        </Typography>
      )}
      {limits.length > 0 && <Typography sx={{ mt: 0.5, color: 'var(--caution)' }}>▲ {limits.join('; ')}</Typography>}
    </>
  );
}
