import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { beforeAll, describe, expect, it } from 'vitest';
import { buildOf } from '@/core/body';
import { screen } from '@/core/cautions/screen';
import { TYPICAL } from '@/core/fit/typical';
import { USUAL_WAY } from '@/core/fit/way';
import { allShapes, rungOf } from '@/core/poses';
import { PROP_SIZES } from '@/core/poses/prop-sizes';
import { SCHOOLS } from '@/core/poses/schools';
import { VOICE } from '@/core/practice/voice';
import { totalSeconds, type Practice } from '@/core/practice/practice';
import { AIMS, build } from '@/core/practice/practices.fixtures';
import { poseScene } from '@/figure/pose-scene';
import { STUDENT_FOOT } from '@/core/students/pain-words';
import type { Language } from '@/core/languages/language';
import { sheetContent, studentFoot, studentHead, studentTitle, TEACHER_FOOT, type SheetContent } from './content';
import { HandoutPaper, TeacherPaper, type PaperSize } from './documents';
import { inkOf } from './ink';
import { missingWords, printable } from './letters';
import { onOnePage, pagesIn, SIZES } from './one-page';
import { ProgressPaper } from './progress-paper';
import { renderTagged } from './render';
import { inLetters } from './typefaces';
import { registerFromPackages } from './from-packages';
import { sheetRows } from '@/core/practice/sheet';
import { someOf } from '@/core/how-much.fixtures';

beforeAll(registerFromPackages);

const practiceOf = async (minutes: number): Promise<Practice> => ({
  id: 'p',
  student: 's',
  title: 'Before the ebb',
  minutes,
  items: (await build(minutes)).items,
  aims: [...AIMS],
  createdAt: '2026-01-01T00:00:00.000Z',
  updatedAt: '2026-01-01T00:00:00.000Z',
});
const contentOf = (practice: Practice, book: Record<string, string[]> = {}, language: Language = 'en'): SheetContent =>
  sheetContent({
    practice,
    posterior: TYPICAL,
    build: buildOf({ height_cm: 172, mass_kg: 65 }),
    way: USUAL_WAY,
    on: '27 November 2026',
    name: 'Sedge',
    screening: screen([{ caution: 'low-back-ache' }], '2026-11-27'),
    sizes: PROP_SIZES,
    voice: VOICE,
    schools: SCHOOLS,
    book,
    language,
  });

/** Pages of a PDF with their size in points and their text without spaces, which paper sets where it likes. */
async function read(pdf: Uint8Array): Promise<{ width: number; height: number; text: string }[]> {
  const doc = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: doc.numPages }, async (_, i) => {
      const page = await doc.getPage(i + 1);
      const { items } = await page.getTextContent();
      const { width, height } = page.getViewport({ scale: 1 });
      return { width, height, text: tight(items.map((t) => ('str' in t ? t.str : '')).join('')) };
    }),
  );
}
const tight = (text: string): string => text.replaceAll(/\s+/g, '');
const carried = async (content: SheetContent, size: PaperSize) =>
  onOnePage((fontSize) => renderTagged(<TeacherPaper content={content} size={size} fontSize={fontSize} />));

