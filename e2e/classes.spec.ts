import { expect, test, type Page } from './test';
import { addStudent, FULL, listens, messagesStay, openDemo, tabTo, undo } from './teacher';

/** Puts a student into the class that is open. */
async function add(page: Page, name: string): Promise<void> {
  await page.getByRole('combobox', { name: 'Add a student' }).fill(name);
  await page.getByRole('option', { name }).click();
  await expect(page.getByText(`${name} is in it.`)).toBeVisible();
}

test('a class: who comes, a practice for most, each one’s own rung, taught to the end into each one’s log', async ({
  page,
}) => {
  await messagesStay(page);
  await openDemo(page, '/students?add=1');
  await addStudent(page, 'Sedge Kilnbank');

  await test.step('a class needs a name, and people', async () => {
    await page.goto('/demo/classes');
    await page.getByRole('button', { name: 'Add class' }).click();
    await expect(page.getByText('Give the class a name, for example its day.')).toBeVisible();
    await page.getByLabel('Name of a new class').fill('Tuesday on the slip');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Choose who comes. Then Kolpos tells what they share.')).toBeVisible();
    for (const who of ['Maren Tideway', 'Ilka Rushmere', 'Sedge Kilnbank']) await add(page, who);
    const aims = page.getByRole('region', { name: 'Aims of the class' });
    await expect(aims).toContainText('Lengthen hamstrings');
    await expect(aims).toContainText('Sedge is not measured yet and taken as typical.');
    await expect(aims).toContainText('▲ Ilka: Knee ligament or meniscus injury');
  });

  const build = page.getByRole('button', { name: 'Build a practice' });
  const table = page.getByRole('table', { name: "Each one's own rung" });
  await test.step('nonsense is answered; then it is built, with a rung for each', async () => {
    await page.getByLabel('Minutes').fill('a while');
    await expect(build).toBeEnabled();
    await build.click();
    await expect(page.getByText('Type minutes between 5 and 120.')).toBeVisible();
    await page.getByLabel('Minutes').fill('30');
    await build.click();
    await expect(table).toBeVisible();
    for (const name of ['Maren', 'Ilka', 'Sedge'])
      await expect(table.getByRole('columnheader', { name })).toBeVisible();
    await expect(table.getByText('the same').first()).toBeVisible();
    await expect(table).toContainText(/hamstrings left: \d+\.\d of \d+\.\d/);
  });

  await test.step('a shape is left out and comes back; all of it is there after a reload', async () => {
    const rows = await table.getByRole('row').count();
    await table
      .getByRole('button', { name: /^Leave out/ })
      .nth(2)
      .click();
    await expect(table.getByRole('row')).toHaveCount(rows - 1);
    await undo(page, /left out/);
    await expect(table.getByRole('row')).toHaveCount(rows);
    await page.reload();
    await expect(table.getByRole('row')).toHaveCount(rows);
  });

  await test.step('taught: a class sees cues only; who differs is for the teacher; a reload loses nothing', async () => {
    await page.getByRole('link', { name: 'Teach' }).click();
    await page.getByRole('button', { name: 'Begin' }).click();
    await expect(page.getByText(/Maren|Ilka|Sedge/)).toHaveCount(0);
    await page.getByRole('button', { name: 'Only cues' }).click();
    await expect(page.getByLabel('Who differs')).toContainText(/Everybody does the same|Maren:|Ilka:|Sedge:/);
    await page.getByRole('button', { name: 'Next', exact: true }).click();
    await page.reload();
    await expect(page.getByText(/^2 of \d+/)).toBeVisible();
    await page.goto('/demo');
    await expect(page.getByText('Tuesday on the slip is under way')).toBeVisible();
    await page.getByRole('link', { name: 'Go on teaching' }).click();
    await page.getByRole('button', { name: 'End here' }).click();
  });

  await test.step('each one who was here has it in her log, and nobody else', async () => {
    await page.getByRole('group', { name: 'Who was here' }).getByRole('button', { name: 'Ilka Rushmere' }).click();
    await page.getByRole('button', { name: 'Keep in each one’s log' }).click();
    await expect(table).toBeVisible();
    await page.goto('/demo/student?id=demo-maren&step=progress&part=log');
    await expect(page.getByRole('article').filter({ hasText: 'Tuesday on the slip' })).toHaveCount(1);
    await page.goto('/demo/student?id=demo-ilka&step=progress&part=log');
    await expect(page.getByText('Day by day')).toBeVisible();
    await expect(page.getByText('Tuesday on the slip')).toHaveCount(0);
  });

  await test.step('it is removed, and undo brings it back', async () => {
    await page.goto('/demo/classes');
    await page.getByRole('link', { name: 'Tuesday on the slip' }).click();
    await page.getByRole('button', { name: 'Remove this class' }).click();
    await expect(page.getByRole('link', { name: 'Tuesday on the slip' })).toHaveCount(0);
    await undo(page, /is removed/);
    await expect(page.getByRole('link', { name: 'Tuesday on the slip' })).toBeVisible();
    await page.goto('/demo/class?id=nobody');
    await expect(page.getByText('This class is not here')).toBeVisible();
    await page.goto('/demo/teach?class=demo-class');
    await expect(page.getByText('There is nothing to teach yet')).toBeVisible();
  });
});

