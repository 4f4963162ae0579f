/**
 * Takes the pictures of `docs/screenshots/` from the demo studio of a running server: `npm run screenshots [address]`.
 * Each file is one main view at 1280×800, plus a tablet, a phone and a night one.
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
/** Drags a point of the photo board to a share of the picture's width and height. */
async function place(p: Page, name: RegExp, x: number, y: number): Promise<void> {
  const point = await p.getByRole('button', { name }).boundingBox();
  const picture = await p.getByRole('dialog').locator('img').boundingBox();
  if (!point || !picture) throw new Error('nothing to place');
  await p.mouse.move(point.x + 17, point.y + 17);
  await p.mouse.down();
  await p.mouse.move(picture.x + x * picture.width, picture.y + y * picture.height, { steps: 6 });
  await p.mouse.up();
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
      await p.getByRole('button', { name: 'back of the thigh', exact: true }).click();
      await p
        .getByText(/in 100/)
        .first()
        .waitFor();
    },
  ],
  [
    'photo',
    async (p) => {
      await p.goto(`${address}/demo/student?id=demo-osk&step=measure`);
      await p.getByRole('button', { name: /^Straight leg raise/ }).click();
      await p.getByRole('button', { name: 'Photo' }).click();
      await p.getByRole('button', { name: 'Photograph the simulated student' }).click();
      await place(p, /^A: /, 0.495, 0.86);
      await place(p, /^B: /, 0.545, 0.47);
    },
  ],
  [
    'push',
    async (p) => {
      await p.goto(`${address}/demo/student?id=demo-osk&step=measure`);
      await p.getByRole('combobox', { name: 'Which tests' }).click();
      await p.getByRole('option', { name: 'Full strength' }).click();
      await p.getByRole('button', { name: /^Upper leg lifted/ }).click();
      await p.getByRole('button', { name: 'Push of the leg upwards' }).click();
      await p.getByLabel('Lever arm, cm').fill('82');
      await p.getByLabel('Push of the leg upwards, newtons').fill('92');
    },
  ],
  [
    'findings',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=findings`);
      await p.getByText('Length and strength, left against right').waitFor({ timeout: 60000 });
    },
  ],
  ...(['osk'] as const).map((who): [string, (page: Page) => Promise<void>] => [
    `findings-${who}`,
    async (p) => {
      await p.goto(`${address}/demo/student?id=demo-${who}&step=findings`);
      await p.getByText('Length and strength, left against right').waitFor({ timeout: 60000 });
    },
  ]),
  [
    'sheet',
    async (p) => {
      await p.setViewportSize({ width: 794, height: 1123 });
      await p.goto(`${address}/demo/sheet?${student}`);
      await p.getByText('What we will do').waitFor({ timeout: 60000 });
      await p.emulateMedia({ media: 'print' });
    },
  ],
  [
    'question',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=poses`);
      const settle = p.getByRole('button', { name: /Which test would tell/ });
      const poses = p.locator('button[data-pose]');
      await poses.first().waitFor({ timeout: 60000 });
      for (let i = 0; (await settle.count()) === 0; i++) await poses.nth(i).click();
      await settle.click();
      await p.getByText(/of at most 4/).waitFor({ timeout: 60000 });
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
    'bench',
    async (p) => {
      await p.goto(`${address}/demo/poses/bench?pose=own-demo-boat-step`);
      await p.getByText('Who holds it up').waitFor({ timeout: 60000 });
      await p.getByLabel('Read for').click();
      await p.getByRole('option', { name: 'Osk Fennimore' }).click();
      await p.getByText('Reading her tests').waitFor({ state: 'hidden', timeout: 60000 });
      await p.waitForTimeout(800);
    },
  ],
  [
    'poses-compared',
    async (p) => {
      await p.goto(`${address}/demo/student?id=demo-osk&step=poses`);
      await p.getByText('What it reaches here').waitFor({ timeout: 60000 });
      for (const i of [0, 1, 2])
        await p
          .getByRole('checkbox', { name: /^Compare/ })
          .nth(i)
          .check();
      await p.getByRole('button', { name: 'Compare 3' }).click();
      await p.getByRole('region', { name: 'Compared poses' }).waitFor();
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
const named = (name: string) => views.find(([n]) => n === name)?.[1] ?? (() => Promise.resolve());
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
  await named('measure')(page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${out}/measure-tablet.png` });
  await page.context().close();
}
if (!only || only.includes('night')) {
  const page = await open(1280, 800);
  await page.goto(`${address}/demo/settings`);
  await page.getByRole('button', { name: 'Night' }).click();
  await named('findings')(page);
  await page.waitForTimeout(700);
  await page.screenshot({ path: `${out}/findings-night.png` });
  await page.context().close();
}
if (!only || only.includes('phone')) {
  const page = await open(390, 844);
  await page.goto(`${address}/demo/student?id=demo-osk&step=measure`);
  await page.getByRole('button', { name: /^Straight leg raise/ }).click();
  await page.getByRole('button', { name: 'Inclinometer' }).click();
  await page.getByRole('button', { name: 'Use the simulated limb' }).click();
  await page.getByText(/Still: take it/).waitFor();
  await page.screenshot({ path: `${out}/inclinometer-phone.png` });
  await page.context().close();
}
await browser.close();
