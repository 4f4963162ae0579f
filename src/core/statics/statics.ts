import {
  activeShare,
  DEG,
  ELEMENTS,
  GROUPS,
  groupOf,
  halfOf,
  HALF_COUNT,
  HALF_NAMES,
  LINES,
  MuscleModel,
  newHalf,
  passiveAt,
  SIDES,
  skeletonOf,
  TRUNK_COUNT,
  typicalEnd,
  UNKNOWN_END,
  changesSide,
  type Build,
  type GroupId,
  type Posture,
  type Reach,
  type Side,
  type Vec3,
} from '@/core/body';
import type { Contact, Rung } from '@/core/poses';
import { dualNewton, type BoxProgram } from './dual-newton';
import { at } from './axes';
import { FREEDOMS, freedom, Freedoms, ROOT } from './degrees-of-freedom';
import { pushesOf, type Touch } from './contact-forces';
import { askedPushes, type Asked, type AskedRow } from './intents';
import { kneeMoments } from './knee-moments';
import { addGravity } from './masses';
import { BEARS, CAPSULE, MISSING, PASSIVE, pricesOf, SHORTFALL, STOP, TIPPING } from './prices';
import { EndFeel } from './end-feel';
import { stopsAt, straightArms } from './joint-stops';
import { touching } from './touching';
import { trunkShare } from './trunk-share';

const GRAVITY = 9.81;
/** Joints without muscles in the model, and the upper back, which has too few: greatest torque of the average adult, N·m (our defaults). */
const TORQUE: Readonly<Record<string, number>> = {
  thorax_flexion: 120,
  thorax_bend: 90,
  thorax_rotation: 60,
  neck_flexion: 25,
  neck_bend: 25,
  neck_rotation: 15,
  knee_rotation: 40,
  ankle_inversion: 30,
  shoulder_x: 60,
  shoulder_y: 45,
  shoulder_z: 60,
  elbow: 50,
};
/** Missing torque, N·m, beyond which a load is not told. Our default. */
export const BEYOND_NM = 6;
/** Imbalance, N or N·m, beyond which a shape cannot be held as it stands. Our default. */
const TIPS = 15;
/** Stretch beyond which nobody goes on: passive force stays there. */
const MOST_STRETCH = 1.05;
/** Ligaments before the hip that resist its turning once it is straight: all of it from this extension on (ours). */
const CAPSULE_NM = 12;
const CAPSULE_FROM_DEG = 10;
/** Units in which a push that is asked for is balanced, so that it weighs like a torque. */
const ROW_SCALE = 100;
/** Weight of the equations; what is left of them is a millionth of their prices. */
const EXACT = 5e8;

export interface Posed {
  posture: Posture;
  reach: Partial<Record<Side, Reach>>;
  contacts: readonly Contact[];
  rung: Pick<Rung, 'wall' | 'props' | 'kind'>;
}

/** Element behind each line, −1 where the inference has none. */
const ELEMENT_OF_LINE = LINES.map((l) => ELEMENTS.findIndex((e) => e.strands.includes(l.line)));
const TYPICAL = LINES.map((l) => typicalEnd(l.line, 'pushed'));

export interface StaticsOptions {
  asked?: readonly Asked[];
  /** Share of the usual force by structure and side; 1 where not told. */
  capacity?: Readonly<Record<string, Record<Side, number>>>;
  /** The student's tolerances, SD, left then right: her muscles resist where hers end. */
  tolerances?: ArrayLike<number>;
  /** Prices of a similar posture, for speed. */
  start?: Float64Array;
}

export interface Loads {
  /** Activation of every line, left then right, 0–1. */
  activation: Float64Array;
  /** Share of capacity by structure and side, weighted by force, 0–1. */
  structures: { structure: string; side: Side; load: number }[];
  /** Greatest load of a group's muscles, by side. */
  groups: Record<Side, Partial<Record<GroupId, number>>>;
  /** Torque that no muscle can make here, N·m; above `BEYOND_NM` the shape is beyond this model. */
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

/** Static equilibrium of one student's body. Keeps the muscle model of the build; not to be shared by interleaving callers. */
export class Statics {
  private readonly model: MuscleModel;
  private readonly half = newHalf();
  private readonly endFeel = new EndFeel();

