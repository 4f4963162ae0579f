'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { AIM_DEFAULTS, aimDefaultsSchema, DOSE_SOURCES, type AimDefaults } from '@/core/aims/defaults';
import { NumberField } from '../shell/NumberField';
import { AIM_MEMO } from './use-aim-defaults';
import { useSetting } from './use-setting';

type Counted = { [K in keyof AimDefaults]: AimDefaults[K] extends number ? K : never }[keyof AimDefaults];

const NUMBERS: readonly { key: Counted; label: string; unit: string }[] = [
  { key: 'holdSeconds', label: 'One hold', unit: 'seconds' },
  { key: 'holds', label: 'Holds a day', unit: 'times' },
  { key: 'stretchDays', label: 'Days of lengthening', unit: 'a week' },
  { key: 'olderHoldSeconds', label: 'One hold from 65 on', unit: 'seconds' },
  { key: 'mobileHoldSeconds', label: 'Longest hold, very mobile', unit: 'seconds' },
  { key: 'sets', label: 'Sets of strength', unit: 'a day' },
  { key: 'repeats', label: 'Repeats in a set', unit: 'times' },
  { key: 'strengthDays', label: 'Days of strength', unit: 'a week' },
];

/** What a number may be, as the schema has it. */
function boundsOf(key: Counted): { least: number; most: number } {
  const { minValue, maxValue } = aimDefaultsSchema.shape[key].unwrap();
  return { least: minValue ?? 0, most: maxValue ?? Number.MAX_SAFE_INTEGER };
}

/** A teacher's own doses and her side where teachers differ; they change the proposed aims of every student. */
export function AimSettings() {
  const [now, put] = useSetting(AIM_MEMO, aimDefaultsSchema, AIM_DEFAULTS);
  return (
    <Box component="section" aria-label={say('Aims')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Aims')}
      </Typography>
      <Typography sx={{ mb: 1 }}>{say('What one muscle and side should get. Ours until you change them.')}</Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', mb: 1 }}>
        {NUMBERS.map(({ key, label, unit }) => (
          <NumberField
            key={key}
            label={say(label)}
            help={say(unit)}
            value={now[key]}
            {...boundsOf(key)}
            whole
            when="leaving"
            onPut={(v) => put({ [key]: v })}
          />
        ))}
      </Box>
      <Typography variant="caption" component="p">
        {say(DOSE_SOURCES.stretch.text)} {say(DOSE_SOURCES.older.text)} {say(DOSE_SOURCES.strength.text)}{' '}
        {say(DOSE_SOURCES.mobile.text)}
      </Typography>
      <Typography sx={{ mt: 2, mb: 0.5 }}>
        {say('Hamstrings that feel tight while the pelvis tips forward: teachers differ here.')}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={now.hamstrings}
        aria-label={say('Hamstrings under a forward pelvis')}
        onChange={(_, v: AimDefaults['hamstrings'] | null) => v && put({ hamstrings: v })}
      >
        <ToggleButton value="by-test">{say('by the tests')}</ToggleButton>
        <ToggleButton value="stretch">{say('lengthen them all the same')}</ToggleButton>
        <ToggleButton value="strengthen">{say('strengthen them')}</ToggleButton>
      </ToggleButtonGroup>
      <Typography sx={{ mt: 2, mb: 0.5 }}>{say('The outer hip and its band: teachers differ here.')}</Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={now.outerHip}
        aria-label={say('The outer hip')}
        onChange={(_, v: AimDefaults['outerHip'] | null) => v && put({ outerHip: v })}
      >
        <ToggleButton value="load">{say('load the muscles around it')}</ToggleButton>
        <ToggleButton value="stretch">{say('lengthen them')}</ToggleButton>
        <ToggleButton value="both">{say('both')}</ToggleButton>
      </ToggleButtonGroup>
      <Box>
        <Button size="small" sx={{ mt: 1 }} onClick={() => put(AIM_DEFAULTS)}>
          {say('Back to our defaults')}
        </Button>
      </Box>
    </Box>
  );
}
