import { HALF, newHalf } from '@/core/body/half-body';
import { LINE_IDS } from '@/core/body/lines';
import { halfFromDegrees, type MuscleModel } from '@/core/body/muscle-model';
import type { GroupId } from '@/core/body/structures';
import { DEG } from '@/core/body/vec3';
import type { Place } from '@/core/students/student';

/** Joint angles of one leg, degrees. */
type Angles = Parameters<typeof halfFromDegrees>[0];
type Joint = keyof Angles;

/** Where one line of muscle ends in ordinary people of this world: a posture, and its spread along one joint. */
interface End {
  group: GroupId;
  /** Postures that a typical person gets to; the line is as long as the longest of them wants it. */
  at: readonly Angles[];
  /** The joint that brings it there, and the spread among people along it, degrees. */
  along: Joint;
  sd: number;
  /** Where it is felt, most often first. */
  felt: readonly Place[];
}

const end = (group: GroupId, felt: readonly Place[], along: Joint, sd: number, ...at: Angles[]): End => ({
  group,
  felt,
  along,
  sd,
  at,
});

const BACK: readonly Place[] = ['back-thigh', 'behind-knee', 'sit-bone'];
const INNER: readonly Place[] = ['inner-thigh-high', 'inner-thigh-long', 'groin-pinch'];
const SIDE: readonly Place[] = ['outer-hip', 'outer-thigh'];
const SEAT: readonly Place[] = ['whole-buttock', 'deep-buttock'];
const DEEP: readonly Place[] = ['deep-buttock', 'whole-buttock', 'outer-hip'];
const CREASE: readonly Place[] = ['front-hip-crease', 'front-thigh', 'groin-pinch'];
const FRONT: readonly Place[] = ['front-thigh', 'front-hip-crease', 'knee'];

const MAGNUS: readonly Place[] = ['back-thigh', 'inner-thigh-high'];
const LONG: readonly Place[] = ['inner-thigh-long', 'inner-thigh-high'];
const UPPER: readonly Place[] = ['calf-high', 'behind-knee', 'calf-low'];
const LOWER: readonly Place[] = ['calf-low', 'calf-high', 'ankle-front'];

/** As far as ordinary people get, where the muscle itself is what stops them. */
const EXTENDED: Angles = { hipFlexion: -14, kneeFlexion: 50 };
const FOLDED: Angles = { hipFlexion: 122, kneeFlexion: 120 };
const CROSSED: Angles = { hipFlexion: 95, hipAdduction: 22, kneeFlexion: 90 };
/** A little further, where something else does: ordinary people do not feel the muscle there. */
const PAST_EXTENDED: Angles = { hipFlexion: -21, kneeFlexion: 50 };
const PAST_FOLDED: Angles = { hipFlexion: 131, kneeFlexion: 120 };
const PAST_CROSSED: Angles = { hipFlexion: 95, hipAdduction: 29, kneeFlexion: 90 };
const PAST_OPENED: Angles = { hipAdduction: -51 };
const PAST_TURNED_OUT: Angles = { hipFlexion: 90, hipRotation: -54, kneeFlexion: 90 };
const PAST_FIGURE_FOUR: Angles = { hipFlexion: 90, hipAdduction: -39, hipRotation: -58, kneeFlexion: 120 };
/** Turned out with the hip bent: the deep buttock's own end. */
const TURNED_OUT: Angles = { hipFlexion: 90, hipRotation: -47, kneeFlexion: 90 };

/**
 * Made-up ends of this world, from how far an ordinary adult gets in the position that stretches each muscle most; not
 * those of the body model. Lines that no stretch of the leg brings to an end are not here.
 */
