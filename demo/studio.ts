import { copyOf } from '@/core/pose-editor/edit';
import type { CautionId } from '@/core/cautions/catalogue';
import { shapeById, type PoseId } from '@/core/poses';
import type { OwnShape } from '@/core/poses/schema';
import { infer } from '@/core/inference/infer';
import { aimsFor } from '@/core/aims/for-student';
import { QUESTIONS } from '@/core/cautions/red-flags';
import { screenOf, type Screening } from '@/core/cautions/screen';
import { QUICK_BATTERY } from '@/core/assessment/batteries';
import { testById, type TestId } from '@/core/assessment/battery';
import { verdictOfTest } from '@/core/assessment/locks';
import type { Reading } from '@/core/assessment/reading';
import { rankPoses } from '@/core/ranking/rank';
import { buildPractice } from '@/core/practice/build';
import { planOf, type Template } from '@/core/practice/plan';
import { choiceOf, type Practice } from '@/core/practice/practice';
import { requestOf } from '@/core/practice/request';
import { RECORD_VERSION, type KolposRecord } from '@/core/formats/record';
import { buildOfStudent, type Student } from '@/core/students/student';
import { readAll, simulateStudent, type Short } from './simulated-student';
import { FIRST_ROUND, firstRound, planOfMaren, taughtBefore, visitsOfDemo } from './story';

interface Person {
  student: Omit<Student, 'breathSeconds' | 'archived' | 'createdAt' | 'updatedAt'>;
  seed: number;
  short: Short[];
  measuredAt: string;
  /** Tests beyond the quick look. */
  more?: readonly TestId[];
}

