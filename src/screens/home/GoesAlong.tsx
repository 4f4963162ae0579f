import { say } from '@/core/languages/spoken';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import FormGroup from '@mui/material/FormGroup';
import FormLabel from '@mui/material/FormLabel';
import { canSeal } from '@/store/sealing';

/** What goes along with a practice: the first name, the weeks ahead, small tests, and whether the file is locked. */
export interface Along {
  named: boolean;
  weeks: boolean;
  tests: boolean;
  locks: boolean;
}

/** What goes into a student's file beside the practices; what there is none of cannot be ticked, and says so. */
export function GoesAlong({
  first,
  along,
  days,
  tests,
  on,
}: {
  /** First name. */
  first: string;
  along: Along;
  /** Days that are planned, and tests that the cautions leave. */
  days: number;
  tests: number;
  on: (part: Partial<Along>) => void;
}) {
  'use memo';
  return (
    <FormGroup aria-label={say('What goes along')}>
      <FormLabel component="legend">{say('What goes along')}</FormLabel>
      <Tick label={say('The first name, {{first}}', { first })} checked={along.named} on={(named) => on({ named })} />
      <Tick
        label={
          days > 0
            ? say('The weeks ahead, {{count}} days to tick', { count: days })
            : say('The weeks ahead: none are planned')
        }
        checked={along.weeks}
        on={(weeks) => on({ weeks })}
        disabled={days === 0}
      />
      <Tick
        label={tests > 0 ? say('Small tests to take alone') : say('Small tests: the cautions leave none to take alone')}
        checked={along.tests}
        on={(to) => on({ tests: to })}
        disabled={tests === 0}
      />
      <Tick
        label={canSeal() ? say('Lock it with a passphrase') : say('Lock it: this address has no cryptography')}
        checked={along.locks}
        on={(locks) => on({ locks })}
        disabled={!canSeal()}
      />
    </FormGroup>
  );
}

/** One thing that may go into the file. */
export function Tick({
  label,
  checked,
  on,
  disabled = false,
}: {
  label: string;
  checked: boolean;
  on: (to: boolean) => void;
  disabled?: boolean;
}) {
  'use memo';
  return (
    <FormControlLabel
      label={label}
      disabled={disabled}
      control={<Checkbox size="small" checked={checked && !disabled} onChange={(_, to) => on(to)} />}
    />
  );
}
