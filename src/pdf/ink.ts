import { draw, type Scene } from '@/figure/draw';
import { UNIT } from '@/figure/projection';

/** A figure as paths in ink for paper, where there is always day: what the screen's figure draws with the theme's colours. */

/** Colours of the day, as the theme has them. */
export const INK = {
  ink: '#14303b',
  ink2: '#3f5a64',
  line: '#c9d6d8',
  contour: '#8fa5aa',
  caution: '#a3126b',
  flesh: '#fdfbf4',
  prop: '#e4ece8',
  sea: '#bfe0df',
  land: '#f0dda6',
} as const;

export interface InkPath {
  d: string;
  fill: string;
  /** Width in paper units; nothing is stroked without it. */
  stroke?: { colour: string; width: number };
  opacity?: number;
}

export interface InkFigure {
  /** Left, top, width and height in paper units. */
  box: readonly [number, number, number, number];
  paths: InkPath[];
}

/** A scene without muscles in ink; outlines lie below the fills of their limb. */
export function inkOf(scene: Scene): InkFigure {
  const drawing = draw({ ...scene, tints: [], coarse: true });
  const paths: InkPath[] = [];
  const line = (d: string, colour: string, metres: number) =>
    paths.push({ d, fill: 'none', stroke: { colour, width: metres / UNIT } });
  for (const p of drawing.paints) {
    if (p.kind === 'floor') line(p.path, INK.contour, 0.006);
    else if (p.kind === 'shadow') paths.push({ d: p.path, fill: INK.contour, opacity: 0.35 });
    else if (p.kind === 'strap') line(p.path, INK.ink2, 0.012);
    else if (p.kind === 'limb') {
      line(p.path, INK.ink, 0.014);
      paths.push({ d: p.path, fill: INK.flesh });
    } else if (p.kind === 'flesh') paths.push({ d: p.path, fill: INK.flesh });
    else if (p.kind === 'prop')
      paths.push({ d: p.path, fill: INK.prop, stroke: { colour: INK.ink2, width: 0.007 / UNIT } });
  }
  const { x, y, width, height } = drawing.box;
  return { box: [x / UNIT, y / UNIT, width / UNIT, height / UNIT], paths };
}
