'use client';
import { useSyncExternalStore } from 'react';

/** A choice of this device, not of the studio: kept in the browser, followed in every window. */
export interface DeviceChoice<T extends string> {
  get: () => T;
  set: (value: T) => void;
  /** The choice as it is; follows a change in another window. */
  use: () => T;
}

/**
 * @param values all that can be chosen, ours first: it holds where nothing was chosen or the browser refuses its
 * storage
 */
export function deviceChoice<T extends string>(key: string, values: readonly [T, ...T[]]): DeviceChoice<T> {
  const [ours] = values;
  const listeners = new Set<() => void>();
  const get = (): T => {
    try {
      const stored = localStorage.getItem(key);
      return values.find((v) => v === stored) ?? ours;
    } catch {
      return ours;
    }
  };
  const subscribe = (tell: () => void): (() => void) => {
    listeners.add(tell);
    window.addEventListener('storage', tell);
    return () => {
      listeners.delete(tell);
      window.removeEventListener('storage', tell);
    };
  };
  return {
    get,
    set: (value) => {
      try {
        localStorage.setItem(key, value);
      } catch {
        // Nothing is lost: next time it is ours again.
      }
      for (const tell of listeners) tell();
    },
    use: () => useSyncExternalStore(subscribe, get, () => ours),
  };
}
