import { expect, test, type Page } from './test';
import { FULL, openDemo, stored } from './teacher';

const timer = async (page: Page): Promise<number> => {
  const [m, s] = (await page.getByRole('timer').innerText()).split(':').map(Number);
  return 60 * m + s;
};
const name = (page: Page) => page.getByRole('heading', { level: 1 });
const next = (page: Page) => page.getByRole('button', { name: 'Next', exact: true });

test('a practice is taught with a swap, an easier rung, a stop for pain, a reload, and written down', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/demo/teach?practice=demo-practice');
  await expect(page.getByRole('button', { name: 'Swap' })).toBeEnabled();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();

  await test.step('longer by a touch and by a key', async () => {
    // Paused: how long the presses take must not count.
    await page.getByRole('button', { name: 'Pause' }).click();
    const before = await timer(page);
    await page.getByRole('button', { name: 'Longer' }).click();
    await page.keyboard.press('l');
    await expect(async () => expect(await timer(page)).toBeGreaterThan(before + 15)).toPass();
    await page.getByRole('button', { name: 'Go on' }).click();
  });

  await test.step('breaths by tapping: the clock waits, a tap counts one', async () => {
    await page.getByRole('button', { name: 'Breaths by the clock' }).click();
    const before = await timer(page);
    // The player writes down every second that counts; where none does, it is the same a while later.
    await page.evaluate(() => new Promise((done) => setTimeout(done, 1500)));
    expect(Math.abs((await timer(page)) - before)).toBeLessThanOrEqual(1);
    await page.getByRole('button', { name: 'tap a breath' }).click();
    await page.keyboard.press('b');
    await expect(async () => expect(before - (await timer(page))).toBeGreaterThanOrEqual(11)).toPass();
    await page.getByRole('button', { name: 'Breaths by tapping' }).click();
  });

  await test.step('something else on the spot, both sides of it', async () => {
    await next(page).click();
    const was = await name(page).innerText();
    await page.getByRole('button', { name: 'Swap' }).click();
    await page.getByRole('menuitem').first().click();
    await expect(name(page)).not.toHaveText(was);
    await next(page).click();
    await next(page).click();
  });

  await test.step('where it was felt, and pain: it ends, its other side may go too, and something spares it', async () => {
    while (!/right side/.test(await page.locator('main').innerText())) await next(page).click();
    // By a tap on her body, of this side alone; keys of the page are not heard meanwhile.
    const before = await name(page).innerText();
    await page.getByText('Tap on the body').click();
    const map = page.getByRole('group', { name: 'Tap where it was felt' });
    await expect(map.getByRole('button', { name: /, left$/ })).toHaveCount(0);
    await page.keyboard.press('ArrowRight');
    await map.getByRole('button', { name: 'outer thigh, right' }).click();
    expect(await name(page).innerText()).toBe(before);
    await expect(page.getByRole('button', { name: 'outer thigh', pressed: true })).toBeVisible();
    await page.getByRole('button', { name: 'back of the thigh' }).click();
    await page.getByRole('button', { name: 'clear, 4 of 10' }).click();
    const hurt = await name(page).innerText();
    await page.getByRole('button', { name: '▲ Pain, stop this' }).click();
    await expect(page.getByText(`${hurt} ended for pain.`)).toBeVisible();
    // The clock stands while she is looked after.
    await expect(page.getByText('paused')).toBeVisible();
    await page.getByRole('button', { name: 'Leave out the other side' }).click();
    await expect(page.getByText(`${hurt} ended for pain.`)).toBeHidden();
    await page.getByRole('button', { name: 'Go on' }).click();
  });

  await test.step('an easier rung takes its place', async () => {
    const easier = page.getByRole('button', { name: 'Easier' });
    for (let n = 0; n < 20 && !(await easier.isEnabled()); n++) await next(page).click();
    const was = await page.locator('h1 + p').innerText();
    const shape = await name(page).innerText();
    await easier.click();
    await expect(async () =>
      expect([await name(page).innerText(), await page.locator('h1 + p').innerText()]).not.toEqual([shape, was]),
    ).toPass();
  });

  await test.step('a class sees only cues', async () => {
    await page.getByRole('button', { name: 'Cues and questions' }).click();
    await expect(page.getByRole('region', { name: 'Felt where, how strong' })).toBeHidden();
    await expect(page.getByText('Maren')).toBeHidden();
    await page.getByRole('button', { name: 'Only cues' }).click();
  });

  await test.step('a reload resumes at the second it knew, paused, with nothing forgotten', async () => {
    await page.getByRole('button', { name: 'Pause' }).click();
    const [shape, left] = [await name(page).innerText(), await timer(page)];
    await stored(page, 'players', '"running":false');
    await page.reload();
    await expect(name(page)).toHaveText(shape);
    await expect(page.getByText('paused')).toBeVisible();
    expect(Math.abs((await timer(page)) - left)).toBeLessThanOrEqual(1);
  });

  await test.step('taught to the end, and found in the log', async () => {
    const keep = page.getByRole('button', { name: 'Keep in the log' });
    for (let n = 0; n < 60 && !(await keep.isVisible()); n++) await next(page).click();
    await keep.click();
    const log = page.getByRole('article').first();
    await expect(log).toContainText('Before rowing');
    await expect(log).toContainText('▲ stopped');
    await expect(log).toContainText('felt back of the thigh, 4 of 10');
  });
});

test('a lesson is said in the language of whoever is taught, and in English at a touch', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto('/demo/student?id=demo-maren&step=ask');
  await page.getByLabel('Language of their pages').click();
  await page.getByRole('option', { name: 'Deutsch' }).click();
  await expect(page.getByRole('status', { name: 'Kept or not' })).toHaveText('Kept.');
  await page.goto('/demo/teach?practice=demo-practice');
  await expect(page.getByLabel('Next', { exact: true })).toContainText('Als Nächstes:');
  await expect(page.getByText('bereit, wenn du es bist')).toBeVisible();
  await page.getByRole('button', { name: 'Cues: Deutsch' }).click();
  await expect(page.getByText('ready when you are')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Next', { exact: true })).toContainText('Next:');
  await page.getByRole('button', { name: 'Cues: English' }).click();
  await expect(page.getByText('bereit, wenn du es bist')).toBeVisible();
});

for (const size of [
  { width: 390, height: 844 },
  { width: 820, height: 1180 },
])
  test(`teach fits ${size.width}×${size.height}: time, cue and pause in sight at once`, async ({ page }) => {
    await page.setViewportSize(size);
    await openDemo(page);
    await page.goto('/demo/teach?practice=demo-practice');
    await page.getByRole('button', { name: 'Begin' }).click();
    await next(page).click();
    for (const what of [
      page.getByRole('timer'),
      page.getByLabel('Cue'),
      page.getByRole('button', { name: 'Pause' }),
      page.getByLabel('Next', { exact: true }),
    ])
      await expect(what).toBeInViewport();
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  });
