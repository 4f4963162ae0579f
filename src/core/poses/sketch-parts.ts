import type { LimbCoordinate, TrunkCoordinate, Vec3 } from '@/core/body';
import type { PropId } from './format';

/**
 * The parts in which an author writes a rung: joint angles, what bears, where hands go. Names are the model's own
 * (`coordinates.ts`, `points.ts`), so that a wrong one does not compile. The worked side is the one that the rung is
 * about.
 */

/** Degrees that settling must not move. */
export interface Kept {
  readonly kept: number;
}
/** Marks degrees that settling must not move, where it would. */
export const keep = (degrees: number): Kept => ({ kept: degrees });

type Degrees<C extends string> = Readonly<Partial<Record<C, number | Kept>>>;

/** Angles in degrees: of the trunk, of both sides, and what one side has of its own. What is not said is 0. */
export interface SketchAngles {
  trunk?: Degrees<TrunkCoordinate>;
  both?: Degrees<LimbCoordinate>;
  worked?: Degrees<LimbCoordinate>;
  other?: Degrees<LimbCoordinate>;
}
/** Angles laid over each other: later ones win. */
export type Laid = SketchAngles | readonly SketchAngles[];

type Paired =
  'ankle' | 'ball' | 'buttock' | 'calf' | 'elbow' | 'heel' | 'hip' | 'knee' | 'shoulder' | 'thigh' | 'toe' | 'wrist';
type Middle = 'back' | 'back-high' | 'chest' | 'head' | 'pubis' | 'sacrum';

/** A place of the body; `_both` stands for the same of each side. */
export type Landmark = Middle | `${Paired}_${'worked' | 'other' | 'both'}`;
/** A part of her own body that something lies against. */
export type LimbPart = `${'ball' | 'heel' | 'shank' | 'thigh'}_${'worked' | 'other'}`;

/** What bears: on the floor where nothing else is said, on a prop of a usual height, against a part of her own body. */
export type SketchContact =
  Landmark | { point: Landmark; prop: PropId; height_cm?: number } | { point: Landmark; limb: LimbPart };

type HandPlace =
  `${'ankle' | 'ball' | 'calf' | 'heel' | 'hip' | 'knee' | 'shoulder' | 'thigh'}_${'worked' | 'other' | 'same'}`;

/**
 * Where a hand goes and what it does there. `hold`: takes hold; `free`: is beside the place and holds nothing; `flat`:
 * the palm lies on the floor, or on something of a height; `forearm`: so does the whole forearm, its elbow there;
 * `bears`: carries the body, with nothing else on the floor.
 */
export interface SketchHand {
  grip: 'hold' | 'free' | 'flat' | 'forearm' | 'bears';
  /** A place of the body; `_same` is that of the hand's own side. */
  to: HandPlace;
  /** From there, centimetres forward, up and outward. */
  by_cm?: Vec3;
  /** Of what the hand lies on. */
  height_cm?: number;
  /** Which way the elbow points: forward, up and outward of the chest. */
  elbow?: Vec3;
}
/** Hands: of both sides alike, or each for itself. */
export interface SketchHands {
  both?: SketchHand;
  worked?: SketchHand;
  other?: SketchHand;
}
