import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { messagesStay, openDemo, stored, undo } from './teacher';

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
