import { expect, test, type Page } from '@playwright/test';
import { openDemo } from './teacher';

const items = (page: Page) => page.getByRole('list', { name: 'Practice items' }).getByRole('listitem');
const total = async (page: Page): Promise<number> => {
  const [m, s] = (await page.locator('aside .num').first().innerText()).split(':').map(Number);
  return m + s / 60;
};

test('a practice is wished for, built, kept in part, built again in other versions, and what cannot be is answered', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-maren&step=practice');
  await expect(page.getByRole('link', { name: 'Teach it' })).toBeVisible();
  await page.getByText('Wishes: way, place, props, sides, peak').click();
  const build = page.getByRole('button', { name: 'Build a practice' });

  await test.step('only what she has at home, without weight on the wrists, to the minute', async () => {
    await page.getByRole('button', { name: 'blanket', exact: true }).click();
    await page.getByRole('button', { name: 'strap', exact: true }).click();
    await page.getByRole('button', { name: 'weight on the wrists' }).click();
    await page.getByLabel('Minutes').fill('25');
    await expect(build).toBeEnabled({ timeout: 30_000 });
    await build.click();
    await expect(page.getByText('The practice is built.')).toBeVisible({ timeout: 30_000 });
    expect(Math.abs((await total(page)) - 25)).toBeLessThan(0.5);
    await expect(items(page).filter({ hasText: /bolster|chair|block|wall/ })).toHaveCount(0);
  });

  await test.step('how good it is, in words', async () => {
    await page.getByText('How good is this choice?').click();
    await expect(page.getByText(/rungs that the wishes allow were searched/)).toBeVisible();
    await expect(page.getByText(/gap [\d.]+ %/)).toBeVisible();
  });

  const names = () => items(page).locator('p', { hasText: /.+/ }).first().innerText();
  await test.step('two are kept, the rest is another version, and it can be taken back', async () => {
    const keep = page.getByRole('button', { name: /^Keep .* when building again$/ });
    await keep.nth(1).click();
    await expect(page.getByText('Kept: it stays when the practice is built again.')).toBeVisible();
    const kept = await page.locator('[aria-pressed="true"][aria-label^="Keep "]').first().getAttribute('aria-label');
    await page.getByRole('button', { name: 'Build again around what is kept' }).click();
    await expect(page.getByText('Built again.')).toBeVisible({ timeout: 30_000 });
    await expect(page.locator(`[aria-label="${kept ?? ''}"]`).first()).toHaveAttribute('aria-pressed', 'true');
    const before = await items(page).allInnerTexts();
    await page.getByRole('button', { name: 'Another version' }).click();
    await expect(async () => expect(await items(page).allInnerTexts()).not.toEqual(before)).toPass({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Undo' }).last().click();
    await expect(async () => expect(await items(page).allInnerTexts()).toEqual(before)).toPass();
    expect(await names()).not.toBe('');
  });

  await test.step('a peak that is out of reach is answered with what would do', async () => {
    await page.getByLabel('Leads to a peak').fill('Front split');
    await page.getByRole('option', { name: 'Front split' }).click();
    await build.click();
    await expect(page.getByText('No practice fits these wishes.')).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Do that and build' }).click();
    await expect(page.getByText('The practice is built.').last()).toBeVisible({ timeout: 30_000 });
  });

  await test.step('wishes stay with the student', async () => {
    await page.reload();
    await page.getByText('Wishes: way, place, props, sides, peak').click();
    await expect(page.getByRole('button', { name: 'weight on the wrists' })).toHaveAttribute('aria-pressed', 'true');
    await expect(page.getByLabel('Leads to a peak')).toHaveValue('Front split');
  });

  await test.step('both sheets fit their paper', async () => {
    await page.getByRole('link', { name: 'Print it' }).click();
    await expect(page.getByRole('button', { name: 'Print, or keep as PDF' })).toBeEnabled({ timeout: 30_000 });
    const pages = async () =>
      ((await page.pdf({ preferCSSPageSize: true })).toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? []).length;
    expect(await pages()).toBe(1);
    await page.getByRole('button', { name: 'Letter' }).click();
    await page.getByRole('button', { name: 'for the student' }).click();
    await expect(page.getByRole('article', { name: 'For the student' })).toContainText('Come out slowly at pain');
    expect(await pages()).toBeLessThanOrEqual(2);
    await page.getByRole('link', { name: 'Back to the practice' }).click();
  });

  await test.step('nonsense minutes are answered', async () => {
    await page.getByLabel('Minutes').fill('lots');
    await expect(build).toBeEnabled({ timeout: 30_000 });
    await build.click();
    await expect(page.getByText('Type minutes between 5 and 120.')).toBeVisible();
  });
});
