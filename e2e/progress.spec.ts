import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { openDemo } from './teacher';

const maren = (part: string) => `/demo/student?id=demo-maren&step=progress&part=${part}`;

test('a second round is read against the error of measuring, and led through again when it is worth while', async ({
  page,
}) => {
  await openDemo(page);

  await test.step('aim by aim: changed, or too small to tell, with the dose beside it', async () => {
    await page.goto(maren('change'));
    const hamstrings = page.getByRole('region', { name: 'Lengthen hamstrings left' });
    await expect(hamstrings).toContainText(': changed', { timeout: 30_000 });
    await expect(hamstrings).toContainText(/\d useful minutes on 6 days/, { timeout: 30_000 });
    await expect(page.getByRole('region', { name: 'Lengthen psoas and iliacus left' })).toContainText(
      'too small to tell',
    );
  });

  await test.step('reading by reading: picture and words, the sides, what to keep in mind', async () => {
    const raise = page.getByRole('article').filter({ hasText: 'Straight leg raise ◁ left' });
    await expect(raise).toContainText('14° better, more than the error of measuring');
    await expect(raise).toContainText('The sides differed by');
    await expect(raise.getByRole('img', { name: /over time/ })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Tolerances then and now' })).toBeVisible({ timeout: 30_000 });
  });

  await test.step('tested again as last time: Measure is led by what is asked for', async () => {
    await page.getByRole('tab', { name: 'Test again' }).click();
    await expect(page.getByText('cold as last time')).toBeVisible();
    await page.getByRole('button', { name: /^Measure / }).click();
    await expect(page.getByText(/^0 of \d+ readings/)).toBeVisible();
  });
});

test('weeks are laid out, a missed day is moved, the calendar goes out and comes in moved', async ({ page }) => {
  await openDemo(page);
  await page.goto(maren('weeks'));
  const lay = page.getByRole('button', { name: 'Lay the weeks out anew' });
  await expect(lay).toBeEnabled({ timeout: 30_000 });

  await test.step('nonsense is answered and nothing lost', async () => {
    await page.getByLabel('Minutes a day').fill('lots');
    await lay.click();
    await expect(page.getByText('Type minutes between 5 and 120.')).toBeVisible();
    for (const day of ['Mon', 'Wed', 'Sat']) await page.getByRole('button', { name: day, exact: true }).click();
    await page.getByLabel('Minutes a day').fill('25');
    await lay.click();
    await expect(page.getByText('Choose a day of the week at least.')).toBeVisible();
  });

  await test.step('three weeks of three days', async () => {
    for (const day of ['Tue', 'Thu', 'Sun']) await page.getByRole('button', { name: day, exact: true }).click();
    await page.getByLabel('Weeks', { exact: true }).fill('3');
    await page.getByLabel('From').fill('2027-03-01');
    await lay.click();
    await expect(page.getByText('The weeks are laid out.')).toBeVisible();
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
    await page.getByRole('button', { name: 'Take out as a calendar' }).click();
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

  await test.step('all of it is there after a reload', async () => {
    await page.reload();
    await page.getByRole('tab', { name: 'Weeks ahead' }).click();
    await expect(page.getByText('From 1 March 2027, 3 weeks.')).toBeVisible({ timeout: 30_000 });
  });
});

test('the log is searched and put right, with what stood there before', async ({ page }) => {
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
  await page.getByText('Earlier words').click();
  await expect(page.getByRole('article')).toContainText('sooner than last week');
});
