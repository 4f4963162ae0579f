'use client';
import { useCallback, useEffect, useState } from 'react';

/** Whether this tab leads a lesson, follows another tab that does, or does not know yet. */
export type Lead = 'leads' | 'follows' | 'asking';

/**
 * Of all tabs that show a lesson one leads: it keeps the time and writes. The others follow, until that one is closed
 * or somebody presses to take over. Where the browser has no locks (plain http from another machine) every tab leads,
 * as if it were alone.
 * @param name of the lesson; null while there is none
 * @returns `since` counts how often this tab began to lead
 */
export function useLead(name: string | null): { lead: Lead; since: number; takeOver: () => void } {
  const [{ lead, since }, setLead] = useState<{ lead: Lead; since: number }>({ lead: 'asking', since: 0 });
  const [turn, setTurn] = useState<{ steal: boolean }>({ steal: false });
  useEffect(() => {
    if (name === null) return;
    const locks = navigator.locks as LockManager | undefined;
    let over = false;
    let release: () => void = () => undefined;
    const stop = new AbortController();
    const told = (to: Lead) =>
      !over && setLead((now) => ({ lead: to, since: to === 'leads' ? now.since + 1 : now.since }));
    const holding = () =>
      new Promise<void>((done) => {
        release = done;
        // It was granted after this tab had gone on.
        if (over) done();
        else told('leads');
      });
    void (async () => {
      if (!locks) return told('leads');
      const first: LockOptions = turn.steal ? { steal: true } : { ifAvailable: true };
      let next = (): Promise<unknown> => locks.request(name, first, (lock) => lock && holding());
      while (!over) {
        // It ends where another tab has it, where one takes over, and where nobody waits any more.
        await next().catch(() => undefined);
        told('follows');
        // It leads by itself once the other one is closed.
        next = () => locks.request(name, { signal: stop.signal }, holding);
      }
    })();
    return () => {
      over = true;
      stop.abort();
      release();
    };
  }, [name, turn]);
  const takeOver = useCallback(() => setTurn({ steal: true }), []);
  return { lead, since, takeOver };
}
