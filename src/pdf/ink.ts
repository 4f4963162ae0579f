import { draw, type Scene } from '@/figure/draw';
import { wordOf } from '@/figure/word';
import { DAY } from '@/figure/day';
import { lookOf } from '@/figure/palette';
import { UNIT } from '@/figure/projection';

/**
 * A figure as paths in ink for paper, where there is always day: what the screen's figure draws with the theme's
 * colours.
 */

/** Colours of the day that papers use by themselves. */
export const INK = {
  ink: DAY.ink,
  ink2: DAY['ink-2'],
  line: DAY.line,
  contour: DAY.contour,
  caution: DAY.caution,
  flesh: DAY.flesh,
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

/** Figures that were drawn: a page is laid out several times until it fits. */
const drawn = new Map<string, InkFigure>();
const KEPT = 200;

/** A scene without muscles in ink. */
export function inkOf(scene: Scene): InkFigure {
  const word = wordOf({ ...scene, tints: [] }, 'medium');
  const known = drawn.get(word);
  if (known) return known;
  if (drawn.size >= KEPT) drawn.clear();
  const figure = inked({ ...scene, tints: [] });
  drawn.set(word, figure);
  return figure;
}

function inked(scene: Scene): InkFigure {
  const drawing = draw(scene, 'medium');
  const paths = drawing.paints.map((p): InkPath => {
    const look = lookOf(p);
    return {
      d: p.path,
      fill: look.fill ? DAY[look.fill] : 'none',
      ...(look.stroke && look.width && { stroke: { colour: DAY[look.stroke], width: look.width / UNIT } }),
      ...(look.opacity !== undefined && { opacity: look.opacity }),
    };
  });
  const { x, y, width, height } = drawing.box;
  return { box: [x / UNIT, y / UNIT, width / UNIT, height / UNIT], paths };
}
