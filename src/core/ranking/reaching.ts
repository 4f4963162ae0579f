import { TYPICAL_BUILD, type Side } from '@/core/body';
import { fitRung, type FittedPose } from '@/core/fit/fit';
import { typicalStretchAt } from '@/core/fit/stretch';
import { TYPICAL } from '@/core/fit/typical';
import { allShapes, postureAt, rungOf, type Shape } from '@/core/poses';
import { worthOfLoad, worthOfStretch } from './rank';

/** A pose that lengthens or loads a muscle. */
export interface ReachingPose {
  pose: string;
  rung: number;
  depth: number;
  /** Side of the muscle when the right side is worked. */
  side: Side;
  /** Share of typical tolerance used, and share of capacity asked for. */
  stretch: number;
  load: number;
}

let known: { shapes: readonly Shape[]; fits: FittedPose[] } | null = null;

/** Every rung of the library in the typical body, right side worked; computed once. */
export function typicalFits(): FittedPose[] {
  const shapes = allShapes();
  if (known?.shapes === shapes) return known.fits;
  const fits = shapes.flatMap((shape) =>
    shape.rungs.map((_, i) =>
      fitRung({ shape, rung: i + 1, side: 'right' }, { posterior: TYPICAL, build: TYPICAL_BUILD }),
    ),
  );
  known = { shapes, fits };
  return fits;
}

/** Best first; one rung a shape; only what is worth something and what typical people can begin. */
export function reaching(structure: string): ReachingPose[] {
  const best = new Map<string, ReachingPose & { worth: number }>();
  for (const fit of typicalFits()) {
    const found = rungOf(fit.pose, fit.rung);
    if (!found || fit.beyondEntry || found.rung.kind === 'rest') continue;
    for (const { side, stretch } of typicalStretchAt(postureAt(found.rung, 'right', fit.depth)).filter(
      (s) => s.structure === structure,
    )) {
      const load = fit.work.find((w) => w.structure === structure && w.side === side)?.load ?? 0;
      const worth = Math.max(worthOfStretch(stretch), worthOfLoad(load));
      if (worth < 0.25) continue;
      if (worth > (best.get(fit.pose)?.worth ?? 0))
        best.set(fit.pose, { pose: fit.pose, rung: fit.rung, depth: fit.depth, side, stretch, load, worth });
    }
  }
  return [...best.values()]
    .sort((a, b) => b.worth - a.worth || (a.pose < b.pose ? -1 : 1))
    .map(({ pose, rung, depth, side, stretch, load }) => ({ pose, rung, depth, side, stretch, load }));
}
