/** Draws the icons of an installed Kolpos from `src/app/icon.svg`: `npx tsx scripts/icons.ts`. */
import { readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';

const svg = readFileSync('src/app/icon.svg', 'utf8');
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
for (const [file, size, inset] of [
  ['icon-192', 192, 0],
  ['icon-512', 512, 0],
  // A launcher may cut a circle out of it: the drawing stays inside, on the same ground.
  ['icon-512-maskable', 512, 64],
] as const) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const inner = size - 2 * inset;
  await page.setContent(
    `<body style="margin:0;background:${inset ? '#F4F7F6' : 'transparent'}"><div style="padding:${inset}px;width:${inner}px;height:${inner}px">${svg}</div></body>`,
  );
  await page.screenshot({ path: `public/${file}.png`, omitBackground: inset === 0 });
  await page.close();
}
await browser.close();
