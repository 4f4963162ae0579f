import { cautions } from './cautions';
import { home, homeRead } from './home';
import { bodyFor, pose } from './pose';
import { sequence } from './sequence';
import { readFileSync } from 'node:fs';
import { version } from '../../package.json';
import { z } from 'zod';
import { measuresSchema } from '@/core/students/student';
import { isSchemaName, JSON_SCHEMAS } from '@/core/formats/json-schemas';
import { setOwnShapes } from '@/core/poses';
import { readRecord, type ReadResult } from '@/core/formats/read-record';
import { textOf } from '@/core/formats/text';
import type { KolposRecord } from '@/core/formats/record';
import { demoStudio } from '@demo/studio';
import { noSuchCommand, usage } from './usage';
import { lineOf, number, objectFrom, type Line } from './arguments';
import { csv } from './csv';
import { students } from './students';
import { ics } from './ics';
import { why } from './why';
import {
  aims,
  findings,
  InputProblem,
  list,
  muscles,
  musclesInPose,
  parseAims,
  practice,
  rank,
  type Said,
} from './commands';

function readFile(file: string | undefined): Extract<ReadResult, { ok: true }> {
  if (!file) throw new InputProblem('Name a file, or - for standard input.', 'file');
  let bytes: Uint8Array;
  try {
    bytes = readFileSync(file === '-' ? 0 : file);
  } catch {
    throw new InputProblem(`The file "${file}" cannot be read.`, file);
  }
  const text = textOf(bytes);
  const result = text.ok ? readRecord(text.text) : text;
  if (!result.ok)
    throw new InputProblem(`${file}: ${result.problem.field}: ${result.problem.message}`, result.problem.field);
  return result;
}

/**
 * The record of a file, to compute from. What was set aside of this student would be missing from her answer without a
 * word, be it a reading or a pain: that is refused with its place.
 */
function recordFrom(file: string | undefined, student?: string): KolposRecord {
  const result = readFile(file);
  const hers = result.setAside.find(({ row }) => {
    const { id, student: of } = (row ?? {}) as { id?: unknown; student?: unknown };
    return student !== undefined && (of === student || id === student);
  });
  if (hers) throw new InputProblem(`${file}: ${hers.where}: ${hers.why}`, hers.where);
  const { poses } = result.record;
  setOwnShapes(
    poses,
    poses.filter((p) => p.inLibrary),
  );
  return result.record;
}

/** The record that a line names, for its student. */
const recordOf = ({ argument, values }: Line): KolposRecord => recordFrom(argument, values.student);
const seedOf = ({ values }: Line): number => number(values.seed, 'seed', 1);

/** What each command answers; a promise where it takes long. */
const ANSWERS: Readonly<Record<string, (line: Line) => unknown>> = {
  check: ({ argument }) => checked(readFile(argument)),
  students: ({ argument }) => students(recordFrom(argument)),
  list: ({ argument }) => list(argument ?? ''),
  muscles: lengths,
  findings: (line) => findings(recordOf(line), line.values.student, seedOf(line)),
  aims: (line) => aims(recordOf(line), line.values.student, seedOf(line)),
  rank: (line) => {
    const { student, aim = [], top } = line.values;
    return rank(recordOf(line), student, parseAims(aim), number(top, 'top', Infinity), seedOf(line));
  },
  csv: (line) => csv(recordOf(line), line.second ?? 'readings', line.values.student).replace(/\n$/, ''),
  pdf: sheetOf,
  ics: (line) => ics(recordOf(line), line.values.student, seedOf(line), Date.now()).replace(/\n$/, ''),
  why: (line) => {
    const { student, aim = [], pose: of, rung, side } = line.values;
    const whose = { student, wanted: parseAims(aim), seed: seedOf(line) };
    return why(recordOf(line), whose, { pose: of, rung: number(rung, 'rung', 1), side });
  },
  practice: (line) => {
    const { student, minutes, props, style, school, peak, salutation, aim = [] } = line.values;
    const wishes: Said = {
      minutes: number(minutes, 'minutes', 30),
      props: props?.split(',').filter(Boolean),
      style: style ?? school,
      // The name that the option has had from the beginning: it is answered by the name it was given.
      styleAs: style === undefined && school !== undefined ? 'school' : 'style',
      peak,
      salutation,
    };
    return practice(recordOf(line), student, wishes, parseAims(aim), seedOf(line));
  },
  home: (line) => {
    const { student, read, practice: practices = [], nameless = false, tests = false, language } = line.values;
    if (read !== undefined) return homeRead(read, line.argument === undefined ? null : recordFrom(line.argument));
    return home(recordOf(line), student, { practices, named: !nameless, tests, language }, seedOf(line));
  },
  sequence: (line) => sequence(recordOf(line), line.values.student, line.values.text, seedOf(line)),
  cautions: (line) => cautions(recordOf(line), line.values.student),
  pose: rungOrAll,
  demo: () => demoStudio(),
  schema: ({ argument }) => schemaOf(argument ?? 'record'),
};

