'use client';
import { wrap, type Remote } from 'comlink';
import { allShapes, LIBRARY } from '@/core/poses';
import type { SheetContent } from '@/paper/content';
import type { PaperDoor } from '@/paper/paper.worker';

let door: Remote<PaperDoor> | null = null;

/** A sheet as a PDF file, made in a worker of its own that starts with the first. Browser only. */
export function makePdf(who: 'teacher' | 'student', content: SheetContent, size: 'A4' | 'LETTER'): Promise<Blob> {
  door ??= wrap<PaperDoor>(new Worker(new URL('../../paper/paper.worker.tsx', import.meta.url), { type: 'module' }));
  return door.sheetPdf(who, content, size, allShapes().slice(LIBRARY.length));
}
