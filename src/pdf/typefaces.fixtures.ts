import { createRequire } from 'node:module';
import { registerFonts, type Cuts } from './typefaces';

const cuts = (family: string): Cuts => {
  const file = (weight: number) =>
    createRequire(import.meta.url).resolve(`@fontsource/${family}/files/${family}-latin-${weight}-normal.woff`);
  return [file(400), file(700)];
};

/** For tests: the typefaces of the PDF files, from the packages themselves. */
export const registerFromPackages = (): void => registerFonts(cuts('atkinson-hyperlegible-next'), cuts('dejavu-sans'));
