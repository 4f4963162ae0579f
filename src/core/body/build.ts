import type { Side } from './coordinates';
import { MODEL_HEIGHT } from './joints';
import { DEG, type Vec3 } from './vec3';

/** What a teacher can measure of a student's build. Only height and mass are asked for; the rest refines. */
export interface Measures {
  height_cm: number;
  mass_kg: number;
  /** Outer hip knob to the outer knee gap. */
  thigh_cm?: number;
  /** Outer knee gap to the outer ankle knob. */
  shank_cm?: number;
  /** Heel to tip of the longest toe. */
  foot_cm?: number;
  /** Outer hip knob to the tip of the shoulder. */
  trunk_cm?: number;
  /** Between the two front hip bones. */
  pelvisWidth_cm?: number;
  /** Twist of the thigh bone's neck, + forward; 12° is the usual of the model. */
  femoralVersion_deg?: Partial<Record<Side, number>>;
}

/** Sizes of the segments against the model's, by direction (forward, up, outwards), and what goes with them. */
export interface Build {
  pelvis: Vec3;
  spine: Vec3;
  thigh: Vec3;
  shank: Vec3;
  foot: Vec3;
  head: number;
  arm: number;
  /** Thickness of flesh against the model's. */
  girth: number;
  /** Greatest muscle force against the model's. */
  strength: number;
  mass_kg: number;
  /** Months of a pregnancy, for the figure alone: nothing is computed from it. */
  pregnant?: number;
  /** Femoral version beyond the usual, radians. */
  version: Readonly<Record<Side, number>>;
}

/** Usual femoral version of adults, degrees: middle of the 8–20° that teachers call usual. Our default. */
export const USUAL_VERSION_DEG = 12;
/** Mass of the model's person, kg: body-mass index of 22.9 at the model's height. Our default. */
export const MODEL_MASS = 70;

/** Share of body height that a landmark length has (Drillis & Contini 1966); front hip bones measured on the model. */
export const USUAL_SHARE = { thigh: 0.245, shank: 0.246, foot: 0.152, trunk: 0.288, pelvisWidth: 0.142 } as const;
type Length = keyof typeof USUAL_SHARE;
export const LENGTHS = Object.keys(USUAL_SHARE) as Length[];

interface Limit {
  min: number;
  max: number;
  word: string;
}
const LIMITS: Readonly<Record<string, Limit>> = {
  height_cm: { min: 90, max: 230, word: 'height' },
  mass_kg: { min: 20, max: 250, word: 'weight' },
  femoralVersion_deg: { min: -20, max: 50, word: 'twist of the thigh bone' },
};

/** Length in cm that a student of this height usually has. */
export const usualLength_cm = (length: Length, height_cm: number): number => USUAL_SHARE[length] * height_cm;

/**
 * What is wrong with measures, or null: the field and a plain sentence. Lengths may differ by a third from the usual.
 */
export function measuresProblem(m: Measures): { field: string; message: string } | null {
  const check = (field: string, value: number | undefined, { min, max, word }: Limit, unit: string) =>
    value !== undefined && !(value >= min && value <= max)
      ? { field, message: `The ${word} must lie between ${Math.round(min)} and ${Math.round(max)} ${unit}.` }
      : null;
  const own = (field: 'height_cm' | 'mass_kg', unit: string) => check(field, m[field], LIMITS[field], unit);
  const first = own('height_cm', 'cm') ?? own('mass_kg', 'kg');
  if (first) return first;
  for (const length of LENGTHS) {
    const usual = usualLength_cm(length, m.height_cm);
    const word = { thigh: 'thigh', shank: 'shin', foot: 'foot', trunk: 'trunk', pelvisWidth: 'pelvis' }[length];
    const limit = { min: usual * 0.67, max: usual * 1.33, word };
    const bad = check(`${length}_cm`, m[`${length}_cm`], limit, 'cm at this height');
    if (bad) return bad;
  }
  const { left, right } = m.femoralVersion_deg ?? {};
  const turned = (v: number | undefined) => check('femoralVersion_deg', v, LIMITS.femoralVersion_deg, 'degrees');
  return turned(left) ?? turned(right);
}

/**
 * Build of a student. A length that was measured sets its segment's size; the others follow height. Throws a RangeError
 * with the field's name where `measuresProblem` would object: callers at the edge ask that first.
 */
export function buildOf(m: Measures): Build {
  const problem = measuresProblem(m);
  if (problem) throw new RangeError(`${problem.field}: ${problem.message}`);
  const tall = m.height_cm / 100 / MODEL_HEIGHT;
  const size = (length: Length): number => (m[`${length}_cm`] ?? usualLength_cm(length, m.height_cm)) / 100;
  const ratio = (length: Length): number => size(length) / (USUAL_SHARE[length] * MODEL_HEIGHT);
  const version = (side: Side) => ((m.femoralVersion_deg?.[side] ?? USUAL_VERSION_DEG) - USUAL_VERSION_DEG) * DEG;
  return {
    pelvis: [tall, tall, ratio('pelvisWidth')],
    spine: [tall, ratio('trunk'), tall],
    thigh: [tall, ratio('thigh'), tall],
    shank: [tall, ratio('shank'), tall],
    foot: [ratio('foot'), tall, tall],
    head: tall,
    arm: tall,
    // Same density: thickness goes with the root of mass by height. Force goes with cross-section, mass to the ⅔.
    girth: tall * Math.min(1.4, Math.max(0.75, Math.sqrt(m.mass_kg / MODEL_MASS / tall ** 3))),
    strength: (m.mass_kg / MODEL_MASS) ** (2 / 3),
    mass_kg: m.mass_kg,
    version: { left: version('left'), right: version('right') },
  };
}

/** The person of the path data: 1.75 m, 70 kg, usual proportions. */
export const TYPICAL_BUILD: Build = buildOf({ height_cm: MODEL_HEIGHT * 100, mass_kg: MODEL_MASS });

/** A length or point of a segment at the student's size. */
export const sized = (v: Vec3, by: Vec3): Vec3 => [v[0] * by[0], v[1] * by[1], v[2] * by[2]];
