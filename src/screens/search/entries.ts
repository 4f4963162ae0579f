import { say } from '@/core/languages/spoken';
import { BATTERY } from '@/core/assessment/battery';
import { MUSCLES } from '@/core/body';
import { CHAPTERS } from '@/core/guide/chapters';
import { GLOSSARY } from '@/core/guide/glossary';
import { allShapes, namesOf } from '@/core/poses';
import type { Practice } from '@/core/practice/practice';
import type { Student } from '@/core/students/student';
import { finds, nearness, wordsOf } from '@/core/text-search';

/** Everything that one box finds, and in which order. */

export const GROUPS = [
  'Students',
  'Practices',
  'Poses',
  'Muscles',
  'Tests',
  'Templates',
  'Classes',
  'Do',
  'Guide',
] as const;
export type Group = (typeof GROUPS)[number];

export interface Entry {
  key: string;
  group: Group;
  label: string;
  /** What tells it from others of its name. */
  detail: string;
  /** Address below the studio's own. */
  to: string;
  /** What it is found by, its own name first. */
  names: readonly string[];
  /** True where it is found only when more than the name of its student was typed. */
  step?: true;
  /** True for a student whose work rests. */
  archived?: true;
}

/** What of the studio can be found. */
export interface Findable {
  students: readonly Pick<Student, 'id' | 'name' | 'archived' | 'aim'>[];
  practices: readonly Pick<Practice, 'id' | 'title' | 'student' | 'minutes'>[];
  templates: readonly { id: string; title: string }[];
  classes: readonly { id: string; name: string }[];
  /** The student whose page is open; tests and templates lead into it. */
  open: string | null;
}

const STEPS = [
  ['ask', 'Ask'],
  ['measure', 'Measure'],
  ['findings', 'Findings'],
  ['poses', 'Poses'],
  ['practice', 'Practice'],
  ['progress', 'Progress'],
] as const;

const DO: readonly (readonly [label: string, to: string, also: string])[] = [
  ['Add a student', '/students?add=1', 'new student'],
  ['Day book', '/daybook', 'visits appointments who comes when attendance calendar'],
  ['Overview of all students', '/overview', 'studio common limits due statistics'],
  ['Make a class', '/classes', 'new class'],
  ['Make a pose of your own', '/poses/bench', 'new pose bench draw'],
  ['Save a backup of everything', '/settings', 'file export'],
  ['Bring a file in', '/settings', 'import restore'],
  ['Bring readings in from a table', '/settings', 'csv spreadsheet import'],
  ['Back from home', '', 'code qr phone'],
  ['Day and night', '/settings', 'dark light theme'],
];

const id = encodeURIComponent;

/** All that can be found, in no order. */
export function entriesOf(findable: Findable): Entry[] {
  const name = new Map(findable.students.map((s) => [s.id, s.name]));
  const open = findable.open === null ? undefined : name.get(findable.open);
  const current: Current | null =
    findable.open === null || open === undefined ? null : { id: findable.open, name: open };
  return [
    ...findable.students.flatMap(ofStudent),
    ...findable.practices.map((p) => ofPractice(p, name.get(p.student) ?? '')),
    ...ofLibrary(),
    ...(current ? inCurrent(current, findable.templates) : []),
    ...findable.classes.map((c): Entry => ({
      key: `class/${c.id}`,
      group: 'Classes',
      label: c.name,
      detail: '',
      to: `/class?id=${id(c.id)}`,
      names: [c.name],
    })),
    ...deeds(),
    ...ofGuide(),
  ];
}

/** The student whose page is open. */
interface Current {
  id: string;
  name: string;
}

/** A student, and each step of her line. */
const ofStudent = (student: Findable['students'][number]): Entry[] => [
  {
    key: `student/${student.id}`,
    group: 'Students',
    label: student.name,
    ...(student.archived && { archived: true as const }),
    detail: student.archived ? say('archived') : student.aim.slice(0, 60),
    to: `/student?id=${id(student.id)}`,
    names: [student.name],
  },
  ...STEPS.map(([step, label]): Entry => ({
    key: `student/${student.id}/${step}`,
    group: 'Students',
    label: `${student.name}: ${say(label)}`,
    detail: '',
    to: `/student?id=${id(student.id)}&step=${step}`,
    names: [`${student.name} ${say(label)}`],
    step: true,
  })),
];

const ofPractice = (practice: Findable['practices'][number], whose: string): Entry => ({
  key: `practice/${practice.id}`,
  group: 'Practices',
  label: practice.title,
  detail: say('{{whose}}, {{count}} minutes', { whose, count: practice.minutes }),
  to: `/student?id=${id(practice.student)}&step=practice&practice=${id(practice.id)}`,
  names: [practice.title],
});

