import { say } from '@/core/languages/spoken';
import { useEffect } from 'react';
import type { Screening } from '@/core/cautions/screen';
import { rungOf, verdictOfRung } from '@/core/poses';
import type { PlayerEvent, PlayerState } from '@/core/teaching/player';

/**
 * Nothing that a caution closes is taught: what came to be closed after the lesson began (in another tab, or before a
 * reload) is skipped when its turn comes. Names what was left out so.
 */
export function useNothingForbidden(
  state: PlayerState | null,
  screening: Screening,
  send: (event: PlayerEvent) => void,
): string[] {
  const shut = (item: PlayerState['items'][number] | undefined): boolean => {
    const found = item && rungOf(item.pose, item.rung);
    return !!found && verdictOfRung(screening, found.shape, item.rung, item.side).state === 'closed';
  };
  const here = state && state.stage !== 'finished' ? state.items[state.index] : undefined;
  const closed = shut(here);
  const id = here?.id;
  useEffect(() => {
    if (closed) send({ type: 'skip' });
  }, [closed, id, send]);
  const left = (state?.results ?? []).filter((r) => r.skipped && shut(state?.items.find((i) => i.id === r.item)));
  return [...new Set(left.map((r) => say(rungOf(r.pose, r.rung)?.shape.name ?? r.pose)))];
}
