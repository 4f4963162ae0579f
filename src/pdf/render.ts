import layoutDocument, { type DocumentNode, type SafeDocumentNode } from '@react-pdf/layout';
import renderPDF from '@react-pdf/render';
import { Font, pdf, type DocumentProps } from '@react-pdf/renderer';
import type { ReactElement } from 'react';
import { TaggedDocument } from './tagged-document';

/** The layout takes the typefaces as well, which its types leave out. */
type LaidOut = (document: DocumentNode, fonts: typeof Font) => Promise<SafeDocumentNode>;

/**
 * A document as a PDF file whose parts are told (`tagged-document.ts`): laid out and drawn by the same packages as the
 * renderer's own file, into a document of ours.
 * @throws where a typeface is not there or the layout fails
 */
export async function renderTagged(element: ReactElement<DocumentProps>): Promise<Uint8Array> {
  const { container } = pdf(element) as { container: { document: DocumentNode } };
  const { title, author, language } = container.document.props ?? {};
  const file = new TaggedDocument({
    lang: language,
    info: {
      ...(title && { Title: title }),
      ...(author && { Author: author }),
      Creator: 'Kolpos',
      Producer: 'Kolpos',
      CreationDate: new Date(),
    },
  });
  const laidOut = await (layoutDocument as LaidOut)(container.document, Font);
  return new Promise((resolve, reject) => {
    const chunks: Uint8Array[] = [];
    file.on('data', (chunk: Uint8Array) => chunks.push(chunk));
    file.on('error', reject);
    file.on('end', () => resolve(joined(chunks)));
    // The renderer's type of a document is of an older version of the package that both use.
    renderPDF(file as unknown as Parameters<typeof renderPDF>[0], laidOut);
  });
}

function joined(chunks: readonly Uint8Array[]): Uint8Array {
  const out = new Uint8Array(chunks.reduce((n, c) => n + c.length, 0));
  let at = 0;
  for (const c of chunks) {
    out.set(c, at);
    at += c.length;
  }
  return out;
}
