import type { Maker, Node } from './node';

/** What a node's maker can be asked, in a process of its own or here. */
export type Request =
  { ask: 'pieces' } | { ask: 'make'; key: string } | { ask: 'files'; pieces: Record<string, unknown>; version: string };
export type Answer =
  | { pieces: Record<string, string> | null; kept: Record<string, unknown> }
  | { key: string; made: unknown }
  | { files: Record<string, string> }
  | { fault: string };

/** Asks a node's maker; loaded once, with the data as they stand then. */
export function answersOf({ module }: Node): (request: Request) => Promise<Answer> {
  const loading = import(`../../${module}`) as Promise<{ maker: Maker }>;
  return async (request) => {
    const { maker } = await loading;
    if (request.ask === 'pieces') return { pieces: maker.pieces?.keys() ?? null, kept: maker.pieces?.kept() ?? {} };
    if (request.ask === 'make') return { key: request.key, made: await maker.pieces?.make(request.key) };
    return { files: { ...(await maker.files(request.pieces, request.version)) } };
  };
}
