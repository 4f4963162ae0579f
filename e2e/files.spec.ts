import { expect, test } from './test';
import { readFileSync } from 'node:fs';
import { FULL, messagesStay, openDemo, rowsOf, stored, undo } from './teacher';

test('everything is taken out locked, the studio emptied, and opened again with the passphrase', async ({ page }) => {
  await messagesStay(page);
  await openDemo(page, '/settings');
  let file = '';

  await test.step('a short passphrase and two that differ are answered; then it is locked', async () => {
    await page.getByRole('button', { name: 'Save a locked backup' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Passphrase').fill('tide');
    await page.keyboard.press('Enter');
    await expect(dialog.getByText(/^Take at least 10 letters/)).toBeVisible();
    await dialog.getByLabel('Passphrase').fill('ebb flood slack spring');
    await dialog.getByLabel('The same again').fill('ebb flood');
    await page.keyboard.press('Enter');
    await expect(dialog.getByText('The two are not the same.')).toBeVisible();
    await dialog.getByLabel('The same again').fill('ebb flood slack spring');
    const download = page.waitForEvent('download');
    await page.keyboard.press('Enter');
    file = readFileSync(await (await download).path(), 'utf8');
    expect(file).toContain('kolpos/sealed');
    expect(file).not.toMatch(/Maren|hamstrings/);
  });

  await test.step('emptied, taken back, and emptied for good', async () => {
    await page.getByRole('button', { name: 'Empty this studio' }).click();
    await page.getByRole('button', { name: 'Empty it' }).click();
    await undo(page, /is empty/);
    // Back in the database before the page is left.
    await stored(page, 'students', 'Maren Tideway');
    await page.goto('/demo/students');
    await expect(page.getByRole('link', { name: 'Maren Tideway', exact: true })).toBeVisible();
    await page.goto('/demo/settings');
    await page.getByRole('button', { name: 'Empty this studio' }).click();
    await page.getByRole('button', { name: 'Empty it' }).click();
    await expect(page.getByText('This studio is empty.')).toBeVisible();
    await page.reload();
    await page.goto('/demo/students');
    await expect(page.getByText('No students yet')).toBeVisible();
  });

  await test.step('a wrong passphrase changes nothing; the right one brings all of it back', async () => {
    await page.goto('/demo/settings');
    await page
      .getByLabel('File to bring in')
      .setInputFiles({ name: 'locked.json', mimeType: 'application/json', buffer: Buffer.from(file) });
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Passphrase').fill('ebb flood slack neap');
    await page.keyboard.press('Enter');
    await expect(dialog.getByText(/^It does not open this file/)).toBeVisible();
    await dialog.getByLabel('Passphrase').fill('ebb flood slack spring');
    await page.keyboard.press('Enter');
    const incoming = page.getByRole('dialog', { name: /^What is in locked.json/ });
    await expect(incoming.getByRole('row', { name: /Maren Tideway.*new here/ })).toBeVisible();
    await incoming.getByRole('button', { name: 'Bring it in' }).click();
    await expect(page.getByText(/^Brought in 7 students/)).toBeVisible();
    await page.goto('/demo/students');
    await expect(page.getByRole('link', { name: 'Maren Tideway', exact: true })).toBeVisible();
  });

  await test.step('a damaged one is named with its place', async () => {
    await page.goto('/demo/settings');
    const damaged = file.replace(/"iterations": \d+/, '"iterations": 3');
    await page
      .getByLabel('File to bring in')
      .setInputFiles({ name: 'damaged.json', mimeType: 'application/json', buffer: Buffer.from(damaged) });
    await page.getByRole('dialog').getByLabel('Passphrase').fill('ebb flood slack spring');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'damaged.json was not brought in' })).toContainText(
      'kdf.iterations',
    );
  });
});

