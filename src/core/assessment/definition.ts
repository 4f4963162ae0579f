import type { FrameName, Half, Manner, Vec3 } from '@/core/body';
import type { Place, SexForNorms } from '@/core/students/student';
import type { PoseAngles } from '@/core/poses/format';

/** Movements whose limiter is asked for (architecture's ids). */
export type Movement =
  | 'hip-extension'
  | 'knee-flexion-hip-extended'
  | 'hip-flexion-knee-straight'
  | 'hip-adduction'
  | 'internal-rotation-extended'
  | 'external-rotation-extended'
  | 'hip-flexion-knee-bent'
  | 'hip-abduction'
  | 'internal-rotation-flexed'
  | 'external-rotation-flexed'
  | 'cross-body'
  | 'ankle-dorsiflexion-knee-straight'
  | 'ankle-dorsiflexion-knee-bent'
  | 'kneeling';

export interface Norm {
  sex: 'female' | 'male' | 'all';
  /** Whole years, both ends counted; absent where the norm holds for every adult age. */
  ageMin?: number;
  ageMax?: number;
  mean: number;
  sd: number;
  group: string;
  source: string;
  confidence: 'published' | 'computed' | 'teaching-default';
  /** The one that the model is set by; others are shown beside it. */
  primary?: boolean;
}

/** Values of the same test and side that fix the rest of the body, degrees; a typical value stands in. */
export type Context = Readonly<Record<string, number>>;

/**
 * Units that a reading can have: degrees, centimetres, seconds, repetitions, a grade, newton metres per kilogram of
 * body mass.
 */
export const UNITS = ['deg', 'cm', 's', 'reps', 'grade', 'Nm_kg'] as const;
export type Unit = (typeof UNITS)[number];

/** What a read-out can be taken with besides typing it. */
export type InstrumentId = 'inclinometer' | 'photo' | 'force-gauge' | 'stopwatch' | 'counter';

/** What a test can read: one word for the same thing in every test. */
export type ReadoutId =
  | 'hip-flexion'
  | 'hip-extension'
  | 'hip-abduction'
  | 'hip-adduction'
  | 'internal-rotation'
  | 'external-rotation'
  | 'knee-flexion'
  | 'missing-extension'
  | 'straight-knee'
  | 'bent-knee'
  | 'ankle-dorsiflexion'
  | 'shin-angle'
  | 'toe-distance'
  | 'knee-height'
  | 'heel-gap'
  | 'instep-gap'
  | 'angle-between-thighs'
  | 'trunk-lean'
  | 'loss-angle'
  | 'tilt'
  | 'version'
  | 'height'
  | 'reach'
  | 'gain'
  | 'grade'
  | 'points'
  | 'answer'
  | 'hold'
  | 'count'
  | 'torque'
  | 'internal-torque'
  | 'external-torque'
  | 'internal-grade'
  | 'external-grade';

interface ReadoutBase {
  id: ReadoutId;
  name: string;
  unit: Unit;
  zero: string;
  /** Values outside are refused: no joint, no clock and no muscle gets there. */
  min: number;
  max: number;
  norms: readonly Norm[];
  /** Smallest change that is more than the error of measuring, in the unit of the reading. */
  detectable: number;
  /** The same as a share of the value where the error grows with it, 0–1; the greater of both counts. */
  detectableShare?: number;
  detectableSource: string;
  /** Words for grades, worst first; the value is the first grade plus the place in the list. */
  grades?: readonly string[];
  /** What can stop this read-out, where the test's own list mixes several directions. */
  limiters?: readonly Weighted[];
  /** A read-out of the same thing: either of the two is enough. */
  insteadOf?: ReadoutId;
  /** Instruments that suit it; none means typing alone. */
  instruments?: readonly InstrumentId[];
}

