import { renderTagged } from './render';
import fc from 'fast-check';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { beforeAll, describe, expect, it } from 'vitest';
import type { ProgressSheet, SheetChange } from '@/core/progress/student-sheet';
import { drawStrip, progressPage } from './progress-page';
import { ProgressPaper } from './progress-paper';
import { registerFromPackages } from './from-packages';

beforeAll(registerFromPackages);

const change = (k: number): SheetChange => ({
  kind: `k${k}`,
  title: `Left: test number ${k}`,
  what: 'Leg above the floor',
  verdict: 'changed',
  then: '39°',
  now: '53°',
  words: '14° further, more than the 9° that can come from the measuring alone.',
  strip: { then: 0.2, now: 0.6, error: [0.1, 0.3], typical: [0.5, 0.9] },
});
const sheet: ProgressSheet = {
  name: 'Sedge Heron',
  from: '2026-09-01',
  to: '2026-10-10',
  told: [1, 2, 3, 4, 5, 6].map(change),
  same: ['Right: knee to chest', 'Left: knee to chest'],
  complaints: ['What you said of the low back: 6 of 10 then, 3 now.'],
  practised: 'You practised on 2 days, 21 minutes in poses.',
  goingOn: ['Give room to the back of the thigh, left.'],
  refer: false,
  again: '2026-11-14',
};
const said = (d: string): string => `day ${d}`;

describe('the student’s progress sheet on paper', () => {
  it('has a section only where there is something to say', () => {
    const page = progressPage(sheet, said);
    expect(page.head).toBe('What changed from day 2026-09-01 to day 2026-10-10');
    expect(page.sections.map((s) => s.title)).toEqual([
      'About the same',
      'How it felt',
      'What was done',
      'We go on with',
    ]);
    expect(page.sections[3].lines[1]).toContain('day 2026-11-14');
    const bare = progressPage({ ...sheet, same: [], complaints: [], goingOn: [], again: null, refer: true }, said);
    expect(bare.sections.map((s) => s.title)).toEqual(['What was done']);
    expect(page.caution).toBeNull();
    expect(bare.caution).toContain('clinician');
  });
  it('is headed and ended in her language, and says which', () => {
    const page = progressPage({ ...sheet, refer: true }, said, 'de');
    expect([page.language, page.title]).toEqual(['de', 'Für Sedge Heron']);
    expect(page.head).toBe('Was sich änderte, vom day 2026-09-01 bis zum day 2026-10-10');
    expect(page.sections.map((s) => s.title)).toEqual([
      'Etwa gleich',
      'Wie es sich anfühlte',
      'Was getan wurde',
      'Womit es weitergeht',
    ]);
    for (const told of [page.legend, page.caution, page.foot]) expect(told).not.toMatch(/ the | and /);
  });
  it.each(['A4', 'LETTER'] as const)('one page of %s that says all of it', async (size) => {
    const page = progressPage({ ...sheet, refer: true }, said);
    const pdf = await renderTagged(<ProgressPaper content={page} size={size} />);
    const doc = await getDocument({ data: new Uint8Array(pdf), verbosity: 0 }).promise;
    expect(doc.numPages).toBe(1);
    const { items } = await (await doc.getPage(1)).getTextContent();
    const tight = (text: string): string => text.replaceAll(/\s+/g, '');
    const text = tight(items.map((t) => ('str' in t ? t.str : '')).join(''));
    const words = [
      page.title,
      page.head,
      page.foot,
      page.caution ?? '',
      ...page.changes.flatMap((c) => [c.title, c.words]),
      ...page.sections.flatMap((s) => [s.title, ...s.lines]),
    ];
    for (const w of words) expect(text).toContain(tight(w));
  });
});

describe('a strip', () => {
  it('lies within its box, whatever it shows', () => {
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(share, share, share, share, (then, now, a, b) => {
        const pair: [number, number] = [Math.min(a, b), Math.max(a, b)];
        const d = drawStrip({ strip: { then, now, error: pair, typical: pair } }, 200, 20);
        for (const [x] of [d.then, d.now]) {
          expect(x - d.radius).toBeGreaterThanOrEqual(-1e-9);
          expect(x + d.radius).toBeLessThanOrEqual(200 + 1e-9);
        }
        for (const r of [d.error, d.typical ?? d.error]) {
          expect(r[2]).toBeGreaterThanOrEqual(0);
          expect(r[0] + r[2]).toBeLessThanOrEqual(200 + 1e-9);
          expect(r[1] + r[3]).toBeLessThanOrEqual(20);
        }
      }),
    );
    expect(drawStrip({ strip: { then: 0, now: 1, error: [0, 1], typical: null } }, 200, 20).typical).toBeNull();
  });
});
