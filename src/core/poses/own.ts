import type { Shape } from './format';

let own: { offered: readonly Shape[]; byId: ReadonlyMap<string, Shape> } = { offered: [], byId: new Map() };

/**
 * Sets the teacher's own poses beside the library; each thread (page, worker, command line) is told once they change.
 * @param offered those that are ranked and built in; one that is still being made is only found by its id
 */
export function setOwnShapes(all: readonly Shape[], offered: readonly Shape[] = all): void {
  own = { offered, byId: new Map(all.map((s) => [s.id, s])) };
}

/** Those of the teacher's own that are offered. The same list until it is set anew. */
export const ownShapes = (): readonly Shape[] => own.offered;

/** One of the teacher's own by its id; also one that is still being made. */
export const ownById = (id: string): Shape | undefined => own.byId.get(id);
