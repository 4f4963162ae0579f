import type { PainKind } from '@/core/students/hurt';
import type { Pace } from '@/core/practice/pace';
import type { PracticeItem } from '@/core/practice/practice';
import { taughtOrder } from '@/core/practice/taught-order';
import { setSeconds, transitionBefore } from '@/core/practice/timing';

export interface StepResult {
  item: string;
  pose: string;
  rung: number;
  side: PracticeItem['side'];
  /** Which of its sets it was. */
  set?: PracticeItem['set'];
  plannedSeconds: number;
  doneSeconds: number;
  skipped: boolean;
  placeFelt?: string;
  /** 0 nothing … 10 the most she can imagine. */
  strength?: number;
  stopped?: boolean;
  /** What kind of pain ended it. */
  pain?: PainKind;
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
  /** When it was first set going, and how long it was to take then, seconds: from these it is told how late it is. */
  /** Holds run by the clock, or a breath at a time as it is tapped. */
  pacing?: 'clock' | 'taps';
  begunAt?: number;
  plannedSeconds?: number;
}

export type PlayerEvent =
  | { type: 'tick' }
  | { type: 'pause' }
  | { type: 'resume' }
  | { type: 'next' }
  | { type: 'back' }
  | { type: 'skip' }
  | { type: 'stop-item' }
  /** What kind of pain it was that ended an item. */
  | { type: 'pain'; item: string; kind: PainKind }
  /** So many breaths more for this item; a further repeat where it is done over and over. */
  | { type: 'longer'; breaths: number }
  /** One breath has been breathed, while holds are paced by taps. */
  | { type: 'breath' }
  | { type: 'pacing'; by: 'clock' | 'taps' }
  /** This side once more, right after. */
  | { type: 'again' }
  /** This side, in all sets that are still to come, left out. */
  | { type: 'leave-out' }
  /**
   * Another rung or pose from now on, in all sets that are still to come, and on the other side if that is. `once`: of
   * what it stands in for, nothing comes later.
   */
  | { type: 'exchange'; now: PracticeItem; twin: PracticeItem | null; once?: true }
  /** An item right after this one. */
  | { type: 'add'; next: PracticeItem }
  /** Other holds for what is still to come: items of the same ids, or fewer of them. */
  | { type: 'retime'; later: readonly PracticeItem[] }
  | { type: 'felt'; item: string; placeFelt?: string; strength?: number }
  | { type: 'finish' };

/**
 * Longest jump of the clock that still counts as teaching, ms: browsers let a hidden page tick once a minute. Beyond it
 * the machine slept or the page was closed.
 */
const ASLEEP = 90_000;

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
      items: taughtOrder(items),
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

const span = setSeconds;

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
    ...(item.set && { set: item.set }),
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
    // Paced by taps a hold waits for them; the ways between run on.
    if (s.stage === 'holding' && s.pacing === 'taps') return s;
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
  // What the last item was like is still told after it.
  if (s.stage === 'finished' && !['felt', 'pain', 'back'].includes(event.type)) return s;
  switch (event.type) {
    case 'tick':
      return s;
    case 'pause':
      return { ...s, running: false };
    case 'resume':
      return { ...s, running: true, ...(s.begunAt === undefined && { begunAt: now, plannedSeconds: secondsLeft(s) }) };
    case 'pacing':
      return { ...s, pacing: event.by };
    case 'breath':
      return breathed(s);
    case 'longer':
      return longer(s, event.breaths);
    case 'again': {
      const item = s.items[s.index];
      return item ? inserted(s, item) : s;
    }
    case 'add':
      return inserted(s, event.next);
    case 'exchange':
      return exchanged(s, event);
    case 'retime':
      return retimed(s, event.later);
    case 'next':
      return s.stage === 'moving'
        ? { ...s, stage: 'holding', left: span(s.items[s.index]) }
        : begin(close(s), s.index + 1);
    case 'skip':
      return begin(close(s, { skipped: true }), s.index + 1);
    case 'leave-out':
      return begin(withoutLater(close(s, { skipped: true }), isSame), s.index + 1);
    case 'stop-item':
      // The clock stands while she is looked after; going on is one press. What hurt is not done a second time.
      return { ...begin(withoutLater(close(s, { stopped: true }), isClosedBy), s.index + 1), running: false };
    case 'back':
      return begin(s.stage === 'finished' ? s : close(s), Math.max(0, Math.min(s.items.length, s.index) - 1));
    case 'felt':
      return felt(s, event);
    case 'pain':
      return {
        ...s,
        results: s.results.map((r) => (r.item === event.item && r.stopped ? { ...r, pain: event.kind } : r)),
      };
    case 'finish':
      return { ...close(s), stage: 'finished', left: 0, running: false };
  }
}

