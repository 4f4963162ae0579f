'use client';
import { say } from '@/core/languages/spoken';
import { Said } from '@/screens/shell/Said';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { MUSCLES, REGION_WORDS, REGIONS } from '@/core/body';
import { finds } from '@/core/text-search';

/** Muscles by region with a field that narrows them; folded into one choice where the screen is narrow. */
export function MuscleList({
  muscle,
  folded,
  onPick,
}: {
  muscle: string;
  folded: boolean;
  onPick: (structure: string) => void;
}) {
  const [wanted, setWanted] = useState('');
  if (folded)
    return (
      <TextField
        select
        size="small"
        label={say('Muscle')}
        value={muscle}
        onChange={(e) => onPick(e.target.value)}
        sx={{ maxWidth: 420 }}
      >
        {MUSCLES.map((m) => (
          <MenuItem key={m.structure} value={m.structure}>
            <Said
              text={'<1>{{name}}</1>&ensp;{{plain}}'}
              values={{ name: m.name, plain: m.plain }}
              parts={[<span key="1" className="muscle" />]}
            />
          </MenuItem>
        ))}
      </TextField>
    );
  const found = MUSCLES.filter((m) => finds(`${say(m.name)} ${say(m.plain)} ${say(REGION_WORDS[m.region])}`, wanted));
  return (
    <Box
      component="nav"
      aria-label={say('Muscles by name')}
      sx={{ position: 'sticky', top: 8, maxHeight: 'calc(100vh - 16px)', overflowY: 'auto', pt: 1 }}
    >
      <TextField
        size="small"
        label={say('Find a muscle')}
        value={wanted}
        onChange={(e) => setWanted(e.target.value)}
        onKeyDown={(e) => {
          if (e.key === 'Enter' && found.length > 0) onPick(found[0].structure);
        }}
        fullWidth
        sx={{ mb: 1 }}
      />
      {found.length === 0 && (
        <Typography variant="body2">
          {say('No muscle is called that here. Try a plain word, such as “buttock” or “calf”.')}
        </Typography>
      )}
      {REGIONS.filter((r) => found.some((m) => m.region === r)).map((region) => (
        <Box key={region} sx={{ mb: 0.75 }}>
          <Typography variant="caption" component="h2" sx={{ color: 'var(--ink-2)' }}>
            {say(REGION_WORDS[region])}
          </Typography>
          {found
            .filter((m) => m.region === region)
            .map((m) => (
              <Box
                key={m.structure}
                component="button"
                type="button"
                aria-pressed={m.structure === muscle}
                onClick={() => onPick(m.structure)}
                className="muscle"
                sx={{
                  display: 'block',
                  width: '100%',
                  textAlign: 'left',
                  border: 'none',
                  bgcolor: m.structure === muscle ? 'var(--act-pale)' : 'transparent',
                  boxShadow: m.structure === muscle ? 'inset 3px 0 var(--act)' : undefined,
                  color: 'var(--ink)',
                  fontSize: 14,
                  lineHeight: 1.25,
                  px: 1,
                  py: '3px',
                  minHeight: 24,
                  cursor: 'pointer',
                  '&:hover': { bgcolor: 'var(--act-pale)' },
                }}
              >
                {say(m.name)}
              </Box>
            ))}
        </Box>
      ))}
    </Box>
  );
}
