import {
  activeShare,
  changesSide,
  DEG,
  ELEMENTS,
  halfOf,
  HALF_COUNT,
  HALF_NAMES,
  LINES,
  MuscleModel,
  newHalf,
  passiveAt,
  segmentMasses,
  SIDES,
  skeletonOf,
  TRUNK_COUNT,
  typicalEnd,
  UNKNOWN_END,
  type Build,
  type Posture,
  type Reach,
  type Side,
  type Vec3,
} from '@/core/body';
import type { Contact, Rung } from '@/core/poses';
import { at } from './axes';
import { BalanceColumns } from './columns';
import { pushesOf, type Touch } from './contact-forces';
import { FREEDOMS, freedom, Freedoms, ROOT } from './degrees-of-freedom';
import { EndTorque } from './end-feel';
import { askedPushes, type AskedAction, type AskedPushes } from './intents';
import { jointStopsAt, straightArms } from './joint-stops';
import type { Held } from './held';
import { addGravity } from './masses';
import { BEARS, CAPSULE, MISSING, PASSIVE, pricesOf, SHORTFALL, STOP, TIPPING } from './prices';
import { touching } from './touching';
import { trunkShare } from './trunk-share';

const GRAVITY = 9.81;
/**
 * Joints without muscles in the model, and the upper back, which has too few: greatest torque of the average adult, N·m
 * (our defaults).
 */
const TORQUE: Readonly<Record<string, number>> = {
  thorax_flexion: 120,
  thorax_bend: 90,
  thorax_rotation: 60,
  neck_flexion: 25,
  neck_bend: 25,
  neck_rotation: 15,
  knee_rotation: 15,
  ankle_inversion: 30,
  shoulder_x: 60,
  shoulder_y: 45,
  shoulder_z: 60,
  elbow: 50,
};
/** Stretch beyond which nobody goes on: passive force stays there. */
const MOST_STRETCH = 1.05;
/** Ligaments before the hip that resist its turning once it is straight: all of it from this extension on (ours). */
const CAPSULE_NM = 12;
const CAPSULE_FROM_DEG = 10;
/** Units in which a push that is asked for is balanced, so that it weighs like a torque. */
const ROW_SCALE = 100;
/** Units of what is missing or left over, N or N·m. */
const LEFT_OVER = 10;
/** A push that has no bound of its own: this many body weights. */
const MOST_PUSH = 20;

export interface Posed {
  posture: Posture;
  reach: Partial<Record<Side, Reach>>;
  contacts: readonly Contact[];
  rung: Pick<Rung, 'wall' | 'props' | 'kind'>;
}

export interface StaticsOptions {
  asked?: readonly AskedAction[];
  /** Share of the usual force by structure and side; 1 where not told. */
  capacity?: Readonly<Record<string, Record<Side, number>>>;
  /** The student's tolerances, SD, left then right: her muscles resist where hers end. */
  tolerances?: ArrayLike<number>;
  /** Prices of a similar posture, for speed. */
  start?: Float64Array;
}

/** The equations of one posture: every freedom's, then one for each push that is asked for. */
export interface Balance extends Held {
  columns: BalanceColumns;
  b: Float64Array;
  touches: readonly Touch[];
  /** BalanceColumns before this one are the muscles, left then right; the pushes begin here. */
  firstPush: number;
  /** Greatest force of every line as long as it is now, N, left then right. */
  able_N: Float64Array;
}

/** Element behind each line, −1 where the inference has none. */
const ELEMENT_OF_LINE = LINES.map((l) => ELEMENTS.findIndex((e) => e.strands.includes(l.line)));
const TYPICAL = LINES.map((l) => typicalEnd(l.line, 'pushed'));
/** Share of each line's arm that its muscle has, line after line. */
const SHARE = Float64Array.from(LINES.flatMap((l) => HALF_NAMES.map((name) => trunkShare(l.structure, name))));
/**
 * Freedom of each coordinate of a half body, −1 where the statics hold it stiff; and whether the mirror turns its sign.
 */
const HALF_FREEDOM: Record<Side, number[]> = Object.fromEntries(
  SIDES.map((side) => [
    side,
    HALF_NAMES.map((name, i) => FREEDOMS.indexOf(i < TRUNK_COUNT ? name : `${name}_${side}`)),
  ]),
) as Record<Side, number[]>;
const JOINT_TORQUES = FREEDOMS.slice(ROOT).map((name, i) => ({
  freedom: ROOT + i,
  torque_Nm: TORQUE[name.replace(/_(left|right)$/, '')] ?? 0,
  arm: /^(shoulder|elbow)/.test(name),
}));

