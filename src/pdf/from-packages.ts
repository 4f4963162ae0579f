import { createRequire } from 'node:module';
import { inLetters, registerFonts, type Cuts } from './typefaces';

const cuts = (family: string): Cuts => {
  const file = (weight: number) =>
    createRequire(import.meta.url).resolve(`@fontsource/${family}/files/${family}-latin-${weight}-normal.woff`);
  return [file(400), file(700)];
};

/**
 * The typefaces of the PDF files from the packages themselves, ready, where there is no browser: for tests and the
 * command line.
 */
export async function registerFromPackages(): Promise<void> {
  registerFonts(cuts('atkinson-hyperlegible-next'), cuts('dejavu-sans'));
  await inLetters('');
}
