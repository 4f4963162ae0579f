/** One node's maker in a process of its own, so that it reads what was written before it; answers one request after the other. */
import { GRAPH } from './graph';
import type { Maker } from './node';

export type Request =
  { ask: 'pieces' } | { ask: 'make'; key: string } | { ask: 'files'; pieces: Record<string, unknown>; version: string };
export type Answer =
  | { pieces: Record<string, string> | null; kept: Record<string, unknown> }
  | { key: string; made: unknown }
  | { files: Record<string, string> }
  | { fault: string };

const node = GRAPH.find((n) => n.id === process.argv[2]);
if (!node || !process.send) throw new Error('run by scripts/derived/run.ts');
const loading = import(`../../${node.module}`) as Promise<{ maker: Maker }>;

async function answer(request: Request): Promise<Answer> {
  const { maker } = await loading;
  if (request.ask === 'pieces') return { pieces: maker.pieces?.keys() ?? null, kept: maker.pieces?.kept() ?? {} };
  if (request.ask === 'make') return { key: request.key, made: await maker.pieces?.make(request.key) };
  return { files: { ...(await maker.files(request.pieces, request.version)) } };
}

process.on('message', (request: Request) => {
  answer(request)
    .catch((error: unknown): Answer => ({ fault: error instanceof Error ? error.message : String(error) }))
    .then((reply) => process.send?.(reply))
    .catch(() => process.exit(1));
});
