import type { Pace } from '@/core/practice/pace';
import { transitionBefore, type PracticeItem } from '@/core/practice/practice';

export interface StepResult {
  item: string;
  pose: string;
  rung: number;
  side: PracticeItem['side'];
  plannedSeconds: number;
  doneSeconds: number;
  skipped: boolean;
  placeFelt?: string;
  /** 0 nothing … 10 the most she can imagine. */
  strength?: number;
  stopped?: boolean;
}

export interface PlayerState {
  practice: string;
  student: string;
  items: PracticeItem[];
  /** Of the ways between them; the usual one where none is said. */
  pace?: Pace;
  index: number;
  stage: 'moving' | 'holding' | 'finished';
  /** Seconds left of the stage. */
  left: number;
  running: boolean;
  /** Milliseconds of the last tick. */
  at: number;
  results: StepResult[];
  startedAt: number;
}

export type PlayerEvent =
  | { type: 'tick' }
  | { type: 'pause' }
  | { type: 'resume' }
  | { type: 'next' }
  | { type: 'back' }
  | { type: 'skip' }
  | { type: 'stop-item' }
  | { type: 'felt'; item: string; placeFelt?: string; strength?: number }
  | { type: 'finish' };

/** Longest jump of the clock that still counts as teaching, ms; beyond it the machine slept or the page was closed. */
const ASLEEP = 5000;

/** A player at its beginning, paused before the first item. `now` in ms. */
export function startPlayer(
  practice: string,
  student: string,
  items: readonly PracticeItem[],
  now: number,
  pace: Pace = 'usual',
): PlayerState {
  return begin(
    {
      practice,
      student,
      items: [...items],
      pace,
      index: 0,
      stage: 'holding',
      left: 0,
      running: false,
      at: now,
      results: [],
      startedAt: now,
    },
    0,
  );
}

const span = (item: PracticeItem): number => item.holdSeconds * item.repeats;

function begin(state: PlayerState, index: number): PlayerState {
  if (index >= state.items.length)
    return { ...state, index: state.items.length, stage: 'finished', left: 0, running: false };
  const moving = transitionBefore(state.items, index, state.pace);
  return moving > 0
    ? { ...state, index, stage: 'moving', left: moving }
    : { ...state, index, stage: 'holding', left: span(state.items[index]) };
}

/** Writes what was done of the current item. Items left during the way in count as skipped. */
function close(state: PlayerState, how: { skipped?: boolean; stopped?: boolean } = {}): PlayerState {
  const item = state.items[state.index];
  if (!item) return state;
  const planned = span(item);
  const done = state.stage === 'holding' ? planned - Math.max(0, state.left) : 0;
  const old = state.results.find((r) => r.item === item.id);
  const result: StepResult = {
    ...old,
    item: item.id,
    pose: item.pose,
    rung: item.rung,
    side: item.side,
    plannedSeconds: planned,
    doneSeconds: Math.round(Math.max(done, old?.doneSeconds ?? 0)),
    skipped: how.skipped ?? done === 0,
    ...(how.stopped ? { stopped: true } : {}),
  };
  return { ...state, results: [...state.results.filter((r) => r.item !== item.id), result] };
}

/** Seconds that passed since the last tick; a long sleep counts as none and pauses. */
function elapse(state: PlayerState, now: number): PlayerState {
  if (!state.running) return { ...state, at: now };
  const passed = now - state.at;
  if (passed > ASLEEP || passed < 0) return { ...state, at: now, running: false };
  let left = passed / 1000;
  let s: PlayerState = { ...state, at: now };
  while (left > 0 && s.stage !== 'finished') {
    if (s.left > left) return { ...s, left: s.left - left };
    left -= s.left;
    if (s.stage === 'moving') s = { ...s, stage: 'holding', left: span(s.items[s.index]) };
    else s = begin(close({ ...s, left: 0 }, { skipped: false }), s.index + 1);
  }
  return s;
}

/** The next state. Time passes first, then the event happens; unknown items are ignored. */
export function advance(state: PlayerState, event: PlayerEvent, now: number): PlayerState {
  const s = elapse(state, now);
  if (s.stage === 'finished' && event.type !== 'felt' && event.type !== 'back') return s;
  switch (event.type) {
    case 'tick':
      return s;
    case 'pause':
      return { ...s, running: false };
    case 'resume':
      return { ...s, running: true };
    case 'next':
      return s.stage === 'moving'
        ? { ...s, stage: 'holding', left: span(s.items[s.index]) }
        : begin(close(s), s.index + 1);
    case 'skip':
      return begin(close(s, { skipped: true }), s.index + 1);
    case 'stop-item':
      return begin(close(s, { stopped: true }), s.index + 1);
    case 'back':
      return begin(s.stage === 'finished' ? s : close(s), Math.max(0, Math.min(s.items.length, s.index) - 1));
    case 'felt': {
      const item = s.items.find((i) => i.id === event.item);
      if (!item) return s;
      const old = s.results.find((r) => r.item === item.id) ?? {
        item: item.id,
        pose: item.pose,
        rung: item.rung,
        side: item.side,
        plannedSeconds: span(item),
        doneSeconds: 0,
        skipped: false,
      };
      const { placeFelt = old.placeFelt, strength = old.strength } = event;
      return { ...s, results: [...s.results.filter((r) => r.item !== item.id), { ...old, placeFelt, strength }] };
    }
    case 'finish':
      return { ...close(s), stage: 'finished', left: 0, running: false };
  }
}

/** A stored state after a reload: stands still at the second it knew. */
export const wake = (state: PlayerState, now: number): PlayerState => ({ ...state, running: false, at: now });

/** True once any time has passed or anything was done. */
export const hasBegun = (state: PlayerState): boolean =>
  state.running ||
  state.stage === 'finished' ||
  state.results.length > 0 ||
  state.index > 0 ||
  state.left < span(state.items[0]);

/** Seconds left of the whole practice. */
export function secondsLeft(state: PlayerState): number {
  if (state.stage === 'finished') return 0;
  let sum = state.left + (state.stage === 'moving' ? span(state.items[state.index]) : 0);
  for (let i = state.index + 1; i < state.items.length; i++)
    sum += transitionBefore(state.items, i, state.pace) + span(state.items[i]);
  return sum;
}
