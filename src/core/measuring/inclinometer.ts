/** One sample of tilt: degrees against level, with its own time in milliseconds. */
export interface TiltSample {
  at: number;
  degrees: number;
}

/** What the stream says now. Angles in degrees from the zero that was set. */
export interface TiltState {
  /** Smoothed angle, or null before the first sample. */
  angle: number | null;
  /**
   * True when the limb has been still for the whole window, or was until a moment ago: the press itself moves the
   * device.
   */
  still: boolean;
  /** Spread of the samples in the window, degrees (standard deviation). */
  spread: number;
  /** Slope over the window, degrees a second. */
  drift: number;
  /** What a press takes now, or null while nothing is still enough. */
  held: Captured | null;
}

/** A value held and taken. */
export interface Captured {
  /** Mean of the window less the zero, degrees. */
  angle: number;
  /** Half the 95 % band: noise of the mean, drift across the window, and that of the zero, degrees. */
  likelyError: number;
  samples: number;
}

/** Milliseconds of stillness that make a reading, and what still means (our defaults). */
export const WINDOW_MS = 800;
const STILL_SPREAD = 0.8;
const STILL_DRIFT = 1.5;
/** Milliseconds for which a reading that was still may be taken after it moved: a hand needs that long to press. */
export const PRESS_MS = 600;
/** No pocket sensor is truer than this against level, degrees (half of a 95 % band; our default). */
const SENSOR = 0.5;

/** Shortest way between two angles, degrees in (−180, 180]. */
export const turnBetween = (from: number, to: number): number => {
  const d = (((to - from) % 360) + 360) % 360;
  return d > 180 ? d - 360 : d;
};

interface Window {
  mean: number;
  spread: number;
  drift: number;
  count: number;
  span: number;
}

/** Mean, spread about the trend line and slope of samples, angles unwrapped from the first on. */
function summarise(samples: readonly TiltSample[]): Window {
  const n = samples.length;
  const first = samples[0];
  const x = samples.map((s) => (s.at - first.at) / 1000);
  const y = samples.map((s) => turnBetween(first.degrees, s.degrees));
  const mx = x.reduce((s, v) => s + v, 0) / n,
    my = y.reduce((s, v) => s + v, 0) / n;
  let xx = 0,
    xy = 0;
  for (let i = 0; i < n; i++) {
    xx += (x[i] - mx) ** 2;
    xy += (x[i] - mx) * (y[i] - my);
  }
  const drift = xx > 0 ? xy / xx : 0;
  const rest = y.reduce((s, v, i) => s + (v - my - drift * (x[i] - mx)) ** 2, 0);
  return {
    mean: first.degrees + my,
    spread: n > 2 ? Math.sqrt(rest / (n - 2)) : Infinity,
    drift,
    count: n,
    span: x[n - 1] ?? 0,
  };
}

/**
 * An inclinometer over a stream of tilt samples: a zero can be set on a level line or on the pelvis, and a reading is
 * taken when the limb has been held still. Pure apart from its own memory of the last samples.
 */
export class Inclinometer {
  private samples: TiltSample[] = [];
  private zero = 0;
  private zeroError = 0;
  private sign: 1 | -1 = 1;
  /** The last window that was still, with the time of its last sample. */
  private quiet: { window: Window; at: number } | null = null;

  /** @param direction 1 where a greater tilt is a greater reading, −1 where it is less */
  constructor(direction: 1 | -1 = 1) {
    this.sign = direction;
  }

  /** Takes a sample; samples from before a gap of half a second are forgotten. */
  push(sample: TiltSample): void {
    if (!Number.isFinite(sample.degrees)) return;
    const last = this.samples.at(-1);
    if (last && sample.at <= last.at) return;
    if (last && sample.at - last.at > 500) this.samples = [];
    this.samples.push(sample);
    while (this.samples.length > 0 && sample.at - this.samples[0].at > WINDOW_MS) this.samples.shift();
  }

  state(): TiltState {
    const last = this.samples.at(-1);
    if (!last) return { angle: null, still: false, spread: Infinity, drift: 0, held: null };
    const now = summarise(this.samples);
    if (isStill(now)) this.quiet = { window: now, at: last.at };
    const quiet = this.quiet !== null && last.at - this.quiet.at <= PRESS_MS ? this.quiet.window : null;
    const told = quiet ?? now;
    return {
      angle: this.fromZero(told.mean),
      still: quiet !== null,
      spread: told.spread,
      drift: this.sign * told.drift,
      held: quiet && {
        angle: this.fromZero(quiet.mean),
        likelyError: Math.hypot(bandOf(quiet), this.zeroError, SENSOR),
        samples: quiet.count,
      },
    };
  }

  /** Makes the tilt of now the zero; null and no change while nothing is still enough. */
  setZero(): { likelyError: number } | null {
    if (!this.state().still || !this.quiet) return null;
    this.zero = this.quiet.window.mean;
    this.zeroError = bandOf(this.quiet.window);
    return { likelyError: this.zeroError };
  }

  /** Reads against level again. */
  clearZero(): void {
    this.zero = 0;
    this.zeroError = 0;
  }

  /** The reading, or null while the limb is not still. */
  capture(): Captured | null {
    return this.state().held;
  }

  private fromZero(degrees: number): number {
    return this.sign * turnBetween(this.zero, degrees);
  }
}

const isStill = (w: Window): boolean =>
  w.span >= 0.85 * (WINDOW_MS / 1000) && w.spread < STILL_SPREAD && Math.abs(w.drift) < STILL_DRIFT && w.count >= 5;

/**
 * Half the 95 % band of a window's mean: neighbours are alike, so a third of the samples count; plus half the drift.
 */
const bandOf = (w: Window): number =>
  Math.hypot((1.96 * w.spread) / Math.sqrt(Math.max(1, w.count / 3)), (Math.abs(w.drift) * w.span) / 2);

/**
 * Tilt of a device's long edge against level from its motion sensor, degrees: 0 lying flat or on its long side level,
 * 90 standing.
 * @param beta front-to-back tilt (−180…180) and gamma left-to-right tilt (−90…90) as browsers tell them
 */
export function edgeTilt(beta: number, gamma: number): number {
  const b = (beta * Math.PI) / 180,
    g = (gamma * Math.PI) / 180;
  // Gravity in the device's frame: x to its right, y along its long edge.
  const gy = Math.sin(b),
    gx = -Math.sin(g) * Math.cos(b),
    gz = Math.cos(b) * Math.cos(g);
  return (Math.atan2(gy, Math.hypot(gx, gz)) * 180) / Math.PI;
}
