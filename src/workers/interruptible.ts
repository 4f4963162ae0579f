/** Milliseconds of computing after which it is looked whether something newer has come. */
const BREATH_MS = 25;

/** Lets messages in that wait for this thread, without the delay of a timer. */
const pause = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

/**
 * Runs computations of which only the newest matters: when another is begun while one runs, the older one stops at its
 * next breath and gives null.
 */
export function newestOnly(now: () => number = () => performance.now()) {
  let newest = 0;
  return async <T>(steps: Generator<unknown, T, void>): Promise<T | null> => {
    const mine = ++newest;
    let since = now();
    for (;;) {
      const step = steps.next();
      if (step.done) return step.value;
      if (now() - since < BREATH_MS) continue;
      await pause();
      if (mine !== newest) return null;
      since = now();
    }
  };
}
