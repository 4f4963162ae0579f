import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { typedNumber } from '@/core/measuring/typed';
import { InstrumentButtons } from './instruments/InstrumentButtons';
import { leverProblem } from './reading-from-draft';
import type { Read, Taking } from './use-reading';

/** The instruments that a value can be taken with, and how exact the last one was. */
export function TakeWith({ read, taking }: { read: Read; taking: Taking }) {
  'use memo';
  const { student, test, readout, side, readings } = read;
  const { build, draft, values, push, gravity_Nm, take, setProblem } = taking;
  return (
    <Box
      role="group"
      aria-label={say('Take the value with')}
      sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', ml: -0.75 }}
    >
      <InstrumentButtons
        test={test}
        readout={readout}
        side={side}
        trial={draft.trials.length + 1}
        build={build}
        readings={readings}
        person={student}
        push={{
          manner: draft.manner ?? 'make',
          lever_cm: typedNumber(values.lever ?? ''),
          gravity_Nm: draft.gravity === false ? 0 : gravity_Nm,
          problem: push ? leverProblem(values.lever) : null,
        }}
        onTake={take}
        onProblem={setProblem}
      />
      {draft.instrument && draft.likelyError !== undefined && (
        <Typography variant="caption">
          {say('last taken within ± {{count}}', { count: draft.likelyError })}
          {readout.unit === 'deg' && '°'}
        </Typography>
      )}
      {draft.failure && (
        <Typography variant="caption">{say('ended: {{failure}}', { failure: draft.failure })}</Typography>
      )}
    </Box>
  );
}
