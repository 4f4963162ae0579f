import { describe, expect, it } from 'vitest';
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { DEMANDS, DEMAND_IDS } from '@/core/cautions/demands';
import { CAUTIONS } from '@/core/cautions/catalogue';
import { phrasesOf, pagePhrases, sayIn } from '@/core/languages/catalogues';
import { asWritten, ONE, type Say } from '@/core/languages/as-written';
import { sayLightly } from '@/core/languages/say-lightly';
import { LANGUAGES } from '@/core/languages/language';
import { cuesOf, LIBRARY } from '@/core/poses';
import { ownedWords } from '@/core/poses/prop-sizes';
import { schoolCues, SCHOOLS, schoolsSchema } from '@/core/poses/schools';
import { MOVES, OWN_WAYS } from '@/core/practice/moves';
import type { Practice, PracticeItem } from '@/core/practice/practice';
import { draftCues } from '@/core/practice/cues';
import { build, POSES } from '@/core/practice/practices.fixtures';
import { holdWords, sidesWords } from '@/core/practice/sheet';
import { wayTo } from '@/core/practice/transitions';
import { PAIN_SAYS, STUDENT_FOOT } from '@/core/students/pain-words';
import { PAIN_WORDS, PLACE_WORDS } from '@/core/students/words';
import { PART_WORDS } from '@/core/teaching/moment';
import { STRENGTHS } from '@/core/teaching/strengths';
import { GROUPS } from '@/core/body';
import { BATTERY, testById } from '@/core/assessment/battery';
import type { Movement } from '@/core/assessment/definition';
import { movedWords } from '@/core/inference/words';
import { MOVEMENT_WORDS } from '@/core/assessment/words';
import { plainly, SHEET_FOOT, sinceWords, stopWords } from '@/core/inference/sentences';
import { bodyOf, practiceOf } from './home.fixtures';
import { makeHome } from './make-home';
import { ALONE } from './self-tests';