/** A read-out that the body model moves along: it speaks about what stops a movement. */
export interface ModelledReadout extends ReadoutBase {
  better: 'higher' | 'lower';
  movement: Movement;
  /** How the end is reached; decides which typical ends count. */
  manner: Manner;
  /** True where a curling pelvis hides in the reading unless a second inclinometer tells it apart. */
  pelvisShares: boolean;
  /** Where the movement could end if floor or body were not in the way; `min` where absent. */
  modelMin?: number;
  /** Degrees of joint movement behind one unit of the reading; 1 where absent. */
  degreesPerUnit?: number;
  /** Writes the joint angles (radians) of one side at a reading of `value`. */
  posture(value: number, context: Context, out: Half): void;
  /** What pulls only as hard as the limb that hangs on it allows, once it was read how that limb hangs. */
  hangs?: Hanging;
}

/**
 * A muscle over two joints of which the outer one hangs freely: it pulls on the inner joint no harder than the weight
 * of the outer limb lets it, however short it is. What it is short of shows in how the outer limb hangs.
 */
export interface Hanging {
  /** Element of the inference. */
  element: string;
  /** Read-out of the same test that tells how the limb hangs; without it, nothing is known and nothing is bounded. */
  readBy: ReadoutId;
  /**
   * For a read-out along which nothing moves the limb: how it rests, from what else was read. A limb that lies
   * otherwise gives nothing more room there, and what hangs freely draws no harder.
   */
  resting?(context: Context): Context;
  /** How the limb usually hangs, in the unit of that read-out. */
  usual: number;
  /**
   * Pull of the hanging limb's weight against that of the usual one.
   * @param value of this read-out; `hanging` that of the other
   */
  weight(value: number, hanging: number): number;
}

/**
 * A read-out that is compared with norms, the other side and earlier days, but tells the model nothing about length.
 */
export interface PlainReadout extends ReadoutBase {
  better: 'higher' | 'lower' | 'mid';
  movement?: undefined;
  pelvisShares?: undefined;
}

export type Readout = ModelledReadout | PlainReadout;
export const isModelled = (readout: Readout): readout is ModelledReadout => readout.movement !== undefined;
/** Read-outs of a test that the inference can use. */
export const modelledReadouts = (test: TestDefinition): ModelledReadout[] => test.readouts.filter(isModelled);

export interface Sensation {
  place: Place;
  action: 'note' | 'ease' | 'stop';
}

/** How the student lies, sits or stands for a test. */
export type TestPosition =
  'table edge' | 'on the back' | 'on the front' | 'on the side' | 'sitting' | 'kneeling' | 'standing';

/** The same test done another way, as a reading of its own. */
export interface Variant {
  id: string;
  name: string;
  /** What changes in the doing. */
  how: string;
  /** Cautions under which this way stays open although the usual one is locked. */
  opens?: readonly string[];
  /** The only read-outs it is for; all where absent. */
  readouts?: readonly ReadoutId[];
  /** What it changes for the model, degrees, by the names of a context. */
  context?: Context;
  /** True where the reading says the same as the usual way, only less surely. */
  sameMeasure?: boolean;
}

/** How the body is drawn in a test: joint angles in degrees with `_worked` and `_other` for the sides. */
export interface DrawnTest {
  angles(value: number, at: { readout: Readout; context: Context }): PoseAngles;
  /** True where the leg that is read is drawn where the model has it, and its other read-outs where they were read. */
  byModel?: true;
  /**
   * Degrees about the vertical and above the floor, seen for the right side; where read-outs are seen from elsewhere,
   * for each.
   */
  view: DrawnView | ((readout: ReadoutId) => DrawnView);
  /** Angle that is marked for a read-out of degrees; `_worked` and `_other` in the names of points. */
  angle?(readout: ReadoutId): ToldAngle | null;
  props?: readonly { kind: 'block' | 'bolster' | 'table' | 'wall'; at: string }[];
}

/** From where a test is seen, degrees. */
export interface DrawnView {
  yaw: number;
  pitch: number;
}

/** An angle as a test tells it: of the worked leg, whichever side that is. */
export type ToldAngle = Omit<DrawnAngle, 'zero'> & { zero: Vec3 | { along: FrameName | 'thigh_worked' } };

