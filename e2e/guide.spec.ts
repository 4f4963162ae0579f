import { expect, test } from './test';
import { FULL, listens, openDemo } from './teacher';

test('the guide is found by a word, read without a mouse, and a term opens where it stands', FULL, async ({ page }) => {
  await page.goto('/studio');
  await listens(page);
  await page.keyboard.press('g');
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { level: 1, name: 'Guide for teachers' })).toBeVisible();
  const search = page.getByLabel('Search the guide');
  await search.fill('backup');
  await expect(page.getByRole('heading', { name: 'Your data' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Testing safely' })).toBeHidden();
  await search.fill('zzz no such word');
  await expect(page.getByRole('status').filter({ hasText: 'Nothing here speaks of that' })).toBeVisible();
  await search.fill('iliotibial');
  await expect(page.getByText('The outer front of the hip: tensor fasciae latae')).toBeVisible();

  await openDemo(page, '/student?id=demo-maren&step=findings');
  await page.getByRole('button', { name: 'hamstrings', exact: true }).first().click();
  const term = page.getByRole('dialog', { name: 'hamstrings' });
  await expect(term).toContainText('from the sit bone to below the knee');
  await term.getByRole('link', { name: 'Glossary' }).click();
  await expect(page.getByRole('heading', { name: 'Glossary' })).toBeVisible();
});
