import { expect, test, type Page } from './test';
import { FULL, openDemo } from './teacher';

const list = (page: Page) => page.getByRole('region', { name: /Ranked poses|Poses of the library/ });

test('a pose is found, opened, compared and explained for a student', async ({ page }) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-maren&step=poses');
  await expect(page.getByText('What it reaches here')).toBeVisible();

  await test.step('only what serves an aim, on a chair', async () => {
    await page.getByLabel('Aim').click();
    await page.getByRole('option', { name: /^lengthen hamstrings left/ }).click();
    await page.getByLabel('Prop').click();
    await page.getByRole('option', { name: 'chair', exact: true }).click();
    await expect(list(page).getByText('Half dog at a desk').first()).toBeVisible();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
  });

  await test.step('any pose by name, with the reason why it is not among them', async () => {
    await page.getByLabel('Name').fill('zzz no such shape');
    await expect(page.getByText('No pose is called that')).toBeVisible();
    await page.getByLabel('Name').fill('CAMEL');
    const camel = list(page).locator('button[data-pose]').first();
    await expect(camel).toContainText('Camel');
    await expect(camel).toContainText('▲');
    await camel.click();
    await expect(page.getByRole('region', { name: 'Camel' })).toContainText('Not with:');
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
  });

  await test.step('another rung of the ladder, at another depth, tinted by work', async () => {
    await page.getByLabel('Name').fill('high lunge');
    await list(page).locator('button[data-pose]').first().click();
    const pose = page.getByRole('region', { name: 'High lunge' });
    await pose.getByRole('button', { name: /^2 · back knee straight/ }).click();
    await expect(pose).toContainText('back knee straight');
    await pose.getByLabel('Depth').focus();
    await page.keyboard.press('End');
    await pose.getByRole('button', { name: 'work', exact: true }).click();
    await expect(pose.getByText('Who holds it up')).toBeVisible();
    await expect(pose).toContainText('vasti');
  });

  await test.step('beside typical people, and why it stands where it stands', async () => {
    const pose = page.getByRole('region', { name: 'High lunge' });
    await expect(pose.getByText(/^Typical people: /)).toBeVisible();
    await pose.getByRole('button', { name: 'beside typical' }).click();
    await expect(pose.getByText('Maren, 100 of 100 deep')).toBeVisible();
    await expect(pose.getByText(/^typical people, /)).toBeVisible();
    await pose.getByRole('button', { name: 'beside typical' }).click();
    await pose.getByText(/^Why it stands where it stands/).click();
    await expect(
      pose.getByText(/It gives nothing to “lengthen hamstrings left”|It is number \d+ of \d+ shapes/),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Clear', exact: true }).click();
  });

  await test.step('up to three side by side', async () => {
    const boxes = list(page).getByRole('checkbox');
    for (const i of [0, 1, 2]) await boxes.nth(i).check();
    await expect(boxes.nth(3)).toBeDisabled();
    await page.getByRole('button', { name: 'Compare 3' }).click();
    const compared = page.getByRole('region', { name: 'Compared poses' });
    await expect(compared.getByText('What it reaches here')).toHaveCount(3);
    await compared.getByRole('button', { name: 'Open' }).nth(1).click();
    await expect(compared).toBeHidden();
  });
});

test('the library is walked by keyboard and reached from a muscle', FULL, async ({ page }) => {
  await openDemo(page, '/muscles?muscle=piriformis');
  const reaching = page.getByRole('region', { name: 'Poses that reach it' });
  await expect(reaching.getByRole('listitem').first()).toBeVisible();
  const link = reaching.getByRole('link').first();
  const name = await link.innerText();
  await link.click();
  await expect(page.getByRole('region', { name, exact: true })).toBeVisible();
  await page.locator('button[data-pose]').first().focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Knee to chest' })).toBeVisible();
  await page.reload();
  await expect(page.getByText('What it reaches here')).toBeVisible();
});

test(
  'a pose is starred and another hidden for good: the list, the practice and Settings know it',
  FULL,
  async ({ page }) => {
    await openDemo(page, '/student?id=demo-maren&step=poses');
    const ranked = list(page);
    const first = ranked.locator('button[data-pose]').first();
    await expect(first).toBeVisible();
    await first.click();
    const star = page.getByRole('button', { name: /^Star / });
    const name = ((await star.getAttribute('aria-label')) ?? '').replace('Star ', '');
    await star.click();
    await expect(star).toHaveAttribute('aria-pressed', 'true');
    await expect(ranked.getByLabel('starred').first()).toBeVisible();
    await page.reload();
    await expect(ranked.getByLabel('starred').first()).toBeVisible();
    await first.click();
    await page.getByRole('button', { name: `Never use ${name}` }).click();
    // It leaves the ranking; by its name it is still found, and can be shown again.
    for (const mark of ['◁', '▷'])
      await expect(ranked.locator('button[data-pose]').filter({ hasText: `${name} ${mark}` })).toHaveCount(0);
    await page.goto('/demo/settings');
    const back = page.getByRole('button', { name: `Show ${name} again` });
    await expect(back).toBeVisible();
    await back.click();
    await expect(back).toBeHidden();
  },
);
