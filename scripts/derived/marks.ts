/**
 * Text with its computed parts put in: what stands between `<!-- name: computed -->` and `<!-- end -->`.
 * A part of several lines stands on lines of its own, a word or number within its line.
 * @param page path, for the message
 * @throws Error where the text has no marks of a name
 */
export function withParts(text: string, parts: Readonly<Record<string, string>>, page: string): string {
  for (const [name, content] of Object.entries(parts)) {
    const marks = new RegExp(`(<!-- ${name}: computed -->)[\\s\\S]*?(<!-- end -->)`, 'g');
    if (!marks.test(text)) throw new Error(`${page} has no marks for "${name}"`);
    const put = content.includes('\n') ? `\n\n${content}\n\n` : content;
    text = text.replace(marks, (_, open: string, close: string) => `${open}${put}${close}`);
  }
  return text;
}

const row = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;

/** A table in Markdown. */
export const table = (head: readonly string[], rows: readonly (readonly string[])[]): string =>
  [row(head), row(head.map(() => '---')), ...rows.map(row)].join('\n');
