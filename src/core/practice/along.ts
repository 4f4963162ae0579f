/**
 * Middles of pictures along a line, as shares of its length: each as near to the middle of its own stretch as it can be
 * while neighbours keep `apart`; evenly spaced where all of them would not fit. Order stays.
 */
export function placedAlong(middles: readonly number[], apart: number): number[] {
  const n = middles.length;
  if (n === 0) return [];
  if (n * apart >= 1) return middles.map((_, i) => (i + 0.5) / n);
  // Least squares with gaps: pool neighbours that are too near and centre each pool (Barlow 1972, pool adjacent
  // violators).
  const pools: { sum: number; count: number; from: number }[] = [];
  middles.forEach((m, i) => {
    pools.push({ sum: m - i * apart, count: 1, from: i });
    for (;;) {
      const last = pools[pools.length - 1],
        before = pools[pools.length - 2];
      if (!before || before.sum / before.count <= last.sum / last.count) break;
      pools.pop();
      before.sum += last.sum;
      before.count += last.count;
    }
  });
  const least = apart / 2,
    most = 1 - apart / 2 - (n - 1) * apart;
  return pools.flatMap((p) =>
    Array.from({ length: p.count }, (_, k) => Math.min(most, Math.max(least, p.sum / p.count)) + (p.from + k) * apart),
  );
}
