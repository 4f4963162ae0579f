/** How long the way from one item to the next takes. */

export const PACES = ['brisk', 'usual', 'slow'] as const;
export type Pace = (typeof PACES)[number];

/** Seconds to get into a new shape, or only to change the side. Our defaults. */
export const TRANSITIONS: Readonly<Record<Pace, { shape: number; side: number }>> = {
  brisk: { shape: 10, side: 4 },
  usual: { shape: 15, side: 6 },
  slow: { shape: 25, side: 10 },
};
