import type { Vec3 } from '@/core/body';
import type { Ellipsoid } from './ellipsoid';
import { strung } from './ellipsoid';
import { FINGERS } from './sections';

/** Places a section of the hand: out of the palm, towards the wrist, towards the thumb, then half sizes; metres. */
export type HandSection = (place: Vec3, half: Vec3) => Ellipsoid;

/** Shares of a finger between its joints, from the knuckle. */
const JOINTS = [0, 0.42, 0.33, 0.25];

/** Palm, four fingers and thumb; one blunt shape where the cells are too wide to show fingers. */
export function handChains(at: HandSection, curl: number, grips: boolean, cell: number): Ellipsoid[][] {
  const palm = strung(
    [
      at([0, 0.004, 0], [0.0185, 0.018, 0.026]),
      at([0.001, -0.022, 0], [0.0165, 0.02, 0.03]),
      at([0.0, -0.055, -0.001], [0.0145, 0.02, 0.037]),
      at([-0.001, -0.088, -0.002], [0.012, 0.014, 0.0385]),
    ],
    cell,
  );
  if (cell > 0.0085)
    return [
      palm,
      strung(
        grips
          ? [at([0, -0.08, 0], [0.012, 0.014, 0.036]), at([0.02, -0.1, 0], [0.014, 0.014, 0.034])]
          : [
              at([0, -0.08, 0], [0.012, 0.014, 0.036]),
              at([0.004, -0.13, 0], [0.01, 0.012, 0.03]),
              at([0.01, -0.165, 0], [0.008, 0.01, 0.018]),
            ],
        cell,
      ),
    ];
  // Fingers of a flat hand fan out a little; closed ones lie side by side.
  const fan = curl > 0.4 ? 0.05 : 0.32;
  const fingers = FINGERS.map(([z, length, radius]) => {
    let x = -0.002,
      y = -0.092,
      angle = curl * 0.5;
    return strung(
      JOINTS.map((share, i) => {
        y -= Math.cos(angle) * share * length;
        x += Math.sin(angle) * share * length;
        if (i > 0) angle += curl * 0.75;
        const r = radius * (1 - i * 0.08);
        return at([x, y, z * (1 + (fan * i) / 3)], [r, r, r]);
      }),
      cell,
    );
  });
  const thumb = strung(
    grips
      ? [
          at([0.006, -0.018, 0.02], [0.014, 0.014, 0.014]),
          at([0.02, -0.042, 0.034], [0.0125, 0.0125, 0.0125]),
          at([0.038, -0.062, 0.034], [0.01, 0.01, 0.01]),
          at([0.052, -0.076, 0.026], [0.0085, 0.0085, 0.0085]),
        ]
      : [
          at([0.006, -0.018, 0.02], [0.014, 0.014, 0.014]),
          at([0.014, -0.045, 0.036], [0.0125, 0.014, 0.0125]),
          at([0.017, -0.072, 0.045], [0.0098, 0.012, 0.0098]),
          at([0.016, -0.092, 0.048], [0.008, 0.01, 0.008]),
        ],
    cell,
  );
  return [palm, ...fingers, thumb];
}
