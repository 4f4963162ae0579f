'use client';
import { say } from '@/core/languages/spoken';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useRef, useState } from 'react';
import type { Side } from '@/core/body';
import { contextOf } from '@/core/inference/context';
import type { PhotoGuide } from '@/core/measuring/photo-marks';
import { testPosture } from '@/core/assessment/drawn';
import { latest } from '@/core/assessment/reading';
import { Figure } from '@/figure/Figure';
import { pngOf } from '@/figure/export';
import type { InstrumentProps } from './types';

/** Pixels of a stand-in picture's width. */
const WIDTH = 1400;

/** The stand-in for a camera: photographs the drawn figure of a simulated student at an angle that is not told. */
export function StandInCamera({
  test,
  readout,
  side: readSide,
  readings,
  build,
  guide,
  hidden,
  onPicture,
}: InstrumentProps & { guide: PhotoGuide; hidden: number; onPicture: (picture: Blob) => void }) {
  'use memo';
  const svg = useRef<SVGSVGElement>(null);
  const [failed, setFailed] = useState(false);
  const side: Side = readSide === 'left' ? 'left' : 'right';
  const context = contextOf({ test: test.id, readout: readout.id, side }, latest(readings));
  const posture = testPosture(test, readout, side, hidden, context);
  const take = () => {
    if (!svg.current) return;
    pngOf(svg.current, WIDTH).then(onPicture, () => setFailed(true));
  };
  return (
    <>
      <Button variant="outlined" onClick={take} disabled={failed}>
        {failed ? say('The stand-in could not draw') : say('Photograph the simulated student')}
      </Button>
      <Box aria-hidden="true" sx={{ position: 'fixed', left: -4000, top: 0, width: 900, height: 700 }}>
        <Figure
          label={say('Simulated student')}
          posture={posture}
          build={build}
          view={guide.camera}
          svgRef={svg}
          props={test.drawn.props}
        />
      </Box>
    </>
  );
}
