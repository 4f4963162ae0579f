'use client';
import { say } from '@/core/languages/spoken';
import Button from '@mui/material/Button';
import type { RefObject } from 'react';
import { pngOf, svgText } from '@/figure/export';
import { saveFile } from '../shell/save-file';

/** Width of a picture that is kept, pixels. */
const WIDTH = 1200;

/** Buttons that keep the figure inside an element as a file of its own. */
export function KeepPicture({ frame, name }: { frame: RefObject<HTMLElement | null>; name: string }) {
  const file = name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-');
  const keep = (as: 'svg' | 'png') => {
    const svg = frame.current?.querySelector('svg');
    if (!svg) return;
    if (as === 'svg') saveFile(`${file}.svg`, svgText(svg, WIDTH), 'image/svg+xml');
    else void pngOf(svg, WIDTH).then((picture) => saveFile(`${file}.png`, picture));
  };
  return (
    <>
      <Button size="small" onClick={() => keep('svg')} aria-label={say('Keep {{name}} as SVG', { name })}>
        {say('Keep as SVG')}
      </Button>
      <Button size="small" onClick={() => keep('png')} aria-label={say('Keep {{name}} as PNG', { name })}>
        {say('PNG')}
      </Button>
    </>
  );
}