export const ENDS: Readonly<Record<string, End>> = {
  semimembranosus: end('hamstrings', BACK, 'hipFlexion', 9, { hipFlexion: 66 }),
  semitendinosus: end('hamstrings', BACK, 'hipFlexion', 9, { hipFlexion: 70 }),
  'biceps-femoris-long-head': end('hamstrings', BACK, 'hipFlexion', 9, { hipFlexion: 68 }),
  'adductor-longus': end('adductors', INNER, 'hipAdduction', 7, { hipAdduction: -41 }, PAST_EXTENDED),
  'adductor-brevis': end('adductors', INNER, 'hipAdduction', 7, { hipAdduction: -45 }, PAST_EXTENDED),
  pectineus: end('adductors', INNER, 'hipAdduction', 7, { hipAdduction: -43 }, PAST_EXTENDED),
  'adductor-magnus-upper': end(
    'adductors',
    INNER,
    'hipAdduction',
    8,
    { hipAdduction: -47, hipFlexion: 60 },
    PAST_FOLDED,
  ),
  'adductor-magnus-middle': end(
    'adductors',
    INNER,
    'hipAdduction',
    8,
    { hipAdduction: -45, hipFlexion: 80 },
    PAST_FOLDED,
  ),
  'adductor-magnus-lower': end(
    'adductors',
    MAGNUS,
    'hipFlexion',
    10,
    { hipFlexion: 108, hipAdduction: -28 },
    PAST_FOLDED,
  ),
  gracilis: end('adductors', LONG, 'hipAdduction', 7, { hipAdduction: -38 }),
  'tensor-fasciae-latae': end(
    'lateral-hip',
    SIDE,
    'hipAdduction',
    6,
    { hipAdduction: 15, hipFlexion: -6 },
    PAST_EXTENDED,
  ),
  'gluteus-medius-anterior': end(
    'lateral-hip',
    SIDE,
    'hipAdduction',
    6,
    { hipAdduction: 26 },
    { hipRotation: -52 },
    PAST_EXTENDED,
    PAST_FIGURE_FOUR,
    PAST_TURNED_OUT,
  ),
  'gluteus-minimus-anterior': end(
    'lateral-hip',
    SIDE,
    'hipAdduction',
    6,
    { hipAdduction: 27 },
    { hipRotation: -52 },
    PAST_EXTENDED,
    PAST_FIGURE_FOUR,
    PAST_TURNED_OUT,
  ),
  'gluteus-minimus-middle': end(
    'lateral-hip',
    SIDE,
    'hipAdduction',
    6,
    { hipAdduction: 28 },
    { hipRotation: -54 },
    PAST_EXTENDED,
    PAST_FIGURE_FOUR,
    PAST_TURNED_OUT,
  ),
  'gluteus-medius-middle': end(
    'deep-buttock',
    DEEP,
    'hipAdduction',
    6,
    { hipAdduction: 31 },
    PAST_EXTENDED,
    TURNED_OUT,
  ),
  'gluteus-medius-posterior': end('deep-buttock', DEEP, 'hipAdduction', 8, CROSSED, PAST_EXTENDED, TURNED_OUT, {
    hipAdduction: 31,
  }),
  piriformis: end('deep-buttock', DEEP, 'hipAdduction', 8, CROSSED, { hipRotation: 44 }, PAST_FOLDED, PAST_FIGURE_FOUR),
  'quadratus-femoris': end(
    'deep-buttock',
    DEEP,
    'hipRotation',
    9,
    { hipRotation: 42, hipFlexion: 80 },
    { hipRotation: 44 },
    PAST_FOLDED,
    PAST_OPENED,
  ),
  'obturator-internus-gemelli': end(
    'deep-buttock',
    DEEP,
    'hipRotation',
    9,
    { hipRotation: 43 },
    PAST_FOLDED,
    PAST_OPENED,
    PAST_CROSSED,
  ),
  'obturator-externus': end(
    'deep-buttock',
    DEEP,
    'hipRotation',
    9,
    { hipRotation: 42, hipFlexion: 85 },
    { hipRotation: 44 },
    PAST_FOLDED,
    PAST_OPENED,
  ),
  'gluteus-maximus-upper': end('gluteus-maximus', SEAT, 'hipFlexion', 9, FOLDED, PAST_CROSSED, PAST_FIGURE_FOUR),
  'gluteus-maximus-middle': end('gluteus-maximus', SEAT, 'hipFlexion', 9, FOLDED, PAST_CROSSED, PAST_FIGURE_FOUR),
  'gluteus-maximus-lower': end('gluteus-maximus', SEAT, 'hipFlexion', 9, FOLDED),
  iliacus: end('deep-hip-flexor', CREASE, 'hipFlexion', 7, EXTENDED),
  'psoas-lower': end('deep-hip-flexor', CREASE, 'hipFlexion', 7, EXTENDED),
  'psoas-upper': end('deep-hip-flexor', CREASE, 'hipFlexion', 7, EXTENDED),
  'rectus-femoris': end('rectus-femoris', FRONT, 'kneeFlexion', 11, { kneeFlexion: 122 }),
  vasti: end('vasti', FRONT, 'kneeFlexion', 8, { hipFlexion: 70, kneeFlexion: 150 }),
  'gastrocnemius-medial': end('calf', UPPER, 'ankleDorsiflexion', 6, { ankleDorsiflexion: 23 }),
  'gastrocnemius-lateral': end('calf', UPPER, 'ankleDorsiflexion', 6, { ankleDorsiflexion: 24 }),
  soleus: end('calf', LOWER, 'ankleDorsiflexion', 6, { ankleDorsiflexion: 34, kneeFlexion: 60 }),
};

/** A line of this world with its end in metres. */
export interface OwnLine {
  id: string;
  index: number;
  group: GroupId;
  felt: readonly Place[];
  /** Length at which typical people have no more, and its spread, metres. */
  end_m: number;
  sd_m: number;
}

const STEP_DEG = 2;

/** The lines with their ends as lengths. @param muscles lengths of lines by posture */
export function ownLines(muscles: MuscleModel): OwnLine[] {
  const half = newHalf(),
    lengths = new Float64Array(muscles.lineCount);
  return Object.entries(ENDS).map(([id, e]) => {
    const index = LINE_IDS.indexOf(id);
    const at = (angles: Angles, by: number): number => {
      half.fill(0);
      halfFromDegrees(angles, half);
      half[HALF[e.along]] += by * DEG;
      return muscles.lengths(half, lengths)[index];
    };
    const sd_m = (Math.abs(at(e.at[0], STEP_DEG) - at(e.at[0], -STEP_DEG)) / (2 * STEP_DEG)) * e.sd;
    const end_m = Math.max(...e.at.map((angles) => at(angles, 0)));
    return { id, index, group: e.group, felt: e.felt, end_m, sd_m };
  });
}
