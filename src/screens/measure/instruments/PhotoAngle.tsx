import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Slider from '@mui/material/Slider';
import Typography from '@mui/material/Typography';
import type { photoAngle } from '@/core/measuring/photo';
import type { PhotoGuide } from '@/core/measuring/photo-marks';
import type { Readout } from '@/core/assessment/definition';
import { readWithUnit } from '@/core/assessment/reading';
import type { BoardPoint } from './PhotoBoard';

/** The angle on a picture with its likely error, and what its points stand for. */
export function PhotoAngle({
  readout,
  value,
  told,
  placements,
  points,
  guide,
}: {
  readout: Readout;
  value: number | null;
  told: ReturnType<typeof photoAngle> | null;
  placements: number;
  points: readonly BoardPoint[];
  guide: PhotoGuide;
}) {
  'use memo';
  return (
    <>
      <Typography
        role="status"
        aria-label={say('Angle on the picture')}
        sx={{ fontSize: 60, fontWeight: 700, lineHeight: 1, fontVariantNumeric: 'tabular-nums' }}
      >
        {value === null ? '–' : readWithUnit(readout, value)}
      </Typography>
      <Typography sx={{ mb: 1 }}>
        {told
          ? say('likely within ± {{likelyError}}°{{what}}', {
              likelyError: told.likelyError.toFixed(1),
              what: placements > 1 ? say(' from {{count}} placements', { count: placements }) : '',
            })
          : say('Put the points where they belong.')}
      </Typography>
      <Box component="ul" sx={{ pl: 2.5, my: 1 }}>
        {points
          .filter((p) => !p.id.startsWith('line'))
          .map((p) => (
            <li key={p.id}>
              <strong>{say(p.sign)}</strong> {say(p.name)}
            </li>
          ))}
        {guide.line && (
          <li>
            <strong>L–R</strong> {say(guide.line)}
            {guide.zero === 'level' && guide.line === 'level' ? say(': a table edge, or leave it') : ''}
          </li>
        )}
      </Box>
      <Typography variant="caption" component="p">
        {say('Drag the points, or choose one and use the arrow keys (shift: ten at a time).')}
      </Typography>
    </>
  );
}

/** How large the picture is shown, 1 to 5. */
export function ZoomSlider({ zoom, onZoom }: { zoom: number; onZoom: (zoom: number) => void }) {
  'use memo';
  return (
    <>
      <Typography variant="caption" component="p" sx={{ mt: 1 }} id="zoom-label">
        {say('Zoom')}
      </Typography>
      <Slider
        aria-labelledby="zoom-label"
        min={1}
        max={5}
        step={0.25}
        value={zoom}
        onChange={(_, v) => onZoom(Number(v))}
      />
    </>
  );
}
