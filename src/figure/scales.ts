/**
 * Sea-chart tints as CSS colours: depth of water says stretch, height of land says load; 0, ¼, ½, ¾, 1. The stops are
 * the theme's, so that the night version can turn their lightness round.
 */
const STOPS = 5;

/** Tint of what is stretched beyond the student's tolerance; drawn hatched as well. */
export const BEYOND = 'var(--sea-beyond)';

function between(scale: 'sea' | 'land', share: number): string {
  const s = Math.min(1, Math.max(0, share)) * (STOPS - 1);
  const i = Math.min(STOPS - 2, Math.floor(s));
  const upper = Math.round((s - i) * 100);
  return `color-mix(in srgb, var(--${scale}-${i}) ${100 - upper}%, var(--${scale}-${i + 1}))`;
}

/** Tint of a stretch, 0–1; deeper than the scale beyond 1. */
export const seaTint = (stretch: number): string => (stretch > 1 ? BEYOND : between('sea', stretch));
/** Tint of a load, 0–1. */
export const landTint = (load: number): string => between('land', load);
