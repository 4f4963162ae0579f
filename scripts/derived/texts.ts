/** Derived files as texts: formatted like all others, and compared by what they say. */
import { readFileSync } from 'node:fs';
import { format, getFileInfo, resolveConfig } from 'prettier';
import { differenceLines, differences, type Tolerance } from '../../src/testing/differences';

/** The text as the project's formatter leaves it; unchanged where the formatter leaves the file alone. */
export async function formatted(path: string, text: string): Promise<string> {
  const { ignored, inferredParser } = await getFileInfo(path, { ignorePath: '.prettierignore' });
  if (ignored || !inferredParser) return text;
  return format(text, { ...(await resolveConfig(path)), filepath: path });
}

/** A text as words and the numbers between them. */
const NUMBER = /[-−]?\d+(?:\.\d+)?/g;
const tokens = (text: string) => ({
  words: text.replaceAll(/[ ]{2,}|-{3,}/g, ' ').split(NUMBER),
  numbers: Array.from(text.replaceAll(/[ ]{2,}|-{3,}/g, ' ').matchAll(NUMBER), (m) => Number(m[0].replace('−', '-'))),
});

/** What differs between a file and what would be written, by more than the tolerance: a line each, at most `most`. */
export function offBy(path: string, text: string, tolerance: Tolerance, most = 6): string[] {
  let kept: string;
  try {
    kept = readFileSync(path, 'utf8');
  } catch {
    return ['is not there'];
  }
  if (kept === text) return [];
  if (tolerance.absolute === 0 && tolerance.relative === 0) return ['is another text'];
  const [found, expected] = path.endsWith('.json')
    ? [JSON.parse(kept), JSON.parse(text)]
    : [tokens(kept), tokens(text)];
  return differenceLines(differences(found, expected, tolerance), most);
}
