import { expect, test } from './test';
import { openDemo } from './teacher';

test('one box finds students, poses, muscles, tests and what one can do, by keyboard alone', async ({ page }) => {
  await openDemo(page);
  await expect(page.locator('html')).toHaveAttribute('data-listens', 'yes');
  const box = page.getByRole('combobox', { name: 'Search everything' });
  // Pages that are still coming may lose a key: it is pressed again, as anybody would.
  const opened = (key: string): Promise<void> =>
    expect(async () => {
      if (!(await box.isVisible())) await page.keyboard.press(key);
      await expect(box).toBeFocused({ timeout: 2000 });
    }).toPass();

  await opened('Control+k');
  await box.fill('mraen progress');
  await expect(page.getByRole('option').first()).toContainText('Maren Tideway: Progress');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Progress of Maren Tideway' })).toBeVisible();

  // Inside a student a test leads into Measure.
  await opened('/');
  await box.fill('faber');
  await expect(page.getByRole('option').first()).toContainText('FABER');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: /Ankle over knee/ })).toBeVisible();

  await opened('Control+k');
  await box.fill('eka pada rajakapotasana');
  await expect(page.getByRole('option').first()).toContainText(/pigeon/i);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /pigeon/i }).first()).toBeVisible();

  // By mouse; nonsense is answered, Escape leaves.
  await page.getByRole('button', { name: 'Search', exact: true }).click();
  await box.fill('qqqqxyz');
  await expect(page.getByText('Nothing is called that. Check the spelling.')).toBeVisible();
  await box.fill('psoas');
  await page
    .getByRole('option', { name: /^psoas major/ })
    .first()
    .click();
  await expect(page).toHaveURL(/muscles\?muscle=psoas/);
  await opened('Control+k');
  await page.keyboard.press('Escape');
  await expect(box).toBeHidden();

  // Single keys can be switched off; keys with Ctrl stay.
  await page.goto('/demo/settings');
  const keys = page.getByRole('group', { name: 'Single keys' });
  await keys.getByRole('button', { name: 'Off' }).click();
  await expect(keys.getByRole('button', { name: 'Off' })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('heading', { level: 1 }).click();
  for (const key of ['?', '/', 'g', 't']) await page.keyboard.press(key);
  await expect(page).toHaveURL(/settings/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await opened('Control+k');
});

test('the page says where one is: its title, a way past the rail, the heading spoken and the focus at the beginning', async ({
  page,
}) => {
  await openDemo(page);
  await expect(page).toHaveTitle('Today · Kolpos');
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'Skip to the page' });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.locator('main')).toBeFocused();
  await page.getByRole('link', { name: 'Students', exact: true }).click();
  await expect(page).toHaveTitle(/^Students/);
  await expect(page.locator('main')).toBeFocused();
  await page.goto('/demo/student?id=demo-maren&step=findings');
  await expect(page.locator('html')).toHaveAttribute('data-listens', 'yes');
  await expect(page).toHaveTitle(/hamstrings.* · Kolpos$/);
  await page.keyboard.press('6');
  await expect(page).toHaveTitle('Progress of Maren Tideway · Kolpos');
  await expect(page.locator('[aria-live="polite"]').filter({ hasText: 'Progress of Maren Tideway' })).toHaveCount(1);
  await page.goBack();
  await expect(page).toHaveTitle(/hamstrings.* · Kolpos$/);
});
