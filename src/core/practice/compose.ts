import type { Aim } from '@/core/students/student';
import { rungOf } from '@/core/poses';
import type { RankedPose } from '@/core/ranking/rank';
import { valueOf, type Chosen } from './measure';
import type { Goal } from './asked';
import { servedBy } from './doses';
import { breathed, itemOf } from './item';
import type { Placed } from './order';
import { TRANSITIONS } from './pace';
import type { PracticeItem } from './practice';
import { waysWithin } from './timing';
import type { PracticeRequest } from './request';
import { MOST_REPEATS, type PracticeUnit } from './units';

/** From continuous minutes to items in whole breaths that fill the time. */

interface Timed {
  unit: PracticeUnit;
  breaths: number;
  repeats: number;
  /** Breaths more on the tighter side. */
  extra: number;
  /** Minutes on a side at most. */
  most: number;
}

const minutesOf = (t: Timed, breath: number): number => (t.breaths * t.repeats * t.unit.sets * breath) / 60;
export const asChosen = (t: Timed, breath: number): Chosen => ({
  unit: t.unit,
  minutes: minutesOf(t, breath),
  extra: (t.extra * t.unit.sets * breath) / 60,
  most: t.most,
});

/** Seconds that timed units take with the way between them, after what settles. */
export const secondsOf = (list: readonly Timed[], request: PracticeRequest): number =>
  list.reduce(
    (s, t) =>
      s +
      t.unit.sides.length * t.breaths * t.repeats * t.unit.sets * request.breathSeconds +
      t.extra * t.unit.sets * request.breathSeconds +
      TRANSITIONS[request.pace].shape +
      waysWithin(t.unit.sides.length, t.unit.sets, request.pace),
    0,
  );

/**
 * Makes a choice whole breaths: each rounded, then single breaths are given where they do most or taken where they do
 * least, until items and the least or most rest fit the time.
 * @param space seconds for items with the way to each; below `full` minutes are given back
 */
export function wholeBreaths(
  chosen: readonly Chosen[],
  goal: Goal,
  space: { least: number; full: number; most: number },
  fixed: ReadonlyMap<string, Pick<PracticeItem, 'breaths' | 'repeats'>>,
): Timed[] {
  const { request } = goal;
  const breath = request.breathSeconds;
  const list: Timed[] = chosen.map((c) => {
    // What stays as it was stays to the breath.
    const { breaths, repeats } = fixed.get(c.unit.key) ?? breathed(c.unit, c.minutes / c.unit.sets, breath);
    const extra = c.unit.rung.repeats ? 0 : Math.round((c.extra * 60) / (breath * c.unit.sets));
    return { unit: c.unit, breaths, repeats, extra, most: c.most };
  });
  const value = () =>
    valueOf(
      list.map((t) => asChosen(t, breath)),
      goal,
      (space.full - secondsOf(list, request)) / 60,
    );
  for (let round = 0; round < 600; round++) {
    const now = secondsOf(list, request);
    const direction = now > space.most ? -1 : now < space.least ? 1 : 0;
    if (direction === 0) break;
    const before = value();
    let best: Timed | null = null,
      bestRate = -Infinity;
    for (const t of list) {
      if (fixed.has(t.unit.key) || !movable(t, direction, request)) continue;
      step(t, direction);
      const spent = Math.abs(secondsOf(list, request) - now);
      const rate = (value() - before) / Math.max(1, spent);
      step(t, -direction);
      if (rate > bestRate + 1e-15) {
        bestRate = rate;
        best = t;
      }
    }
    if (!best) return list;
    step(best, direction);
  }
  const free = list.filter((t) => !fixed.has(t.unit.key));
  const outside = () => {
    const now = secondsOf(list, request);
    return Math.max(0, space.least - now, now - space.most);
  };
  // First into the time, whatever it costs, then what is worth most within it.
  if (outside() > 0)
    climb(
      () => -outside() + 1e-6 * value(),
      () => true,
      free,
      request,
    );
  if (outside() === 0) climb(value, () => outside() === 0, free, request);
  return list;
}

