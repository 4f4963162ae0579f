import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { leverOf, percentOfWeight, torqueOf } from '@/core/measuring/torque';
import { typedNumber } from '@/core/measuring/typed';
import type { Readout, TestDefinition } from '@/core/assessment/definition';
import { Pick } from '../shell/Pick';
import type { DraftValues } from './use-draft';
import { leverProblem } from './reading-from-draft';

/** Lever arm, gravity and manner of a push, and the arithmetic from newtons to N·m/kg. */
export function PushDetails({
  test,
  readout,
  draft,
  change,
  mass_kg,
  gravity_Nm,
}: {
  test: TestDefinition;
  readout: Readout;
  draft: DraftValues;
  change: (part: Partial<DraftValues>) => void;
  mass_kg: number;
  gravity_Nm: number;
}) {
  'use memo';
  const lever = leverOf(test.id, readout.id);
  const newtons = typedNumber(draft.typed || (draft.trials.at(-1) ?? ''));
  const withGravity = draft.gravity !== false && gravity_Nm !== 0;
  const ready = Number.isFinite(newtons) && newtons >= 0 && leverProblem(draft.lever) === null;
  const torque = ready
    ? torqueOf({ newtons, lever_cm: typedNumber(draft.lever ?? ''), gravity_Nm: withGravity ? gravity_Nm : 0, mass_kg })
    : null;
  return (
    <Box role="group" aria-label={say('From push to torque')} sx={{ mt: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75, alignItems: 'center' }}>
        <TextField
          label={say('Lever arm, cm')}
          value={draft.lever ?? ''}
          onChange={(e) => change({ lever: e.target.value })}
          sx={{ width: 130 }}
          slotProps={{ htmlInput: { inputMode: 'decimal' } }}
        />
        <Pick
          label={say('student builds up (make)')}
          on={(draft.manner ?? 'make') === 'make'}
          press={() => change({ manner: 'make' })}
        />
        <Pick
          label={say('you overcome (break)')}
          on={draft.manner === 'break'}
          press={() => change({ manner: 'break' })}
        />
        {gravity_Nm !== 0 && (
          <Pick
            label={say('weight of the limb counted')}
            on={withGravity}
            press={() => change({ gravity: !withGravity })}
          />
        )}
      </Box>
      <Typography variant="caption" component="p">
        {say('Measured')} {lever?.arm}
        {say('. Never mix make and break in one series: break gives more.')}
      </Typography>
      <Typography sx={{ fontSize: 15, mt: 0.5, fontVariantNumeric: 'tabular-nums' }} aria-live="polite">
        {torque ? (
          <>
            {newtons.toFixed(0)} N × {(typedNumber(draft.lever ?? '') / 100).toFixed(2)} m ={' '}
            {torque.pushed_Nm.toFixed(1)} N·m
            {withGravity && (
              <>
                {' '}
                {say('+ limb {{gravity_Nm}} N·m = {{total_Nm}} N·m', {
                  gravity_Nm: gravity_Nm.toFixed(1),
                  total_Nm: torque.total_Nm.toFixed(1),
                })}
              </>
            )}
            <Said
              text={'; ÷ {{count}} kg = <1>{{normalised}} N·m/kg</1> ({{percentOfWeight}} % of body weight on the pad)'}
              values={{
                count: mass_kg,
                normalised: torque.normalised.toFixed(2),
                percentOfWeight: percentOfWeight(newtons, mass_kg).toFixed(0),
              }}
              parts={[<strong key="1" />]}
            />
          </>
        ) : (
          say('Newtons and lever arm give the torque here, step by step.')
        )}
      </Typography>
    </Box>
  );
}
