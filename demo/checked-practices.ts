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
    read: '1w0f08g-',
    remark:
      'Nearly all of it lying down, which her back will thank her for: the strap three times over, from foot down to leg aside, and happy baby between. The one standing shape is short and gets her up and down for little; I would leave it and stay on the back.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 45 minutes, flowing',
    wish: { minutes: 45, ...FLOW },
    read: '17vkwbh-',
    remark:
      'Wakes lying, salutes without the cobra, which her back is spared, then a round of four from tree to warrior I. Down by way of the front, the seat and the back. Half bow after half locust is the only deep arch, and the knee to the chest rounds it. The second figure-four is one too many.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: '13cce7h-',
    remark:
      'Floor only, minutes long, once over the knees and back: a quiet hour. Lizard wants both forearms on something high for a back that aches, and I would say so. Eight and a half minutes of rest are right for it.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 20 minutes with nothing at hand',
    wish: { minutes: 20, props: [] },
    read: 'iee8eb-1',
    remark:
      'With nothing at hand the legs are held by her own hands: happy baby, one side, then both. It begins at once with a minute and a half of it, where I would let the knees sway first. Standing in the middle is brisk but wakes her.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk, a ferry pilot of 47 with a stiff right front of the hip: 30 minutes',
    wish: { minutes: 30 },
    read: '83dos4-1',
    remark:
      'Steps for the buttock, then the front of the hip from high lunge to the long upright one, all fours, front, and the bridge at the end: in the order in which I would teach it. The bridge opens from the hips now and leaves his back alone. Sphinx for nearly two minutes is long.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 45 minutes, work first',
    wish: { minutes: 45, arc: 'strength' },
    read: '1qhrpt3-',
    remark:
      'Work first and in sets: bridge, one leg, all fours, step, locust. The long lunge stands between them when he is warm. A clear strong hour. Half locust twice, knee long and knee bent, is much of the same.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: 'wd4as4-r',
    remark:
      'Salutes, a round of four, the steps, two lunges on the knee, then front, seat and back: a full hour that flows. The steps stop it, with a block to fetch; I would teach them as a break. Four bridges at the end are for his aim, and two would do.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka, a potter of 40 with an old knee injury and an ache deep in the left buttock: 30 minutes',
    wish: { minutes: 30 },
    read: 'wixa92-1',
    remark:
      'The right knee is left in peace: nothing kneels on it, turns over it bent, or draws it up. What opens the left buttock is done on the left alone, standing, on the side and on the back, and each says why. Six minutes of four, where both knees closed had left a minute and a half.',
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
    read: 'h3o4fn-1',
    remark:
      'Short and to the point: reclined pigeon, bound angle on a raised seat, side straddle. The boat in between has no business here; a breath with the legs together would do as well.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes',
    wish: { minutes: 60 },
    read: '1wfynrt-',
    remark:
      'Wakes on the back and on all fours, stands for the lunges, sits for the folds, lies for the inner thighs, each ground once. Bird dog with the elbow to the knee is more than a cellist needs for his inner thighs, but he will like it.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: 'ipup9e-1',
    remark:
      'Minutes long and on the floor, from the back over one lunge to the seat and back again. Cow-face legs before fire log is the wrong way round for stiff hips; I would swap them. The rest is long enough.',
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
    read: '1c0yndd-',
    remark:
      'Once up, once down; the calves are met in six shapes standing. Garland with the heels up comes after the lunges would be kinder. Deer turned at seventy-three wants a blanket under the knee and an easy exit.',
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
    read: '1uouiod-',
    remark:
      'Work and length for what was found, in the order in which I would teach it: steps, dancer at the wall, the long lunge, side-lying lift, one-leg bridge, then the deep buttock. Three steps in a row is a lot of climbing; one of them could be left.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell, a rower of 33 in the middle of a pregnancy: 30 minutes',
    wish: { minutes: 30 },
    read: '1ozi980-',
    remark:
      'Arrives and rests on her left side; nothing on the belly, nothing flat on the back, and nothing balances without a hand. Standing from the hip extension to the side lunge with blocks, then all fours, side and seat. The strap in tiger pose asks for balance; I would let her leave it.',
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
    read: '2q7bwi-u',
    remark:
      'One shape for all, from the back to standing and down again once. Ilka has her own form beside the turned and folded ones. The bridge march suits Maren, whose back may lie flat in it now. The higher step I would keep low for everybody.',
  },
  {
    who: ALL,
    title: 'A class of six: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: 'rw31o5-1',
    remark:
      'Six bodies, one flow: salutations with the knees down for all, a round of four that can be remembered, the side plank among the planks. Down by way of the front, seat, side and back. Half happy baby and pigeon on the back are much waking up; one of them would do. Clam, lift and two bridges are a drill after the flow.',
  },
];

/** Fingerprint of a sheet: a remark is about the one that was read. */
export const sheetMark = (text: string): string => digest(text).slice(0, 8);
