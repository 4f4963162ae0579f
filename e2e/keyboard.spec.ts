import { expect, test, type Page } from './test';
import { tabTo } from './teacher';

const type = (page: Page, text: string) => page.keyboard.type(text);
const enter = (page: Page) => page.keyboard.press('Enter');

test('the whole line by keyboard alone', async ({ page }) => {
  await page.goto('/studio');
  await tabTo(page, /^Add the first student/);
  await enter(page);
  await tabTo(page, /^Name/);
  await type(page, 'Sedge Halyard');
  for (const [label, value] of [
    [/^Height/, '168'],
    [/^Mass/, '60'],
    [/^Year of birth/, '1980'],
  ] as const) {
    await tabTo(page, label);
    await type(page, value);
  }
  await tabTo(page, /^Add student/);
  await enter(page);

  // Nine questions first: into a group, one to the right is No.
  await expect(page.getByText('0 of 9 asked')).toBeVisible();
  for (let i = 1; i <= 9; i++) {
    await tabTo(page, /^Yes$/);
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText(i === 9 ? 'All asked.' : `${i} of 9 asked`)).toBeVisible();
  }
  await tabTo(page, /^Go to Measure/);
  await enter(page);

  // The value field has the focus by itself: type, Enter for a trial, then on to the chips.
  const value = page.getByLabel('Thigh below the table, degrees');
  await expect(value).toBeFocused();
  await type(page, '-6');
  await enter(page);
  await expect(page.getByText('−6°').first()).toBeVisible();
  await type(page, '-5');
  await tabTo(page, /^front of the hip$/);
  await page.keyboard.press('Space');
  await tabTo(page, /^Keep and go on/);
  await enter(page);
  await expect(page.getByText('1 of 16 readings')).toBeVisible();
  await expect(page.getByLabel('Bend of the hanging knee, degrees')).toBeFocused();
  await type(page, '50');
  await tabTo(page, /^Keep and go on/);
  await enter(page);
  await expect(page.getByText('2 of 16 readings')).toBeVisible();

  // Alt and a number goes to a step even from a field; the number alone does elsewhere.
  await page.keyboard.press('Alt+3');
  await expect(page.getByText('Length and strength, left against right')).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByRole('heading', { name: /Poses for Sedge/ })).toBeVisible();
  await page.keyboard.press('5');
  await tabTo(page, /^Minutes/);
  await page.keyboard.press('Control+A');
  await type(page, '10');
  await expect(page.getByRole('button', { name: 'Build a practice' })).toBeEnabled();
  await enter(page);
  await expect(page.getByText('of 10:00 asked')).toBeVisible();

  const items = page.getByRole('list', { name: 'Practice items' }).getByRole('listitem');
  await tabTo(page, /^Move /);
  await tabTo(page, /^Move /);
  const moved = await page.evaluate(() => document.activeElement?.getAttribute('aria-label'));
  await page.keyboard.press('Alt+ArrowDown');
  await expect(items.nth(2).getByRole('button', { name: /^Move/ })).toHaveAttribute('aria-label', moved ?? '');

  await tabTo(page, /^Teach it/, 160);
  await enter(page);
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('s');
  await page.keyboard.press('Space');
  await expect(page.getByText('paused')).toBeVisible();
  await tabTo(page, /^End here/);
  await enter(page);
  await tabTo(page, /^Keep in the log/);
  await enter(page);
  await expect(page.getByRole('article')).toContainText('10 minutes for Sedge');

  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('in Teach: pause');
  await page.keyboard.press('Escape');
  // Keys belong to the dialog until it is gone.
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('g');
  await page.keyboard.press('f');
  await expect(page.getByRole('heading', { name: 'Settings & files' })).toBeVisible();
});
