import { expect, test } from './test';
import { chooseTests, FULL, openDemo } from './teacher';

test('the full length battery: a calf is tested standing, found, and kept', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-osk&step=measure');
  await expect(page.getByText('16 of 16 readings')).toBeVisible();
  await chooseTests(page, 'Full length');
  await expect(page.getByText(/^16 of \d+ readings/)).toBeVisible();
  const tests = page.getByRole('navigation', { name: 'Tests', exact: true });
  await tests.getByRole('button', { name: /^Knee to the wall/ }).click();
  await page.getByLabel('Shin from upright, knee bent, degrees').fill('95');
  await page.getByRole('button', { name: 'Keep and go on' }).click();
  await expect(page.getByText(/0° to 65°/)).toBeVisible();
  await page.getByLabel('Shin from upright, knee bent, degrees').fill('24');
  await page.getByRole('button', { name: 'lower calf', exact: true }).click();
  await page.getByRole('button', { name: 'Keep and go on' }).click();
  await expect(page.getByText(/^17 of \d+ readings/)).toBeVisible();

  await page.reload();
  await expect(page.getByText(/^17 of \d+ readings/)).toBeVisible();
  await page.goto('/demo/student?id=demo-osk&step=findings');
  await expect(page.getByText(/ankle bending with the knee bent/).first()).toBeVisible();
  await expect(page.getByText('calf').first()).toBeVisible();

  // Back to the quick look: it is done, and what was read beyond it is kept.
  await page.goto('/demo/student?id=demo-osk&step=measure');
  await chooseTests(page, 'Quick look');
  await expect(page.getByText('16 of 16 readings')).toBeVisible();
});

test('a caution locks the tests that it forbids in the longer battery too', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-osk&step=ask');
  await page.getByLabel('Cautions', { exact: true }).fill('Pinching');
  await page.getByRole('option', { name: /^Pinching in the groin/ }).click();
  await expect(page.getByRole('status', { name: 'Kept or not' })).toHaveText('Kept.');
  await page.goto('/demo/student?id=demo-osk&step=measure');
  await chooseTests(page, 'Full length');
  await expect(page.getByText(/Knee to the opposite shoulder: locked by “pinching in the groin/)).toBeVisible();
});
