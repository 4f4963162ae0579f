import type { Half, Manner } from '@/core/body';
import type { Place, SexForNorms } from '@/core/people/student';

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
  | 'ankle-dorsiflexion-knee-bent';

export interface Norm {
  sex: 'female' | 'male' | 'all';
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

export interface Readout {
  id: string;
  name: string;
  unit: 'deg';
  zero: string;
  /** Values outside are refused: no joint gets there. */
  min: number;
  max: number;
  better: 'higher' | 'lower';
  movement: Movement;
  /** How the end is reached; decides which typical ends count. */
  manner: Manner;
  norms: readonly Norm[];
  /** True where a curling pelvis hides in the reading unless a second inclinometer tells it apart. */
  pelvisShares: boolean;
  /** Smallest change that is more than the error of measuring, degrees. */
  detectable: number;
  detectableSource: string;
  /** Writes the joint angles (radians) of one side at a reading of `value` degrees. */
  posture(value: number, context: Context, out: Half): void;
}

export interface Sensation {
  place: Place;
  action: 'note' | 'ease' | 'stop';
}

/** How the student lies, sits or stands for a test. */
export type Position = 'table edge' | 'on the back' | 'on the front' | 'on the side' | 'sitting' | 'standing';

export interface TestDefinition {
  id: string;
  name: string;
  position: Position;
  /** What to do, in the order of doing. */
  start: string;
  hold: string;
  move: string;
  end: string;
  spoils: readonly string[];
  readouts: readonly Readout[];
  sensations: readonly Sensation[];
  /** What the teacher asks herself before she begins. */
  care: string;
}

/** The norm a student is compared with: her sex's if told, else the mean of both. Degrees of the reading. */
export function normFor(readout: Readout, sex: SexForNorms): Norm {
  const primary = readout.norms.filter((n) => n.primary);
  const exact = primary.find((n) => n.sex === sex) ?? primary.find((n) => n.sex === 'all');
  if (exact) return exact;
  const mean = primary.reduce((s, n) => s + n.mean, 0) / primary.length;
  const variance = primary.reduce((s, n) => s + n.sd * n.sd + (n.mean - mean) ** 2, 0) / primary.length;
  return {
    sex: 'all',
    mean: Math.round(mean * 10) / 10,
    sd: Math.round(Math.sqrt(variance) * 10) / 10,
    group: 'women and men together',
    source: [...new Set(primary.map((n) => n.source))].join('; '),
    confidence: 'computed',
    primary: true,
  };
}

/** SDs better (+) or worse (−) than the norm. */
export const bandOf = (readout: Readout, value: number, norm: Norm): number =>
  ((value - norm.mean) / norm.sd) * (readout.better === 'higher' ? 1 : -1);