/**
 * Answers a command line: an object to be printed as JSON, or a text for people.
 * @throws InputProblem where the input is wrong
 */
export function run(argv: string[]): unknown {
  const line = lineOf(argv);
  const { command, argument, values } = line;
  if (values.help) return usage(command);
  if (command === 'help') return usage(argument);
  if (values.version) return version;
  const answer = command !== undefined && Object.hasOwn(ANSWERS, command) ? ANSWERS[command] : null;
  if (!answer) throw new InputProblem(noSuchCommand(command), 'command');
  return answer(line);
}

/** How a file reads: what is in it, and what is set aside. */
function checked({ record: r, setAside, digest }: Extract<ReadResult, { ok: true }>): object {
  return {
    readable: true,
    version: r.version,
    digest,
    students: r.students.length,
    readings: r.readings.length,
    practices: r.practices.length,
    logs: r.logs.length,
    poses: r.poses.length,
    templates: r.templates.length,
    plans: r.plans.length,
    classes: r.classes.length,
    visits: r.visits.length,
    setAside: setAside.map(({ where, why: reason }) => ({ where, why: reason })),
  };
}

/** Lengths and arms of every line: in a pose, or at joint angles in a body of some size. */
function lengths({ values }: Line): unknown {
  if (values.pose !== undefined)
    return musclesInPose(values.pose, number(values.rung, 'rung', 1), number(values.depth, 'depth', 1));
  const angles = objectFrom(values.coordinates, 'coordinates', '{"hip_flexion_left": 90}') as Record<string, number>;
  if (values.measures === undefined) return muscles(angles);
  const given = objectFrom(values.measures, 'measures', '{"height_cm": 168, "mass_kg": 60}');
  const measures = z
    .strictObject({ height_cm: z.number(), mass_kg: z.number(), ...measuresSchema.shape })
    .safeParse(given);
  if (!measures.success) {
    const [issue] = measures.error.issues;
    const field = issue.path.join('.');
    throw new InputProblem(`--measures: ${field}: ${issue.message}`, field || 'measures');
  }
  return muscles(angles, measures.data);
}

async function sheetOf(line: Line): Promise<Uint8Array> {
  const { student, practice: practices, for: who = 'teacher', paper = 'A4', language } = line.values;
  const record = recordOf(line),
    seed = seedOf(line);
  // Setting a page takes a library that nothing else needs.
  const { pdf } = await import('./pdf');
  return pdf(record, student, { practice: practices?.at(-1), who, paper, language }, seed);
}

function rungOrAll(line: Line): unknown {
  const { all = false, rung, side = 'right', depth, student } = line.values;
  const { argument, second } = line;
  // With --all there is no id: what stands first is the file.
  const file = all ? argument : second;
  if (!all && argument === undefined)
    throw new InputProblem('Name a pose, or ask for --all; bin/kolpos list poses tells what there is.', 'pose');
  return pose(
    argument,
    {
      all,
      rung: rung === undefined ? null : number(rung, 'rung', 1),
      side,
      depth: depth === undefined ? null : number(depth, 'depth', 1),
    },
    bodyFor(file === undefined ? null : recordFrom(file, student), student, seedOf(line)),
  );
}

function schemaOf(name: string): unknown {
  if (name === 'all') return Object.fromEntries(Object.entries(JSON_SCHEMAS).map(([id, make]) => [id, make()]));
  if (!isSchemaName(name))
    throw new InputProblem(
      `There is no schema of "${name}": ask for ${Object.keys(JSON_SCHEMAS).join(', ')} or all.`,
      'schema',
    );
  return JSON_SCHEMAS[name]();
}
