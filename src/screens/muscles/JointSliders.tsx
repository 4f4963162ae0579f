'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { COORDINATE_WORDS, COORDINATES, coordinateIndex, HALF_NAMES, halfCoordinate, type Reversal } from '@/core/body';
import { AngleRow } from '../shell/AngleRow';
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
    <Box component="section" aria-label={say('Joint angles')} sx={{ mt: 1 }}>
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.5, mb: 0.5 }}>
        {PRESETS.map((p) => (
          <Button key={p.name} size="small" sx={{ px: 1, minWidth: 0 }} onClick={() => set({ angles: p.angles })}>
            {say(p.name)}
          </Button>
        ))}
      </Box>
      <Box sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', sm: '1fr 1fr' }, columnGap: 3 }}>
        {names.map((name) => (
          <AngleRow
            key={name}
            words={COORDINATE_WORDS[name]}
            limits={COORDINATES[coordinateIndex(halfCoordinate(HALF_NAMES.indexOf(name), 'right'))]}
            value={state.angles[name] ?? 0}
            marks={(HALF_NAMES[state.over] === name ? reversals : [])
              .filter((r) => r.line === null)
              .map((r) => ({ value: r.at_deg, label: '⇄' }))}
            onSet={(v) => set({ angles: { ...state.angles, [name]: v } })}
          />
        ))}
      </Box>
      <Button size="small" onClick={() => setAll(!all)} aria-expanded={all}>
        {all ? say('Only the joints it crosses') : say('Every joint of this side')}
      </Button>
    </Box>
  );
}