const PEOPLE: readonly Person[] = [
  {
    student: {
      id: 'demo-maren',
      name: 'Maren Tideway',
      height_cm: 178,
      mass_kg: 70,
      birthYear: 1992,
      sexForNorms: 'female',
      dominantLeg: 'left',
      aim: 'Sit tall in the boat without the back thigh pulling.',
      aimKind: 'relief',
      complaints: [
        {
          place: 'back-thigh',
          side: 'left',
          times: ['sitting', 'bending'],
          quality: 'pull',
          strength: 4,
          since: 'the autumn head race',
          sounds: 'back-thigh',
        },
      ],
      daily: 'Sits at a drawing board in the boathouse office.',
      activity: 'Sculls four mornings a week.',
      practised: 'Two years, mostly flowing.',
      styles: ['flowing', 'few-words'],
      props: ['strap', 'block', 'wall'],
      consent: { on: '2026-11-16', touch: 'yes', by: 'student' },
      askedOn: '2026-11-16',
      cautions: [{ caution: 'low-back-ache' satisfies CautionId, since: 'March' }],
    },
    seed: 104,
    short: [
      { group: 'hamstrings', side: 'left', by: -2.2 },
      { group: 'hamstrings', side: 'right', by: -1.2 },
    ],
    measuredAt: '2026-11-16T09:10:00.000Z',
  },
  {
    student: {
      id: 'demo-osk',
      name: 'Osk Fennimore',
      height_cm: 186,
      mass_kg: 88,
      birthYear: 1979,
      sexForNorms: 'male',
      dominantLeg: 'right',
      aim: 'Walk the ferry stairs without the front of the hip feeling short.',
      aimKind: 'range',
      complaints: [
        {
          place: 'front-hip-crease',
          side: 'right',
          times: ['getting-up', 'stairs'],
          quality: 'stiff',
          strength: 3,
          since: 'last winter',
          sounds: 'front-after-sitting',
        },
      ],
      daily: 'Stands and climbs on the ferry, shifts of eight hours.',
      props: ['blanket', 'chair', 'wall'],
      consent: { on: '2026-11-18', touch: 'ask', by: 'student' },
      askedOn: '2026-11-18',
      cautions: [],
    },
    seed: 66,
    short: [
      { group: 'deep-hip-flexor', side: 'right', by: -2.2 },
      { group: 'rectus-femoris', side: 'right', by: -1.4 },
    ],
    measuredAt: '2026-11-18T17:30:00.000Z',
  },
  {
    student: {
      id: 'demo-ilka',
      name: 'Ilka Rushmere',
      height_cm: 166,
      mass_kg: 61,
      birthYear: 1986,
      sexForNorms: 'female',
      dominantLeg: 'right',
      aim: 'Sit at the wheel without a deep ache on one side.',
      aimKind: 'relief',
      complaints: [
        {
          place: 'deep-buttock',
          side: 'left',
          times: ['sitting', 'always'],
          quality: 'ache',
          strength: 5,
          since: 'spring',
          sounds: 'buttock-deep',
        },
      ],
      daily: 'Sits at the wheel, leaning to the left.',
      props: ['block', 'bolster'],
      consent: { on: '2026-11-20', touch: 'yes', by: 'student' },
      askedOn: '2026-11-20',
      cautions: [{ caution: 'knee-injury' satisfies CautionId, side: 'right', since: '2019' }],
    },
    seed: 63,
    short: [{ group: 'deep-buttock', side: 'left', by: -2.2 }],
    measuredAt: '2026-11-20T11:05:00.000Z',
  },
  {
    student: {
      id: 'demo-lowen',
      name: 'Lowen Quayle',
      height_cm: 171,
      mass_kg: 64,
      birthYear: 1968,
      sexForNorms: 'male',
      dominantLeg: 'right',
      aim: 'Hold the cello between the knees without the inner thighs gripping.',
      aimKind: 'range',
      complaints: [
        {
          place: 'inner-thigh-high',
          side: 'both',
          times: ['sitting'],
          quality: 'pull',
          strength: 3,
          since: 'last season',
          sounds: 'inner-thigh',
        },
      ],
      daily: 'Sits to play, knees apart, four hours a day.',
      props: ['block', 'blanket', 'chair'],
      consent: { on: '2026-11-19', touch: 'ask', by: 'student' },
      askedOn: '2026-11-19',
      cautions: [],
    },
    seed: 71,
    short: [
      { group: 'adductors', side: 'left', by: -2.1 },
      { group: 'adductors', side: 'right', by: -2.1 },
    ],
    measuredAt: '2026-11-19T15:00:00.000Z',
    more: ['supine-abduction', 'bent-knee-fall-out'],
  },
  {
    student: {
      id: 'demo-tamsin',
      name: 'Tamsin Oxbow',
      height_cm: 159,
      mass_kg: 66,
      birthYear: 1953,
      sexForNorms: 'female',
      dominantLeg: 'right',
      aim: 'Kneel in the beds and get up again without thinking about it.',
      aimKind: 'relief',
      complaints: [{ place: 'calf-high', side: 'both', times: ['getting-up'], quality: 'stiff', strength: 3 }],
      daily: 'Gardens most mornings, kneels and squats.',
      props: ['chair', 'blanket', 'wall'],
      consent: { on: '2026-11-17', touch: 'yes', by: 'student' },
      askedOn: '2026-11-17',
      cautions: [],
    },
    seed: 58,
    short: [
      { group: 'calf', side: 'left', by: -2 },
      { group: 'calf', side: 'right', by: -2 },
    ],
    measuredAt: '2026-11-17T10:20:00.000Z',
    more: ['knee-to-wall', 'straight-knee-lunge'],
  },
  {
    student: {
      id: 'demo-bram',
      name: 'Bram Kelder',
      height_cm: 181,
      mass_kg: 104,
      birthYear: 1982,
      sexForNorms: 'male',
      dominantLeg: 'left',
      aim: 'Squat down to the low courses without the heels leaving the ground.',
      aimKind: 'range',
      complaints: [{ place: 'outer-hip', side: 'right', times: ['getting-up'], quality: 'stiff', strength: 4 }],
      daily: 'Dresses and sets stone, lifts and squats.',
      props: ['block', 'chair', 'wall'],
      consent: { on: '2026-11-13', touch: 'yes', by: 'student' },
      askedOn: '2026-11-13',
      cautions: [],
    },
    seed: 90,
    short: [
      { group: 'lateral-hip', side: 'right', by: -2.4 },
      { group: 'vasti', side: 'right', by: -1.4 },
    ],
    measuredAt: '2026-11-13T18:10:00.000Z',
  },
  {
    student: {
      id: 'demo-nell',
      name: 'Nell Withy',
      height_cm: 168,
      mass_kg: 72,
      birthYear: 1993,
      sexForNorms: 'female',
      dominantLeg: 'right',
      aim: 'Keep moving well until the boats go out again.',
      complaints: [],
      daily: 'Coxes the quad from the bank, walks the tow path.',
      props: ['bolster', 'chair', 'block', 'wall'],
      consent: { on: '2026-11-12', touch: 'ask', by: 'student' },
      askedOn: '2026-11-12',
      cautions: [{ caution: 'pregnancy-middle' satisfies CautionId, since: 'August' }],
    },
    seed: 47,
    short: [{ group: 'rectus-femoris', side: 'left', by: -1.9 }],
    measuredAt: '2026-11-12T09:40:00.000Z',
  },
];

/** Who is behind an id of the demo: the seed and what is short; null for students that were added. */
export function behind(id: string): { seed: number; short: Short[] } | null {
  const person = PEOPLE.find((p) => p.student.id === id);
  return person ? { seed: person.seed, short: person.short } : null;
}

