'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { Build, Side } from '@/core/body';
import { PLACES, type Place } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import { STRENGTHS } from '@/core/teaching/strengths';
import { FeltOnBody } from './FeltOnBody';

const PLACES_ASKED: readonly Place[] = [
  'back-thigh',
  'front-thigh',
  'front-hip-crease',
  'outer-hip',
  'deep-buttock',
  'whole-buttock',
  'inner-thigh-high',
  'low-back',
  'knee',
  'nowhere',
];
/** Where a pose was felt and how strong, in two touches; goes into the log. */
export function FeltPanel({
  name,
  side = 'both',
  build,
  placeFelt,
  strength,
  onFelt,
}: {
  name: string;
  /** The side of the pose that is asked about. */
  side?: Side | 'both';
  build?: Build;
  placeFelt: string | undefined;
  strength: number | undefined;
  onFelt: (felt: { placeFelt?: string; strength?: number }) => void;
}) {
  const [pointing, setPointing] = useState(false);
  // A place that was pointed at and is not among the usual ones is shown all the same.
  const told = placeFelt === undefined ? undefined : PLACES.find((p) => p === placeFelt);
  const asked = told && !PLACES_ASKED.includes(told) ? [told, ...PLACES_ASKED] : PLACES_ASKED;
  return (
    <Box
      component="section"
      aria-label={say('Felt where, how strong')}
      sx={{ display: 'grid', gap: { xs: 0, sm: 1 }, minWidth: 0 }}
    >
      <Row label={say('{{name}}: felt where?', { name })}>
        <Chip
          clickable
          color="primary"
          variant="outlined"
          label={say('Tap on the body')}
          onClick={() => setPointing(true)}
        />
        {asked.map((p) => (
          <Answer key={p} on={placeFelt === p} label={say(PLACE_WORDS[p])} onClick={() => onFelt({ placeFelt: p })} />
        ))}
      </Row>
      <Row label={say('How strong?')}>
        {STRENGTHS.map(([s, words]) => (
          <Answer
            key={s}
            on={strength === s}
            label={say('{{words}}, {{count}} of 10', { words: say(words), count: s })}
            onClick={() => onFelt({ strength: s })}
          />
        ))}
      </Row>
      {pointing && (
        <FeltOnBody
          name={name}
          side={side}
          build={build}
          placeFelt={placeFelt}
          onFelt={(place) => onFelt({ placeFelt: place })}
          onClose={() => setPointing(false)}
        />
      )}
    </Box>
  );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box
      role="group"
      aria-label={label}
      sx={{ display: { sm: 'flex' }, flexWrap: 'wrap', gap: 0.75, alignItems: 'center', minWidth: 0 }}
    >
      <Typography sx={{ fontSize: 16, minWidth: 110, mr: 0.5 }}>{label}</Typography>
      {/* On a phone one line that slides: the time must stay in sight. */}
      <Box
        sx={{
          display: 'flex',
          gap: 0.75,
          flexWrap: { xs: 'nowrap', sm: 'wrap' },
          overflowX: { xs: 'auto', sm: 'visible' },
          py: 0.25,
        }}
      >
        {children}
      </Box>
    </Box>
  );
}

function Answer({ on, label, onClick }: { on: boolean; label: string; onClick: () => void }) {
  return (
    <Chip
      clickable
      label={label}
      aria-pressed={on}
      color={on ? 'primary' : 'default'}
      variant={on ? 'filled' : 'outlined'}
      onClick={onClick}
    />
  );
}
