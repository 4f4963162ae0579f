import { describe, expect, it } from 'vitest';
import { newestOnly } from './interruptible';

/** A computation of so many steps, each taking ten milliseconds of the given clock; tells how many were done. */
function work(steps: number, clock: { ms: number }, done: { steps: number }) {
  return (function* () {
    for (let i = 0; i < steps; i++) {
      clock.ms += 10;
      done.steps++;
      yield i / steps;
    }
    return 'finished';
  })();
}

describe('only the newest computation matters', () => {
  it('an older one stops at its next breath when a newer begins', async () => {
    const clock = { ms: 0 };
    const run = newestOnly(() => clock.ms);
    const first = { steps: 0 },
      second = { steps: 0 };
    const older = run(work(100, clock, first));
    const newer = run(work(100, clock, second));
    expect(await older).toBeNull();
    expect(await newer).toBe('finished');
    expect(first.steps).toBeLessThan(10);
    expect(second.steps).toBe(100);
  });
  it('one alone is finished, and so is the next after it', async () => {
    const clock = { ms: 0 };
    const run = newestOnly(() => clock.ms);
    expect(await run(work(40, clock, { steps: 0 }))).toBe('finished');
    expect(await run(work(40, clock, { steps: 0 }))).toBe('finished');
  });
  it('what fails is told', async () => {
    const run = newestOnly();
    const broken = (function* (): Generator<number, string, void> {
      yield 0;
      throw new Error('no body');
    })();
    await expect(run(broken)).rejects.toThrow('no body');
  });
});
