'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { inUnits } from '@/core/poses/prop-sizes';
import { UNIT_SYSTEM_WORDS, UNIT_SYSTEMS, type UnitSystem } from '@/core/units';
import { usePropSizes } from './use-pose-settings';

/** In which units bodies and props are told and typed. */
export function UnitSettings() {
  'use memo';
  const [sizes, putSizes] = usePropSizes();
  return (
    <Box component="section" aria-label={say('Units')}>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('Units')}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {say(
          'For height, weight and props, on screen and on paper. A field understands the other unit too, if you write it: 5 ft 10, 178 cm, 146 lb. Tests keep centimetres and degrees, as their norms were published.',
        )}
      </Typography>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={sizes.units}
        aria-label={say('Units')}
        onChange={(_, units: UnitSystem | null) => units && putSizes(inUnits(sizes, units))}
      >
        {UNIT_SYSTEMS.map((u) => (
          <ToggleButton key={u} value={u}>
            {say(UNIT_SYSTEM_WORDS[u])}
          </ToggleButton>
        ))}
      </ToggleButtonGroup>
    </Box>
  );
}
