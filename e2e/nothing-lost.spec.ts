import { expect, test } from './test';
import { FULL, messagesStay, openDemo, rowsOf, stored } from './teacher';

const measure = '/demo/student?id=demo-osk&step=measure';

test('a reload in the middle of Measure loses nothing that was typed', async ({ page }) => {
  await openDemo(page);
  await page.goto(measure);
  await page.getByRole('button', { name: /^Straight leg raise/ }).click();
  const value = page.getByLabel('Leg above the floor, degrees');
  await value.fill('61');
  await page.getByRole('button', { name: 'Add trial 1 of 3' }).click();
  await value.fill('63');
  await page.getByRole('button', { name: 'behind the knee', exact: true }).click();
  await stored(page, 'drafts', '"placeFelt":"behind-knee"');
  await page.reload();
  await page.getByRole('button', { name: /^Straight leg raise/ }).click();
  await expect(value).toHaveValue('63');
  await expect(page.getByText('61°').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'behind the knee', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
});

test('a reload half-way through adding a student finds what was typed', FULL, async ({ page }) => {
  await page.goto('/studio/students?add=1');
  await page.getByLabel('Name', { exact: true }).fill('Moss Ebbing');
  await page.getByLabel('Height, cm').fill('16');
  await stored(page, 'memos', 'Moss Ebbing');
  await expect.poll(() => rowsOf(page, 'kolpos', 'memos')).toMatch(/\\"16\\"|:16/);
  await page.reload();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Moss Ebbing');
  await expect(page.getByLabel('Height, cm')).toHaveValue('16');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.goto('/studio/students?add=1');
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('');
});

test('a reload in the middle of Teach waits at the second it knew', FULL, async ({ page }) => {
  await openDemo(page, '/teach?practice=demo-practice');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await page.getByRole('button', { name: 'Next', exact: true }).click();
  await page.getByRole('button', { name: 'front of the hip' }).click();
  const name = await page.getByRole('heading', { level: 1 }).innerText();
  // It has run for a while and is written down every second.
  await stored(page, 'players', '"front-hip-crease"');
  const first = await page.getByRole('timer').innerText();
  await expect(page.getByRole('timer')).not.toHaveText(first);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
  await expect(page.getByText('paused')).toBeVisible();
  await expect(page.getByRole('button', { name: 'front of the hip' })).toHaveAttribute('aria-pressed', 'true');
  const seconds = (t: string) => Number(t.split(':')[0]) * 60 + Number(t.split(':')[1]);
  const [known] = JSON.parse(await rowsOf(page, 'kolpos-demo', 'players')) as { state: { left: number } }[];
  const shown = seconds(await page.getByRole('timer').innerText());
  expect(shown).toBeLessThanOrEqual(seconds(first));
  expect(Math.abs(shown - known.state.left)).toBeLessThanOrEqual(1);
  await page.goto('/demo');
  await expect(page.getByText('is under way and waits where you left it')).toBeVisible();
  await page.getByRole('link', { name: 'Go on teaching' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
});

test('two tabs see each other’s changes', async ({ page, context }) => {
  await openDemo(page);
  const other = await context.newPage();
  await messagesStay(other);
  await other.goto(measure);
  await expect(other.getByText('16 of 16 readings')).toBeVisible();
  await page.goto('/demo/student?id=demo-osk&step=progress');
  const rows = page.getByRole('row');
  await expect(rows).toHaveCount(17);
  const count = await rows.count();
  await other.getByRole('button', { name: /^Straight leg raise/ }).click();
  await other.getByLabel('Leg above the floor, degrees').fill('77');
  await other.getByRole('button', { name: 'Keep and go on' }).click();
  await expect(rows).toHaveCount(count + 1);
  await expect(page.getByRole('row').nth(1)).toContainText('77°');
  await other.getByRole('button', { name: 'Undo' }).click();
  await expect(rows).toHaveCount(count);
});

test('going back leads to where one was', FULL, async ({ page }) => {
  await openDemo(page);
  await page.getByRole('link', { name: 'Students' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Students' })).toBeVisible();
  await page.getByRole('link', { name: 'Ilka Rushmere', exact: true }).click();
  await page
    .getByRole('navigation', { name: 'Steps' })
    .getByRole('link', { name: /^Findings/ })
    .click();
  await expect(page.getByText('Length and strength, left against right')).toBeVisible();
  await page.goBack();
  await expect(page.getByText('Fewest turns of the body')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
});

test('an address that leads nowhere says so and offers a way', async ({ page }) => {
  await page.goto('/studio/student?id=nobody&step=findings');
  await expect(page.getByRole('heading', { name: 'This student is not here' })).toBeVisible();
  await page.goto('/studio/teach?practice=nothing');
  await expect(page.getByRole('heading', { name: 'This practice is not here' })).toBeVisible();
});

test('a browser that keeps nothing, and a worker that does not start, are told in words', async ({ page, context }) => {
  await test.step('storage switched off', async () => {
    const blocked = await context.newPage();
    await blocked.addInitScript(() => Object.defineProperty(window, 'indexedDB', { value: undefined }));
    await blocked.goto('/studio');
    const told = blocked.getByRole('alert').filter({ hasText: 'does not let Kolpos keep anything' });
    await expect(told).toBeVisible();
    await told.getByRole('button', { name: 'Save a backup of everything' }).click();
    await expect(told.getByText(/nothing to save/)).toBeVisible();
    await blocked.close();
  });
  await test.step('no worker: the screen says so, the others work', async () => {
    await openDemo(page);
    await page.addInitScript(() => {
      const Real = Worker;
      window.Worker = class extends Real {
        constructor(_: string | URL, options?: WorkerOptions) {
          super('/not-there.js', options);
        }
      };
    });
    await page.goto('/demo/student?id=demo-osk&step=findings');
    await expect(page.getByText(/The part of Kolpos that computes has stopped/)).toBeVisible();
    await page.goto('/demo/student?id=demo-osk&step=poses');
    await expect(page.getByText(/The part of Kolpos that computes has stopped/)).toBeVisible();
    await page.goto('/demo/student?id=demo-osk&step=ask');
    await expect(page.getByRole('heading', { name: 'Ask', exact: true })).toBeVisible();
  });
});

test(
  'a lesson in two tabs: one leads, the other follows and may take over, and it is written down once',
  FULL,
  async ({ page, context }) => {
    const at = (tab: typeof page, n: number) => expect(tab.getByText(new RegExp(`^${n} of \\d+ `))).toBeVisible();
    const follows = (tab: typeof page) => tab.getByRole('alert').filter({ hasText: 'being taught in another tab' });
    await openDemo(page);
    const logs = async () => JSON.parse(await rowsOf(page, 'kolpos-demo', 'logs')) as { practice: string }[];
    const taught = async () => (await logs()).filter((l) => l.practice === 'demo-practice').length;
    const before = await taught();
    await page.goto('/demo/teach?practice=demo-practice');
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
    const second = await context.newPage();
    await second.goto('/demo/teach?practice=demo-practice');
    await expect(follows(second)).toBeVisible();
    await page.getByRole('button', { name: 'Next', exact: true }).click();
    await at(page, 2);
    await at(second, 2);
    // What is pressed in the one that follows changes nothing.
    await second.keyboard.press('ArrowRight');
    await at(page, 2);
    await at(second, 2);
    await follows(second).getByRole('button', { name: 'Teach from here' }).click();
    await expect(follows(second)).toBeHidden();
    await expect(follows(page)).toBeVisible();
    await expect(second.getByRole('button', { name: 'Next', exact: true })).toBeVisible();
    // The first press may only end the way into the shape.
    await second.keyboard.press('ArrowRight');
    await second.keyboard.press('ArrowRight');
    await at(second, 3);
    await at(page, 3);
    // The one that follows leads again once the other is closed.
    await second.close();
    await expect(follows(page)).toBeHidden();
    await expect(page.getByRole('button', { name: 'Next', exact: true })).toBeVisible();
    // A press for each way and each shape that is left.
    for (let press = 0; press < 26; press++) await page.keyboard.press('ArrowRight');
    await page.getByRole('button', { name: 'Keep in the log' }).click();
    await expect(page.getByRole('heading', { name: /^Progress of/ })).toBeVisible();
    await expect.poll(taught).toBe(before + 1);
  },
);