/** Single breaths given, taken or passed from one to another while that is worth more and `fits` allows it. */
function climb(value: () => number, fits: () => boolean, free: readonly Timed[], request: PracticeRequest): void {
  const moves: readonly (readonly [Timed | null, Timed | null])[] = [
    ...free.map((t) => [t, null] as const),
    ...free.map((t) => [null, t] as const),
    ...free.flatMap((up) => free.filter((down) => down !== up).map((down) => [up, down] as const)),
  ];
  let now = value();
  for (let round = 0; round < ROUNDS; round++) {
    let best: (typeof moves)[number] | null = null,
      most = now + 1e-9;
    for (const [up, down] of moves) {
      if ((up && !movable(up, 1, request)) || (down && !movable(down, -1, request))) continue;
      if (up) step(up, 1);
      if (down) step(down, -1);
      if (fits()) {
        const v = value();
        if (v > most) {
          most = v;
          best = [up, down];
        }
      }
      if (up) step(up, -1);
      if (down) step(down, 1);
    }
    if (!best) return;
    if (best[0]) step(best[0], 1);
    if (best[1]) step(best[1], -1);
    now = most;
  }
}
/** Changes of single breaths that are tried for; few are needed. */
const ROUNDS = 80;

const step = (t: Timed, by: number): void => {
  if (t.unit.rung.repeats) t.repeats += by;
  else t.breaths += by;
};
function movable(t: Timed, by: number, { breathSeconds: breath, ratio }: PracticeRequest): boolean {
  // The tighter side is held so many times as long at most, also once breaths are taken away.
  if (by < 0 && t.extra > (ratio - 1) * (t.breaths - 1) + 0.5) return false;
  const once = t.unit.rung.repeats ? t.breaths * (t.repeats + by) : (t.breaths + by) * t.repeats;
  const next = (once * t.unit.sets * breath) / 60;
  if (t.unit.rung.repeats && (t.repeats + by < 1 || t.repeats + by > MOST_REPEATS)) return false;
  // Half a breath beyond what a rung is usually held is no matter; less than one breath is none.
  const half = (t.unit.sets * breath) / 120;
  return (by > 0 ? next <= t.most + half : next >= t.unit.least - half) && t.breaths + by >= 1;
}

/** Seconds of one side beyond which a stretch wakes nobody up. Ours. */
const WAKES_S = 60;

/** Items of ordered units, each side one after the other. */
export function itemsOf(
  order: readonly Placed[],
  timed: readonly Timed[],
  aims: readonly Aim[],
  request: PracticeRequest,
  from: number,
): PracticeItem[] {
  const out: PracticeItem[] = [];
  let turn = 0,
    awake = false;
  for (const { unit, phase: wished } of order) {
    const t = timed.find((x) => x.unit === unit);
    if (!t) continue;
    // Who stays in a stretch for long, or works hard, is no longer warming up, nor is what follows.
    awake ||=
      unit.kind === 'strength'
        ? unit.rung.level > 1
        : unit.kind === 'stretch' && t.breaths * request.breathSeconds > WAKES_S;
    const phase = wished === 'warm' && awake ? 'approach' : wished;
    const sides = request.first === 'alternate' && turn++ % 2 === 1 ? [...unit.sides].reverse() : unit.sides;
    for (const r of sides) {
      const extra = unit.tighter !== null && r === unit.sides[unit.tighter] ? t.extra : 0;
      const item = itemOf(r, phase, {
        seconds: (t.breaths + extra) * request.breathSeconds,
        breath_s: request.breathSeconds,
        index: from + out.length,
        repeats: t.repeats,
        because: servedBy(r, aims),
      });
      out.push({ ...item, ...(unit.sets > 1 && { sets: unit.sets }) });
    }
  }
  return out;
}

/** Where one arrives and where one rests, the usual first: on the back, and where that is closed on the side. */
const USUAL = {
  settle: ['resting-back/1', 'resting-back/2', 'side-rest/1', 'side-rest/2'],
  rest: ['resting-back/2', 'resting-back/1', 'side-rest/1', 'side-rest/2'],
} as const;

/** A resting shape for the beginning or the end, the plainest that is allowed. */
export function resting(
  ranked: readonly RankedPose[],
  phase: 'settle' | 'rest',
  allowed: (r: RankedPose) => boolean,
): RankedPose | null {
  const fits = ranked.filter((r) => {
    const rung = rungOf(r.pose, r.rung)?.rung;
    // Rest takes what time is left: a shape that a caution shortens cannot.
    const free = r.cautions.length === 0 && r.verdict.hold_s === null && !r.beyondEntry;
    return rung?.kind === 'rest' && rung.phases.includes(phase) && free && allowed(r);
  });
  const usual = USUAL[phase].flatMap((key) => fits.find((r) => `${r.pose}/${r.rung}` === key) ?? []);
  return usual[0] ?? [...fits].sort((a, b) => (`${a.pose}/${a.rung}` < `${b.pose}/${b.rung}` ? -1 : 1))[0] ?? null;
}
