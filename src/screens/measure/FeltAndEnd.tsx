import { say } from '@/core/languages/spoken';
import Typography from '@mui/material/Typography';
import type { TestDefinition } from '@/core/assessment/definition';
import { STOP_REASONS } from '@/core/assessment/reading';
import { END_FEEL_WORDS } from '@/core/assessment/words';
import { PLACE_WORDS } from '@/core/students/words';
import { ChoiceChips } from './ChoiceChips';
import type { Taking } from './use-reading';

const ENDS = STOP_REASONS.filter((r) => r !== 'pain').map((id) => ({ id, label: say(END_FEEL_WORDS[id]) }));

/** Where it is felt and how it ends, and what to do at a place where it should not be felt. */
export function FeltAndEnd({
  test,
  taking: { draft, sensation, change },
}: {
  test: TestDefinition;
  taking: Pick<Taking, 'draft' | 'sensation' | 'change'>;
}) {
  'use memo';
  return (
    <>
      <ChoiceChips
        question={say('Where is it felt? (a chip, a ring on the figure, or ×)')}
        choices={test.sensations.map((s) => ({
          id: s.place,
          label: say(PLACE_WORDS[s.place]),
          stops: s.action === 'stop',
        }))}
        chosen={draft.placeFelt}
        onChoose={(placeFelt) => change({ placeFelt })}
      />
      {sensation && sensation !== 'note' && (
        <Typography role="alert" sx={{ color: 'var(--caution)', fontWeight: 600, mt: 0.5 }}>
          {sensation === 'stop'
            ? say('▲ Stop here. The reading is kept as ended by pain, and the next test comes up.')
            : say('▲ Ease off, set the pelvis again, and go less far.')}
        </Typography>
      )}
      {test.kind !== 'strength' && (
        <ChoiceChips
          question={say('How does it end? (÷)')}
          choices={ENDS}
          chosen={draft.endFeel}
          onChoose={(endFeel) => change({ endFeel })}
        />
      )}
    </>
  );
}
