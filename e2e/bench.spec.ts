import { expect, test, type Page } from './test';
import { readFileSync } from 'node:fs';
import { FULL, openDemo, rowsOf, tabTo } from './teacher';

/** Drags a knob of the figure by so many pixels. */
async function drag(page: Page, point: string, dx: number, dy: number): Promise<void> {
  const box = await page.locator(`[data-knob="${point}"]`).boundingBox();
  if (!box) throw new Error(`no knob ${point}`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let i = 1; i <= 8; i++) await page.mouse.move(x + (dx * i) / 8, y + (dy * i) / 8);
  await page.mouse.up();
}

test(
  'a pose is made from standing by mouse, kept, taken out, brought in, and ranked for a student',
  FULL,
  async ({ page }, info) => {
    await openDemo(page, '/poses');
    await page.getByRole('link', { name: 'Pose bench' }).click();
    await page.getByRole('button', { name: 'Start from standing' }).click();
    await page.getByLabel('Name', { exact: true }).fill('Boathouse squat');
    const cannot = page.getByRole('list', { name: 'What cannot be' });

    await test.step('the pelvis is pulled down: knees and hips bend, the feet stay', async () => {
      await drag(page, 'pelvis', -8, 70);
      await expect(page.getByLabel('knee flexion', { exact: false }).last()).not.toHaveValue('0');
      await expect(page.getByText('Who holds it up')).toBeVisible();
      await expect(page.getByRole('region', { name: 'What it does' })).toContainText('vasti');
      await expect(cannot).not.toContainText('away from the floor');
    });

    await test.step('nonsense is answered and changes nothing', async () => {
      const knee = page.getByLabel('right knee flexion, degrees');
      const before = await knee.inputValue();
      await knee.fill('900');
      await expect(page.getByText('No knee flexion goes beyond')).toBeVisible();
      await knee.blur();
      await expect(knee).toHaveValue(before);
      await page.getByLabel('Name', { exact: true }).fill('   ');
      await expect(page.getByText('It needs a name')).toBeVisible();
      await page.getByLabel('Name', { exact: true }).blur();
      await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Boathouse squat');
    });

    await test.step('what cannot be is said, keeps it out of the library, and is taken back', async () => {
      await page.getByLabel('right hip flexion, degrees').fill('120');
      await expect(cannot).toContainText('away from the floor that it is to touch');
      await page.getByLabel('in the library').click();
      await expect(page.getByText('It stays on the bench until it can be done.')).toBeVisible();
      await page.getByRole('button', { name: 'Undo' }).click();
      await expect(cannot).not.toContainText('away from the floor that it is to touch');
    });

    await test.step('a reload loses nothing', async () => {
      const knee = await page.getByLabel('right knee flexion, degrees').inputValue();
      // Written down a moment after the last pull.
      await expect
        .poll(async () =>
          [...(await rowsOf(page, 'kolpos-demo', 'poses')).matchAll(/"knee_flexion_worked":([\d.-]+)/g)].map((m) =>
            String(Math.round(Number(m[1]))),
          ),
        )
        .toContain(String(Math.round(Number(knee))));
      await page.reload();
      await expect(page.getByLabel('right knee flexion, degrees')).toHaveValue(knee);
      await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Boathouse squat');
    });

    await test.step('settled and put into the library', async () => {
      await page.getByRole('button', { name: 'Settle on what it touches' }).click();
      await expect(page.getByRole('button', { name: 'Settle on what it touches' })).toBeEnabled();
      await page.getByRole('tab', { name: 'Words' }).click();
      await page.getByLabel('How to come in').fill('Feet under the hips.');
      await page.getByLabel('in the library').check();
      await expect(page.getByLabel('in the library')).toBeChecked();
    });

    const file = info.outputPath('squat.json');
    await test.step('taken out, removed, undone, broken and whole brought in', async () => {
      const download = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Take out' }).click();
      await (await download).saveAs(file);
      expect((JSON.parse(readFileSync(file, 'utf8')) as { format: string }).format).toBe('kolpos/pose');
      await page.getByRole('link', { name: 'All my poses' }).click();
      await expect(page.getByText('in the library', { exact: false }).first()).toBeVisible();
      await page.getByRole('button', { name: 'Remove Boathouse squat' }).click();
      await expect(page.getByRole('button', { name: 'Remove Boathouse squat' })).toBeHidden();
      await page
        .getByLabel('Pose file to bring in')
        .setInputFiles({
          name: 'broken.json',
          mimeType: 'application/json',
          buffer: Buffer.from(readFileSync(file, 'utf8').replace('"sided": true', '"sided": "perhaps"')),
        });
      await expect(page.getByText('pose.sided')).toBeVisible();
      await expect(page.getByText('Boathouse squat')).toHaveCount(1); // the message with its way back
      await page.getByLabel('Pose file to bring in').setInputFiles(file);
      await expect(page.getByRole('button', { name: 'Remove Boathouse squat' })).toBeVisible();
    });

    await test.step('found in the library and in a student, by name', async () => {
      await page.goto('/demo/poses');
      await page.getByLabel('Name').fill('boathouse');
      const found = page.getByRole('region', { name: 'Poses of the library' }).locator('button[data-pose]').first();
      await expect(found).toContainText('Boathouse squat');
      await found.click();
      await expect(page.getByRole('region', { name: 'Boathouse squat' })).toContainText('Feet under the hips.');
      await page.getByRole('button', { name: 'Which of my students does it suit?' }).click();
      await expect(page.getByRole('region', { name: 'Whom it suits' })).toContainText('Maren Tideway');
      await page.goto('/demo/student?id=demo-maren&step=poses');
      await page.getByLabel('Name').fill('boathouse');
      await expect(
        page.getByRole('region', { name: 'Ranked poses' }).locator('button[data-pose]').first(),
      ).toContainText('Boathouse squat');
    });
  },
);

test(
  'the bench is worked by keyboard alone, from a pose of the library, with two windows open',
  FULL,
  async ({ page, context }) => {
    await openDemo(page, '/poses/bench');
    await tabTo(page, /^Start from a pose/);
    await page.keyboard.type('Low lunge');
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Low lunge, my way');

    // The hand rests on the thigh: it is moved from there.
    await tabTo(page, /^Pull the right hand\./);
    for (let i = 0; i < 3; i++) await page.keyboard.press('Shift+ArrowUp');
    await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name: 'Redo' })).toBeEnabled();

    const other = await context.newPage();
    await other.goto(page.url());
    await other.getByLabel('Name', { exact: true }).fill('Changed over there');
    await expect(page.getByText('This pose was changed in another window.')).toBeVisible();
    await page.getByRole('button', { name: 'Show that one' }).click();
    await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Changed over there');
    await other.close();
    await page.goBack();
    await expect(page.getByRole('heading', { name: 'Pose bench' })).toBeVisible();
    await expect(page.getByText('Changed over there')).toBeVisible();
  },
);
