import { pdf } from '@react-pdf/renderer';
import { expose } from 'comlink';
import { setOwnShapes, type Shape } from '@/core/poses';
import type { SheetContent } from './content';
import { HandoutPaper, TeacherPaper, type PaperSize } from './documents';
import { onOnePage } from './one-page';
import type { ProgressPage } from './progress-page';
import { ProgressPaper } from './progress-paper';
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

/** A sheet as a PDF file. @param own poses of the teacher's own, to be drawn like the rest */
async function sheetPdf(
  who: 'teacher' | 'student',
  content: SheetContent,
  size: PaperSize,
  own: Shape[],
): Promise<Paper> {
  setOwnShapes(own, own);
  const { content: said, families, missing } = await inLetters(content);
  const bytes = async (document: Parameters<typeof pdf>[0]) =>
    new Uint8Array(await (await pdf(document).toBlob()).arrayBuffer());
  const file =
    who === 'teacher'
      ? await onOnePage((fontSize) =>
          bytes(<TeacherPaper content={said} size={size} fontSize={fontSize} families={families} />),
        )
      : await bytes(<HandoutPaper content={said} size={size} families={families} />);
  return { file: new Blob([new Uint8Array(file)], { type: 'application/pdf' }), missing };
}

/** The student's progress sheet as a PDF file. */
async function progressPdf(content: ProgressPage, size: PaperSize): Promise<Paper> {
  const { content: said, families, missing } = await inLetters(content);
  return { file: await pdf(<ProgressPaper content={said} size={size} families={families} />).toBlob(), missing };
}

const door = { sheetPdf, progressPdf };
export type PaperDoor = typeof door;
expose(door);
