import { GROUPS, groupOf, LINES, SIDES, type GroupId, type Side, type Vec3 } from '@/core/body';
import type { Balance } from './balance';
import type { Touch } from './contact-forces';
import { FREEDOMS, freedom, ROOT } from './degrees-of-freedom';
import type { NewtonSolution } from './dual-newton';
import { kneeMoments } from './knee-moments';

/**
 * Missing torque, N·m, beyond which a load is not told. At shoulder and elbow, whose strength is a round figure and no
 * muscle, more may be missing: an arm that shakes says nothing of the hips. Our defaults.
 */
export const BEYOND_NM = { leg: 6, arm: 25 } as const;
const beyondAt = (freedom: string): number => BEYOND_NM[/^(shoulder|elbow)/.test(freedom) ? 'arm' : 'leg'];
/** Imbalance, N or N·m, beyond which a shape cannot be held as it stands. Our default. */
const TIPS = 15;

export interface Loads {
  /** Activation of every line, left then right, 0–1. */
  activation: Float64Array;
  /** Share of capacity by structure and side, weighted by force, 0–1. */
  structures: { structure: string; side: Side; load: number }[];
  /** Greatest load of a group's muscles, by side. */
  groups: Record<Side, Partial<Record<GroupId, number>>>;
  /**
   * Torque that nothing can make here, N·m, where it matters most; above `BEYOND_NM` the shape is beyond this model.
   */
  missing_Nm: number;
  missingAt: string;
  /** True where the whole body would tip or slide. */
  tips: boolean;
  beyond: boolean;
  /** What each place bears, share of body weight: forward, up, right. */
  contacts: (Touch & { force: Vec3 })[];
  /** Torque that trunk muscles and ligaments hold at the lumbosacral joint, N·m; + where they keep it from folding. */
  lowBack_Nm: number;
  /** Force of the quadriceps, share of body weight, by side. */
  quadriceps: Record<Side, number>;
  /** What muscles, active and passive, hold at each joint, N·m; + where they pull the coordinate up. */
  torques_Nm: Readonly<Record<string, number>>;
  /** What the floor and the rest ask of the knee across its hinge, N·m: about the shin and sideways. */
  knee: Record<Side, { twist_Nm: number; sideways_Nm: number }>;
  /** Largest imbalance left, N or N·m. */
  residual: number;
  rounds: number;
  converged: boolean;
  prices: Float64Array;
}

const LUMBAR = freedom('lumbar_flexion');
/** Lines of each structure, and those that straighten the knee. */
const LINES_OF = [...new Set(LINES.map((l) => l.structure))].map((structure) => ({
  structure,
  group: groupOf(structure),
  lines: LINES.flatMap((l, i) => (l.structure === structure ? [i] : [])),
}));
const QUADRICEPS = LINES_OF.filter(({ structure: s }) => s === 'vasti' || s === 'rectus-femoris').flatMap(
  ({ lines }) => lines,
);

/** What the solution of a balance says of the body. */
export function readLoads(balance: Balance, solved: NewtonSolution): Loads {
  const { x } = solved;
  const { pushes, firstPush, able_N, weight } = balance;
  const activation = Float64Array.from(x.subarray(0, firstPush));
  const tips = tipsOver(balance, x);
  const missing = missingTorque(balance, x);
  const amounts = x.subarray(firstPush, firstPush + pushes.length);
  return {
    activation,
    ...summed(activation, able_N),
    ...missing,
    tips,
    beyond: tips || missing.missing_Nm > beyondAt(missing.missingAt),
    contacts: contactForces(balance, amounts),
    lowBack_Nm: heldAtLowBack(balance, x),
    torques_Nm: heldAtJoints(balance, x),
    knee: { left: kneeMoments(balance, amounts, 'left'), right: kneeMoments(balance, amounts, 'right') },
    residual: solved.residual,
    rounds: solved.rounds,
    converged: solved.converged,
    prices: solved.prices,
    quadriceps: {
      left: quadriceps(activation, able_N, 0) / weight,
      right: quadriceps(activation, able_N, LINES.length) / weight,
    },
  };
}

function tipsOver({ columns }: Balance, x: Float64Array): boolean {
  return columns.kinds.some(
    (kind, j) => kind === 'imbalance' && Math.abs(x[j] * columns.value[columns.from[j]]) > TIPS,
  );
}

function missingTorque({ columns }: Balance, x: Float64Array): { missing_Nm: number; missingAt: string } {
  let missing_Nm = 0,
    missingAt = '';
  columns.kinds.forEach((kind, j) => {
    if (kind !== 'missing') return;
    const entry = columns.from[j];
    const torque = Math.abs(x[j] * columns.value[entry]);
    const at = FREEDOMS[columns.row[entry]];
    if (torque / beyondAt(at) <= missing_Nm / beyondAt(missingAt)) return;
    missing_Nm = torque;
    missingAt = at;
  });
  return { missing_Nm, missingAt };
}

function contactForces({ touches, pushes }: Balance, amounts: Float64Array): Loads['contacts'] {
  const forces = touches.map((touch) => ({ ...touch, force: [0, 0, 0] as [number, number, number] }));
  pushes.forEach((push, k) => {
    const own = forces[push.contact].force;
    for (let i = 0; i < 3; i++) own[i] += amounts[k] * push.direction[i];
  });
  return forces;
}

/** What muscles that work, and bone at its end, hold at the lumbosacral joint, N·m. */
function heldAtLowBack({ columns }: Balance, x: Float64Array): number {
  let sum = 0;
  columns.kinds.forEach((kind, j) => {
    if (x[j] !== 0 && (kind === 'muscle' || kind === 'stop')) sum -= x[j] * columns.at(j, LUMBAR);
  });
  return sum;
}

function heldAtJoints({ columns }: Balance, x: Float64Array): Record<string, number> {
  const torque = new Float64Array(FREEDOMS.length);
  columns.kinds.forEach((kind, j) => {
    if (x[j] === 0 || (kind !== 'muscle' && kind !== 'passive')) return;
    for (let k = columns.from[j]; k < columns.from[j + 1]; k++) torque[columns.row[k]] += x[j] * columns.value[k];
  });
  return Object.fromEntries(FREEDOMS.slice(ROOT).map((name, i) => [name, torque[ROOT + i]]));
}

/** Force of the muscles before the thigh, N. @param from first line of the side */
function quadriceps(activation: Float64Array, able_N: Float64Array, from: number): number {
  return QUADRICEPS.reduce((sum, line) => sum + activation[from + line] * able_N[from + line], 0);
}

function summed(activation: Float64Array, able_N: Float64Array): Pick<Loads, 'structures' | 'groups'> {
  const structures: Loads['structures'] = [];
  const groups: Loads['groups'] = { left: {}, right: {} };
  SIDES.forEach((side, k) => {
    const from = k * LINES.length;
    for (const { structure, group, lines } of LINES_OF) {
      let used = 0,
        able = 0;
      for (const line of lines) {
        used += activation[from + line] * able_N[from + line];
        able += able_N[from + line];
      }
      const load = able > 0 ? used / able : 0;
      structures.push({ structure, side, load });
      if (group && GROUPS.includes(group)) groups[side][group] = Math.max(groups[side][group] ?? 0, load);
    }
  });
  return { structures, groups };
}
