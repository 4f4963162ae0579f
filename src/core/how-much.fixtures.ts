/** How much a run of the tests goes through: what is too long for every run is left to `bin/test --full`. */

const FULL = Boolean(process.env.KOLPOS_FULL);

/** The greater number in a full run. */
export const amount = (usual: number, full: number): number => (FULL ? full : usual);

/** All of a list in a full run, else so many of it, spread evenly, the first and the last among them. */
export function someOf<T>(all: readonly T[], usual: number): readonly T[] {
  if (FULL || all.length <= usual) return all;
  const step = (all.length - 1) / Math.max(1, usual - 1);
  return Array.from({ length: usual }, (_, k) => all[Math.round(k * step)]);
}
