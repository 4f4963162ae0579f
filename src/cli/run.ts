import { cautions } from './cautions';
import { home, homeRead } from './home';
import { bodyFor, pose } from './pose';
import { sequence } from './sequence';
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
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
import { csv } from './csv';
import { students } from './students';
import { ics } from './ics';
import { why } from './why';
import { aims, findings, InputProblem, list, muscles, musclesInPose, parseAims, practice, rank } from './commands';

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
 * The record of a file, to compute from. What was set aside of this student would be missing from her answer without a word, be it
 * a reading or a pain: that is refused with its place.
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

function number(text: string | undefined, name: string, otherwise: number): number {
  if (text === undefined) return otherwise;
  const value = Number(text);
  if (!Number.isFinite(value)) throw new InputProblem(`--${name} takes a number, not "${text}".`, name);
  return value;
}

function objectFrom(text: string | undefined, name: string, example: string): object {
  let value: unknown;
  try {
    value = JSON.parse(text ?? '');
  } catch {
    throw new InputProblem(`--${name} takes JSON such as ${example}.`, name);
  }
  if (typeof value !== 'object' || value === null || Array.isArray(value))
    throw new InputProblem(`--${name} takes an object such as ${example}.`, name);
  return value;
}

/**
 * Answers a command line: an object to be printed as JSON, or a text for people.
 * @throws InputProblem where the input is wrong
 */
export function run(argv: string[]): unknown {
  const parsed = (() => {
    try {
      return parseArgs({
        args: argv,
        allowPositionals: true,
        options: {
          help: { type: 'boolean', short: 'h' },
          version: { type: 'boolean' },
          coordinates: { type: 'string' },
          measures: { type: 'string' },
          pose: { type: 'string' },
          rung: { type: 'string' },
          depth: { type: 'string' },
          student: { type: 'string' },
          seed: { type: 'string' },
          aim: { type: 'string', multiple: true },
          top: { type: 'string' },
          minutes: { type: 'string' },
          props: { type: 'string' },
          school: { type: 'string' },
          peak: { type: 'string' },
          salutation: { type: 'string' },
          side: { type: 'string' },
          all: { type: 'boolean' },
          practice: { type: 'string', multiple: true },
          nameless: { type: 'boolean' },
          language: { type: 'string' },
          tests: { type: 'boolean' },
          for: { type: 'string' },
          paper: { type: 'string' },
          read: { type: 'string' },
          text: { type: 'string' },
        },
      });
    } catch (error) {
      const [said] = (error instanceof Error ? error.message : '').split(/\. |\n/);
      throw new InputProblem(`${said}. bin/kolpos --help tells what there is.`, 'arguments');
    }
  })();
  const { values, positionals } = parsed;
  const [command, argument, second] = positionals;
  if (values.help) return usage(command);
  if (command === 'help') return usage(argument);
  if (values.version) return version;
  const seed = number(values.seed, 'seed', 1);
  switch (command) {
    case 'check': {
      const { record: r, setAside, digest } = readFile(argument);
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
        setAside: setAside.map(({ where, why }) => ({ where, why })),
      };
    }
    case 'students':
      return students(recordFrom(argument));
    case 'list':
      return list(argument ?? '');
    case 'muscles': {
      if (values.pose !== undefined)
        return musclesInPose(values.pose, number(values.rung, 'rung', 1), number(values.depth, 'depth', 1));
      const angles = objectFrom(values.coordinates, 'coordinates', '{"hip_flexion_left": 90}');
      if (values.measures === undefined) return muscles(angles as Record<string, number>);
      const given = objectFrom(values.measures, 'measures', '{"height_cm": 168, "mass_kg": 60}');
      const measures = z
        .strictObject({ height_cm: z.number(), mass_kg: z.number(), ...measuresSchema.shape })
        .safeParse(given);
      if (!measures.success) {
        const [issue] = measures.error.issues;
        throw new InputProblem(
          `--measures: ${issue.path.join('.')}: ${issue.message}`,
          issue.path.join('.') || 'measures',
        );
      }
      return muscles(angles as Record<string, number>, measures.data);
    }
    case 'findings':
      return findings(recordFrom(argument, values.student), values.student, seed);
    case 'aims':
      return aims(recordFrom(argument, values.student), values.student, seed);
    case 'rank':
      return rank(
        recordFrom(argument, values.student),
        values.student,
        parseAims(values.aim ?? []),
        number(values.top, 'top', Infinity),
        seed,
      );
    case 'csv':
      return csv(recordFrom(argument, values.student), second ?? 'readings', values.student).replace(/\n$/, '');
    case 'pdf': {
      const record = recordFrom(argument, values.student);
      const asked = {
        practice: values.practice?.at(-1),
        who: values.for ?? 'teacher',
        paper: values.paper ?? 'A4',
        language: values.language,
      };
      // Setting a page takes a library that nothing else needs.
      return import('./pdf').then(({ pdf }) => pdf(record, values.student, asked, seed));
    }
    case 'ics':
      return ics(recordFrom(argument, values.student), values.student, seed, Date.now()).replace(/\n$/, '');
    case 'why':
      return why(
        recordFrom(argument, values.student),
        values.student,
        parseAims(values.aim ?? []),
        values.pose,
        number(values.rung, 'rung', 1),
        values.side,
        seed,
      );
    case 'practice':
      return practice(
        recordFrom(argument, values.student),
        values.student,
        {
          minutes: number(values.minutes, 'minutes', 30),
          props: values.props?.split(',').filter(Boolean),
          arc: values.school,
          peak: values.peak,
          salutation: values.salutation,
        },
        parseAims(values.aim ?? []),
        seed,
      );
    case 'home':
      if (values.read !== undefined) return homeRead(values.read, argument === undefined ? null : recordFrom(argument));
      return home(
        recordFrom(argument, values.student),
        values.student,
        {
          practices: values.practice ?? [],
          named: !values.nameless,
          tests: values.tests ?? false,
          language: values.language,
        },
        seed,
      );
    case 'sequence':
      return sequence(recordFrom(argument, values.student), values.student, values.text, seed);
    case 'cautions':
      return cautions(recordFrom(argument, values.student), values.student);
    case 'pose': {
      // With --all there is no id: what stands first is the file.
      const file = values.all ? argument : second;
      if (!values.all && argument === undefined)
        throw new InputProblem('Name a pose, or ask for --all; bin/kolpos list poses tells what there is.', 'pose');
      return pose(
        argument,
        {
          all: values.all ?? false,
          rung: values.rung === undefined ? null : number(values.rung, 'rung', 1),
          side: values.side ?? 'right',
          depth: values.depth === undefined ? null : number(values.depth, 'depth', 1),
        },
        bodyFor(file === undefined ? null : recordFrom(file, values.student), values.student, seed),
      );
    }
    case 'demo':
      return demoStudio();
    case 'schema': {
      const name = argument ?? 'record';
      if (name === 'all') return Object.fromEntries(Object.entries(JSON_SCHEMAS).map(([id, make]) => [id, make()]));
      if (!isSchemaName(name))
        throw new InputProblem(
          `There is no schema of "${name}": ask for ${Object.keys(JSON_SCHEMAS).join(', ')} or all.`,
          'schema',
        );
      return JSON_SCHEMAS[name]();
    }
    default:
      throw new InputProblem(noSuchCommand(command), 'command');
  }
}
