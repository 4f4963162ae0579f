import { chromium } from '@playwright/test';
const [,, file, out, w, h, url, full] = process.argv;
(async () => {
  const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
  const p = await b.newPage({ viewport: { width: +w, height: +h } });
  p.setDefaultTimeout(120000);
  await p.goto('http://localhost:4173/studio/settings');
  await p.getByLabel('File to bring in').setInputFiles(file);
  await p.getByRole('dialog').getByRole('button', { name: 'Bring it in' }).click({ timeout: 60000 }).catch(async (e) => { console.log(String(e).slice(0, 300)); console.log((await p.getByRole('button').allInnerTexts()).join('|')); });
  await p.waitForTimeout(3000);
  await p.goto('http://localhost:4173' + url); await p.waitForTimeout(12000);
  await p.screenshot({ path: out, fullPage: full === 'full' });
  await b.close();
})();