const OTHERS = LANGUAGES.filter((l) => l !== 'en');
/** Everything of the library that a student is given to read. */
const LIBRARY_SAYS = LIBRARY.flatMap((shape) => [
  shape.name,
  ...shape.rungs.flatMap((rung) => {
    const { enter, keep } = cuesOf(shape, rung);
    const sides = Object.entries(schoolsSchema.shape).flatMap(([about, field]) =>
      field.unwrap().options.map((side) => ({ ...SCHOOLS, [about]: side })),
    );
    const schools = sides.flatMap((s) => schoolCues(shape, rung, s).map((c) => c.words));
    return [rung.name, enter, keep, ...rung.intents.map((i) => i.words), ...schools, ...rung.props];
  }),
]);
const CLOSED = CAUTIONS.flatMap((c) => (c.rules === 'all' ? [] : c.rules)).flatMap(({ demand, over }) => {
  const words: string = DEMANDS[demand].words(over);
  return over > 0 ? words.replace(String(over), '{{over}}') : words;
});
/** What is said through `say` in the sources: the sentence as it is written there. */
const saidIn = (folder: string): string[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((f) => /\.tsx?$/.test(f) && !/\.test\./.test(f))
    .flatMap((f) => {
      const source = readFileSync(join(folder, f), 'utf8');
      // Others have a `say` of their own.
      if (!/core\/languages|page'/.test(source)) return [];
      const calls = Array.from(
        source.matchAll(/\bsay\(\s*((?:\w+ \? )?'(?:[^'\\]|\\.)*'(?: : '(?:[^'\\]|\\.)*')?)/g),
        (m) => m[1],
      );
      return calls.flatMap((call) => Array.from(call.matchAll(/'((?:[^'\\]|\\.)*)'/g), (m) => m[1]));
    });
const PAGE_SAYS = [
  ...saidIn('src/home/page'),
  ...Object.values(PAIN_WORDS),
  ...Object.values(PAIN_SAYS),
  ...Object.values(PLACE_WORDS),
  ...STRENGTHS.map(([, words]) => words),
];

describe.each(OTHERS)('the student’s pages in %s', (language) => {
  const phrases = phrasesOf(language);
  const missing = (all: readonly string[]) => [...new Set(all)].filter((s) => s !== '' && !(s in phrases));

  it('have every word of the library, of the ways between poses and of the small tests', () => {
    expect(LIBRARY_SAYS.length).toBeGreaterThan(1000);
    expect(missing(LIBRARY_SAYS)).toEqual([]);
    expect(missing([...MOVES, ...OWN_WAYS].map((m) => m.words))).toEqual([]);
    expect(missing(ALONE.flatMap((t) => [testById(t.test)?.name ?? '', t.asks, ...t.steps]))).toEqual([]);
  });
  it('have every word of what cautions close', () => {
    const all = DEMAND_IDS.flatMap((d) =>
      [0, 90].map((over) => DEMANDS[d].words(over).replace(String(over), '{{over}}')),
    );
    expect(missing([...CLOSED, ...all.filter((w) => w.includes('{{over}}') || !/\d/.test(w))])).toEqual([]);
  });
  it('have every sentence that the page, the sheet and the props say', () => {
    expect(PAGE_SAYS.length).toBeGreaterThan(80);
    const own = pagePhrases(language);
    expect([...new Set(PAGE_SAYS)].filter((s) => !(s in own))).toEqual([]);
    expect(
      missing([
        ...saidIn('src/pdf'),
        ...saidIn('src/core/practice'),
        ...saidIn('src/core/poses'),
        ...saidIn('src/core/home'),
      ]),
    ).toEqual([]);
    for (const many of Object.keys(ONE)) expect(phrases).toHaveProperty([`${many}_one`]);
  });
  it('have every word of the sheet of findings', () => {
    const movements = Object.keys(MOVEMENT_WORDS) as Movement[];
    expect(missing(movements.flatMap((m) => [MOVEMENT_WORDS[m], stopWords(m)]))).toEqual([]);
    // Also where another test than its own tells a movement.
    expect(missing(movements.map((movement) => movedWords({ movement, test: '', readout: '' })))).toEqual([]);
    expect(missing(GROUPS.map(plainly))).toEqual([]);
    const ways = BATTERY.flatMap((t) => t.variants ?? []).flatMap((v) => (v.context ? [v.name] : []));
    expect(missing(ways)).toEqual([]);
    const since = (['further', 'less', 'within-error'] as const).map((verdict) => sinceWords({ verdict }));
    expect(missing([...since, ...SHEET_FOOT, STUDENT_FOOT])).toEqual([]);
    expect(missing(['inference', 'aims'].flatMap((f) => saidIn(`src/core/${f}`)))).toEqual([]);
    expect(missing(saidIn('src/screens/findings'))).toEqual([]);
  });
  it('have every word of a lesson: what joints do, muscles, breath, invitations, what is called back, and the stage', () => {
    const asked = new Set<string>();
    const say: Say = (english, values) => {
      asked.add(english);
      return asWritten(english, values);
    };
    const voice = { manner: 'invitation', anatomy: true, breath: true } as const;
    const items = POSES.map((r) => ({ ...r, id: r.pose }) as unknown as PracticeItem);
    for (const [k, fit] of POSES.entries())
      for (const one of [undefined, fit, { ...fit, depth: 1 }])
        draftCues(fit, { voice, fit: one, before: items.slice(Math.max(0, k - 9), k), say });
    expect(asked.size).toBeGreaterThan(800);
    expect(missing([...asked])).toEqual([]);
    expect(missing([...saidIn('src/screens/teach'), ...Object.values(PART_WORDS)])).toEqual([]);
  });
  it('are said by the page itself as everywhere else', () => {
    const [say, lightly] = [sayIn(language), sayLightly(language, pagePhrases(language))];
    for (const key of Object.keys(pagePhrases(language))) {
      const [, english, context] = /^(.*?)(?:_(one|stem|time))?$/s.exec(key) ?? [];
      for (const count of [0, 1, 2, 5]) {
        const values = { count, name: 'Sedge', side: 'x', ...(context && context !== 'one' && { context }) };
        expect(lightly(english, values)).toBe(say(english, values));
      }
    }
    expect(lightly('Her own words. {{x}}')).toBe('Her own words. {{x}}');
  });
  it('put in what stands in the English, and nothing else', () => {
    const names = (text: string) => [...new Set(Array.from(text.matchAll(/\{\{(\w+)/g), (m) => m[1]))].sort();
    for (const [english, said] of Object.entries(phrases)) {
      const expected = names(english.replace(/_(one|stem|time)$/, ''));
      expect(english.endsWith('_one') ? names(said).filter((n) => n !== 'count') : names(said), english).toEqual(
        english.endsWith('_one') ? expected.filter((n) => n !== 'count') : expected,
      );
      const around = (text: string) => [/^\s*/.exec(text)?.[0], /\s*$/.exec(text)?.[0]];
      expect(around(said), english).toEqual(around(english.replace(/_(one|stem|time)$/, '')));
      expect(/[.!?]$/.test(english.replace(/_\w+$/, '')), english).toBe(/[.!?]$/.test(said));
    }
  });
});

describe('German', () => {
  it('has titles that Kolpos gave, and leaves those of the teacher', async () => {
    const titles = (practice: Practice) =>
      makeHome(bodyOf([practice], { say: sayIn('de') }))?.file.practices.map((p) => p.title);
    const { items } = await build(20);
    expect(titles(practiceOf(items))).toEqual(['20 Minuten für Hazel']);
    expect(titles(practiceOf(items, { title: 'Clay days' }))).toEqual(['Clay days']);
  });
  const say = sayIn('de');
  const row = (sides: readonly ('left' | 'right' | 'both')[], breaths: readonly number[], repeats = 1) => ({
    sides: sides.map((side, i) => ({ side, breaths: breaths[i], repeats, seconds: 1 })),
    sets: 1,
  });
  it('says sides and holds', () => {
    expect(sidesWords(row(['right', 'left'], [5, 5]), say)).toBe('rechts, dann links');
    expect(holdWords(row(['both'], [1]), say)).toBe('1 Atemzug');
    expect(holdWords({ ...row(['both'], [2], 10), sets: 2 }, say)).toBe('2 Sätze: 2 Atemzüge, 10-mal');
    expect(holdWords(row(['right', 'left'], [5, 8]), say)).toBe('rechts 5, links 8 Atemzüge');
    expect(
      sidesWords({ ...row(['right'], [1]), sets: 2, round: { place: 1, of: 9, name: 'Sun salutation A' } }, say),
    ).toBe('Sonnengruß A, 9 Haltungen, 2-mal durch: rechts');
  });
  it('bends left and right by what they stand before', () => {
    const items = [
      { pose: 'cat-cow', rung: 1, side: 'both' as const },
      { pose: 'low-lunge', rung: 1, side: 'right' as const },
    ];
    expect(wayTo(items, 1)).toMatch(/^Step the (left|right) foot forward between the hands/);
    expect(wayTo(items, 1, { say })).toMatch(/^Setze den (linken|rechten) Fuß nach vorn zwischen die Hände/);
  });
  it('says a lesson: what a joint does, and an invitation before a sentence that is whole', () => {
    const item = { pose: 'low-lunge', rung: 2, side: 'right' as const };
    const fit = POSES.find((r) => r.pose === item.pose && r.rung === item.rung && r.side === item.side);
    const said = (manner: 'plain' | 'invitation') =>
      draftCues(item, { voice: { manner, anatomy: true, breath: true }, fit, say }).map((c) => c.words);
    expect(said('plain')).toContain('Atme ein und werde lang, atme aus und werde weich.');
    expect(said('plain').join(' ')).toMatch(/Gedehnt wird: .+, rechts\./);
    expect(said('invitation').some((w) => /^Wenn du so weit bist: [A-ZÄÖÜ]/.test(w))).toBe(true);
    expect(draftCues(item, { voice: { manner: 'invitation', anatomy: false, breath: true }, fit })[0].words).toMatch(
      /^When you are ready, [a-z]/,
    );
  });
  it('says props with a comma in numbers', () => {
    expect(ownedWords('blanket', 7.5, undefined, undefined, say)).toBe('eine Decke, 3-fach gelegt, 7,5 cm');
    expect(ownedWords('block', 15, undefined, undefined, say)).toBe('Block auf der Kante, 15 cm');
    expect(ownedWords('strap', null, 200, undefined, say)).toBe('Gurt von 240 cm (nötig: 200)');
    expect(ownedWords('chair', 40, undefined, undefined, say)).toBe('Stuhl');
  });
});
