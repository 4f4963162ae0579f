/**
 * Makes what a node writes: in processes of their own, as many at once as the machine has cores; or here, where nothing
 * is written meanwhile and little is made, so that the core is loaded once and not forty times.
 */
import { fork, type ChildProcess } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import { answersOf, type Answer, type Request } from './answer';
import type { Node } from './node';

const WORKER = fileURLToPath(new URL('./worker.ts', import.meta.url));

/** Who makes one node. */
interface Hand {
  ask(request: Request): Promise<Answer>;
  end(): void;
}
export type Where = 'here' | 'apart';

/** A process that makes one node. */
class Apart implements Hand {
  private readonly child: ChildProcess;
  constructor(private readonly node: Node) {
    this.child = fork(WORKER, [node.id], { execArgv: process.execArgv, serialization: 'advanced' });
  }
  ask(request: Request): Promise<Answer> {
    return new Promise((done, fail) => {
      const ended = () => fail(new Error(`${this.node.id}: the process that makes it ended`));
      this.child.once('exit', ended);
      this.child.once('message', (answer: Answer) => {
        this.child.off('exit', ended);
        if ('fault' in answer) fail(new Error(`${this.node.id}: ${answer.fault}`));
        else done(answer);
      });
      this.child.send(request);
    });
  }
  end(): void {
    this.child.disconnect();
  }
}

const handFor = (node: Node, where: Where): Hand =>
  where === 'apart' ? new Apart(node) : { ask: answersOf(node), end: () => undefined };

/** Pieces of a node: what each is made of, and as they are kept; keys is null for a node that is made as a whole. */
export async function piecesOf(
  node: Node,
  where: Where,
): Promise<{ keys: Record<string, string> | null; kept: Record<string, unknown> }> {
  const hand = handFor(node, where);
  const answer = await hand.ask({ ask: 'pieces' });
  hand.end();
  if (!('pieces' in answer)) throw new Error(`${node.id} answers out of turn`);
  return { keys: answer.pieces, kept: answer.kept };
}

/** Makes these pieces. */
export async function makePieces(node: Node, keys: readonly string[], where: Where): Promise<Record<string, unknown>> {
  const made: Record<string, unknown> = {};
  const queue = [...keys];
  const atOnce = where === 'apart' ? availableParallelism() : 1;
  const hands = Array.from({ length: Math.min(queue.length, atOnce) }, () => handFor(node, where));
  await Promise.all(
    hands.map(async (hand) => {
      for (let key = queue.shift(); key !== undefined; key = queue.shift()) {
        const answer = await hand.ask({ ask: 'make', key });
        if ('made' in answer) made[answer.key] = answer.made;
      }
      hand.end();
    }),
  );
  return made;
}

/** The texts that the node writes, not yet formatted. */
export async function filesOf(
  node: Node,
  pieces: Record<string, unknown>,
  version: string,
  where: Where,
): Promise<Record<string, string>> {
  const hand = handFor(node, where);
  const answer = await hand.ask({ ask: 'files', pieces, version });
  hand.end();
  if (!('files' in answer)) throw new Error(`${node.id} answers out of turn`);
  return answer.files;
}
