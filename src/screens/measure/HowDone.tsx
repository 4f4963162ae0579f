import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { isModelled, type Readout, type TestDefinition, type Variant } from '@/core/assessment/definition';
import { Pick } from '../shell/Pick';
import type { DraftValues } from './use-draft';

/** How a reading was taken: who moved, in which way, what was seen, where the pelvis was. */
export function HowDone({
  test,
  readout,
  variant,
  locked,
  draft,
  change,
  onVariant,
}: {
  test: TestDefinition;
  readout: Readout;
  variant?: Variant;
  /** True where a caution allows only other ways. */
  locked: boolean;
  draft: DraftValues;
  change: (part: Partial<DraftValues>) => void;
  onVariant: (id: string | undefined) => void;
}) {
  'use memo';
  const ways = (test.variants ?? []).filter((v) => !v.readouts || v.readouts.includes(readout.id));
  const moves = readout.unit === 'deg' && test.kind === 'length';
  const seen = draft.seen ?? [];
  const chip = (label: string, on: boolean, press: () => void) => (
    <Pick key={label} label={label} on={on} press={press} />
  );
  return (
    <Box
      role="group"
      aria-label={say('How it was done')}
      sx={{ mt: 0.75, display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}
    >
      {ways.length > 0 && (
        <Group label={say('Way')}>
          {!locked && chip('usual', !variant, () => onVariant(undefined))}
          {ways.map((v) =>
            chip(say(v.name), variant?.id === v.id, () => onVariant(variant?.id === v.id ? undefined : v.id)),
          )}
        </Group>
      )}
      {moves && (
        <Group label={say('Moved')}>
          {chip(say('by you'), draft.active === false, () =>
            change({ active: draft.active === false ? undefined : false }),
          )}
          {chip(say('alone'), draft.active === true, () =>
            change({ active: draft.active === true ? undefined : true }),
          )}
        </Group>
      )}
      <Group label={say('Held still')}>
        {chip(say('by the student alone'), draft.selfHeld === true, () => change({ selfHeld: !draft.selfHeld }))}
      </Group>
      <Group label={say('Seen')}>
        {test.spoils.map((s) =>
          chip(say(s), seen.includes(s), () =>
            change({ seen: seen.includes(s) ? seen.filter((x) => x !== s) : [...seen, s] }),
          ),
        )}
      </Group>
      {readout.pelvisShares && (
        <TextField
          label={say('Pelvis tilt °')}
          value={draft.tilt ?? ''}
          onChange={(e) => change({ tilt: e.target.value })}
          sx={{ width: 112, ml: 'auto', '& .MuiInputBase-input': { py: 0.6 } }}
          slotProps={{
            htmlInput: {
              inputMode: 'decimal',
              title: say(
                'From a second inclinometer on the pelvis, if you have one: it takes the pelvis out of the reading.',
              ),
            },
          }}
        />
      )}
      {moves && isModelled(readout) && (
        <>
          <Group label={say('Felt far away when head or ankle moves')}>
            {chip('changes', draft.distant === 'changes', () =>
              change({ distant: draft.distant === 'changes' ? undefined : 'changes' }),
            )}
            {chip('stays', draft.distant === 'same', () =>
              change({ distant: draft.distant === 'same' ? undefined : 'same' }),
            )}
          </Group>
          <TextField
            label={say('After 5 breaths °')}
            value={draft.after ?? ''}
            onChange={(e) => change({ after: e.target.value })}
            sx={{ width: 140, '& .MuiInputBase-input': { py: 0.6 } }}
            slotProps={{
              htmlInput: {
                inputMode: 'decimal',
                title: say(
                  'The value after five slow breaths, or after one gentle press and release. Much further means held back, not short.',
                ),
              },
            }}
          />
        </>
      )}
      {seen.length > 0 && (
        <Typography variant="caption" sx={{ width: '100%' }}>
          {say('A reading with {{what}} counts less: its error is taken half as wide again.', {
            what: seen.length > 1 ? say('these') : say('this'),
          })}
        </Typography>
      )}
    </Box>
  );
}

const Group = ({ label, children }: { label: string; children: ReactNode }) => (
  <Box sx={{ display: 'inline-flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mr: 1 }}>
    <Typography variant="caption" component="span">
      {label}
    </Typography>
    {children}
  </Box>
);
