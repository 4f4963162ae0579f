import { capital } from '@/core/capital';
import { firstName } from '@/core/students/called';
import { daysLater } from '@/core/day-count';
import type { Build, Side } from '@/core/body';
import { DEMANDS, isOfSide, type Demand } from '@/core/cautions/demands';
import type { Screening } from '@/core/cautions/screen';
import { propsOf } from '@/core/fit/props';
import type { Say } from '@/core/languages/as-written';
import { say as spoken } from '@/core/languages/spoken';
import { cuesOf, rungOf, sameSide, shapeById } from '@/core/poses';
import { ownedWords, type PropSizes } from '@/core/poses/prop-sizes';
import type { Schools } from '@/core/poses/schools';
import { cuesFor, type CueRole } from '@/core/practice/cues';
import { itemsFor } from '@/core/practice/edit';
import { givenTitle } from '@/core/practice/given-title';
import { paceOf, setSeconds, totalSeconds, type Practice, type PracticeItem } from '@/core/practice/practice';
import { taughtOrder } from '@/core/practice/taught-order';
import { shutBy, type Shut } from '@/core/practice/passing';
import { wayTo } from '@/core/practice/transitions';
import { recheck, type Rechecked } from '@/core/practice/recheck';
import { without } from '@/core/practice/without';
import type { RankedPose } from '@/core/ranking/rank';
import { otherRung } from '@/core/teaching/other-rung';
import type { Student } from '@/core/students/student';
import { feelOf } from './felt-words';
import {
  HOME_VERSION,
  RENEW_DAYS,
  type HomeDay,
  type HomeFile,
  type HomeItem,
  type HomePicture,
  type HomePractice,
  type HomeStep,
} from './home-file';
import { homeTests } from './self-tests';

/** What a home file is made from. */
export interface HomeBody {
  /** New for every file. */
  id: string;
  student: Pick<Student, 'id' | 'name' | 'breathSeconds'>;
  /** False leaves her name out. */
  named: boolean;
  practices: readonly Practice[];
  /** Days ahead, the practice of each. */
  week: readonly HomeDay[];
  /** Self-tests go along. */
  tests: boolean;
  /** The whole library fitted to her: depths, and what is easier. */
  ranked: readonly RankedPose[];
  screening: Screening;
  build: Build;
  sizes: PropSizes;
  schools: Schools;
  book: Readonly<Record<string, readonly string[]>>;
  /** `YYYY-MM-DD`. */
  today: string;
  /** What the page says is said in this; English where it is left out. */
  say?: Say;
}

export interface MadeHome {
  file: Omit<HomeFile, 'pictures'>;
  /** What is still to be drawn, each once. */
  pictures: HomePicture[];
  /** What a caution took out or shortened since the practice was made. */
  changes: Rechecked[];
}

/** Of what a teacher says, what somebody alone needs. */
const ALONE: readonly CueRole[] = ['own', 'keep', 'press', 'school'];
/** Lines that are read while lying on the floor. */
const MOST_LINES = 3;

/**
 * Everything that goes home, but for the drawings. Practices are looked through first as whenever they are taught: what
 * is closed today is out. A student for whom a lesson may not be given gets no file (null), nor does a practice of
 * which nothing is left.
 */
export function makeHome(body: HomeBody): MadeHome | null {
  const { student, screening, ranked, today, week, say = spoken } = body;
  if (screening.stopped) return null;
  const pictures = new Map<string, HomePicture>();
  const changes: Rechecked[] = [];
  const practices = body.practices.flatMap((p): HomePractice[] => {
    const safe = recheck(p.items, screening, ranked, p.aims, student.breathSeconds);
    changes.push(...safe.changes);
    if (safe.items.length === 0) return [];
    const pace = paceOf(p);
    const taught = taughtOrder(safe.items);
    const seconds = totalSeconds(taught, pace);
    return [
      {
        id: p.id,
        title: titleOf(p, body, seconds, say),
        pace,
        seconds,
        needs: [...new Set(safe.items.flatMap((i) => rungOf(i.pose, i.rung)?.rung.props ?? []))].map((prop) =>
          say(prop),
        ),
        items: taught.flatMap((i, k) => itemOf(i, taught.slice(0, k), p, body, pictures)),
      },
    ];
  });
  if (practices.length === 0) return null;
  const tests = body.tests
    ? homeTests(screening).map((t) => {
        const key = `test/${t.test}`;
        pictures.set(key, { key, test: t.test, readout: t.readout, side: 'right', value: (t.min + t.max) / 2 });
        const [name, asks, steps] = [say(t.name), say(t.asks), t.steps.map((s) => say(s))];
        return { ...t, name, asks, steps, picture: t.side === 'left' ? `~${key}` : key };
      })
    : [];
  const known = new Set(practices.map((p) => p.id));
  return {
    file: {
      format: 'kolpos/home',
      version: HOME_VERSION,
      id: body.id,
      student: student.id,
      name: body.named ? firstName(student.name) : null,
      made: today,
      renew: daysLater(today, RENEW_DAYS),
      practices,
      week: week.filter((d) => d.day >= today && known.has(d.practice)),
      avoid: avoided(screening, say),
      tests,
    },
    pictures: [...pictures.values()],
    changes,
  };
}

/** The practice's title; without her name where that is not to be in the file. */
function titleOf({ title, minutes }: Practice, { named, student }: HomeBody, seconds: number, say: Say): string {
  const name = firstName(student.name);
  // A title that Kolpos gave is said in the language of the page; one that the teacher wrote is hers.
  if (named) return title === givenTitle(minutes, name) ? givenTitle(minutes, name, say) : title;
  return say('{{count}} minutes', { count: Math.round(seconds / 60) });
}

