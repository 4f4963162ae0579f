/**
 * Takes the pictures of `docs/screenshots/` from the demo studio of a running server: `npm run screenshots [address]`.
 * Each file is one main view at 1280×800, plus a tablet and a night one.
 */
import { chromium, type Page } from '@playwright/test';

const address = process.argv[2] ?? 'http://localhost:4173';
const out = process.argv[3] ?? 'docs/screenshots';
const only = process.argv[4]?.split(',');
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
});

async function open(width: number, height: number): Promise<Page> {
  const context = await browser.newContext({ viewport: { width, height }, reducedMotion: 'reduce' });
  const page = await context.newPage();
  page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text().slice(0, 300)));
  page.on('pageerror', (e) => console.log('page error:', e.message.slice(0, 300)));
  await page.goto(`${address}/demo`);
  await page.getByText('Maren Tideway').waitFor({ timeout: 60000 });
  return page;
}
const student = 'id=demo-maren';
const views: [string, (page: Page) => Promise<void>][] = [
  ['today', async () => undefined],
  [
    'ask',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=ask`);
      await p.getByLabel('Name').waitFor();
    },
  ],
  [
    'measure',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=measure`);
      await p.getByRole('button', { name: /^Straight leg raise/ }).click();
      await p.getByLabel('Leg above the floor, degrees').fill('58');
      await p.getByRole('button', { name: 'back of the thigh' }).click();
      await p
        .getByText(/in 100/)
        .first()
        .waitFor();
    },
  ],
  [
    'findings',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=findings`);
      await p.getByText('How far each lets itself').waitFor({ timeout: 60000 });
    },
  ],
  [
    'muscles',
    async (p) => {
      await p.goto(`${address}/demo/muscles?muscle=gluteus-medius&show=all&at=hip_flexion:30,knee_flexion:40`);
      await p.getByText('moment arm, cm').waitFor({ timeout: 60000 });
    },
  ],
  [
    'poses',
    async (p) => {
      await p.goto(`${address}/demo/student?id=demo-osk&step=poses`);
      await p.getByText('What it reaches here').waitFor({ timeout: 60000 });
    },
  ],
  [
    'practice',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=practice`);
      await p.getByText('Dose by aim').waitFor({ timeout: 60000 });
    },
  ],
  [
    'teach',
    async (p) => {
      await p.goto(`${address}/demo/teach?practice=demo-practice`);
      await p.getByRole('button', { name: 'Begin' }).click();
      for (let i = 0; i < 4; i++) await p.getByRole('button', { name: 'Next', exact: true }).click();
      await p.waitForTimeout(1500);
    },
  ],
  [
    'progress',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=progress`);
      await p.getByText('Practices taught').waitFor();
    },
  ],
  [
    'files',
    async (p) => {
      await p.goto(`${address}/demo/settings`);
      await p.getByText('Take everything out').waitFor();
    },
  ],
];
for (const [name, go] of views) {
  if (only && !only.includes(name)) continue;
  const page = await open(1280, 800);
  await go(page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${out}/${name}.png` });
  await page.context().close();
}
if (!only || only.includes('tablet')) {
  const page = await open(820, 1180);
  await views[2][1](page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${out}/measure-tablet.png` });
  await page.context().close();
}
if (!only || only.includes('night')) {
  const page = await open(1280, 800);
  await page.goto(`${address}/demo/settings`);
  await page.getByRole('button', { name: 'Night' }).click();
  await views[3][1](page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${out}/findings-night.png` });
  await page.context().close();
}
await browser.close();