  constructor(readonly build: Build) {
    this.model = new MuscleModel(build);
  }

  /** Loads of a posture in this body. */
  solve(posed: Posed, options: StaticsOptions = {}): Loads {
    const asked = options.asked ?? [];
    const { build, model } = this;
    const m = FREEDOMS.length,
      lineCount = model.lineCount;
    const skeleton = skeletonOf(posed.posture, posed.reach, build);
    const freedoms = new Freedoms(skeleton, posed.posture);
    const weight = build.mass_kg * GRAVITY;

    const b = new Float64Array(m);
    addGravity(skeleton, freedoms, weight, b);
    for (let i = 0; i < m; i++) b[i] = -b[i];

    const { kind } = posed.rung;
    const bearing = touching(posed.contacts, skeleton, posed.reach, kind);
    const { pushes, touches } = pushesOf(skeleton, bearing, posed.reach, posed.rung);
    const { rows: askedRows, replaced } = askedPushes(asked, skeleton, freedoms, pushes, touches, weight, b);

    const columns: Column[] = [],
      passives: Column[] = [];
    const forces: Record<Side, Float64Array> = {
      left: new Float64Array(lineCount),
      right: new Float64Array(lineCount),
    };
    const trunkTorque = new Float64Array(2 * lineCount);
    const arms = new Float64Array(lineCount * HALF_COUNT),
      elongation = new Float64Array(lineCount),
      passive = new Float64Array(lineCount);
    SIDES.forEach((side, sideIndex) => {
      halfOf(posed.posture, side, this.half, build.version[side]);
      model.momentArms(this.half, arms);
      model.elongations(this.half, elongation);
      this.passive(elongation, sideIndex, options.tolerances, passive);
      for (let line = 0; line < lineCount; line++) {
        const column = new Float64Array(m),
          resists = new Float64Array(m);
        const structure = LINES[line].structure;
        const share = options.capacity?.[structure]?.[side] ?? 1;
        const force = model.maximumForce(line) * share * activeShare(line, elongation[line]);
        forces[side][line] = force;
        for (let c = 0; c < HALF_COUNT; c++) {
          const arm = arms[line * HALF_COUNT + c];
          if (arm === 0) continue;
          const f = HALF_FREEDOM[side][c];
          if (f < 0) continue;
          const signed = side === 'left' && changesSide(c) ? -arm : arm;
          column[f] += signed * force * trunkShare(structure, HALF_NAMES[c]);
          resists[f] += signed * passive[line] * trunkShare(structure, HALF_NAMES[c]);
        }
        trunkTorque[sideIndex * lineCount + line] = -column[LUMBAR];
        const least =
          asked.find((a) => a.structure?.id === structure && a.structure.side === side)?.structure?.least ?? 0;
        columns.push({ column, d: 1, low: Math.min(0.95, least), high: 1 });
        // What is stretched pulls as far as it is needed: where it helps it holds for nothing, and nobody has to fight it.
        passives.push({ column: resists, d: PASSIVE, low: 0, high: 1 });
      }
    });
    const muscles = columns.length;
    for (const push of pushes) {
      const column = new Float64Array(m);
      const force: Vec3 = [push.direction[0] * weight, push.direction[1] * weight, push.direction[2] * weight];
      freedoms.push(push.part, push.at, force, column);
      if (push.against) freedoms.push(push.against, push.at, force, column, -1);
      const most = replaced.has(push.contact) ? 0 : push.most;
      columns.push({ column, d: push.price, low: 0, high: most === Infinity ? 20 : most });
    }
    const firstOther = columns.length;
    for (let i = 0; i < ROOT; i++) columns.push({ column: one(m, i, 10), d: TIPPING, low: -500, high: 500 });
    for (const f of FREEDOMS.slice(ROOT)) {
      const bare = f.replace(/_(left|right)$/, '');
      const torque = TORQUE[bare];
      const price = /^(shoulder|elbow)/.test(bare) ? pricesOf(kind).arms : 1;
      if (torque) columns.push({ column: one(m, freedom(f), torque), d: price, low: -1, high: 1 });
      columns.push({ column: one(m, freedom(f), 10), d: MISSING, low: -100, high: 100 });
    }
    const firstPassive = columns.length;
    columns.push(...passives);
    for (const side of SIDES) {
      const straight = Math.min(1, Math.max(0, -at(posed.posture, `hip_flexion_${side}`) / DEG / CAPSULE_FROM_DEG));
      const most = straight * CAPSULE_NM;
      if (most > 0)
        columns.push({ column: one(m, freedom(`hip_rotation_${side}`), most), d: CAPSULE, low: -1, high: 1 });
    }
    // Who is not there to work lets go: the limb sinks until what is stretched carries it.
    if (kind !== 'strength')
      SIDES.forEach((side, k) => {
        const half = halfOf(posed.posture, side, this.half, build.version[side]);
        for (const column of this.endFeel.of(half, side, options.tolerances, k * ELEMENTS.length))
          columns.push({ column, d: PASSIVE, low: 0, high: 1 });
      });
    const stops = stopsAt(posed.posture).map(({ freedom: f, torque_Nm }) => {
      columns.push({ column: one(m, f, torque_Nm), d: STOP, low: 0, high: 1 });
      return columns.length - 1;
    });
    // The hinge of a straight arm has no sure direction: it is locked both ways.
    for (const { freedom: f, torque_Nm } of straightArms(skeleton, bearing))
      columns.push({ column: one(m, f, torque_Nm), d: STOP, low: -1, high: 1 });
    const program = programOf(m, b, columns, askedRows, muscles);
    // A start for other actions has other rows.
    const start = options.start?.length === program.rows ? options.start : undefined;
    let solved = dualNewton(program, start);
    // A start from too unlike a body can leave the method on a kink: then it begins from nothing.
    if (start && !solved.converged) solved = dualNewton(program);
    const { x } = solved;

    let tips = false;
    for (let i = 0; i < ROOT; i++) if (Math.abs(x[firstOther + i]) * 10 > TIPS) tips = true;
    let missing_Nm = 0,
      missingAt = '';
    for (let j = firstOther; j < columns.length; j++) {
      if (program.d[j] !== MISSING) continue;
      const torque = Math.abs(x[j]) * 10;
      if (torque > missing_Nm) {
        missing_Nm = torque;
        missingAt = FREEDOMS[columns[j].column.findIndex((v) => v !== 0)];
      }
    }
    const activation = Float64Array.from(x.subarray(0, muscles));
    const torques_Nm: Record<string, number> = {};
    for (let i = ROOT; i < m; i++) {
      let torque = 0;
      for (let j = 0; j < muscles; j++)
        torque += x[j] * columns[j].column[i] + x[firstPassive + j] * columns[firstPassive + j].column[i];
      torques_Nm[FREEDOMS[i]] = torque;
    }
    let lowBack_Nm = 0;
    for (let j = 0; j < muscles; j++) lowBack_Nm += x[j] * trunkTorque[j];
    for (const j of stops) lowBack_Nm -= x[j] * columns[j].column[LUMBAR];

    const touchForces = touches.map((touch) => ({ ...touch, force: [0, 0, 0] as [number, number, number] }));
    pushes.forEach((push, k) => {
      const v = x[muscles + k];
      const own = touchForces[push.contact].force;
      for (let i = 0; i < 3; i++) own[i] += v * push.direction[i];
    });
    return {
      activation,
      ...this.summed(activation, forces),
      missing_Nm,
      missingAt,
      tips,
      beyond: tips || missing_Nm > BEYOND_NM,
      contacts: touchForces,
      lowBack_Nm,
      torques_Nm,
      knee: {
        left: kneeMoments(skeleton, pushes, x.subarray(muscles), weight, 'left'),
        right: kneeMoments(skeleton, pushes, x.subarray(muscles), weight, 'right'),
      },
      residual: solved.residual,
      rounds: solved.rounds,
      converged: solved.converged,
      prices: solved.prices,
      quadriceps: {
        left: this.quadriceps(activation, forces, 'left') / weight,
        right: this.quadriceps(activation, forces, 'right') / weight,
      },
    };
  }

