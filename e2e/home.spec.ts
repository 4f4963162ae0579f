import { daysPass, expect, nowOnDay, test, type Page } from './test';
import { readFileSync, renameSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import config from '../playwright.config';
import { FULL, openDemo, stored } from './teacher';

/** What the camera of this browser sees, over and over; each browser has a file of its own. */
const SEEN = join(tmpdir(), `kolpos-camera-${process.pid}.mjpeg`);
test.use({
  launchOptions: {
    ...config.use?.launchOptions,
    args: [
      ...(config.use?.launchOptions?.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${SEEN}`,
    ],
  },
});
test.afterAll(() => rmSync(SEEN, { force: true }));

/** Opens a file as a phone does: from its own storage, without a network. */
async function phone(page: Page, file: string): Promise<string[]> {
  const asked: string[] = [];
  page.on('request', (r) => asked.push(r.url()));
  page.on('pageerror', (e) => asked.push(`error: ${e.message}`));
  await page.context().setOffline(true);
  await page.clock.install({ time: nowOnDay() });
  await page.goto(`file://${file}`);
  return asked;
}

test('a practice goes home, is done on a phone without a network, and comes back', async ({ page, browser }, info) => {
  await openDemo(page, '/student?id=demo-maren&step=practice');
  await page.getByRole('button', { name: 'Send it home' }).click();
  const give = page.getByRole('dialog', { name: 'A practice for Maren’s phone' });
  await give.getByLabel('Small tests to take alone').check();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    give.getByRole('button', { name: 'Make the file' }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('maren-20-minutes.html');
  await expect(give.getByText(/Saved as maren-20-minutes\.html/)).toBeVisible();
  const file = info.outputPath('maren.html');
  await download.saveAs(file);
  expect(readFileSync(file).byteLength).toBeLessThan(400_000);
  await give.getByRole('button', { name: 'Close' }).click();

  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, deviceScaleFactor: 2 });
  const her = await context.newPage();
  const asked = await phone(her, file);
  await expect(her.getByRole('heading', { name: 'For Maren' })).toBeVisible();
  await her.getByRole('button', { name: 'Start “Before rowing”' }).click();
  await her.clock.runFor(100_000);
  await expect(her.getByText(/^[23] of \d+ · /)).toBeVisible();

  // Laid aside half-way: it goes on where it was. A browser writes what a page keeps a moment later: another window
  // sees when it has.
  await her.getByRole('button', { name: 'Pause' }).click();
  const seen = await context.newPage();
  await expect(async () => {
    await seen.goto(`file://${file}`);
    await expect(seen.getByText('You stopped half-way')).toBeVisible({ timeout: 2000 });
  }).toPass();
  await seen.close();
  await her.reload();
  await her.getByRole('button', { name: 'Carry on where you were' }).click();
  await her.getByRole('button', { name: /^(Next|I am there)$/ }).click();

  // Once easier.
  while (!(await her.getByRole('button', { name: 'Easier' }).isVisible()))
    await her.getByRole('button', { name: /^(Next|I am there)$/ }).click();
  const before = await her.getByRole('heading', { level: 1 }).textContent();
  await her.getByRole('button', { name: 'Easier' }).click();
  await expect(her.getByRole('heading', { level: 1 })).not.toHaveText(before ?? '');

  // Once too much: what to do is said, and it is over for today.
  await her.clock.runFor(30_000);
  await her.getByRole('button', { name: 'That hurts' }).click();
  await her.getByRole('button', { name: 'Pinching' }).click();
  await expect(her.getByText(/Out of the bend/)).toBeVisible();
  await her.getByRole('button', { name: 'Go on with the next shape, gently' }).click();
  await her.getByRole('button', { name: 'Go on', exact: true }).click();
  for (let k = 0; k < 40 && !(await her.getByRole('heading', { name: 'Rest a while.' }).isVisible()); k++)
    await her.clock.runFor(60_000);
  const felt = her.getByRole('group', { name: 'Felt where?' }).first();
  await felt.getByRole('button', { name: 'back of the thigh' }).click();
  await her.getByRole('group', { name: 'How strong?' }).first().getByRole('button', { name: 'strong' }).click();
  await her.getByRole('button', { name: 'For my teacher' }).click();
  const code = her.getByRole('img', { name: 'Square code of what you did' });
  await expect(code).toBeVisible();
  const photo = info.outputPath('code.png');
  await her.screenshot({ path: photo });
  await her.screenshot({ path: `${SEEN}.jpg`, type: 'jpeg', quality: 90 });
  renameSync(`${SEEN}.jpg`, SEEN);
  expect(asked.filter((url) => !url.startsWith('file://') && !url.startsWith('data:'))).toEqual([]);

  // The teacher photographs it, a week later: days of the plan have passed.
  await daysPass(page.context(), 8);
  await page.goto('/demo');
  await page.getByRole('button', { name: 'Back from home' }).click();
  const back = page.getByRole('dialog', { name: 'Back from home' });
  await back.getByLabel('Or paste it here').fill('KOLPOS1|nonsense');
  await back.getByRole('button', { name: 'Look at it' }).click();
  await expect(back.getByRole('alert')).toContainText('begins with KOLPOS1');
  await back.getByLabel('Picture or file from the student').setInputFiles(photo);
  const told = back.getByRole('region', { name: 'Maren Tideway' });
  await expect(told.getByText(/hurt, pinching/)).toBeVisible();
  await expect(told.getByText(/back of the thigh, 6 of 10/)).toBeVisible();
  await back.getByRole('button', { name: 'Keep it in the log' }).click();
  await stored(page, 'logs', '"source":"home"');

  // A second time, held before the camera, it is known.
  await page.getByRole('button', { name: 'Back from home' }).click();
  await back.getByRole('button', { name: 'Use the camera' }).click();
  await expect(back.getByText('This is in the log already.')).toBeVisible();
  await expect(back.getByRole('button', { name: 'Keep it in the log' })).toBeHidden();
  await back.getByRole('button', { name: 'Close' }).click();

  await page.goto('/demo/student?id=demo-maren&step=progress');
  await expect(page.getByText(/Before rowing.*at home/).first()).toBeVisible();
  await page.goto('/demo/student?id=demo-maren&step=practice');
  const note = page.getByRole('region', { name: 'What came back from home' });
  await expect(note.getByText(/^Once at home/)).toBeVisible();
  await expect(note.getByText(/stays closed until you clear it/)).toBeVisible();
  await note.getByRole('button', { name: 'Draft a message' }).click();
  await expect(note.getByLabel(/^To Maren/)).toHaveValue(/leave .* alone/);

  // Days that passed since: proposed, taken over on a press, and kept.
  await note.getByRole('link', { name: 'see what would change' }).click();
  const weeks = page.getByRole('region', { name: 'What the weeks could follow' });
  await expect(
    weeks
      .getByRole('listitem')
      .filter({ hasText: /Nothing is in the log for|was done on/ })
      .first(),
  ).toBeVisible();
  await weeks.getByRole('button', { name: 'Make these changes' }).click();
  await expect(page.getByText('The weeks follow.')).toBeVisible();
  await expect(weeks).toBeHidden();
  await page.reload();
  await expect(page.getByRole('region', { name: /^Week \d of 8/ })).toBeVisible();
  await expect(weeks).toBeHidden();
  await context.close();
});

test(
  'a practice goes home in German, and a pain on the way is answered in German',
  FULL,
  async ({ page, browser }, info) => {
    await openDemo(page, '/student?id=demo-maren&step=practice');
    await page.getByRole('button', { name: 'Send it home' }).click();
    const give = page.getByRole('dialog', { name: 'A practice for Maren’s phone' });
    await give.getByLabel('Language of the page').click();
    await page.getByRole('option', { name: 'Deutsch' }).click();
    await expect(give.getByLabel('Language of the page')).toHaveText('Deutsch');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      give.getByRole('button', { name: 'Make the file' }).click(),
    ]);
    expect(download.suggestedFilename()).toBe('maren-20-minuten.html');
    const file = info.outputPath('maren-de.html');
    await download.saveAs(file);
    await give.getByRole('button', { name: 'Close' }).click();

    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const her = await context.newPage();
    await phone(her, file);
    await expect(her.getByRole('heading', { name: 'Für Maren' })).toBeVisible();
    await her.getByRole('button', { name: '„Before rowing“ beginnen' }).click();
    await expect(her.getByRole('heading', { name: 'Totenstellung' })).toBeVisible();
    await her.getByRole('button', { name: 'Das tut weh' }).click();
    await her.getByRole('button', { name: 'Klemmend' }).click();
    await expect(her.getByText('lass gebeugte Hüften heute weg', { exact: false })).toBeVisible();
    await her.getByRole('button', { name: 'Für heute aufhören' }).click();
    await expect(her.getByRole('heading', { name: 'Ruh dich etwas aus.' })).toBeVisible();
    await context.close();

    // The sheet to take home is hers too; the teacher's own page stays English.
    await page.getByRole('link', { name: 'Print it' }).click();
    await expect(page.getByRole('article', { name: 'My page' })).toContainText('Corpse pose');
    await page.getByRole('button', { name: 'for the student' }).click();
    await expect(page.getByRole('article', { name: 'For the student' })).toContainText('Für Maren');
    await expect(page.getByRole('article', { name: 'For the student' })).toContainText('rechts, dann links');
  },
);

test(
  'a locked practice opens with its passphrase only; small tests come back as read at home',
  FULL,
  async ({ page, browser }, info) => {
    await openDemo(page, '/student?id=demo-maren&step=practice');
    await page.getByRole('button', { name: 'Send it home' }).click();
    const give = page.getByRole('dialog', { name: 'A practice for Maren’s phone' });
    await give.getByLabel('Small tests to take alone').check();
    await give.getByLabel('Lock it with a passphrase').check();
    await give.getByRole('button', { name: 'Make the file' }).click();
    await page.getByLabel('Passphrase', { exact: true }).fill('low tide lantern oar');
    await page.getByLabel('The same again').fill('low tide lantern oar');
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('dialog', { name: 'Lock the file' }).getByRole('button', { name: /^Lock/ }).click(),
    ]);
    const file = info.outputPath('locked.html');
    await download.saveAs(file);
    expect(readFileSync(file, 'utf8')).not.toContain('Maren');

    const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
    const her = await context.newPage();
    await phone(her, file);
    await her.getByLabel('Passphrase').fill('high tide lantern oar');
    await her.getByRole('button', { name: 'Open' }).click();
    await expect(her.getByRole('alert')).toContainText('does not open it');
    await her.getByLabel('Passphrase').fill('low tide lantern oar');
    await her.getByRole('button', { name: 'Open' }).click();
    await her.getByRole('button', { name: 'Do the tests' }).click();
    await her.getByLabel('How many centimetres?').fill('ninety');
    await her.getByRole('button', { name: 'Keep it' }).click();
    await expect(her.getByRole('alert')).toContainText('between 0 and 25');
    await her.getByLabel('How many centimetres?').fill('9,5');
    await her.getByRole('button', { name: 'Keep it' }).click();
    while (await her.getByRole('button', { name: 'Leave it out' }).isVisible())
      await her.getByRole('button', { name: 'Leave it out' }).click();
    const line = await her.getByRole('img', { name: 'Square code of what you did' }).getAttribute('data-line');
    await page.goto('/demo');
    await page.getByRole('button', { name: 'Back from home' }).click();
    const back = page.getByRole('dialog', { name: 'Back from home' });
    await back.getByLabel('Or paste it here').fill(`Here it is: ${line ?? ''}`);
    await expect(back.getByText('9.5 cm, read alone at home')).toBeVisible();
    await back.getByRole('button', { name: 'Keep it in the log' }).click();
    await stored(page, 'readings', '"atHome":true');
    await context.close();
  },
);
