import { classAims } from '@/core/classes/shared';
import { classRanking } from '@/core/classes/together';
import { memberOf, presentOf, type Member } from '@/core/classes/member';
import { infer } from '@/core/inference';
import type { KolposRecord } from '@/core/formats/record';
import { buildPractice, type BuiltPractice } from '@/core/practice/build';
import { requestOf, type PracticeRequest } from '@/core/practice/request';
import { sheetRows, sidesWords, type SheetRow } from '@/core/practice/sheet';
import { phaseWords } from '@/core/practice/words';
import { rungOf } from '@/core/poses';
import { digest } from '@/core/digest';

/** Practices of the demo studio's people that a teacher has read: docs/practices-checked.md. */

export interface CheckedPractice {
  /** Students of the demo studio: one, or those of a class. */
  who: readonly string[];
  /** For whom and what, as its heading. */
  title: string;
  wish: Partial<PracticeRequest> & { minutes: number };
  /** What a teacher of long standing says of it, and the sheet that she read. */
  remark: string;
  read: string;
}

/** Day on which all of them are built: cautions end on days. */
const DAY = '2026-11-30';

const known = new Map<string, Member>();
function memberFrom(record: KolposRecord, id: string): Member {
  const student = record.students.find((s) => s.id === id);
  if (!student) throw new Error(`The demo studio has nobody called "${id}".`);
  let member = known.get(id);
  if (!member) {
    const readings = record.readings.filter((r) => r.student === id);
    member = memberOf(student, readings, infer(student, readings, { next: false }), { year: 2026, day: DAY });
    known.set(id, member);
  }
  return member;
}

/** Builds one of them for the people of a record. */
export async function builtFor(
  record: KolposRecord,
  { who, wish }: Pick<CheckedPractice, 'who' | 'wish'>,
): Promise<BuiltPractice> {
  const members = who.map((id) => memberFrom(record, id));
  const request = requestOf({ breathSeconds: 6, ...wish });
  if (members.length === 1) return buildPractice(members[0].ranked, members[0].aims, request);
  const aims = classAims(presentOf(members));
  return buildPractice(classRanking(members, aims, request), aims, request);
}

const heldWords = ({ sets, round, sides: [{ breaths, repeats, seconds }] }: SheetRow): string => {
  const once =
    repeats > 1 ? `${Math.round(seconds / repeats)} s × ${repeats}` : breaths > 0 ? `${Math.round(seconds)} s` : '';
  // A round is gone through again as a whole: that is said of the round.
  return sets > 1 && !round ? `${sets} sets of ${once}` : once;
};

/** A built practice as a teacher reads it: a line a shape, with the way to it. */
export function sheetText(built: BuiltPractice, request: Pick<PracticeRequest, 'pace'>): string {
  return sheetRows(built.items, request.pace)
    .map((row) => {
      const found = rungOf(row.pose, row.rung);
      const name = `${found?.shape.name ?? row.pose}, ${found?.rung.name ?? ''}`;
      const line = `${phaseWords(row.phase).padEnd(11)}${name.padEnd(62)} ${[sidesWords(row), heldWords(row)].filter(Boolean).join(', ')}`;
      return row.way ? `${' '.repeat(11)}↳ ${row.way}\n${line}` : line;
    })
    .join('\n');
}

const FLOW = { arc: 'flow', pace: 'brisk' } as const;
const QUIET = { arc: 'quiet', pace: 'slow' } as const;
const ALL = ['demo-maren', 'demo-osk', 'demo-ilka', 'demo-nell', 'demo-tamsin', 'demo-bram'] as const;

