import { DEMAND_IDS, mostOf, type AsksAlong } from '@/core/cautions/demands';
import type { Verdict } from '@/core/cautions/screen';

/** Numbers of a computation as a file tells them: three digits after the point. */
export const rounded = (n: number): number => Math.round(n * 1000) / 1000;
/** Most of each demand along a way. */
export const roundedAsks = (along: AsksAlong): Record<string, number> =>
  Object.fromEntries(
    DEMAND_IDS.flatMap((d) => {
      const most = mostOf(along, d);
      return along.some((asks) => d in asks) ? [[d, rounded(most)]] : [];
    }),
  );

/** A verdict as the command line tells it. */
export const toldVerdict = (v: Verdict) => ({
  state: v.state,
  because: v.because.map((b) => ({ ...b, asked: rounded(b.asked) })),
  ...(v.state === 'limited' && { depth: rounded(v.depth), hold_s: v.hold_s, share: v.share }),
});
