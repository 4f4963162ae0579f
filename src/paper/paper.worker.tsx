import { pdf } from '@react-pdf/renderer';
import { expose } from 'comlink';
import { setOwnShapes, type Shape } from '@/core/poses';
import type { SheetContent } from './content';
import { HandoutPaper, registerFonts, TeacherPaper, type PaperSize } from './documents';

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
  const Paper = who === 'teacher' ? TeacherPaper : HandoutPaper;
  return pdf(<Paper content={content} size={size} />).toBlob();
}

const door = { sheetPdf };
export type PaperDoor = typeof door;
expose(door);