describe('what a sheet says', () => {
  it('times, holds and sides are the practice’s own', async () => {
    const practice = await practiceOf(20);
    const content = contentOf(practice);
    expect(content.total).toBe(
      `${Math.floor(totalSeconds(practice.items) / 60)}:${String(Math.round(totalSeconds(practice.items)) % 60).padStart(2, '0')}`,
    );
    expect(content.lines[0]).toMatchObject({ at: '0:00', name: 'Corpse pose' });
    for (const line of content.lines) expect(line.hold).toMatch(/breath/);
  });
  it('says her own words whole, and of a draft only what must be said', async () => {
    const practice = await practiceOf(20);
    const sided = practice.items.find((i) => i.side === 'right');
    if (!sided) throw new Error('nothing sided');
    const drafted = contentOf(practice).lines.find((l) => l.pose === sided.pose && l.rung === sided.rung);
    const shape = rungOf(sided.pose, sided.rung)?.shape;
    expect(drafted?.say).toContain(shape?.cues.keep);
    expect(drafted?.say).not.toContain(shape?.cues.leave);
    const own = contentOf(practice, { [`${sided.pose}/${sided.rung}`]: ['Soft {worked} knee.', 'As on the slip.'] });
    // The way to it comes first, whatever is said in it.
    const way = sheetRows(practice.items).find((r) => r.pose === sided.pose && r.rung === sided.rung)?.way;
    expect(own.lines.find((l) => l.pose === sided.pose && l.rung === sided.rung)?.say).toEqual([
      ...(way ? [way] : []),
      'Soft right knee.',
      'As on the slip.',
    ]);
  });
  it('a student’s page is in her language, with the teacher’s own words as they are', async () => {
    const practice = await practiceOf(10);
    practice.items[1] = { ...practice.items[1], note: 'Mind the wet boards.' };
    const content = contentOf(practice, {}, 'de');
    expect(content.lines[0].name).toBe('Totenstellung');
    for (const line of content.lines) expect(line.hold).toMatch(/Atemz(u|ü)g/);
    expect(content.lines.some((l) => l.say.includes('Mind the wet boards.'))).toBe(true);
    expect([studentTitle(content), studentHead(content), studentFoot(content)]).toEqual([
      'Für Sedge',
      expect.stringMatching(/^27 November 2026 · etwa 10 Minuten\. Ruhige Atemzüge/),
      expect.stringMatching(/^Ein Ziehen ist in Ordnung, Schmerz nicht\./),
    ]);
  });
  it('a note stands with what is said', async () => {
    const practice = await practiceOf(10);
    practice.items[1] = { ...practice.items[1], note: 'Mind the wet boards.' };
    expect(contentOf(practice).lines.some((l) => l.say.includes('Mind the wet boards.'))).toBe(true);
  });
});

