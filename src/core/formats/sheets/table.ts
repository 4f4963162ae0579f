import Papa from 'papaparse';

/** Tables as comma-separated values (RFC 4180), written and read by one package. */

export type Cell = string | number | boolean | null | undefined;

/** Programs for tables take UTF-8 for something else without it. */
const MARK = '\uFEFF';
/** What a program for tables would take for a formula at the beginning of a cell. */
const FORMULA = /^[=+\-@\t\r]/;

/** Rows and columns that are read at most. */
const MOST_ROWS = 20_000;
const MOST_COLUMNS = 100;

/**
 * A table as text. Words that a program for tables would work out as a formula get an apostrophe before them, as such
 * programs do themselves; numbers stay numbers, also negative ones.
 */
export const writeTable = (columns: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  MARK +
  Papa.unparse(
    { fields: [...columns], data: rows.map((row) => [...row]) },
    { newline: '\r\n', escapeFormulae: FORMULA, header: true },
  ) +
  '\r\n';

export interface Table {
  columns: string[];
  /** Cells as they stand there, without the blanks around them; as many in every row as there are columns. */
  rows: string[][];
}

export type ReadTable = { ok: true; table: Table } | { ok: false; why: string };

/** A cell as it was meant: without blanks, and without the apostrophe that keeps it from being a formula. */
const plain = (cell: string): string => {
  const text = cell.trim();
  return text.startsWith("'") && FORMULA.test(text.slice(1)) ? text.slice(1) : text;
};

/**
 * Reads a table whose first line names the columns; commas, semicolons or tabs between them are found by themselves.
 */
export function readTable(text: string): ReadTable {
  const body = text.startsWith(MARK) ? text.slice(1) : text;
  if (body.trim() === '') return { ok: false, why: 'The file is empty.' };
  if (body.includes('\0'))
    return { ok: false, why: 'This is no text: in your program for tables, save it as CSV first.' };
  const { data, errors } = Papa.parse<string[]>(body, { skipEmptyLines: 'greedy' });
  const broken = errors.find((e) => e.type === 'Quotes');
  if (broken) return { ok: false, why: `A quotation mark is not closed, in row ${(broken.row ?? 0) + 1}.` };
  const [head, ...rows] = data.map((row) => row.map(plain));
  if (rows.length === 0)
    return { ok: false, why: 'There is only one line: the first names the columns, readings follow.' };
  if (head.some((name) => /^-?\d+([.,]\d+)?$/.test(name)))
    return { ok: false, why: 'The first line should name the columns; here it holds numbers.' };
  if (head.length > MOST_COLUMNS) return { ok: false, why: `There are more than ${MOST_COLUMNS} columns.` };
  if (rows.length > MOST_ROWS) return { ok: false, why: `There are more than ${MOST_ROWS} rows: split the file.` };
  return { ok: true, table: { columns: head, rows: rows.map((row) => head.map((_, i) => row[i] ?? '')) } };
}
