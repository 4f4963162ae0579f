/** One sample of a push: newtons with its own time in milliseconds. */
export interface ForceSample {
  at: number;
  newtons: number;
}

/** What a curve of force says. Newtons. */
export interface ForceResult {
  /** Greatest value of the smoothed curve. */
  peak: number;
  /** Greatest mean over three seconds, or null where nothing was held that long. */
  held: number | null;
  /** Milliseconds from the first sample at which the held stretch begins. */
  heldFrom: number | null;
  /** True where the curve jumps above the held part by more than a third: a jerk, not a push. */
  jerked: boolean;
}

export const HELD_MS = 3000;
/** Milliseconds over which the peak is smoothed: a knock on the pad is not strength (our default). */
const SMOOTH_MS = 100;

/** Time-weighted mean between two moments of a curve, trapezoids between the samples. Newtons. */
function meanBetween(curve: readonly ForceSample[], from: number, to: number): number {
  let area = 0;
  for (let i = 1; i < curve.length; i++) {
    const a = curve[i - 1],
      b = curve[i];
    const left = Math.max(a.at, from),
      right = Math.min(b.at, to);
    if (right <= left) continue;
    const at = (t: number) => a.newtons + ((b.newtons - a.newtons) * (t - a.at)) / (b.at - a.at);
    area += ((at(left) + at(right)) / 2) * (right - left);
  }
  return area / (to - from);
}

/** Peak and best three seconds of a push. Samples in the order of time; null where there are fewer than three. */
export function forceOf(curve: readonly ForceSample[]): ForceResult | null {
  const clean = curve.filter((s, i) => Number.isFinite(s.newtons) && (i === 0 || s.at > curve[i - 1].at));
  if (clean.length < 3) return null;
  const start = clean[0].at,
    end = clean[clean.length - 1].at;
  let peak = 0,
    held: number | null = null,
    heldFrom: number | null = null;
  for (const { at } of clean) {
    const from = Math.max(start, at - SMOOTH_MS / 2),
      to = Math.min(end, at + SMOOTH_MS / 2);
    if (to > from) peak = Math.max(peak, meanBetween(clean, from, to));
    if (at + HELD_MS <= end + 1e-6) {
      const mean = meanBetween(clean, at, at + HELD_MS);
      if (held === null || mean > held) {
        held = mean;
        heldFrom = at - start;
      }
    }
  }
  return { peak, held, heldFrom, jerked: held !== null && peak > held * (4 / 3) };
}
