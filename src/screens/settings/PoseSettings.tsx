'use client';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { COMFORT, type Comfort } from '@/core/fit/way';
import { PROP_SIZES, propSizesSchema, type PropSizes } from '@/core/poses/prop-sizes';
import { VOICE } from '@/core/practice/cues';
import { SCHOOL_WORDS, SCHOOLS, type Schools } from '@/core/poses/schools';
import { VoicePicks } from '../shell/VoicePicks';
import { HiddenPoses } from './HiddenPoses';
import { useComfort, usePropSizes, useSchools, useVoice } from './use-pose-settings';

const SHARES: readonly { key: 'usual' | 'long' | 'nerve' | 'mobile'; label: string }[] = [
  { key: 'usual', label: 'An ordinary hold' },
  { key: 'long', label: 'A long, quiet hold' },
  { key: 'nerve', label: 'With a nerve-like pull' },
  { key: 'mobile', label: 'A very mobile student' },
];

/** How deep a comfortable hold goes, what props there are, and her side where teachers differ about a shape. */
export function PoseSettings() {
  const [comfort, putComfort] = useComfort();
  const [sizes, putSizes] = usePropSizes();
  const [schools, putSchools] = useSchools();
  const [, putVoice] = useVoice();
  return (
    <Box component="section" aria-label="Poses">
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        Poses
      </Typography>
      <Typography sx={{ mb: 1 }}>
        How much of what a muscle gives a comfortable hold uses, in hundredths. No study gives these; they are ours
        until you change them, and every student’s poses are fitted anew. The library of typical people keeps ours.
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', mb: 1 }}>
        {SHARES.map(({ key, label }) => (
          <Numbers
            key={key}
            label={label}
            help="of 100, 40 to 100"
            values={[Math.round(comfort[key] * 100)]}
            least={40}
            most={100}
            count={1}
            onPut={([v]) => putComfort({ [key]: v / 100 } as Partial<Comfort>)}
          />
        ))}
        <Numbers
          label="Long means from"
          help="seconds"
          values={[comfort.longFrom]}
          least={30}
          most={600}
          count={1}
          onPut={([v]) => putComfort({ longFrom: Math.round(v) })}
        />
      </Box>
      <HiddenPoses />
      <Typography sx={{ mt: 2, mb: 1 }}>Your props, in centimetres: what a pose needs is told in them.</Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', mb: 1 }}>
        <Numbers
          label="Block, its three heights"
          help="flat, edge, end"
          values={sizes.block}
          least={2}
          most={40}
          count={3}
          onPut={(v) => putSizes({ block: [v[0], v[1], v[2]] as PropSizes['block'] })}
        />
        <Numbers
          label="One fold of a blanket"
          help="firm, pressed"
          values={[sizes.fold]}
          least={0.5}
          most={10}
          count={1}
          onPut={([v]) => putSizes({ fold: v })}
        />
        <Numbers
          label="Bolster, sat on"
          help="height"
          values={[sizes.bolster]}
          least={5}
          most={40}
          count={1}
          onPut={([v]) => putSizes({ bolster: v })}
        />
        <Numbers
          label="Straps"
          help="lengths, with commas"
          values={sizes.straps}
          least={50}
          most={500}
          count={null}
          onPut={(straps) => propSizesSchema.shape.straps.safeParse(straps).success && putSizes({ straps })}
        />
      </Box>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mt: 2 }}>
        <Typography sx={{ mr: 0.5 }}>How you speak, where Kolpos drafts cues:</Typography>
        <VoicePicks />
      </Box>
      {(Object.keys(SCHOOL_WORDS) as (keyof Schools)[]).map((key) => (
        <Box key={key} sx={{ mt: 2 }}>
          <Typography sx={{ mb: 0.5 }}>{SCHOOL_WORDS[key].question}: teachers differ here.</Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={schools[key]}
            aria-label={SCHOOL_WORDS[key].question}
            onChange={(_, v: string | null) => v && putSchools({ [key]: v })}
          >
            {Object.entries(SCHOOL_WORDS[key].sides).map(([value, words]) => (
              <ToggleButton key={value} value={value}>
                {words}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
      ))}
      <Button
        size="small"
        sx={{ mt: 1 }}
        onClick={() => {
          putComfort(COMFORT);
          putSizes(PROP_SIZES);
          putSchools(SCHOOLS);
          putVoice(VOICE);
        }}
      >
        Back to our defaults
      </Button>
    </Box>
  );
}

/** One number, or several with commas between them; what makes no sense is answered and the old stays. */
function Numbers({
  label,
  help,
  values,
  least,
  most,
  count,
  onPut,
}: {
  label: string;
  help: string;
  values: readonly number[];
  least: number;
  most: number;
  /** How many there must be; null for any. */
  count: number | null;
  onPut: (values: number[]) => void;
}) {
  const [text, setText] = useState<string | null>(null);
  const parts = (text ?? '')
    .split(/[,;/ ]+/)
    .filter(Boolean)
    .map(Number);
  const fine =
    parts.length > 0 &&
    (count === null ? parts.length <= 6 : parts.length === count) &&
    parts.every((v) => v >= least && v <= most);
  const wrong = text !== null && !fine;
  return (
    <TextField
      size="small"
      label={label}
      value={text ?? values.join(', ')}
      error={wrong}
      helperText={
        wrong
          ? `${count === null ? 'Numbers' : count === 1 ? 'A number' : `${count} numbers`} from ${least} to ${most}, please.`
          : help
      }
      onChange={(e) => setText(e.target.value)}
      onBlur={() => {
        if (text !== null && fine) onPut(parts);
        setText(null);
      }}
      slotProps={{ htmlInput: { inputMode: count === 1 ? 'decimal' : 'text' } }}
    />
  );
}
