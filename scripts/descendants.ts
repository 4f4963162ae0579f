import { execFileSync } from 'node:child_process';

/** A process of this machine. */
export interface Process {
  pid: number;
  parent: number;
  command: string;
}

/** The processes that run now, as `ps` lists them on Linux and macOS. */
function processes(): Process[] {
  return execFileSync('ps', ['-A', '-o', 'pid=,ppid=,args='], { encoding: 'utf8', maxBuffer: 1 << 26 })
    .split('\n')
    .flatMap((line) => {
      const [, pid, parent, command] = /^\s*(\d+)\s+(\d+)\s+(.*)$/.exec(line) ?? [];
      return pid ? [{ pid: Number(pid), parent: Number(parent), command }] : [];
    });
}

/** A process and all that it began, and what those began; without those that ended. */
export function descendants(root: number, all: readonly Process[] = processes()): Process[] {
  const out = all.filter((p) => p.pid === root);
  for (const one of out) out.push(...all.filter((p) => p.parent === one.pid && !out.includes(p)));
  return out;
}
