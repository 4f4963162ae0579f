import { say } from '@/core/languages/spoken';
import { within } from '@/core/languages/in-sentence';
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
  return list.length > 3
    ? say('{{list}}; and {{count}} more', { list: list.slice(0, 3).join('; '), count: list.length - 3 })
    : list.join('; ');
};

/** What tests said of each side, a line each: the movements most short of typical, and what stops them. */
export function foundLines({ movements }: Pick<Findings, 'movements'>): string[] {
  return (['left', 'right'] as const).flatMap((side) => {
    const own = movements.filter((m) => m.side === side);
    if (own.length === 0) return [];
    const short = own.filter((m) => m.band < SHORT).sort((a, b) => a.band - b.band);
    if (short.length === 0)
      return [
        say('{{capital}}: every movement measured goes about as far as in most.', { capital: capital(say(side)) }),
      ];
    const told = short.slice(0, TOLD).map((m) => `${movedWords(m)} (${limiterWords(m)})`);
    const more = short.length - told.length;
    return [
      say('{{capital}}, short: {{told}}{{what}}.', {
        capital: capital(say(side)),
        told: told.join('; '),
        what: more > 0 ? say('; and {{count}} more', { count: more }) : '',
      }),
    ];
  });
}

/** The teacher's word on an aim, beside what was proposed. */
function decided({ group, side, kind, note, proposed }: AimChoice): string {
  const name = `${aimedName({ kind, group })} ${say(side)}`;
  const otherwise =
    proposed && proposed.kind !== kind && kind !== 'none'
      ? say('; proposed: {{within}}', { within: within(AIM_WORDS[proposed.kind]) })
      : '';
  return `${say(AIM_WORDS[kind])}: ${name}${otherwise}.${note ? ` ${note}` : ''}`;
}

/**
 * Questions, tests, what was read from them, aims, practices built and taught, weeks laid out: by their days, newest
 * first.
 */
export function timelineOf({ student, readings, practices, logs, plan, found }: Story): TimelineDay[] {
  const days = new Map<string, TimelineLine[]>();
  const put: Put = (day, kind, text) => void days.set(day, [...(days.get(day) ?? []), { kind, text }]);
  askedOf(student, put);
  testedIn(readings, put);
  for (const [day, findings] of found) for (const line of foundLines(findings)) put(day, 'read', line);
  for (const c of student.aimChoices ?? []) if (c.on) put(c.on, 'aims', decided(c));
  for (const p of practices)
    put(dayIn(p.createdAt), 'built', say('“{{title}}”, {{count}} minutes.', { title: p.title, count: p.minutes }));
  for (const l of logs) put(dayOf(l), 'taught', taughtLine(l));
  if (plan) plannedIn(plan, put);
  const order = (l: TimelineLine): number => ORDER.indexOf(l.kind);
  return [...days]
    .map(([day, lines]) => ({ day, lines: lines.sort((a, b) => order(a) - order(b)) }))
    .sort((a, b) => (a.day < b.day ? 1 : -1));
}

type Put = (day: string, kind: LineKind, text: string) => void;

/** What was asked: the aim, cautions with what became of them, and how strong a complaint was. */
function askedOf(student: Student, put: Put): void {
  put(dayIn(student.createdAt), 'asked', say('Came to the studio.'));
  if (student.askedOn)
    put(student.askedOn, 'asked', student.aim ? say('Asked: “{{aim}}”', { aim: student.aim }) : say('Asked.'));
  for (const c of student.cautions) {
    const name = cautionName(c);
    // “Since” may be told in words: then it has no day of its own.
    if (c.since && /^\d{4}-\d{2}-\d{2}$/.test(c.since))
      put(c.since, 'asked', say('Caution since then: {{name}}.', { name }));
    if (c.cleared) put(c.cleared.on, 'asked', say('Caution lifted by {{by}}: {{name}}.', { by: c.cleared.by, name }));
    for (const a of c.allowed ?? [])
      put(
        a.on,
        'asked',
        say('Allowed by {{by}}: {{what}} ({{why}}).', {
          by: a.by,
          what: allowedWords(cautionById(c.caution), a),
          why: a.why,
        }),
      );
  }
  for (const { place, side, course = [] } of student.complaints)
    for (const [k, { on, strength }] of course.entries()) {
      const before = course[k - 1]?.strength;
      const where = `${capital(say(PLACE_WORDS[place]))}${side === 'both' ? '' : ` ${say(side)}`}`;
      put(
        on,
        'asked',
        before === undefined
          ? say('{{where}}: {{strength}} of 10.', { where, strength })
          : say('{{where}}: {{strength}} of 10, {{before}} before.', { where, strength, before }),
      );
    }
}

function testedIn(readings: readonly Reading[], put: Put): void {
  const byDay = new Map<string, Reading[]>();
  for (const r of readings) byDay.set(dayOf(r), [...(byDay.get(dayOf(r)) ?? []), r]);
  for (const [day, list] of byDay) {
    const hurt = list.filter((r) => r.pain).length;
    const what = named(list.map((r) => say(testById(r.test)?.name ?? r.test)));
    const hurting = hurt > 0 ? say('; {{count}} ended in pain', { count: hurt }) : '';
    put(day, 'tested', `${counted(list.length, 'reading')}: ${what}${hurting}.`);
  }
}

function taughtLine(l: LogEntry): string {
  const done = l.items.filter((i) => !i.skipped).length;
  const stopped = l.items.some((i) => i.stopped) ? say('; stopped for pain') : '';
  const note = l.note ? ` ${l.note}` : '';
  const where = l.source === 'home' ? say(' at home') : '';
  const told = { title: l.title, where, done, all: l.items.length, stopped };
  return say('“{{title}}”{{where}}, {{done}} of {{all}} items{{stopped}}.', told) + note;
}

function plannedIn(plan: PlanChoice, put: Put): void {
  put(
    plan.start,
    'weeks',
    say('{{weeks}} weeks begin, {{days}} days of {{minutes}} minutes.', {
      weeks: plan.weeks,
      days: plan.days.length,
      minutes: plan.minutes,
    }),
  );
  for (const [was, mark] of Object.entries(plan.marks))
    put(plan.moved[was] ?? was, 'weeks', mark === 'done' ? say('A planned day, done.') : say('A planned day, missed.'));
}
