import { lookOf } from './palette';
import { n, UNIT } from './projection';
import type { Drawing, Paint } from './scene';

/** Says a colour: a theme's variable by its name, or a muscle's own. */
export type Colours = (name: string) => string;

/** Attributes of a path in the drawing's own units. */
export function pathAttributes(p: Paint, colour: Colours, ink = 1): Record<string, string | number> {
  const look = lookOf(p);
  const fill = p.fill ?? (look.fill && colour(look.fill));
  return {
    d: p.path,
    fill: fill ?? 'none',
    ...(look.stroke && look.width && { stroke: colour(look.stroke), 'stroke-width': n(look.width * ink) }),
    ...(look.opacity !== undefined && { opacity: look.opacity }),
    ...(look.dash && { 'stroke-dasharray': `${n(look.dash[0])} ${n(look.dash[1])}` }),
    ...((look.round ?? look.width) && { 'stroke-linejoin': 'round' }),
    ...(look.round && { 'stroke-linecap': 'round' }),
  };
}

/** A drawing as the text of an SVG picture with its colours written out; it stands by itself. */
export function svgOf(drawing: Drawing, colour: Colours): string {
  const { x, y, width, height } = drawing.box;
  const box = [x, y, width, height].map((v) => v.toFixed(4)).join(' ');
  const paths = drawing.paints
    .map(
      (p) =>
        `<path ${Object.entries(pathAttributes(p, colour))
          .map(([k, v]) => `${k}="${v}"`)
          .join(' ')}/>`,
    )
    .join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}"><g transform="scale(${UNIT})">${paths}</g></svg>`;
}
