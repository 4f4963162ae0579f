import type { Paint, Role } from './scene';

/** How a role is painted. Colours are names of the theme's variables without their dashes; widths in metres. */
export interface Look {
  fill?: string;
  stroke?: string;
  width?: number;
  /** Width on a screen, however small the picture is, pixels. */
  pixels?: number;
  opacity?: number;
  /** Lengths of dash and gap, metres. */
  dash?: readonly [number, number];
  /** Lines that meet at corners and ends. */
  round?: boolean;
}

export const LOOKS: Readonly<Record<Role, Look>> = {
  mat: { fill: 'mat', stroke: 'contour', width: 0.002 },
  shadow: { fill: 'shadow' },
  wall: { fill: 'prop', stroke: 'contour', width: 0.003, opacity: 0.35 },
  prop: { fill: 'prop' },
  'prop-side': { fill: 'prop-side' },
  'prop-edge': { stroke: 'ink-2', width: 0.0022 },
  'prop-outline': { stroke: 'ink-2', width: 0.0034 },
  strap: { fill: 'prop-side', stroke: 'ink-2', width: 0.0026 },
  flesh: { fill: 'flesh' },
  'flesh-far': { fill: 'flesh-far' },
  top: { fill: 'cloth-top' },
  shorts: { fill: 'cloth-shorts' },
  hair: { fill: 'hair' },
  bone: { fill: 'surface', stroke: 'contour', width: 0.0024, opacity: 0.92 },
  rib: { stroke: 'contour', width: 0.002, opacity: 0.75 },
  muscle: { stroke: 'ink', width: 0.0021, opacity: 0.96 },
  'muscle-far': { stroke: 'ink-2', width: 0.0019, opacity: 0.4, dash: [0.009, 0.007] },
  fibre: { stroke: 'ink', width: 0.0014, opacity: 0.38 },
  ink: { fill: 'ink' },
  'ink-far': { fill: 'ink-2' },
  'ink-thin': { fill: 'ink-2' },
  'ink-ghost': { fill: 'contour' },
  line: { stroke: 'ink', width: 0.0072, pixels: 1.5, round: true },
  'line-far': { stroke: 'ink-2', width: 0.0056, pixels: 1.1, round: true },
  'line-thin': { stroke: 'ink-2', width: 0.0044, pixels: 0.9, round: true },
};

/** A chosen muscle has a heavy outline, and shows through what lies before it. */
const CHOSEN: Partial<Look> = { width: 0.0054 };

/** How a path is painted: its role's look, and its own colour. */
export function lookOf({ role, chosen, width }: Paint): Look {
  const look = LOOKS[role];
  return {
    ...look,
    ...(chosen && CHOSEN),
    ...(chosen && role === 'muscle-far' && { opacity: 0.8 }),
    ...(width !== undefined && { width }),
  };
}