test('what is removed can be brought back later; one student goes out alone, and for good', FULL, async ({ page }) => {
  await openDemo(page, '/student?id=demo-maren&step=practice');
  await page.getByRole('button', { name: 'More …' }).click();
  await page.getByRole('menuitem', { name: 'Remove this practice' }).click();
  await stored(page, 'removed', 'Before rowing');
  await page.goto('/demo/settings');
  const removed = page.getByRole('region', { name: 'Recently removed' });
  await removed.getByRole('button', { name: /Bring back: The practice “Before rowing”/ }).click();
  await expect(removed.getByText('Nothing was removed')).toBeVisible();
  await stored(page, 'practices', 'Before rowing');

  await page.goto('/demo/students');
  await page.getByRole('button', { name: 'More about Maren Tideway' }).click();
  await page.getByRole('menuitem', { name: 'Delete for good …' }).click();
  const asked = page.getByRole('dialog', { name: 'Delete Maren Tideway for good?' });
  const last = asked.getByRole('button', { name: 'Delete for good' });
  await expect(last).toBeDisabled();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    asked.getByRole('button', { name: 'Save a file first' }).click(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^kolpos-maren-tideway-\d{4}-\d{2}-\d{2}\.json$/);
  const file = await download.path();
  await asked.getByLabel(/^Type “Maren”/).fill('Osk');
  await expect(last).toBeDisabled();
  await asked.getByLabel(/^Type “Maren”/).fill('maren');
  await last.click();
  await expect(page.getByRole('link', { name: 'Maren Tideway', exact: true })).toBeHidden();
  for (const table of ['students', 'readings', 'practices', 'logs', 'memos', 'removed'])
    expect(await rowsOf(page, 'kolpos-demo', table)).not.toContain('demo-maren');

  await page.goto('/demo/settings');
  await page.getByLabel('File to bring in').setInputFiles(file);
  await page
    .getByRole('dialog', { name: /^What is in/ })
    .getByRole('button', { name: 'Bring it in' })
    .click();
  await stored(page, 'practices', 'Before rowing');
  await page.goto('/demo/students');
  await expect(page.getByRole('link', { name: 'Maren Tideway', exact: true })).toBeVisible();
});

test('each day leaves a backup in the folder that was chosen', FULL, async ({ page }) => {
  // The browser's own private folder stands in for one on the disk.
  await page.addInitScript(() => {
    const pick = async () => (await navigator.storage.getDirectory()).getDirectoryHandle('Boathouse', { create: true });
    Object.assign(window, { showDirectoryPicker: pick });
  });
  await openDemo(page, '/settings');
  await page.getByRole('button', { name: 'Back up into a folder …' }).click();
  await expect(page.getByText(/kolpos-demo-.*\.json is in “Boathouse”/)).toBeVisible();
  const inFolder = () =>
    page.evaluate(async () => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Boathouse');
      const keys: string[] = [];
      let text = '';
      const entries = folder as unknown as { entries: () => AsyncIterable<[string, FileSystemFileHandle]> };
      for await (const [key, handle] of entries.entries()) {
        keys.push(key);
        text = await (await handle.getFile()).text();
      }
      return { keys, text };
    });
  expect((await inFolder()).keys).toHaveLength(1);
  // Something new, and the page opened again: it is in the file of today without a word.
  await page.goto('/demo/student?id=demo-osk&step=ask');
  await page.getByLabel('Cautions', { exact: true }).fill('Pinching');
  await page.getByRole('option', { name: /^Pinching in the groin/ }).click();
  await expect(page.getByRole('status', { name: 'Kept or not' })).toHaveText('Kept.');
  await page.goto('/demo/settings');
  await expect.poll(async () => (await inFolder()).text).toContain('"groin-pinch"');
  expect((await inFolder()).keys).toHaveLength(1);
  await page.getByRole('button', { name: 'Stop using “Boathouse”' }).click();
  await expect(page.getByRole('button', { name: 'Back up into a folder …' })).toBeVisible();
});