test('weeks of a class, and a page to print', FULL, async ({ page }) => {
  await messagesStay(page);
  await openDemo(page, '/classes');
  await page.getByLabel('Name of a new class').fill('Tuesday on the slip');
  await page.keyboard.press('Enter');
  for (const who of ['Maren Tideway', 'Ilka Rushmere']) await add(page, who);
  await page.getByLabel('Minutes').fill('30');
  await page.getByRole('button', { name: 'Build a practice' }).click();
  await expect(page.getByRole('table', { name: "Each one's own rung" })).toBeVisible();
  await test.step('weeks: a theme a week in turn, one chosen, one built, and all of it there after a reload', async () => {
    const ahead = page.getByRole('region', { name: 'Weeks ahead' });
    await ahead.getByLabel('Weeks').fill('a few');
    await ahead.getByRole('button', { name: 'Lay the weeks out' }).click();
    await expect(ahead.getByRole('alert')).toHaveText('Type weeks between 1 and 16.');
    await ahead.getByLabel('Weeks').fill('4');
    await ahead.getByRole('button', { name: 'Lay the weeks out' }).click();
    await expect(ahead.getByRole('listitem')).toHaveCount(4);
    await expect(ahead.getByRole('listitem').last()).toContainText('A little of everything');
    await expect(ahead.getByRole('listitem').last()).toContainText('A lighter week');
    await ahead.getByRole('combobox', { name: 'What week 2 is about' }).click();
    await page.getByRole('option', { name: 'Strong hips' }).click();
    await expect(ahead.getByRole('listitem').nth(1)).toContainText('Strong hips');
    await ahead.getByRole('button', { name: 'Build week 2' }).click();
    const title = page.getByRole('heading', { name: 'Tuesday on the slip: strong hips' });
    await expect(title).toBeVisible();
    await page.reload();
    await expect(title).toBeVisible();
    await expect(ahead.getByRole('listitem').nth(1)).toContainText('Strong hips');
  });

  await test.step('it prints on one page, without buttons', async () => {
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByRole('button', { name: 'Teach' })).toBeHidden();
    const pdf = await page.pdf({ preferCSSPageSize: true });
    expect(pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
    await page.emulateMedia({ media: 'screen' });
  });
});

test('a class by keyboard alone, on a tablet', FULL, async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await openDemo(page);
  await listens(page);
  await page.keyboard.press('g');
  await page.keyboard.press('c');
  await expect(page.getByRole('heading', { name: 'Classes' })).toBeVisible();
  await tabTo(page, /^Thursday before the flood tide/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('The number is the mean weight')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Build a practice' })).toBeEnabled();
  await tabTo(page, /^Minutes/);
  await page.keyboard.press('Control+a');
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  const table = page.getByRole('table', { name: "Each one's own rung" });
  await expect(table).toBeVisible();
  await tabTo(page, /^Teach$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'Begin' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(/^2 of \d+/)).toBeVisible();
});