describe('figures in ink', () => {
  it('every pose is drawn within its box, in plain colours', () => {
    for (const shape of someOf(allShapes(), 12)) {
      const scene = poseScene(shape.id, 1, shape.sided ? 'left' : 'both', 0.5);
      if (!scene) throw new Error(shape.id);
      const { box, paths } = inkOf(scene);
      expect(paths.length).toBeGreaterThan(10);
      expect(JSON.stringify(paths)).not.toMatch(/var\(|NaN|color-mix/);
      expect(Math.min(box[2], box[3])).toBeGreaterThan(1000);
    }
    expect(poseScene('no-such-pose', 1, 'both', 0)).toBeNull();
  });
});

describe('PDF files', () => {
  const PAPERS: readonly (readonly [minutes: number, sizes: readonly PaperSize[]])[] = [
    [60, someOf<PaperSize>(['LETTER', 'A4'], 1)],
    [20, ['LETTER']],
    [10, ['A4']],
  ];
  // The longest is the hardest to get onto a page.
  it.each(someOf(PAPERS, 1))(
    'a practice of %i minutes is one page to carry, with every pose, its time and what is said',
    async (minutes, sizes) => {
      const content = contentOf(await practiceOf(minutes));
      for (const size of sizes) {
        const pages = await read(await carried(content, size));
        expect(pages).toHaveLength(1);
        expect(Math.round(pages[0].width)).toBe(size === 'A4' ? 595 : 612);
        const [{ text }] = pages;
        for (const line of content.lines)
          for (const part of [line.name, line.at, line.hold, ...line.say]) expect(text).toContain(tight(part));
        expect(text).toContain(tight(TEACHER_FOOT));
        expect(text).toContain(tight('Caution: Low back ache'));
      }
    },
  );
  it('takes the biggest letters that leave one page, and ordinary ones where none do', async () => {
    const tried: number[] = [];
    const page = new TextEncoder().encode('/Type /Page\n');
    const fake = (most: number) => async (size: number) => {
      tried.push(size);
      return Promise.resolve(size <= most ? page : new Uint8Array([...page, ...page]));
    };
    for (const most of SIZES) {
      tried.length = 0;
      expect(pagesIn(await onOnePage(fake(most)))).toBe(1);
      expect(tried).toContain(most);
      // One size bigger did not fit, or there is none.
      expect(tried.length).toBeLessThanOrEqual(4);
      expect(Math.max(...tried.filter((x) => x <= most))).toBe(most);
    }
    tried.length = 0;
    expect(pagesIn(await onOnePage(fake(0)))).toBe(2);
    expect(tried.at(-1)).toBe(10);
  });
  it('the handout has shapes, breaths and how to get in, and no muscle and no caution’s name', async () => {
    const content = contentOf(await practiceOf(20));
    const file = await renderTagged(<HandoutPaper content={content} size="LETTER" />);
    const pages = await read(file);
    expect(pagesIn(file)).toBe(pages.length);
    expect(pages.length).toBeLessThanOrEqual(2);
    const text = pages.map((p) => p.text).join('');
    for (const line of content.lines)
      for (const part of [line.name, line.hold, line.enter]) expect(text).toContain(tight(part));
    expect(text).toContain(tight(STUDENT_FOOT));
    expect(text).not.toMatch(/hamstrings|psoas|Lowbackache/);
    expect(text).toContain('ForSedge');
  });
});

/** Names as they are written, of many languages. */
const NAMES = [
  'Łucja Żółć',
  'Žofie Čapková',
  'Şükrü Ağaoğlu',
  'Nguyễn Thị Ánh',
  'Þórdís Ægisdóttir',
  'Ōkubo Yūki',
  'Ħaġar Qim',
  'Ġanni Żejtun',
  'Ştefan Țuțuianu',
  'Győző Kovács',
  'Ljubiša Đorđević',
  'Βασιλική Παπαδάκη',
  'Ἀθηνᾶ',
  'Ирина Щукина',
  'Їжакевич Ґава',
  'Ђорђе Љубић',
  'Айгүл Қасымова',
  'Արփինե',
  'ნინო',
  'שירה',
  'ليلى',
  'Zoe\u0308 Bronte\u0308',
  'Siân Ŵyn',
  'Māra Ķīse',
  'Eglė Šķėlė',
  'Åse Ødegård',
  'Renée Œuvrard',
  'José Ñúñez',
  'François D’Été',
  'Ọlájídé Ṣadé',
];
const whole = (text: string): string => tight(text.normalize('NFKC'));

describe('letters of every name', () => {
  it('are set, in their order', async () => {
    const page = {
      title: 'Names',
      head: '',
      changes: [],
      legend: '',
      sections: [{ title: '', lines: NAMES }],
      foot: '',
      language: 'en' as const,
    };
    const { content, families, missing } = await inLetters(page);
    expect(missing).toEqual([]);
    const pages = await read(
      await renderTagged(<ProgressPaper content={{ ...content, caution: null }} size="A4" families={families} />),
    );
    const text = whole(pages.map((p) => p.text).join(''));
    for (const name of NAMES) {
      // What runs from right to left may be read back from either end.
      const there = [whole(name), Array.from(whole(name)).reverse().join('')].some((n) => text.includes(n));
      expect(there, name).toBe(true);
    }
  });
  it('the marks that we write ourselves are set', async () => {
    const marks = '▲ ◁ ▷ → ← − – — ≤ ≥ ½ ⅔ ° ′ ″ × · • … “ ” ‘ ’ ● ○ ✓';
    const { missing, families } = await inLetters({ marks });
    expect(missing).toEqual([]);
    expect(families).toHaveLength(2);
  });
  it('what the papers say of themselves needs the one typeface', async () => {
    expect((await inLetters([TEACHER_FOOT, STUDENT_FOOT])).families).toHaveLength(1);
    const bare = { title: '', head: '', changes: [], legend: '', sections: [], caution: 'Look first.', foot: '' };
    const page = { ...bare, language: 'en' as const };
    const [{ text }] = await read(await renderTagged(<ProgressPaper content={page} size="A4" />));
    expect(text).toBe('Caution:Lookfirst.');
  });
  it('letters that no typeface has are told, and a box stands for each', async () => {
    const { content, missing } = await inLetters({ name: 'Mei 美 and 美玲', list: ['🦀'] });
    expect(missing).toEqual(['美', '玲', '🦀']);
    expect(missingWords(missing)).toContain('these letters are not');
    expect(missingWords(['美'])).toContain('this letter is not');
    expect(content).toEqual({ name: 'Mei □ and □□', list: ['□'] });
  });
  it('plain words need the one typeface, and what is no text stays', async () => {
    const said = await inLetters({ a: 'Sedge, at 6:30', n: 3, none: null, deep: [{ b: true }] });
    expect(said).toEqual({
      content: { a: 'Sedge, at 6:30', n: 3, none: null, deep: [{ b: true }] },
      missing: [],
      families: ['Atkinson Hyperlegible Next'],
    });
  });
  it('leaves out what only steers, silently', () => {
    const plain = (c: number) => c < 0x80;
    expect(printable('a\u200db\ufe0f', plain, () => false)).toEqual({ content: 'ab', wider: false, missing: [] });
  });
});
