/**
 * The cheapest choice of a place for each of a list, none before the one before it, by dynamic programming along the
 * list; of equals the earliest place.
 * @param costs for each of the list, what every place costs; all of the same length
 */
export function risingPath(costs: readonly (readonly number[])[]): number[] {
  const places = costs.at(0)?.length ?? 0;
  let best = new Array<number>(places).fill(0);
  const from: number[][] = [];
  for (const own of costs) {
    const next: number[] = [],
      came: number[] = [];
    let at = 0;
    for (let p = 0; p < places; p++) {
      if (best[p] < best[at]) at = p;
      next.push(best[at] + own[p]);
      came.push(at);
    }
    best = next;
    from.push(came);
  }
  const out: number[] = [];
  let p = best.indexOf(Math.min(...best));
  for (let i = costs.length - 1; i >= 0; i--) {
    out.unshift(p);
    p = from[i][p];
  }
  return out;
}
