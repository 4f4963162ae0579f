/** What an unknown of the balance stands for. */
export type ColumnKind =
  | 'muscle'
  | 'passive'
  | 'push'
  | 'imbalance'
  | 'joint'
  | 'missing'
  | 'capsule'
  | 'end-feel'
  | 'stop'
  | 'locked'
  | 'beyond-asked'
  | 'short-of-asked';

/**
 * The unknowns of a balance: what a unit of each gives to every equation, what it costs and how far it may go. Column
 * after column without noughts, because a muscle crosses few joints: nine numbers of ten are none. Grows as it is
 * filled, and is used again after `clear`, so that nothing is allocated once it has been as large as it gets.
 */
export class BalanceColumns {
  count = 0;
  kinds: ColumnKind[] = [];
  /** Where each column begins in the lists; one more than there are columns. */
  from = new Int32Array(512);
  row = new Int32Array(4096);
  value = new Float64Array(4096);
  /** Price of the square of each unknown, and its bounds. */
  price = new Float64Array(512);
  low = new Float64Array(512);
  high = new Float64Array(512);

  clear(): void {
    this.count = 0;
    this.kinds.length = 0;
  }

  /** Begins a column; what is `put` from now on belongs to it. @returns its number */
  begin(kind: ColumnKind, price: number, low: number, high: number): number {
    const j = this.count++;
    if (j + 1 >= this.from.length) {
      this.from = grown(this.from, new Int32Array(2 * this.from.length));
      this.price = grown(this.price, new Float64Array(2 * this.price.length));
      this.low = grown(this.low, new Float64Array(2 * this.low.length));
      this.high = grown(this.high, new Float64Array(2 * this.high.length));
    }
    this.kinds.push(kind);
    this.price[j] = price;
    this.low[j] = low;
    this.high[j] = high;
    this.from[j + 1] = this.from[j];
    return j;
  }

  /** Adds an entry to the column that was begun last; each equation once, in rising order. */
  put(equation: number, value: number): void {
    if (value === 0) return;
    const k = this.from[this.count]++;
    if (k >= this.row.length) {
      this.row = grown(this.row, new Int32Array(2 * this.row.length));
      this.value = grown(this.value, new Float64Array(2 * this.value.length));
    }
    this.row[k] = equation;
    this.value[k] = value;
  }

  /** A whole column out of a list of all equations. */
  putAll(values: Float64Array): void {
    for (let i = 0; i < values.length; i++) this.put(i, values[i]);
  }

  /** What a unit of a column gives to an equation. */
  at(column: number, equation: number): number {
    for (let k = this.from[column]; k < this.from[column + 1]; k++) if (this.row[k] === equation) return this.value[k];
    return 0;
  }
}

function grown<T extends Int32Array | Float64Array>(old: T, into: T): T {
  into.set(old);
  return into;
}