/** Lines of one side at a posture: arms about each coordinate, metres, and elongations, fibre lengths. */
interface HalfBody {
  arms: Float64Array;
  elongation: Float64Array;
}

/**
 * Writes the balance of a posture of one body. Keeps its muscle model and its room; what it gave last is overwritten by
 * the next.
 */
export class BalanceWriter {
  private readonly model: MuscleModel;
  private readonly half = newHalf();
  private readonly endFeel = new EndTorque();
  private readonly columns = new BalanceColumns();
  private readonly scratch = new Float64Array(FREEDOMS.length);
  private readonly sides: Readonly<Record<Side, HalfBody>>;

  constructor(private readonly build: Build) {
    this.model = new MuscleModel(build);
    const lines = this.model.lineCount;
    const half = (): HalfBody => ({ arms: new Float64Array(lines * HALF_COUNT), elongation: new Float64Array(lines) });
    this.sides = { left: half(), right: half() };
  }

  write(posed: Posed, options: StaticsOptions): Balance {
    const { build, columns } = this;
    const { posture, reach, contacts, rung } = posed;
    const skeleton = skeletonOf(posture, reach, build);
    const freedoms = new Freedoms(skeleton, posture);
    const masses = segmentMasses(skeleton);
    const weight = build.mass_kg * GRAVITY;
    const joints = new Float64Array(FREEDOMS.length);
    addGravity(masses, freedoms, weight, joints);
    for (let i = 0; i < joints.length; i++) joints[i] = -joints[i];
    const bearing = touching(contacts, skeleton, reach, rung.kind);
    const { pushes, touches } = pushesOf(skeleton, bearing, reach, rung);
    const held: Held = { skeleton, masses, pushes, weight };
    const asked = askedPushes(options.asked ?? [], held, touches, freedoms, joints);

    columns.clear();
    this.place(posture);
    const able_N = this.muscles(options);
    const firstPush = columns.count;
    this.pushes(held, freedoms, asked);
    this.joints(rung.kind);
    this.stretched(options.tolerances);
    this.ligaments(posture, rung.kind, options.tolerances);
    for (const { freedom: f, torque_Nm } of jointStopsAt(posture))
      this.single('stop', f, torque_Nm, { price: STOP, low: 0 });
    // The hinge of a straight arm has no sure direction: it is locked both ways.
    for (const { freedom: f, torque_Nm } of straightArms(skeleton, bearing))
      this.single('locked', f, torque_Nm, { price: STOP });
    const b = new Float64Array(joints.length + asked.rows.length);
    b.set(joints);
    asked.rows.forEach(({ least }, k) => {
      const equation = joints.length + k;
      b[equation] = ROW_SCALE * least;
      // What is above what was asked for costs nothing, what falls short of it is dear.
      this.single('beyond-asked', equation, -10, { price: BEARS, low: 0, high: 50 });
      this.single('short-of-asked', equation, 10, { price: SHORTFALL, low: 0, high: 50 });
    });
    return { ...held, columns, b, touches, firstPush, able_N };
  }

  /** A column that speaks in one equation. */
  private single(
    kind: BalanceColumns['kinds'][number],
    equation: number,
    value: number,
    { price, low = -1, high = 1 }: { price: number; low?: number; high?: number },
  ): void {
    this.columns.begin(kind, price, low, high);
    this.columns.put(equation, value);
  }

  private place(posture: Posture): void {
    for (const side of SIDES) {
      const { arms, elongation } = this.sides[side];
      halfOf(posture, side, this.half, this.build.version[side]);
      this.model.momentArms(this.half, arms);
      this.model.elongations(this.half, elongation);
    }
  }

  /** Every muscle by its activation. @returns the forces they are able to, N */
  private muscles({ asked = [], capacity }: StaticsOptions): Float64Array {
    const { model, columns } = this;
    const lines = model.lineCount;
    const able_N = new Float64Array(2 * lines);
    const wanted = asked.flatMap((a) => a.structure ?? []);
    SIDES.forEach((side, k) => {
      const { elongation } = this.sides[side];
      for (let line = 0; line < lines; line++) {
        const { structure } = LINES[line];
        const share = capacity?.[structure]?.[side] ?? 1;
        const force = model.maximumForce(line) * share * activeShare(line, elongation[line]);
        able_N[k * lines + line] = force;
        const least = wanted.find((a) => a.id === structure && a.side === side)?.least ?? 0;
        columns.begin('muscle', 1, Math.min(0.95, least), 1);
        this.pull(side, line, force);
      }
    });
    return able_N;
  }

