import { parseArgs } from 'node:util';
import { InputProblem } from './commands';

/** Every option there is; which command takes which is told by its usage. */
const OPTIONS = {
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
  style: { type: 'string' },
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
} as const;

const parsed = (args: string[]) => parseArgs({ args, allowPositionals: true, options: OPTIONS });

/** A command line taken apart. */
export interface Line {
  values: ReturnType<typeof parsed>['values'];
  command: string | undefined;
  /** What stands after the command. */
  argument: string | undefined;
  second: string | undefined;
}

/** @throws InputProblem for an option that is not there */
export function lineOf(argv: string[]): Line {
  try {
    const { values, positionals } = parsed(argv);
    const [command, argument, second] = positionals;
    return { values, command, argument, second };
  } catch (error) {
    const [said] = (error instanceof Error ? error.message : '').split(/\. |\n/);
    throw new InputProblem(`${said}. bin/kolpos --help tells what there is.`, 'arguments');
  }
}

/** An option that takes a number. @throws InputProblem for another word */
export function number(text: string | undefined, name: string, otherwise: number): number {
  if (text === undefined) return otherwise;
  const value = Number(text);
  if (!Number.isFinite(value)) throw new InputProblem(`--${name} takes a number, not "${text}".`, name);
  return value;
}

/** An option that takes an object as JSON. @throws InputProblem for anything else */
export function objectFrom(text: string | undefined, name: string, example: string): object {
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
