import { readFileSync } from 'node:fs';
import { expect, test } from './test';
import { FULL, listens } from './teacher';

const here = 'At these joint angles';

test('the atlas by mouse: turn, drag a joint past a reversal, read the sentence change', async ({ page }) => {
  await page.goto('/demo');
  await page.getByRole('link', { name: 'Muscles' }).click();
  await expect(page.getByRole('heading', { name: /piriformis/ })).toBeVisible();
  const box = page.locator('section[aria-label="piriformis"]').getByText(here).locator('..');
  await expect(box).toContainText('turns the thigh outward');

  // The figure turns under the mouse: the same muscle is drawn elsewhere.
  const figure = page.getByRole('img', { name: /piriformis, right side/ });
  const ribbon = figure.locator('[data-structure="piriformis"]').first();
  const before = await ribbon.getAttribute('d');
  const at = await figure.boundingBox();
  if (!at) throw new Error('no figure');
  await page.mouse.move(at.x + 30, at.y + 40);
  await page.mouse.down();
  await page.mouse.move(at.x + 150, at.y + 60, { steps: 6 });
  await page.mouse.up();
  await expect.poll(() => ribbon.getAttribute('d')).not.toBe(before);

  // Hip flexion dragged beyond the marked reversal.
  const slider = page.getByRole('slider', { name: 'hip flexion' });
  const track = await slider.locator('..').locator('..').boundingBox();
  if (!track) throw new Error('no slider');
  const place = (degrees: number) => track.x + (track.width * (degrees + 35)) / 180;
  await page.mouse.move(place(0), track.y + track.height / 2);
  await page.mouse.down();
  await page.mouse.move(place(95), track.y + track.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(box).toContainText('turns the thigh inward');
  await expect(
    page.getByText(/turns the thigh outward below 5\d° flexion and turns the thigh inward above it/),
  ).toBeVisible();

  // A reload half-way keeps the posture; the way back keeps the muscle before.
  await page.reload();
  await expect(box).toContainText('turns the thigh inward');
  await page.getByRole('navigation', { name: 'Muscles by name' }).getByRole('button', { name: 'soleus' }).click();
  await expect(page.getByRole('heading', { name: /soleus/ })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: /piriformis/ })).toBeVisible();
});

test('the atlas by keyboard alone', FULL, async ({ page }) => {
  await page.goto('/studio');
  await listens(page);
  await page.keyboard.press('g');
  await page.keyboard.press('m');
  await expect(page.getByRole('heading', { name: /piriformis/ })).toBeVisible();
  await page.getByLabel('Find a muscle').focus();
  await page.keyboard.type('zzz such a muscle');
  await expect(page.getByText('No muscle is called that here', { exact: false })).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('longus');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /adductor longus/ })).toBeVisible();
  const facts = page.locator('section[aria-label^="adductor longus"]');
  await expect(facts).toContainText('flexes the hip');

  const slider = page.getByRole('slider', { name: 'hip flexion' });
  await slider.focus();
  for (let i = 1; i <= 9; i++) {
    await page.keyboard.press('PageUp');
    await expect(slider).toHaveAttribute('aria-valuenow', String(10 * i));
  }
  await expect(slider).toHaveAttribute('aria-valuetext', /flexion/);
  await expect(facts).toContainText('extends the hip');

  // Nonsense is answered at its field; the joint stays where it was.
  const number = page.getByLabel('hip flexion, degrees');
  await number.fill('400');
  await expect(page.getByRole('alert').filter({ hasText: 'No hip flexion goes beyond' })).toContainText('It stays at');
  await number.fill('abc');
  await expect(page.getByRole('alert').filter({ hasText: 'Type a number' })).toBeVisible();
  await number.fill('20');
  await expect(facts).toContainText('flexes the hip');

  const figure = page.getByRole('img', { name: /right side, on a standing figure/ });
  await figure.focus();
  const ribbon = figure.locator('[data-structure="adductors-short"]').first();
  const before = await ribbon.getAttribute('d');
  await page.keyboard.press('ArrowRight');
  await expect.poll(() => ribbon.getAttribute('d')).not.toBe(before);
});

test('a muscle is chosen on the figure, compared, and taken out as pictures', FULL, async ({ page }) => {
  await page.goto('/demo/muscles?muscle=gluteus-medius&show=all');
  const figure = page.getByRole('img', { name: /gluteus medius, right side/ });
  const target = figure.locator('[data-structure="tensor-fasciae-latae"][data-side="right"]').first();
  const spot = await target.boundingBox();
  if (!spot) throw new Error('no ribbon');
  // The middle of a long ribbon lies on it.
  await page.mouse.click(spot.x + spot.width / 2, spot.y + spot.height / 2);
  await expect(page).toHaveURL(/muscle=(?!gluteus-medius)/);

  await page.goto('/demo/muscles?muscle=gluteus-medius&beside=tensor-fasciae-latae');
  await expect(page.locator('section[aria-label="gluteus medius"]')).toContainText('tensor fasciae latae: Here it');
  await expect(page.getByLabel('Compared in')).toBeVisible();

  const [svg] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the figure as SVG' }).click(),
  ]);
  const text = readFileSync(await svg.path(), 'utf8');
  expect(text).toContain('xmlns="http://www.w3.org/2000/svg"');
  expect(text).not.toMatch(/var\(|color-mix/);
  const [png] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the figure as PNG' }).click(),
  ]);
  const bytes = readFileSync(await png.path());
  expect(bytes.subarray(1, 4).toString()).toBe('PNG');
  expect(bytes.readUInt32BE(16)).toBe(1600);
});

test('a measured build changes the figure and survives a reload', FULL, async ({ page }) => {
  await page.goto('/demo');
  await page.getByText('Maren Tideway').first().waitFor();
  await page.goto('/demo/student?id=demo-maren&step=ask');
  await page.getByText('Measures of the build').click();
  const thigh = page.getByLabel('Thigh, cm');
  await thigh.fill('90');
  await thigh.blur();
  await expect(page.getByText(/The thigh must lie between/)).toBeVisible();
  await thigh.fill('47');
  await thigh.blur();
  await expect(page.getByRole('status', { name: 'Kept or not' })).toHaveText('Kept.');
  await page.reload();
  await expect(page.getByLabel('Thigh, cm')).toHaveValue('47');
});
