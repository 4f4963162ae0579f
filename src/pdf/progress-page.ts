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
}

const FOOT =
  'These are measurements for a yoga practice, not a diagnosis. That a change stands beside a practice does not say that one made the other. Pain that is new, strong or does not go away belongs to a doctor or physiotherapist.';

/** Sentences of the sheet. @param day a day `YYYY-MM-DD` in words */
export function progressPage(sheet: ProgressSheet, day: (d: string) => string): ProgressPage {
  const sections = [
    { title: 'About the same', lines: sheet.same.length > 0 ? [`${sheet.same.join('. ')}.`] : [] },
    { title: 'How it felt', lines: sheet.complaints },
    { title: 'What was done', lines: [sheet.practised] },
    {
      title: 'We go on with',
      lines: [...sheet.goingOn, ...(sheet.again ? [`It is worth measuring again from ${day(sheet.again)} on.`] : [])],
    },
  ];
  return {
    title: `For ${sheet.name}`,
    head: `What changed from ${day(sheet.from)} to ${day(sheet.to)}`,
    changes: sheet.told,
    legend:
      '○ then, ● now; to the right is further, longer or stronger. Buff: can come from the measuring alone. Blue: as in most people like you.',
    sections: sections.filter((s) => s.lines.length > 0),
    caution: sheet.refer ? 'Some of what we saw should be looked at by a clinician before we work on it.' : null,
    foot: FOOT,
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