/**
 * The demo studio as a record: a sculler, a ferry pilot, a potter, a cellist, a gardener, a stonemason and a rower who
 * expects a child, different in age, build and trouble; all made up.
 */
export async function demoStudio(): Promise<KolposRecord> {
  const all = PEOPLE.map(measuredPerson);
  const students = all.map((p) => p.student);
  const maren = await ofMaren(all);
  const earlier = firstRound(all.flatMap((p) => p.readings).filter((r) => r.student === 'demo-maren'));
  return {
    format: 'kolpos/record',
    version: RECORD_VERSION,
    exportedAt: '2026-11-20T12:00:00.000Z',
    students,
    readings: [...earlier, ...all.flatMap((p) => p.readings)],
    practices: [maren.practice],
    logs: taughtBefore(maren.practice),
    poses: [ownPose('2026-11-20T12:00:00.000Z')],
    templates: [maren.template],
    plans: [planOfMaren()],
    classes: [
      {
        id: 'demo-class',
        name: 'Thursday before the flood tide',
        students: students.slice(0, 3).map((s) => s.id),
        items: [],
        aims: [],
        weeks: { start: '2026-11-19', weeks: 6, day: 4, themes: {} },
        createdAt: FIRST_ROUND,
        updatedAt: FIRST_ROUND,
      },
    ],
    visits: visitsOfDemo(),
    settings: {},
  };
}

/** A person of the studio as she was asked and measured. */
interface Measured {
  student: Student;
  readings: Reading[];
  screening: Screening;
  measuredAt: string;
}

function measuredPerson({ student: told, seed, short, measuredAt, more = [] }: Person): Measured {
  const student: Student = {
    ...told,
    breathSeconds: 6,
    // Everybody was asked the nine questions on the day of the first talk, and said no to all.
    redFlags: {
      on: told.askedOn ?? measuredAt.slice(0, 10),
      answers: Object.fromEntries(QUESTIONS.map((q) => [q.id, 'no' as const])),
    },
    archived: false,
    // Who was tested twice came with the first round.
    createdAt: told.id === 'demo-maren' ? FIRST_ROUND : measuredAt,
    updatedAt: measuredAt,
  };
  const screening = screenOf(student, '2026-01-05');
  const simulated = simulateStudent(student.id, seed, short, student.sexForNorms);
  const tests = more.length > 0 ? [...QUICK_BATTERY.tests.map((t) => t.id), ...more] : undefined;
  const readings = readAll(simulated, { takenAt: measuredAt, tests }).filter((r) => {
    const test = testById(r.test);
    return test && verdictOfTest(screening, test).state !== 'closed';
  });
  return { student, readings, screening, measuredAt };
}

/** The practice that Maren has, and a shorter one as a template for others. */
async function ofMaren(all: readonly Measured[]): Promise<{ practice: Practice; template: Template }> {
  const own = all.find((p) => p.student.id === 'demo-maren');
  if (!own) throw new Error('Maren is not in the studio.');
  const { student, readings, screening, measuredAt } = own;
  const { findings, posterior } = infer(student, readings);
  const { work: aims } = aimsFor(student, readings, findings, 2026);
  const ranked = rankPoses(posterior, buildOfStudent(student), aims, screening);
  const [built, shorter] = [
    await buildPractice(ranked, aims, { minutes: 20, breathSeconds: 6 }),
    await buildPractice(ranked, aims, { minutes: 15, breathSeconds: 6 }),
  ];
  const practice: Practice = {
    id: 'demo-practice',
    student: student.id,
    title: 'Before rowing',
    minutes: 20,
    items: built.items,
    request: requestOf({ minutes: 20, breathSeconds: 6 }),
    choice: choiceOf(built),
    aims,
    createdAt: FIRST_ROUND,
    updatedAt: measuredAt,
  };
  const plan = planOf({
    title: 'Slipway quarter of an hour',
    minutes: 15,
    items: shorter.items,
    aims,
    request: requestOf({ minutes: 15, breathSeconds: 6 }),
  });
  return { practice, template: { ...plan, id: 'demo-template', createdAt: measuredAt, updatedAt: measuredAt } };
}

/** A pose that the studio's teacher is still working on: the reach into the boat, from a library pose. */
function ownPose(moment: string): OwnShape {
  const shape = shapeById('wide-squat' satisfies PoseId);
  if (!shape) throw new Error('the library has no wide squat');
  return {
    ...copyOf(shape, 'own-demo-boat-step', moment),
    name: 'Boat-step squat',
    cues: {
      enter: 'Feet as wide as the slip rails.',
      keep: 'Heels heavy, knees over the feet.',
      deepen: 'Sink as if reaching into the boat.',
      leave: 'Press the floor away and rise.',
    },
    rungs: shape.rungs.slice(0, 2),
  };
}
