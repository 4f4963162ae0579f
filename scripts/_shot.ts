import { chromium } from '@playwright/test';
const [,, out, w, h, url, ...rest] = process.argv;
(async () => {
  const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
  const p = await b.newPage({ viewport: { width: +w, height: +h } });
  p.on('pageerror', (e) => console.log('ERR', e.message));
  await p.goto('http://localhost:4173/demo'); await p.waitForTimeout(2500);
  await p.goto('http://localhost:4173' + url); await p.waitForTimeout(+(rest[0] ?? 6000));
  if (rest[1]) await p.evaluate(rest[1]);
  await p.waitForTimeout(500);
  await p.screenshot({ path: out });
  await b.close();
})();
