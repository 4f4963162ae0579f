import { z } from 'zod';
import { coordinateIndex, DEG, SIDES } from '@/core/body';
import { postureAt, type Rung, type Shape } from './format';

/** Key under which a studio keeps it among its settings. */
export const SCHOOLS_SETTING = 'school/cues';

/**
 * A teacher's side where teachers differ about how a shape is taught. None is wrong; a default is only where to begin.
 */
export const schoolsSchema = z.object({
  /** Buttocks while the hip extends or the back bends. */
  buttocks: z.enum(['relax', 'light', 'firm']).default('light'),
  /** Pelvis in standing poses that face the side. */
  pelvis: z.enum(['square', 'free']).default('free'),
  /** Sinking into a hold or working in it. */
  hold: z.enum(['passive', 'active', 'mixed']).default('mixed'),
  /** Knees when kneeling on the heels. */
  kneelingKnees: z.enum(['together', 'hip-wide']).default('hip-wide'),
  /** Line of the feet in standing. */
  footLine: z.enum(['parallel', 'natural']).default('natural'),
  /** A straight knee that carries. */
  knee: z.enum(['soft', 'straight']).default('soft'),
});
export type Schools = z.infer<typeof schoolsSchema>;
export const SCHOOLS: Schools = schoolsSchema.parse({});

/** A cue that belongs to a side that teachers take. */
export interface SchoolCue {
  about: keyof Schools;
  words: string;
}

const WORDS: { readonly [K in Exclude<keyof Schools, 'hold'>]: Readonly<Record<Schools[K], string>> } = {
  buttocks: {
    relax: 'Leave the buttocks soft.',
    light: 'The lower buttocks work lightly, thighs parallel.',
    firm: 'The buttocks work firmly and push the hips forward.',
  },
  pelvis: { square: 'Both hip bones look to the side wall.', free: 'The back hip bone may turn with its thigh.' },
  kneelingKnees: { together: 'Knees together.', 'hip-wide': 'Knees a hip apart, shins in line with the feet.' },
  footLine: {
    parallel: 'Outer edges of the feet parallel.',
    natural: 'Feet turned out as far as the hips like to stand.',
  },
  knee: { soft: 'The standing knee a hair bent.', straight: 'The standing knee straight, the thigh drawn up.' },
};

const SIDE_FACING = /^(warrior-two|triangle|side-angle)/;

/** True where hips or low back bend back in this rung. */
function bendsBack(rung: Pick<Rung, 'path'>): boolean {
  const q = postureAt(rung, 'right', 1);
  const deg = (id: string) => q[coordinateIndex(id)] / DEG;
  return deg('lumbar_flexion') < -10 || SIDES.some((s) => deg(`hip_flexion_${s}`) < -10);
}

/** Bend of a knee up to which it counts as straight, degrees. */
const STRAIGHT = 8;

/** What a teacher of these sides adds to a rung's cues; only where it has to do with the shape. */
export function schoolCues(shape: Pick<Shape, 'id' | 'position'>, rung: Rung, schools: Schools = SCHOOLS): SchoolCue[] {
  const out: SchoolCue[] = [];
  const say = <K extends keyof typeof WORDS>(about: K) =>
    out.push({ about, words: (WORDS[about] as Readonly<Record<string, string>>)[schools[about]] });
  const q = postureAt(rung, 'right', 1);
  const deg = (id: string) => q[coordinateIndex(id)] / DEG;
  const stands = (s: string) => rung.contacts.some((c) => c.point === `heel_${s}` && c.on === 'floor');
  // Where working the buttocks is what the rung is for, nobody leaves them soft or says it twice.
  const asks = rung.kind === 'strength' && rung.intents.some((i) => i.structure?.id === 'gluteus-maximus');
  if (shape.position !== 'on the side' && bendsBack(rung) && !asks) say('buttocks');
  if (SIDE_FACING.test(shape.id)) say('pelvis');
  if (/^hero/.test(shape.id)) say('kneelingKnees');
  if (shape.position === 'standing' && stands('worked') && stands('other') && !SIDE_FACING.test(shape.id))
    say('footLine');
  if (
    shape.position === 'standing' &&
    ((stands('worked') && deg('knee_flexion_right') < STRAIGHT) ||
      (stands('other') && deg('knee_flexion_left') < STRAIGHT))
  )
    say('knee');
  return out;
}

/** Whether a rung's active cues are spoken: always in work, else as the teacher holds. */
export const speaksActive = (rung: Pick<Rung, 'kind'>, schools: Schools): boolean =>
  rung.kind === 'strength' || schools.hold !== 'passive';

export const SCHOOL_WORDS: {
  readonly [K in keyof Schools]: { question: string; sides: Readonly<Record<Schools[K], string>> };
} = {
  buttocks: {
    question: 'Buttocks in back-bends and hip openers',
    sides: { relax: 'soft', light: 'light', firm: 'firm' },
  },
  pelvis: {
    question: 'Pelvis in standing poses that face the side',
    sides: { square: 'squared', free: 'free to turn' },
  },
  hold: { question: 'In a hold', sides: { passive: 'sink', active: 'work', mixed: 'both' } },
  kneelingKnees: {
    question: 'Knees when sitting on the heels',
    sides: { together: 'together', 'hip-wide': 'a hip apart' },
  },
  footLine: { question: 'Feet in standing', sides: { parallel: 'parallel', natural: 'turned out as they like' } },
  knee: { question: 'A straight knee that carries', sides: { soft: 'a hair bent', straight: 'quite straight' } },
};
