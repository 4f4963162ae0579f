/** Something of a file that cannot be taken as it stands: the rest of the file is read all the same. */
export interface SetAside {
  /** Where in the file, for example `readings[3].trials[1]`. */
  where: string;
  why: string;
}

/** What was set aside, with what stood there, so that it can be looked at and kept. */
export interface SetAsideRow extends SetAside {
  row: unknown;
}

/** Collects what is set aside while a file is read. */
export class Aside {
  readonly rows: SetAsideRow[] = [];

  put(where: string, why: string, row: unknown): void {
    this.rows.push({ where, why, row });
  }

  /** The entries that nothing speaks against; the others are set aside with their place in the list. */
  sift<T>(
    where: string,
    list: readonly T[],
    whyNot: (entry: T, i: number) => { at?: string; why: string } | null,
  ): T[] {
    return list.filter((entry, i) => {
      const no = whyNot(entry, i);
      if (no) this.put(`${where}[${i}]${no.at ? `.${no.at}` : ''}`, no.why, entry);
      return !no;
    });
  }
}
