/**
 * Takes the pictures of `docs/screenshots/` from the demo studio of a running server: `npm run screenshots [address]`.
 * Each file is one main view at 1280×800 of the application, plus a phone's.
 */
import { readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { KolposRecord } from '../src/core/formats/record';
import { chromium, type Page } from '@playwright/test';

const address = process.argv[2] ?? 'http://localhost:4173';
const out = process.argv[3] ?? 'docs/screenshots';
const only = process.argv[4]?.split(',');
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
});

/** Figures drawn as finely as they are asked for, and what slides in arrived. */
async function atRest(page: Page): Promise<void> {
  await page.waitForTimeout(500);
  await page.waitForFunction(() => !document.querySelector('svg[aria-busy]'), undefined, { timeout: 60000 });
  await page.waitForTimeout(200);
}

async function open(width: number, height: number): Promise<Page> {
  const context = await browser.newContext({ viewport: { width, height }, reducedMotion: 'reduce' });
  const page = await context.newPage();
  page.on('console', (m) => m.type() === 'error' && console.log('console:', m.text().slice(0, 300)));
  page.on('pageerror', (e) => console.log('page error:', e.message.slice(0, 300)));
  await page.goto(`${address}/demo`);
  await page.getByText('Maren Tideway').first().waitFor({ timeout: 60000 });
  return page;
}
const student = 'id=demo-maren';
const views: [string, (page: Page) => Promise<void>][] = [
  [
    'today',
    async (p) => {
      await p.getByText('hamstrings').first().waitFor({ timeout: 120000 });
    },
  ],
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
    'findings',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=findings`);
      await p.getByText('Length and strength, left against right').waitFor({ timeout: 60000 });
    },
  ],
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
    'class',
    async (p) => {
      await p.goto(`${address}/demo/class?id=demo-class`);
      const build = p.getByRole('button', { name: 'Build a practice' });
      await p.getByText('The number is the mean weight').waitFor({ timeout: 60000 });
      await p.getByLabel('Minutes').fill('45');
      await build.click({ timeout: 60000 });
      const table = p.getByRole('table', { name: "Each one's own rung" });
      await table.waitFor({ timeout: 60000 });
      await p.setViewportSize({ width: 1280, height: 1300 });
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
      await p.getByText('Reading the tests …').waitFor({ state: 'hidden', timeout: 60000 });
      await p.waitForTimeout(800);
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
    'german',
    async (p) => {
      await p.context().addCookies([{ name: 'kolpos-language', value: 'de', url: address }]);
      await p.goto(`${address}/demo/student?${student}&step=findings`);
      await p.getByText('Haltungen für diese Ziele ordnen').waitFor({ timeout: 60000 });
    },
  ],
  ...(['teacher-sheet', 'handout'] as const).map((name): [string, (page: Page) => Promise<void>] => [
    name,
    async (p) => {
      await p.setViewportSize({ width: 794, height: 1123 });
      await p.goto(`${address}/demo/print?practice=demo-practice`);
      await p
        .getByRole('button', { name: 'Print', exact: true })
        .and(p.locator(':enabled'))
        .waitFor({ timeout: 60000 });
      if (name === 'handout') await p.getByRole('button', { name: 'for the student' }).click();
      await p.emulateMedia({ media: 'print' });
    },
  ]),
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
      await p.goto(`${address}/demo/student?${student}&step=progress&part=change`);
      await p.getByRole('region', { name: 'Tolerances then and now' }).waitFor({ timeout: 60000 });
      await p
        .getByText(/useful minutes on/)
        .first()
        .waitFor({ timeout: 60000 });
      await p.waitForTimeout(1500);
    },
  ],
  [
    'weeks',
    async (p) => {
      await p.goto(`${address}/demo/student?${student}&step=progress&part=weeks`);
      await p.getByText('Save as a calendar').waitFor({ timeout: 60000 });
      await p
        .getByText(/lengthen|strengthen/i)
        .first()
        .waitFor({ timeout: 60000 });
    },
  ],
  [
    'daybook',
    async (p) => {
      // A day of the demo's own weeks, whenever the picture is taken.
      await p.clock.setFixedTime('2026-11-30T09:00:00');
      await p.goto(`${address}/demo/daybook`);
      await p.getByText('Who came').waitFor();
    },
  ],
  [
    'files',
    async (p) => {
      await p.goto(`${address}/demo/settings`);
      // A file from another machine: one student newer, one new, one reading that cannot be.
      const file = JSON.parse(readFileSync('public/demo.json', 'utf8')) as KolposRecord;
      const [, second, third] = file.students;
      const exportedAt = '2026-11-28T11:00:00.000Z';
      const students = file.students.map((s) =>
        s === second ? { ...s, aim: 'Kneel in the bow.', updatedAt: exportedAt } : s,
      );
      const readings = file.readings.map((r, i) => (i === 3 ? { ...r, trials: [400] } : r));
      const more = { ...third, id: 'wren', name: 'Wren Slipway' };
      const text = JSON.stringify({ ...file, exportedAt, readings, students: [...students, more] });
      await p
        .getByLabel('File to bring in')
        .setInputFiles({ name: 'kolpos-tablet.json', mimeType: 'application/json', buffer: Buffer.from(text) });
      await p.getByRole('dialog').waitFor();
    },
  ],
];
for (const [name, go] of views) {
  if (only && !only.includes(name)) continue;
  const page = await open(1280, 800);
  await go(page);
  await atRest(page);
  await page.screenshot({ path: `${out}/${name}.png` });
  await page.context().close();
}
if (!only || only.includes('home')) {
  // The file that plays, as it lies on a phone: made in the application, opened from disk without a network.
  const page = await open(1280, 800);
  await page.goto(`${address}/demo`);
  await page.getByText('Maren Tideway').waitFor();
  await page.goto(`${address}/demo/student?id=demo-maren&step=practice`);
  await page.getByRole('button', { name: 'Send it home' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Make the file' }).click(),
  ]);
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, offline: true })).newPage();
  await phone.clock.install();
  const kept = join(tmpdir(), file.suggestedFilename());
  await file.saveAs(kept);
  await phone.goto(`file://${kept}`);
  await phone.getByRole('button', { name: /^Start/ }).click();
  for (let k = 0; k < 6; k++) await phone.getByRole('button', { name: /^(Next|I am there)$/ }).click();
  await phone.getByRole('button', { name: 'Dim' }).click();
  await phone.clock.runFor(20_000);
  await phone.screenshot({ path: `${out}/home.png` });
  await page.context().close();
}
await browser.close();
