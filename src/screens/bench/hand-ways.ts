import type { Reach, Vec3 } from '@/core/body';

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
