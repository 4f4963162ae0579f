/**
 * One node's maker in a process of its own, so that it reads what was written before it; answers one request after the
 * other.
 */
import { answersOf, type Answer, type Request } from './answer';
import { GRAPH } from './graph';

const node = GRAPH.find((n) => n.id === process.argv[2]);
if (!node || !process.send) throw new Error('run by scripts/derived/run.ts');
const answer = answersOf(node);

process.on('message', (request: Request) => {
  answer(request)
    .catch((error: unknown): Answer => ({ fault: error instanceof Error ? error.message : String(error) }))
    .then((reply) => process.send?.(reply))
    .catch(() => process.exit(1));
});
