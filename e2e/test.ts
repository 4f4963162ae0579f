import { test as base, type BrowserContext } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

/**
 * The day every test takes place on, `YYYY-MM-DD`: the same whenever it runs, so that what is green today is green
 * tomorrow. A Monday, when somebody comes to the demo studio. `KOLPOS_DAY` moves it: a run on another day proves that
 * nothing hangs on this one.
 */
const DAY = process.env.KOLPOS_DAY ?? '2026-11-30';

/** Milliseconds from the machine's clock to nine in the morning of that day. */
const shift = Date.parse(`${DAY}T09:00:00`) - Date.now();

/** The present moment, on that day. */
export const nowOnDay = (): Date => new Date(Date.now() + shift);

/** From the next page on, this browser profile is so many days later. */
export const daysPass = (context: BrowserContext, days: number): Promise<void> => moveClock(context, days * 86_400_000);

/** Moves the clock of every page of this browser profile; time goes on from there. @param by milliseconds */
async function moveClock(context: BrowserContext, by: number): Promise<void> {
  await context.addInitScript((ms) => {
    const now = Date.now.bind(Date);
    globalThis.Date = new Proxy(Date, {
      construct: (target, given, self): Date =>
        Reflect.construct(target, given.length > 0 ? given : [now() + ms], self) as Date,
      apply: (target) => new target(now() + ms).toString(),
      get: (target, key, self): unknown => (key === 'now' ? () => now() + ms : Reflect.get(target, key, self)),
    });
  }, by);
}

/** Playwright's test, on that day; `onDay: false` for one that sets the clock by itself. */
export const test = base.extend<{ onDay: boolean }>({
  onDay: [true, { option: true }],
  context: async ({ context, onDay }, go) => {
    if (onDay) await moveClock(context, shift);
    await go(context);
  },
});
