import { z } from 'zod';
import { SIDES, type Side } from '@/core/body';
import type { Hint, StrengthFinding } from '@/core/inference';
import { COUNT as ELEMENT_COUNT } from '@/core/inference/prior';
import { readoutOf } from '@/core/assessment/battery';
import type { Screening } from '@/core/cautions/screen';
import type { Rung } from '@/core/poses';
import { FIRST_PULL, sdAt } from '@/core/body';

/**
 * How far a comfortable hold goes, as a share of the tolerance; the teacher's to set. All are our defaults, no study
 * gives them.
 */
export const comfortSchema = z.object({
  /** An ordinary hold. */
  usual: z.number().min(0.4).max(1).default(0.8),
  /** Holds of `longFrom` seconds and more. */
  long: z.number().min(0.4).max(1).default(0.7),
  longFrom: z.number().int().min(30).max(600).default(120),
  /** A student with a hint of a nerve-like pull. */
  nerve: z.number().min(0.3).max(1).default(0.6),
  /** A very mobile student: her end is not where she should rest. */
  mobile: z.number().min(0.3).max(1).default(0.65),
});
export type Comfort = z.infer<typeof comfortSchema>;
export const COMFORT: Comfort = comfortSchema.parse({});

/** The way a student's poses are fitted, beside tolerances and build. */
export interface FitWay {
  /** Share of the tolerance that an ordinary and a long hold use. */
  share: number;
  longShare: number;
  longFrom: number;
  /** Share that signs of a nerve or of great mobility leave her; kept clear of the end as a caution's share is. */
  eased?: number;
  /** Her cautions: nothing is fitted further than they let it. What they shut is told by the ranking. */
  under?: Screening;
  /** Share of the usual force, by structure and side, where it was measured. */
  capacity?: Readonly<Record<string, Readonly<Record<Side, number>>>>;
}
export const USUAL_WAY: FitWay = { share: COMFORT.usual, longShare: COMFORT.long, longFrom: COMFORT.longFrom };

/**
 * Share of the tolerance that a comfortable hold of a rung uses. A rung counts as long where it is not held for less.
 */
export const comfortOf = (rung: Pick<Rung, 'hold' | 'kind'>, way: FitWay): number =>
  rung.kind === 'rest' || rung.hold[0] >= way.longFrom ? Math.min(way.share, way.longShare) : way.share;

/**
 * SD from her end, 0 or −, at which each element (index within a side) has enough in a comfortable hold. A share that a
 * caution or a sign leaves her is kept on the long scale of the first pull too: a muscle that is taut soon must not
 * come the nearer to its end.
 * @param caution share that her cautions leave, or null
 */
export function enoughOf(rung: Pick<Rung, 'hold' | 'kind'>, way: FitWay, caution: number | null = null): Float64Array {
  const eased = Math.min(way.eased ?? 1, caution ?? 1);
  const share = Math.min(comfortOf(rung, way), eased);
  return Float64Array.from({ length: ELEMENT_COUNT }, (_, e) => Math.min(sdAt(e, share), FIRST_PULL * (eased - 1)));
}

/**
 * A measured push counts between these shares of the usual: beyond, the reading says more of the measuring than of the
 * muscle.
 */
const CAPACITY = [0.35, 1.7] as const;

/**
 * Strength that was measured in N·m/kg with a norm, as a share of the usual, for the chief muscles of each test;
 * several tests of a muscle are averaged, doubtful ones left out.
 */
export function capacityOf(strength: readonly StrengthFinding[]): FitWay['capacity'] {
  const shares = new Map<string, number[]>();
  for (const s of strength) {
    const unit = readoutOf(s.test, s.readout)?.unit;
    if (s.doubtful || !s.norm || s.norm.mean <= 0 || unit !== 'Nm_kg') continue;
    const share = Math.min(CAPACITY[1], Math.max(CAPACITY[0], s.value / s.norm.mean));
    for (const structure of s.muscles)
      for (const side of s.side === 'both' ? SIDES : [s.side]) {
        const key = `${structure}/${side}`;
        shares.set(key, [...(shares.get(key) ?? []), share]);
      }
  }
  if (shares.size === 0) return undefined;
  const out: Record<string, Record<Side, number>> = {};
  for (const [key, list] of shares) {
    const [structure, side] = key.split('/') as [string, Side];
    out[structure] ??= { left: 1, right: 1 };
    out[structure][side] = list.reduce((s, v) => s + v, 0) / list.length;
  }
  return out;
}

/**
 * How a student's poses are fitted: milder with a nerve-like pull or great mobility, and with her measured strength.
 */
export function wayFor(
  hints: readonly Pick<Hint, 'kind'>[],
  strength: readonly StrengthFinding[],
  comfort: Comfort = COMFORT,
): FitWay & { why: ('nerve' | 'mobile')[] } {
  const why = (['nerve', 'mobile'] as const).filter((kind) => hints.some((h) => h.kind === kind));
  const most = Math.min(1, ...why.map((kind) => comfort[kind]));
  return {
    share: Math.min(comfort.usual, most),
    longShare: Math.min(comfort.long, most),
    longFrom: comfort.longFrom,
    ...(why.length > 0 && { eased: most }),
    capacity: capacityOf(strength),
    why,
  };
}
