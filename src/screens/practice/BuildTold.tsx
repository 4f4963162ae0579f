import { say } from '@/core/languages/spoken';
import Alert from '@mui/material/Alert';
import Typography from '@mui/material/Typography';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { shapeById } from '@/core/poses';
import { aimKey } from '@/core/practice/aim-key';
import type { Refit } from '@/core/practice/refit';
import type { PracticeRequest } from '@/core/practice/request';
import { MISSING_WORDS } from '@/core/practice/words';
import { NothingFits } from './NothingFits';
import { nameOf } from './Rechecked';
import { Unsaluted } from './Unsaluted';
import type { BuildAnswer } from './use-building';

/**
 * What could not be done as it was asked when a practice was built: nothing fits, a wish left out, an aim that gets
 * hardly anything.
 */
export function BuildTold({
  answer,
  onBuild,
  onClose,
}: {
  answer: BuildAnswer;
  onBuild: (request: PracticeRequest) => void;
  onClose: () => void;
}) {
  const { change, missing, unkept, unsaluted, request } = answer;
  return (
    <>
      {change && <NothingFits change={change} request={request} onBuild={onBuild} />}
      {(unsaluted !== null || missing.length + unkept.length > 0) && (
        <Alert severity="info" sx={{ mb: 2 }} onClose={onClose}>
          {unsaluted !== null && <Unsaluted salutation={unsaluted} />}
          {unkept.map((key) => (
            <Typography key={key}>
              {say('{{what}} could not be kept: a caution, the range there is or a wish is against it now.', {
                what: say(shapeById(key.split('/')[0])?.name ?? key),
              })}
            </Typography>
          ))}
          {missing.map((m) => (
            <Typography key={aimKey(m.aim)}>
              {say('{{kind}} {{aimedName}} {{side}} gets hardly anything: {{why}}.', {
                kind: say(AIM_WORDS[m.aim.kind]),
                aimedName: aimedName(m.aim),
                side: say(m.aim.side),
                why: say(MISSING_WORDS[m.why]),
              })}
            </Typography>
          ))}
        </Alert>
      )}
    </>
  );
}

/** What became of the rungs of a practice that was fitted to somebody else. */
export function RefittedTold({ changes, onClose }: { changes: readonly Refit[]; onClose: () => void }) {
  return (
    <Alert severity="info" sx={{ mb: 2 }} onClose={onClose}>
      {changes.map((c) => (
        <Typography key={`${c.pose}/${c.rung}`}>{refitWords(c)}</Typography>
      ))}
    </Alert>
  );
}

const WHY: Readonly<Record<Refit['why'], string>> = {
  caution: 'runs against a caution here',
  reach: 'is out of reach here',
  unknown: 'is not in this library',
};
/** What became of a rung, as a sentence. */
const refitWords = (change: Refit): string =>
  `${nameOf(change)} ${say(WHY[change.why])}; ${change.to ? say('{{name}} stands in its place', { name: nameOf(change.to) }) : say('it is left out')}.`;
