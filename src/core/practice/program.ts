import type { ModelData } from 'highs';

/** A mixed-integer program put together column by column and row by row; to be maximised. */
export class Program {
  private readonly cost: number[] = [];
  private readonly low: number[] = [];
  private readonly high: number[] = [];
  private readonly whole: boolean[] = [];
  private readonly rows: { entries: [number, number][]; low: number; high: number }[] = [];

  get columns(): number {
    return this.cost.length;
  }
  get rowCount(): number {
    return this.rows.length;
  }

  /** A new column; its number is given back. */
  column(cost: number, low: number, high: number, whole = false): number {
    this.cost.push(cost);
    this.low.push(low);
    this.high.push(high);
    this.whole.push(whole);
    return this.cost.length - 1;
  }

  /** A new row `low ≤ Σ value·column ≤ high`. */
  row(entries: readonly (readonly [column: number, value: number])[], low: number, high: number): void {
    this.rows.push({ entries: entries.map(([j, v]) => [j, v]), low, high });
  }

  costOf(column: number): number {
    return this.cost[column];
  }

  /** Reduced costs of all columns at duals of the rows: what a unit of each would add beyond what it uses up. */
  reducedCosts(rowDual: ArrayLike<number>): Float64Array {
    const out = Float64Array.from(this.cost);
    this.rows.forEach(({ entries }, i) => {
      for (const [j, v] of entries) out[j] -= v * rowDual[i];
    });
    return out;
  }

  /** As HiGHS takes it. `relaxed` drops that columns must be whole. */
  data(relaxed: boolean, maximise: ModelData['sense'], infinity: number): ModelData {
    const starts = [0],
      indices: number[] = [],
      values: number[] = [];
    for (const { entries } of this.rows) {
      for (const [j, v] of entries) {
        indices.push(j);
        values.push(v);
      }
      starts.push(indices.length);
    }
    const bound = (v: number) => (v === Infinity ? infinity : v === -Infinity ? -infinity : v);
    return {
      numCols: this.cost.length,
      numRows: this.rows.length,
      sense: maximise,
      colCost: this.cost,
      colLower: this.low.map(bound),
      colUpper: this.high.map(bound),
      rowLower: this.rows.map((r) => bound(r.low)),
      rowUpper: this.rows.map((r) => bound(r.high)),
      matrix: { format: 'csr', numRows: this.rows.length, numCols: this.cost.length, starts, indices, values },
      ...(!relaxed && { integrality: Int32Array.from(this.whole, (w) => (w ? 1 : 0)) }),
    };
  }
}
