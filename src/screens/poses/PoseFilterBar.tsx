'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { KIND_WORDS, LEVEL_WORDS, POSITIONS, type Level, type PropId } from '@/core/poses';
import { NO_FILTER, type PoseFilter } from './pose-filter';

const PROPS: readonly (PropId | 'none')[] = ['none', 'blanket', 'block', 'strap', 'bolster', 'wall', 'chair'];

/** Choices that narrow the library; each says "any" until it is set. */
export function PoseFilterBar({
  filter,
  set,
  aims = [],
}: {
  filter: PoseFilter;
  set: (filter: PoseFilter) => void;
  /** Aims to choose from, by key with its words. */
  aims?: readonly { key: string; words: string }[];
}) {
  const choose = <K extends keyof PoseFilter>(key: K, label: string, options: readonly [string, string][]) => (
    <TextField
      select
      size="small"
      label={label}
      value={filter[key] === null ? '' : String(filter[key])}
      onChange={(e) =>
        set({
          ...filter,
          [key]: e.target.value === '' ? null : key === 'level' ? Number(e.target.value) : e.target.value,
        })
      }
      slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      sx={{ minWidth: 104, flex: '1 1 104px' }}
    >
      <MenuItem value="">{say('any')}</MenuItem>
      {options.map(([value, words]) => (
        <MenuItem key={value} value={value}>
          {words}
        </MenuItem>
      ))}
    </TextField>
  );
  const changed = JSON.stringify({ ...filter, rungs: 'best' }) !== JSON.stringify(NO_FILTER);
  return (
    <Box role="search" aria-label={say('Narrow the poses')} sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, mb: 1 }}>
      <TextField
        size="small"
        label={say('Name')}
        value={filter.text}
        onChange={(e) => set({ ...filter, text: e.target.value })}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ minWidth: 120, flex: '2 1 120px' }}
      />
      {aims.length > 0 &&
        choose(
          'aim',
          say('Aim'),
          aims.map((a) => [a.key, a.words]),
        )}
      {choose(
        'position',
        say('Position'),
        POSITIONS.map((p) => [p, p]),
      )}
      {choose(
        'prop',
        say('Prop'),
        PROPS.map((p) => [p, p === 'none' ? say('without props') : p]),
      )}
      {choose(
        'level',
        say('Level'),
        ([1, 2, 3] as Level[]).map((l) => [String(l), say(LEVEL_WORDS[l])]),
      )}
      {choose(
        'kind',
        say('For'),
        Object.entries(KIND_WORDS).map(([k, words]) => [k, say(words)] as const),
      )}
      <Button
        size="small"
        onClick={() => set({ ...filter, rungs: filter.rungs === 'all' ? 'best' : 'all' })}
        aria-pressed={filter.rungs === 'all'}
      >
        {filter.rungs === 'all' ? say('Best rung only') : say('All rungs')}
      </Button>
      {changed && (
        <Button size="small" onClick={() => set({ ...NO_FILTER, rungs: filter.rungs })}>
          {say('Clear')}
        </Button>
      )}
    </Box>
  );
}
