'use client';
import { useMemo } from 'react';
import {
  actionsAt,
  changesSide,
  crossedBy,
  curveOf,
  forceMean,
  SLACK,
  HALF_NAMES,
  halfOf,
  halfCoordinate,
  linesOfStructure,
  LINES,
  MuscleModel,
  newHalf,
  partnersAt,
  passiveShares,
  postureFrom,
  shareBelow,
  testsReaching,
  typicalEnd,
  type Action,
  type Curve,
  type Half,
  type Partner,
  type PassiveShare,
  type Posture,
  type Reached,
} from '@/core/body';
import type { AtlasState } from './atlas-state';

/** Everything that the atlas shows of a muscle at a posture; the posture is that of its own side. */
export interface Computed {
  posture: Posture;
  half: Half;
  /** Angles that the muscle, or the one beside it, crosses. */
  crossed: number[];
  actions: Action[];
  besideActions: Action[] | null;
  curve: Curve;
  besideCurve: Curve | null;
  helpers: Partner[];
  opposers: Partner[];
  passive: PassiveShare[];
  tests: Reached[];
  /** Share of typical people who would have stopped here by the line nearest to its end; null where no end is known. */
  stopped: number | null;
  /** True where it is too short to pull. */
  slack: boolean;
}

let model: MuscleModel | null = null;

/** Joint angles of the atlas as a whole body: standing, the chosen leg and the trunk as they are set. */
export function atlasPosture({ side, angles }: Pick<AtlasState, 'side' | 'angles'>): Posture {
  const named: Record<string, number> = {
    shoulder_adduction_left: -58,
    shoulder_adduction_right: -58,
    elbow_flexion_left: 20,
    elbow_flexion_right: 20,
  };
  HALF_NAMES.forEach((name, i) => {
    const value = angles[name];
    // Bending and turning are set for the side that is looked at.
    if (value !== undefined) named[halfCoordinate(i, side)] = side === 'left' && changesSide(i) ? -value : value;
  });
  return postureFrom(named);
}

export function useComputed(state: AtlasState): Computed {
  const { muscle, beside, over, side, angles } = state;
  const key = JSON.stringify(angles);
  return useMemo(() => {
    const body = (model ??= new MuscleModel());
    const posture = atlasPosture({ side, angles: JSON.parse(key) as AtlasState['angles'] });
    const half = halfOf(posture, side, newHalf());
    const stretched = body.elongations(half, new Float64Array(body.lineCount));
    const standing = linesOfStructure(muscle).flatMap((i) => {
      const typical = typicalEnd(LINES[i].line, 'pushed');
      return typical ? [(stretched[i] - typical.end) / typical.sd] : [];
    });
    const crossed = new Set([muscle, ...(beside ? [beside] : [])].flatMap((m) => crossedBy(body, m)));
    return {
      posture,
      half,
      crossed: [...crossed].sort((a, b) => a - b),
      actions: actionsAt(body, half, muscle),
      besideActions: beside ? actionsAt(body, half, beside) : null,
      curve: curveOf(body, half, muscle, over),
      besideCurve: beside ? curveOf(body, half, beside, over) : null,
      ...partnersAt(body, half, muscle),
      passive: passiveShares(body, half, muscle),
      tests: testsReaching(body, muscle),
      slack: forceMean(muscle, (i) => stretched[i]) < SLACK,
      stopped: standing.length > 0 ? shareBelow(Math.max(...standing)) : null,
    };
  }, [muscle, beside, over, side, key]);
}
