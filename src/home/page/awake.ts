/** A screen that stays awake while a practice plays, where the phone can. */

let lock: WakeLockSentinel | null = null;
let wanted = false;
async function ask(): Promise<void> {
  try {
    if (wanted && document.visibilityState === 'visible' && (!lock || lock.released))
      lock = await navigator.wakeLock.request('screen');
  } catch {
    lock = null;
  }
}
/**
 * Keeps the screen awake while it plays. A phone lets go of it when one looks elsewhere: then it is asked for again.
 */
export function stayAwake(on: boolean): void {
  wanted = on;
  if (on) void ask();
  else {
    void lock?.release().catch(() => undefined);
    lock = null;
  }
}
document.addEventListener('visibilitychange', () => void ask());
