import { capital } from '@/core/capital';
import { AIM_WORDS, aimedName } from '@/core/aims/words';
import { allowedWords } from '@/core/cautions/allowed';
import { cautionById, cautionName } from '@/core/cautions/catalogue';
import type { Findings } from '@/core/inference';
import { limiterWords, movedWords } from '@/core/inference/words';
import type { AimChoice, Student } from '@/core/students/student';
import { PLACE_WORDS } from '@/core/students/words';
import type { Practice } from '@/core/practice/practice';
import type { LogEntry } from '@/core/teaching/log';
import { testById } from '@/core/assessment/battery';
import type { Reading } from '@/core/assessment/reading';
import type { PlanChoice } from './plan';
import { dayOf } from '@/core/day-of';
import { counted } from '@/core/plural';

/** What a line of a student's story is about. */
export type LineKind = 'asked' | 'tested' | 'read' | 'aims' | 'built' | 'taught' | 'weeks';
export interface TimelineLine {
  kind: LineKind;
  text: string;
}
/** Everything that happened on a day, in the order of working. */
export interface TimelineDay {
  day: string;
  lines: TimelineLine[];
}

/** What a student's story is told from. */
export interface Story {
  student: Student;
  readings: readonly Reading[];
  practices: readonly Practice[];
  logs: readonly LogEntry[];
  plan: PlanChoice | null;
  /** What was read from the tests of a round, by its last day. */
  found: ReadonlyMap<string, Pick<Findings, 'movements'>>;
}

const ORDER: readonly LineKind[] = ['asked', 'tested', 'read', 'aims', 'built', 'taught', 'weeks'];
/** Movements of a side that are told of a round. */
const TOLD = 3;
/** Bands below this are short of typical (SD). */
const SHORT = -1;

const dayIn = (moment: string): string => moment.slice(0, 10);
const named = (names: readonly string[]): string => {
  const list = [...new Set(names)];
  // Names of tests have commas in them.
  return list.length > 3 ? `${list.slice(0, 3).join('; ')}; and ${list.length - 3} more` : list.join('; ');
};

/** What tests said of each side, a line each: the movements most short of typical, and what stops them. */
export function foundLines({ movements }: Pick<Findings, 'movements'>): string[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const own = movements.filter((m) => m.side === side);
    if (own.length === 0) return [];
    const short = own.filter((m) => m.band < SHORT).sort((a, b) => a.band - b.band);
    if (short.length === 0) return [`${capital(side)}: every movement measured goes about as far as in most.`];
    const told = short.slice(0, TOLD).map((m) => `${movedWords(m)} (${limiterWords(m)})`);
    const more = short.length - told.length;
    return [`${capital(side)}, short: ${told.join('; ')}${more > 0 ? `; and ${more} more` : ''}.`];
  });
}

/** The teacher's word on an aim, beside what was proposed. */
function decided({ group, side, kind, note, proposed }: AimChoice): string {
  const name = `${aimedName({ kind, group })} ${side}`;
  const otherwise =
    proposed && proposed.kind !== kind && kind !== 'none'
      ? `; proposed: ${AIM_WORDS[proposed.kind].toLowerCase()}`
      : '';
  return `${AIM_WORDS[kind]}: ${name}${otherwise}.${note ? ` ${note}` : ''}`;
}

/**
 * Questions, tests, what was read from them, aims, practices built and taught, weeks laid out: by their days, newest
 * first.
 */
export function timelineOf({ student, readings, practices, logs, plan, found }: Story): TimelineDay[] {
  const days = new Map<string, TimelineLine[]>();
  const say = (day: string, kind: LineKind, text: string) => days.set(day, [...(days.get(day) ?? []), { kind, text }]);
  say(dayIn(student.createdAt), 'asked', 'Came to the studio.');
  if (student.askedOn) say(student.askedOn, 'asked', `Asked${student.aim ? `: “${student.aim}”` : '.'}`);
  for (const c of student.cautions) {
    const name = cautionName(c);
    // “Since” may be told in words: then it has no day of its own.
    if (c.since && /^\d{4}-\d{2}-\d{2}$/.test(c.since)) say(c.since, 'asked', `Caution since then: ${name}.`);
    if (c.cleared) say(c.cleared.on, 'asked', `Caution lifted by ${c.cleared.by}: ${name}.`);
    for (const a of c.allowed ?? [])
      say(a.on, 'asked', `Allowed by ${a.by}: ${allowedWords(cautionById(c.caution), a)} (${a.why}).`);
  }
  for (const { place, side, course = [] } of student.complaints)
    for (const [k, { on, strength }] of course.entries()) {
      const before = course[k - 1]?.strength;
      const where = `${capital(PLACE_WORDS[place])}${side === 'both' ? '' : ` ${side}`}`;
      say(on, 'asked', `${where}: ${strength} of 10${before === undefined ? '' : `, ${before} before`}.`);
    }
  const byDay = new Map<string, Reading[]>();
  for (const r of readings) byDay.set(dayOf(r), [...(byDay.get(dayOf(r)) ?? []), r]);
  for (const [day, list] of byDay) {
    const hurt = list.filter((r) => r.pain).length;
    const what = named(list.map((r) => testById(r.test)?.name ?? r.test));
    const hurting = hurt > 0 ? `; ${hurt} ended in pain` : '';
    say(day, 'tested', `${counted(list.length, 'reading')}: ${what}${hurting}.`);
  }
  for (const [day, findings] of found) for (const line of foundLines(findings)) say(day, 'read', line);
  for (const c of student.aimChoices ?? []) if (c.on) say(c.on, 'aims', decided(c));
  for (const p of practices) say(dayIn(p.createdAt), 'built', `“${p.title}”, ${p.minutes} minutes.`);
  for (const l of logs) {
    const done = l.items.filter((i) => !i.skipped).length;
    const stopped = l.items.some((i) => i.stopped) ? '; stopped for pain' : '';
    const note = l.note ? ` ${l.note}` : '';
    const where = l.source === 'home' ? ' at home' : '';
    say(dayOf(l), 'taught', `“${l.title}”${where}, ${done} of ${l.items.length} items${stopped}.${note}`);
  }
  if (plan) {
    say(plan.start, 'weeks', `${plan.weeks} weeks begin, ${plan.days.length} days of ${plan.minutes} minutes.`);
    for (const [was, mark] of Object.entries(plan.marks))
      say(plan.moved[was] ?? was, 'weeks', mark === 'done' ? 'A planned day, done.' : 'A planned day, missed.');
  }
  const order = (l: TimelineLine): number => ORDER.indexOf(l.kind);
  return [...days]
    .map(([day, lines]) => ({ day, lines: lines.sort((a, b) => order(a) - order(b)) }))
    .sort((a, b) => (a.day < b.day ? 1 : -1));
}
