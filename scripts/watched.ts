import { spawn } from 'node:child_process';
import { mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { z } from 'zod';
import { descendants, type Process } from './descendants';

/*
 * Runs a command that prints as it goes, and ends it where it says nothing for too long:
 *
 *   npx tsx scripts/watched.ts SECONDS COMMAND …
 *
 * A test that waits is ended by its own limit. One that computes for ever, and a runner that lost a message of its own,
 * are not: a run of `bin/test` then lasts until somebody's patience ends, and nobody learns where it stood. Here every
 * Node below the command writes a report of what it was doing, which is shown, and all of them are ended.
 *
 * Exits as the command does; with STOOD_STILL where it was ended.
 */

/** Exit code of a command that was ended here (EX_TEMPFAIL of sysexits.h: trying again may help). */
const STOOD_STILL = 75;
const REPORTS = join('test-results', 'stood-still');
/** Milliseconds that a Node has for its report. */
const REPORTING = 10_000;

const report = z.object({
  header: z.object({ processId: z.number(), commandLine: z.array(z.string()) }),
  javascriptStack: z.object({ message: z.string().optional(), stack: z.array(z.string()).optional() }),
});

/** What a Node was doing, in lines. */
function told(file: string): string[] {
  try {
    const { header, javascriptStack } = report.parse(JSON.parse(readFileSync(join(REPORTS, file), 'utf8')));
    const stack = javascriptStack.stack ?? ['(in no JavaScript: it waits)'];
    return [
      `process ${header.processId}: ${header.commandLine.slice(-2).join(' ')}`,
      ...stack.slice(0, 25).map((line) => `    ${line.trim()}`),
    ];
  } catch {
    return [`${file}: not written to its end`];
  }
}

const isNode = ({ command }: Process): boolean => /(^|\/)node(\s|$)/.test(command);

/** A process and what it began; nothing where the machine has no `ps`: then only the command itself is ended. */
function below(pid: number): Process[] {
  try {
    return descendants(pid);
  } catch {
    console.log('(no ps here, so nobody can be asked)');
    return [];
  }
}

/** Sends a signal; one that is gone already needs none. */
function signal(pid: number, name: NodeJS.Signals): void {
  try {
    process.kill(pid, name);
  } catch {
    // It ended by itself meanwhile.
  }
}

const [seconds, command, ...rest] = process.argv.slice(2);
const silence = Number(seconds) * 1000;
if (!(silence > 0) || !command) {
  console.error('npx tsx scripts/watched.ts SECONDS COMMAND …');
  process.exit(2);
}

rmSync(REPORTS, { recursive: true, force: true });
mkdirSync(REPORTS, { recursive: true });
const options = [process.env.NODE_OPTIONS, '--report-on-signal', `--report-directory=${join(process.cwd(), REPORTS)}`];
const child = spawn(command, rest, {
  stdio: ['ignore', 'pipe', 'pipe'],
  env: { ...process.env, NODE_OPTIONS: options.filter(Boolean).join(' ') },
});
let stoodStill = false;
let patience: NodeJS.Timeout;
const heard = () => {
  clearTimeout(patience);
  patience = setTimeout(() => void giveUp(), silence);
};

async function giveUp(): Promise<void> {
  stoodStill = true;
  console.log(`\nNothing was said for ${silence / 1000} s. What each process was doing:`);
  const all = child.pid === undefined ? [] : below(child.pid);
  all.filter(isNode).forEach(({ pid }) => signal(pid, 'SIGUSR2'));
  await pause(Math.min(REPORTING, silence));
  for (const line of readdirSync(REPORTS).flatMap(told)) console.log(line);
  all.forEach(({ pid }) => signal(pid, 'SIGKILL'));
  child.kill('SIGKILL');
}

heard();
child.stdout.on('data', (text: Buffer) => {
  heard();
  process.stdout.write(text);
});
child.stderr.on('data', (text: Buffer) => {
  heard();
  process.stderr.write(text);
});
child.on('close', (code, ended) => {
  clearTimeout(patience);
  process.exitCode = stoodStill ? STOOD_STILL : (code ?? (ended ? 1 : 0));
});