type Pictures = Map<string, HomePicture>;

function itemOf(
  item: PracticeItem,
  before: readonly PracticeItem[],
  practice: Practice,
  body: HomeBody,
  pictures: Pictures,
): HomeItem[] {
  const shut = shutBy(body.screening, practice.request);
  const step = stepOf(item, before, body, pictures, shut);
  if (!step) return [];
  const milder = easierOf(item, practice, body);
  const easier = milder && stepOf(milder, before, body, pictures, shut);
  return [{ ...step, ...(easier && { easier }) }];
}

/** The same time in what is easier; null where nothing easier is open to her. */
function easierOf(item: PracticeItem, practice: Practice, { ranked, student }: HomeBody): PracticeItem | null {
  if (item.phase === 'rest' || item.phase === 'settle') return null;
  const fits = otherRung(item, ranked, -1)?.filter((r) => sameSide(r.side, item.side));
  if (!fits || fits.length === 0) return null;
  const [next] = itemsFor(fits.slice(0, 1), {
    phase: item.phase,
    seconds: setSeconds(item),
    breathSeconds: student.breathSeconds,
    aims: practice.aims,
    newId: () => `${item.id}-easier`,
  });
  return next ?? null;
}

function stepOf(
  item: PracticeItem,
  before: readonly PracticeItem[],
  { ranked, build, sizes, schools, book, say = spoken }: HomeBody,
  pictures: Pictures,
  shut: Shut,
): HomeStep | null {
  const found = rungOf(item.pose, item.rung);
  if (!found) return null;
  const { shape, rung } = found;
  const fit = ranked.find((r) => r.pose === item.pose && r.rung === item.rung && sameSide(r.side, item.side));
  // What is not fitted to her is drawn half-way: no depth is claimed.
  const depth = fit?.depth ?? 0.5;
  const side: Side = item.side === 'left' ? 'left' : 'right';
  const key = pictureOf({ pose: item.pose, rung: item.rung, side: item.side, depth }, pictures);
  const { cues } = cuesFor(item, { voice: { manner: 'plain', anatomy: false, breath: false }, schools, before }, book);
  const { note } = item;
  return {
    ...without(item, 'note', 'cues', 'locked'),
    // What it serves is the teacher's business.
    because: [],
    name: say(shape.name),
    sub: say(rung.name),
    enter: [wayTo([...before, item], before.length, { say, shut }), say(cuesOf(shape, rung).enter)]
      .filter(Boolean)
      .join(' '),
    keep: [
      ...cues
        .filter((c) => ALONE.includes(c.role))
        // Her teacher's own words stay as they are.
        .map((c) => (c.role === 'own' ? c.words : say(c.words)))
        .slice(0, MOST_LINES),
      ...(note ? [note] : []),
    ],
    feel: fit && rung.kind === 'stretch' ? feelOf(fit, item.side !== 'both', say) : '',
    props: propsOf(rung, side, depth, build).map((p) => ownedWords(p.prop, p.height_cm, p.length_cm, sizes, say)),
    picture: key,
  };
}

/** Depths nearer to each other than this are one picture: nobody sees more. */
const SAME_DEPTH = 0.06;
/** The key of a picture; what stands there already is used again, turned round (`~`) for the other side. */
function pictureOf(p: { pose: string; rung: number; side: Side | 'both'; depth: number }, pictures: Pictures): string {
  const key = `${p.pose}/${p.rung}/${p.side}`;
  if (p.side !== 'both' && !pictures.has(key)) {
    const mirror = `${p.pose}/${p.rung}/${p.side === 'left' ? 'right' : 'left'}`;
    const other = pictures.get(mirror);
    if (other && 'depth' in other && Math.abs(other.depth - p.depth) < SAME_DEPTH) return `~${mirror}`;
  }
  pictures.set(key, { key, ...p });
  return key;
}

/** Demands that say nothing to somebody at home. */
const UNTOLD: ReadonlySet<Demand> = new Set(['demanding']);

/** What a rule closes, in everyday words; the number that it begins from stands in the sentence. */
function closedWords({ demand, over }: { demand: Demand; over: number }, say: Say): string {
  const words: string = DEMANDS[demand].words(over);
  return say(over > 0 ? words.replace(String(over), '{{over}}') : words, { over });
}

/** What is said of one leg or arm, with its side. */
const ofItsSide = (what: string, side: Side | undefined, say: Say): string =>
  side ? say('{{what}} ({{side}})', { what, side: say(side) }) : what;

/** What her cautions close, and what hurt, in everyday words and never by the caution's name. */
export function avoided({ cautions, hurt }: Screening, say: Say = spoken): string[] {
  const words = cautions.flatMap((c) =>
    c.rules === 'all'
      ? []
      : c.rules.flatMap((r) =>
          (r.does === 'closes' || r.does === 'stops') && !UNTOLD.has(r.demand)
            ? [ofItsSide(closedWords(r, say), c.side && isOfSide(r.demand) ? c.side : undefined, say)]
            : [],
        ),
  );
  const sore = hurt.map((h) => {
    const pose = say(shapeById(h.pose)?.name ?? h.pose);
    return h.side === 'both'
      ? say('{{pose}}: it hurt before', { pose })
      : say('{{pose}}, {{side}}: it hurt before', { pose, side: say(h.side) });
  });
  return [...new Set([...words, ...sore])].map(capital);
}
