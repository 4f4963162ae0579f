import { decimals } from '@/core/languages/decimals';
import { say, spokenLanguage } from '@/core/languages/spoken';
import { z } from 'zod';
import { PAIN_KINDS } from '@/core/students/hurt';
import { momentSchema, placeSchema, sideSchema, whereSchema } from '@/core/students/student';
import { readoutOf } from './battery';
import { UNITS, type Readout } from './definition';

/** How a movement ended. */
export const STOP_REASONS = [
  'stretch-firm',
  'hard-block',
  'pinch',
  'pain',
  'nerve-like',
  'guarding',
  'compensation',
  'body-contact',
  'fear',
] as const;

/** What a value was taken with; it decides how large the hand's error is. */
export const INSTRUMENTS = [
  'inclinometer',
  'photo',
  'goniometer',
  'eye',
  'tape',
  'force-gauge',
  'stopwatch',
  'counter',
] as const;

/** How a push was measured: what the N·m/kg of a reading were worked out from. */
export const pushSchema = z.object({
  /** Newtons of each trial, in the order of the trials. */
  newtons: z.array(z.number().min(0).max(3000)).min(1).max(3),
  /** From the joint's centre to the middle of the pad, centimetres. */
  lever_cm: z.number().min(3).max(120),
  /** Torque of gravity on the limb that was added (+) or taken off (−), newton metres; 0 where it was left out. */
  gravity_Nm: z.number().min(-150).max(150),
  mass_kg: z.number().min(20).max(250),
  manner: z.enum(['make', 'break']),
});

/** What a reading was before it was put right. */
const formerSchema = z.object({
  trials: z.array(z.number()).min(1).max(3),
  placeFelt: placeSchema.optional(),
  endFeel: z.enum(STOP_REASONS).optional(),
  changedAt: momentSchema,
});

export const readingSchema = z.object({
  id: z.string().min(1).max(64),
  student: z.string().min(1).max(64),
  test: z.string().min(1).max(60),
  readout: z.string().min(1).max(60),
  /** `both` for tests that read both sides at once. */
  side: z.enum([...sideSchema.options, 'both']),
  trials: z.array(z.number()).min(1).max(3),
  unit: z.enum(UNITS),
  placeFelt: placeSchema.optional(),
  endFeel: z.enum(STOP_REASONS).optional(),
  pain: z.boolean().optional(),
  /** What a pain that ended it was like. */
  painKind: z.enum(PAIN_KINDS).optional(),
  /** Whether moving head or ankle at the end changed what is felt far away: a sign of the nerve. */
  distant: z.enum(['changes', 'same']).optional(),
  /** The value after five slow breaths or one gentle contract and release, in the unit of the reading. */
  afterBreath: z.number().optional(),
  /** True where the student moved alone; false where the teacher moved the limb. */
  active: z.boolean().optional(),
  /** True where the student held the rest of the body still alone, because nobody was to touch. */
  selfHeld: z.boolean().optional(),
  /** True where she measured it alone, at home: with a wider error, and never in place of what the teacher read. */
  atHome: z.boolean().optional(),
  /** What was seen that spoils the reading; it then counts less. */
  compensations: z.array(z.string().max(60)).max(10).optional(),
  pelvicTilt_deg: z.number().min(-40).max(60).optional(),
  /** The way it was done, where not the usual one. */
  variant: z.string().min(1).max(40).optional(),
  instrument: z.enum(INSTRUMENTS).optional(),
  /** True after practice or warming up: such readings are compared with each other only. */
  warm: z.boolean().optional(),
  push: pushSchema.optional(),
  /** Half the 95 % band that the instrument itself told, in the unit of the reading. */
  likelyError: z.number().min(0).max(60).optional(),
  /** Why a hold or a count ended. */
  failure: z.string().max(60).optional(),
  /** Earlier states, oldest first. */
  history: z.array(formerSchema).max(20).optional(),
  takenAt: momentSchema,
  ...whereSchema,
});
export type Reading = z.infer<typeof readingSchema>;
export type ReadingSide = Reading['side'];
/** Whether a reading speaks of a side; one of both sides at once speaks of each. */
export const ofSide = (r: Pick<Reading, 'side'>, side: 'left' | 'right'): boolean =>
  r.side === side || r.side === 'both';
export type EndFeel = NonNullable<Reading['endFeel']>;
export type Push = z.infer<typeof pushSchema>;

export const meanOf = (trials: readonly number[]): number => trials.reduce((s, v) => s + v, 0) / trials.length;
/** Largest minus smallest trial, in the unit of the reading. */
export const spreadOf = (trials: readonly number[]): number => Math.max(...trials) - Math.min(...trials);

/**
 * Spread of trials that is more than the hand's own error: 6° for angles (rule of thumb), else what a test can detect.
 */
export const wideSpread = (readout: Readout, value: number): number =>
  readout.unit === 'deg'
    ? Math.max(6, Math.min(readout.detectable, 8))
    : Math.max(readout.detectable, (readout.detectableShare ?? 0) * Math.abs(value));

