/** How long the way from one item to the next takes. */

export const PACES = ['brisk', 'usual', 'slow'] as const;
export type Pace = (typeof PACES)[number];

/**
 * Seconds to get into a new shape, only to change the side, or to rest between two sets of the same work. Our defaults.
 */
export const TRANSITIONS: Readonly<Record<Pace, { shape: number; side: number; set: number }>> = {
  brisk: { shape: 10, side: 4, set: 20 },
  usual: { shape: 15, side: 6, set: 30 },
  slow: { shape: 25, side: 10, set: 45 },
};
