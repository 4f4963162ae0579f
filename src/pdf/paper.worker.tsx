import { expose } from 'comlink';
import { setOwnShapes, type Shape } from '@/core/poses';
import type { SheetContent } from './content';
import { HandoutPaper, TeacherPaper, type PaperSize } from './documents';
import { onOnePage } from './one-page';
import type { ProgressPage } from './progress-page';
import { ProgressPaper } from './progress-paper';
import { renderTagged } from './render';
import { inLetters, registerFonts } from './typefaces';

const OWN = [
  new URL(
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
    import.meta.url,
  ).href,
  new URL(
    '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
    import.meta.url,
  ).href,
] as const;
const FALLBACK = [
  new URL('@fontsource/dejavu-sans/files/dejavu-sans-latin-400-normal.woff', import.meta.url).href,
  new URL('@fontsource/dejavu-sans/files/dejavu-sans-latin-700-normal.woff', import.meta.url).href,
] as const;
registerFonts(OWN, FALLBACK);

/** A file, and letters of it that could not be set: □ stands for them. */
export interface Paper {
  file: Blob;
  missing: string[];
}

const asFile = (bytes: Uint8Array): Blob => new Blob([new Uint8Array(bytes)], { type: 'application/pdf' });

/** A sheet as a PDF file. @param own poses of the teacher's own, to be drawn like the rest */
async function sheetPdf(
  who: 'teacher' | 'student',
  content: SheetContent,
  size: PaperSize,
  own: Shape[],
): Promise<Paper> {
  setOwnShapes(own, own);
  const { content: said, families, missing } = await inLetters(content);
  const file =
    who === 'teacher'
      ? await onOnePage((fontSize) =>
          renderTagged(<TeacherPaper content={said} size={size} fontSize={fontSize} families={families} />),
        )
      : await renderTagged(<HandoutPaper content={said} size={size} families={families} />);
  return { file: asFile(file), missing };
}

/** The student's progress sheet as a PDF file. */
async function progressPdf(content: ProgressPage, size: PaperSize): Promise<Paper> {
  const { content: said, families, missing } = await inLetters(content);
  return {
    file: asFile(await renderTagged(<ProgressPaper content={said} size={size} families={families} />)),
    missing,
  };
}

const door = { sheetPdf, progressPdf };
export type PaperDoor = typeof door;
expose(door);
