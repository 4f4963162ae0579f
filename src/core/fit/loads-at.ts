import { type Build, type Side } from '@/core/body';
import type { AskedAction } from '@/core/statics/intents';
import type { StaticsOptions } from '@/core/statics/balance';
import type { Loads } from '@/core/statics/loads';
import { Statics } from '@/core/statics/statics';
import { contactsFor, postureAt, reachFor, realName, type Intent, type Rung } from '@/core/poses';
import { rungIn, type PosedRung } from './posed-rung';

/** One set of statics a build: the muscle model of a body is made once. */
const bodies = new WeakMap<Build, Statics>();
const staticsOf = (build: Build): Statics => {
  let own = bodies.get(build);
  if (!own) bodies.set(build, (own = new Statics(build)));
  return own;
};
/** Prices of the last solution of each rung and side: the next student's, or the next depth's, lie near. */
const prices = new WeakMap<Rung, Partial<Record<Side, Float64Array>>>();

/** A cue's action by real names. */
export function askedOf(intents: readonly Intent[], worked: Side): AskedAction[] {
  const sides = (name: 'worked' | 'other' | 'both'): Side[] =>
    name === 'both' ? ['left', 'right'] : [name === 'worked' ? worked : worked === 'left' ? 'right' : 'left'];
  return intents.flatMap((i): AskedAction[] => [
    ...(i.structure
      ? sides(i.structure.side).map((side) => ({
          structure: { id: i.structure?.id ?? '', side, least: i.structure?.least ?? 0 },
        }))
      : []),
    ...(i.at
      ? (i.at.point.endsWith('_both') ? ['left', 'right'] : [null]).map((s) => {
          const point = s ? (i.at?.point ?? '').replace('_both', `_${s}`) : realName(i.at?.point ?? '', worked);
          const [x, y, z] = i.at?.force ?? [0, 0, 0];
          return { push: { point, force: [x, y, point.endsWith('_left') ? -z : z] as const } };
        })
      : []),
  ]);
}

/** A body whose muscles carry: the student's tolerances, SD, left then right, and her size. */
export interface LoadedBody {
  tolerances: ArrayLike<number>;
  build: Build;
}

export interface LoadOptions {
  /** With the cues' actions, or just held; without it as the rung is meant. */
  active?: boolean;
  /** Share of the usual force where it was measured. */
  capacity?: StaticsOptions['capacity'];
  /** Without the prices of the last solution, so that nothing asked before moves the last hundredths. */
  cold?: boolean;
}

/** Loads of a rung at a depth in a student's body. */
export function loadsAt(
  posed: PosedRung,
  depth: number,
  { tolerances, build }: LoadedBody,
  { active, capacity, cold = false }: LoadOptions = {},
): Loads {
  const { side } = posed;
  const rung = rungIn(posed);
  let own = prices.get(rung);
  if (!own) prices.set(rung, (own = {}));
  const loads = staticsOf(build).solve(
    { posture: postureAt(rung, side, depth), reach: reachFor(rung, side), contacts: contactsFor(rung, side), rung },
    {
      asked: (active ?? rung.kind === 'strength') ? askedOf(rung.intents, side) : [],
      tolerances,
      capacity,
      start: cold ? undefined : own[side],
    },
  );
  if (loads.converged) own[side] = loads.prices;
  return loads;
}
