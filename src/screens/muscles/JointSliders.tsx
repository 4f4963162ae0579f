'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Slider from '@mui/material/Slider';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import {
  angleProblem,
  angleWords,
  COORDINATE_WORDS,
  COORDINATES,
  coordinateIndex,
  HALF_NAMES,
  halfCoordinate,
  type Reversal,
} from '@/core/body';
import type { AngleName, AtlasState } from './atlas-state';

const PRESETS: readonly { name: string; angles: AtlasState['angles'] }[] = [
  { name: 'Standing', angles: {} },
  { name: 'Sitting', angles: { hip_flexion: 90, knee_flexion: 90 } },
  { name: 'Knee hugged', angles: { hip_flexion: 115, knee_flexion: 130 } },
  { name: 'Straight leg raised', angles: { hip_flexion: 70 } },
  { name: 'Leg behind', angles: { hip_flexion: -15, knee_flexion: 15 } },
  { name: 'Heel held', angles: { hip_flexion: -5, knee_flexion: 125 } },
  { name: 'Figure-four', angles: { hip_flexion: 90, hip_adduction: -39, hip_rotation: -49, knee_flexion: 120 } },
  { name: 'Wide leg', angles: { hip_adduction: -42 } },
];
/** Always offered; what a muscle crosses besides is added. */
const USUAL: readonly AngleName[] = ['hip_flexion', 'hip_adduction', 'hip_rotation', 'knee_flexion'];

/** Joint angles by slider and by number, the ones that the muscle crosses; marks stand where its action reverses. */
export function JointSliders({
  state,
  crossed,
  reversals,
  set,
}: {
  state: AtlasState;
  crossed: readonly number[];
  reversals: readonly Reversal[];
  set: (change: Partial<AtlasState>) => void;
}) {
  const [all, setAll] = useState(false);
  const names = HALF_NAMES.filter(
    (n, i) =>
      all ||
      crossed.includes(i) ||
      (USUAL.includes(n) && state.angles[n]) ||
      (crossed.length < 2 && n === 'hip_flexion'),
  );
  return (
    <Box component="section" aria-label="Joint angles" sx={{ mt: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mb: 0.5 }}>
        {PRESETS.map((p) => (
          <Button key={p.name} size="small" sx={{ px: 1, minWidth: 0 }} onClick={() => set({ angles: p.angles })}>
            {p.name}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3 }}>
        {names.map((name) => (
          <Joint
            key={name}
            name={name}
            value={state.angles[name] ?? 0}
            reversals={HALF_NAMES[state.over] === name ? reversals.filter((r) => r.line === null) : []}
            onSet={(v) => set({ angles: { ...state.angles, [name]: v } })}
          />
        ))}
      </Box>
      <Button size="small" onClick={() => setAll(!all)} aria-expanded={all}>
        {all ? 'Only the joints it crosses' : 'Every joint of this side'}
      </Button>
    </Box>
  );
}

/** The angle without a word that stands in the joint's name already. */
function shortWords(name: AngleName, value: number): string {
  const words = angleWords(name, value);
  return COORDINATE_WORDS[name].name.endsWith(words.split(' ').at(-1) ?? '') ? words.split(' ')[0] : words;
}

function Joint({
  name,
  value,
  reversals,
  onSet,
}: {
  name: AngleName;
  value: number;
  reversals: readonly Reversal[];
  onSet: (value: number) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const id = halfCoordinate(HALF_NAMES.indexOf(name), 'right');
  const { min_deg, max_deg } = COORDINATES[coordinateIndex(id)];
  const word = COORDINATE_WORDS[name];
  const typed = text === null ? null : text.trim().replace(',', '.');
  const wrong =
    typed === null || typed === '' || typed === '-'
      ? null
      : !Number.isFinite(Number(typed))
        ? 'Type a number of degrees.'
        : angleProblem({ [id]: Number(typed) })
          ? `No ${word.name} goes beyond ${min_deg}° … ${max_deg}°.`
          : null;
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 58px', columnGap: 1.5, alignItems: 'center' }}>
      <Box>
        <Typography
          variant="body2"
          component="div"
          sx={{ display: 'flex', justifyContent: 'space-between', gap: 1, whiteSpace: 'nowrap' }}
        >
          <span>{word.name}</span>
          <span className="num">{shortWords(name, value)}</span>
        </Typography>
        <Slider
          size="small"
          aria-label={word.name}
          getAriaValueText={(v) => angleWords(name, v)}
          min={min_deg}
          max={max_deg}
          value={value}
          track={false}
          marks={[{ value: 0 }, ...reversals.map((r) => ({ value: r.at_deg, label: '⇄' }))]}
          onChange={(_, v) => {
            setText(null);
            onSet(v as number);
          }}
          sx={{ py: 0.75, mb: reversals.length > 0 ? 1.5 : 0, '& .MuiSlider-markLabel': { fontSize: 13, top: 18 } }}
        />
      </Box>
      <TextField
        size="small"
        value={text ?? String(Math.round(value))}
        error={wrong !== null}
        onChange={(e) => {
          setText(e.target.value);
          const number = Number(e.target.value.trim().replace(',', '.'));
          if (e.target.value.trim() !== '' && Number.isFinite(number) && !angleProblem({ [id]: number })) onSet(number);
        }}
        onBlur={() => setText(null)}
        slotProps={{
          htmlInput: { 'aria-label': `${word.name}, degrees`, inputMode: 'numeric', style: { padding: '4px 8px' } },
        }}
      />
      {wrong && (
        <Typography variant="body2" role="alert" sx={{ gridColumn: '1 / -1', mb: 1 }}>
          {wrong} It stays at {angleWords(name, value)}.
        </Typography>
      )}
    </Box>
  );
}
