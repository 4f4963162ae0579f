import { within } from '@/core/languages/in-sentence';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Typography from '@mui/material/Typography';
import type { Build, Side } from '@/core/body';
import type { FittedPose } from '@/core/fit/fit';
import { stretchedName } from '@/core/fit/shortest';
import type { Posterior } from '@/core/inference';
import { inHundred } from '@/core/inference/words';
import { rungOf, shapeById } from '@/core/poses';
import { useNextName } from './use-next-name';

/** Something milder to try: the rung before, or the shape that stands in for this one. */
function milderThan({ pose, rung }: FittedPose): string {
  const milder = rung > 1 ? rungOf(pose, rung - 1)?.rung.name : undefined;
  const stand = within(shapeById(shapeById(pose)?.instead ?? '')?.name ?? '');
  return milder ?? (stand || say('a milder pose'));
}

/** What the rung's path and its limiter mean, in a sentence. */
export function DepthSentence({
  fit,
  sure,
  posterior,
  build,
}: {
  fit: FittedPose;
  sure: boolean;
  /** What is known of the student. */
  posterior: Posterior;
  build?: Build;
}) {
  const next = useNextName(fit, posterior, build);
  if (fit.beyondEntry)
    return (
      <Typography sx={{ mt: 1 }}>
        {say('Too much today: even the way in asks for more than there is. Try {{milderThan}} instead.', {
          milderThan: milderThan(fit),
        })}
      </Typography>
    );
  if (fit.full)
    return <Typography sx={{ mt: 1 }}>{say('The full rung is reached before anything stops it.')}</Typography>;
  // Both sides at once are stopped alike: then the side says nothing.
  const side = (which: Side) => (fit.side === 'both' ? '' : `${say(which)} `);
  return (
    <Typography sx={{ mt: 1 }}>
      <Said
        text={'{{what}}; then the {{side}}<1>{{stretchedName}}</1> has enough first{{what2}}'}
        values={{
          what:
            fit.depth < 0.02
              ? say('The entry is already enough')
              : say('A comfortable hold is {{count}} of 100 deep', { count: Math.round(fit.depth * 100) }),
          side: side(fit.limiter.side),
          stretchedName: stretchedName(fit, fit.limiter.group, fit.limiter.side, posterior),
          what2: sure ? '' : `, ${inHundred(fit.limiter.probability)}`,
        }}
        parts={[<span key="1" className="muscle" />]}
      />
      {fit.next && (
        <>
          {say('; behind it the {{side}}', { side: side(fit.next.side) })}
          <span className="muscle">{next}</span>
          {say(', at {{count}}', { count: Math.round(fit.next.depth * 100) })}
        </>
      )}
      .
    </Typography>
  );
}
