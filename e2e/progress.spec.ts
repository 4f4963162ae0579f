import { daysPass, expect, test } from './test';
import { readFileSync } from 'node:fs';
import { FULL, keep, openDemo } from './teacher';

const maren = (part: string) => `/demo/student?id=demo-maren&step=progress&part=${part}`;

test('a second round is read against the error of measuring, and led through again when it is worth while', async ({
  page,
}) => {
  await openDemo(page);

  await test.step('aim by aim: changed, with the dose beside it', async () => {
    await page.goto(maren('change'));
    const hamstrings = page.getByRole('region', { name: 'Lengthen hamstrings left' });
    await expect(hamstrings).toContainText(': changed');
    await expect(hamstrings).toContainText(/\d useful minutes on 6 days/);
  });

  await test.step('reading by reading: picture and words, the sides, what to keep in mind', async () => {
    const raise = page.getByRole('article').filter({ hasText: 'Straight leg raise ◁ left' });
    await expect(raise).toContainText('14° better, more than the error of measuring');
    await expect(raise).toContainText('The sides differed by');
    await expect(raise.getByRole('img', { name: /over time/ })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Tolerances then and now' })).toBeVisible();
  });

  await test.step('tested again as last time: Measure is led by what is asked for', async () => {
    await page.getByRole('tab', { name: 'Test again' }).click();
    await expect(page.getByText('cold as last time')).toBeVisible();
    await page.getByRole('button', { name: /^Measure / }).click();
    await expect(page.getByText(/^0 of \d+ readings/)).toBeVisible();
  });
});

test('weeks are laid out, a missed day is moved, the calendar goes out and comes in moved', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto(maren('weeks'));
  const lay = page.getByRole('button', { name: 'Plan the weeks again' });
  await expect(lay).toBeEnabled();

  await test.step('nonsense is answered and nothing lost', async () => {
    await page.getByLabel('Minutes a day').fill('lots');
    await lay.click();
    await expect(page.getByText('Type minutes between 5 and 120.')).toBeVisible();
    for (const day of ['Mon', 'Wed', 'Sat']) await page.getByRole('button', { name: day, exact: true }).click();
    await page.getByLabel('Minutes a day').fill('25');
    await lay.click();
    await expect(page.getByText('Choose at least one day of the week.')).toBeVisible();
  });

  await test.step('three weeks of three days', async () => {
    for (const day of ['Tue', 'Thu', 'Sun']) await page.getByRole('button', { name: day, exact: true }).click();
    await page.getByLabel('Weeks', { exact: true }).fill('3');
    await page.getByLabel('From').fill('2027-03-01');
    await lay.click();
    await expect(page.getByText('The weeks are planned.')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Week 1 of 3' })).toContainText('25 minutes');
  });

  const week = page.getByRole('region', { name: 'Week 1 of 3' });
  await test.step('a missed day has another one, or nothing to make up for', async () => {
    const first = week.getByRole('article').first();
    await expect(first).toContainText('Tuesday 2 March');
    await first.getByRole('button', { name: 'missed' }).click();
    await expect(page.getByText('Missed; that happens.')).toBeVisible();
    await expect(first.getByText(/Do it on|Nothing to make up for/)).toBeVisible();
    await first.getByRole('button', { name: 'missed' }).click();
    await expect(page.getByText('Open again.')).toBeVisible();
  });

  await test.step('out as a calendar that names nobody, and in again with a day moved', async () => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as a calendar' }).click();
    const text = readFileSync(await (await download).path(), 'utf8');
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(9);
    expect(text).not.toMatch(/Maren|hamstrings/);
    const input = page.getByLabel('Calendar file');
    await input.setInputFiles({ name: 'broken.ics', mimeType: 'text/calendar', buffer: Buffer.from('nonsense') });
    await expect(page.getByText(/This is not a calendar/)).toBeVisible();
    const moved = text.replace('DTSTART;VALUE=DATE:20270302', 'DTSTART;VALUE=DATE:20270303');
    expect(moved).not.toBe(text);
    await input.setInputFiles({ name: 'moved.ics', mimeType: 'text/calendar', buffer: Buffer.from(moved) });
    await expect(page.getByText('One day was moved.')).toBeVisible();
    await expect(week.getByRole('article').first()).toContainText('Wednesday 3 March');
    await expect(week.getByRole('article').first()).toContainText('was Tuesday');
  });

  await test.step('the weeks lead to a peak: its rungs, what is missing to each, and its aims among the doses', async () => {
    await page.getByLabel('Leads to a peak').fill('half split');
    await page.getByRole('option', { name: 'Half split' }).click();
    await lay.click();
    const ladder = page.getByRole('region', { name: 'Towards Half split' });
    await expect(ladder.getByRole('listitem')).toHaveCount(3);
    // Her hamstrings are at their comfortable share where its first rung begins: the weeks prepare it.
    await expect(ladder.getByRole('listitem').first()).toContainText(/Today \d+ of 100 of its way/);
    await expect(ladder).toContainText(/Missing to all of it: .*hamstrings/);
    await expect(week).toContainText('lengthen hamstrings right');
  });

  await test.step('all of it is there after a reload', async () => {
    await page.reload();
    await page.getByRole('tab', { name: 'Weeks ahead' }).click();
    await expect(page.getByText('From 1 March 2027, 3 weeks.')).toBeVisible();
    await expect(page.getByRole('region', { name: 'Towards Half split' })).toBeVisible();
    await page.getByRole('button', { name: 'Build practices that lead there' }).click();
    await page.getByText('Wishes: style, place, props, sides, peak').click();
    await expect(page.getByLabel('Leads to a peak')).toHaveValue('Half split');
  });
});

