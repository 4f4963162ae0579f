import { STYLE_IDS } from '@/core/practice/styles';
import { JSON_SCHEMAS } from '@/core/formats/json-schemas';

/** What `bin/kolpos` understands: a line a command, told by `--help`. */
const COMMANDS: readonly (readonly [use: string, what: string])[] = [
  ['check FILE', 'is this a readable record? counts of what is in it, and what had to be set aside, where and why'],
  ['students FILE', 'who is in it: id, name, how many readings, practices and lessons'],
  ['list tests|structures|poses|coordinates', 'ids, names, units, ranges, sources'],
  [
    'muscles --coordinates JSON [--measures JSON]',
    'length, elongation and moment arms of every line at joint angles in degrees',
  ],
  ['muscles --pose ID --rung N --depth D', 'the same in a pose, at a depth from 0 to 1'],
  ['findings FILE --student ID [--seed N]', 'what limits the student, how sure that is, which tests would tell more'],
  ['aims FILE --student ID', 'what to lengthen, strengthen or leave'],
  ['rank FILE --student ID [--aim KIND:GROUP:SIDE]… [--top N]', 'poses for the student’s aims, best first'],
  [
    'why FILE --student ID --pose ID [--rung N] [--side left|right]',
    'why a pose stands where it stands for the student: what closes it, or by what it falls behind the first',
  ],
  [
    'pose ID|--all [--rung N] [--side left|right] [--depth D] [FILE --student ID]',
    'one rung, or every one: names, depth, limiter, stretch, work, angles, demands; in a typical body or in a student',
  ],
  ['cautions FILE --student ID', 'per rung and test: open, limited or closed, by which demand of which caution'],
  [
    'practice FILE --student ID --minutes M',
    `a practice in the order taught, each item with the way to it; also --aim, --props a,b, --style (or --school) ${STYLE_IDS.join('|')}, --peak POSE, --salutation half-sun|sun-a|sun-b|sun-c`,
  ],
  [
    'sequence FILE --student ID --text LINES|FILE',
    'a teacher’s own sequence, by names: what it means, the practice it becomes, its doses, the smallest changes',
  ],
  [
    'home FILE --student ID --practice ID [--practice ID]… [--nameless] [--tests] [--language en|de]',
    'one HTML file that plays the practice on a phone, in the student’s language',
  ],
  [
    'home [RECORD] --read LINE|FILE',
    'what came back from a phone; with a record, the log entry and readings it would become',
  ],
  [
    'pdf FILE --student ID --practice ID [--for teacher|student] [--paper A4|LETTER] [--language en|de]',
    'a sheet of a practice as a PDF file: the teacher’s, or the student’s own page',
  ],
  ['csv FILE [readings|log|students] [--student ID]', 'a table for any program; of everybody, or of one student'],
  ['ics FILE --student ID', 'the weeks ahead as a calendar that names nobody'],
  ['demo', 'the demo studio as a record'],
  [`schema [${Object.keys(JSON_SCHEMAS).join('|')}|all]`, 'the JSON schema of a format, or all of them by name'],
];

/** What `--help` says, of one command where it is named. */
export function usage(command?: string): string {
  const own = COMMANDS.filter(([use]) => command === undefined || use.split(' ')[0] === command);
  if (own.length === 0) return noSuchCommand(command);
  const widest = Math.max(...own.map(([use]) => use.length));
  const lines = own.map(([use, what]) => `  bin/kolpos ${use.padEnd(widest)}  ${what}`);
  return [
    'The core of Kolpos without a screen. JSON on standard output, one plain sentence on standard error.',
    '',
    ...lines,
    '',
    'FILE is a kolpos/record file, or - for standard input.',
    'Exit 0: done. 2: the input is wrong, and the sentence says where. 1: our fault.',
    'Told with examples in docs/cli.md.',
  ].join('\n');
}

/** One sentence for a command that is not there, or none at all. */
export function noSuchCommand(given: string | undefined): string {
  const names = [...new Set(COMMANDS.map(([use]) => use.split(' ')[0]))].join(', ');
  return given === undefined
    ? `Name a command: ${names}. bin/kolpos --help tells more.`
    : `There is no command "${given}"; there are ${names}. bin/kolpos --help tells more.`;
}
