import { screen, screenOf } from '@/core/cautions/screen';
import { classAims } from '@/core/classes/shared';
import { classRanking } from '@/core/classes/together';
import { memberOf, presentOf, type Member } from '@/core/classes/member';
import { infer } from '@/core/inference/infer';
import type { KolposRecord } from '@/core/formats/record';
import { shutBy, type Shut } from '@/core/practice/passing';
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

/** A class is told the usual ways. */
const NOBODY = screen([], DAY);

/** What the ways of a practice leave out: what one student’s cautions shut, and what was wished. */
export function shutFor(record: KolposRecord, { who, wish }: Pick<CheckedPractice, 'who' | 'wish'>): Shut {
  const student = who.length === 1 && record.students.find((s) => s.id === who[0]);
  return shutBy(student ? screenOf(student, DAY) : NOBODY, wish);
}

/** A built practice as a teacher reads it: a line a shape, with the way to it. */
export function sheetText(built: BuiltPractice, request: Pick<PracticeRequest, 'pace'>, shut: Shut): string {
  return sheetRows(built.items, request.pace, { shut })
    .map((row) => {
      const found = rungOf(row.pose, row.rung);
      const name = `${found?.shape.name ?? row.pose}, ${found?.rung.name ?? ''}`;
      const line = `${phaseWords(row.phase).padEnd(11)}${name.padEnd(62)} ${[sidesWords(row), heldWords(row)].filter(Boolean).join(', ')}`;
      return row.way ? `${' '.repeat(11)}↳ ${row.way}\n${line}` : line;
    })
    .join('\n');
}

const FLOW = { style: 'flow', pace: 'brisk' } as const;
const QUIET = { style: 'quiet', pace: 'slow' } as const;
const ALL = ['demo-maren', 'demo-osk', 'demo-ilka', 'demo-nell', 'demo-tamsin', 'demo-bram'] as const;

