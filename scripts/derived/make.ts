/** Makes what a node writes, in processes of their own, as many at once as the machine has cores. */
import { fork, type ChildProcess } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { fileURLToPath } from 'node:url';
import type { Node } from './node';
import type { Answer, Request } from './worker';

const WORKER = fileURLToPath(new URL('./worker.ts', import.meta.url));

/** A process that makes one node. */
class Hand {
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

/** Pieces of a node: what each is made of, and as they are kept; keys is null for a node that is made as a whole. */
export async function piecesOf(
  node: Node,
): Promise<{ keys: Record<string, string> | null; kept: Record<string, unknown> }> {
  const hand = new Hand(node);
  const answer = await hand.ask({ ask: 'pieces' });
  hand.end();
  if (!('pieces' in answer)) throw new Error(`${node.id} answers out of turn`);
  return { keys: answer.pieces, kept: answer.kept };
}

/** Makes these pieces. */
export async function makePieces(node: Node, keys: readonly string[]): Promise<Record<string, unknown>> {
  const made: Record<string, unknown> = {};
  const queue = [...keys];
  const hands = Array.from({ length: Math.min(queue.length, availableParallelism()) }, () => new Hand(node));
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
): Promise<Record<string, string>> {
  const hand = new Hand(node);
  const answer = await hand.ask({ ask: 'files', pieces, version });
  hand.end();
  if (!('files' in answer)) throw new Error(`${node.id} answers out of turn`);
  return answer.files;
}
