import type { LogEntry } from '@/core/teaching/log';

/** What speaks against asking for more just now, from the last practices. */
export type HeldBack = 'pain' | 'too-strong' | 'unfinished' | 'too-few';

/**
 * Practices that are looked at, strength felt from which nothing is added, and share of the plan that should have been
 * done. Ours.
 */
const LAST = 2;
const TOO_STRONG = 7;
const FINISHED = 0.7;

/** Reasons to stay as it is before the next step; none where the last two practices were done and easy. */
export function heldBack(logs: readonly LogEntry[]): HeldBack[] {
  const last = [...logs].sort((a, b) => (a.startedAt < b.startedAt ? 1 : -1)).slice(0, LAST);
  const out: HeldBack[] = [];
  if (last.some((l) => l.items.some((i) => i.stopped))) out.push('pain');
  if (last.some((l) => l.items.some((i) => (i.strength ?? 0) > TOO_STRONG))) out.push('too-strong');
  const planned = last.reduce((s, l) => s + l.items.reduce((x, i) => x + i.plannedSeconds, 0), 0),
    done = last.reduce((s, l) => s + l.items.reduce((x, i) => x + i.doneSeconds, 0), 0);
  if (planned > 0 && done < FINISHED * planned) out.push('unfinished');
  if (last.length < LAST) out.push('too-few');
  return out;
}
