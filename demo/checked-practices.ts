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
    read: '1j9t4fr-',
    remark:
      'Wakes lying, salutes four times without the cobra, which her back is spared, then one round of four on each side, down by way of the front, sit, lie. The long warrior I belongs into the round before it. Half bow with one foot is as far as her back should go, and I would offer locust instead.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: 'hhhvyx-p',
    remark:
      'Long, low and on the floor, as it should be: her hamstring first, then the lunge and lizard, for somebody who can kneel for two minutes. Child’s pose after them is the right rest. The twist before the end brings her back to the middle; eight minutes of rest are a gift.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 20 minutes with nothing at hand',
    wish: { minutes: 20, props: [] },
    read: '161ldzk-',
    remark:
      'No strap, and still her hamstring is reached four times. Half-way up to warrior III is brisk; the half forward bend would stand before it in my class. Eagle is there for the group it adds, not for her.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk, a ferry pilot of 47 with a stiff right front of the hip: 30 minutes',
    wish: { minutes: 30 },
    read: '6ksjz6-1',
    remark:
      'Steps for the buttock, then the high lunge and the long upright one, all fours, the front and the bridge: what I would choose. Three steps one after another are dry; I would put the lunge between them. Sphinx for two minutes is long for a man who stands all day, and the twist after it is welcome.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 45 minutes, work first',
    wish: { minutes: 45, arc: 'strength' },
    read: '10c6sze-',
    remark:
      'Work first, in two sets, then the long lunge: I would teach it so. One-leg bridges before anybody has stood up are early. The second sets on all fours come when the buttock is tired, which is what they are for.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: '1njewr6-',
    remark:
      'Five salutations, a round of four, the steps, two lunges on the knee, then the front, the seat, the back: a full hour that flows. The steps stop it, with a block to fetch; they are there for the buttock, and I would teach them as a break. Reverse tabletop, twice, interrupts the seated part.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka, a potter of 40 with an old knee injury and an ache deep in the left buttock: 30 minutes',
    wish: { minutes: 30 },
    read: '1r96die-',
    remark:
      'The right knee is left in peace: nothing kneels on it, turns over it bent, or draws it up. What opens the left buttock is done on the left alone, standing, on the side and on the back, and each says why. Six minutes of four, where both knees closed had left a minute and a half. One knee to chest would do at the end.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka: 20 minutes, standing only',
    wish: { minutes: 20, place: 'standing' },
    read: '1t6bm1e-',
    remark:
      'It arrives and ends standing still. Figure-four with a hand on the wall, then deeper, and pigeon at a chair on the left alone: three and a half minutes of four without lying down. The revolved side angle on one side wants a word. Sit to stand, hovering, asks much of an old knee; the hands may help.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen, a cellist of 58 with short inner thighs: 15 minutes',
    wish: { minutes: 15 },
    read: '1en9d7l-',
    remark:
      'Short and to the point: the reclined pigeon, the side straddle and bound angle carry it. The bridge afterwards turns him over once more than fifteen minutes have room for; I would leave it out and lie down from bound angle.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes',
    wish: { minutes: 60 },
    read: 'gug9sq-e',
    remark:
      'A sound hour: head-to-knee and the leg out to the side with a strap carry the inner thighs, and the standing part warms up before it folds. Two fire hydrants are one too many. Bound angle is what everybody expects here, and I would put it in for half hero.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: 'ky3g0y-e',
    remark:
      'Quiet and kind, three minutes where it matters, and a twist before the rest. Bound angle, supported, would be the shape that everybody expects here, and it is not in it.',
  },
  {
    who: ['demo-tamsin'],
    title: 'Tamsin, a gardener of 73 with stiff calves: 20 minutes on a chair',
    wish: { minutes: 20, place: 'chair' },
    read: '9ba6jh-1',
    remark:
      'She sits to arrive and to rest, stands in between, and never goes down to the floor. The calf is met at the wall first, which is where I would begin. Eagle wants the back of the chair within reach, and the side lunge higher blocks than it says.',
  },
  {
    who: ['demo-tamsin'],
    title: 'Tamsin: 45 minutes, nothing demanding',
    wish: { minutes: 45, level: 2 },
    read: '11kw1tv-',
    remark:
      'Once up, once down, and the calf is met in seven shapes before she sits. Garland with the seat held is right for seventy-three; I would not go on to the folded pyramid in the same class.',
  },
  {
    who: ['demo-bram'],
    title: 'Bram, a stonemason of 44, without weight on wrists or knees: 30 minutes',
    wish: { minutes: 30, avoid: ['wrists', 'kneeling'] },
    read: '11x6vz9-',
    remark:
      'What he cannot do is nowhere in it. Steps, then dancer at the wall, a warrior and a lunge before the hip hike: work and length in turn. Two long shapes for the buttock at the end are what he came for. I would teach it as it stands.',
  },
  {
    who: ['demo-bram'],
    title: 'Bram: 45 minutes',
    wish: { minutes: 45 },
    read: '1xzqq62-',
    remark:
      'Work and length for what was found, in the order in which I would teach it. Three steps in a row are long on one ankle before dancer, and I would halve the last. Three shapes for the buttock, lying, from mild to deep: that is a good end.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell, a rower of 33 in the middle of a pregnancy: 30 minutes',
    wish: { minutes: 30 },
    read: '3xwq07-1',
    remark:
      'Arrives and rests on her left side, stands with a wall and blocks near, nothing on the belly or the back. The side plank, knee down, comes from all fours now and not between the last fold and the rest. The strap in tiger pose asks for balance; I would let her leave it.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell: 45 minutes, quiet',
    wish: { minutes: 45, ...QUIET },
    read: '1nii2qr-',
    remark:
      'All fours, knees, seat, side: one way down and no way back up, and the rest on her left side. It says what it cannot give her aims lying like this. Staff twice is once too often; knees bent over a cushion would do for one of them.',
  },
  {
    who: ['demo-maren', 'demo-osk', 'demo-ilka'],
    title: 'A class of three, Maren, Osk and Ilka: 45 minutes',
    wish: { minutes: 45 },
    read: '1ko67bm-',
    remark:
      'One shape for all, from the back to standing and down again once. Ilka does the turned-out and folded ones on the left and has her own form on the right. Happy baby for a minute and a half is no warming up; I would halve it. Warrior III so early is brisk, and the high step I would keep low for everybody.',
  },
  {
    who: ALL,
    title: 'A class of six: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: '11viu1c-',
    remark:
      'Six bodies, one flow: five salutations with the knees down for all, a round of two, the side plank among the planks. Down by way of the front, seat, side and back. Bridge three times is generous, and reverse tabletop between sphinx and the seat is an interruption. Tortoise before figure-four is in the right order now.',
  },
];

/** Fingerprint of a sheet: a remark is about the one that was read. */
export const sheetMark = (text: string): string => digest(text).slice(0, 8);
