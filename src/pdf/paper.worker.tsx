import { pdf } from '@react-pdf/renderer';
import { expose } from 'comlink';
import { setOwnShapes, type Shape } from '@/core/poses';
import type { SheetContent } from './content';
import { HandoutPaper, registerFonts, TeacherPaper, type PaperSize } from './documents';
import { onOnePage } from './one-page';
import type { ProgressPage } from './progress-page';
import { ProgressPaper } from './progress-paper';

const REGULAR = new URL(
  '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff',
  import.meta.url,
);
const BOLD = new URL(
  '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff',
  import.meta.url,
);
registerFonts(REGULAR.href, BOLD.href);

/** A sheet as a PDF file. @param own poses of the teacher's own, to be drawn like the rest */
async function sheetPdf(
  who: 'teacher' | 'student',
  content: SheetContent,
  size: PaperSize,
  own: Shape[],
): Promise<Blob> {
  setOwnShapes(own, own);
  const bytes = async (document: Parameters<typeof pdf>[0]) =>
    new Uint8Array(await (await pdf(document).toBlob()).arrayBuffer());
  const file =
    who === 'teacher'
      ? await onOnePage((fontSize) => bytes(<TeacherPaper content={content} size={size} fontSize={fontSize} />))
      : await bytes(<HandoutPaper content={content} size={size} />);
  return new Blob([new Uint8Array(file)], { type: 'application/pdf' });
}

/** The student's progress sheet as a PDF file. */
async function progressPdf(content: ProgressPage, size: PaperSize): Promise<Blob> {
  return pdf(<ProgressPaper content={content} size={size} />).toBlob();
}

const door = { sheetPdf, progressPdf };
export type PaperDoor = typeof door;
expose(door);