  /** Passive force of every line, N: nothing up to anatomical length, then rising to a fifth of the greatest at her own end. */
  private passive(
    elongation: Float64Array,
    side: number,
    tolerances: ArrayLike<number> | undefined,
    out: Float64Array,
  ): void {
    for (let i = 0; i < out.length; i++) {
      const typical = TYPICAL[i],
        element = ELEMENT_OF_LINE[i];
      const x = tolerances && element >= 0 ? tolerances[side * ELEMENTS.length + element] : 0;
      const end = Math.max(0.05, typical ? typical.end + x * typical.sd : UNKNOWN_END);
      const stretch = Math.min(MOST_STRETCH, elongation[i] / end);
      out[i] = this.model.maximumForce(i) * passiveAt(stretch);
    }
  }

  private quadriceps(activation: Float64Array, forces: Record<Side, Float64Array>, side: Side): number {
    const from = side === 'left' ? 0 : this.model.lineCount;
    return LINES.reduce(
      (s, l, i) =>
        l.structure === 'vasti' || l.structure === 'rectus-femoris' ? s + activation[from + i] * forces[side][i] : s,
      0,
    );
  }

  private summed(activation: Float64Array, forces: Record<Side, Float64Array>): Pick<Loads, 'structures' | 'groups'> {
    const structures: Loads['structures'] = [];
    const groups: Loads['groups'] = { left: {}, right: {} };
    SIDES.forEach((side, k) => {
      const sums = new Map<string, { used: number; able: number }>();
      LINES.forEach((line, i) => {
        const own = sums.get(line.structure) ?? { used: 0, able: 0 };
        own.used += activation[k * LINES.length + i] * forces[side][i];
        own.able += forces[side][i];
        sums.set(line.structure, own);
      });
      for (const [structure, { used, able }] of sums) {
        const load = able > 0 ? used / able : 0;
        structures.push({ structure, side, load });
        const group = groupOf(structure);
        if (group && GROUPS.includes(group)) groups[side][group] = Math.max(groups[side][group] ?? 0, load);
      }
    });
    return { structures, groups };
  }
}

const LUMBAR = freedom('lumbar_flexion');
/** One unknown of the balance: what a unit of it gives to each freedom, its price and its bounds. */
interface Column {
  column: Float64Array;
  d: number;
  low: number;
  high: number;
}

/**
 * The program of one posture: the freedoms' equations, and one more for each push that is asked for, with what is above it for
 * nothing and what falls short of it dear.
 */
function programOf(
  m: number,
  b: Float64Array,
  columns: readonly Column[],
  asked: readonly AskedRow[],
  firstPush: number,
): BoxProgram {
  const rows = m + asked.length;
  const extra = asked.flatMap((_, k): Column[] => [
    { column: one(rows, m + k, -10), d: BEARS, low: 0, high: 50 },
    { column: one(rows, m + k, 10), d: SHORTFALL, low: 0, high: 50 },
  ]);
  const all = [...columns, ...extra];
  const program: BoxProgram = {
    rows,
    a: new Float64Array(all.length * rows),
    b: new Float64Array(rows),
    d: Float64Array.from(all, (c) => c.d),
    low: Float64Array.from(all, (c) => c.low),
    high: Float64Array.from(all, (c) => c.high),
    w: EXACT,
  };
  program.b.set(b);
  all.forEach((c, j) => program.a.set(c.column, j * rows));
  asked.forEach(({ least, along }, k) => {
    program.b[m + k] = ROW_SCALE * least;
    along.forEach((v, j) => {
      program.a[(firstPush + j) * rows + m + k] = ROW_SCALE * v;
    });
  });
  return program;
}

const one = (m: number, i: number, v: number): Float64Array => {
  const out = new Float64Array(m);
  out[i] = v;
  return out;
};

/** Freedom of each coordinate of a half body, −1 where the statics hold it stiff. */
const HALF_FREEDOM: Record<Side, number[]> = Object.fromEntries(
  SIDES.map((side) => [
    side,
    HALF_NAMES.map((name, i) => FREEDOMS.indexOf(i < TRUNK_COUNT ? name : `${name}_${side}`)),
  ]),
) as Record<Side, number[]>;
