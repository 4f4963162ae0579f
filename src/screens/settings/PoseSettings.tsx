'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { COMFORT, type Comfort } from '@/core/fit/way';
import { PROP_SIZES, PROP_SIZES_IMPERIAL } from '@/core/poses/prop-sizes';
import { VOICE } from '@/core/practice/voice';
import { SCHOOL_WORDS, SCHOOLS, type Schools } from '@/core/poses/schools';
import { VoicePicks } from '../shell/VoicePicks';
import { HiddenPoses } from './HiddenPoses';
import { Numbers } from './Numbers';
import { PropSettings } from './PropSettings';
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
    <Box component="section" aria-label={say('Poses')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Poses')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say(
          'How much of what a muscle gives a comfortable hold uses, in hundredths. No study gives these; they are ours until you change them, and every student’s poses are fitted anew. The library of typical people keeps ours.',
        )}
      </Typography>
      <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: 'repeat(auto-fill, minmax(150px, 1fr))', mb: 1 }}>
        {SHARES.map(({ key, label }) => (
          <Numbers
            key={key}
            label={say(label)}
            help={say('of 100, 40 to 100')}
            values={[Math.round(comfort[key] * 100)]}
            least={40}
            most={100}
            count={1}
            onPut={([percent]) => putComfort({ [key]: percent / 100 } as Partial<Comfort>)}
          />
        ))}
        <Numbers
          label={say('Long means from')}
          help="seconds"
          values={[comfort.longFrom]}
          least={30}
          most={600}
          count={1}
          onPut={([seconds]) => putComfort({ longFrom: Math.round(seconds) })}
        />
      </Box>
      <HiddenPoses />
      <PropSettings />
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, alignItems: 'center', mt: 2 }}>
        <Typography sx={{ mr: 0.5 }}>{say('How you speak, where Kolpos drafts cues:')}</Typography>
        <VoicePicks />
      </Box>
      {(Object.keys(SCHOOL_WORDS) as (keyof Schools)[]).map((key) => (
        <Box key={key} sx={{ mt: 2 }}>
          <Typography sx={{ mb: 0.5 }}>
            {say('{{question}}: teachers differ here.', { question: say(SCHOOL_WORDS[key].question) })}
          </Typography>
          <ToggleButtonGroup
            exclusive
            size="small"
            value={schools[key]}
            aria-label={say(SCHOOL_WORDS[key].question)}
            onChange={(_, v: string | null) => v && putSchools({ [key]: v })}
          >
            {Object.entries(SCHOOL_WORDS[key].sides).map(([value, words]) => (
              <ToggleButton key={value} value={value}>
                {say(words)}
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
          putSizes(sizes.units === 'imperial' ? PROP_SIZES_IMPERIAL : PROP_SIZES);
          putSchools(SCHOOLS);
          putVoice(VOICE);
        }}
      >
        {say('Back to our defaults')}
      </Button>
    </Box>
  );
}
