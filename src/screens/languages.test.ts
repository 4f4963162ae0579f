import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { COMPLAINTS } from '@/core/assessment/complaints';
import { BATTERY } from '@/core/assessment/battery';
import { BATTERIES } from '@/core/assessment/batteries';
import { END_FEEL_WORDS, INSTRUMENT_WORDS, MOVEMENT_WORDS, UNIT_WORDS } from '@/core/assessment/words';
import { AIM_WORDS } from '@/core/aims/words';
import { GROUP_WORDS, MEMBER_WORDS } from '@/core/body/words';
import { MUSCLES, REGION_WORDS } from '@/core/body/muscle-catalogue';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { CHAPTERS } from '@/core/guide/chapters';
import { GLOSSARY } from '@/core/guide/glossary';
import { phrasesOf } from '@/core/languages/catalogues';
import { LANGUAGES } from '@/core/languages/language';
import { cuesOf, LIBRARY } from '@/core/poses';
import { STYLE_IDS, styleOf } from '@/core/practice/styles';
import { PLACE_WORDS, QUALITY_WORDS, STYLE_WORDS, TIME_WORDS } from '@/core/students/words';

const OTHERS = LANGUAGES.filter((l) => l !== 'en');
const LITERAL = /^\s*('(?:[^'\\]|\\.)*'|"(?:[^"\\]|\\.)*")/;
const text = (literal: string): string => literal.slice(1, -1).replace(/\\(['"\\])/g, '$1');

/** The first argument of a call that begins at `from`, as it is written. */
function firstArgument(source: string, from: number): string {
  let depth = 0,
    quote = '';
  for (let i = from; i < source.length; i++) {
    const c = source[i];
    if (quote !== '') {
      if (c === '\\') i++;
      else if (c === quote) quote = '';
    } else if (/['"`]/.test(c)) quote = c;
    else if ('([{'.includes(c)) depth++;
    else if (depth > 0 && ')]}'.includes(c)) depth--;
    else if (')]},'.includes(c)) return source.slice(from, i);
  }
  return '';
}

/** Every sentence that a file says: the argument itself, or each that a choice in it may come to. */
function saidIn(source: string): string[] {
  const called = Array.from(source.matchAll(/\b(?:say|spoken|within|theirs|inHers|inLesson)\(/g), (m) =>
    firstArgument(source, m.index + m[0].length),
  ).flatMap((argument) => {
    const whole = LITERAL.exec(argument);
    if (whole) return [text(whole[1])];
    return Array.from(argument.matchAll(/(?:\?\?|\?|:)\s*('(?:[^'\\]|\\.)*'|"(?:[^"\\]|\\.)*")/g), (m) => text(m[1]));
  });
  const withParts = source.includes('<Said')
    ? Array.from(source.matchAll(/\btext=\{?\s*('(?:[^'\\]|\\.)*'|"(?:[^"\\]|\\.)*")/g), (m) => text(m[1]))
    : [];
  const counted = Array.from(
    source.matchAll(/\b(?:plural|counted)\([^,()]*(?:\([^()]*\))?[^,()]*,\s*'([^']*)'(?:,\s*'([^']*)')?/g),
    (m) => [m[1], m[2] ?? `${m[1]}s`],
  ).flat();
  return [...called, ...withParts, ...counted];
}

const files = ['src/core', 'src/screens', 'src/store', 'src/figure']
  .flatMap((folder) => readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((f) => join(folder, f)))
  .filter((f) => /\.tsx?$/.test(f) && !/\.test\.|\.fixtures\.|core\/languages|test-studio/.test(f))
  .map((f) => ({ name: f, source: readFileSync(f, 'utf8') }))
  // Others have a `say` of their own.
  .filter(({ source }) => /core\/languages|\/languages\/|plural'|\/Said'/.test(source));

/** What is the same in every language, or is nobody's sentence: directions by which words are looked up. */
const SAME = new Set(['', 'Kolpos', 'plus', 'minus']);
const strings = (of: unknown, left: RegExp): string[] =>
  typeof of === 'string'
    ? [of]
    : of && typeof of === 'object'
      ? Object.entries(of).flatMap(([key, value]) => (left.test(key) ? [] : strings(value, left)))
      : [];

describe.each(OTHERS)('what a teacher sees in %s', (language) => {
  const phrases = phrasesOf(language);
  const missing = (all: readonly string[]) => [...new Set(all)].filter((s) => !SAME.has(s) && !(s in phrases));

  it('has every sentence of the screens, the core and the store', () => {
    const said = files.flatMap((f) => saidIn(f.source));
    expect(said.length).toBeGreaterThan(2500);
    expect(missing(said)).toEqual([]);
  });
  it('says nothing twice: what a student is told would be the teacher’s', () => {
    const twice = /\b(?:say|spoken|within|theirs|inHers|inLesson)\(\s*(?:say|within|spoken)\(/;
    expect(files.filter((f) => twice.test(f.source)).map((f) => f.name)).toEqual([]);
  });
  it('has every word about tests, complaints and what cautions say', () => {
    const told = BATTERY.flatMap((t) =>
      [t.name, t.clinical, t.purpose, t.position, t.start, t.hold, t.move, t.end, t.care, ...t.spoils].concat(
        (t.variants ?? []).flatMap((v) => [v.name, v.how]),
        t.readouts.flatMap((r) => [r.name, r.zero, r.detectableSource]),
      ),
    );
    expect(missing(told)).toEqual([]);
    expect(missing(BATTERIES.map((b) => b.name))).toEqual([]);
    expect(missing(COMPLAINTS.flatMap((c) => [c.says, ...c.ideas, c.begin, c.refer]))).toEqual([]);
    expect(
      missing(
        CAUTIONS.flatMap((c) => [c.name, c.ask, c.message, c.reason, c.stop, c.see].filter((s) => s !== undefined)),
      ),
    ).toEqual([]);
  });
  it('has the guide, the glossary, the muscles and the poses', () => {
    expect(missing(CHAPTERS.flatMap((c) => [c.title, ...c.paragraphs, ...(c.steps ?? [])]))).toEqual([]);
    expect(missing(GLOSSARY.flatMap((t) => [t.term, t.means]))).toEqual([]);
    expect(missing(MUSCLES.flatMap((m) => [m.name, m.plain, m.runs, m.feel, m.said, m.care ?? '']))).toEqual([]);
    const poses = LIBRARY.flatMap((s) => [
      s.name,
      s.plain ?? '',
      s.cheat,
      s.position,
      ...s.rungs.flatMap((r) => [r.name, ...Object.values(cuesOf(s, r))]),
    ]);
    expect(missing(poses)).toEqual([]);
    expect(missing(STYLE_IDS.map((s) => styleOf(s).words))).toEqual([]);
  });
  it('has the words that are chosen from', () => {
    const catalogues = [AIM_WORDS, END_FEEL_WORDS, GROUP_WORDS, INSTRUMENT_WORDS, MEMBER_WORDS, MOVEMENT_WORDS];
    const others = [PLACE_WORDS, QUALITY_WORDS, REGION_WORDS, STYLE_WORDS, TIME_WORDS, UNIT_WORDS];
    expect(missing(strings([catalogues, others], /^$/))).toEqual([]);
  });
  it('keeps the parts of a sentence that look or do otherwise', () => {
    const tags = (of: string) => Array.from(of.matchAll(/<\/?\d>/g), (m) => m[0]).sort();
    for (const [english, said] of Object.entries(phrases)) expect(tags(said), english).toEqual(tags(english));
  });
});
