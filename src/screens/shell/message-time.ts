'use client';
import { useSyncExternalStore } from 'react';

/** How long messages with a way back stay: some seconds, or until they are closed. Kept for this device. */
export type MessageTime = 'short' | 'stay';

const KEY = 'kolpos-messages';
/** Milliseconds that a message is read in (ours: long enough for two lines). */
export const SHORT_MS = 7000;
const listeners = new Set<() => void>();

/** Where a browser refuses its storage, messages are short. */
function read(): MessageTime {
  try {
    return localStorage.getItem(KEY) === 'stay' ? 'stay' : 'short';
  } catch {
    return 'short';
  }
}

export function setMessageTime(time: MessageTime): void {
  try {
    localStorage.setItem(KEY, time);
  } catch {
    // Nothing is lost: the next message is short again.
  }
  for (const tell of listeners) tell();
}

function subscribe(tell: () => void): () => void {
  listeners.add(tell);
  window.addEventListener('storage', tell);
  return () => {
    listeners.delete(tell);
    window.removeEventListener('storage', tell);
  };
}

/** The choice of this device; follows a change in another window. */
export const useMessageTime = (): MessageTime => useSyncExternalStore(subscribe, read, () => 'short');