const EXAMPLES: Readonly<Record<Readout['unit'], string>> = {
  deg: 'a number of degrees',
  cm: 'a number of centimetres',
  s: 'a number of seconds',
  reps: 'how many',
  grade: 'the grade',
  Nm_kg: 'the push',
};

/** What is wrong with a typed value, in the teacher's words, or null. Refuses what no joint, clock or muscle can do. */
export function valueProblem(test: string, readout: string, value: number): string | null {
  const r = readoutOf(test, readout);
  if (!r) return say('Kolpos does not know the test "{{test}}" with the reading "{{readout}}".', { test, readout });
  if (!Number.isFinite(value))
    return say('Type {{unit}}, for example {{count}}.', {
      unit: say(EXAMPLES[r.unit]),
      count: r.norms[0] ? Math.round(r.norms[0].mean) : Math.round((r.min + r.max) / 2),
    });
  if (value < r.min || value > r.max)
    return say('Only {{withUnit}} to {{withUnit2}} is possible here: check the number.', {
      withUnit: withUnit(r, r.min),
      withUnit2: withUnit(r, r.max),
    });
  if (r.unit === 'grade' && !Number.isInteger(value)) return say('A grade is a whole number.');
  return null;
}

/** What is written after a value; nothing after a grade. */
export const UNIT_SIGNS: Readonly<Record<Readout['unit'], string>> = {
  deg: '°',
  cm: ' cm',
  s: ' s',
  reps: '×',
  grade: '',
  Nm_kg: ' N·m/kg',
};
/** Decimals that a reading is shown with: what its instrument can tell. */
export const decimalsOf = (readout: Pick<Readout, 'unit'>): number =>
  readout.unit === 'Nm_kg' ? 2 : readout.unit === 'cm' ? 1 : 0;

/** A value with its unit as it is shown, such as `46°`, `9.5 cm` or `grade 2`. */
export function withUnit(readout: Pick<Readout, 'unit'>, value: number): string {
  const scale = 10 ** decimalsOf(readout);
  // A true minus: a hyphen is lost beside figures.
  const rounded = String(Math.round(value * scale) / scale + 0).replace('-', '−');
  return readout.unit === 'grade' ? say('grade {{rounded}}', { rounded }) : `${rounded}${UNIT_SIGNS[readout.unit]}`;
}

/** `9.5 cm` as the teacher reads it where it stands by itself, not in a sentence: with the decimals of her language. */
export const readWithUnit = (readout: Pick<Readout, 'unit'>, value: number): string =>
  decimals(withUnit(readout, value), spokenLanguage());

/**
 * Degrees of range that slow breathing or one contract and release wins, from which on it was held back, not short
 * (rule of thumb).
 */
export const EASED_DEG = 10;

/** What a reading won in range after breathing, in its unit (+ is more range); null where it was not tried. */
export function easedBy(reading: Pick<Reading, 'trials' | 'afterBreath'>, readout: Readout): number | null {
  if (reading.afterBreath === undefined) return null;
  return (reading.afterBreath - meanOf(reading.trials)) * (readout.better === 'lower' ? -1 : 1);
}

/**
 * True where it ended in a pinch, or was felt as one in the groin: bone or the joint's lip met, and no muscle is at its
 * end.
 */
export const pinches = (r: Pick<Reading, 'endFeel' | 'placeFelt'>): boolean =>
  r.endFeel === 'pinch' || r.placeFelt === 'groin-pinch';

/** One of a kind: what is compared with each other over time. */
export const kindOf = (r: Pick<Reading, 'test' | 'readout' | 'side' | 'variant' | 'active' | 'atHome'>): string =>
  `${byTeacher(r)}${r.atHome ? '/home' : ''}`;
/** The kind of what the teacher would read. */
const byTeacher = (r: Pick<Reading, 'test' | 'readout' | 'side' | 'variant' | 'active'>): string =>
  `${r.test}/${r.readout}/${r.side}${r.variant ? `/${r.variant}` : ''}${r.active ? '/alone' : ''}`;

/**
 * The newest reading of each test, read-out, side and way of doing it; older ones are history. What was read at home
 * counts only where the teacher has read nothing of the kind.
 */
export function latest(readings: readonly Reading[]): Reading[] {
  const newest = new Map<string, Reading>();
  for (const r of readings) {
    const key = kindOf(r);
    const old = newest.get(key);
    // Of two taken at the same moment the name decides, never the order they come in.
    if (!old || old.takenAt < r.takenAt || (old.takenAt === r.takenAt && old.id < r.id)) newest.set(key, r);
  }
  return [...newest.values()]
    .filter((r) => !r.atHome || !newest.has(byTeacher(r)))
    .sort((a, b) => (a.id < b.id ? -1 : 1));
}

/** A reading put right: the new values, and what it was before in its history. */
export function corrected(
  reading: Reading,
  change: Partial<Pick<Reading, 'trials' | 'placeFelt' | 'endFeel' | 'compensations'>>,
  changedAt: string,
): Reading {
  const { trials, placeFelt, endFeel } = reading;
  return {
    ...reading,
    ...change,
    history: [...(reading.history ?? []), { trials, placeFelt, endFeel, changedAt }].slice(-20),
  };
}