test('the log is searched and put right, with what stood there before', FULL, async ({ page }) => {
  await openDemo(page);
  await page.goto(maren('log'));
  await page.getByLabel('Search the log').fill('calm slip');
  await expect(page.getByRole('article')).toHaveCount(1);
  await page.getByLabel('Search the log').fill('zzz');
  await expect(page.getByText('None with these words.').first()).toBeVisible();
  await page.getByLabel('Search the log').fill('calm');
  const words = page.getByRole('article').getByLabel('Your words');
  await words.fill('Calm. The left leg let go sooner.');
  await words.blur();
  await expect(page.getByText('Your words are kept.')).toBeVisible();
  await page.getByText('As it stood before').click();
  await expect(page.getByRole('article')).toContainText('sooner than last week');

  await test.step('an item too: nonsense is answered, what stood there is kept, undo brings it back', async () => {
    await page.getByRole('button', { name: /^Correct: .* item 2$/ }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Seconds done').fill('a while');
    await dialog.getByRole('button', { name: 'Keep' }).click();
    await expect(dialog.getByText('Type whole seconds, for example 90.')).toBeVisible();
    await dialog.getByLabel('Seconds done').fill('17');
    await dialog.getByRole('combobox', { name: 'Felt where' }).click();
    await page.getByRole('option', { name: 'outer hip', exact: true }).click();
    await dialog.getByRole('button', { name: 'Keep' }).click();
    const item = page.getByRole('article').getByRole('listitem').nth(1);
    await expect(item).toContainText(/0:17 of .* felt outer hip/);
    await page.reload();
    await page.getByLabel('Search the log').fill('outer hip');
    await expect(item).toContainText('0:17');
    await page.getByText('As it stood before').click();
    await expect(page.getByRole('article').getByText(/^until .* of /)).toBeVisible();
  });

  await test.step('day by day: what was found in each round stands beside what was asked and taught', async () => {
    await page.getByLabel('Search the log').fill('found');
    const days = page.getByLabel('Day by day');
    await expect(days.getByText(/^Left, short: straight leg raise \(hamstrings, \d+ in 100\)/)).toHaveCount(2);
  });
});

test(
  'after a third round a change is told since the round that is chosen, and goes home on a sheet',
  FULL,
  async ({ page }) => {
    await openDemo(page);
    // What is read within a week belongs to one round.
    await daysPass(page.context(), 14);
    for (const [at, value] of [
      ['straight-leg-raise/hip-flexion/left', '54'],
      ['straight-leg-raise/hip-flexion/right', '70'],
    ]) {
      await page.goto(`/demo/student?id=demo-maren&step=measure&at=${at}`);
      await page.getByLabel(/Leg above the floor, degrees/).fill(value);
      await keep(page);
      await expect(page.getByText(/is kept/).first()).toBeVisible();
    }
    await page.goto(maren('change'));
    const raise = page.getByRole('article').filter({ hasText: 'Straight leg raise ◁ left' });
    await expect(raise).toContainText('All 3 days together:');
    await expect(raise).toContainText(': changed');

    await test.step('since the last round but one: too small to tell', async () => {
      await page.getByRole('combobox', { name: 'Compare with the round of' }).click();
      await page.getByRole('option', { name: /the last but one$/ }).click();
      await expect(raise).toContainText('too small to tell');
      await page.reload();
      await expect(raise).toContainText('too small to tell');
    });

    await test.step('the sheet says so in her words, and is a PDF of one page', async () => {
      await page.getByRole('link', { name: 'Sheet for Maren' }).click();
      const left = page.getByRole('region', { name: 'Left: straight leg raise' });
      await expect(left).toContainText('About the same');
      const text = await page.getByRole('main').innerText();
      expect(text).not.toMatch(/hamstring|psoas|MDC|SD/);
      const download = page.waitForEvent('download');
      await page.getByRole('button', { name: 'Keep as PDF' }).click();
      const pdf = readFileSync(await (await download).path(), 'latin1');
      expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
      await page.getByRole('link', { name: 'Back to the changes' }).click();
      await expect(raise).toContainText('too small to tell');
    });

    await test.step('without a second round there is nothing to send home', async () => {
      await page.goto('/demo/sheet/progress?id=demo-osk');
      await expect(page.getByText('There is no change to put on a sheet yet')).toBeVisible();
      await page.goto('/demo/sheet/progress?id=nobody');
      await expect(page.getByRole('link', { name: 'All students' })).toBeVisible();
    });
  },
);
