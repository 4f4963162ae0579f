import { aimsFor } from '@/core/aims/for-student';
import { buildOf } from '@/core/body';
import { screen, verdictOf } from '@/core/cautions/screen';
import { infer } from '@/core/inference/infer';
import { Random } from '@/core/inference/random';
import type { CautionId } from '@/core/cautions/catalogue';
import { demandsOf, rungOf, type PropId } from '@/core/poses';
import { buildPractice } from '@/core/practice/build';
import { customsBroken, type Custom } from '@/core/practice/customs-kept';
import { missingSides } from '@/core/practice/edit';
import { totalSeconds, workSeconds } from '@/core/practice/practice';
import { AVOIDED, PRACTICE_PLACES, requestOf, type PracticeRequest } from '@/core/practice/request';
import { STYLE_IDS } from '@/core/practice/styles';
import { inTheWay } from '@/core/practice/units';
import { rankPoses, worthFor } from '@/core/ranking/rank';
import { readAll, simulateStudent } from './simulated-student';

/** Made-up students with made-up wishes, and what is true of the practices that are built for them. */

const GROUPS = ['hamstrings', 'deep-buttock', 'deep-hip-flexor', 'adductors', 'calf', 'rectus-femoris'] as const;
const CAUTIONS: readonly (CautionId | null)[] = [
  null,
  null,
  null,
  'low-back-ache',
  'knee-injury',
  'sciatic',
  'groin-pinch',
  'pregnancy-late',
] as const;
const PROPS: readonly PropId[] = ['blanket', 'block', 'strap', 'bolster', 'wall', 'chair'];
const MINUTES = [5, 8, 10, 12, 15, 20, 25, 30, 35, 45, 60, 75, 90] as const;

export const STUDENTS = 12;
export const WISHES = 25;

/**
 * One request and what came of it; everything is recomputed here from the items, nothing is taken over from the
 * builder.
 */
export interface TrialRow {
  student: number;
  /** Rungs that her cautions leave open or limited. */
  left: number;
  minutes: number;
  style: string;
  /** What was changed where nothing fitted; null where it fitted. */
  change: string | null;
  items: number;
  /** Total against the minutes, in hundredths. */
  off: number;
  forbidden: number;
  oneSided: number;
  /** Items that the wishes rule out. */
  against: number;
  /** Largest difference between a dose told and a dose counted, minutes. */
  doseError: number;
  gap: number;
  searched: number;
  of: number;
  orderExact: boolean;
  /** Customs of teachers that it does not keep. */
  broken: Custom[];
}

/** All rows as they are kept, with the fingerprint of the code and data they were made with. */
export interface PracticeTrial {
  comment: string;
  version: string;
  rows: TrialRow[];
}

const pick = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random.uniform() * list.length)];

function wish(random: Random): PracticeRequest {
  const some = random.uniform() < 0.4;
  return requestOf({
    minutes: pick(random, MINUTES),
    breathSeconds: pick(random, [4, 5, 6, 6, 8]),
    style: pick(random, STYLE_IDS),
    place: random.uniform() < 0.8 ? 'anywhere' : pick(random, PRACTICE_PLACES),
    props: some ? PROPS.filter(() => random.uniform() < 0.5) : null,
    avoid: AVOIDED.filter(() => random.uniform() < 0.12),
    first: pick(random, ['right', 'left', 'tighter', 'alternate'] as const),
    ratio: pick(random, [1, 1, 1.5, 2]),
    level: pick(random, [1, 2, 3, 3] as const),
  });
}

/** All requests of one student, by her number. */
export async function trialOf(student: number, wishes = WISHES): Promise<TrialRow[]> {
  const random = new Random(900 + student);
  const sex = student % 2 ? 'male' : 'female';
  const person = simulateStudent(
    `trial-${student}`,
    40 + student,
    [
      { group: pick(random, GROUPS), side: 'left', by: -1 - 1.5 * random.uniform() },
      { group: pick(random, GROUPS), side: 'right', by: -1 - 1.5 * random.uniform() },
    ],
    sex,
  );
  // Ids are counted on from what was read before; the inference draws from them, so they are made the same each time.
  const readings = readAll(person, { takenAt: '2026-01-01T00:00:00.000Z' }).map((r, i) => ({ ...r, id: `trial-${i}` }));
  const who = { id: person.id, sexForNorms: sex } as const;
  const { findings, posterior } = infer(who, readings, { next: false });
  const { work } = aimsFor({ ...who, birthYear: 1950 + 4 * student }, readings, findings, 2026);
  const caution = pick(random, CAUTIONS);
  const screening = screen(caution ? [{ caution }] : [], '2026-01-05');
  const build = buildOf({ height_cm: 152 + 3 * student, mass_kg: 50 + 3 * student });
  const ranked = rankPoses(posterior, build, work, screening);
  const left = new Set(ranked.filter((r) => r.cautions.length === 0).map((r) => `${r.pose}/${r.rung}`)).size;
  const rows: TrialRow[] = [];
  for (let k = 0; k < wishes; k++) {
    const request = wish(random);
    const built = await buildPractice(ranked, work, request);
    const { items } = built;
    const doseError = built.doses.map((d) => {
      const counted = items.reduce((s, i) => {
        const r = ranked.find((p) => p.pose === i.pose && p.rung === i.rung && p.side === i.side);
        return s + (r ? (worthFor(r, d.aim).worth * workSeconds(i)) / 60 : 0);
      }, 0);
      return Math.abs(d.minutes - counted);
    });
    const found = items.flatMap((i) => rungOf(i.pose, i.rung) ?? []);
    rows.push({
      student,
      left,
      minutes: request.minutes,
      style: request.style,
      change: built.change ? built.change.kind : null,
      items: items.length,
      off:
        items.length === 0
          ? 0
          : Math.round(10_000 * (totalSeconds(items, request.pace) / 60 / request.minutes - 1)) / 100,
      forbidden: found.filter((f) => verdictOf(screening, demandsOf(f.shape, f.rung)).state === 'closed').length,
      oneSided: missingSides(items).length,
      against: found.filter((f) => inTheWay(f.shape, f.rung, request) !== null).length,
      doseError: Math.round(1e6 * Math.max(0, ...doseError)) / 1e6,
      gap: Math.round(1e5 * built.gap) / 1e5,
      searched: built.searched,
      of: built.of,
      orderExact: built.orderExact,
      broken: items.length === 0 ? [] : customsBroken(items, ranked, work, request),
    });
  }
  return rows;
}