/** The students and wishes that are looked at: two or three for each of the boathouse, and two classes. */
export const CHECKED: readonly CheckedPractice[] = [
  {
    who: ['demo-maren'],
    title: 'Maren, a sculler of 34 with a low back ache: 20 minutes',
    wish: { minutes: 20 },
    read: '2xcka-cn',
    remark:
      'The hips circle, then the strap twice and the legs crossed over, all lying down, which her back will thank her for; up once for the half split on high blocks, and knee to chest before the rest. Nothing in it is there to fill a minute. I would teach it as it stands.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 45 minutes, flowing',
    wish: { minutes: 45, ...FLOW },
    read: 'wdlwg5-c',
    remark:
      'Wakes lying, the wipers narrow and then wide, one strap for the aim; salutes without the cobra, which her back is spared, then a round of four from tree by way of pyramid to both warriors, and two lunges. Down by way of the front and the seat. Half bow after half locust is the only deep arch. Pyramid early in the round is right only because the strap and the forward bends came before it.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: '1pz9b87-',
    remark:
      'Knees sway first, then minutes long on the floor, each shape once: the back, one low lunge, the heels, the seat and the back again. A quiet hour. Her back is let alone but for one upright lunge; I would put a blanket under that knee for two minutes. Eleven minutes of rest are long, and she will not mind.',
  },
  {
    who: ['demo-maren'],
    title: 'Maren: 20 minutes with nothing at hand',
    wish: { minutes: 20, props: [] },
    read: '10oqksq-',
    remark:
      'With nothing at hand the legs are held by her own hands, after the knees have swayed. Dog, half forward bend and a lunge in the middle are a plain way up and down. The hands behind the thigh for two minutes tire the arms; I would say that she may hold her trousers.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk, a ferry pilot of 47 with a stiff right front of the hip: 30 minutes',
    wish: { minutes: 30 },
    read: '88etwj-e',
    remark:
      'Circles lying, steps for the buttock, then the front of the hip from warrior I to the long upright lunge, all fours, front, and the bridges at the end: in the order in which I would teach it. Sphinx for two minutes is long, and three bridges before the supported one are much of the same.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 45 minutes, work first',
    wish: { minutes: 45, style: 'strength' },
    read: 'tp5ner-9',
    remark:
      'The knees sway and the hips circle, then work in sets: bridge, one leg, steps, all fours. Both warriors and the long lunges stand between them when he is warm. A clear strong hour. The leg lift twice, held and then pulsed, is for his aim and will be felt.',
  },
  {
    who: ['demo-osk'],
    title: 'Osk: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: '16kzt5e-',
    remark:
      'Salutes, a round of four, three lunges on the knee, then front, seat and back: a full hour that flows. The step-down stops it, with a block to fetch; I would teach it as a break. Half locust comes before the deeper half frog, and the bridges go from both feet to one. Five bridges are for his aim, and three would do.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka, a potter of 40 with an old knee injury and an ache deep in the left buttock: 30 minutes',
    wish: { minutes: 30 },
    read: '1irdc6k-',
    remark:
      'The right knee is left in peace: nothing kneels on it, turns over it bent, or draws it up, and she comes up off the floor and down to it over the left knee. What opens the left buttock is done on the left alone, standing, on the side and on the back, and each says why. Eighteen seconds of standing figure-four are hardly worth the wall; the three shapes with the strap are for the backs of the legs as well, which nobody asked for.',
  },
  {
    who: ['demo-ilka'],
    title: 'Ilka: 20 minutes, standing only',
    wish: { minutes: 20, place: 'standing' },
    read: 'wufm7p-1',
    remark:
      'It arrives and ends standing still. Figure-four with a hand on the wall, pigeon at a chair, and figure-four deeper as the last: three minutes of four without lying down, on the left alone. The revolved side angle on one side wants a word. After so deep a last shape I would sway once more before standing still.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen, a cellist of 58 with short inner thighs: 15 minutes',
    wish: { minutes: 15 },
    read: 'a8x50t-1',
    remark:
      'Short and to the point: wide circles, crossed legs on a raised seat, side straddle, then half happy baby on the back. Legs crossed over one another do nothing for inner thighs and close what was opened, which is not the worst way to end.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes',
    wish: { minutes: 60 },
    read: '7nwt1f-k',
    remark:
      'Wakes on the back and in a rocking lunge, stands for pyramid and lunges, back to all fours for the fire hydrant, sits for the folds, lies for the inner thighs. Down on all fours twice is once too often. The strap aside for two minutes at the end is what he came for.',
  },
  {
    who: ['demo-lowen'],
    title: 'Lowen: 60 minutes, quiet',
    wish: { minutes: 60, ...QUIET },
    read: 'xhc0i2-j',
    remark:
      'Minutes long and on the floor, from the back over one lunge to the seat and back again. Fire log comes before cow-face legs now, which is the right way round for stiff hips. The rest is long enough.',
  },
  {
    who: ['demo-tamsin'],
    title: 'Tamsin, a gardener of 73 with stiff calves: 20 minutes on a chair',
    wish: { minutes: 20, place: 'chair' },
    read: 'cxkl6d-1',
    remark:
      'She sits to arrive and to rest, stands in between, and never goes down to the floor. The calf is met at the wall first, which is where I would begin. Eagle and goddess at the end want the back of the chair within reach, and the side lunge higher blocks than it says.',
  },
  {
    who: ['demo-tamsin'],
    title: 'Tamsin: 45 minutes, nothing demanding',
    wish: { minutes: 45, level: 2 },
    read: '1jgc59i-',
    remark:
      'Once up, once down; the calves are met in six shapes standing. The wall would be kinder as the first of them, not the last. Half hero at seventy-three wants a cushion under the seat and an easy exit.',
  },
  {
    who: ['demo-bram'],
    title: 'Bram, a stonemason of 44, without weight on wrists or knees: 30 minutes',
    wish: { minutes: 30, avoid: ['wrists', 'kneeling'] },
    read: 's8cnj4-1',
    remark:
      'What he cannot do is nowhere in it, nor on the way: he comes up and down holding a chair. Steps, a warrior and a lunge, then dancer at the wall before the hip hike: the hip is opened standing before it is held behind him. Cow-face legs for two minutes and the supported bridge are what he came for. I would teach it as it stands.',
  },
  {
    who: ['demo-bram'],
    title: 'Bram: 45 minutes',
    wish: { minutes: 45 },
    read: '58bt05-1',
    remark:
      'Standing wakes him, then steps with the dancer between them, so that the same leg does not climb three times in a row; the long lunge, side-lying lift, and the deep buttock at the end, each ground once but for the knees. Three steps are still a lot for one practice; one of them could be left.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell, a rower of 33 in the middle of a pregnancy: 30 minutes',
    wish: { minutes: 30 },
    read: '1vhm2xr-',
    remark:
      'Arrives and rests on her left side; nothing on the belly, nothing flat on the back, and nothing balances without a hand. Fire hydrant and bird dog wake her, standing from the hip extension to the side lunge with blocks, then all fours, side and seat; she never has to bring a foot up between her hands past the belly. The strap in tiger pose asks for balance; I would let her leave it.',
  },
  {
    who: ['demo-nell'],
    title: 'Nell: 45 minutes, quiet',
    wish: { minutes: 45, ...QUIET },
    read: '16k6koh-',
    remark:
      'All fours, knees, seat, side: one way down and no way back up, each shape once, and the rest on her left side. It says what it cannot give her aims lying like this, and gives six minutes back rather than fill them: right for the middle of a pregnancy. Toe sit is the one that I would offer and not ask for.',
  },
  {
    who: ['demo-maren', 'demo-osk', 'demo-ilka'],
    title: 'A class of three, Maren, Osk and Ilka: 45 minutes',
    wish: { minutes: 45 },
    read: 'itw6ij-p',
    remark:
      'One shape for all: lying, standing, the knees and the back, once each. Ilka does the sides that her knee leaves her, and has a form of her own beside the others. Two minutes each of knee across and reclined pigeon before anybody has stood are long for a class; I would hold them for one, and keep the step low.',
  },
  {
    who: ALL,
    title: 'A class of six: 60 minutes, flowing',
    wish: { minutes: 60, ...FLOW },
    read: '1sqsu7w-',
    remark:
      'Six bodies, one flow: salutations with the knees down for all, tree and warrior III with the toes down, then warrior II, side angle, warrior I and high lunge as a round, and down by way of the knees, the front, the seat and the side to the back, each once. Half locust comes before the half bow, the bridge before the bridge on one leg. Two drills are left at the end, which is what a class of six will bear.',
  },
];

/** Fingerprint of a sheet: a remark is about the one that was read. */
export const sheetMark = (text: string): string => digest(text).slice(0, 8);