/** The students and wishes that are looked at: two or three for each of the boathouse, and two classes. */
export const CHECKED: readonly CheckedPractice[] = [
  {
    who: ['demo-maren'],
    title: 'Maren, a sculler of 34 with a low back ache: 20 minutes',
    wish: { minutes: 20 },
    read: 'zxgp0s-1',
    remark:
      'All of it lying down, which her back will thank her for, and four ways to the same hamstring. I would teach it as it is, and say that the twenty minutes do not stand up.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 45 minutes, flowing',
    wish: { minutes: 45, ...FLOW },
    read: '172w0dr-',
    remark:
      'Wakes lying, salutes four times without the cobra, which her back is spared, then one round of four on each side, down by way of the front, sit, lie. The long warrior I belongs into the round before it; I would put it there by hand. Five minutes at the end are hers.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: 'wxirk5-k',
    remark:
      'Long, low and on the floor, as it should be: her hamstring first, then the lunges, for somebody who can kneel for two minutes; child’s pose after them is the right rest. Ten minutes at the end are a gift.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 20 minutes with nothing at hand',
    wish: { minutes: 20, props: [] },
    read: '161ldzk-',
    remark:
      'No strap, and still her hamstring is reached four times. From the floor straight up to warrior III is brisk; the half forward bend would stand before it in my class. Eagle is there for the group it adds, not for her.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk, a ferry pilot of 47 with a stiff right front of the hip: 30 minutes',
    wish: { minutes: 30 },
    read: '103edke-',
    remark:
      'Steps for the buttock, then the warrior and the long upright lunge, then all fours, the front and the bridge: what I would choose. Three steps one after another are dry; I would put the warrior between them. The low lunge could come twice for what he is here for.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 45 minutes, work first',
    wish: { minutes: 45, arc: 'strength' },
    read: 'rkzp92-j',
    remark:
      'Work first, in two sets, then the long lunge: I would teach it so. One-leg bridges before anybody has stood up are early. The second sets on all fours come when the buttock is tired, which is what they are for.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: '1m99fnc-',
    remark:
      'Five salutations, a round of four, the steps, two lunges on the knee, then the front, the seat, the back: a full hour that flows. The steps stop it, with a block to fetch; they are there for the buttock, and I would teach them as a break. Reverse tabletop, twice, interrupts the seated part.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka, a potter of 40 with an old knee injury and an ache deep in the left buttock: 30 minutes',
    wish: { minutes: 30 },
    read: 'r4j5s1-4',
    remark:
      'Nothing kneels, nothing turns over a bent knee, and what reaches the buttock lies on the back with the knee straight. The warriors and the step are there for the knee’s own strength; on a bad day a low one will do. Her aim gets two and a half minutes of four, and it says so.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka: 20 minutes, standing only',
    wish: { minutes: 20, place: 'standing' },
    read: '53dxge-m',
    remark:
      'Standing, hardly anything opens her buttock without turning the knee, and it says so: a third of what was wanted. I would talk her into lying down. Sit to stand, hovering, asks much of an old knee; the hands may help.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen, a cellist of 58 with short inner thighs: 15 minutes',
    wish: { minutes: 15 },
    read: '15w218e-',
    remark:
      'Short and to the point: the reclined pigeon, the side straddle and bound angle carry it. The bridge afterwards turns him over once more than fifteen minutes have room for; I would leave it out and lie down from bound angle.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes',
    wish: { minutes: 60 },
    read: '11x5cny-',
    remark:
      'A sound hour; lizard and head-to-knee carry the inner thighs, and the standing part warms up before it folds. Two fire hydrants are one too many, and bound angle would be my choice in their place.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: 'vgt49b-1',
    remark:
      'Quiet and kind, three minutes where it matters. Bound angle, supported, would be the shape that everybody expects here, and it is not in it.',
  },
  {
    who: ['demo-tamsin'],
    title: 'Tamsin, a gardener of 73 with stiff calves: 20 minutes on a chair',
    wish: { minutes: 20, place: 'chair' },
    read: 'mj1l49-d',
    remark:
      'She sits to arrive and to rest and stands in between, where calves are lengthened. Eagle wants the back of the chair within reach, and goddess at her depth, not at mine. Down to the floor for the dog is much for twenty minutes beside a chair; hands on the seat would do.',
  },
  {
    who: ['demo-tamsin'],
    title: 'Tamsin: 45 minutes, nothing demanding',
    wish: { minutes: 45, level: 2 },
    read: 'ptypcd-1',
    remark:
      'Once up, once down, and the calf is met in seven shapes before she sits. Garland with the seat held is right for seventy-three; I would not go on to the folded pyramid in the same class.',
  },
  {
    who: ['demo-bram'],
    title: 'Bram, a stonemason of 44, without weight on wrists or knees: 30 minutes',
    wish: { minutes: 30, avoid: ['wrists', 'kneeling'] },
    read: 'jhpuim-1',
    remark:
      'What he cannot do is nowhere in it. Dancer at the wall, a warrior and a lunge stand between the steps and the hip hike. Side plank on the forearm is for the hip and is called so; the knee down would do.',
  },
  {
    who: ['demo-bram'],
    title: 'Bram: 45 minutes',
    wish: { minutes: 45 },
    read: '12y5njy-',
    remark:
      'Work and length for what was found, in the order in which I would teach it. Three steps in a row are long on one ankle before the warrior. Side plank and the leg lift on the same side are one job; I would take the one he does well.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell, a rower of 33 in the middle of a pregnancy: 30 minutes',
    wish: { minutes: 30 },
    read: 'l0ayrq-f',
    remark:
      'Arrives and rests on her left side, stands with a wall and blocks near, nothing on the belly or the back. The strap in tiger pose asks for balance; I would let her leave it. Two steps one after the other are the place to ask how she is.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell: 45 minutes, quiet',
    wish: { minutes: 45, ...QUIET },
    read: '1js44ac-',
    remark:
      'All fours, knees, seat, side: one way down and no way back up. It says what it cannot give her aims lying like this.',
  },
  {
    who: ['demo-maren', 'demo-osk', 'demo-ilka'],
    title: 'A class of three, Maren, Osk and Ilka: 45 minutes',
    wish: { minutes: 45 },
    read: 'uzlcxi-1',
    remark:
      'A class that its teacher would call one: the lunges from near to far, the bridge with a block, and the back of the legs lying. Ilka has her own form beside the kneeling ones. Warrior III so early is brisk, and five shapes on one leg in the middle are plenty.',
  },
  {
    who: ALL,
    title: 'A class of six: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: '1c5xmwu-',
    remark:
      'Six bodies, one flow: five salutations with the knees down for all, a short round that can be remembered, and down by way of the front. From the front to the seat to the side and over again is a lot of lying about in the last third; I would drop the clam.',
  },
];

/** Fingerprint of a sheet: a remark is about the one that was read. */
export const sheetMark = (text: string): string => digest(text).slice(0, 8);
