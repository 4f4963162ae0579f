import { sha256 } from '@noble/hashes/sha2.js';
import { htmlText } from '@/core/html-text';
import { bodyAttributes, PLAIN_BODY, type DrawnBody } from '@/figure/bodies';
import type { HomeFile } from '@/core/home/home-file';
import { pagePhrases, sayIn } from '@/core/languages/catalogues';
import type { Language } from '@/core/languages/language';
import { pictureStyle } from './picture-text';

/** The script and style that play it, as `bundle.ts` makes them. */
export interface HomeParts {
  script: string;
  style: string;
}

/** Largest file that is given, bytes: it must go through any messenger. */
export const MOST_BYTES = 400_000;

/** What stands there until the page plays. */
export const NO_SCRIPT =
  'This page plays your practice. If nothing more appears, open it in a web browser that runs scripts, such as Safari, Chrome or Firefox.';

const hashOf = (text: string): string => {
  const bytes = sha256(new TextEncoder().encode(text));
  return `'sha256-${btoa(String.fromCharCode(...bytes))}'`;
};
/** Text inside a script element that cannot end it. */
const inside = (text: string): string => text.replaceAll('<', '\\u003c');

/**
 * The whole file. Its policy lets nothing run but its own script, and nothing be fetched from anywhere.
 * @param body how the drawn body is painted
 * @param language of the page's own sentences; `data` is made in it
 * @param data what `makeHome` made with its pictures as JSON, or a locked text of it
 */
export function homeHtml(
  title: string,
  data: string,
  { script, style }: HomeParts,
  { body = PLAIN_BODY, language = 'en' }: { body?: DrawnBody; language?: Language } = {},
): string {
  const css = style + pictureStyle();
  const policy = [
    "default-src 'none'",
    `script-src ${hashOf(script)}`,
    // Widths of lines stand on the drawings themselves.
    "style-src 'unsafe-inline'",
    'img-src data: blob:',
    "base-uri 'none'",
    "form-action 'none'",
  ].join('; ');
  return `<!doctype html>
<html lang="${language}"${Object.entries(bodyAttributes(body))
    .map(([name, value]) => ` ${name}="${value}"`)
    .join('')}>
<head>
<meta charset="utf-8">
<meta http-equiv="content-security-policy" content="${policy}">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="referrer" content="no-referrer">
<meta name="color-scheme" content="light dark">
<title>${htmlText(title)}</title>
<style>${css}</style>
</head>
<body>
<main id="app"><p>${htmlText(sayIn(language)(NO_SCRIPT))}</p></main>
<script type="application/json" id="phrases">${inside(JSON.stringify(pagePhrases(language)))}</script>
<script type="application/json" id="home">${inside(data)}</script>
<script>${script}</script>
</body>
</html>
`;
}

/** Title of the file, and its name: first name and minutes. */
export function homeName(
  { name, practices }: Pick<HomeFile, 'name' | 'practices'>,
  language: Language = 'en',
): { title: string; file: string } {
  const minutes = sayIn(language)('{{count}} minutes', { count: Math.round(practices[0].seconds / 60) });
  const title = [name, minutes].filter(Boolean).join(', ');
  const plain = title
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');
  return { title, file: `${plain}.html` };
}
