'use client';
import { useLiveQuery } from 'dexie-react-hooks';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { paceOf, type Practice, type PracticeItem } from '@/core/practice/practice';
import { taughtOrder } from '@/core/practice/taught-order';
import { advance, hasBegun, startPlayer, wake, type PlayerEvent, type PlayerState } from '@/core/teaching/player';
import { now, type StudioDatabase } from '@/store/studio';
import { ring } from '@/instruments/bell';
import { useLead } from './use-lead';
import { useKeys } from '../shell/use-keys';

const KEYS: Readonly<Record<string, PlayerEvent['type']>> = {
  ArrowRight: 'next',
  PageDown: 'next',
  ArrowLeft: 'back',
  PageUp: 'back',
  s: 'skip',
};

/**
 * Runs the player of a practice: ticks, keys, bell, wake lock, and a copy in the database each second, so that a reload
 * wakes it at the second it knew, standing still. Of several tabs one leads, the others follow.
 */
export function usePlayer(db: StudioDatabase, practice: Practice | undefined) {
  const [state, setState] = useState<PlayerState | null>(null);
  const [bell, setBell] = useState(true);
  const saved = useRef('');
  const id = practice?.id;
  const { lead, since, takeOver } = useLead(id === undefined ? null : `${db.name}/lesson/${id}`);
  const leads = lead === 'leads';

  // Whoever begins to lead goes on from what was written last, by whatever tab.
  const turn = leads && id !== undefined ? `${id} ${since}` : null;
  const [begun, setBegun] = useState<string | null>(null);
  useEffect(() => {
    if (!practice || turn === null || begun === turn) return;
    let current = true;
    void db.players.get(practice.id).then((stored) => {
      if (!current) return;
      setBegun(turn);
      setState(
        stored
          ? wake(stored.state, Date.now())
          : startPlayer(practice.id, practice.student, practice.items, Date.now(), paceOf(practice)),
      );
    });
    return () => {
      current = false;
    };
  }, [db, practice, turn, begun]);

  // A tab that follows shows what the leading one writes.
  const elsewhere = useLiveQuery(async () => (id === undefined ? undefined : db.players.get(id)), [db, id]);
  const notBegun = useMemo(
    () => practice && startPlayer(practice.id, practice.student, practice.items, 0, paceOf(practice)),
    [practice],
  );
  const shown = lead === 'follows' ? (elsewhere?.state ?? notBegun ?? null) : state;

  const send = useCallback(
    (event: PlayerEvent) => leads && setState((s) => s && advance(s, event, Date.now())),
    [leads],
  );

  const running = leads && (state?.running ?? false);
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => send({ type: 'tick' }), 250);
    let lock: WakeLockSentinel | null = null;
    // The screen stays awake where the browser can; where it cannot, teaching goes on all the same.
    const hold = () => {
      if (document.visibilityState !== 'visible') return;
      void navigator.wakeLock
        ?.request('screen')
        .then((l) => (lock = l))
        .catch(() => undefined);
    };
    hold();
    // A browser lets go of it when another window comes to the front.
    document.addEventListener('visibilitychange', hold);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', hold);
      void lock?.release();
    };
  }, [running, send]);

  useEffect(() => {
    if (!state || !id || turn === null || begun !== turn) return;
    // Whatever is pressed is written down at once, and the time every second.
    const holdsOf = (items: readonly PracticeItem[]) => JSON.stringify(items.map((i) => [i.id, i.breaths, i.repeats]));
    const holds = holdsOf(state.items);
    const mark = JSON.stringify([
      state.index,
      state.stage,
      Math.ceil(state.left),
      state.running,
      state.pacing,
      state.results,
      holds,
    ]);
    // What was only looked at leaves nothing behind; what was changed before beginning stays.
    const touched = hasBegun(state) || (practice !== undefined && holds !== holdsOf(taughtOrder(practice.items)));
    if (!touched || mark === saved.current) return;
    saved.current = mark;
    void db.players.put({ practice: id, state, savedAt: now() });
  }, [db, id, practice, state, turn, begun]);

  const beat = state ? `${state.index}/${state.stage}` : '';
  const lastBeat = useRef('');
  useEffect(() => {
    if (lastBeat.current !== '' && lastBeat.current !== beat && bell) ring();
    lastBeat.current = beat;
  }, [beat, bell]);

  useKeys((e) => {
    const target = e.target;
    if (e.key === ' ' && !(target instanceof HTMLElement && target.closest('button, a, [role=button]'))) {
      e.preventDefault();
      if (leads) setState((s) => s && advance(s, { type: s.running ? 'pause' : 'resume' }, Date.now()));
      return;
    }
    const type = KEYS[e.key];
    if (type === 'next' || type === 'back' || type === 'skip') {
      e.preventDefault();
      send({ type });
    }
  });

  return { state: shown, send, bell, setBell, lead, takeOver };
}
