import { Document, Page, Text, View, type DocumentProps } from '@react-pdf/renderer';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { ReactElement } from 'react';
import { beforeAll, describe, expect, it } from 'vitest';
import type { SheetContent, SheetLine } from './content';
import { HandoutPaper, TeacherPaper } from './documents';
import { registerFromPackages } from './from-packages';
import { renderTagged } from './render';
import { Part, Said } from './tags';
import { FAMILY } from './typefaces';

beforeAll(registerFromPackages);

/** A part as an independent reader finds it: its kind, what it is told in words instead, and what is written in it. */
interface Found {
  role: string;
  alt?: string;
  text: string;
  parts: Found[];
}
interface TreeNode {
  role?: string;
  alt?: string;
  type?: string;
  id?: string;
  children?: TreeNode[];
}

/** Pages of a file as a reader of PDF takes them: the tree of parts with their text, and the text that is in none. */
async function readAloud(element: ReactElement<DocumentProps>) {
  const file = await renderTagged(element);
  const doc = await getDocument({ data: new Uint8Array(file), verbosity: 0 }).promise;
  const pages = await Promise.all(
    Array.from({ length: doc.numPages }, async (_, i) => {
      const page = await doc.getPage(i + 1);
      const { items } = await page.getTextContent({ includeMarkedContent: true });
      const texts = new Map<string, string>();
      const open: (string | null)[] = [];
      let outside = '';
      for (const item of items) {
        if ('str' in item) {
          const id = open.findLast((x) => x !== null) ?? null;
          if (id === null) outside += item.str;
          else texts.set(id, (texts.get(id) ?? '') + item.str);
        } else if (item.type === 'endMarkedContent') open.pop();
        else open.push('id' in item ? item.id : null);
      }
      expect(open).toEqual([]);
      const told = new Set<string>();
      const found = (node: TreeNode): Found => {
        const children = node.children ?? [];
        const own = children.flatMap((c) => (c.type === 'content' && c.id ? [c.id] : []));
        own.forEach((id) => told.add(id));
        return {
          role: node.role ?? '',
          ...(node.alt && { alt: node.alt }),
          text: own.map((id) => texts.get(id) ?? '').join(''),
          parts: children.filter((c) => c.role).map(found),
        };
      };
      const root = found((await page.getStructTree()) as TreeNode);
      return { root, outside, untold: [...texts.keys()].filter((id) => !told.has(id)) };
    }),
  );
  return { pages, marked: await doc.getMarkInfo(), info: (await doc.getMetadata()).info };
}
const flat = (part: Found): Found[] => [part, ...part.parts.flatMap(flat)];
const tight = (text: string): string => text.replaceAll(/\s+/g, '');
const outline = ({ role, parts }: Found): string =>
  parts.length > 0 ? `${role}(${parts.map(outline).join(' ')})` : role;

const line = (name: string, over: Partial<SheetLine> = {}): SheetLine => ({
  ...{ pose: 'low-lunge', rung: 1, side: 'right', depth: 0.5, at: '0:00', name, rungName: 'upright' },
  ...{ sides: 'right, then left', hold: '5 breaths', props: ['a block'], say: ['Sit tall.'], enter: 'Step forward.' },
  ...over,
});
const content = (lines: SheetLine[], language: SheetContent['language'] = 'en'): SheetContent => ({
  ...{ title: 'Before the ebb', name: 'Sedge', on: '1 December 2026', total: '20:00', minutes: 20 },
  ...{ cautions: ['Low back ache'], lines, language },
});

describe('a sheet that is read aloud', () => {
  it('my page: a heading, whose it is, the caution, a table of a row a pose with its figure in words', async () => {
    const lines = [line('Low lunge'), line('Half split', { pose: 'half-split' }), line('Corpse pose', { props: [] })];
    const { pages, marked, info } = await readAloud(<TeacherPaper content={content(lines)} size="A4" fontSize={10} />);
    expect(marked).toMatchObject({ Marked: true });
    expect(info).toMatchObject({ Title: 'Before the ebb', Language: 'en' });
    const [{ root, outside, untold }] = pages;
    expect([pages.length, tight(outside), untold]).toEqual([1, '', []]);
    expect(outline(root)).toBe(
      'Root(Document(H1 P P Table(' +
        'TR(TD TD(Figure) TD(P P) TD TD TD) TR(TD TD(Figure) TD(P P) TD TD TD) TR(TD TD(Figure) TD(P P) TD TD)' +
        ') P))',
    );
    const parts = flat(root);
    expect(parts.filter((p) => p.role === 'Figure').map((p) => p.alt)).toEqual(lines.map((l) => l.name));
    expect(parts.filter((p) => p.role === 'H1').map((p) => p.text)).toEqual(['Before the ebb']);
    const [row] = parts.filter((p) => p.role === 'TR');
    expect(
      flat(row)
        .map((p) => tight(p.text))
        .filter(Boolean),
    ).toEqual(['0:00', 'Low lunge', 'upright · right, then left', '5 breaths', 'a block', 'Sit tall.'].map(tight));
  });

  it('the student’s page: a list of poses, in the student’s language, over as many pages as it takes', async () => {
    const lines = Array.from({ length: 14 }, (_, i) => line(`Low lunge ${i + 1}`));
    const { pages, info } = await readAloud(<HandoutPaper content={content(lines, 'de')} size="A4" />);
    expect(info).toMatchObject({ Language: 'de', Title: 'Für Sedge' });
    expect(pages.length).toBeGreaterThan(1);
    for (const { outside, untold } of pages) expect([tight(outside), untold]).toEqual(['', []]);
    const items = pages.flatMap((p) => flat(p.root).filter((x) => x.role === 'LI'));
    expect(
      items.map((x) =>
        tight(
          flat(x)
            .map((y) => y.text)
            .join(''),
        ),
      ),
    ).toEqual(lines.map((l, i) => tight(`${i + 1}. ${l.name}${l.rungName}${l.sides}: ${l.hold}a block${l.enter}`)));
    for (const item of items) expect(outline(item)).toBe('LI(LBody(Figure P P P P P))');
  });

  it('leaves out nothing that is written, named or not, and lets a place to go to be one', async () => {
    const { pages } = await readAloud(
      <Document>
        <Page style={{ fontFamily: FAMILY, fontSize: 12 }}>
          <Text>Nobody named this.</Text>
          <View id="a-place" style={{ borderWidth: 1 }}>
            <Said as="H2">A heading</Said>
          </View>
          <Part as="Sect">
            <Text>Nor this.</Text>
          </Part>
          <Part as="Sect" />
          <Text>And this at the end.</Text>
        </Page>
      </Document>,
    );
    const [{ root, outside, untold }] = pages;
    expect([tight(outside), untold]).toEqual(['', []]);
    expect(
      flat(root)
        .map((p) => tight(p.text))
        .join('|'),
    ).toContain('Nobodynamedthis.');
    expect(
      tight(
        flat(root)
          .map((p) => p.text)
          .join(''),
      ),
    ).toBe('Nobodynamedthis.AheadingNorthis.Andthisattheend.');
    expect(outline(root)).toContain('Sect');
  });
});
