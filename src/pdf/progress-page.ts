import { sayIn } from '@/core/languages/catalogues';
import type { Language } from '@/core/languages/language';
import type { ProgressSheet, SheetChange } from '@/core/progress/student-sheet';

/** What the student's progress sheet says on the screen, printed and as a PDF: plain data. */
export interface ProgressPage {
  title: string;
  head: string;
  changes: SheetChange[];
  legend: string;
  sections: { title: string; lines: string[] }[];
  caution: string | null;
  foot: string;
  language: Language;
}

/** One reading taken twice, with what can be said of it. */
export const THEN_NOW = '{{what}}: {{then}} then, {{now}} now. {{words}}';

export const PROGRESS_FOOT =
  'These are measurements for a yoga practice, not a diagnosis. That a change stands beside a practice does not say that one made the other. Pain that is new, strong or does not go away belongs to a doctor or physiotherapist.';

/**
 * Sentences of the sheet.
 * @param day a day `YYYY-MM-DD` in words
 * @param language hers; what is in the sheet is said in it already
 */
export function progressPage(
  sheet: ProgressSheet,
  day: (d: string) => string,
  language: Language = 'en',
): ProgressPage {
  const say = sayIn(language);
  const sections = [
    { title: say('About the same'), lines: sheet.same.length > 0 ? [`${sheet.same.join('. ')}.`] : [] },
    { title: say('How it felt'), lines: sheet.complaints },
    { title: say('What was done'), lines: [sheet.practised] },
    {
      title: say('We go on with'),
      lines: [
        ...sheet.goingOn,
        ...(sheet.again ? [say('It is worth measuring again from {{day}} on.', { day: day(sheet.again) })] : []),
      ],
    },
  ];
  return {
    title: say('For {{name}}', { name: sheet.name }),
    head: say('What changed from {{from}} to {{to}}', { from: day(sheet.from), to: day(sheet.to) }),
    changes: sheet.told,
    legend: say(
      '○ then, ● now; to the right is further, longer or stronger. Buff: can come from the measuring alone. Blue: as in most people like you.',
    ),
    sections: sections.filter((s) => s.lines.length > 0),
    caution: sheet.refer ? say('Some of what we saw should be looked at by a clinician before we work on it.') : null,
    foot: say(PROGRESS_FOOT),
    language,
  };
}

/** A strip drawn: lengths in the unit of its width, rectangles as `[x, y, width, height]`. */
export interface StripDrawing {
  box: readonly [number, number];
  line: readonly [number, number, number, number];
  error: readonly [number, number, number, number];
  typical: readonly [number, number, number, number] | null;
  then: readonly [number, number];
  now: readonly [number, number];
  radius: number;
}

/** Where a strip's parts lie, for a box of that width and height. */
export function drawStrip({ strip }: Pick<SheetChange, 'strip'>, width: number, height: number): StripDrawing {
  const r = height * 0.2,
    middle = height / 2;
  const x = (share: number): number => r + share * (width - 2 * r);
  const span = ([a, b]: readonly [number, number], inset: number) =>
    [x(a), inset, x(b) - x(a), height - 2 * inset] as const;
  return {
    box: [width, height],
    line: [r, middle, width - r, middle],
    typical: strip.typical && span(strip.typical, height * 0.06),
    error: span(strip.error, height * 0.22),
    then: [x(strip.then), middle],
    now: [x(strip.now), middle],
    radius: r,
  };
}