  /**
   * What is stretched pulls as far as it is needed: where it helps it holds for nothing, and nobody has to fight it.
   */
  private stretched(tolerances: ArrayLike<number> | undefined): void {
    SIDES.forEach((side, k) => {
      const { elongation } = this.sides[side];
      for (let line = 0; line < elongation.length; line++) {
        const element = ELEMENT_OF_LINE[line];
        const x = tolerances && element >= 0 ? tolerances[k * ELEMENTS.length + element] : 0;
        const force = this.model.maximumForce(line) * passiveAt(stretchOf(line, elongation[line], x));
        if (force === 0) continue;
        this.columns.begin('passive', PASSIVE, 0, 1);
        this.pull(side, line, force);
      }
    });
  }

  /** What a line of this force gives to the joints that it crosses, into the column that was begun last. */
  private pull(side: Side, line: number, force: number): void {
    const { arms } = this.sides[side];
    for (let c = 0; c < HALF_COUNT; c++) {
      const f = HALF_FREEDOM[side][c];
      if (f < 0) continue;
      const arm = arms[line * HALF_COUNT + c] * SHARE[line * HALF_COUNT + c];
      this.columns.put(f, (side === 'left' && changesSide(c) ? -arm : arm) * force);
    }
  }

  private pushes({ pushes, weight }: Held, freedoms: Freedoms, { rows, replaced }: AskedPushes): void {
    const { columns, scratch } = this;
    pushes.forEach((push, j) => {
      const most = replaced.has(push.contact) ? 0 : Math.min(MOST_PUSH, push.most);
      const [x, y, z] = push.direction;
      const force: Vec3 = [x * weight, y * weight, z * weight];
      scratch.fill(0);
      freedoms.push(push.part, push.at, force, scratch);
      if (push.against) freedoms.push(push.against, push.at, force, scratch, -1);
      columns.begin('push', push.price, 0, most);
      columns.putAll(scratch);
      rows.forEach(({ along }, k) => columns.put(scratch.length + k, ROW_SCALE * along[j]));
    });
  }

  /** Joints without muscles here, what no muscle can make, and what is left over of the whole body's balance. */
  private joints(kind: Rung['kind']): void {
    for (let i = 0; i < ROOT; i++) this.single('imbalance', i, LEFT_OVER, { price: TIPPING, low: -500, high: 500 });
    const { arms } = pricesOf(kind);
    for (const { freedom: f, torque_Nm, arm } of JOINT_TORQUES) {
      if (torque_Nm > 0) this.single('joint', f, torque_Nm, { price: arm ? arms : 1 });
      this.single('missing', f, LEFT_OVER, { price: MISSING, low: -100, high: 100 });
    }
  }

  /** Ligaments before a straight hip; and in whoever is not there to work, what carries a limb that is let go. */
  private ligaments(posture: Posture, kind: Rung['kind'], tolerances: ArrayLike<number> | undefined): void {
    for (const side of SIDES) {
      const straight = Math.min(1, Math.max(0, -at(posture, `hip_flexion_${side}`) / DEG / CAPSULE_FROM_DEG));
      if (straight > 0)
        this.single('capsule', freedom(`hip_rotation_${side}`), straight * CAPSULE_NM, { price: CAPSULE });
    }
    if (kind === 'strength') return;
    SIDES.forEach((side, k) => {
      const half = halfOf(posture, side, this.half, this.build.version[side]);
      for (const column of this.endFeel.of(half, side, tolerances, k * ELEMENTS.length)) {
        this.columns.begin('end-feel', PASSIVE, 0, 1);
        this.columns.putAll(column);
      }
    });
  }
}

/** How far a line is stretched, share of the elongation at this student's own end. @param x her tolerance, SD */
function stretchOf(line: number, elongation: number, x: number): number {
  const typical = TYPICAL[line];
  const end = Math.max(0.05, typical ? typical.end + x * typical.sd : UNKNOWN_END);
  return Math.min(MOST_STRETCH, elongation / end);
}
