import { expect, test, type Page } from './test';
import { execFileSync } from 'node:child_process';
import { FULL, messagesStay, openDemo, rowsOf, stored } from './teacher';

/** Puts a caution up under Ask. */
async function tell(page: Page, name: RegExp): Promise<void> {
  await page.getByRole('combobox', { name: 'Cautions' }).click();
  await page.getByRole('option', { name }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listitem', { name })).toBeVisible();
}

test('a new student is asked nine questions first; one that is not sure closes everything until it is cleared', async ({
  page,
}) => {
  await messagesStay(page);
  await page.goto('/studio/students?add=1');
  await page.getByLabel('Name', { exact: true }).fill('Linnet Sluice');
  await page.getByLabel('Height, cm').fill('166');
  await page.getByLabel('Mass, kg').fill('70');
  await page.getByLabel('Year of birth').fill('1990');
  await page.getByRole('button', { name: 'Add student' }).click();
  const asked = page.getByRole('region', { name: 'First, nine questions' });
  await expect(asked.getByText('0 of 9 asked')).toBeVisible();

  await test.step('measuring, poses, practice stay closed, and say why', async () => {
    for (const step of ['Measure', 'Poses', 'Practice']) {
      await page.getByRole('link', { name: new RegExp(`^${step} ?, empty`) }).click();
      await expect(page.getByText('9 of them are still to be answered')).toBeVisible();
    }
    await page.getByRole('link', { name: 'Ask Linnet' }).click();
  });
  await test.step('answers stay through a reload half-way', async () => {
    const groups = asked.getByRole('radiogroup');
    for (let i = 0; i < 9; i++) {
      await groups
        .nth(i)
        .getByRole('radio', { name: i === 2 ? 'Not sure' : 'No', exact: true })
        .click();
      await expect(asked.getByText(i === 8 ? 'All asked.' : `${i + 1} of 9 asked`)).toBeVisible();
      if (i === 4) {
        await stored(page, 'students', '"growing-weakness":"no"');
        await page.reload();
        await expect(asked.getByText('5 of 9 asked')).toBeVisible();
      }
    }
    await asked.getByLabel('Who asked').fill('Fen');
    await expect(asked.getByText('Do not stretch, press or test this leg.')).toBeVisible();
  });
  await test.step('nothing is tested until somebody lifted it', async () => {
    await asked.getByRole('link', { name: 'Go to Measure' }).click();
    await expect(page.getByRole('heading', { name: 'No tests for now' })).toBeVisible();
    await page.getByRole('link', { name: /^Ask/ }).click();
    const told = page.getByRole('listitem', { name: /^One calf/ });
    await told.getByRole('button', { name: 'Lifted by …' }).click();
    await told.getByLabel('Who lifted it').fill('her GP');
    await told.getByRole('button', { name: 'Lift it' }).click();
    await expect(told).toContainText('lifted by her GP');
    await page.getByRole('link', { name: /^Measure/ }).click();
    await expect(page.getByText('0 of 16 readings')).toBeVisible();
  });
});

test('late pregnancy from Ask to a lesson: only what sits or lies on the side is built', FULL, async ({ page }) => {
  await messagesStay(page);
  await openDemo(page, '/student?id=demo-maren&step=ask');
  await tell(page, /Pregnant, last three months/);
  await expect(page.getByRole('listitem', { name: /Pregnant, last/ })).toContainText('Stays good:');
  await stored(page, 'students', 'pregnancy-late');
  await page.goto('/demo/student?id=demo-maren&step=practice');
  await expect(page.getByText('Something has changed since this was made:')).toBeVisible();
  await page.getByLabel('Minutes').fill('15');
  const build = page.getByRole('button', { name: 'Build a practice' });
  await expect(build).toBeEnabled();
  await build.click();
  await expect(page.getByText('of 15:00 asked')).toBeVisible();
  await expect(page.getByText('Something has changed since this was made:')).toBeHidden();
  const built = (
    JSON.parse(await rowsOf(page, 'kolpos-demo', 'practices')) as { minutes: number; items: { pose: string }[] }[]
  ).find((p) => p.minutes === 15 && p.items.length > 0 && !p.items.some((i) => i.pose === 'high-lunge'));
  const library = JSON.parse(execFileSync('bash', ['bin/kolpos', 'list', 'poses'], { encoding: 'utf8' })) as {
    id: string;
    position: string;
  }[];
  const positions = new Set(built?.items.map((i) => library.find((s) => s.id === i.pose)?.position));
  expect([...positions].filter((p) => p !== 'seated' && p !== 'on the side')).toEqual([]);
  expect(positions.size).toBeGreaterThan(0);
  await page.getByRole('link', { name: 'Teach it' }).click();
  const item = page.getByRole('heading', { level: 1 });
  await expect(page.getByRole('timer')).toBeVisible();
  await expect(item).toBeVisible();
  await expect(page.getByText('Something has changed since this was made:')).toBeHidden();
});

test(
  'a caution told in another tab is out of the practice that is open, and of the lesson',
  FULL,
  async ({ context }) => {
    const page = await context.newPage();
    await openDemo(page, '/student?id=demo-maren&step=practice');
    await expect(page.getByRole('heading', { name: 'Before rowing' })).toBeVisible();
    const other = await context.newPage();
    await other.goto('/demo/student?id=demo-maren&step=ask');
    await tell(other, /Pain at one side of the back of the pelvis/);
    const note = page.getByRole('status').filter({ hasText: 'Something has changed since' });
    await expect(note).toContainText('is closed (Pain at one side of the back of the pelvis)');
    await note.getByRole('button', { name: 'Use these changes' }).click();
    await expect(note).toBeHidden();
    await page.getByRole('link', { name: 'Teach it' }).click();
    await expect(page.getByRole('timer')).toBeVisible();
  },
);

test('what hurt is closed for that side until it is cleared with a word', FULL, async ({ page }) => {
  await messagesStay(page);
  await openDemo(page, '/teach?practice=demo-practice');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Skip' }).click();
  const name = await page.getByRole('heading', { level: 1 }).innerText();
  await page.getByRole('button', { name: '▲ Pain, stop this' }).click();
  await expect(page.getByText(`${name} ended for pain.`)).toBeVisible();
  await page.getByRole('button', { name: 'sharp', exact: true }).click();
  await expect(page.getByText('a clinician looks first', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'End here' }).click();
  await page.getByRole('button', { name: 'Keep in the log' }).click();
  await stored(page, 'students', '"kind":"sharp"');

  await page.goto('/demo/student?id=demo-maren&step=practice');
  await expect(page.getByText(new RegExp(`${name}.* is closed \\(It hurt here on`)).first()).toBeVisible();
  await page.goto('/demo/student?id=demo-maren&step=ask');
  const hurt = page.getByRole('region', { name: 'What hurt' });
  await expect(hurt).toContainText(name);
  await hurt.getByRole('button', { name: 'Clear it' }).click();
  await hurt.getByLabel('Why it may be done again').fill('her physiotherapist has looked');
  await hurt.getByRole('button', { name: 'Clear it' }).click();
  await expect(hurt).toBeHidden();
  await stored(page, 'students', 'her physiotherapist has looked');
  await page.goto('/demo/student?id=demo-maren&step=practice');
  await expect(page.getByRole('heading', { name: 'Before rowing' })).toBeVisible();
  await expect(page.getByText('It hurt here on')).toBeHidden();
});

test(
  'one thing is allowed in spite of a caution: by whom and why is kept, and only that opens',
  FULL,
  async ({ page }) => {
    await openDemo(page, '/student?id=demo-maren&step=ask');
    await tell(page, /^A wrist, elbow or shoulder/);
    const told = page.getByRole('listitem', { name: /^A wrist, elbow or shoulder/ });
    await expect(told).toContainText('weight on hands or forearms');
    await told.getByRole('button', { name: 'Something of it is allowed …' }).click();
    const form = told.getByRole('form', { name: 'What is allowed' });
    await form.getByLabel('What is allowed').selectOption({ label: 'weight on hands or forearms' });
    await form.getByRole('button', { name: 'Allow it' }).click();
    await expect(form.getByText('A name or a role, please.')).toBeVisible();
    await form.getByLabel('Who says so').fill('her physiotherapist');
    await form.getByLabel('What was said').fill('weight on fists is fine');
    await form.getByRole('button', { name: 'Allow it' }).click();
    await expect(told).toContainText('her physiotherapist');
    await expect(told).toContainText('Nothing of it is closed any more.');
    await expect(told).not.toContainText('Tests it locks');
    await stored(page, 'students', '"weight on fists is fine"');
    await page.reload();
    await expect(told).toContainText('weight on fists is fine');
    await told.getByRole('button', { name: /^Not allowed any more/ }).click();
    await expect(told).not.toContainText('her physiotherapist');
    await expect(told).toContainText('Tests it locks');
  },
);
