import { expect, test } from './test';
import { FULL, openDemo, studentOnToday } from './teacher';

test.use({ serviceWorkers: 'allow' });

// That no view asks anybody else for anything is seen where every view is opened (looks.spec.ts).
test('the policy forbids what leaves the origin, on everything that is answered', async ({ page }) => {
  const answer = await page.goto('/demo/settings');
  const policy = answer?.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("connect-src 'self'");
  expect(policy).toMatch(/script-src 'self' 'nonce-[^']+' 'strict-dynamic'(;|$)/);
  expect(policy).not.toContain('unsafe-eval');
  // Whatever is answered says how it may be used: pages, files, scripts, workers, and what is not there.
  const script = await page.evaluate(() => document.querySelector<HTMLScriptElement>('script[src]')?.src ?? '');
  for (const path of [
    '/demo',
    '/demo.json',
    '/record.schema.json',
    '/icon.svg',
    '/iconfoo',
    '/serwist/sw.js',
    script,
  ]) {
    const headers = (await page.request.get(path)).headers();
    expect(headers['content-security-policy'], path).toContain("default-src 'self'");
    expect(headers['x-content-type-options'], path).toBe('nosniff');
    expect(headers['cross-origin-resource-policy'], path).toBe('same-origin');
    expect(headers['permissions-policy'], path).toContain('geolocation=()');
  }
  expect((await page.request.get('/serwist/sw.js')).headers()['cache-control']).toBe('no-cache');
  expect((await page.request.get('/serwist/sw.js.map')).status()).toBe(404);
  for (const path of ['/demo', '/demo.json'])
    for (const method of ['POST', 'DELETE', 'PROPFIND'])
      expect((await page.request.fetch(path, { method })).status(), `${method} ${path}`).toBeLessThan(500);
  const refused = await page.evaluate(() =>
    fetch('https://example.org/').then(
      () => 'let through',
      () => 'refused',
    ),
  );
  expect(refused).toBe('refused');
});

test('works after a reload with the network cut', FULL, async ({ page, context }) => {
  await openDemo(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect
    .poll(() =>
      page.evaluate(async () => {
        let kept = 0;
        for (const name of await caches.keys()) kept += (await (await caches.open(name)).keys()).length;
        return kept;
      }),
    )
    .toBeGreaterThan(20);
  await page.reload();
  await context.setOffline(true);
  await page.reload();
  await expect(studentOnToday(page, 'Maren Tideway')).toBeVisible();
  await page.goto('/demo/student?id=demo-maren&step=findings');
  await expect(page.getByRole('heading', { level: 1 })).toContainText('limited by');
  await page
    .getByRole('link', { name: /^Poses/ })
    .last()
    .click();
  await expect(page.getByText('What it reaches here')).toBeVisible();
});

test(
  'the demo is seen in five stops that a reload and going back keep, and left at any time',
  FULL,
  async ({ page }) => {
    await page.goto('/studio');
    await page.getByRole('link', { name: 'See it work' }).click();
    const card = page.getByRole('region', { name: 'A short look round' });
    await expect(card).toContainText('1 of 5');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('limited by the hamstrings');
    await expect(card.getByRole('link', { name: 'Back' })).toHaveCount(0);
    for (const n of [2, 3, 4, 5]) {
      await card.getByRole('link', { name: 'Next' }).click();
      await expect(card).toContainText(`${n} of 5`);
    }
    await expect(card.getByRole('link', { name: 'Add my first student' })).toBeVisible();
    await page.reload();
    await expect(card).toContainText('5 of 5');
    await page.goBack();
    await expect(card).toContainText('4 of 5');
    await card.getByRole('link', { name: 'Leave' }).click();
    await expect(card).toHaveCount(0);
    await expect(page).toHaveURL(/step=practice$/);
    await page.goto('/demo/student?id=demo-maren&step=findings&look=nonsense');
    await expect(page.getByRole('heading', { level: 1 })).toContainText('limited by the hamstrings');
    await expect(card).toHaveCount(0);
  },
);

test('the demo says what it is, keeps to itself, and can be begun afresh', FULL, async ({ page }) => {
  await openDemo(page, '/students');
  await expect(page.getByText('everyone here is made up')).toBeVisible();
  await page.getByRole('button', { name: 'Archive Maren Tideway' }).click();
  await expect(page.getByRole('link', { name: 'Maren Tideway', exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Start the demo afresh' }).click();
  await expect(page.getByRole('link', { name: 'Maren Tideway', exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'My own studio' }).click();
  await expect(page.getByRole('heading', { name: 'Welcome to Kolpos' })).toBeVisible();
  await expect(page.getByText('everyone here is made up')).toHaveCount(0);
});
