'use client';
import { wrap, type Remote } from 'comlink';
import { ownShapes } from '@/core/poses/own';
import type { SheetContent } from '@/pdf/content';
import type { ProgressPage } from '@/pdf/progress-page';
import type { Paper, PaperDoor } from '@/pdf/paper.worker';

let door: Remote<PaperDoor> | null = null;

/** The worker that makes PDF files, started with the first. Browser only. */
const paper = (): Remote<PaperDoor> =>
  (door ??= wrap<PaperDoor>(new Worker(new URL('../../pdf/paper.worker.tsx', import.meta.url), { type: 'module' })));

/** A sheet of a practice as a PDF file, made in a worker of its own that starts with the first. Browser only. */
export function makePdf(who: 'teacher' | 'student', content: SheetContent, size: 'A4' | 'LETTER'): Promise<Paper> {
  return paper().sheetPdf(who, content, size, [...ownShapes()]);
}

/** The student's progress sheet as a PDF file. */
export const progressPdf = (content: ProgressPage, size: 'A4' | 'LETTER'): Promise<Paper> =>
  paper().progressPdf(content, size);