/** The angle that a read-out is about, between named points of the body and a zero line. */
export interface DrawnAngle {
  vertex: string;
  toward: string;
  /** World direction of zero, or the segment whose own length continues straight on. */
  zero: Vec3 | { along: FrameName };
}

export interface TestDefinition<Id extends string = string> {
  id: Id;
  /** What is done, in plain words. */
  name: string;
  /** The name by which clinicians know it. */
  clinical: string;
  kind: 'length' | 'strength' | 'alignment' | 'function';
  /** What it is good for. */
  purpose: string;
  position: TestPosition;
  /** False where both sides are read at once. */
  sided: boolean;
  /** What to do, in the order of doing. */
  start: string;
  hold: string;
  move: string;
  end: string;
  spoils: readonly string[];
  readouts: readonly Readout[];
  sensations: readonly Sensation[];
  /** What can stop it or what it loads, from 3 (chiefly) to 1 (a little); before any reading (rule of thumb). */
  limiters: readonly Weighted[];
  /** What the teacher asks herself before she begins. */
  care: string;
  variants?: readonly Variant[];
  /** Strength: a short strong effort, or a hold that tires; tiring ones come last. */
  effort?: 'short' | 'tiring';
  /** How the body is drawn at a reading. */
  drawn: DrawnTest;
  /** What the student holds on to all the while, where the test has it so. */
  held?: 'wall';
}

/** A test as its file writes it; its id stays a type of its own, from which `TestId` follows. */
export const defineTest = <const Id extends string>(test: TestDefinition<Id>): TestDefinition<Id> => test;

/** A structure and how much it matters in a test. */
export interface Weighted {
  structure: string;
  weight: 1 | 2 | 3;
}

/** True where a norm is for this age; norms without ages are for everybody, and without an age every norm is. */
const ofAge = (n: Norm, age: number | undefined): boolean =>
  age === undefined || (age >= (n.ageMin ?? 0) && age <= (n.ageMax ?? 200));

/** The norm of everybody that a modelled read-out is set by. */
export function normFor(readout: ModelledReadout, sex: SexForNorms): Norm {
  const norm = normOf(readout, sex);
  if (!norm) throw new Error(`read-out "${readout.id}" has no norm to set the model by`);
  return norm;
}

/**
 * The norm a student is compared with: her sex's and age's if told, else the mean of what there is. Null where a
 * read-out has none: then only the other side and earlier days are something to compare with. In the unit of the
 * reading.
 */
export function normOf(readout: Readout, sex: SexForNorms, age?: number): Norm | null {
  const primary = readout.norms.filter((n) => n.primary && ofAge(n, age));
  if (primary.length === 0) return null;
  const own = primary.filter((n) => n.sex === sex);
  const fit = own.length > 0 ? own : primary.filter((n) => n.sex === 'all');
  if (fit.length === 1) return fit[0];
  const mixed = fit.length > 0 ? fit : primary;
  if (mixed.length === 1) return mixed[0];
  const mean = mixed.reduce((s, n) => s + n.mean, 0) / mixed.length;
  const variance = mixed.reduce((s, n) => s + n.sd * n.sd + (n.mean - mean) ** 2, 0) / mixed.length;
  return {
    sex: 'all',
    mean: Math.round(mean * 10) / 10,
    sd: Math.round(Math.sqrt(variance) * 10) / 10,
    group: 'several groups together',
    source: [...new Set(mixed.map((n) => n.source))].join('; '),
    confidence: 'computed',
    primary: true,
  };
}

/** SDs better (+) or worse (−) than the norm; where both ends matter, minus the distance from its middle. */
export function bandOf(readout: Readout, value: number, norm: Norm): number {
  const z = (value - norm.mean) / norm.sd;
  return readout.better === 'higher' ? z : readout.better === 'lower' ? -z : -Math.abs(z);
}

/** Smallest change at a value that is more than the error of measuring, in the unit of the reading. */
export const detectableAt = (readout: Readout, value: number): number =>
  Math.max(readout.detectable, (readout.detectableShare ?? 0) * Math.abs(value));