/** Poses, the teacher's own among them, and muscles. */
const ofLibrary = (): Entry[] => [
  ...allShapes().map((s): Entry => ({
    key: `pose/${s.id}`,
    group: 'Poses',
    label: say(s.name),
    detail: namesOf(s)
      .filter((n) => n !== s.name)
      .slice(0, 2)
      .join(', '),
    to: `/poses?pose=${id(`${s.id}/1`)}`,
    names: [...new Set([say(s.name), ...namesOf(s)])],
  })),
  ...MUSCLES.map((m): Entry => ({
    key: `muscle/${m.structure}`,
    group: 'Muscles',
    label: say(m.name),
    detail: say(m.plain),
    to: `/muscles?muscle=${id(m.structure)}`,
    names: [say(m.name), say(m.plain)],
  })),
];

/** What leads into the page of the student that is open: tests and templates. */
const inCurrent = (current: Current, templates: Findable['templates']): Entry[] => [
  ...BATTERY.map((t): Entry => ({
    key: `test/${t.id}`,
    group: 'Tests',
    label: say(t.clinical),
    detail: say('measure it in {{name}}', { name: current.name }),
    to: `/student?id=${id(current.id)}&step=measure&at=${id(`${t.id}/${t.readouts[0].id}/${t.sided ? 'left' : 'both'}`)}`,
    names: [say(t.clinical), say(t.name)],
  })),
  ...templates.map((t): Entry => ({
    key: `template/${t.id}`,
    group: 'Templates',
    label: t.title,
    detail: say('fit it to {{name}}', { name: current.name }),
    to: `/student?id=${id(current.id)}&step=practice&from=${id(t.id)}`,
    names: [t.title],
  })),
];

const deeds = (): Entry[] =>
  DO.map(([label, to, also]): Entry => ({
    key: `do/${label}`,
    group: 'Do',
    label: say(label),
    detail: '',
    to,
    names: [say(label), say(also)],
  }));

const ofGuide = (): Entry[] => [
  ...CHAPTERS.map((c): Entry => ({
    key: `guide/${c.id}`,
    group: 'Guide',
    label: say(c.title),
    detail: say('guide'),
    to: `/guide#${c.id}`,
    names: [say(c.title)],
  })),
  ...GLOSSARY.map((t): Entry => ({
    key: `term/${t.term}`,
    group: 'Guide',
    label: say(t.term),
    detail: say(t.means).slice(0, 80),
    to: '/guide#glossary',
    names: [say(t.term), ...(t.also ?? [])],
  })),
];

/** What explains a thing goes behind the thing itself. */
const BEHIND: Readonly<Partial<Record<Group, number>>> = { Guide: 1.25 };

/**
 * How far an entry is from what was typed: a whole name goes before one that only begins so, the first name of a thing
 * before its others, and of equals the one with the fewest other words.
 * @param own its names that hold what was typed
 */
function farness(entry: Entry, own: readonly string[], typed: string): number {
  const whole = own.some((n) => wordsOf(n).join(' ') === typed);
  const words = Math.min(...own.map((n) => wordsOf(n).length));
  const first = own.includes(entry.names[0]) ? 0 : 0.5;
  return nearness(own, typed) + first - (whole ? 1 : 0) + 0.01 * words + (BEHIND[entry.group] ?? 0);
}

/** Of each kind at most so many are shown. */
const MOST_EACH = 6;

/**
 * What was typed, found among the entries: in groups, the group of the nearest first, in each the nearest first.
 * Nothing typed finds the students and what one can do.
 */
export function findEntries(entries: readonly Entry[], text: string): Entry[] {
  const idle = text.trim() === '';
  const typed = wordsOf(text).join(' ');
  const found = entries.flatMap((entry, at) => {
    if (idle)
      return entry.step || (entry.group !== 'Students' && entry.group !== 'Do') || entry.archived
        ? []
        : [{ entry, near: 0 as number, at }];
    // One of its names holds everything that was typed: words of two names do not add up.
    const own = entry.names.filter((n) => finds(n, text));
    if (own.length === 0) return [];
    if (entry.step && finds(entry.label.split(':')[0], text)) return [];
    return [{ entry, near: farness(entry, own, typed), at }];
  });
  found.sort((a, b) => a.near - b.near || a.at - b.at);
  const best = new Map<Group, number>();
  for (const { entry, near } of found) if (!best.has(entry.group)) best.set(entry.group, near);
  const order = [...best].sort((a, b) => a[1] - b[1] || GROUPS.indexOf(a[0]) - GROUPS.indexOf(b[0])).map(([g]) => g);
  return order.flatMap((group) =>
    found
      .filter((x) => x.entry.group === group)
      .slice(0, MOST_EACH)
      .map((x) => x.entry),
  );
}
