import { expect, test } from './test';
import { listens } from './teacher';

test('a teacher chooses German, and it stays', async ({ page }) => {
  await page.goto('/studio/settings');
  await listens(page);
  await page.getByLabel('Language of Kolpos').click();
  await page.getByRole('option', { name: 'Deutsch' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Einstellungen & Dateien' })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  // The page comes in that language from the first line on.
  await page.reload();
  await expect(page.getByRole('navigation').getByRole('link', { name: 'Haltungen' })).toBeVisible();
  await expect(page.getByText('Settings & files')).toHaveCount(0);

  await page.getByLabel('Sprache von Kolpos').click();
  await page.getByRole('option', { name: 'English' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Settings & files' })).toBeVisible();
});

test.describe('in German', () => {
  test.use({ locale: 'de-DE' });

  test('the main line, from the questions to a taught practice', async ({ page }) => {
    await page.goto('/demo');
    const people = page.getByRole('list', { name: 'Schüler:innen' });
    await expect(people.getByRole('link', { name: 'Maren Tideway', exact: true })).toBeVisible();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText('Heute');

    await test.step('a test: nonsense is answered, a comma is understood', async () => {
      await page.goto('/demo/student?id=demo-maren&step=measure&at=straight-leg-raise/hip-flexion/left');
      const value = page.getByLabel('Bein über dem Boden, Grad');
      await value.fill('viel');
      await page.getByRole('button', { name: 'Behalten und weiter' }).click();
      await expect(page.getByRole('alert').filter({ hasText: 'Gib eine Gradzahl ein' })).toBeVisible();
      await value.fill('57,5');
      await expect(page.getByRole('complementary')).toContainText('von 100');
      await value.fill('');
    });

    await test.step('what limits', async () => {
      await page.goto('/demo/student?id=demo-maren&step=findings');
      await expect(page.getByRole('heading', { level: 1 })).toContainText('begrenzt durch Hamstrings');
      await expect(page.getByRole('region', { name: 'Ziele' })).toContainText('Dehnen');
      await page.getByRole('button', { name: /^gestrecktes Bein heben/ }).click();
      await expect(page.getByRole('dialog')).toContainText('Es ruht auf diesen Messwerten');
      await page.getByRole('dialog').getByRole('button', { name: 'Schließen' }).click();
    });

    await test.step('poses, and a practice', async () => {
      await page.getByRole('link', { name: 'Haltungen für diese Ziele ordnen' }).click();
      const list = page.getByRole('region', { name: 'Geordnete Haltungen' });
      await expect(list.getByRole('listitem').first()).toBeVisible();
      await page.goto('/demo/student?id=demo-maren&step=practice');
      await page.getByLabel('Minuten').fill('600');
      await page.getByRole('button', { name: 'Praxis bauen' }).click();
      await expect(page.getByText('Gib Minuten zwischen 5 und 120 ein.')).toBeVisible();
      await page.getByLabel('Minuten').fill('12');
      await page.getByRole('button', { name: 'Praxis bauen' }).click();
      await expect(page.getByText('von 12:00 gewünscht')).toBeVisible();
    });

    await test.step('taught', async () => {
      await page.getByRole('link', { name: 'Unterrichten' }).click();
      await page.getByRole('button', { name: 'Beginnen' }).click();
      await expect(page.getByRole('button', { name: /Schmerz, hier aufhören/ })).toBeVisible();
      // Maren's language is English: what is read out to her is, whoever teaches.
      await expect(page.locator('[lang="en"]').filter({ hasText: 'Next:' })).toBeVisible();
    });
  });
});
