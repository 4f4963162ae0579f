import { say } from '@/core/languages/spoken';
import Slider from '@mui/material/Slider';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';

/** What is shown of the muscles of a figure. */
const SHOWN = { skin: 'skin', stretch: 'stretch', load: 'work', both: 'both', bones: 'bones' } as const;
export type Shown = keyof typeof SHOWN;

/** How deep a pose is shown, 0–1, with a mark where it fits. */
export function DepthSlider({
  depth,
  fits,
  onDepth,
}: {
  depth: number;
  fits: number;
  onDepth: (depth: number) => void;
}) {
  'use memo';
  return (
    <>
      <Typography variant="caption">{say('entry')}</Typography>
      <Slider
        aria-label={say('Depth')}
        min={0}
        max={100}
        value={Math.round(depth * 100)}
        onChange={(_, v) => onDepth(Number(v) / 100)}
        marks={[{ value: Math.round(fits * 100), label: say('fits') }]}
        sx={{ flex: '1 1 160px' }}
      />
      <Typography variant="caption">{say('full')}</Typography>
    </>
  );
}

/** What the figure shows: skin alone, what is stretched, what works, both, or the bones. */
export function ShowChoice({ show, onShow }: { show: Shown; onShow: (show: Shown) => void }) {
  'use memo';
  return (
    <ToggleButtonGroup
      exclusive
      size="small"
      aria-label={say('Show on the figure')}
      value={show}
      onChange={(_, v: Shown | null) => v && onShow(v)}
    >
      {Object.entries(SHOWN).map(([value, words]) => (
        <ToggleButton key={value} value={value}>
          {say(words)}
        </ToggleButton>
      ))}
    </ToggleButtonGroup>
  );
}
