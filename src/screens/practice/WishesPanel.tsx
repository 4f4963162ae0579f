'use client';
import { say } from '@/core/languages/spoken';
import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { allShapes, LEVEL_WORDS, type Level, type PropId } from '@/core/poses';
import { PACES } from '@/core/practice/pace';
import { AVOIDED, PRACTICE_PLACES, SALUTED } from '@/core/practice/request';
import { STYLE_IDS, styleOf } from '@/core/practice/styles';
import { AVOIDED_WORDS, FIRST_WORDS, PACE_WORDS, PRACTICE_PLACE_WORDS, salutedWords } from '@/core/practice/words';
import { Pick } from '../shell/Pick';
import type { Wishes } from './use-wishes';
import { shapeOptions } from '@/screens/poses/shape-options';

const PROPS: readonly PropId[] = ['blanket', 'block', 'strap', 'bolster', 'wall', 'chair', 'post'];
const RATIOS = [1, 1.5, 2] as const;
const SETS = ['style', '1', '2', '3', '4'] as const;
const SET_WORDS: Readonly<Record<(typeof SETS)[number], string>> = {
  style: 'as the style has it',
  '1': 'one set',
  '2': 'two sets',
  '3': 'three sets',
  '4': 'four sets',
};

const ratioWords = (ratio: number): string =>
  ratio === 1 ? say('held alike') : say('up to {{count}} times as long', { count: ratio });

/** How a practice is to be: its style, place, props, what to avoid, sides, level and a peak. */
export function WishesPanel({
  wishes,
  home,
  put,
}: {
  wishes: Wishes;
  /** Props the student has at home. */
  home: readonly string[];
  put: (part: Partial<Wishes>) => void;
}) {
  const choose = <T extends string>(
    label: string,
    value: T,
    options: readonly (readonly [T, string])[],
    onPut: (value: T) => void,
  ) => (
    <TextField
      select
      size="small"
      label={label}
      value={value}
      onChange={(e) => onPut(e.target.value as T)}
      sx={{ flex: '1 1 170px', maxWidth: 240 }}
    >
      {options.map(([id, words]) => (
        <MenuItem key={id} value={id}>
          {words}
        </MenuItem>
      ))}
    </TextField>
  );
  const has = (prop: PropId) => wishes.props === null || wishes.props.includes(prop);
  const shapes = allShapes().filter((s) => s.rungs.some((r) => r.kind !== 'rest'));
  return (
    <Box component="section" aria-label={say('Wishes')} sx={{ display: 'grid', gap: 1.25, mt: 1 }}>
      <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap' }}>
        {choose(
          say('Style'),
          wishes.style,
          STYLE_IDS.map((s) => [s, say(styleOf(s).words)] as const),
          (style) => put({ style }),
        )}
        {choose(
          say('Place'),
          wishes.place,
          PRACTICE_PLACES.map((p) => [p, say(PRACTICE_PLACE_WORDS[p])] as const),
          (place) => put({ place }),
        )}
        {choose(
          say('Sides'),
          wishes.first,
          (['right', 'left', 'tighter', 'alternate'] as const).map((f) => [f, say(FIRST_WORDS[f])] as const),
          (first) => put({ first }),
        )}
        {choose(
          say('Tighter side'),
          String(wishes.ratio),
          RATIOS.map((r) => [String(r), ratioWords(r)] as const),
          (r) => put({ ratio: Number(r) }),
        )}
        {choose(
          say('At most'),
          String(wishes.level),
          ([1, 2, 3] as const).map((l) => [String(l), say(LEVEL_WORDS[l])] as const),
          (l) => put({ level: Number(l) as Level }),
        )}
        {choose(
          say('Sets of work'),
          String(wishes.sets ?? 'style'),
          SETS.map((n) => [n, say(SET_WORDS[n])] as const),
          (n) => put({ sets: n === 'style' ? null : Number(n) }),
        )}
        {choose(
          say('Salutation'),
          wishes.salutation ?? 'style',
          [['style', say('as the style has it')] as const, ...SALUTED.map((s) => [s, salutedWords(s)] as const)],
          (s) => put({ salutation: s === 'style' ? null : s }),
        )}
        {choose(
          say('Ways between'),
          wishes.pace,
          PACES.map((p) => [p, say(PACE_WORDS[p])] as const),
          (pace) => put({ pace }),
        )}
        <Autocomplete
          options={shapes}
          value={shapes.find((s) => s.id === wishes.peak) ?? null}
          filterOptions={shapeOptions}
          getOptionLabel={(s) => say(s.name)}
          getOptionKey={(s) => s.id}
          size="small"
          sx={{ flex: '1 1 200px', maxWidth: 280 }}
          noOptionsText={say('No pose has this name.')}
          onChange={(_, s) => put({ peak: s?.id ?? null })}
          renderInput={(params) => <TextField {...params} label={say('Leads to a peak')} />}
        />
      </Box>
      <Box
        role="group"
        aria-label={say('Props at hand')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}
      >
        <Typography variant="caption">{say('Props at hand')}</Typography>
        <Pick
          label={say('all')}
          on={wishes.props === null}
          press={() => put({ props: wishes.props === null ? [] : null })}
        />
        {home.length > 0 && (
          <Pick
            label={say('what is at home')}
            on={wishes.props !== null && PROPS.every((p) => has(p) === home.includes(p))}
            press={() => put({ props: PROPS.filter((p) => home.includes(p)) })}
          />
        )}
        {PROPS.map((p) => (
          <Pick
            key={p}
            label={say(p)}
            on={wishes.props !== null && has(p)}
            press={() =>
              put({
                props: PROPS.filter((q) =>
                  q === p ? wishes.props === null || !has(p) : wishes.props !== null && has(q),
                ),
              })
            }
          />
        ))}
      </Box>
      <Box
        role="group"
        aria-label={say('Without')}
        sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center' }}
      >
        <Typography variant="caption">{say('Without')}</Typography>
        {AVOIDED.map((a) => (
          <Pick
            key={a}
            label={say(AVOIDED_WORDS[a])}
            on={wishes.avoid.includes(a)}
            press={() => put({ avoid: AVOIDED.filter((b) => (b === a) !== wishes.avoid.includes(b)) })}
          />
        ))}
      </Box>
    </Box>
  );
}
