export interface ChartSeries {
  name: string;
  /** Pairs of x and y. */
  points: readonly (readonly [number, number])[];
  dashed?: boolean;
  /** Name of a CSS colour variable. */
  colour: string;
  /** Places to mark on the curve, with a word. */
  marks?: readonly { at: readonly [number, number]; word: string }[];
}

/** Least distance of two labels at the right edge, pixels. */
const APART = 14;

/** Round bounds of y and its step: about four steps that are 1, 2 or 5 times a power of ten. */
export function scaleOf(series: readonly ChartSeries[]): { min: number; max: number; step: number } {
  const all = series.flatMap((s) => s.points.map(([, v]) => v));
  const least = Math.min(0, ...all),
    most = Math.max(0, ...all);
  const rough = Math.max(1e-6, (most - least) / 4);
  const power = 10 ** Math.floor(Math.log10(rough));
  const step = ([1, 2, 5, 10].find((f) => f * power >= rough) ?? 10) * power;
  return { min: Math.floor(least / step) * step, max: Math.ceil(most / step) * step, step };
}

/** How far each end label moves down so that none lies on another, pixels. */
export function labelShifts(series: readonly ChartSeries[], perUnit: number): number[] {
  const order = series.map((s, i) => ({ i, at: -(s.points.at(-1)?.[1] ?? 0) * perUnit })).sort((a, b) => a.at - b.at);
  const shifts = new Array<number>(series.length).fill(0);
  let last = -Infinity;
  for (const { i: index, at } of order) {
    const placed = Math.max(at, last + APART);
    shifts[index] = placed - at;
    last = placed;
  }
  return shifts;
}

/** Angles at which the x axis is marked, degrees: every 30 on a long way, every 15 on a short one. */
export function ticksOf(min: number, max: number): number[] {
  const every = max - min > 100 ? 30 : 15;
  const ticks: number[] = [];
  for (let tick = Math.ceil(min / every) * every; tick <= max; tick += every) ticks.push(tick);
  return ticks;
}
