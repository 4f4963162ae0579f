import type { Say } from '@/core/languages/as-written';
import type { Build, Side } from '@/core/body';
import { reachedIn } from '@/core/fit/fit';
import { propsOf } from '@/core/fit/props';
import type { Screening } from '@/core/cautions/screen';
import type { FitWay } from '@/core/fit/way';
import type { Posterior } from '@/core/inference';
import { sayIn } from '@/core/languages/catalogues';
import type { Language } from '@/core/languages/language';
import { STUDENT_FOOT } from '@/core/students/pain-words';
import { cuesOf, rungOf } from '@/core/poses';
import { ownedWords, type PropSizes } from '@/core/poses/prop-sizes';
import type { Schools } from '@/core/poses/schools';
import type { Voice } from '@/core/practice/voice';
import { cuesFor, type CueRole } from '@/core/practice/cues';
import { shutBy } from '@/core/practice/passing';
import { paceOf, totalSeconds, type Practice, type PracticeItem } from '@/core/practice/practice';
import { clock, holdWords, sheetRows, sidesWords } from '@/core/practice/sheet';

/** What both sheets of a practice say, on the screen, printed and as a PDF: plain data, worked out once. */

export interface SheetBody {
  practice: Practice;
  posterior: Posterior | null;
  build: Build;
  way: FitWay;
  /** The day, in words. */
  on: string;
  /** The student's first name. */
  name: string;
  /** What she told: named at the head of the sheet, and left out on the ways between shapes. */
  screening: Screening;
  sizes: PropSizes;
  voice: Voice;
  schools: Schools;
  book: Readonly<Record<string, readonly string[]>>;
  /** The language of a student's own page; the teacher's is English. */
  language?: Language;
}

export interface SheetLine {
  pose: string;
  rung: number;
  side: Side | 'both';
  /** How far this student goes in it, 0–1. */
  depth: number;
  /** Minutes and seconds from the beginning. */
  at: string;
  name: string;
  rungName: string;
  sides: string;
  hold: string;
  props: string[];
  /** What the teacher says, short enough to read from the floor; the way from the pose before it first. */
  say: string[];
  /** How the student gets in, from the pose before it. */
  enter: string;
}

export interface SheetContent {
  title: string;
  name: string;
  on: string;
  total: string;
  minutes: number;
  cautions: readonly string[];
  lines: SheetLine[];
  language: Language;
}

/** Of a draft, what a page to carry has room for. */
const CARRIED: readonly CueRole[] = ['own', 'like', 'keep', 'press', 'school'];

const sideOf = (side: Side | 'both'): Side => (side === 'left' ? 'left' : 'right');
/** Everything that the sheets of a practice say. */
export function sheetContent(body: SheetBody): SheetContent {
  const { practice, posterior, build, way, screening, sizes, voice, schools, book, language = 'en' } = body;
  const say = sayIn(language);
  const pace = paceOf(practice);
  const lines = sheetRows(practice.items, pace, { say, shut: shutBy(screening, practice.request) }).map(
    (row): SheetLine => {
      const found = rungOf(row.pose, row.rung);
      const [{ side }] = row.sides;
      // The lesser of its sides; half where nothing is known of the student.
      const depth =
        found && posterior
          ? Math.min(
              ...row.sides.map(
                (s) =>
                  reachedIn({ shape: found.shape, rung: row.rung, side: sideOf(s.side) }, { posterior, build }, way)
                    .depth,
              ),
            )
          : 0.5;
      const at = practice.items.findIndex((i) => i.pose === row.pose && i.rung === row.rung && i.side === side);
      return {
        pose: row.pose,
        rung: row.rung,
        side,
        depth,
        at: clock(row.at),
        name: say(found?.shape.name ?? row.pose),
        rungName: say(found?.rung.name ?? ''),
        sides: sidesWords(row, say),
        hold: holdWords(row, say),
        props: found
          ? propsOf(found.rung, sideOf(side), depth, build).map((p) =>
              ownedWords(p.prop, p.height_cm, p.length_cm, sizes, say),
            )
          : [],
        say: [
          ...(row.way ? [row.way] : []),
          ...said(practice.items[at], practice.items.slice(0, at), { voice, schools, book, say }),
          ...(row.note ? [row.note] : []),
        ],
        enter: [row.way, found ? say(cuesOf(found.shape, found.rung).enter) : ''].filter(Boolean).join(' '),
      };
    },
  );
  const total = totalSeconds(practice.items, pace);
  return {
    title: practice.title,
    name: body.name,
    on: body.on,
    total: clock(total),
    minutes: Math.round(total / 60),
    cautions: screening.cautions.map((c) => say(c.name)),
    lines,
    language,
  };
}

/** Her own words whole; of a draft only what must be said. */
function said(
  item: PracticeItem,
  before: readonly PracticeItem[],
  { voice, schools, book, say }: Pick<SheetBody, 'voice' | 'schools' | 'book'> & { say: Say },
): string[] {
  const context = { voice, schools, before, say };
  const { cues } = cuesFor(item, context, book);
  return cues.filter((c) => CARRIED.includes(c.role)).map((c) => c.words);
}

/** What every sheet ends with. */
export const TEACHER_FOOT = 'Stop at pain, pinching, tingling or numbness. Kolpos never diagnoses.';
export const studentHead = ({ on, minutes, language }: Pick<SheetContent, 'on' | 'minutes' | 'language'>): string => {
  const say = sayIn(language);
  return say('{{day}} · about {{minutes}}. Slow breaths, in and out through the nose if that is easy.', {
    day: on,
    minutes: say('{{count}} minutes', { count: minutes }),
  });
};
/** How a student's page is headed, and what it ends with. */
export const studentTitle = ({ name, language }: Pick<SheetContent, 'name' | 'language'>): string =>
  sayIn(language)('For {{name}}', { name });
export const studentFoot = ({ language }: Pick<SheetContent, 'language'>): string => sayIn(language)(STUDENT_FOOT);