/** Where and how strongly an item was felt; said, too, of what is not done yet. */
function felt(s: PlayerState, event: Extract<PlayerEvent, { type: 'felt' }>): PlayerState {
  const item = s.items.find((i) => i.id === event.item);
  if (!item) return s;
  const old = s.results.find((r) => r.item === item.id) ?? {
    item: item.id,
    pose: item.pose,
    rung: item.rung,
    side: item.side,
    ...(item.set && { set: item.set }),
    plannedSeconds: span(item),
    doneSeconds: 0,
    skipped: false,
  };
  const { placeFelt = old.placeFelt, strength = old.strength } = event;
  return { ...s, results: [...s.results.filter((r) => r.item !== item.id), { ...old, placeFelt, strength }] };
}

/** A tapped breath of a hold; after the last the next begins. */
function breathed(s: PlayerState): PlayerState {
  const item = s.items[s.index];
  if (!item || s.stage !== 'holding' || s.pacing !== 'taps') return s;
  const left = s.left - item.holdSeconds / item.breaths;
  return left > 0.01 ? { ...s, left } : begin(close({ ...s, left: 0 }), s.index + 1);
}

/** The current item longer by breaths, or by a repeat. */
function longer(s: PlayerState, breaths: number): PlayerState {
  const item = s.items[s.index];
  if (!item || breaths < 1) return s;
  const breath = item.holdSeconds / item.breaths;
  const next: PracticeItem =
    item.repeats > 1
      ? { ...item, repeats: Math.min(MOST_REPEATS, item.repeats + 1) }
      : {
          ...item,
          breaths: item.breaths + breaths,
          holdSeconds: Math.min(LONGEST_S, item.holdSeconds + breaths * breath),
        };
  const more = span(next) - span(item);
  return {
    ...s,
    items: s.items.map((i) => (i === item ? next : i)),
    left: s.stage === 'holding' ? s.left + more : s.left,
  };
}
const MOST_REPEATS = 20;
const LONGEST_S = 1800;

/** An id that no item has yet, from another. */
const freshId = (items: readonly PracticeItem[], id: string): string => {
  for (let n = 2; ; n++) if (!items.some((i) => i.id === `${id}~${n}`)) return `${id}~${n}`;
};

const isSame = (hurt: PracticeItem, i: PracticeItem): boolean =>
  i.pose === hurt.pose && i.rung === hurt.rung && i.side === hurt.side;
/**
 * What pain in an item closes, as it does from the next lesson on (`core/poses/verdict.ts`): this rung and deeper ones,
 * on this side.
 */
const isClosedBy = (hurt: PracticeItem, i: PracticeItem): boolean =>
  i.pose === hurt.pose && i.rung >= hurt.rung && (i.side === hurt.side || i.side === 'both' || hurt.side === 'both');

/** Without what is still to come of the current item: further sets, and where a shape comes again in a round. */
function withoutLater(s: PlayerState, is: (now: PracticeItem, later: PracticeItem) => boolean): PlayerState {
  const item = s.items[s.index];
  return item ? { ...s, items: s.items.filter((i, at) => at <= s.index || !is(item, i)) } : s;
}

/** A copy of an item behind the current one. */
function inserted(s: PlayerState, item: PracticeItem): PlayerState {
  const copy = { ...item, id: freshId(s.items, item.id) };
  return { ...s, items: [...s.items.slice(0, s.index + 1), copy, ...s.items.slice(s.index + 1)] };
}

/**
 * Something else in place of the current item, for the time it still had; its other side, if that comes later, becomes
 * the same. What was done of it stays in the account.
 */
function exchanged(
  s: PlayerState,
  { now, twin, once }: Omit<Extract<PlayerEvent, { type: 'exchange' }>, 'type'>,
): PlayerState {
  const item = s.items[s.index];
  if (!item) return s;
  const done = s.stage === 'holding' ? span(item) - s.left : 0;
  const kept = done >= 1;
  const left = s.stage === 'holding' && kept && now.repeats === 1 ? Math.max(3, Math.round(s.left)) : now.holdSeconds;
  const next: PracticeItem = {
    ...now,
    ...(item.set && { set: item.set }),
    id: freshId(s.items, item.id),
    holdSeconds: left,
    breaths: Math.max(1, Math.round((left * now.breaths) / now.holdSeconds)),
  };
  const later = s.items.slice(s.index + 1).flatMap((i) => {
    if (i.pose !== item.pose || i.rung !== item.rung) return [i];
    const same = i.side === item.side;
    if (once && i.set) return [];
    const instead = same ? (i.set ? now : null) : i.side === 'both' ? null : twin;
    if (instead) return [{ ...instead, id: i.id, phase: i.phase, ...(i.set && { set: i.set }) }];
    // A shape that works both sides at once leaves nothing to do for the other.
    return !same && i.side !== 'both' && now.side === 'both' ? [] : [i];
  });
  const closed = kept ? close(s) : s;
  const items = [...s.items.slice(0, s.index + (kept ? 1 : 0)), next, ...later];
  return begin({ ...closed, items }, s.index + (kept ? 1 : 0));
}

/** Other holds for the items to come; unknown ids are not let in. */
function retimed(s: PlayerState, later: readonly PracticeItem[]): PlayerState {
  const known = new Set(s.items.slice(s.index + 1).map((i) => i.id));
  return { ...s, items: [...s.items.slice(0, s.index + 1), ...later.filter((i) => known.has(i.id))] };
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
