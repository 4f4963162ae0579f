import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** Words a sentence has at most where somebody reads it beside a person on a mat. */
const MOST = 25;
/** Sources whose texts are no sentences on a screen: descriptions for schemas, whole pages of HTML. */
const ELSEWHERE = ['src/core/formats/json-schemas.ts'];

const sources = readdirSync('src', { recursive: true, encoding: 'utf8' })
  .map((f) => join('src', f))
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.|\.fixtures\./.test(f) && !ELSEWHERE.includes(f));

/** Texts of a source, what is put into them as one word. */
function textsOf(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, false);
  const out: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node) || ts.isJsxText(node)) out.push(node.text);
    else if (ts.isTemplateExpression(node))
      out.push(node.head.text + node.templateSpans.map((s) => `x${s.literal.text}`).join(''));
    ts.forEachChild(node, visit);
  };
  visit(source);
  return out.filter((t) => !t.includes('<'));
}

const sentencesOf = (text: string): string[] => text.replaceAll(/\s+/g, ' ').split(/(?<=[.!?:;])\s+(?=[\p{Lu}“‘\d])/u);
const wordsIn = (sentence: string): number => sentence.split(' ').filter((w) => /\p{L}/u.test(w)).length;

describe('what is read', () => {
  it(`has no sentence of more than ${MOST} words`, () => {
    const long = sources.flatMap((file) =>
      textsOf(file)
        .flatMap(sentencesOf)
        .filter((s) => wordsIn(s) > MOST)
        .map((s) => `${file}: ${s}`),
    );
    expect(sources.length).toBeGreaterThan(300);
    expect(long).toEqual([]);
  });
  it('is counted by its words', () => {
    expect(sentencesOf('One two. Three: four; Five 6 “x”? 7 last').map(wordsIn)).toEqual([2, 2, 2, 1]);
    expect(wordsIn(Array.from({ length: 26 }, () => 'word').join(' '))).toBeGreaterThan(MOST);
  });
});
