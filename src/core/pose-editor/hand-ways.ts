import { say } from '@/core/languages/spoken';
import type { Reach, Vec3 } from '@/core/body';
import type { Rung, Shape } from '@/core/poses';
import { handHere, withHand } from './edit';

/** A usual place for a hand. */
export interface HandWay {
  id: string;
  words: string;
  /** Level, on the floor or on something; else on the body. */
  level?: { floor: number; forearm?: boolean };
  to?: string;
  whose?: 'same' | 'other';
  /** Metres forward, up and outward of the landmark: the wrist stands that far from it. */
  offset?: Vec3;
}

export const HAND_WAYS: readonly HandWay[] = [
  { id: 'floor', words: 'flat on the floor', level: { floor: 0 } },
  { id: 'block', words: 'on a block', level: { floor: 0.15 } },
  { id: 'chair', words: 'on a chair seat', level: { floor: 0.44 } },
  { id: 'forearm', words: 'forearm on the floor', level: { floor: 0, forearm: true } },
  { id: 'knee-same', words: 'holds the knee of its side', to: 'knee', whose: 'same', offset: [0, 0.07, 0.02] },
  { id: 'knee-other', words: 'holds the other knee', to: 'knee', whose: 'other', offset: [0, 0.07, -0.02] },
  { id: 'calf-same', words: 'holds the shin of its side', to: 'calf', whose: 'same', offset: [0.02, 0, 0.06] },
  { id: 'ankle-same', words: 'holds the ankle of its side', to: 'ankle', whose: 'same', offset: [0, 0.04, 0.03] },
  { id: 'ankle-other', words: 'holds the other ankle', to: 'ankle', whose: 'other', offset: [0, 0.04, -0.03] },
  { id: 'ball-same', words: 'holds the foot of its side', to: 'ball', whose: 'same', offset: [0, 0.03, 0.03] },
  { id: 'hip-same', words: 'on the hip', to: 'hip_bone', whose: 'same', offset: [0.02, 0.02, 0.06] },
];

/** Which of the usual places a hand is at; "" where it is free, "other" where it is somewhere else. */
export function wayOfHand(way: Reach | undefined, hand: 'worked' | 'other'): string {
  if (!way) return '';
  if (way.floor !== undefined)
    return way.forearm ? 'forearm' : way.floor === 0 ? 'floor' : way.floor > 0.3 ? 'chair' : 'block';
  const match = /^(.*)_(worked|other)$/.exec(way.to);
  const whose = match?.[2] === hand ? 'same' : 'other';
  return HAND_WAYS.find((w) => w.to === match?.[1] && w.whose === whose)?.id ?? 'other';
}

type Hand = 'worked' | 'other';
const mate = (hand: Hand): Hand => (hand === 'worked' ? 'other' : 'worked');

/** Where a usual place puts a hand at a depth: on the body at a fixed place, or level where the hand is now. */
function reachOf(rung: Rung, depth: number, hand: Hand, way: HandWay): Reach {
  if (way.level) {
    // Where the arm's own angles hold it: what it reached for before does not count.
    const own = { path: rung.path, reach: {} };
    const { floor, forearm } = way.level;
    return handHere(own, depth, hand, `shoulder_${hand}`, { floor, ...(forearm && { forearm }) });
  }
  return { to: `${say(way.to ?? '')}_${way.whose === 'same' ? hand : mate(hand)}`, offset: way.offset ?? [0, 0, 0] };
}

/**
 * Puts a hand at one of the usual places, or sets it free for an id that is none; both hands where both sides do the
 * same.
 */
export function withHandAt(shape: Pick<Shape, 'sided'>, rung: Rung, depth: number, hand: Hand, id: string): Rung {
  const way = HAND_WAYS.find((w) => w.id === id);
  const put = (r: Rung, h: Hand): Rung => withHand(r, h, way && reachOf(rung, depth, h, way));
  const next = put(rung, hand);
  return shape.sided ? next : put(next, mate(hand));
}

/** Height of what a hand lies on, metres; both hands where both sides do the same. */
export function withHandHeight(shape: Pick<Shape, 'sided'>, rung: Rung, hand: Hand, floor: number): Rung {
  const put = (r: Rung, h: Hand): Rung => {
    const way = r.reach[h];
    return way?.floor === undefined ? r : withHand(r, h, { ...way, floor });
  };
  const next = put(rung, hand);
  return shape.sided ? next : put(next, mate(hand));
}
