import { useEffect, useState } from 'react';

/** `ready`: a newer version waits; `taken`: another window has taken it, and this one still runs the old one. */
export type Update = 'none' | 'ready' | 'taken';

/**
 * A newer version of the application that has arrived in the background. It waits until no page is open any more, or
 * until it is taken: nothing changes under a lesson.
 * @param workers the browser’s service workers; undefined where it has none
 */
export function useUpdate(
  workers: ServiceWorkerContainer | undefined,
  reload: () => void = () => window.location.reload(),
): { update: Update; take: () => void } {
  const [waiting, setWaiting] = useState<ServiceWorker | null>(null);
  const [taken, setTaken] = useState(false);
  useEffect(() => {
    if (!workers) return;
    let current = true;
    const look = (registration: ServiceWorkerRegistration | undefined): void => {
      // Without a controller this is the first visit: what installs then is no update.
      if (current && registration?.waiting && workers.controller) setWaiting(registration.waiting);
    };
    const watch = (registration: ServiceWorkerRegistration | undefined): void => {
      look(registration);
      registration?.addEventListener('updatefound', () => {
        const coming = registration.installing;
        coming?.addEventListener('statechange', () => look(registration));
      });
    };
    let had = workers.controller !== null;
    const changed = (): void => {
      if (had) setTaken(true);
      had = true;
    };
    workers.addEventListener('controllerchange', changed);
    void workers.ready.then(watch);
    return () => {
      current = false;
      workers.removeEventListener('controllerchange', changed);
    };
  }, [workers]);
  const take = (): void => {
    if (taken || !waiting) return reload();
    workers?.addEventListener('controllerchange', () => reload(), { once: true });
    waiting.postMessage({ type: 'SKIP_WAITING' });
    return undefined;
  };
  return { update: taken ? 'taken' : waiting ? 'ready' : 'none', take };
}
