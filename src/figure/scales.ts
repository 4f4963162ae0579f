/** Sea-chart tints: depth of water says stretch, height of land says load; 0, ¼, ½, ¾, 1. */
const SEA = ['#EAF4F3', '#BFE0DF', '#7DBFC4', '#34899B', '#0A4A66'];
const LAND = ['#FAF3DF', '#F0DDA6', '#DDB863', '#B98428', '#7A4E0C'];
const BEYOND = '#061F3A';

function between(scale: readonly string[], share: number): string {
  const s = Math.min(1, Math.max(0, share)) * (scale.length - 1);
  const i = Math.min(scale.length - 2, Math.floor(s));
  const mix = (k: number) => {
    const a = parseInt(scale[i].slice(1 + 2 * k, 3 + 2 * k), 16),
      b = parseInt(scale[i + 1].slice(1 + 2 * k, 3 + 2 * k), 16);
    return Math.round(a + (b - a) * (s - i));
  };
  return `rgb(${mix(0)},${mix(1)},${mix(2)})`;
}

/** Tint of a stretch, 0–1; darker than the scale beyond 1. */
export const seaTint = (stretch: number): string => (stretch > 1 ? BEYOND : between(SEA, stretch));
/** Tint of a load, 0–1. */
export const landTint = (load: number): string => between(LAND, load);
