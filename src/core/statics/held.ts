import type { SegmentMass, Skeleton } from '@/core/body';
import type { PushDirection } from './contact-forces';

/** A body that is held: its bones, its weights, and what holds it. */
export interface Held {
  skeleton: Skeleton;
  masses: readonly SegmentMass[];
  pushes: readonly PushDirection[];
  /** Of the whole body, N. */
  weight: number;
}
